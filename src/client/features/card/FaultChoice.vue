<script setup lang="ts">
import type { CardSketch } from '#core/card/sketch'
import type { ToldFault } from '#core/procedure/types'
import FaultPicture from '../../ui/stitch/FaultPicture.vue'

/** Which of the faults it is: as pictures of the card's own stitch sewn so, and in words. */
defineProps<{ faults: readonly ToldFault[]; sketch: CardSketch | undefined; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [fault: string] }>()
</script>

<template>
  <ul class="faults">
    <li v-for="fault in faults" :key="fault.id">
      <button type="button" :aria-pressed="fault.id === chosen" @click="emit('choose', fault.id)">
        <FaultPicture v-if="sketch && fault.shows" :sketch="sketch" :shows="fault.shows" :name="fault.name" />
        {{ fault.name }}
      </button>
    </li>
  </ul>
</template>

<style scoped lang="scss">
.faults {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
  gap: 0.6rem;
}

button {
  width: 100%;
  height: 100%;
  min-height: 3rem;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  gap: 0.3rem;
  padding: 0.4rem 0.6rem;
  border: 1px solid var(--rule);
  background: none;
  color: var(--ink);
  text-align: left;
  font-weight: 600;

  &[aria-pressed='true'] {
    border: 3px solid var(--teal);
  }
}
</style>
