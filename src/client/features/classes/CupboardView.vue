<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { Cupboard } from '#shared/api/classes'
import { supplyColumns } from '#shared/tables/classColumns'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePicks } from '../../state/picks'
import PartList from '../../ui/sheet/PartList.vue'

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
const blank = (): Supply => ({ what: 'material', of: '', pack: 1, shelf: 0 })
</script>

<template>
  <main class="page wide">
    <p class="back"><RouterLink :to="{ path: '/classes', query }">All classes</RouterLink></p>
    <div class="head">
      <h1>Store cupboard</h1>
      <span role="status" class="soft">{{ changed ? '' : said }}</span>
      <BButton v-if="kept" variant="primary" :disabled="!changed" @click="save">Save</BButton>
    </div>
    <p>
      How what classes use up is sold, and how many packs of it are on the shelf. A pack of fabric is in mm of the bolt,
      one of thread in metres; prices in cents. Fabric and thread by their id in the catalogue, bobbins by their class,
      needles as “system point size”, materials as the technique names them.
    </p>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <PartList
      v-if="kept"
      :parts="supplies"
      :columns="supplyColumns"
      :names="names.names"
      one="supply"
      captions
      :blank="blank"
      @change="(next) => (supplies = next)"
    />
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
