/** What settles most calls, before any diagnosis: rungs for a kind of machine, with what its card says to each. */
import type { CardStage } from '../card/card'
import type { Model } from '../catalogue/types'
import { sewsWithLoopers } from '../catalogue/kinds'

export type LadderRungId = 'danger' | 'what' | 'rethread' | 'needle' | 'bobbin' | 'loopers' | 'lint' | 'foot' | 'pedal'

export interface LadderRung {
  id: LadderRungId
  /** Facts of this model and card that its sentence names. */
  needle?: { system?: string | undefined; point: string; size: number }
  bobbin?: string
  foot?: string
  startKey?: boolean
  /** It winds bobbins itself. */
  winder?: boolean
}

export const ladderFor = (
  model: Pick<Model, 'kind' | 'bobbin' | 'features' | 'needle'>,
  stage?: Pick<CardStage, 'answer' | 'foot'>,
): LadderRung[] => {
  const loops = sewsWithLoopers(model.kind)
  const needle = stage && {
    system: model.needle?.system,
    point: stage.answer.needle.point,
    size: stage.answer.needle.size,
  }
  return [
    { id: 'danger' },
    { id: 'what' },
    // Where there are loopers all is threaded anew in one order, the needles last.
    { id: loops ? 'loopers' : 'rethread' },
    { id: 'needle', ...(needle ? { needle } : {}) },
    ...(loops ? [] : [{ id: 'bobbin' as const, ...(model.bobbin ? { bobbin: model.bobbin.class } : {}) }]),
    { id: 'lint' },
    { id: 'foot', ...(stage?.foot ? { foot: stage.foot.id } : {}) },
    { id: 'pedal', startKey: model.features.includes('startKey'), winder: !loops },
  ]
}
