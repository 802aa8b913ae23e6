/** All that was sewn for one cell: of a sample, or of the card's stage. */
import type { Ref } from 'vue'
import type { Fabric, Model, Sample, Technique } from '#core/catalogue/types'
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

export const useEvidence = (id: Ref<string>) => {
  const { answer, problem, again } = useQuery(
    'evidence',
    () => id.value,
    async (of): Promise<Cell> => {
      const sample = (await get(`/api/catalogue/samples/${of}`)).value as Sample
      const { model, technique, method, stage, fabric, stitch, foot } = sample
      const [evidence, page, told, cloth] = await Promise.all([
        get('/api/evidence', { model, technique, method, stage, fabric, stitch, foot }),
        get(`/api/models/${model}`),
        get(`/api/catalogue/techniques/${technique}`),
        get(`/api/catalogue/fabrics/${fabric}`),
      ])
      return { evidence, sample, model: page.model, technique: told.value as Technique, fabric: cloth.value as Fabric }
    },
  )
  return { cell: answer, problem, load: again }
}
