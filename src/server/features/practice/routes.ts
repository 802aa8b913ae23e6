/** Practice of the shop's own people: the machine to try on, their simulated machine, their attempts. */
import type { Review } from '#core/practice/attempt'
import { progressOf } from '#core/practice/progress'
import type { AttemptView } from '#shared/api/practice'
import {
  AttemptWrite,
  AttemptsView,
  MachineShown,
  MachineView,
  ProgressView,
  TrialQuery,
  TrialView,
} from '#shared/api/practice'
import { z } from 'zod'
import type { PracticeAttemptRow } from '../../database/entities/index'
import { NotSignedIn } from '../../http/problems'
import { ANY_ROLE, STAFF, route, sends, type SignedIn } from '../../http/route'
import type { Services } from '../../services'
import { questionOf } from '../cards/routes'
import type { Snapshot } from '../catalogue/snapshot'
import { attemptsBy, keepAttempt, keepMachine, machineOf } from './attempts'
import { pastAttempts } from './progress'
import { namesOf, trialFor } from './trial'

const MOST_SHOWN = 60
const MOST_NEXT = 5

export const practiceRoutes = [
  route({
    method: 'get',
    path: '/api/practice',
    summary: 'A machine to try on: one stage of a card with all that the machine could be set to',
    tag: 'Practice',
    for: ANY_ROLE,
    query: TrialQuery,
    result: sends<TrialView>(TrialView),
    refuses: [422],
    handle: async ({ query: { stage, ...query }, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return trialFor(snapshot, questionOf(query), stage)
    },
  }),
  route({
    method: 'get',
    path: '/api/practice/machine',
    summary: 'What your simulated machine shows',
    tag: 'Practice',
    for: ANY_ROLE,
    result: MachineView,
    handle: async ({ session, services }) => {
      const shown = await machineOf(services, person(session).id)
      return shown ? { machine: shown.machine, at: shown.at.toISOString() } : {}
    },
  }),
  route({
    method: 'put',
    path: '/api/practice/machine',
    summary: 'Send settings to your simulated machine',
    tag: 'Practice',
    for: ANY_ROLE,
    body: MachineShown,
    result: MachineView,
    handle: async ({ body, session, services }) => {
      const at = services.now()
      await keepMachine(services, person(session).id, body, at)
      return { machine: body, at: at.toISOString() }
    },
  }),
  route({
    method: 'get',
    path: '/api/practice/attempts',
    summary: 'Your attempts, latest first, and what to try again',
    tag: 'Practice',
    for: ANY_ROLE,
    result: AttemptsView,
    handle: async ({ session, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return attemptsOf(services, snapshot, person(session).id)
    },
  }),
  route({
    method: 'get',
    path: '/api/practice/progress',
    summary: 'Who practised, and at which controls they hung: by person and by control',
    tag: 'Practice',
    for: STAFF,
    result: ProgressView,
    handle: async ({ services }) => progressOf(await pastAttempts(services)),
  }),
  route({
    method: 'post',
    path: '/api/practice/attempts',
    summary: 'Keep what came of an attempt',
    tag: 'Practice',
    for: ANY_ROLE,
    body: AttemptWrite,
    result: z.object({ id: z.int() }),
    status: 201,
    handle: async ({ body, session, services }) => {
      const { id: user, name: by } = person(session)
      return {
        id: (await keepAttempt(services, { user, link: null, by, at: services.now(), content: body })) as number,
      }
    },
  }),
]

const person = (session: SignedIn | undefined): SignedIn['user'] => {
  if (!session) throw new NotSignedIn('Sign in to practise.')
  return session.user
}

const attemptsOf = async (
  services: Services,
  snapshot: Snapshot,
  user: string,
): Promise<z.infer<typeof AttemptsView>> => {
  const attempts = (await attemptsBy(services, user, MOST_SHOWN)).map((row) => attemptView(snapshot, row))
  const latest = new Map<string, AttemptView>()
  for (const attempt of attempts) {
    const { model, technique, stage, fabric } = attempt
    const key = [model, technique, stage, fabric].join('/')
    if (!latest.has(key)) latest.set(key, attempt)
  }
  return { attempts, next: [...latest.values()].filter(({ review }) => wentWrong(review)).slice(0, MOST_NEXT) }
}

const wentWrong = (review: Omit<Review, 'extra'>): boolean =>
  !review.reached ||
  review.strikes > 0 ||
  review.refused.length > 0 ||
  review.passedBy.length > 0 ||
  review.undone.length > 0

export const attemptView = (snapshot: Snapshot, { id, by, at, content }: PracticeAttemptRow): AttemptView => {
  const attempt = AttemptWrite.parse(content)
  const { model, technique, stage, fabric } = attempt
  return {
    ...attempt,
    id,
    by,
    at: at.toISOString(),
    names: namesOf(snapshot, attempt),
    query: { m: model, t: technique, f: fabric, stage },
  }
}
