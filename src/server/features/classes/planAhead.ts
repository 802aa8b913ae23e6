/**
 * The classes to come are planned, and the cards of the one that is taught next are drawn, before anybody opens or
 * prints them; what any class needs is loaded with them.
 */
import { setTimeout as pause } from 'node:timers/promises'
import type { PlannedClass } from '#core/classes/plan'
import type { SewingClass } from '#core/classes/types'
import { isUnavailable } from '../../database/faults'
import { Invalid } from '../../http/problems'
import type { Services } from '../../services'
import { Stopped } from '../../work/board'
import type { Snapshot } from '../catalogue/snapshot'
import { drawAhead } from './handouts/handout'

/** Whoever asks for something else meanwhile goes first. */
const BETWEEN_MS = 2
/** The soonest of them. */
const MOST_PLANNED = 8

/** In pieces, and ended with the application. A class that cannot be planned tells why when it is opened. */
export const planAhead = async (services: Services): Promise<void> => {
  const { catalogue, classes, planning, settings, bodies, stopping, now, log } = services
  const pausing = async () => {
    await pause(BETWEEN_MS)
    if (stopping.aborted) throw new Stopped()
  }
  const planned = async (answering: Snapshot, asked: SewingClass): Promise<PlannedClass | undefined> => {
    try {
      return await planning.of(answering, asked, pausing)
    } catch (error) {
      if (error instanceof Invalid) return undefined
      throw error
    }
  }
  try {
    const today = now().toISOString().slice(0, 10)
    const toCome = (await classes.all()).map((row) => row.class).filter(({ starts }) => starts >= today)
    const soonest = toCome.sort((a, b) => (a.starts < b.starts ? -1 : 1)).slice(0, MOST_PLANNED)
    if (soonest.length === 0) return
    const answering = await catalogue.snapshot()
    const plans: PlannedClass[] = []
    for (const asked of soonest) {
      const plan = await planned(answering, asked)
      if (plan) plans.push(plan)
    }
    const { tolerance } = await settings.read()
    if (plans[0]) await drawAhead({ planned: plans[0], answering, tolerance, bodies }, pausing)
  } catch (error) {
    if (stopping.aborted || isUnavailable(error)) return
    log.error({ err: error }, 'the classes to come were not made ready ahead')
  }
}
