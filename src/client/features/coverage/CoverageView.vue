<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { get } from '../../api/client'
import { useKeys } from '../../state/keys'
import { usePickLists, usePicks } from '../../state/picks'
import { useQuery } from '../../state/useQuery'
import BriefCard from '../card/BriefCard.vue'
import { useCard } from '../card/useCard'
import CoverageColumn from './CoverageColumn.vue'
import CoverageFilters from './CoverageFilters.vue'
import CoverageGrid from './CoverageGrid.vue'
import GapList from './GapList.vue'
import { noFilters } from './filters'

/** Charts and their library are loaded when they are asked for. */
const CoverageCharts = defineAsyncComponent(() => import('./CoverageCharts.vue'))
/** What every model can do. Opens on the chosen model's column; `a` shows all models at once. */
const route = useRoute()
const router = useRouter()
const lists = usePickLists()
const { picked, query } = usePicks()
const gapsBy = ref<'cells' | 'machines' | 'seats'>('cells')
const filters = ref(noFilters())
const kinds = computed(() => [...new Set((lists.lists?.models ?? []).map(({ kind }) => kind))])
const beside = ref<{ technique: string; model: string }>()

const fabric = computed(() => picked.value.fabric ?? lists.lists?.fabrics[0]?.id)
const fabricName = computed(() => lists.lists?.fabrics.find(({ id }) => id === fabric.value)?.name ?? '')
const model = computed(() => lists.lists?.models.find(({ id }) => id === picked.value.model))
const isCharts = computed(() => route.query.charts === '1')
const isGrid = computed(() => route.query.all === '1' || !picked.value.model)
const showCharts = (on: boolean) =>
  void router.push({
    path: route.path,
    query: { ...query.value, all: isGrid.value ? '1' : undefined, charts: on ? '1' : undefined },
  })
const showAll = (on: boolean) =>
  void router.push({ path: route.path, query: { ...query.value, all: on ? '1' : undefined } })

const { answer: column, problem: noColumn } = useQuery(
  'column',
  () =>
    picked.value.model && fabric.value && !isGrid.value
      ? { model: picked.value.model, fabric: fabric.value }
      : undefined,
  (asked) => get('/api/coverage/column', asked),
)
const { answer: gaps, problem: noGaps } = useQuery(
  'gaps',
  () => (fabric.value ? { fabric: fabric.value, by: gapsBy.value } : undefined),
  (asked) => get('/api/coverage/gaps', asked),
)
const problem = computed(() => noColumn.value || noGaps.value)

const open = (technique: string, of: string) => {
  beside.value =
    beside.value?.technique === technique && beside.value.model === of ? undefined : { technique, model: of }
}
const { card } = useCard(
  computed(() => ({
    model: beside.value?.model,
    technique: beside.value?.technique,
    fabric: fabric.value,
    method: undefined,
    also: undefined,
    owned: [],
  })),
)
useKeys([
  { keys: 'a', does: 'All machines, or only this one', run: () => showAll(!isGrid.value) },
  { keys: 'c', does: 'Charts by make and family', run: () => showCharts(!isCharts.value) },
  { keys: 'Escape', does: 'Close the card beside', run: () => (beside.value = undefined) },
])
</script>

<template>
  <main class="page wide" :class="{ split: beside }">
    <div class="head">
      <h1>{{ isGrid ? 'Coverage' : `What the ${model?.name ?? 'machine'} can do` }}</h1>
      <span class="soft">in {{ fabricName.toLowerCase() }}</span>
      <span v-if="isGrid" class="on-paper"
        >On paper stands what was in sight: show fewer machines for less to be cut.</span
      >
      <BButton v-if="picked.model" variant="outline-primary" @click="showAll(!isGrid)"
        ><kbd>a</kbd> {{ isGrid ? `Only the ${model?.name}` : 'All machines' }}</BButton
      >
      <BButton variant="outline-primary" @click="showCharts(!isCharts)"
        ><kbd>c</kbd> {{ isCharts ? 'No charts' : 'Charts' }}</BButton
      >
      <CoverageFilters v-model="filters" :kinds="isGrid ? kinds : []" />
    </div>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <p
      v-if="
        lists.lists &&
        (lists.lists.models.length === 0 || lists.lists.techniques.length === 0 || lists.lists.fabrics.length === 0)
      "
    >
      Coverage needs a machine, a technique and a fabric.
      <RouterLink to="/shelf/models">Put them on the shelf</RouterLink>.
    </p>
    <div class="room">
      <section class="main">
        <CoverageCharts v-if="isCharts && fabric" :fabric="fabric" />
        <CoverageGrid
          v-else-if="isGrid && fabric"
          :fabric="fabric"
          :filters="filters"
          :at="beside"
          @open="(technique, model) => (beside = { technique, model })"
        />
        <CoverageColumn
          v-else-if="column"
          :column="column"
          :filters="filters"
          :at="beside?.technique"
          @open="(technique) => open(technique, picked.model!)"
        />
      </section>
      <aside>
        <template v-if="beside && card">
          <p class="line">
            <RouterLink
              class="btn btn-outline-primary btn-sm"
              :to="{ path: '/card', query: { ...query, m: beside.model, t: beside.technique, f: fabric } }"
              >Open the card</RouterLink
            >
            <BButton size="sm" variant="link" @click="beside = undefined">Close</BButton>
          </p>
          <h2>{{ card.technique.name }}</h2>
          <BriefCard :card="card" :stage="undefined" label="Card of the cell" />
        </template>
        <GapList v-else-if="gaps" :view="gaps" :by="gapsBy" @by="(by) => (gapsBy = by)" />
      </aside>
    </div>
  </main>
</template>

<style scoped lang="scss">
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: center;
}

.room {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: 1.6rem;
  margin-top: 0.8rem;
}

aside {
  border-left: 1px solid var(--rule);
  padding-left: 1rem;
  max-height: calc(100vh - 11.5rem);
  overflow: auto;
}

aside :deep(.verdict-mark) {
  width: 1.6rem;
  height: 1.6rem;
}

@media (max-width: 1000px) {
  .room {
    grid-template-columns: 1fr;
  }

  aside {
    border-left: 0;
    padding-left: 0;
    max-height: none;
  }
}
</style>
