/** The only wiring: configuration in, a running application out. */
import { pino } from 'pino'
import { indexCatalogue } from '#core/catalogue/index'
import { demoAccounts } from '#demo/accounts'
import type { Config } from './config'
import { beginServing, connect } from './database/connect'
import { logged } from './database/faults'
import { alone, migrate } from './database/migrate'
import { Writes } from './database/writes'
import { checkedBundle, importBundle } from './features/bundle/merge'
import { CardCache } from './features/cards/cardCache'
import { CatalogueStore } from './features/catalogue/store'
import { ChangeStream } from './features/changes/stream'
import { calendarTable, CupboardStore, suppliesTable } from './features/classes/cupboard'
import { ClassPlanning } from './features/classes/planning'
import { classTable, ClassStore } from './features/classes/store'
import { CoverageService } from './features/coverage/service'
import { customerTable, CustomerStore } from './features/customers/store'
import { Daily } from './features/daily'
import { AskService } from './features/desk/askService'
import { CaseStore, caseTable } from './features/desk/cases'
import { PhoneReports } from './features/desk/phoneReports'
import { Outbox } from './features/outbox/outbox'
import { LessonStore, lessonTable } from './features/practice/lessons'
import { RecordHistory } from './features/records/store'
import type { RecordTable } from './features/records/table'
import { SessionService } from './features/session/service'
import { SignInLimit } from './features/session/signInLimit'
import { SettingsService, settingsTable } from './features/settings/service'
import { createApp } from './http/app'
import { Door } from './http/door'
import { Links } from './http/links'
import { routes } from './routes'
import type { Services } from './services'
import { WorkBoard } from './work/board'
import { CardBodies } from './features/classes/handouts/cardBodies'
import { Workers } from './work/workers'

export const compose = async (config: Config, now: () => Date = () => new Date()) => {
  const log = pino({ level: config.logLevel, serializers: { err: logged } })
  const database = await connect(config.databaseUrl)
  const workers = new Workers()
  const writes = new Writes(database, now)
  const { manager } = database
  const ending = new AbortController()
  const changes = new ChangeStream(manager, writes, (error) => log.error({ err: error }, 'changes were not looked for'))
  const settings = new SettingsService(writes, manager, now)
  const services: Services = {
    config,
    database,
    ask: new AskService(writes, manager, now),
    cards: new CardCache(),
    cases: new CaseStore(writes, manager),
    phone: new PhoneReports(writes, manager),
    catalogue: new CatalogueStore(writes, database),
    classes: new ClassStore(writes, manager),
    planning: new ClassPlanning(workers),
    cupboard: new CupboardStore(writes, manager),
    lessons: new LessonStore(writes, manager),
    outbox: new Outbox(writes, manager),
    coverage: new CoverageService(),
    customers: new CustomerStore(writes, manager),
    sessions: new SessionService(writes, database, now),
    signInLimit: new SignInLimit(database, now),
    settings,
    writes,
    changes,
    stopping: ending.signal,
    records: new RecordHistory(writes, manager, [
      classTable,
      customerTable,
      caseTable,
      suppliesTable,
      calendarTable,
      settingsTable,
      lessonTable,
    ] as RecordTable[]),
    links: new Links(config, settings),
    door: new Door(),
    work: new WorkBoard(),
    workers,
    bodies: new CardBodies(workers),
    now,
    log,
  }
  await alone(database, async (renewed) => {
    await migrate(database, renewed)
    if (config.demo) await loadDemo(services)
  })
  const daily = new Daily(services)
  await daily.look()
  beginServing(database)
  return {
    app: createApp(services, routes),
    services,
    /** What goes on for long ends; what was asked is still answered. */
    end: () => {
      ending.abort()
      changes.close()
    },
    daily,
    close: async () => {
      ending.abort()
      daily.close()
      changes.close()
      await workers.close()
      await database.destroy()
    },
  }
}

/** Loads the demo's people, customers, classes and catalogue where there are none; does nothing the second time. */
export const loadDemo = async ({
  cases,
  catalogue,
  classes,
  cupboard,
  customers,
  sessions,
  now,
}: Services): Promise<void> => {
  // Each part whole or not at all: a start that is cut off goes on with what is missing.
  if (!(await sessions.hasUsers())) await sessions.addUsers(demoAccounts)
  const { bundle } = await catalogue.snapshot()
  if (bundle.makes.length > 0) return
  const [{ demoBundle }, { demoCustomers }, { demoClasses }, { demoSupplies }, { demoCases }] = await Promise.all([
    import('#demo/bundle'),
    import('#demo/customers'),
    import('#demo/classes'),
    import('#demo/cupboard'),
    import('#demo/cases'),
  ])
  const demo = checkedBundle(demoBundle())
  const index = indexCatalogue(demo)
  // The catalogue comes last: where it is missing, whatever broke off before it is done again, and nothing twice.
  const actor = { name: 'Handhold demo', at: now() }
  await customers.takeIn(demoCustomers(), index, actor)
  const titles = new Set((await classes.all()).map((row) => row.class.title))
  const ids = new Map((await customers.all()).map(({ customer }) => [customer.name, customer.id]))
  for (const one of demoClasses(now(), ids)) if (!titles.has(one.title)) await classes.add(one, index, actor)
  if (!(await cases.any()))
    await cases.addAll(demoCases(now(), ids).map(({ at, by, case: content }) => ({ content, actor: { name: by, at } })))
  if ((await cupboard.supplies()).version === 0) await cupboard.keep({ version: 0, supplies: demoSupplies() }, actor)
  await importBundle(catalogue, actor, demo)
}
