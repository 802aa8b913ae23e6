/** The shop’s own choices; what nobody has chosen is the usual. */
import { In, type DataSource } from 'typeorm'
import { USUAL_TOLERANCE } from '#core/samples/spread'
import { ShopSettings } from '#shared/api/samples'
import { ShopSettingRow } from '../../database/entities/index'

const KEPT_MS = 5000
const USUAL: ShopSettings = { tolerance: USUAL_TOLERANCE, forgetNamesAfter: 24 }

export class SettingsService {
  private cached: { settings: ShopSettings; until: number } | undefined

  constructor(
    private readonly database: DataSource,
    private readonly now: () => Date,
  ) {}

  /** As they are, or were a moment ago: what another server process wrote is seen within five seconds. */
  async read(): Promise<ShopSettings> {
    const now = this.now().getTime()
    if (!this.cached || this.cached.until < now) this.cached = { settings: await this.load(), until: now + KEPT_MS }
    return this.cached.settings
  }

  private async load(): Promise<ShopSettings> {
    const rows = await this.database.manager.findBy(ShopSettingRow, { name: In(Object.keys(ShopSettings.shape)) })
    return ShopSettings.parse({ ...USUAL, ...Object.fromEntries(rows.map(({ name, content }) => [name, content])) })
  }

  async write(settings: ShopSettings): Promise<void> {
    const rows = Object.entries(settings).map(([name, content]) => ({ name, content }))
    const left = Object.keys(ShopSettings.shape).filter((name) => !(name in settings))
    await this.database.transaction(async (manager) => {
      await manager.upsert(ShopSettingRow, rows as never, ['name'])
      if (left.length > 0) await manager.delete(ShopSettingRow, { name: In(left) })
    })
    this.cached = undefined
  }
}
