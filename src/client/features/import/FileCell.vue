<script setup lang="ts">
import EntryInput from '../../ui/EntryInput.vue'

/** One cell as it stands in the file, to be mended in place; beside it, what was made of it. */
defineProps<{ text: string; label: string; fault: boolean }>()
const emit = defineEmits<{ mend: [text: string] }>()
const NARROWEST = 4
const WIDEST = 26
</script>

<template>
  <td :class="{ fault }">
    <EntryInput
      class="file-cell"
      :value="text"
      :aria-label="label"
      :aria-invalid="fault ? 'true' : undefined"
      :size="Math.max(NARROWEST, Math.min(WIDEST, text.length))"
      @change="(typed) => emit('mend', typed)"
    />
    <slot></slot>
  </td>
</template>

<style scoped lang="scss">
.file-cell {
  border: 0;
  border-bottom: 1px solid transparent;
  background: transparent;
  color: inherit;
  font-weight: 600;
  padding: 0;

  &:hover,
  &:focus {
    border-bottom-color: var(--teal);
  }
}

.fault {
  background: var(--madder-wash);
}
</style>
