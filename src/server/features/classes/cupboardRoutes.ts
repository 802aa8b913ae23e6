/** The store cupboard of the classes, and the shop's calendar. */
import { z } from 'zod'
import { Cupboard, ShopCalendar } from '#shared/api/classes'
import { Invalid } from '../../http/problems'
import { STAFF, route } from '../../http/route'
import { TooHeavy } from '../../work/workers'
import { actorOf } from '../catalogue/actor'

const CALENDAR_MEGABYTES = 8
const FileName = z.strictObject({ name: z.string().max(200).optional() })

export const cupboardRoutes = [
  route({
    method: 'get',
    path: '/api/cupboard',
    summary: 'How what classes use up is sold, and what of it is on the shelf',
    tag: 'Classes',
    for: STAFF,
    result: Cupboard,
    handle: ({ services }) => services.cupboard.supplies(),
  }),
  route({
    method: 'put',
    path: '/api/cupboard',
    summary: 'Change that list at the version that was seen',
    tag: 'Classes',
    for: STAFF,
    body: Cupboard,
    result: Cupboard,
    refuses: [409, 422],
    handle: (context) => context.services.cupboard.keep(context.body, actorOf(context)),
  }),
  route({
    method: 'get',
    path: '/api/calendar',
    summary: 'The shop’s calendar, as it was last read in',
    tag: 'Classes',
    for: STAFF,
    result: ShopCalendar,
    handle: ({ services }) => services.cupboard.calendar(),
  }),
  route({
    method: 'put',
    path: '/api/calendar',
    summary: 'Read the shop’s calendar in from an iCalendar file; it takes the place of the one before',
    tag: 'Classes',
    for: STAFF,
    query: FileName,
    takes: 'text/calendar',
    megabytes: CALENDAR_MEGABYTES,
    result: z.object({ events: z.int() }),
    refuses: [413, 422],
    handle: async (context) => {
      const { upload, query, services, work } = context
      const now = services.now()
      const reading = await services.workers
        .run('readCalendar', [upload.toString('utf8'), now], work.signal)
        .catch((error: unknown) => {
          if (error instanceof TooHeavy) return { fault: error.message }
          throw error
        })
      if ('fault' in reading)
        throw new Invalid('This is no calendar the shop can use.', [{ path: ['file'], message: reading.fault }])
      const { events } = reading
      const named = query.name === undefined ? {} : { file: query.name }
      await services.cupboard.keepCalendar({ events, read: now.toISOString(), ...named }, actorOf(context))
      return { events: events.length }
    },
  }),
]
