<!-- A field that is told once it is left or entered; what is being typed outlives whatever is told anew around it. -->
<script setup lang="ts">
import { computed } from 'vue'

const props = defineProps<{ value: string | number | undefined }>()
const emit = defineEmits<{ change: [text: string] }>()
const text = computed({
  get: () => String(props.value ?? ''),
  set: (typed: string | number) => emit('change', String(typed)),
})
</script>

<template>
  <input v-model.lazy="text" />
</template>
