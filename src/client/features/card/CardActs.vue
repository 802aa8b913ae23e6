<!-- What can be done with a card, and the keys that do it. -->
<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Card } from '#core/card/card'
import { file } from '../../api/client'
import { useKeys } from '../../state/keys'
import { usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import { saveFile } from '../../ui/saveFile'
import { useSending } from './useSending'

const { card, at } = defineProps<{
  card: Card
  /** The stage in sight. */
  at: number
}>()
const emit = defineEmits<{ aloud: [] }>()
const router = useRouter()
const { picked, whole, query } = usePicks()
/** So long the code on a printed card opens it. */
const PAPER_DAYS = 90

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
const session = useSession()
const { busy: printing, said: printed, problem: notPrinted, act } = useAction()
/** As a handout; who may not make a link for its code prints the page as it stands. */
const print = () =>
  act(async () => {
    if (session.user?.role === 'viewer') return window.print()
    if (!whole.value) return
    const { technique, model } = whole.value
    const asked = { ...whole.value, owned: picked.value.owned, days: PAPER_DAYS }
    saveFile(await file('/api/shared-cards/paper', asked), `${technique}-on-${model}.pdf`)
    return 'On paper: the file is with your downloads. Its code opens this card for 90 days.'
  })

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
  <p v-if="notPrinted" role="alert" class="caution">{{ notPrinted }}</p>
  <p v-else-if="printed" role="status" class="shows">{{ printed }}</p>
  <footer v-if="card.stages.length > 0" class="actions">
    <RouterLink class="btn btn-link" :to="links.log"><kbd>t</kbd> Log a sample</RouterLink>
    <BButton variant="link" @click="emit('aloud')"><kbd>r</kbd> Read aloud</BButton>
    <BButton variant="link" :disabled="printing" @click="print"><kbd>p</kbd> Print</BButton>
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
