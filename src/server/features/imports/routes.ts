/** What a shop once told about the files of a make, so that the next file of it is read without asking. */
import { knownNames } from '#core/import/proposeFunction'
import { HabitParams, ImportHabit, NativeNames } from '#shared/api/rows'
import { ANY_ROLE, LEAD, route } from '../../http/route'
import { habitOf, keepHabit } from './habits'

export const importRoutes = [
  route({
    method: 'get',
    path: '/api/native-names',
    summary: 'Stitch functions, and every native name in use with the function it was given',
    tag: 'Data',
    for: ANY_ROLE,
    result: NativeNames,
    handle: async ({ services, revision }) => {
      const { bundle, revision: now } = await services.catalogue.snapshot()
      revision(now)
      return { functions: bundle.functions, known: knownNames(bundle) }
    },
  }),
  route({
    method: 'get',
    path: '/api/import-habits/{kind}/{make}',
    summary: 'How files of this kind and make were read last; empty where none was',
    tag: 'Data',
    for: ANY_ROLE,
    params: HabitParams,
    result: ImportHabit,
    handle: async ({ params, services }) => (await habitOf(services, params)) ?? { columns: {} },
  }),
  route({
    method: 'put',
    path: '/api/import-habits/{kind}/{make}',
    summary: 'Remember how files of this kind and make are read; the last reading holds',
    tag: 'Data',
    for: LEAD,
    params: HabitParams,
    body: ImportHabit,
    result: ImportHabit,
    handle: async ({ params, body, services }) => {
      await keepHabit(services, params, body)
      return body
    },
  }),
]
