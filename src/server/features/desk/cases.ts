/** The desk's cases in the database. */
import { MoreThan, type DataSource, type EntityManager } from 'typeorm'
import type { DeskCase } from '#core/desk/cases'
import { CaseRow, type CaseWrite } from '#shared/api/desk'
import { CustomerRow, DeskCaseRow } from '../../database/entities/index'
import { Conflict, Invalid, NotFound } from '../../http/problems'
import type { Actor } from '../catalogue/store'

const GONE = 'There is no such case any more.'

export class CaseStore {
  constructor(private readonly database: DataSource) {}

  /** The latest first. `words`: full text over question and advice, as prefixes. */
  async all(words = ''): Promise<CaseRow[]> {
    const asked = searchText(words)
    const query = this.database.manager
      .createQueryBuilder(DeskCaseRow, 'one')
      .orderBy('one.at', 'DESC')
      .addOrderBy('one.id', 'DESC')
    if (asked !== '') query.where('MATCH(one.words) AGAINST (:asked IN BOOLEAN MODE)', { asked })
    return (await query.getMany()).map(toView)
  }

  async one(id: number): Promise<CaseRow> {
    const row = await this.database.manager.findOneBy(DeskCaseRow, { id })
    if (!row) throw new NotFound(GONE)
    return toView(row)
  }

  /** `at`: of a case that is written down later. */
  async add(content: CaseWrite, actor: Actor): Promise<CaseRow> {
    return (await this.addAll([{ content, actor }]))[0] as CaseRow
  }

  /** All of them or none. */
  async addAll(cases: readonly { content: CaseWrite; actor: Actor }[]): Promise<CaseRow[]> {
    return this.database.transaction(async (manager) => {
      const rows: CaseRow[] = []
      for (const { content, actor } of cases) {
        const { name, at } = actor
        await checkCustomer(manager, content)
        const row = { version: 1, at, by: name, ...columns(content) }
        const { identifiers } = await manager.insert(DeskCaseRow, row as never)
        const id = identifiers[0]?.['id'] as number
        rows.push({ version: 1, case: { ...content, id, at: at.toISOString(), by: name } })
      }
      return rows
    })
  }

  /** Throws `Conflict` with both versions where somebody else was first. */
  async change(id: number, version: number, content: CaseWrite): Promise<CaseRow> {
    return this.database.transaction(async (manager) => {
      const row = await manager.findOne(DeskCaseRow, { where: { id }, lock: { mode: 'pessimistic_write' } })
      if (!row) throw new NotFound(GONE)
      if (row.version !== version) {
        const theirs = { version: row.version, value: toView(row).case }
        throw new Conflict('Somebody else has changed this case meanwhile.', [
          { resource: 'cases', row: String(id), yours: content, theirs },
        ])
      }
      await checkCustomer(manager, content)
      await manager.update(DeskCaseRow, { id }, { version: version + 1, ...columns(content) } as never)
      return { version: version + 1, case: { ...content, id, at: row.at.toISOString(), by: row.by } }
    })
  }

  async remove(id: number): Promise<void> {
    const { affected } = await this.database.manager.delete(DeskCaseRow, { id })
    if (!affected) throw new NotFound(GONE)
  }

  /** Cases older than so many months lose whose they were. */
  async forgetNames(months: number, now: Date): Promise<void> {
    const before = new Date(now)
    before.setUTCMonth(before.getUTCMonth() - months)
    await this.database.query('UPDATE desk_case SET customer = NULL WHERE customer IS NOT NULL AND at < ?', [before])
  }

  async any(): Promise<boolean> {
    return (await this.database.manager.countBy(DeskCaseRow, { id: MoreThan(0) })) > 0
  }
}

const columns = ({ customer, trouble, ...content }: CaseWrite) => ({
  customer: customer ?? null,
  trouble: trouble ?? null,
  words: [content.question, content.advice].filter(Boolean).join('\n'),
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
