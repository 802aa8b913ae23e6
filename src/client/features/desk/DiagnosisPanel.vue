<script setup lang="ts">
import { computed, ref } from 'vue'
import { valuePosition } from '#core/changeover/positions'
import type { Parameter } from '#core/catalogue/types'
import type { Cause, Shown } from '#core/desk/diagnosis'
import type { Trial } from '#core/practice/trial'
import { planSteps } from '#core/procedure/procedure'
import { trialTelling } from '#core/practice/onward'
import { parseNumber } from '#core/units/parse'
import type { DiagnosisView } from '#shared/api/desk'
import { causeText, groundText } from '#shared/messages/desk'
import { findingText, placeWord, trialSpeech } from '#shared/messages/practice'
import { stepsWords } from '#shared/messages/procedure'
import { capital, controlWord, parameterWord } from '#shared/messages/words'
import { call, get } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import ProcedureLines from '../card/ProcedureLines.vue'

/**
 * What the machine shows now, as far as it is told, against its card: hazards, likely causes, the least that puts it
 * right.
 */
const props = defineProps<{
  asked: { model: string; technique: string; fabric: string; owned: string }
  owned: readonly string[]
  trouble: string
  shown: Shown | undefined
}>()
const emit = defineEmits<{
  shown: [shown: Shown]
  solved: [cause: string, advice: string]
  workshop: [advice: string]
}>()
const shown = ref<Shown>(props.shown ?? { positions: {}, values: {} })
const { answer: trial, problem: noTrial } = useQuery(
  'trial',
  () => props.asked,
  (asked) => get<Trial>('/api/practice', asked),
  { stays: 0 },
)
/** What is told one by one is compared a moment after it was told. */
const { answer: compared, problem: notCompared } = useQuery(
  'diagnosis',
  () => ({ asked: props.asked, owned: props.owned, trouble: props.trouble, shown: shown.value }),
  async ({ asked, ...told }) => {
    const { model, technique, fabric } = asked
    return { asked, view: await call<DiagnosisView>('POST', '/api/diagnosis', { model, technique, fabric, ...told }) }
  },
  { wait: 120, stays: 1000 },
)
/** Never what was found on another machine. */
const found = computed(() =>
  JSON.stringify(compared.value?.asked) === JSON.stringify(props.asked) ? compared.value?.view : undefined,
)
const problem = computed(() => noTrial.value || notCompared.value)

/** Values the card speaks of, as figures. */
const parameters = computed(() =>
  (Object.entries(trial.value?.answer.settings ?? {}) as [Parameter, { value: unknown; shown: string }][]).filter(
    ([, { value }]) => typeof value === 'number',
  ),
)
const NOT_ASKED: ReadonlySet<string> = new Set(['power', 'needleHeight', 'footLift', 'handwheel', 'bobbin'])
/** Controls the card needs to stand somehow, with where they could stand. */
const controls = computed(() => {
  const now = trial.value
  if (!now) return []
  return Object.keys(now.goal)
    .filter((control) => !(control in now.model.scales) && !NOT_ASKED.has(control) && !control.startsWith('thread:'))
    .map((control) => ({ control, places: placesOf(now, control) }))
    .filter(({ places }) => places.length > 1)
})
const placesOf = (now: Trial, control: string): string[] => {
  const wanted = now.goal[control] as string
  const kinds: Record<string, string> = { foot: 'foot', plate: 'plate', ankle: 'ankle', adapter: 'adapter' }
  const listed =
    control === 'stitch'
      ? now.stitches.map(({ id }) => id)
      : control === 'needle'
        ? now.needles
        : control in kinds
          ? now.items.filter(({ what }) => what === kinds[control]).map(({ id }) => id)
          : (now.controls.controls[control]?.positions ?? []).filter((word) => word !== '*')
  return [...new Set([wanted, ...listed])]
}
const put = (next: Shown) => {
  shown.value = next
  emit('shown', next)
}
const setPlace = (control: string, at: string) => {
  const { [control]: _, ...rest } = shown.value.positions
  put({ ...shown.value, positions: at === '' ? rest : { ...rest, [control]: at } })
}
const setValue = (parameter: Parameter, text: string) => {
  const figure = parseNumber(text)
  const { [parameter]: _, ...values } = shown.value.values
  const { [parameter]: __, ...positions } = shown.value.positions
  if (figure === undefined || !trial.value) return put({ values, positions })
  return put({
    values: { ...values, [parameter]: figure },
    positions: { ...positions, [parameter]: valuePosition(figure) },
  })
}
const SHOWN = 6
const causes = computed(() => (found.value?.causes ?? []).slice(0, SHOWN))
const steps = computed(() => {
  const { plan } = found.value ?? {}
  const now = trial.value
  if (!plan || !now) return []
  return stepsWords(planSteps(plan, trialTelling(now, plan)), trialSpeech(now))
})
const adviceOf = (cause: Cause) => causeText(cause, trial.value)
const say = computed(() => trial.value && trialSpeech(trial.value))
</script>

