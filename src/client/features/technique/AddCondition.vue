<script setup lang="ts">
import { computed, ref } from 'vue'
import { conditions } from '#shared/tables/whenCell'
import type { RowNames } from '#shared/tables/titles'

/** Offers conditions to the “only when” field that was last in, so that nobody has to know their words. */
const props = defineProps<{ names: RowNames }>()
const field = ref<HTMLInputElement>()
const BEHAVIOURS = ['slippery', 'sticky', 'frays', 'lofty', 'stretchy']
const groups = computed(() =>
  conditions
    .map(({ word, names, of }) => ({
      word,
      values: names
        ? Object.values(props.names[names] ?? {})
        : word === 'is'
          ? BEHAVIOURS
          : word === 'layers'
            ? ['2', '3', '4']
            : (of ?? []),
    }))
    .filter(({ values }) => values.length > 0),
)
const remember = (event: FocusEvent) => {
  if (event.target instanceof HTMLInputElement && event.target.ariaLabel?.endsWith('Only when'))
    field.value = event.target
}
const add = (event: Event) => {
  const select = event.target as HTMLSelectElement
  const target = field.value
  if (target?.isConnected && select.value !== '') {
    target.value = [target.value.trim(), select.value].filter(Boolean).join('; ')
    target.dispatchEvent(new Event('change', { bubbles: true }))
    target.focus()
  }
  select.value = ''
}
</script>

<template>
  <div @focusin="remember">
    <label class="add">
      Only when: put into the field you were in
      <select class="form-select form-select-sm" @change="add">
        <option value="">a condition …</option>
        <optgroup v-for="{ word, values } in groups" :key="word" :label="word">
          <option v-for="value in values" :key="value" :value="`${word}: ${value}`">{{ value }}</option>
        </optgroup>
      </select>
    </label>
    <slot></slot>
  </div>
</template>

<style scoped lang="scss">
.add {
  position: sticky;
  top: 0;
  z-index: 2;
  display: flex;
  gap: 0.5rem;
  align-items: center;
  padding: 0.3rem 0;
  background: var(--paper);
  color: var(--ink-soft);

  select {
    width: auto;
  }
}
</style>
