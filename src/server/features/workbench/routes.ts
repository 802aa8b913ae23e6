import { QuestionError } from '#core/answer/question'
import { workbenchInputOf } from '#core/card/workbenchInput'
import { WorkbenchQuery, WorkbenchInputView, Sheet } from '#shared/api/workbench'
import { Invalid } from '../../http/problems'
import { ANY_ROLE, FILE, route, sends } from '../../http/route'
import { defined } from '../practice/linkRoutes'
import { answered } from '../cards/routes'
import { sheetOrRefuse } from './sheetPdf'

export const workbenchRoutes = [
  route({
    method: 'get',
    path: '/api/hand',
    summary: 'What the workbench starts from: machine, fabric, and what the card fits and sets',
    tag: 'Workbench',
    for: ANY_ROLE,
    query: WorkbenchQuery,
    result: sends<WorkbenchInputView>(WorkbenchInputView),
    refuses: [422],
    handle: async ({ query, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const { technique, model, fabric, layers, ...asked } = query
      const { index } = snapshot
      const find = <T>(map: ReadonlyMap<string, T>, id: string | undefined, what: string): T | undefined => {
        if (id === undefined) return undefined
        const found = map.get(id)
        if (!found) throw unknown(what, id)
        return found
      }
      const named = {
        model: find(index.models, model, 'model'),
        fabric: find(index.fabrics, fabric, 'fabric'),
        technique: find(index.techniques, technique, 'technique'),
      }
      const layered = layers ? { layers } : {}
      const answer =
        technique && model && fabric
          ? answered(snapshot, defined({ technique, model, fabric, ...layered, ...asked }))
          : undefined
      return workbenchInputOf(snapshot, {
        ...(named.model ? { model: named.model } : {}),
        ...(named.fabric ? { fabric: named.fabric } : {}),
        ...(named.technique ? { technique: named.technique } : {}),
        ...layered,
        ...(answer ? { answer } : {}),
      })
    },
  }),
  route({
    method: 'post',
    path: '/api/workbench/sheet.pdf',
    summary: 'A drawing at 1:1 as PDF, on as many A4 pages as it takes; nothing is kept',
    tag: 'Workbench',
    for: ANY_ROLE,
    body: Sheet,
    result: FILE,
    type: 'application/pdf',
    refuses: [422],
    megabytes: 2,
    handle: async ({ body, services }) => await sheetOrRefuse(services.workers, body),
  }),
]

const unknown = (what: string, id: string) =>
  new Invalid(
    'The question names something unknown.',
    new QuestionError([{ path: [what], message: `no ${what} “${id}” in the catalogue` }]).issues,
  )
