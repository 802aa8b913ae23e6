/**
 * What telephone cards tell the shop, without an account: that a card worked, or a question, which becomes a case. How
 * much one link and one address may leave is bounded exactly, also where many come at once.
 */
import { In, IsNull, MoreThan, Not, type EntityManager } from 'typeorm'
import type { Question } from '#core/answer/types'
import { NO_STOP } from '#core/desk/cases'
import type { WorkedStage } from '#core/desk/worked'
import { CaseRow, WorkedStages, type CaseWrite, type PhoneTold } from '#shared/api/desk'
import { CardReportRow, DeskCaseRow, SharedCardRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { NotFound, Problem } from '../../http/problems'
import { digest } from '../../http/token'
import { insertCase } from './cases'
import { GONE, type LinkedCard } from './linkedCard'

/** Of one card; of a class's pass, which opens the cards of many. */
const MOST_WORKED = { one: 1, many: 200 }
const MOST_CASES = { one: 3, many: 40 }
const HOUR_MS = 3_600_000
/** A class sits behind one address. */
const MOST_OF_SENDER_AN_HOUR = 30

export class TooManyMessages extends Problem {
  constructor() {
    super(429, 'That was often enough for now: please ring the shop, or come by.')
  }
}

/** Who sent it, and when. */
export interface Sent {
  key: string
  address: string
  at: Date
}

export class PhoneReports {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  /** Once a telephone and a link; said again it changes nothing. Throws `TooManyMessages`. */
  async worked(card: LinkedCard, method: string, stages: readonly WorkedStage[], sent: Sent): Promise<void> {
    await this.writes.run('sharedCards', async (manager) => {
      if (!(await claim(manager, card, sent))) return
      const { question, link, many } = card
      const said = await manager.countBy(CardReportRow, { link, worked: Not(IsNull()) })
      if (said >= (many ? MOST_WORKED.many : MOST_WORKED.one)) return
      await manager.insert(CardReportRow, { ...rowOf(question, method, link, sent), worked: stages })
    })
  }

  /** A new case of the desk. Throws `TooManyMessages`. */
  async ask(card: LinkedCard, method: string, content: CaseWrite, sent: Sent): Promise<void> {
    await this.writes.run(['cases', 'sharedCards'], async (manager) => {
      if (!(await claim(manager, card, sent))) return
      const { question, link, many } = card
      const asked = await manager.countBy(CardReportRow, { link, worked: IsNull() })
      const since = new Date(sent.at.getTime() - HOUR_MS)
      const sender = digest(sent.address)
      const lately = await manager.countBy(CardReportRow, { sender, at: MoreThan(since), worked: IsNull() })
      if (asked >= (many ? MOST_CASES.many : MOST_CASES.one) || lately >= MOST_OF_SENDER_AN_HOUR)
        throw new TooManyMessages()
      const value = { ...content, at: sent.at.toISOString(), by: FROM_PHONE, phone: true }
      const row = await insertCase(manager, value, { name: FROM_PHONE, at: sent.at })
      await manager.insert(CardReportRow, { ...rowOf(question, method, link, sent), case: row.case.id })
    })
  }

  /** At a link to one card whatever was asked there; at a class's pass what these keys asked. */
  async told({ link, many }: LinkedCard, keys: readonly string[]): Promise<PhoneTold> {
    const own = new Set(keys.map(digest))
    const where = many ? { link, keyHash: In([...own]) } : { link }
    const reports = await this.manager.find(CardReportRow, { where, order: { id: 'DESC' } })
    const ids = reports.flatMap(({ case: id }) => (id === null ? [] : [id]))
    const rows = await this.manager.findBy(DeskCaseRow, { id: In(ids) })
    const contents = new Map(rows.map(({ id, content }) => [id, CaseRow.shape.case.partial().parse(content)]))
    return {
      worked: reports.some(({ worked }) => worked !== null),
      asked: reports.flatMap(({ at, worked, case: id, keyHash }) => {
        const content = id === null ? undefined : contents.get(id)
        if (worked !== null || !content) return []
        const { question, answer, stop: heard } = content
        const stop = heard === NO_STOP ? undefined : heard
        return [{ at: at.toISOString(), answer, stop, words: own.has(keyHash) ? question : undefined }]
      }),
    }
  }

  /** What it worked with, for each customer that said so. */
  async workedWith({ model, technique, fabric }: Question, method: string): Promise<WorkedStage[][]> {
    const card = { model, technique, fabric, method }
    const reports = await this.manager.findBy(CardReportRow, { ...card, worked: Not(IsNull()) })
    return reports.map(({ worked }) => WorkedStages.parse(worked))
  }
}

const FROM_PHONE = 'a customer’s telephone'

/**
 * Whoever comes at the same moment waits for the link's row. Whether there is anything left to do: not where the same
 * key was here before.
 */
const claim = async (manager: EntityManager, { link }: LinkedCard, { key }: Sent): Promise<boolean> => {
  const held = await manager.findOne(SharedCardRow, { where: { id: link }, lock: { mode: 'pessimistic_write' } })
  if (!held) throw new NotFound(GONE)
  return !(await manager.existsBy(CardReportRow, { keyHash: digest(key) }))
}

const rowOf = ({ model, technique, fabric }: Question, method: string, link: number, { key, address, at }: Sent) => ({
  link,
  keyHash: digest(key),
  at,
  sender: digest(address),
  model,
  technique,
  fabric,
  method,
  worked: null,
  case: null,
})
