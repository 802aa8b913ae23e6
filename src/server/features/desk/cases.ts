/** The desk's cases in the database. */
import { MoreThan, type EntityManager } from 'typeorm'
import type { z } from 'zod'
import type { DeskCase } from '#core/desk/cases'
import { CaseRow, type CasesQuery, type CaseWrite } from '#shared/api/desk'
import { CustomerRow, DeskCaseRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { Invalid, NotFound } from '../../http/problems'
import type { Actor } from '../catalogue/store'
import { noteHistory, putRecord } from '../records/store'
import type { RecordTable } from '../records/table'

const GONE = 'There is no such case any more.'

/** A case with when and by whom it was written down. */
export type KeptCase = CaseWrite & Pick<CaseRow['case'], 'at' | 'by' | 'phone'>

export const caseTable: RecordTable<KeptCase> = {
  resource: 'cases',
  topic: 'cases',
  one: 'case',
  read: async (manager, row) => {
    const found = await manager.findOne(DeskCaseRow, {
      where: { id: Number(row) },
      lock: { mode: 'pessimistic_write' },
    })
    if (!found) return undefined
    const { id: _, ...value } = toView(found).case
    return { version: found.version, value }
  },
  put: async (manager, row, { version, value }, isNew) => {
    const stored = { version, ...columns(value) }
    if (isNew) await manager.insert(DeskCaseRow, { id: Number(row), ...(stored as object) })
    else await manager.update(DeskCaseRow, { id: Number(row) }, stored)
  },
  drop: async (manager, row) => void (await manager.delete(DeskCaseRow, { id: Number(row) })),
  title: ({ question }) => question.slice(0, 80),
  sent: (row, value) => ({ ...value, id: Number(row) }),
  check: (manager, value) => checkCustomer(manager, value),
}

export class CaseStore {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  /** The latest first, filtered by the database; `before`: from after that one on; `most`: so many of them. */
  async all({ q = '', due, handedTo, waiting, before, most, ...keys }: z.output<typeof CasesQuery> = {}): Promise<
    CaseRow[]
  > {
    const asked = searchText(q)
    const query = this.manager
      .createQueryBuilder(DeskCaseRow, 'one')
      .orderBy('one.at', 'DESC')
      .addOrderBy('one.id', 'DESC')
    if (asked !== '') query.andWhere('MATCH(one.words) AGAINST (:asked IN BOOLEAN MODE)', { asked })
    for (const [key, value] of Object.entries(keys))
      if (value !== undefined) query.andWhere(`one.${key} = :${key}`, { [key]: value })
    if (due !== undefined) query.andWhere("one.followUp <= :due AND one.outcome = 'open'", { due })
    if (handedTo !== undefined) query.andWhere("JSON_VALUE(one.facts, '$.handedTo') = :handedTo", { handedTo })
    if (waiting !== undefined)
      query.andWhere(
        "one.outcome = 'open' AND JSON_VALUE(one.facts, '$.phone') = 1 AND NOT JSON_EXISTS(one.facts, '$.answer')",
      )
    if (before !== undefined)
      query.andWhere('(one.at, one.id) < (SELECT past.at, past.id FROM desk_case past WHERE past.id = :before)', {
        before,
      })
    if (most !== undefined) query.limit(most)
    return (await query.getMany()).map(toView)
  }

  async one(id: number): Promise<CaseRow> {
    const row = await this.manager.findOneBy(DeskCaseRow, { id })
    if (!row) throw new NotFound(GONE)
    return toView(row)
  }

  /** `at`: of a case that is written down later. */
  async add(content: CaseWrite, actor: Actor): Promise<CaseRow> {
    return (await this.addAll([{ content, actor }]))[0] as CaseRow
  }

  /** All of them or none. */
  async addAll(cases: readonly { content: CaseWrite; actor: Actor }[]): Promise<CaseRow[]> {
    return this.writes.run('cases', async (manager) => {
      const rows: CaseRow[] = []
      for (const { content, actor } of cases) {
        const value: KeptCase = { ...content, at: actor.at.toISOString(), by: actor.name }
        rows.push(await insertCase(manager, value, actor))
      }
      return rows
    })
  }

  /** Throws `Conflict` with both versions where somebody else was first. */
  async change(id: number, expects: number, content: CaseWrite, actor: Actor): Promise<CaseRow> {
    return this.writes.run('cases', async (manager) => {
      const row = await caseTable.read(manager, String(id))
      if (!row) throw new NotFound(GONE)
      await checkCustomer(manager, content)
      const { at, by, phone } = row.value
      const value: KeptCase = { ...content, at, by, ...(phone ? { phone } : {}) }
      const version = await putRecord(manager, actor, caseTable, { row: String(id), value, expects })
      return { version, case: { ...value, id } }
    })
  }

  /** It can be brought back from the history. Throws `Conflict` where somebody else has changed it meanwhile. */
  async remove(id: number, expects: number, actor: Actor): Promise<void> {
    await this.writes.run('cases', (manager) =>
      putRecord(manager, actor, caseTable, { row: String(id), value: null, expects }),
    )
  }

  /** Cases older than so many months lose whose they were. */
  async forgetNames(months: number, now: Date): Promise<void> {
    const before = new Date(now)
    before.setUTCMonth(before.getUTCMonth() - months)
    await this.writes.run('cases', async (manager) => {
      await manager.query('UPDATE desk_case SET customer = NULL WHERE customer IS NOT NULL AND at < ?', [before])
      await manager.query(
        "DELETE FROM shop_history WHERE resource = 'cases' AND `of_id` IN (SELECT CAST(id AS CHAR) FROM desk_case " +
          'WHERE at < ?)',
        [before],
      )
    })
  }

  async any(): Promise<boolean> {
    return (await this.manager.countBy(DeskCaseRow, { id: MoreThan(0) })) > 0
  }
}

/** Within somebody's write. */
export const insertCase = async (manager: EntityManager, value: KeptCase, actor: Actor): Promise<CaseRow> => {
  await checkCustomer(manager, value)
  const { identifiers } = await manager.insert(DeskCaseRow, { version: 1, ...columns(value) })
  const id = identifiers[0]?.['id'] as number
  await noteHistory(manager, actor, [{ resource: 'cases', row: String(id), version: 1, before: null, after: value }])
  return { version: 1, case: { ...value, id } }
}

const columns = ({ customer, trouble, at, by, ...content }: KeptCase) => ({
  at: new Date(at),
  by,
  customer: customer ?? null,
  trouble: trouble ?? null,
  words: [content.question, content.advice].filter(Boolean).join('\n'),
  outcome: content.outcome,
  model: content.model ?? null,
  technique: content.technique ?? null,
  followUp: content.followUp ?? null,
  content,
})

const toView = ({ id, version, at, by, customer, trouble, content }: DeskCaseRow): CaseRow =>
  CaseRow.parse({
    version,
    case: {
      ...(content as object),
      id,
      at: at.toISOString(),
      by,
      ...(customer === null ? {} : { customer }),
      ...(trouble === null ? {} : { trouble }),
    },
  })

const checkCustomer = async (manager: EntityManager, { customer }: CaseWrite): Promise<void> => {
  if (customer !== undefined && !(await manager.findOneBy(CustomerRow, { id: customer })))
    throw new Invalid('The case does not hold together.', [
      { path: ['customer'], message: `there is no customer “${customer}”` },
    ])
}

/** Words as MariaDB's boolean mode takes them: each must be there, or begin so. */
const searchText = (words: string): string =>
  words
    .split(/[^\p{L}\d]+/u)
    .filter((word) => word.length >= 3)
    .map((word) => `+${word}*`)
    .join(' ')

export const asCases = (rows: readonly CaseRow[]): DeskCase[] => rows.map((row) => row.case as DeskCase)
