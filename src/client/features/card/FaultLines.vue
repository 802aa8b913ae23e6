<script setup lang="ts">
import { computed } from 'vue'
import type { CardSketch } from '#core/card/sketch'
import type { ToldFault } from '#core/procedure/types'
import { toldCauseText } from '#shared/messages/faults'
import FaultPicture from '../../ui/stitch/FaultPicture.vue'

/** What to do where the sewn piece is not good; with the stitch, how each fault looks on it. */
const props = defineProps<{ faults: readonly ToldFault[]; sketch?: CardSketch | undefined }>()
const helped = computed(() => props.faults.filter(({ causes }) => causes.length > 0))
</script>

<template>
  <section v-if="helped.length > 0">
    <h2>If not</h2>
    <div v-for="fault in helped" :key="fault.id" class="fault">
      <p>
        <strong>{{ fault.name }}:</strong> {{ fault.causes.map(toldCauseText).join('; ') }}.
      </p>
      <FaultPicture v-if="sketch && fault.shows" :sketch="sketch" :shows="fault.shows" :name="fault.name" />
    </div>
  </section>
</template>

<style scoped lang="scss">
.fault {
  display: grid;
  grid-template-columns: 1fr 13rem;
  gap: 0.2rem 0.8rem;
  align-items: center;
  margin-bottom: 0.4rem;
}

p {
  margin: 0;
}

@media (max-width: 640px) {
  .fault {
    grid-template-columns: 1fr;
  }
}
</style>
