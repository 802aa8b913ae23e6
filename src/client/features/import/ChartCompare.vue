<!-- What a chart would change on its machine, and writing the ticked part of it. -->
<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { Stitch } from '#core/catalogue/types'
import { habitsOf } from '#core/import/columns'
import type { Compared } from '#core/import/compare'
import type { Changes } from '#shared/api/rows'
import { differencesOf } from '#shared/tables/difference'
import { titleOf } from '#shared/tables/titles'

import { ApiProblem, call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import DifferenceList from './DifferenceList.vue'
import type { ChartContext, Chart } from './useChart'

const { chart, context, readModel } = defineProps<{
  chart: Chart
  context: ChartContext
  /** Reads the machine anew, where somebody else changed it meanwhile. */
  readModel: () => Promise<void>
}>()
const emit = defineEmits<{ back: [] }>()
const router = useRouter()
const lists = usePickLists()
const store = useNames()
const { query } = usePicks()

const busy = ref(false)
const failed = ref('')
const edition = ref(context.page.model.edition ?? '')
const compared = computed(() => chart.compared.value)
const chosen = shallowRef<ReadonlySet<string>>(
  new Set(compared.value.filter(({ is, held }) => (is === 'added' || is === 'changed') && !held).map(({ id }) => id)),
)
const counts = computed(() => {
  const count = (what: Compared<Stitch>['is']) => compared.value.filter(({ is }) => is === what).length
  return { added: count('added'), changed: count('changed'), gone: count('gone'), same: count('same') }
})
const samplesOf = (stitch: string) => context.page.samples.filter((sample) => sample.stitch === stitch).length
const title = ({ next, stored }: Compared<Stitch>) => titleOf('stitches', next ?? stored)
const fields = ({ stored, next }: Compared<Stitch>) => differencesOf('stitches', stored, next, store.names)
const note = ({ is, id, stored, next, moved }: Compared<Stitch>): string => {
  const sewn = samplesOf(id)
  const samples = sewn > 0 ? `${sewn} ${sewn === 1 ? 'sample was' : 'samples were'} sewn with it` : ''
  if (moved && stored && next)
    return [`the same stitch, now ${next.select} instead of ${stored.select}`, samples].filter(Boolean).join('; ')
  if (is === 'gone') return sewn > 0 ? `${samples}: it stays.` : 'Ticked, it is removed; left, it stays.'
  return samples
}
const stays = ({ id }: Compared<Stitch>) => samplesOf(id) > 0
const newEdition = computed(() => {
  const text = edition.value.trim()
  return text !== '' && text !== context.page.model.edition ? text : undefined
})

const changesOf = async (): Promise<Changes> => {
  const { model, stitchVersions } = context.page
  const stitches = compared.value
    .filter(({ id, is }) => is !== 'same' && chosen.value.has(id))
    .map(({ id, next }) => ({
      resource: 'stitches' as const,
      model: model.id,
      id,
      version: stitchVersions[id] ?? null,
      value: next ?? null,
    }))
  if (newEdition.value === undefined) return { changes: stitches }
  const head = await get(`/api/catalogue/models/${model.id}`)
  const value = { ...(head.value as object), edition: newEdition.value }
  return { changes: [...stitches, { resource: 'models', id: model.id, version: head.version, value }] }
}
const apply = async () => {
  const { id, make } = context.page.model
  busy.value = true
  failed.value = ''
  try {
    await call('POST', '/api/catalogue/changes', await changesOf())
    await call('PUT', `/api/import-habits/chart/${make}`, { columns: habitsOf(chart.columns.value) })
    await lists.load()
    await router.push({ path: `/shelf/models/${id}`, query: query.value })
  } catch (error) {
    failed.value = `${problemText(error)}\nNothing was written; what you mended is still here.`
    if (error instanceof ApiProblem && [409, 410].includes(error.details.status)) {
      await readModel()
      failed.value += '\nThe machine’s stitches were read again: look at what is new or changed now, then apply.'
    }
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <p class="apply">
    <BButton variant="primary" :disabled="(chosen.size === 0 && newEdition === undefined) || busy" @click="apply">
      {{ busy ? 'Writing …' : 'Apply' }}
    </BButton>
    <BButton variant="link" @click="emit('back')">Back to the rows</BButton>
    <span role="status">
      {{ counts.added }} new, {{ counts.changed }} changed, {{ counts.gone }} not in the file any more,
      {{ counts.same }} as they were. {{ chosen.size }} ticked.
    </span>
    <span class="only">
      <label for="edition">Edition of the book</label>
      <input id="edition" v-model="edition" class="form-control edition" />
    </span>
  </p>
  <p v-if="failed" role="alert" class="caution lines">{{ failed }}</p>
  <DifferenceList v-model="chosen" :compared="compared" :title="title" :fields="fields" :note="note" :stays="stays" />
</template>

<style scoped lang="scss">
.apply {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
}

.only {
  margin-left: auto;
}

.edition {
  display: inline-block;
  width: 10rem;
  margin-left: 0.5rem;
}
</style>
