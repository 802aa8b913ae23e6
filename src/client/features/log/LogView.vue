<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { Parameter } from '#core/catalogue/types'
import type { SampleListed } from '#shared/api/samples'
import { sampleMark, sampleWord } from '#shared/messages/samples'
import { dateWords, parameterWord } from '#shared/messages/words'
import { formatNumber } from '#core/units/format'
import { get, problemText } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { useKeys } from '../../state/keys'
import { usePicks } from '../../state/picks'
import { useRouter } from 'vue-router'

/** Everything that was sewn, latest first. */
const router = useRouter()
const { query } = usePicks()
const samples = shallowRef<SampleListed[]>()
const problem = ref('')
const filter = ref('')
const load = async () => {
  try {
    samples.value = await get('/api/samples')
  } catch (error) {
    problem.value = problemText(error)
  }
}
void load()
whenChanged(['catalogue', 'samplePhotos'], load)

const usedOf = ({ used }: SampleListed) =>
  Object.entries(used)
    .map(
      ([parameter, value]) => `${parameterWord(parameter as Parameter).toLowerCase()} ${formatNumber(value as number)}`,
    )
    .join(', ')
const textOf = (one: SampleListed) =>
  [
    one.model.name,
    one.technique.name,
    one.stage.name,
    one.fabric.name,
    one.select,
    one.foot,
    sampleWord(one.verdict),
    one.by,
    one.note,
    one.fault,
    one.pinned ? 'pinned' : '',
    one.stale ? 'older edition' : '',
    one.photo ? 'photo' : '',
  ]
    .join(' ')
    .toLowerCase()
const shown = computed(() => {
  const words = filter.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (samples.value ?? []).filter((one) => words.every((word) => textOf(one).includes(word)))
})
const logOne = () => void router.push({ path: '/log/new', query: query.value })
useKeys([{ keys: 't', does: 'Log a sample', run: logOne }])
</script>

<template>
  <main class="page wide">
    <h1>Log</h1>
    <p>
      <BButton variant="primary" @click="logOne"><kbd>t</kbd> Log a sample</BButton>
      <RouterLink class="btn btn-link" to="/log/printer">Label printer</RouterLink>
    </p>
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="samples && samples.length > 0">
      <label for="filter" class="visually-hidden">Filter</label>
      <input id="filter" v-model="filter" type="search" class="form-control filter" placeholder="Filter by any words" />
      <table class="table">
        <thead>
          <tr>
            <th scope="col">Sewn</th>
            <th scope="col">Technique</th>
            <th scope="col">Machine</th>
            <th scope="col">Fabric</th>
            <th scope="col">With</th>
            <th scope="col">Verdict</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in shown" :key="one.id">
            <td>
              {{ dateWords(one.on) }}<br /><span class="soft">{{ one.by }}</span>
            </td>
            <th scope="row">
              <RouterLink :to="{ path: `/log/${one.id}`, query }">{{ one.technique.name }}</RouterLink>
            </th>
            <td>{{ one.model.name }}</td>
            <td>{{ one.fabric.name }}</td>
            <td>
              {{ one.select }}{{ one.foot ? `, ${one.foot}` : '' }}<br /><span class="soft">{{ usedOf(one) }}</span>
            </td>
            <td>
              <span aria-hidden="true">{{ sampleMark(one.verdict) }}</span> {{ sampleWord(one.verdict)
              }}<span v-if="one.pinned"> · pinned</span><span v-if="one.stale" class="soft"> · older edition</span
              ><span v-if="one.photo" class="soft"> · photo</span> <br v-if="one.fault" /><span
                v-if="one.fault"
                class="soft"
                >{{ one.fault }}</span
              >
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="shown.length === 0">Nothing has all these words.</p>
    </template>
    <p v-else-if="samples">
      Nothing is logged yet. Open a card, sew a scrap, press <kbd>t</kbd>: that is the first one.
    </p>
  </main>
</template>

<style scoped lang="scss">
.filter {
  max-width: 24rem;
  margin-bottom: 0.6rem;
}

th {
  font-weight: 400;
}

thead th {
  color: var(--ink-soft);
}
</style>
