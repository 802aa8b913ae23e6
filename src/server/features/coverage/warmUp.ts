/** What the first who asks would wait for is worked out while nobody asks yet: the coverage, and a card. */
import { setTimeout as pause } from 'node:timers/promises'
import { isUnavailable } from '../../database/faults'
import type { Services } from '../../services'
import { answered } from '../cards/routes'
import { coveredRows, type Pace } from './covered'

/** Fabrics whose coverage is worked out ahead; the others are soon told once the first are. */
const FABRICS = 3

/** Nobody waits for it: who asks for something else hardly notices. */
const UNHURRIED: Pace = { cellsAtOnce: 60, between: () => pause(5) }

/** In pieces, so that whoever asks meanwhile has their turn; ends with the application. */
export const warmUp = async (services: Services): Promise<void> => {
  try {
    const { bundle, ...snapshot } = await services.catalogue.snapshot()
    const { models, techniques, samples } = bundle
    const sewn = new Map<string, number>()
    for (const { fabric } of samples) sewn.set(fabric, (sewn.get(fabric) ?? 0) + 1)
    const fabrics = bundle.fabrics
      .map(({ id }) => id)
      .sort((a, b) => (sewn.get(b) ?? 0) - (sewn.get(a) ?? 0))
      .slice(0, FABRICS)
    const [model, technique, fabric] = [models[0], techniques[0], fabrics[0]]
    if (model && technique && fabric !== undefined)
      answered({ bundle, ...snapshot }, { model: model.id, technique: technique.id, fabric })
    for (const one of fabrics) {
      if (services.stopping.aborted) return
      await coveredRows(services, one, UNHURRIED)
    }
  } catch (error) {
    // Whoever asks first is told; here nobody is.
    if (!isUnavailable(error)) services.log.error({ err: error }, 'the coverage was not worked out ahead')
  }
}
