import type { Logger } from 'pino'
import type { DataSource } from 'typeorm'
import type { Config } from './config'
import type { CatalogueStore } from './features/catalogue/store'
import type { ClassStore } from './features/classes/store'
import type { CoverageService } from './features/coverage/service'
import type { CustomerStore } from './features/customers/store'
import type { SessionService } from './features/session/service'
import type { SettingsService } from './features/settings/service'

/** What the routes work with; made once, in compose. */
export interface Services {
  config: Config
  database: DataSource
  catalogue: CatalogueStore
  classes: ClassStore
  coverage: CoverageService
  customers: CustomerStore
  sessions: SessionService
  settings: SettingsService
  now: () => Date
  log: Logger
}
