/** The threads of a stage, place by place. */
import type { CatalogueIndex } from '../catalogue/index'
import type { Stage, Thread } from '../catalogue/types'
import type { StageAnswer } from './types'
import { mostSpecific, type Circumstances } from './when'

/** Per place the thread whose `when` holds most specifically; without one for the needle, the fabric's usual thread. */
export const threadsFor = (stage: Stage, at: Circumstances): StageAnswer['threads'] => {
  const places = [...new Set((stage.threads ?? []).map(({ place }) => place))]
  const threads = places.flatMap((place) => {
    const entry = mostSpecific(
      (stage.threads ?? []).filter((candidate) => candidate.place === place),
      at,
    )
    return entry ? [{ place: place as string, thread: entry.thread }] : []
  })
  if (threads.some(({ place }) => place === 'needle') || at.fabric.thread === undefined) return threads
  return [{ place: 'needle', thread: at.fabric.thread }, ...threads]
}

/** That lies in the bead: the upper looper's where the stage names one, else the needle's. */
export const beadThread = (stage: Stage, at: Circumstances, { threads }: CatalogueIndex): Thread | undefined => {
  const named = threadsFor(stage, at)
  const bead = named.find(({ place }) => place === 'upperLooper') ?? named.find(({ place }) => place === 'needle')
  return bead && threads.get(bead.thread)
}
