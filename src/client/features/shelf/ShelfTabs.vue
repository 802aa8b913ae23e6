<script setup lang="ts">
import { useRoute } from 'vue-router'
import { usePicks } from '../../state/picks'
import { shelves } from './shelves'

const route = useRoute()
const { query } = usePicks()
const isHere = (path: string) => route.path === path || route.path.startsWith(`${path}/`)
</script>

<template>
  <nav class="shelves" aria-label="Shelves">
    <RouterLink
      v-for="shelf in shelves"
      :key="shelf.path"
      :to="{ path: shelf.path, query }"
      :class="{ here: isHere(shelf.path) }"
      :aria-current="isHere(shelf.path) ? 'page' : undefined"
    >
      {{ shelf.name }}
    </RouterLink>
  </nav>
</template>

<style scoped lang="scss">
.shelves {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.1rem;
  padding: 0.5rem 1.6rem 0;
  border-bottom: 1px solid var(--rule);

  a {
    padding: 0.25rem 0;
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
