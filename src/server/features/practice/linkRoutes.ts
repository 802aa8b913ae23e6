/** Links to a practice machine for people without an account: unguessable, revocable, expiring; only a hash is kept. */
import { z } from 'zod'
import {
  AttemptView,
  LinkMade,
  LinkParams,
  LinkPhotoParams,
  LinkPhotoQuery,
  LinkView,
  LinkWrite,
  SharedAttempt,
  TrialView,
} from '#shared/api/practice'
import { MachinePhoto } from '#shared/api/samples'
import { NotFound } from '../../http/problems'
import { FILE, STAFF, route, sends } from '../../http/route'
import { daysAfter } from '../../http/token'
import type { Services } from '../../services'
import { actorOf } from '../catalogue/actor'
import type { Snapshot } from '../catalogue/snapshot'
import type { Actor } from '../catalogue/store'
import { machinePhoto, machinePhotos } from '../samples/photos'
import { attemptsAt, countAttemptsAt, keepAttempt } from './attempts'
import { addLink, linkByToken, liveLinks, revokeLink } from './links'
import { attemptView } from './routes'
import { namesOf, trialFor } from './trial'

/** What one link may leave in the database. */
const MOST_ATTEMPTS = 200
const GONE = 'This practice link does not hold any more. Ask the shop for a new one.'

const Asked = LinkWrite.omit({ note: true, days: true })
const IdParams = z.strictObject({ id: z.coerce.number().int().positive() })

export const linkRoutes = [
  route({
    method: 'get',
    path: '/api/practice/links',
    summary: 'Links that still hold, and how often each was practised with',
    tag: 'Practice',
    for: STAFF,
    result: z.array(LinkView),
    handle: async ({ services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const live = await liveLinks(services)
      return Promise.all(
        live.map(async ({ id, note, by, expires, content }) => ({
          id,
          note,
          by,
          expires: expires.toISOString(),
          names: namesOf(snapshot, Asked.parse(content)),
          attempts: await countAttemptsAt(services, id),
        })),
      )
    },
  }),
  route({
    method: 'post',
    path: '/api/practice/links',
    summary: 'Make a link to practise one stage with, without an account',
    tag: 'Practice',
    for: STAFF,
    body: LinkWrite,
    result: LinkMade,
    status: 201,
    refuses: [422],
    handle: async (context) => {
      const { body, services, snapshot } = context
      return makeLink(services, snapshot, body, actorOf(context))
    },
  }),
  route({
    method: 'delete',
    path: '/api/practice/links/{id}',
    summary: 'Revoke a link; what was practised with it goes too',
    tag: 'Practice',
    for: STAFF,
    params: IdParams,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404],
    handle: async ({ params, services }) => {
      if (!(await revokeLink(services, params.id))) throw new NotFound('There is no such link any more.')
      return { gone: true as const }
    },
  }),
  route({
    method: 'get',
    path: '/api/practice/links/{id}/attempts',
    summary: 'What came of practising with a link',
    tag: 'Practice',
    for: STAFF,
    params: IdParams,
    result: z.array(AttemptView),
    handle: async ({ params, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return (await attemptsAt(services, params.id)).map((row) => attemptView(snapshot, row))
    },
  }),
  route({
    method: 'get',
    path: '/api/shared/practice/{token}',
    summary: 'The machine to try on that a link leads to',
    tag: 'Shared',
    for: 'everyone',
    params: LinkParams,
    result: sends<TrialView>(TrialView),
    refuses: [404, 422],
    handle: async ({ params, services, revision }) => {
      const { asked } = await linkOf(services, params.token)
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const { stage, ...question } = asked
      return trialFor(snapshot, defined(question), stage)
    },
  }),
  route({
    method: 'get',
    path: '/api/shared/practice/{token}/photos',
    summary: 'From which sides the machine to try on has a photograph of the shop’s',
    tag: 'Shared',
    for: 'everyone',
    params: LinkParams,
    result: z.array(MachinePhoto),
    refuses: [404],
    handle: async ({ params, services }) => machinePhotos(services, (await linkOf(services, params.token)).asked.model),
  }),
  route({
    method: 'get',
    path: '/api/shared/practice/{token}/photos/{view}',
    summary: 'The shop’s photograph of the machine to try on, and of no other',
    tag: 'Shared',
    for: 'everyone',
    params: LinkPhotoParams,
    query: LinkPhotoQuery,
    result: FILE,
    type: 'image/jpeg',
    refuses: [404],
    handle: async ({ params: { token, view }, services }) =>
      machinePhoto(services, { model: (await linkOf(services, token)).asked.model, view }),
  }),
  route({
    method: 'post',
    path: '/api/shared/practice/{token}/attempts',
    summary: 'Keep what came of practising with a link',
    tag: 'Shared',
    for: 'everyone',
    params: LinkParams,
    body: SharedAttempt,
    result: z.object({ id: z.int() }),
    status: 201,
    refuses: [404, 409, 422],
    handle: async ({ params, body, services }) => {
      const { id: link, asked } = await linkOf(services, params.token)
      const { stage: wanted, ...question } = asked
      const trial = trialFor(await services.catalogue.snapshot(), defined(question), wanted)
      const content = {
        model: trial.model.id,
        technique: trial.technique.id,
        stage: trial.stage.id,
        fabric: trial.fabric.id,
        review: body.review,
      }
      const row = { user: null, link, by: body.name, at: services.now(), content }
      const id = await keepAttempt(services, row, MOST_ATTEMPTS)
      if (id === undefined)
        throw new NotFound('This link has been practised with often enough. Ask the shop for a new one.')
      return { id }
    },
  }),
]

/** Throws `Invalid` where there is nothing to practise. */
export const makeLink = async (
  services: Services,
  snapshot: Snapshot,
  { note = '', days, ...asked }: z.infer<typeof LinkWrite>,
  { name: by, at }: Actor,
) => {
  const { stage, ...question } = asked
  trialFor(snapshot, defined(question), stage)
  const expires = daysAfter(at, days)
  const { id, token } = await addLink(services, { note, by, expires, content: asked })
  return { id, path: `/p/${token}`, expires: expires.toISOString() }
}

/**
 * Throws `NotFound` for a token that nobody gave, that was revoked, or whose time is over: all the same from outside.
 */
const linkOf = async (services: Services, token: string): Promise<{ id: number; asked: z.infer<typeof Asked> }> => {
  const row = await linkByToken(services, token)
  if (!row) throw new NotFound(GONE)
  return { id: row.id, asked: Asked.parse(row.content) }
}

/** Without what is undefined. */
export const defined = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, given]) => given !== undefined)) as T
