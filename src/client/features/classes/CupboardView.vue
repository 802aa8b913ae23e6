<script setup lang="ts">
import type { Cupboard } from '#shared/api/classes'
import { call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePicks } from '../../state/picks'
import { useVersionedRecord } from '../../state/useVersionedRecord'
import ChangedUnderneath from '../../ui/ChangedUnderneath.vue'
import VersionDialog from '../../ui/VersionDialog.vue'
import SupplyTable from './SupplyTable.vue'

/** The store cupboard: how what classes use up is sold, and what of it is on the shelf. */
type Supply = Cupboard['supplies'][number]
const { query } = usePicks()
const names = useNames()
const { row, draft, problem, said, saving, changed, clash, settle, leave, take, save, underneath, compare } =
  useVersionedRecord<Cupboard, Supply[]>({
    contentOf: ({ supplies }) => supplies,
    rowOf: ({ version, value }) => ({ version, supplies: value as Supply[] }),
    write: (supplies, over) => call('PUT', '/api/cupboard', { version: over?.version ?? 0, supplies }),
    reads: { topic: 'cupboard', again: () => get('/api/cupboard') },
  })
Promise.all([get('/api/cupboard'), names.load()])
  .then(([read]) => take(read))
  .catch((error: unknown) => (problem.value = problemText(error)))
</script>

<template>
  <main class="page wide">
    <p class="back"><RouterLink :to="{ path: '/classes', query }">All classes</RouterLink></p>
    <div class="head">
      <h1>Store cupboard</h1>
      <span role="status" class="soft">{{ changed ? '' : said }}</span>
      <BButton v-if="row" variant="primary" :disabled="!changed || saving" @click="save()">Save</BButton>
    </div>
    <p class="soft">
      How what classes use up is sold, and what of it is on the shelf. What is left empty is told as unknown, never as
      nothing.
    </p>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <p v-if="draft?.length === 0">Nothing yet. Add what your classes use up: fabrics, threads, needles.</p>
    <ChangedUnderneath :shown="underneath !== undefined" @compare="compare" />
    <VersionDialog v-if="clash" :both="clash" @settle="settle" @leave="leave" />
    <SupplyTable v-if="draft" :supplies="draft" @change="(next) => (draft = next)" />
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
</style>
