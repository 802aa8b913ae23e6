<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import NotHere from '../../ui/NotHere.vue'
import TableView from './TableView.vue'
import { shelves, type Shelf } from './shelves'

const route = useRoute()
const shelf = computed(() =>
  shelves.find(
    (candidate): candidate is Shelf & { resource: NonNullable<Shelf['resource']> } =>
      candidate.path === route.path && candidate.resource !== undefined,
  ),
)
</script>

<template>
  <TableView v-if="shelf" :key="shelf.resource" :shelf="shelf" />
  <NotHere v-else />
</template>
