/** What is still to be done on a practice machine, in the order of its rules: told as the card tells its moves. */
import { planChangeover, type ChangeoverPlan } from '../changeover/plan'
import { planSteps } from '../procedure/procedure'
import { tellingOf, type Telling } from '../procedure/moves'
import type { ToldStep } from '../procedure/types'
import { defaultsOf, type MachineState } from './machine'
import type { Trial } from './trial'

/** How a trial's moves are told; what lies on its shelf is not looked into. */
export const trialTelling = ({ model, stitches, controls }: Trial, plan: ChangeoverPlan): Telling =>
  tellingOf({ index: { items: new Map() }, model: { ...model, stitches }, ...controls }, plan)

/** From how it stands to how the card has it; none where it stands so. */
export const onward = (trial: Trial, { positions }: MachineState): ToldStep[] => {
  const { controls, goal } = trial
  const plan = planChangeover({ controls, from: positions, goal, defaults: defaultsOf(trial) })
  return planSteps(plan, trialTelling(trial, plan))
}

/** The first of it by itself: how long a caution holds is told where all the steps are. */
export const nextStep = (trial: Trial, state: MachineState): ToldStep | undefined => {
  const [first] = onward(trial, state)
  return first && { ...first, cautions: first.cautions.map(({ text, control }) => ({ text, control })) }
}
