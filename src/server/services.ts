import type { Logger } from 'pino'
import type { DataSource } from 'typeorm'
import type { Config } from './config'
import type { Writes } from './database/writes'
import type { CardCache } from './features/cards/cardCache'
import type { CatalogueStore } from './features/catalogue/store'
import type { ChangeStream } from './features/changes/stream'
import type { CupboardStore } from './features/classes/cupboard'
import type { ClassPlanning } from './features/classes/planning'
import type { ClassStore } from './features/classes/store'
import type { CoverageService } from './features/coverage/service'
import type { CustomerStore } from './features/customers/store'
import type { AskService } from './features/desk/askService'
import type { CaseStore } from './features/desk/cases'
import type { PhoneReports } from './features/desk/phoneReports'
import type { Outbox } from './features/outbox/outbox'
import type { LessonStore } from './features/practice/lessons'
import type { RecordHistory } from './features/records/store'
import type { SessionService } from './features/session/service'
import type { SignInLimit } from './features/session/signInLimit'
import type { SettingsService } from './features/settings/service'
import type { Door } from './http/door'
import type { Links } from './http/links'
import type { WorkBoard } from './work/board'
import type { CardBodies } from './features/classes/handouts/cardBodies'
import type { Workers } from './work/workers'

/** What the routes work with; made once, in compose. */
export interface Services {
  config: Config
  database: DataSource
  ask: AskService
  cards: CardCache
  cases: CaseStore
  phone: PhoneReports
  catalogue: CatalogueStore
  classes: ClassStore
  planning: ClassPlanning
  cupboard: CupboardStore
  coverage: CoverageService
  customers: CustomerStore
  lessons: LessonStore
  outbox: Outbox
  changes: ChangeStream
  /** Says that the application ends: what goes on for long ends with it. */
  stopping: AbortSignal
  records: RecordHistory
  /** The one way in which anything is written. */
  writes: Writes
  sessions: SessionService
  signInLimit: SignInLimit
  settings: SettingsService
  links: Links
  door: Door
  work: WorkBoard
  workers: Workers
  bodies: CardBodies
  now: () => Date
  log: Logger
}
