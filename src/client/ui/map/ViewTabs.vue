<!-- From where one looks at the machine. -->
<script setup lang="ts">
import type { MachineView } from '#core/catalogue/types'
import { viewWord } from '#shared/messages/words'

defineProps<{ views: readonly MachineView[] }>()
const view = defineModel<MachineView>({ required: true })
</script>

<template>
  <div class="views" role="group" aria-label="The machine seen">
    <button v-for="one in views" :key="one" type="button" :aria-pressed="one === view" @click="view = one">
      {{ viewWord(one) }}
    </button>
  </div>
</template>

<style scoped lang="scss">
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.8rem;
  margin-bottom: 0.3rem;
}

button {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--ink-soft);
  padding: 0;
  font-size: var(--note);

  &[aria-pressed='true'] {
    border-bottom-color: var(--teal);
    color: var(--ink);
    font-weight: 650;
  }
}
</style>
