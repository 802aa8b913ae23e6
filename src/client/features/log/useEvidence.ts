/** All that was sewn for one cell: of a sample, or of the card's stage. */
import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Model, Sample, Technique } from '#core/catalogue/types'
import type { EvidenceView } from '#shared/api/samples'
import { get, problemText } from '../../api/client'

export interface Cell {
  evidence: EvidenceView
  sample: Sample
  model: Model
  technique: Technique
  fabric: { id: string; name: string }
}

type Row<T> = { value: T }

export const useEvidence = (id: Ref<string>) => {
  const cell = shallowRef<Cell>()
  const problem = ref('')
  const load = async () => {
    problem.value = ''
    try {
      const { value: sample } = await get<Row<Sample>>(`/api/catalogue/samples/${id.value}`)
      const { model, technique, method, stage, fabric, stitch, foot } = sample
      const [evidence, page, told, cloth] = await Promise.all([
        get<EvidenceView>('/api/evidence', { model, technique, method, stage, fabric, stitch, foot }),
        get<{ model: Model }>(`/api/models/${model}`),
        get<Row<Technique>>(`/api/catalogue/techniques/${technique}`),
        get<Row<{ id: string; name: string }>>(`/api/catalogue/fabrics/${fabric}`),
      ])
      cell.value = { evidence, sample, model: page.model, technique: told.value, fabric: cloth.value }
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  watch(id, load, { immediate: true })
  return { cell, problem, load }
}
