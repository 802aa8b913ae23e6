/**
 * What a target may have worked out from a card's own facts: the same functions as on the workbench, each with the
 * parameter it is for and the fact it takes. (answers §4.3)
 */
import type { PlainParameter } from '../catalogue/parameters'
import type { Calculation, Fabric, Item, Stage, Thread } from '../catalogue/types'
import type { Mm, NeedleSize } from '../units/quantities'
import { biteFor, playOfBite, widthForBite } from '../workbench/blindHemBite'
import { coveringFeed } from '../workbench/buttonholeFit'
import { OutOfReach } from '../workbench/figure'
import { PLAY_OF_RING, playOfHoles, widthForHoles, widthForRing } from '../workbench/holes'
import { guidedRight, needleForRow, QUARTER_INCH } from '../workbench/needleGuide'
import { diameterOf } from '../workbench/thread'
import type { CalculationFact, Instead } from './reasons'

export interface CalculationFacts {
  fabric: Fabric
  needleSize: NeedleSize
  /** Where fabric is guided along the foot. */
  foot: Guided | undefined
  /** That lies in the bead. */
  thread: Thread | undefined
  measured: Readonly<Record<string, Mm>>
}

export type Guided = Pick<Item, 'guide' | 'edge'>

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

/** A seam so far off a quarter inch still meets its neighbour. */
const PLAY_OF_SEAM: Mm = 0.25

const bead = ({ thread }: CalculationFacts): Calculated | undefined => {
  if (!thread) return undefined
  const { from, to } = coveringFeed(diameterOf(thread).value)
  return { from: from.value, to: to.value, prefer: (from.value + to.value) / 2 }
}

/** How near and how far from the straight stitches a guide that can be moved may stand; undefined for another. */
export const reachOfGuide = (guide: Item['guide']): { from: Mm; to: Mm } | undefined => {
  if (guide?.kind !== 'adjustable' || guide.range === undefined) return undefined
  const ends = [Math.abs(guide.range.from), Math.abs(guide.range.to)]
  return { from: Math.min(...ends), to: Math.max(...ends) }
}

/** A guide that can be moved is set to the width, a fixed one sets the width. */
const bite = ({ foot, fabric }: CalculationFacts): Calculated | undefined => {
  const aimed = biteFor(fabric)
  const offset = foot?.guide?.offset
  const moves = reachOfGuide(foot?.guide)
  if (moves) {
    const width = (guide: Mm) => widthForBite(guide, aimed).value
    const prefer = offset === undefined ? (moves.from + moves.to) / 2 : Math.abs(offset)
    return { from: width(moves.from), to: width(moves.to), prefer: width(prefer) }
  }
  if (offset === undefined) return undefined
  const isFixed = foot?.guide?.kind !== 'adjustable'
  const meaning: Meaning = { play: playOfBite(aimed), instead: isFixed ? 'withoutGuide' : 'moveGuide' }
  return { value: widthForBite(Math.abs(offset), aimed).value, meaning }
}

export const CALCULATIONS: Record<Calculation, CalculationEntry> = {
  blindHemBite: { parameter: 'width', fact: 'guide', work: bite },
  beadLength: { parameter: 'length', fact: 'thread', work: bead },
  cover: { parameter: 'length', fact: 'thread', work: bead },
  holeSpacing: {
    parameter: 'width',
    fact: 'holeSpacing',
    measured: true,
    work: ({ measured: { holeSpacing, holeDiameter }, needleSize }) =>
      holeSpacing === undefined
        ? undefined
        : {
            value: widthForHoles(holeSpacing).value,
            meaning: { play: playOfHoles(needleSize, holeDiameter), instead: 'byHand' },
          },
  },
  ring: {
    parameter: 'width',
    fact: 'ringWire',
    measured: true,
    work: ({ measured: { ringWire } }) =>
      ringWire === undefined
        ? undefined
        : { value: widthForRing(ringWire).value, meaning: { play: PLAY_OF_RING, instead: 'byHand' } },
  },
  quarterInch: {
    parameter: 'needlePosition',
    fact: 'edge',
    work: ({ foot }) => {
      const guided = foot && guidedRight(foot)
      if (guided === undefined) return undefined
      const { value } = needleForRow(guided, 'left', QUARTER_INCH)
      return { value, meaning: { play: PLAY_OF_SEAM, instead: 'tape' } }
    },
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
