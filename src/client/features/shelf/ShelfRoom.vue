<script setup lang="ts">
import { useRoute } from 'vue-router'
import ShelfTabs from './ShelfTabs.vue'

const route = useRoute()
</script>

<template>
  <ShelfTabs />
  <RouterView v-slot="{ Component }">
    <component :is="Component" :key="route.path" />
  </RouterView>
</template>
