/** What the shop sells and keeps for its classes, and its calendar: two lists that are kept as a whole. */
import type { EntityManager } from 'typeorm'
import { ShopCalendar, Supply, type Cupboard } from '#shared/api/classes'
import { CalendarEventRow, ShopSettingRow, SupplyRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import type { Actor } from '../catalogue/store'
import { putRecord } from '../records/store'
import type { RecordTable } from '../records/table'

const CUPBOARD = 'cupboard'
const CALENDAR = 'calendar'

type Supplies = Cupboard['supplies']
/** Of a list that was never written. */
const NEVER = 0
const EVENTS_A_STATEMENT = 500

export const suppliesTable: RecordTable<Supplies> = {
  resource: 'supplies',
  topic: 'cupboard',
  one: 'store cupboard',
  read: async (manager) => ({
    version: versionOf(await lockedRow(manager, CUPBOARD)),
    value: await suppliesIn(manager),
  }),
  put: async (manager, _, { version, value }) => {
    await manager.update(ShopSettingRow, { name: CUPBOARD }, { content: { version } })
    await manager.createQueryBuilder().delete().from(SupplyRow).execute()
    const rows = value.map(({ width = null, price = null, ...one }, place) => ({ place, width, price, ...one }))
    if (rows.length > 0) await manager.insert(SupplyRow, rows)
  },
  drop: (manager, row) => suppliesTable.put(manager, row, { version: NEVER, value: [] }, false),
  title: () => 'Store cupboard',
  sent: (_, value) => value,
  check: () => undefined,
}

export const calendarTable: RecordTable<ShopCalendar> = {
  resource: 'calendar',
  topic: 'calendar',
  one: 'calendar',
  read: async (manager) => {
    const content = await lockedRow(manager, CALENDAR)
    return { version: versionOf(content), value: await calendarIn(manager, content) }
  },
  put: async (manager, _, { version, value: { events, ...facts } }) => {
    await manager.update(ShopSettingRow, { name: CALENDAR }, { content: { version, ...facts } })
    await manager.createQueryBuilder().delete().from(CalendarEventRow).execute()
    for (let from = 0; from < events.length; from += EVENTS_A_STATEMENT)
      await manager.insert(
        CalendarEventRow,
        events.slice(from, from + EVENTS_A_STATEMENT).map(({ place = null, ...event }) => ({ place, ...event })),
      )
  },
  drop: (manager, row) => calendarTable.put(manager, row, { version: NEVER, value: { events: [] } }, false),
  title: ({ file }) => (file === undefined ? 'The shop’s calendar' : `The shop’s calendar, from ${file}`),
  sent: (_, value) => value,
  check: () => undefined,
}

const suppliesIn = async (manager: EntityManager): Promise<Supplies> =>
  (await manager.find(SupplyRow, { order: { place: 'ASC' } })).map(({ what, of, pack, width, price, shelf }) =>
    Supply.parse({ what, of, pack, shelf, ...(width === null ? {} : { width }), ...(price === null ? {} : { price }) }),
  )

/** In the order in which the file had them. */
const calendarIn = async (manager: EntityManager, content: unknown): Promise<ShopCalendar> => {
  const { read, file } = (content ?? {}) as { read?: string; file?: string }
  const rows = await manager.find(CalendarEventRow, { order: { id: 'ASC' } })
  const events = rows.map(({ id: _, place, ...event }) => ({ ...event, ...(place === null ? {} : { place }) }))
  return ShopCalendar.parse({
    events,
    ...(read === undefined ? {} : { read }),
    ...(file === undefined ? {} : { file }),
  })
}

const versionOf = (content: unknown): number => (content as { version?: number } | undefined)?.version ?? NEVER

export class CupboardStore {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  async supplies(): Promise<Cupboard> {
    return { version: versionOf(await read(this.manager, CUPBOARD)), supplies: await suppliesIn(this.manager) }
  }

  /** Throws `Conflict` with both lists where somebody else was first. */
  async keep({ version: expects, supplies }: Cupboard, actor: Actor): Promise<Cupboard> {
    return this.writes.run('cupboard', async (manager) => {
      const version = await putRecord(manager, actor, suppliesTable, { row: CUPBOARD, value: supplies, expects })
      return { version, supplies }
    })
  }

  async calendar(): Promise<ShopCalendar> {
    return calendarIn(this.manager, await read(this.manager, CALENDAR))
  }

  /** It takes the place of the one before. */
  async keepCalendar(calendar: ShopCalendar, actor: Actor): Promise<void> {
    await this.writes.run('calendar', (manager) =>
      putRecord(manager, actor, calendarTable, { row: CALENDAR, value: calendar, expects: 'any' }),
    )
  }
}

const read = async (manager: EntityManager, name: string): Promise<unknown> =>
  (await manager.findOneBy(ShopSettingRow, { name }))?.content

/** The row is there before it is locked, so that two first writers wait for each other too. */
const lockedRow = async (manager: EntityManager, name: string): Promise<unknown> => {
  await manager.query('INSERT IGNORE INTO shop_setting (name, facts) VALUES (?, ?)', [
    name,
    JSON.stringify({ version: NEVER }),
  ])
  const row = await manager.findOne(ShopSettingRow, { where: { name }, lock: { mode: 'pessimistic_write' } })
  return row?.content
}
