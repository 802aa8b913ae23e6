<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Review } from '#core/practice/attempt'
import { startOf, type MachineState } from '#core/practice/machine'
import type { Trial } from '#core/practice/trial'
import type { AttemptView } from '#shared/api/practice'
import type { AttemptsView } from '#shared/api/practice'
import type { z } from 'zod'
import { dateWords, list } from '#shared/messages/words'
import { call, get, problemText } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import BeginWith from '../../ui/BeginWith.vue'
import LessonList from './LessonList.vue'
import PracticeBench from './PracticeBench.vue'
import PracticeLinks from './PracticeLinks.vue'
import { useTrial } from './useTrial'

const route = useRoute()
const { picked, query } = usePicks()
const session = useSession()
const { trial, problem } = useTrial()
const start = shallowRef<MachineState>()
const attempts = shallowRef<z.infer<typeof AttemptsView>>()
const said = ref('')

const loadAttempts = async () => {
  attempts.value = await get('/api/practice/attempts').catch(() => undefined)
}
void loadAttempts()
whenChanged(['practice'], loadAttempts)

/** With `sent` in the address the machine stands as it was last left or sent; else as for normal sewing. */
watch(
  trial,
  async (now) => {
    start.value = undefined
    if (!now) return
    const from = route.query.sent === '1' ? await get('/api/practice/machine').catch(() => undefined) : undefined
    if (trial.value !== now) return
    const shown = from?.machine?.model === now.model.id ? from.machine : undefined
    const fresh = startOf(now)
    start.value = shown
      ? { positions: { ...fresh.positions, ...shown.positions }, values: shown.values, due: shown.due }
      : fresh
  },
  { immediate: true },
)

let waiting: number | undefined
/** The machine is kept a moment after the last move, so that others can read what it shows. */
const keep = (now: Trial, state: MachineState) => {
  window.clearTimeout(waiting)
  waiting = window.setTimeout(() => {
    const shown = {
      model: now.model.id,
      technique: now.technique.id,
      stage: now.stage.id,
      fabric: now.fabric.id,
      ...state,
    }
    call('PUT', '/api/practice/machine', shown).catch((error: unknown) => (said.value = problemText(error)))
  }, 400)
}
const done = async (now: Trial, review: Review) => {
  said.value = ''
  const body = { model: now.model.id, technique: now.technique.id, stage: now.stage.id, fabric: now.fabric.id, review }
  try {
    await call('POST', '/api/practice/attempts', body)
    await loadAttempts()
  } catch (error) {
    said.value = `${problemText(error)} The lines stay here, but the attempt is not kept.`
  }
}
/** What of the three is not picked yet, in words. */
const missing = computed(() => {
  const { model, technique, fabric } = picked.value
  return list([...(model ? [] : ['a machine']), ...(technique ? [] : ['a technique']), ...(fabric ? [] : ['a fabric'])])
})
const linkTo = ({ query: asked }: AttemptView) => ({ path: '/practice', query: asked })
</script>

<template>
  <main class="page wide">
    <template v-if="trial && start">
      <h1>{{ trial.technique.name }} on the {{ trial.model.name }}: {{ trial.stage.name.toLowerCase() }}</h1>
      <p class="soft">
        Set the machine up for {{ trial.fabric.name.toLowerCase() }} as its card says. It stands as for normal sewing;
        what it must not do, it does not do.
        <RouterLink :to="{ path: '/card', query }">See the card</RouterLink>
      </p>
      <p v-if="said" role="alert" class="caution">{{ said }}</p>
      <PracticeBench
        :key="`${trial.model.id}/${trial.technique.id}/${trial.stage.id}/${trial.fabric.id}`"
        :trial="trial"
        :start="start"
        @stands="(state) => trial && keep(trial, state)"
        @done="(review) => trial && done(trial, review)"
      >
        <template #after>
          <p v-if="attempts?.next[0]" class="soft">
            Next:
            <RouterLink :to="linkTo(attempts.next[0])"
              >{{ attempts.next[0].names.technique }} on the {{ attempts.next[0].names.model }}</RouterLink
            >
          </p>
        </template>
      </PracticeBench>
      <PracticeLinks :trial="trial" />
    </template>
    <template v-else>
      <h1>Practice</h1>
      <p v-if="session.user?.role !== 'viewer'">
        <RouterLink :to="{ path: '/practice/progress', query }">Who practised, and where they hang</RouterLink>
      </p>
      <template v-if="problem">
        <p role="alert" class="caution lines">{{ problem }}</p>
        <p><RouterLink :to="{ path: '/card', query }">See the card</RouterLink></p>
      </template>
      <template v-else-if="missing">
        <p>
          Pick {{ missing }} at the top, and the machine stands here to be set up: it holds to its rules, and a wrong
          setting sews a bad sample.
        </p>
        <BeginWith path="/practice" />
      </template>
    </template>
    <!-- One list whatever stands above it: a name typed while the machine is on its way is not lost. -->
    <LessonList />
    <template v-if="!(trial && start)">
      <template v-if="attempts && attempts.next.length > 0">
        <h2>Try these again</h2>
        <ul>
          <li v-for="attempt in attempts.next" :key="attempt.id">
            <RouterLink :to="linkTo(attempt)"
              >{{ attempt.names.technique }} on the {{ attempt.names.model }}</RouterLink
            >
            <span class="soft"
              >: {{ attempt.review.reached ? 'set up, not without trouble' : 'not set up' }},
              {{ dateWords(attempt.at) }}</span
            >
          </li>
        </ul>
      </template>
      <template v-if="attempts && attempts.attempts.length > 0">
        <h2>Your attempts</h2>
        <ul>
          <li v-for="attempt in attempts.attempts" :key="attempt.id">
            {{ dateWords(attempt.at) }} ·
            <RouterLink :to="linkTo(attempt)"
              >{{ attempt.names.technique }} on the {{ attempt.names.model }}</RouterLink
            >
            <span class="soft"
              >: {{ attempt.review.reached ? 'set up' : 'not set up' }}, {{ attempt.review.moves }} moves</span
            >
          </li>
        </ul>
      </template>
    </template>
  </main>
</template>
