<!-- Says that shipped techniques have a new edition to look at; nothing where none has. -->
<script setup lang="ts">
import { get } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import { usePicks } from '../../state/picks'

const { query } = usePicks()
const { answer } = useQuery(
  'editions',
  () => ({}),
  () => get('/api/editions'),
)
</script>

<template>
  <p v-if="answer?.length" class="note">
    {{ answer.length === 1 ? 'One technique that ships' : `${answer.length} techniques that ship` }} with Handhold
    {{ answer.length === 1 ? 'has' : 'have' }} a new edition.
    <RouterLink :to="{ path: '/shelf/editions', query }">Look at what is new</RouterLink>
  </p>
</template>

<style scoped>
.note {
  border-left: 4px solid var(--teal);
  padding: 0.2rem 0.8rem;
}
</style>
