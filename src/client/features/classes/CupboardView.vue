<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { Cupboard } from '#shared/api/classes'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePicks } from '../../state/picks'
import SupplyTable from './SupplyTable.vue'

/** The store cupboard: how what classes use up is sold, and what of it is on the shelf. */
type Supply = Cupboard['supplies'][number]
const { query } = usePicks()
const names = useNames()
const kept = shallowRef<Cupboard>()
const supplies = ref<Supply[]>([])
const problem = ref('')
const said = ref('')
const take = (next: Cupboard) => {
  kept.value = next
  supplies.value = next.supplies
}
Promise.all([get<Cupboard>('/api/cupboard'), names.load()])
  .then(([read]) => take(read))
  .catch((error: unknown) => (problem.value = problemText(error)))
const changed = computed(() => JSON.stringify(kept.value?.supplies) !== JSON.stringify(supplies.value))
const save = async () => {
  problem.value = ''
  said.value = ''
  try {
    take(await call<Cupboard>('PUT', '/api/cupboard', { version: kept.value?.version ?? 0, supplies: supplies.value }))
    said.value = 'Saved.'
  } catch (error) {
    problem.value =
      error instanceof ApiProblem && error.details.status === 409
        ? 'Somebody else has changed the store cupboard meanwhile. What you typed is kept here; open it in another tab to see theirs.'
        : problemText(error)
  }
}
</script>

<template>
  <main class="page wide">
    <p class="back"><RouterLink :to="{ path: '/classes', query }">All classes</RouterLink></p>
    <div class="head">
      <h1>Store cupboard</h1>
      <span role="status" class="soft">{{ changed ? '' : said }}</span>
      <BButton v-if="kept" variant="primary" :disabled="!changed" @click="save">Save</BButton>
    </div>
    <p class="soft">
      How what classes use up is sold, and what of it is on the shelf. What is left empty is told as unknown, never as
      nothing.
    </p>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <p v-if="kept && supplies.length === 0">Nothing yet. Add what your classes use up: fabrics, threads, needles.</p>
    <SupplyTable v-if="kept" :supplies="supplies" @change="(next) => (supplies = next)" />
  </main>
</template>

<style scoped lang="scss">
.head {
  display: flex;
  gap: 0.8rem;
  align-items: baseline;
}

.back {
  margin: 0;
}

.lines {
  white-space: pre-line;
}
</style>
