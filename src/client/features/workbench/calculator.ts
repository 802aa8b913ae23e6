/**
 * What a calculator is to the page: fields to fill in, figures to read off, and what can be drawn, printed or handed
 * back.
 */
import type { WorkbenchInput, WorkbenchStage } from '#core/card/workbenchInput'
import type { CardSketch } from '#core/card/sketch'
import type { Calculation, Parameter } from '#core/catalogue/types'
import type { Point, StitchSpec } from '#core/stitch/types'
import type { Figure } from '#core/workbench/figure'
import type { Sheet } from '#core/workbench/sheet'

export type Field = { id: string; label: string } & (
  | { is: 'length'; start: string }
  | { is: 'number'; start: string }
  /** Several numbers, with spaces between. */
  | { is: 'numbers'; start: string }
  /** Lines of a file, also read from one. */
  | { is: 'text'; start: string }
  | { is: 'choice'; start: string; of: readonly (readonly [value: string, word: string])[] }
)

export interface FigureLine {
  label: string
  /** Left out: said in words alone. */
  figure?: Figure
  words?: string
  /** What it means for the work. */
  note?: string | undefined
  warn?: boolean | undefined
}

export interface FieldValues {
  number: (id: string) => number
  numbers: (id: string) => number[]
  choice: (id: string) => string
  text: (id: string) => string
}

/** A text to start from, and what it was read off. */
export interface Start {
  text: string
  from: string
}

/** What lies in hand, as the calculators look at it. */
export interface WorkbenchContext {
  hand: WorkbenchInput
  /** The card's stage that is sewn by one of these families; the first where none is named. */
  stage: (...families: string[]) => WorkbenchStage | undefined
  /** The card's stage for which one of these is worked out, whatever it is sewn with. */
  working: (...calculations: Calculation[]) => WorkbenchStage | undefined
}

export interface Calculator {
  id: string
  group: 'Fastenings' | 'Hems and edges' | 'Rows' | 'Circles and motifs' | 'Thread'
  name: string
  does: string
  fields: (choice: (id: string) => string, bench: WorkbenchContext) => Field[]
  /** Read off the card in hand, by field. */
  start?: (bench: WorkbenchContext, typed: (id: string) => string | undefined) => Record<string, Start | undefined>
  /** Throws `OutOfReach` in the names of the core. */
  compute: (values: FieldValues, bench: WorkbenchContext) => FigureLine[]
  /** The stitch that would be sewn, to scale. */
  picture?: (
    values: FieldValues,
    bench: WorkbenchContext,
  ) => { sketch: CardSketch; name: string; faint?: string } | undefined
  /** What is printed at 1:1 and laid on the fabric. */
  sheet?: (values: FieldValues, bench: WorkbenchContext) => { words: string; sheet: Sheet }
  /** A file of one's own that is kept in the catalogue: points of a stitch. */
  keeps?: (
    values: FieldValues,
    bench: WorkbenchContext,
  ) => { model: string; stitch: string; points: Point[] } | undefined
  /** What is to be set, for the next sample. */
  tries?: (values: FieldValues, bench: WorkbenchContext) => Partial<Record<Parameter, number>> | undefined
  /** What the card is asked with from here on. */
  back?: (values: FieldValues, bench: WorkbenchContext) => { words: string; query: Record<string, string> }
}

export const length = (id: string, label: string, start: string): Field => ({ id, label, is: 'length', start })
export const number = (id: string, label: string, start: string): Field => ({ id, label, is: 'number', start })
export const choice = (
  id: string,
  label: string,
  start: string,
  of: readonly (readonly [string, string])[],
): Field => ({ id, label, is: 'choice', start, of })

export const FIBRES = ['polyester', 'cotton', 'rayon', 'nylon', 'metallic'].map((fibre) => [fibre, fibre] as const)

/** A start where there is something to start from. */
export const startsAt = (value: number | string | undefined, from: string | undefined): Start | undefined =>
  value === undefined || from === undefined ? undefined : { text: String(value), from }

/** A stitch on plain fabric, under the foot and plate in hand. */
export const plainly = (set: StitchSpec, stage?: WorkbenchStage): CardSketch => ({
  set,
  ...(stage?.foot?.slot === undefined ? {} : { foot: stage.foot.slot }),
  ...(stage?.plateSlot === undefined ? {} : { plate: stage.plateSlot }),
  fabric: { parts: [], lines: [] },
})

export const workbenchContextOf = (hand: WorkbenchInput): WorkbenchContext => ({
  hand,
  stage: (...families) =>
    families.length === 0
      ? hand.stages[0]
      : hand.stages.find(({ function: told }) => families.includes(told.family) || families.includes(told.id)),
  working: (...calculations) => hand.stages.find(({ works }) => works.some((one) => calculations.includes(one))),
})
