/**
 * The class that is taught next is planned and its cards are drawn before anybody opens or prints it; what any class
 * needs is loaded with it.
 */
import { setTimeout as pause } from 'node:timers/promises'
import type { SewingClass } from '#core/classes/types'
import { isUnavailable } from '../../database/faults'
import { Invalid } from '../../http/problems'
import type { Services } from '../../services'
import { Stopped } from '../../work/board'
import { drawAhead } from './handouts/handout'

/** Whoever asks for something else meanwhile goes first. */
const BETWEEN_MS = 2

/** In pieces, and ended with the application. A class that cannot be planned is told when it is opened. */
export const planAhead = async (services: Services): Promise<void> => {
  const { catalogue, classes, planning, settings, bodies, stopping, now, log } = services
  const pausing = async () => {
    await pause(BETWEEN_MS)
    if (stopping.aborted) throw new Stopped()
  }
  try {
    const today = now().toISOString().slice(0, 10)
    const coming = (await classes.all()).map((row) => row.class).filter(({ starts }) => starts >= today)
    const [next] = coming.sort((a, b) => (a.starts < b.starts ? -1 : 1))
    if (!next) return
    const answering = await catalogue.snapshot()
    const planned = await planning.of(answering, next as SewingClass, pausing)
    const { tolerance } = await settings.read()
    await drawAhead({ planned, answering, tolerance, bodies }, pausing)
  } catch (error) {
    if (stopping.aborted || error instanceof Invalid || isUnavailable(error)) return
    log.error({ err: error }, 'the next class was not made ready ahead')
  }
}
