/** A setting that worked for a customer, as their telephone card said it; apart from what the shop has sewn. */
import type { StageAnswer } from '../answer/types'
import { sameValue } from '../catalogue/sameValue'
import type { Id } from '../catalogue/types'

/** What a stage was sewn with. */
export interface WorkedStage {
  stage: Id
  stitch: Id
  foot?: Id
  used: Partial<Record<string, number>>
}

/** Every value that is a figure; what a machine sets by itself is not known. */
export const workedStages = (stages: readonly StageAnswer[]): WorkedStage[] =>
  stages.map(({ stage, stitch, foot, settings }) => ({
    stage,
    stitch,
    ...(foot === undefined ? {} : { foot }),
    used: Object.fromEntries(
      Object.entries(settings).flatMap(([parameter, setting]) =>
        typeof setting?.value === 'number' ? [[parameter, setting.value]] : [],
      ),
    ),
  }))

export interface WorkedCount {
  /** With what the card says now. */
  now: number
  /** With other values, another stitch or foot. */
  otherwise: number
}

/** `stages`: of the answer as it is now. */
export const countWorked = (reports: readonly WorkedStage[][], stages: readonly StageAnswer[]): WorkedCount => {
  const told = workedStages(stages)
  const now = reports.filter((one) => sameValue(one, told)).length
  return { now, otherwise: reports.length - now }
}
