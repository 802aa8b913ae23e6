<script setup lang="ts">
import { computed } from 'vue'
import type { Column } from '#shared/tables/columns'
import type { RowNames } from '#shared/tables/titles'

/** What a cell may hold, where that is a list: offered while typing. */
const props = defineProps<{ id: string; column: Column; names: RowNames }>()
const options = computed(() => {
  const { kind, suggest } = props.column
  if (suggest) return suggest
  if (kind.is === 'choice') return kind.of.map(({ word }) => word)
  if (kind.is === 'text' && kind.usual) return kind.usual.map(({ word }) => word)
  if (kind.is === 'yesNo') return ['yes', 'no']
  if (kind.is === 'ref') return Object.values(props.names[kind.to] ?? {})
  return []
})
</script>

<template>
  <datalist :id="id">
    <option v-for="option in options" :key="option" :value="option" />
  </datalist>
</template>
