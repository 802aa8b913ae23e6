<script setup lang="ts">
import { computed, defineAsyncComponent, toRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Parameter } from '#core/catalogue/types'
import type { SampleTry } from '#core/samples/evidence'
import { houseText, spreadText } from '#shared/messages/samples'
import { formatNumber } from '#core/units/format'
import { call, file } from '../../api/client'
import { useKeys } from '../../state/keys'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import { saveFile } from '../../ui/saveFile'
import TryRung from './TryRung.vue'
import { useEvidence } from './useEvidence'

/** A ladder of tries, side by side: what was changed, how it lay, how good it was; and what the shop stands by. */
const TriesChart = defineAsyncComponent(() => import('./TriesChart.vue'))
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const session = useSession()
const { cell, problem, load } = useEvidence(toRef(props, 'id'))
const { said, problem: refused, act } = useAction()
said.value = startSaid()

function startSaid(): string {
  const logged = String(route.query.logged ?? '')
  if (logged === 'yes') return 'Logged. The card knows it already.'
  return logged.startsWith('no-photo') ? `Logged, but without its photo. ${logged.slice('no-photo '.length)}` : ''
}

const evidence = computed(() => cell.value?.evidence)
const scales = computed(() => cell.value?.model.scales ?? {})
const stageName = computed(() =>
  cell.value?.technique.methods
    .find(({ id }) => id === cell.value?.sample.method)
    ?.stages.find(({ id }) => id === cell.value?.sample.stage),
)
const cardQuery = computed(() => {
  const { model, technique, fabric, method } = cell.value?.sample ?? {}
  return { m: model, t: technique, f: fabric, method }
})
/** The picks at the top are those of the tries. */
watch(cell, (read) => read && !route.query.m && void router.replace({ query: { ...route.query, ...cardQuery.value } }))
const another = () =>
  void router.push({ path: '/log/new', query: { ...cardQuery.value, stage: cell.value?.sample.stage } })
const faultName = (one: SampleTry) =>
  stageName.value?.faults.find(({ id }) => id === one.sample.fault)?.name ?? one.sample.fault
/** The ones that vary are worth a chart. */
const varying = computed(() => {
  const tries = evidence.value?.tries ?? []
  const parameters = [...new Set(tries.flatMap(({ sample }) => Object.keys(sample.used)))] as Parameter[]
  return parameters.filter((parameter) => new Set(tries.map(({ sample }) => sample.used[parameter])).size > 1)
})

const pin = (id: string, pinned: boolean) =>
  act(async () => {
    await call('POST', `/api/samples/${id}/pin`, { pinned })
    await load()
    return pinned ? 'Pinned: the card says so from now on.' : 'Let go: the nearest to the medians holds again.'
  })
const print = (id: string) =>
  act(async () => {
    await call('POST', '/api/label-printer/jobs', { sample: id })
    return 'The label printer has it.'
  })
const label = (id: string) => act(async () => saveFile(await file(`/api/samples/${id}/label.pdf`), `label-${id}.pdf`))

useKeys([{ keys: 't', does: 'Log another try', run: another }])
</script>

<template>
  <main class="page wide">
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="cell && evidence">
      <h1>{{ cell.technique.name }} on {{ cell.model.name }} in {{ cell.fabric.name.toLowerCase() }}</h1>
      <p v-if="stageName" class="soft">
        {{ stageName.name }}: {{ evidence.tries.length }} {{ evidence.tries.length === 1 ? 'try' : 'tries' }}.
      </p>
      <p role="status" class="said">{{ said }}</p>
      <p v-if="refused" role="alert" class="caution">{{ refused }}</p>

      <section class="house" aria-label="House setting">
        <h2>{{ evidence.house ? 'The shop’s own setting' : 'No setting of the shop’s own yet' }}</h2>
        <p v-if="evidence.house">{{ houseText(evidence.house) }}</p>
        <p v-else>A good sample of this edition, sewn with {{ evidence.names[cell.sample.stitch] }}, makes one.</p>
        <ul v-if="evidence.spread.length > 0" class="spread">
          <li v-for="one in evidence.spread" :key="one.parameter" :class="{ caution: one.disputed }">
            {{ spreadText(one, scales) }}.
          </li>
        </ul>
        <p v-if="evidence.disputed" class="caution">
          Good samples differ by more than the shop bears ({{ formatNumber(evidence.tolerance.mm) }} mm,
          {{ formatNumber(evidence.tolerance.numbers) }} on a dial): sew one together, then pin it.
        </p>
        <p v-if="evidence.startOffset">
          Begins {{ formatNumber(Math.abs(evidence.startOffset.mean.value), 1) }} mm
          {{ evidence.startOffset.mean.value < 0 ? 'before' : 'past' }} the mark, ±{{
            formatNumber(evidence.startOffset.spread.value, 1)
          }}, from {{ evidence.startOffset.tries }} {{ evidence.startOffset.tries === 1 ? 'try' : 'tries'
          }}{{ evidence.startOffset.enough ? '' : ': fewer than three, sew more before you trust it' }}.
        </p>
        <p v-if="evidence.quarterInch">
          Quarter inch: move the needle {{ formatNumber(Math.abs(evidence.quarterInch.move.value), 2) }} mm
          {{ evidence.quarterInch.move.value >= 0 ? 'right, toward the edge' : 'left, away from the edge' }}, from
          {{ evidence.quarterInch.tries }} {{ evidence.quarterInch.tries === 1 ? 'try' : 'tries' }}.
        </p>
        <p class="acts">
          <BButton v-if="session.user?.role !== 'viewer'" variant="primary" @click="another"
            ><kbd>t</kbd> Another try</BButton
          >
          <RouterLink class="btn btn-outline-primary" :to="{ path: '/card', query: cardQuery }">The card</RouterLink>
        </p>
      </section>

      <ol class="ladder" tabindex="0" aria-label="Tries, in the order they were sewn">
        <li
          v-for="one in evidence.tries"
          :key="one.sample.id"
          :class="{ here: one.sample.id === id, house: one.sample.id === evidence.house?.sample }"
        >
          <TryRung
            :one="one"
            :scales="scales"
            :names="evidence.names"
            :house="one.sample.id === evidence.house?.sample ? evidence.house : undefined"
            :photo="evidence.photos.includes(one.sample.id)"
            :fault="faultName(one)"
            @pin="pin(one.sample.id, !one.sample.pinned)"
            @label="label(one.sample.id)"
            @print="print(one.sample.id)"
          />
        </li>
      </ol>
      <TriesChart
        v-if="varying.length > 0 && evidence.tries.length > 2"
        :tries="evidence.tries"
        :parameters="varying"
      />
    </template>
  </main>
</template>

<style scoped lang="scss">
.said {
  color: var(--teal);
  font-weight: 600;
  min-height: 1.4em;
  margin: 0;
}

.house h2 {
  margin-top: 0.2rem;
}

.house p {
  margin-bottom: 0.3rem;
}

.spread {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.6rem;
  margin-bottom: 0.3rem;
}

.ladder {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(14rem, 18rem);
  gap: 0 1.2rem;
  overflow-x: auto;
  padding: 0.6rem 0;
  margin: 0.6rem 0 0;
  list-style: none;

  > li {
    border-top: 4px solid var(--rule);
    padding-top: 0.4rem;
  }

  > li.house {
    border-top-color: var(--teal);
  }

  > li.here {
    background: var(--sheet);
  }
}
</style>
