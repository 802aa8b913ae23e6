import { willItFit } from '#core/answer/willItFit'
import { FitQuery, FitsView } from '#shared/api/fit'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, route, sends } from '../../http/route'
import type { Snapshot } from '../catalogue/snapshot'

export const fitRoutes = [
  route({
    method: 'get',
    path: '/api/fits',
    summary: 'Will it fit: an item on a model, on all models, or all items on a model',
    tag: 'Cards',
    for: ANY_ROLE,
    query: FitQuery,
    result: sends<FitsView>(FitsView),
    refuses: [404],
    handle: async ({ query, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return fitsOf(snapshot, query)
    },
  }),
]

const fitsOf = (
  snapshot: Snapshot,
  { item, model }: { item?: string | undefined; model?: string | undefined },
): FitsView => {
  const { bundle, index } = snapshot
  if (item !== undefined && !index.items.has(item)) throw new NotFound(`There is no item “${item}”.`)
  if (model !== undefined && !index.models.has(model)) throw new NotFound(`There is no model “${model}”.`)
  const items = item === undefined ? bundle.items : bundle.items.filter(({ id }) => id === item)
  const models = model === undefined ? bundle.models : bundle.models.filter(({ id }) => id === model)
  const named = (id: string) => index.models.get(id)?.name ?? id
  return {
    reports: models.flatMap((one) => items.map((other) => willItFit(snapshot, other, one))),
    names: {
      items: Object.fromEntries(
        bundle.items.map(({ id, code, name, what, price }) => [id, { code, name, what, price }]),
      ),
      models: Object.fromEntries(
        bundle.models.map(({ id, make }) => [id, `${index.makes.get(make)?.name ?? make} ${named(id)}`]),
      ),
      functions: Object.fromEntries(bundle.functions.map(({ id, name }) => [id, name])),
    },
  }
}
