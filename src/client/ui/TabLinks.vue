<script setup lang="ts">
import { useRoute } from 'vue-router'
import { usePicks } from '../state/picks'

/** Pages side by side, the one that is open marked. */
defineProps<{ tabs: readonly { path: string; name: string }[]; label: string; within?: boolean }>()
const route = useRoute()
const { query } = usePicks()
</script>

<template>
  <nav class="tabs" :aria-label="label">
    <RouterLink
      v-for="tab in tabs"
      :key="tab.path"
      :to="{ path: tab.path, query }"
      :class="{ here: route.path === tab.path || (within && route.path.startsWith(`${tab.path}/`)) }"
      :aria-current="route.path === tab.path || (within && route.path.startsWith(`${tab.path}/`)) ? 'page' : undefined"
    >
      {{ tab.name }}
    </RouterLink>
  </nav>
</template>

<style scoped lang="scss">
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  border-bottom: 1px solid var(--rule);

  a {
    padding: 0.3rem 0;
    color: var(--ink-soft);
    text-decoration: none;
    border-bottom: 3px solid transparent;

    &:hover {
      color: var(--ink);
    }
  }

  .here {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--teal);
  }
}
</style>
