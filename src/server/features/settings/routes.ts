import { ShopSettings } from '#shared/api/samples'
import { ANY_ROLE, LEAD, route } from '../../http/route'

export const settingsRoutes = [
  route({
    method: 'get',
    path: '/api/settings',
    summary: 'The shop’s own choices',
    tag: 'Shop',
    for: ANY_ROLE,
    result: ShopSettings,
    handle: ({ services }) => services.settings.read(),
  }),
  route({
    method: 'put',
    path: '/api/settings',
    summary: 'Choose for the shop',
    tag: 'Shop',
    for: LEAD,
    body: ShopSettings,
    result: ShopSettings,
    handle: async ({ body, services }) => {
      await services.settings.write(body)
      await services.cases.forgetNames(body.forgetNamesAfter, services.now())
      return body
    },
  }),
]
