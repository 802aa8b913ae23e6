/** What the first who asks would wait for is worked out before anybody does: the catalogue, a card, the coverage. */
import { setImmediate as turn, setTimeout as pause } from 'node:timers/promises'
import { isUnavailable } from '../../database/faults'
import type { Services } from '../../services'
import { answered } from '../cards/routes'
import { coveredRows, type Pace } from './covered'

/** Fabrics whose coverage is worked out ahead; the others are soon told once the first are. */
const FABRICS = 3
/** How long the door stays shut for the coverage in the first of them: that of a thousand models takes some two. */
const SHUT_MS = 3000

/** So few cells at once that who asks for something else hardly notices. */
const CELLS = 60
const FIRST: Pace = { cellsAtOnce: CELLS, between: () => turn() }
/** Nobody waits for it. */
const UNHURRIED: Pace = { cellsAtOnce: CELLS, between: () => pause(5) }

/**
 * Calls `open` once what most ask first is known, or it takes too long, or fails: whoever asks then is told why.
 * Goes on after it in pieces, so that whoever asks meanwhile has their turn, and ends with the application.
 */
export const warmUp = async (services: Services, open: () => void): Promise<void> => {
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
    setTimeout(open, SHUT_MS).unref()
    for (const [i, one] of fabrics.entries()) {
      if (services.stopping.aborted) return
      await coveredRows(services, one, i === 0 ? FIRST : UNHURRIED)
      open()
    }
  } catch (error) {
    // Whoever asks first is told; here nobody is.
    if (!isUnavailable(error)) services.log.error({ err: error }, 'the coverage was not worked out ahead')
  } finally {
    open()
  }
}
