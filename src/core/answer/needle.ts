import type { Stage } from '../catalogue/types'
import type { NeedleSize } from '../units/quantities'
import type { Reason } from './reasons'
import type { Question } from './types'
import { mostSpecific, type Circumstances } from './when'

export interface NeedleChoice {
  size: NeedleSize
  point: string
  system?: string
  reasons: Reason[]
}

/** The job's size, else the stage's most specific needle, else the fabric's; held to the model's largest. (§4.8) */
export const needleFor = (stage: Stage, at: Circumstances, job: Question['job']): NeedleChoice => {
  const { model, fabric } = at
  const asked = mostSpecific(stage.needle ?? [], at)
  const wanted = job?.needleSize ?? asked?.size ?? fabric.needle.size
  const max = model.needle?.maxSize
  const reasons: Reason[] = []
  if (max !== undefined && wanted > max) reasons.push({ code: 'needleHeldToModel', wanted, max })
  const system = model.needle?.system ?? asked?.system
  if (model.needle && asked?.system !== undefined && asked.system !== model.needle.system) {
    reasons.push({ code: 'needleSystemDiffers', stage: asked.system, model: model.needle.system })
  }
  return {
    size: max === undefined ? wanted : Math.min(wanted, max),
    point: asked?.point ?? fabric.needle.point,
    ...(system === undefined ? {} : { system }),
    reasons,
  }
}
