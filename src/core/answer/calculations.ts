/**
 * What a target may have worked out from a card's own facts: the same functions as on the workbench, each with the
 * parameter it is for and the fact it takes. (answers §4.3)
 */
import type { PlainParameter } from '../catalogue/parameters'
import type { Calculation, Fabric, Stage, Thread } from '../catalogue/types'
import type { Mm, NeedleSize } from '../units/quantities'
import { biteFor, widthForBite } from '../workbench/blindHemBite'
import { coveringFeed } from '../workbench/buttonholeFit'
import { OutOfReach } from '../workbench/figure'
import { widthForHoles, widthForRing } from '../workbench/holes'
import { diameterOf } from '../workbench/thread'
import type { CalculationFact, Instead } from './reasons'

export interface CalculationFacts {
  fabric: Fabric
  needleSize: NeedleSize
  /** From the straight stitches to the foot's guide; undefined where it is not stated. */
  guide: Mm | undefined
  /** That lies in the bead. */
  thread: Thread | undefined
  measured: Readonly<Record<string, Mm>>
}

/** `meaning`: the value means something; how far it may be off, and what to do where it cannot be set. */
export type Calculated = { from: Mm; to: Mm; prefer: Mm } | { value: Mm; meaning: Meaning }

export interface Meaning {
  play: Mm
  instead: Instead
}

interface CalculationEntry {
  parameter: PlainParameter
  fact: CalculationFact
  /** Measured for this very piece: it goes before what the shop usually sets. */
  measured?: true
  /** Undefined where the fact is not stated; throws `OutOfReach` where it is out of reason. */
  work: (facts: CalculationFacts) => Calculated | undefined
}

/** The blade may stand so far off the middle where the holes' size is not known. */
const USUAL_PLAY: Mm = 0.5
/** Beyond half a bite the fold is missed or pierced; and no more than this. */
const MOST_BITE_PLAY: Mm = 0.3

const bead = ({ thread }: CalculationFacts): Calculated | undefined => {
  if (!thread) return undefined
  const { from, to } = coveringFeed(diameterOf(thread).value)
  return { from: from.value, to: to.value, prefer: (from.value + to.value) / 2 }
}

export const CALCULATIONS: Record<Calculation, CalculationEntry> = {
  blindHemBite: {
    parameter: 'width',
    fact: 'guide',
    work: ({ guide, fabric }) => {
      if (guide === undefined) return undefined
      const bite = biteFor(fabric)
      const play = Math.min(bite / 2, MOST_BITE_PLAY)
      return { value: widthForBite(guide, bite).value, meaning: { play, instead: 'moveGuide' } }
    },
  },
  beadLength: { parameter: 'length', fact: 'thread', work: bead },
  cover: { parameter: 'length', fact: 'thread', work: bead },
  holeSpacing: {
    parameter: 'width',
    fact: 'holeSpacing',
    measured: true,
    work: ({ measured: { holeSpacing, holeDiameter }, needleSize }) => {
      if (holeSpacing === undefined) return undefined
      const play = holeDiameter === undefined ? USUAL_PLAY : Math.max(0, holeDiameter / 2 - needleSize / 200)
      return { value: widthForHoles(holeSpacing).value, meaning: { play, instead: 'byHand' } }
    },
  },
  ring: {
    parameter: 'width',
    fact: 'ringWire',
    measured: true,
    work: ({ measured: { ringWire } }) =>
      ringWire === undefined
        ? undefined
        : { value: widthForRing(ringWire).value, meaning: { play: USUAL_PLAY, instead: 'byHand' } },
  },
}

/** Whether a stage has something worked out. */
export const worksOut = ({ targets }: Pick<Stage, 'targets'>): boolean =>
  targets.some(({ to }) => typeof to === 'object' && 'calc' in to)

/** Undefined where the fact it takes is not stated, or out of all reason. */
export const calculate = (calc: Calculation, facts: CalculationFacts): Calculated | undefined => {
  try {
    return CALCULATIONS[calc].work(facts)
  } catch (error) {
    if (error instanceof OutOfReach) return undefined
    throw error
  }
}
