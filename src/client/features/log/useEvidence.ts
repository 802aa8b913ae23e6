/** All that was sewn for one cell: of a sample, or of the card's stage. */
import type { Ref } from 'vue'
import type { Model, Sample, Technique } from '#core/catalogue/types'
import type { EvidenceView } from '#shared/api/samples'
import { get } from '../../api/client'
import { useQuery } from '../../state/useQuery'

export interface Cell {
  evidence: EvidenceView
  sample: Sample
  model: Model
  technique: Technique
  fabric: { id: string; name: string }
}

type Row<T> = { value: T }

export const useEvidence = (id: Ref<string>) => {
  const { answer, problem, again } = useQuery(
    'evidence',
    () => id.value,
    async (of): Promise<Cell> => {
      const { value: sample } = await get<Row<Sample>>(`/api/catalogue/samples/${of}`)
      const { model, technique, method, stage, fabric, stitch, foot } = sample
      const [evidence, page, told, cloth] = await Promise.all([
        get<EvidenceView>('/api/evidence', { model, technique, method, stage, fabric, stitch, foot }),
        get<{ model: Model }>(`/api/models/${model}`),
        get<Row<Technique>>(`/api/catalogue/techniques/${technique}`),
        get<Row<{ id: string; name: string }>>(`/api/catalogue/fabrics/${fabric}`),
      ])
      return { evidence, sample, model: page.model, technique: told.value, fabric: cloth.value }
    },
  )
  return { cell: answer, problem, load: again }
}
