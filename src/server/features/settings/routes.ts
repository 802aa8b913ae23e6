import { ShopSettingsRow } from '#shared/api/samples'
import { ANY_ROLE, LEAD, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'

export const settingsRoutes = [
  route({
    method: 'get',
    path: '/api/settings',
    summary: 'The shop’s own choices',
    tag: 'Shop',
    for: ANY_ROLE,
    result: ShopSettingsRow,
    handle: ({ services }) => services.settings.row(),
  }),
  route({
    method: 'put',
    path: '/api/settings',
    summary: 'Choose for the shop',
    tag: 'Shop',
    for: LEAD,
    body: ShopSettingsRow,
    result: ShopSettingsRow,
    refuses: [409],
    handle: async (context) => {
      const { body, services } = context
      const row = await services.settings.write(body, actorOf(context))
      await services.cases.forgetNames(row.settings.forgetNamesAfter, services.now())
      return row
    },
  }),
]
