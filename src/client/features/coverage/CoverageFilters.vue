<!-- Techniques by word, machines by kind, cells by verdict and by what they rest on. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { Kind } from '#core/catalogue/types'
import { capital, kindWord } from '#shared/messages/words'
import { PROOFS, PROOF_WORDS, type Filters } from './filters'
import { shortVerdict, verdicts } from './words'

/** Kinds of machine to choose from: none where one machine is looked at. */
defineProps<{ kinds: readonly Kind[] }>()
const filters = defineModel<Filters>({ required: true })
const field = <Key extends keyof Filters>(key: Key) =>
  computed({
    get: () => filters.value[key],
    set: (value: Filters[Key]) => (filters.value = { ...filters.value, [key]: value }),
  })
const words = field('words')
const kind = field('kind')
const verdict = field('verdict')
const proof = field('proof')
</script>

<template>
  <span class="filters">
    <label for="filter" class="visually-hidden">Filter techniques</label>
    <input id="filter" v-model="words" type="search" class="form-control filter" placeholder="Filter" />
    <template v-if="kinds.length > 1">
      <label class="visually-hidden" for="kind">Kind of machine</label>
      <select id="kind" v-model="kind" class="form-select">
        <option value="">every kind</option>
        <option v-for="one in kinds" :key="one" :value="one">{{ capital(kindWord(one)) }}s</option>
      </select>
    </template>
    <label class="visually-hidden" for="verdict">Verdict</label>
    <select id="verdict" v-model="verdict" class="form-select">
      <option value="">every verdict</option>
      <option v-for="one in verdicts" :key="one" :value="one">{{ shortVerdict(one) }}</option>
    </select>
    <label class="visually-hidden" for="proof">Proof</label>
    <select id="proof" v-model="proof" class="form-select">
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
