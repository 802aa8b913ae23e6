/** Every address of the API, in one list. */
import { z } from 'zod'
import { editionRoutes } from './features/bundle/editionRoutes'
import { mergeRoutes } from './features/bundle/mergeRoutes'
import { bundleRoutes } from './features/bundle/routes'
import { cardRoutes } from './features/cards/routes'
import { csvRoutes } from './features/catalogue/csvRoutes'
import { historyRoutes } from './features/catalogue/historyRoutes'
import { pageRoutes } from './features/catalogue/pageRoutes'
import { rowRoutes } from './features/catalogue/rowRoutes'
import { cupboardRoutes } from './features/classes/cupboardRoutes'
import { classPlanRoutes } from './features/classes/planRoutes'
import { classRoutes } from './features/classes/routes'
import { coverageRoutes } from './features/coverage/routes'
import { customerRoutes } from './features/customers/routes'
import { fitRoutes } from './features/fits/routes'
import { importRoutes } from './features/imports/routes'
import { machinePhotoRoutes } from './features/samples/machinePhotoRoutes'
import { lessonRoutes } from './features/practice/lessonRoutes'
import { linkRoutes } from './features/practice/linkRoutes'
import { shareRoutes } from './features/desk/shareRoutes'
import { phoneRoutes } from './features/desk/phoneRoutes'
import { askRoutes } from './features/desk/askRoutes'
import { deskRoutes } from './features/desk/routes'
import { outboxRoutes } from './features/outbox/routes'
import { practiceRoutes } from './features/practice/routes'
import { peopleRoutes } from './features/session/peopleRoutes'
import { sessionRoutes } from './features/session/routes'
import { labelRoutes } from './features/samples/labelRoutes'
import { changeRoutes } from './features/changes/routes'
import { recordRoutes } from './features/records/routes'
import { sampleRoutes } from './features/samples/routes'
import { settingsRoutes } from './features/settings/routes'
import { translateRoutes } from './features/translate/routes'
import { workbenchRoutes } from './features/workbench/routes'
import { workRoutes } from './work/routes'
import { openApiDocument } from './http/openapi'
import { route, sends, type RouteDefinition } from './http/route'

const Health = z.object({ ready: z.boolean(), revision: z.int() })

const metaRoutes = [
  route({
    method: 'get',
    path: '/api/health',
    summary: 'Whether the server answers and reaches its database',
    tag: 'Service',
    for: 'everyone',
    result: Health,
    handle: async ({ services }) => ({ ready: true, revision: (await services.catalogue.snapshot()).revision }),
  }),
  route({
    method: 'get',
    path: '/api/openapi.json',
    summary: 'This description of the API',
    tag: 'Service',
    for: 'everyone',
    result: sends<ReturnType<typeof openApiDocument>>(z.looseObject({ openapi: z.string() })),
    handle: () => document(),
  }),
]

export const routes: readonly RouteDefinition[] = [
  ...metaRoutes,
  ...sessionRoutes,
  ...peopleRoutes,
  ...cardRoutes,
  ...rowRoutes,
  ...csvRoutes,
  ...pageRoutes,
  ...historyRoutes,
  ...importRoutes,
  ...fitRoutes,
  ...coverageRoutes,
  ...translateRoutes,
  ...workbenchRoutes,
  ...sampleRoutes,
  ...labelRoutes,
  ...customerRoutes,
  ...classRoutes,
  ...classPlanRoutes,
  ...cupboardRoutes,
  ...recordRoutes,
  ...changeRoutes,
  ...outboxRoutes,
  ...shareRoutes,
  ...phoneRoutes,
  ...lessonRoutes,
  ...machinePhotoRoutes,
  ...askRoutes,
  ...deskRoutes,
  ...practiceRoutes,
  ...linkRoutes,
  ...settingsRoutes,
  ...bundleRoutes,
  ...mergeRoutes,
  ...editionRoutes,
  ...workRoutes,
]

let made: ReturnType<typeof openApiDocument> | undefined
const document = () => (made ??= openApiDocument(routes))
