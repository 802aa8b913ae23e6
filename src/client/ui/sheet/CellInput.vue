<script setup lang="ts">
import { computed } from 'vue'
import type { Column } from '#shared/tables/columns'
import type { RowNames } from '#shared/tables/titles'
import CellSuggestions from './CellSuggestions.vue'

/** One cell outside a sheet: the input that its kind asks for. */
const props = defineProps<{
  id: string
  column: Column
  text: string
  names: RowNames
  locked: boolean
  invalid: boolean
  /** Where no label stands beside it. */
  label?: string | undefined
}>()
/** An example where a label says what the field is, else the field's own name; never to be taken for what is stated. */
const placeholder = computed(() => {
  if (props.locked) return 'not stated'
  if (props.label !== undefined) return `${props.column.heading.toLowerCase()} …`
  return props.column.hint === undefined ? undefined : `e.g. ${props.column.hint}`
})
const emit = defineEmits<{ change: [text: string] }>()
const LONG = 30
const TYPES: Record<string, string> = { date: 'date', dateTime: 'datetime-local' }
/** Told once it is left; what is being typed outlives whatever is told anew around it. */
const entered = computed({ get: () => props.text, set: (text: string) => emit('change', text) })
const isLong = ({ width, kind }: Column) => width >= LONG && kind.is !== 'ref'
const offers = ({ kind, suggest }: Column) =>
  kind.is === 'ref' || suggest !== undefined || (kind.is === 'text' && kind.usual !== undefined)
</script>

<template>
  <select
    v-if="column.kind.is === 'choice' && !locked"
    :id="id"
    v-model="entered"
    class="form-select form-select-sm"
    :aria-label="label"
  >
    <option v-if="!column.required || !text" value="">{{ column.required ? 'choose …' : 'not stated' }}</option>
    <option v-for="option in column.kind.of" :key="option.value" :value="option.word">{{ option.word }}</option>
  </select>
  <textarea
    v-else-if="isLong(column)"
    :id="id"
    v-model.lazy="entered"
    class="form-control form-control-sm"
    rows="1"
    :aria-label="label"
    :readonly="locked"
    :aria-invalid="invalid ? 'true' : undefined"
    :placeholder="placeholder"
  ></textarea>
  <template v-else>
    <input
      :id="id"
      v-model.lazy="entered"
      :type="TYPES[column.kind.is] ?? 'text'"
      class="form-control form-control-sm"
      :aria-label="label"
      :readonly="locked"
      :list="offers(column) ? `${id}-list` : undefined"
      :aria-invalid="invalid ? 'true' : undefined"
      :placeholder="placeholder"
      autocomplete="off"
    />
    <CellSuggestions v-if="offers(column)" :id="`${id}-list`" :column="column" :names="names" />
  </template>
</template>

<style scoped lang="scss">
::placeholder {
  color: var(--ink-soft);
  font-style: italic;
  opacity: 1;
}

textarea {
  field-sizing: content;
}

input[readonly],
textarea[readonly] {
  border-color: transparent;
}
</style>
