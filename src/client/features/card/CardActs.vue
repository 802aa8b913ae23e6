<!-- What can be done with a card, and the keys that do it. -->
<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Card } from '#core/card/card'
import { useKeys } from '../../state/keys'
import { usePicks } from '../../state/picks'
import { useSending } from './useSending'

const { card, at } = defineProps<{
  card: Card
  /** The stage in sight. */
  at: number
}>()
const emit = defineEmits<{ aloud: [] }>()
const router = useRouter()
const { query } = usePicks()

const here = computed(() => ({ ...query.value, stage: card.stages[at]?.stage }))
const links = computed(() => ({
  log: { path: '/log/new', query: here.value },
  whatIf: { path: '/whatif', query: here.value },
  practise: { path: '/practice', query: here.value },
  translate: { path: '/translate', query: query.value },
  newCase: { path: '/desk/new', query: query.value },
}))
const { send, shows } = useSending(
  () => card,
  () => at,
)
const print = () => window.print()

useKeys([
  { keys: 'p', does: 'Print the card', run: print },
  { keys: 'x', does: 'Translate the card to another machine', run: () => void router.push(links.value.translate) },
  { keys: 'w', does: 'What if something were set otherwise', run: () => void router.push(links.value.whatIf) },
  { keys: 't', does: 'Log a sample of this card', run: () => void router.push(links.value.log) },
  { keys: 'r', does: 'Read the card aloud, line by line', run: () => emit('aloud') },
])
</script>

<template>
  <p v-if="shows" role="status" class="shows">
    {{ shows }}
    <RouterLink :to="{ path: '/practice', query: { ...here, sent: '1' } }">Go to the machine</RouterLink>
  </p>
  <footer v-if="card.stages.length > 0" class="actions">
    <RouterLink class="btn btn-link" :to="links.log"><kbd>t</kbd> Log a sample</RouterLink>
    <BButton variant="link" @click="emit('aloud')"><kbd>r</kbd> Read aloud</BButton>
    <BButton variant="link" @click="print"><kbd>p</kbd> Print</BButton>
    <RouterLink class="btn btn-link" :to="links.whatIf"><kbd>w</kbd> What if</RouterLink>
    <RouterLink class="btn btn-link" :to="links.practise">Practise</RouterLink>
    <BButton variant="link" @click="send">To the practice machine</BButton>
    <RouterLink class="btn btn-link" :to="links.newCase"><kbd>n</kbd> Start a case</RouterLink>
    <RouterLink class="btn btn-link" :to="links.translate"><kbd>x</kbd> To another machine</RouterLink>
  </footer>
</template>

<style scoped lang="scss">
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.6rem;
  border-top: 1px solid var(--rule);
  margin-top: 0.6rem;
  position: sticky;
  bottom: 0;
  background: var(--paper);

  .btn {
    text-decoration: none;
    white-space: nowrap;
    color: var(--ink);
    padding-left: 0;
  }
}

.shows {
  border-left: 4px solid var(--teal);
  padding-left: 0.8rem;
}

@media print {
  .shows,
  .actions {
    display: none;
  }
}
</style>
