import { z } from 'zod'
import { FirstPerson, SessionView, SignIn } from '#shared/api/session'
import { demoAccounts } from '#demo/accounts'
import { route } from '../../http/route'

export const sessionRoutes = [
  route({
    method: 'get',
    path: '/api/session',
    summary: 'Who is signed in, and the token that writes must carry',
    tag: 'Session',
    for: 'everyone',
    result: SessionView,
    handle: async ({ session, services }) => ({
      ...(!session && !(await services.sessions.hasUsers()) ? { first: true } : {}),
      ...(session ? { user: session.user, csrf: session.csrf } : {}),
      ...(services.config.demo && !session
        ? { demoAccounts: demoAccounts.map(({ id, password, role }) => ({ user: id, password, role })) }
        : {}),
    }),
  }),
  route({
    method: 'post',
    path: '/api/session',
    summary: 'Sign in',
    tag: 'Session',
    for: 'everyone',
    body: SignIn,
    result: SessionView,
    status: 201,
    refuses: [401, 429],
    handle: async ({ body, services, cookies, address }) => {
      const { token, expires, user, csrf } = await services.signInLimit.guard(body.user, address, () =>
        services.sessions.signIn(body.user, body.password),
      )
      if (cookies.token) await services.sessions.signOut(cookies.token)
      cookies.set(token, expires)
      return { user, csrf }
    },
  }),
  route({
    method: 'post',
    path: '/api/session/first',
    summary: 'The first account of a shop in which nobody has one: its lead',
    tag: 'Session',
    for: 'everyone',
    body: FirstPerson,
    result: SessionView,
    status: 201,
    refuses: [409, 422, 429],
    handle: async ({ body, services, cookies, address }) => {
      await services.signInLimit.guard('', address, () => services.sessions.addFirst(body))
      const { token, expires, user, csrf } = await services.sessions.signIn(body.id, body.password)
      cookies.set(token, expires)
      return { user, csrf }
    },
  }),
  route({
    method: 'delete',
    path: '/api/session',
    summary: 'Sign out',
    tag: 'Session',
    for: ['lead', 'desk', 'viewer'],
    result: z.undefined(),
    status: 204,
    handle: async ({ cookies, services }) => {
      if (cookies.token) await services.sessions.signOut(cookies.token)
      cookies.clear()
      return undefined
    },
  }),
]
