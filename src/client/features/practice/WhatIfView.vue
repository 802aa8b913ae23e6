<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { Parameter } from '#core/catalogue/types'
import { planChangeover } from '#core/changeover/plan'
import { asTheCardSays, missing, setValue, work, type MachineState } from '#core/practice/machine'
import { sewWith } from '#core/practice/sew'
import { controlWord, list } from '#shared/messages/words'
import { placeWord } from '#shared/messages/practice'
import { ruleText } from '#shared/messages/moves'
import { usePicks } from '../../state/picks'
import BeginWith from '../../ui/BeginWith.vue'
import ControlPanel from './ControlPanel.vue'
import SewnSample from './SewnSample.vue'
import { useTrial } from './useTrial'

/**
 * A card with any value, foot, plate or lever changed: what it would sew, and what would happen, before anyone tries.
 */
const { query } = usePicks()
const { trial, problem } = useTrial()
const state = shallowRef<MachineState>()
const resets = shallowRef<Record<string, string>>({})
watch(trial, (now) => {
  state.value = now && asTheCardSays(now)
  resets.value = {}
})

/** Anything may be tried here; whether and how it could be brought there is told beside it. */
const free = computed(
  () =>
    trial.value && {
      ...trial.value,
      controls: { ...trial.value.controls, rules: trial.value.controls.rules.filter((rule) => 'resets' in rule) },
    },
)
const move = (control: string, to: string) => {
  if (!free.value || !state.value) return
  const worked = work(free.value, state.value, control, to)
  if (!worked.done) return
  state.value = { ...worked.state, due: [] }
  resets.value = worked.reset
}
const set = (parameter: Parameter, value: number) => {
  if (!free.value || !state.value) return
  const worked = setValue(free.value, state.value, parameter, value)
  if (worked.done) state.value = { ...worked.state, due: [] }
  resets.value = {}
}
const sewn = computed(() => trial.value && state.value && sewWith(trial.value, state.value))
const changed = computed(() =>
  trial.value && state.value ? missing(trial.value, state.value).filter(({ control }) => control !== 'handwheel') : [],
)
const plan = computed(() => {
  if (!trial.value || changed.value.length === 0) return undefined
  const { controls } = trial.value
  const from = asTheCardSays(trial.value).positions
  return planChangeover({
    controls,
    from,
    goal: { ...from, ...Object.fromEntries(changed.value.map(({ control, at }) => [control, at])) },
  })
})
const toDo = computed(() => {
  const found = plan.value
  const now = trial.value
  if (!found || !now) return ''
  if (found.outcome === 'plan')
    return (
      'To bring it there from the card: ' +
      `${list(found.steps.map(({ control, to }) => `${controlWord(control)} ${placeWord(now, control, to)}`))}.`
    )
  if (found.outcome === 'blocked')
    return `The machine would not let it come there: ${found.rules.map(ruleText).join(' ')}`
  return `First look at the ${list(found.controls.map(controlWord))}.`
})
const takenBack = computed(() => {
  const now = trial.value
  const words = Object.entries(resets.value).filter(([control]) => control !== 'handwheel')
  return now && words.length > 0
    ? 'That takes back ' +
        `${list(words.map(([control, to]) => `${controlWord(control)} to ${placeWord(now, control, to)}`))}.`
    : ''
})
const reset = () => trial.value && ((state.value = asTheCardSays(trial.value)), (resets.value = {}))
</script>

<template>
  <main class="page wide">
    <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
    <template v-if="!trial && !problem">
      <h1>What if</h1>
      <p>Pick a machine, a technique and a fabric at the top; then anything can be changed here.</p>
      <BeginWith path="/whatif" />
    </template>
    <template v-if="trial && state && sewn">
      <h1>What if: {{ trial.technique.name.toLowerCase() }} on the {{ trial.model.name }}</h1>
      <p class="soft">
        It stands as the card says. Change anything and see what it would sew.
        <RouterLink :to="{ path: '/card', query }">Back to the card</RouterLink>
      </p>
      <div class="bench">
        <ControlPanel :trial="trial" :state="state" :places="false" @move="move" @set="set" />
        <aside>
          <SewnSample :trial="trial" :sewn="sewn" would />
          <p v-if="takenBack" role="status">{{ takenBack }}</p>
          <p v-if="toDo" class="soft">{{ toDo }}</p>
          <BButton v-if="changed.length > 0" variant="outline-primary" @click="reset">As the card says</BButton>
        </aside>
      </div>
    </template>
  </main>
</template>

<style scoped lang="scss">
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 25rem;
  gap: 0 2rem;
}

aside {
  position: sticky;
  top: 0.5rem;
  align-self: start;
}

@media (max-width: 1000px) {
  .bench {
    grid-template-columns: 1fr;
  }

  aside {
    position: static;
    order: -1;
  }
}
</style>
