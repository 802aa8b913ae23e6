/** The shop’s own choices; what nobody has chosen is the usual. */
import type { DataSource } from 'typeorm'
import { USUAL_TOLERANCE } from '#core/samples/spread'
import { ShopSettings } from '#shared/api/samples'
import { ShopSettingRow } from '../../database/entities'

const USUAL: ShopSettings = { tolerance: USUAL_TOLERANCE }

export class SettingsService {
  constructor(private readonly database: DataSource) {}

  async read(): Promise<ShopSettings> {
    const rows = await this.database.manager.find(ShopSettingRow)
    return ShopSettings.parse({ ...USUAL, ...Object.fromEntries(rows.map(({ name, facts }) => [name, facts])) })
  }

  async write(settings: ShopSettings): Promise<void> {
    const rows = Object.entries(settings).map(([name, facts]) => ({ name, facts }))
    await this.database.manager.upsert(ShopSettingRow, rows as never, ['name'])
  }
}
