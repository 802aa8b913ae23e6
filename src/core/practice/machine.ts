/** The machine of a trial while it is worked: its controls, its values in figures, what it has still to be done. */
import type { Parameter, Positions, Range } from '../catalogue/types'
import { isReset } from '../changeover/machine'
import { ANY, AS_GIVEN, NOTHING, valuePosition } from '../changeover/positions'
import { standsAt, type NeedsRule } from '../changeover/rules'
import { moveOnce } from '../changeover/simulate'
import type { Trial, TrialStitch, TrialValues } from './trial'

export interface MachineState {
  positions: Positions
  /** Figures of the values that stand as figures; a range or "auto" of the book has none. */
  values: TrialValues
  /** Duties that moves left and nobody has done. */
  due: string[]
}

/** Before anything is touched. What normal sewing does not say stands at its first place, an open one at none. */
export const startOf = ({ controls, normal }: Trial): MachineState => {
  const positions: Positions = {}
  for (const [id, { positions: listed }] of Object.entries(controls.controls))
    positions[id] = normal[id] ?? (listed[0] === ANY ? NOTHING : (listed[0] as string))
  return { positions, values: {}, due: [] }
}

export type Worked =
  | { done: false; forbidden: NeedsRule[] }
  | { done: true; state: MachineState; reset: Positions; duties: string[]; hazards: string[] }

export const stitchOf = ({ stitches }: Trial, { positions }: MachineState): TrialStitch | undefined =>
  stitches.find(({ id }) => id === positions['stitch'])

/** Moves a control; choosing a stitch brings its values, where the machine sets them. */
export const work = (trial: Trial, state: MachineState, control: string, to: string): Worked => {
  const stitch = control === 'stitch' ? trial.stitches.find(({ id }) => id === to) : undefined
  const defaults = Object.fromEntries(given(trial, stitch).map(([parameter, , at]) => [parameter, at]))
  const moved = moveOnce(trial.controls, state.positions, { control, to }, defaults)
  if (!moved.done) return moved
  const values: TrialValues = { ...state.values }
  for (const [parameter, figure] of given(trial, stitch)) {
    if (moved.state[parameter] !== defaults[parameter]) continue
    if (figure === undefined) delete values[parameter]
    else values[parameter] = figure
  }
  return {
    done: true,
    state: {
      positions: moved.state,
      values,
      due: [...state.due, ...moved.duties.filter((duty) => !state.due.includes(duty))],
    },
    reset: moved.reset,
    duties: moved.duties,
    hazards: moved.hazards,
  }
}

/** Sets a value in figures. */
export const setValue = (trial: Trial, state: MachineState, parameter: Parameter, value: number): Worked => {
  const moved = work(trial, state, parameter, valuePosition(value))
  return moved.done
    ? { ...moved, state: { ...moved.state, values: { ...moved.state.values, [parameter]: value } } }
    : moved
}

export const doDuty = (state: MachineState, duty: string): MachineState => ({
  ...state,
  due: state.due.filter((other) => other !== duty),
})

/** What a stitch brings of values that the machine sets itself: parameter, figure, where its control then stands. */
const given = ({ model }: Trial, stitch: TrialStitch | undefined): [Parameter, number | undefined, string][] =>
  (Object.entries(model.scales) as [Parameter, Trial['model']['scales'][Parameter]][]).flatMap(([parameter, scale]) => {
    if (!isReset(scale)) return []
    const value: number | Range | 'auto' | undefined = stitch?.defaults?.[parameter]
    if (value === undefined) return [[parameter, undefined, AS_GIVEN]]
    return [[parameter, typeof value === 'number' ? value : undefined, valuePosition(value)]]
  })

/** What the values come back to when the card's stitch is chosen. */
export const defaultsOf = (trial: Trial): Positions => {
  const stitch = trial.stitches.find(({ id }) => id === trial.answer.stitch)
  return Object.fromEntries(given(trial, stitch).map(([parameter, , at]) => [parameter, at]))
}

/** The machine as the card has it: every control at its goal, every value at its setting. */
export const asTheCardSays = (trial: Trial): MachineState => {
  const { positions, ...rest } = startOf(trial)
  const values: TrialValues = {}
  for (const [parameter, setting] of Object.entries(trial.answer.settings)) {
    if (typeof setting?.value === 'number') values[parameter as Parameter] = setting.value
    // Without a control the machine still sews what the book says it gives.
    else if (setting?.value === 'absent' && typeof setting.default === 'number')
      values[parameter as Parameter] = setting.default
  }
  return { ...rest, positions: { ...positions, footLift: 'down', ...trial.goal }, values }
}

/** Controls that do not stand as the stage needs them. */
export const missing = (trial: Trial, { positions }: MachineState): { control: string; at: string; wanted: string }[] =>
  Object.entries(trial.goal).flatMap(([control, wanted]) =>
    standsAt(positions, control) === wanted ? [] : [{ control, at: standsAt(positions, control), wanted }],
  )
