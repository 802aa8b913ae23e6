/** What the shop sells and keeps for its classes, and its calendar: two lists that are kept as a whole. */
import type { EntityManager } from 'typeorm'
import { Cupboard, ShopCalendar } from '#shared/api/classes'
import { ShopSettingRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import type { Actor } from '../catalogue/store'
import { putRecord } from '../records/store'
import type { Kept, RecordTable } from '../records/table'

const CUPBOARD = 'cupboard'
const CALENDAR = 'calendar'

type Supplies = Cupboard['supplies']
/** Of a list that was never written. */
const NEVER = 0

export const suppliesTable: RecordTable<Supplies> = {
  resource: 'supplies',
  topic: 'cupboard',
  one: 'store cupboard',
  read: async (manager) => {
    const { version, supplies } = Cupboard.parse(await lockedRow(manager, CUPBOARD, { version: NEVER, supplies: [] }))
    return { version, value: supplies }
  },
  put: (manager, _, { version, value }) => rewrite(manager, CUPBOARD, { version, supplies: value }),
  drop: async (manager) => void (await manager.delete(ShopSettingRow, { name: CUPBOARD })),
  title: () => 'Store cupboard',
  check: () => undefined,
}

export const calendarTable: RecordTable<ShopCalendar> = {
  resource: 'calendar',
  topic: 'calendar',
  one: 'calendar',
  read: async (manager): Promise<Kept<ShopCalendar>> => {
    const { version = NEVER, ...value } = (await lockedRow(manager, CALENDAR, { version: NEVER, events: [] })) as {
      version?: number
    }
    return { version, value: ShopCalendar.parse(value) }
  },
  put: (manager, _, { version, value }) => rewrite(manager, CALENDAR, { version, ...value }),
  drop: async (manager) => void (await manager.delete(ShopSettingRow, { name: CALENDAR })),
  title: ({ file }) => (file === undefined ? 'The shop’s calendar' : `The shop’s calendar, from ${file}`),
  check: () => undefined,
}

export class CupboardStore {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  async supplies(): Promise<Cupboard> {
    return Cupboard.parse((await read(this.manager, CUPBOARD)) ?? { version: NEVER, supplies: [] })
  }

  /** Throws `Conflict` with both lists where somebody else was first. */
  async keep({ version: expects, supplies }: Cupboard, actor: Actor): Promise<Cupboard> {
    return this.writes.run('cupboard', async (manager) => {
      const version = await putRecord(manager, actor, suppliesTable, { row: CUPBOARD, value: supplies, expects })
      return { version, supplies }
    })
  }

  async calendar(): Promise<ShopCalendar> {
    return ShopCalendar.parse((await read(this.manager, CALENDAR)) ?? { events: [] })
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
const lockedRow = async (manager: EntityManager, name: string, first: unknown): Promise<unknown> => {
  await manager.query('INSERT IGNORE INTO shop_setting (name, facts) VALUES (?, ?)', [name, JSON.stringify(first)])
  const row = await manager.findOne(ShopSettingRow, { where: { name }, lock: { mode: 'pessimistic_write' } })
  return row?.content
}

const rewrite = async (manager: EntityManager, name: string, content: unknown): Promise<void> => {
  await manager.update(ShopSettingRow, { name }, { content } as never)
}
