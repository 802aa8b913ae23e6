/** What the shop sells and keeps for its classes, and its calendar: two lists that are kept as a whole. */
import type { DataSource, EntityManager } from 'typeorm'
import { Cupboard, ShopCalendar } from '#shared/api/classes'
import { ShopSettingRow } from '../../database/entities/index'
import { Conflict } from '../../http/problems'

const CUPBOARD = 'cupboard'
const CALENDAR = 'calendar'

export class CupboardStore {
  constructor(private readonly database: DataSource) {}

  async supplies(manager: EntityManager = this.database.manager): Promise<Cupboard> {
    return Cupboard.parse((await read(manager, CUPBOARD)) ?? { version: 0, supplies: [] })
  }

  /** Throws `Conflict` with both lists where somebody else was first. */
  async keep({ version, supplies }: Cupboard): Promise<Cupboard> {
    return this.database.transaction(async (manager) => {
      // The row is there before it is locked, so that two first writers wait for each other too.
      await manager.query('INSERT IGNORE INTO shop_setting (name, facts) VALUES (?, ?)', [
        CUPBOARD,
        JSON.stringify({ version: 0, supplies: [] }),
      ])
      await manager.findOne(ShopSettingRow, { where: { name: CUPBOARD }, lock: { mode: 'pessimistic_write' } })
      const now = await this.supplies(manager)
      if (now.version !== version) {
        const theirs = { version: now.version, value: now.supplies }
        throw new Conflict('Somebody else has changed the store cupboard meanwhile.', [
          { resource: 'supplies', row: CUPBOARD, yours: supplies, theirs },
        ])
      }
      const next = { version: version + 1, supplies }
      await manager.update(ShopSettingRow, { name: CUPBOARD }, { content: next } as never)
      return next
    })
  }

  async calendar(): Promise<ShopCalendar> {
    return ShopCalendar.parse((await read(this.database.manager, CALENDAR)) ?? { events: [] })
  }

  async keepCalendar(calendar: ShopCalendar): Promise<void> {
    await this.database.manager.upsert(ShopSettingRow, { name: CALENDAR, content: calendar } as never, ['name'])
  }
}

const read = async (manager: EntityManager, name: string): Promise<unknown> =>
  (await manager.findOneBy(ShopSettingRow, { name }))?.content
