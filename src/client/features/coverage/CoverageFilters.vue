<!-- Techniques by word, machines by kind, cells by verdict and by what they rest on. -->
<script setup lang="ts">
import type { Kind } from '#core/catalogue/types'
import { capital, kindWord } from '#shared/messages/words'
import { PROOFS, PROOF_WORDS, type Filters } from './filters'
import { shortVerdict, verdicts } from './words'

/** Kinds of machine to choose from: none where one machine is looked at. */
defineProps<{ kinds: readonly Kind[] }>()
const filters = defineModel<Filters>({ required: true })
const set = (next: Partial<Filters>) => (filters.value = { ...filters.value, ...next })
const value = (event: Event) => (event.target as HTMLInputElement | HTMLSelectElement).value as never
</script>

<template>
  <span class="filters">
    <label for="filter" class="visually-hidden">Filter techniques</label>
    <input
      id="filter"
      type="search"
      class="form-control filter"
      placeholder="Filter"
      :value="filters.words"
      @input="set({ words: value($event) })"
    />
    <template v-if="kinds.length > 1">
      <label class="visually-hidden" for="kind">Kind of machine</label>
      <select id="kind" class="form-select" :value="filters.kind" @change="set({ kind: value($event) })">
        <option value="">every kind</option>
        <option v-for="kind in kinds" :key="kind" :value="kind">{{ capital(kindWord(kind)) }}s</option>
      </select>
    </template>
    <label class="visually-hidden" for="verdict">Verdict</label>
    <select id="verdict" class="form-select" :value="filters.verdict" @change="set({ verdict: value($event) })">
      <option value="">every verdict</option>
      <option v-for="one in verdicts" :key="one" :value="one">{{ shortVerdict(one) }}</option>
    </select>
    <label class="visually-hidden" for="proof">Proof</label>
    <select id="proof" class="form-select" :value="filters.proof" @change="set({ proof: value($event) })">
      <option value="">proved or not</option>
      <option v-for="one in PROOFS" :key="one" :value="one">{{ PROOF_WORDS[one] }}</option>
    </select>
  </span>
</template>

<style scoped lang="scss">
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.5rem;
}

.filter {
  width: 8rem;
}

.form-select {
  width: auto;
}
</style>
