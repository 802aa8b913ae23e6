/** A setting that worked for a customer, as their telephone card said it; apart from what the shop has sewn. */
import type { Card } from '../card/card'
import { sameValue } from '../catalogue/sameValue'
import type { Id, Parameter } from '../catalogue/types'

/** What a stage was sewn with. */
export interface WorkedStage {
  stage: Id
  stitch: Id
  foot?: Id
  used: Partial<Record<Parameter, number>>
}

/** Every value that is a figure; what a machine sets by itself is not known. */
export const workedStages = ({ stages }: Pick<Card, 'stages'>): WorkedStage[] =>
  stages.map(({ stage, answer }) => ({
    stage,
    stitch: answer.stitch,
    ...(answer.foot === undefined ? {} : { foot: answer.foot }),
    used: Object.fromEntries(
      Object.entries(answer.settings).flatMap(([parameter, setting]) =>
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

export const countWorked = (reports: readonly WorkedStage[][], card: Pick<Card, 'stages'>): WorkedCount => {
  const stages = workedStages(card)
  const now = reports.filter((one) => sameValue(one, stages)).length
  return { now, otherwise: reports.length - now }
}
