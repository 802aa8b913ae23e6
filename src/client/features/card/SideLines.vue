<script setup lang="ts">
import type { ProcedureWords } from '#shared/messages/procedure'
import { durationWords } from '#shared/messages/words'
import ProcedureLines from './ProcedureLines.vue'

/** What is wanted when its moment comes, folded: each next piece, what comes in between, the way back. */
defineProps<{ told: ProcedureWords; backSeconds?: number | undefined }>()
</script>

<template>
  <details v-if="told.next" class="side">
    <summary>{{ told.next.title }}</summary>
    <ProcedureLines :steps="told.next.steps" of="side" />
  </details>
  <details v-for="one in told.interruptions" :key="one.title" class="side">
    <summary>{{ one.title }}</summary>
    <ProcedureLines :steps="one.steps" of="side" />
  </details>
  <details v-if="told.back.length > 0" class="side back">
    <summary>
      Back to normal sewing<span v-if="backSeconds">, {{ durationWords(backSeconds) }}</span>
    </summary>
    <ProcedureLines :steps="told.back" of="back" />
  </details>
</template>

<style scoped lang="scss">
summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
  padding: 0.3rem 0;
}

@media print {
  /* Paper has nothing to unfold. */
  .side::details-content {
    content-visibility: visible;
    block-size: auto;
  }
}
</style>
