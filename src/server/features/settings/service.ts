/** The shop’s own choices; what nobody has chosen is the usual. */
import { In, type EntityManager } from 'typeorm'
import { USUAL_TOLERANCE } from '#core/samples/spread'
import { ShopSettings, type ShopSettingsRow } from '#shared/api/samples'
import { ShopSettingRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import type { Actor } from '../catalogue/store'
import { putRecord } from '../records/store'
import type { RecordTable } from '../records/table'

const KEPT_MS = 5000
const USUAL: ShopSettings = { tolerance: USUAL_TOLERANCE, forgetNamesAfter: 24 }
const VERSION = 'settingsVersion'
const ROW = 'settings'

export const settingsTable: RecordTable<ShopSettings> = {
  resource: 'settings',
  topic: 'settings',
  one: 'choice of the shop',
  read: async (manager) => {
    // The row is there before it is locked, so that two first writers wait for each other too.
    await manager.query('INSERT IGNORE INTO shop_setting (name, facts) VALUES (?, ?)', [VERSION, '0'])
    const row = await manager.findOne(ShopSettingRow, { where: { name: VERSION }, lock: { mode: 'pessimistic_write' } })
    return { version: Number(row?.content ?? 0), value: await choicesIn(manager) }
  },
  put: async (manager, _, { version, value }) => {
    const rows = Object.entries({ ...value, [VERSION]: version }).map(([name, content]) => ({ name, content }))
    const left = Object.keys(ShopSettings.shape).filter((name) => !(name in value))
    await manager.upsert(ShopSettingRow, rows, ['name'])
    if (left.length > 0) await manager.delete(ShopSettingRow, { name: In(left) })
  },
  drop: async (manager) => void (await manager.delete(ShopSettingRow, { name: In(Object.keys(ShopSettings.shape)) })),
  title: () => 'The shop’s own choices',
  sent: (_, value) => value,
  check: () => undefined,
}

const choicesIn = async (manager: EntityManager): Promise<ShopSettings> => {
  const rows = await manager.findBy(ShopSettingRow, { name: In(Object.keys(ShopSettings.shape)) })
  return ShopSettings.parse({ ...USUAL, ...Object.fromEntries(rows.map(({ name, content }) => [name, content])) })
}

export class SettingsService {
  private cached: { settings: ShopSettings; until: number } | undefined

  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
    private readonly now: () => Date,
  ) {
    // Also what is taken back is seen at once.
    writes.heard((topics) => {
      if (topics.includes('settings')) this.cached = undefined
    })
  }

  /** As they are, or were a moment ago: what another server process wrote is seen within five seconds. */
  async read(): Promise<ShopSettings> {
    const now = this.now().getTime()
    if (!this.cached || this.cached.until < now)
      this.cached = { settings: await choicesIn(this.manager), until: now + KEPT_MS }
    return this.cached.settings
  }

  /** With the version to write over. */
  async row(): Promise<ShopSettingsRow> {
    const row = await this.manager.findOneBy(ShopSettingRow, { name: VERSION })
    return { version: Number(row?.content ?? 0), settings: await choicesIn(this.manager) }
  }

  /** Throws `Conflict` with both where somebody else was first. */
  async write({ version: expects, settings }: ShopSettingsRow, actor: Actor): Promise<ShopSettingsRow> {
    return this.writes.run('settings', async (manager) => {
      const version = await putRecord(manager, actor, settingsTable, { row: ROW, value: settings, expects })
      return { version, settings }
    })
  }
}
