/** Tasks one after the other on one machine: each begins as the one before was left. */
import { ANY } from '../changeover/positions'
import { startOf, type MachineState } from './machine'
import type { Trial } from './trial'

/** The machine of the task before, to be brought back to how it stands for normal sewing. */
export const backToNormal = (trial: Trial): Trial => {
  const { planned: _, ...rest } = trial
  const goal = Object.fromEntries(
    Object.entries(trial.normal).filter(([control, at]) => at !== ANY && control in trial.controls.controls),
  )
  return { ...rest, goal, answer: { ...trial.answer, settings: {} } }
}

/** As the task before was left; what it left to do is done with. */
export const goingOn = (trial: Trial, before: MachineState | undefined): MachineState => {
  const fresh = startOf(trial)
  if (!before) return fresh
  const kept = Object.entries(before.positions).filter(([control]) => control in fresh.positions)
  return { positions: { ...fresh.positions, ...Object.fromEntries(kept) }, values: before.values, due: [] }
}

/** Controls that stand elsewhere at its end than before. `before`: how the machine stands then. */
export const exercisedBy = ({ goal }: Pick<Trial, 'goal'>, before: Trial['normal']): string[] =>
  Object.entries(goal).flatMap(([control, at]) => (before[control] === at ? [] : [control]))
