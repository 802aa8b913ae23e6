<!-- Where nothing is picked yet: one of the shop's cards to begin with, or where its first machine comes from. -->
<script setup lang="ts">
import { useExample, usePickLists, usePicks } from '../state/picks'

const { path } = defineProps<{
  /** The view that the example is opened in. */
  path: string
}>()
const lists = usePickLists()
const { query } = usePicks()
const example = useExample()
</script>

<template>
  <p v-if="example">
    Or begin with one:
    <RouterLink :to="{ path, query: { ...query, ...example.query } }">{{ example.words }}</RouterLink>.
  </p>
  <p v-else-if="lists.lists && lists.lists.models.length === 0">
    The shop has no machines yet. <RouterLink to="/shop">Take a catalogue file in</RouterLink> to begin.
  </p>
</template>
