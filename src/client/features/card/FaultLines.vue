<script setup lang="ts">
import { computed } from 'vue'
import type { ToldFault } from '#core/procedure/types'
import { toldCauseText } from '#shared/messages/faults'

/** What to do where the sewn piece is not good. */
const props = defineProps<{ faults: readonly ToldFault[] }>()
const helped = computed(() => props.faults.filter(({ causes }) => causes.length > 0))
</script>

<template>
  <section v-if="helped.length > 0">
    <h2>If not</h2>
    <p v-for="fault in helped" :key="fault.id">
      <strong>{{ fault.name }}:</strong> {{ fault.causes.map(toldCauseText).join('; ') }}.
    </p>
  </section>
</template>

<style scoped lang="scss">
p {
  margin-bottom: 0.3rem;
}
</style>