<template>
  <section aria-label="Diagnosis">
    <h2>Then: what does the machine show now?</h2>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <template v-if="trial && say">
      <div class="shows">
        <template v-for="[parameter, setting] in parameters" :key="parameter">
          <label :for="`shows-${parameter}`">{{ parameterWord(parameter) }}</label>
          <input
            :id="`shows-${parameter}`"
            class="form-control"
            inputmode="decimal"
            placeholder="not told"
            :value="shown.values[parameter] ?? ''"
            @change="setValue(parameter, ($event.target as HTMLInputElement).value)"
          />
          <span class="soft">card: {{ setting.shown }}</span>
        </template>
        <template v-for="{ control, places } in controls" :key="control">
          <label :for="`shows-${control}`">{{ capital(controlWord(control)) }}</label>
          <select
            :id="`shows-${control}`"
            class="form-select"
            :value="shown.positions[control] ?? ''"
            @change="setPlace(control, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">not told</option>
            <option v-for="place in places" :key="place" :value="place">{{ placeWord(trial, control, place) }}</option>
          </select>
          <span class="soft">card: {{ placeWord(trial, control, trial.goal[control] ?? '') }}</span>
        </template>
      </div>
      <div aria-live="polite">
        <p v-for="hazard in found?.hazards ?? []" :key="hazard.code" class="hazard">{{ findingText(hazard, trial) }}</p>
        <template v-if="found">
          <h3>Likely, the likeliest first</h3>
          <ol class="causes">
            <li v-for="cause in causes" :key="cause.key">
              <strong>{{ causeText(cause, trial) }}</strong>
              <span class="soft">{{ groundText(cause) }}</span>
              <BButton size="sm" variant="outline-primary" @click="emit('solved', cause.key, adviceOf(cause))">
                It was this
              </BButton>
            </li>
          </ol>
          <template v-if="steps.length > 0">
            <h3>The least that puts it as the card has it</h3>
            <ProcedureLines :steps="steps" of="side" />
          </template>
          <p>
            Then a test on a scrap: same fabric, same layers. When it stays:
            <BButton
              size="sm"
              variant="outline-primary"
              @click="emit('workshop', 'Set as the card says; it stays on a scrap.')"
            >
              To the workshop
            </BButton>
          </p>
        </template>
      </div>
    </template>
  </section>
</template>

<style scoped lang="scss">
.shows {
  display: grid;
  grid-template-columns: 9rem 13rem 1fr;
  gap: 0.3rem 0.7rem;
  align-items: center;
}

.hazard {
  border: 3px solid var(--madder);
  color: var(--madder);
  font-weight: 700;
  font-size: 1.2rem;
  padding: 0.4rem 0.8rem;
  margin: 0.8rem 0;
}

h3 {
  font-size: 1.05rem;
  margin: 0.9rem 0 0.2rem;
}

.causes li {
  padding: 0.15rem 0;

  .soft {
    margin: 0 0.6rem;
  }
}

.lines {
  white-space: pre-line;
}

@media (max-width: 640px) {
  .shows {
    grid-template-columns: 1fr;
  }
}
</style>
