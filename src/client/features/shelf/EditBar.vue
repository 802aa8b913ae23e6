<script setup lang="ts">
import { computed } from 'vue'
import type { Edits } from '../../ui/sheet/useEdits'

/** What is changed and not saved, and what to do with it. */
const props = defineProps<{
  edits: Edits
  /** Goes to what is not sound. */
  onFault?: () => void
}>()
const faulty = computed(() => {
  const { length } = props.edits.faulty.value
  return `${length} ${length === 1 ? 'row is' : 'rows are'} not sound yet`
})
</script>

<template>
  <div class="bar">
    <BButton variant="primary" :disabled="edits.changed.value.length === 0 || edits.busy.value" @click="edits.save()">
      {{
        edits.busy.value ? 'Saving …' : edits.changed.value.length > 0 ? `Save ${edits.changed.value.length}` : 'Save'
      }}
    </BButton>
    <BButton variant="outline-primary" :disabled="!edits.canUndo.value" @click="edits.undo()">Undo</BButton>
    <BButton v-if="edits.changed.value.length > 0" variant="link" @click="edits.discard()">Discard changes</BButton>
    <span role="status" class="soft">
      <template v-if="edits.changed.value.length > 0 && edits.restored.value > 0"
        >Kept from before: not saved yet.</template
      >
      <template v-else>{{ edits.said.value }}</template>
    </span>
    <template v-if="edits.faulty.value.length > 0">
      <BButton v-if="onFault" variant="link" class="caution" @click="onFault()">{{ faulty }}</BButton>
      <span v-else class="caution">{{ faulty }}</span>
    </template>
  </div>
  <p v-if="edits.problem.value" role="alert" class="caution lines">{{ edits.problem.value }}</p>
</template>

<style scoped lang="scss">
.bar {
  display: flex;
  gap: 0.6rem;
  align-items: center;
}

.lines {
  margin: 0.4rem 0 0;
}
</style>
