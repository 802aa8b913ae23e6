<script setup lang="ts">
import TabLinks from '../../ui/TabLinks.vue'
import { shelves } from './shelves'
</script>

<template>
  <TabLinks :tabs="shelves" label="Shelves" within class="shelves" />
</template>

<style scoped lang="scss">
.shelves {
  padding: 0.5rem 1.6rem 0;
}
</style>
