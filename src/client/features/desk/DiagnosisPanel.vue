<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Item } from '#core/catalogue/types'
import type { Cause } from '#core/desk/diagnosis'
import { withTold, type Compared, type Shown } from '#core/desk/shown'
import type { Trial } from '#core/practice/trial'
import { planSteps } from '#core/procedure/procedure'
import { trialTelling } from '#core/practice/onward'
import type { DiagnosisView } from '#shared/api/desk'
import { causeText, groundText } from '#shared/messages/desk'
import { findingText, trialSpeech } from '#shared/messages/practice'
import { stepsWords } from '#shared/messages/procedure'
import { useQuery } from '../../state/useQuery'
import ProcedureLines from '../card/ProcedureLines.vue'
import ShownFields from './ShownFields.vue'

/**
 * What the machine shows now, as far as it is told, against its card: hazards, likely causes, the least that puts it
 * right. What is done with a cause, and in the end, stands in the slots `cause` and `end`.
 */
const props = defineProps<{
  /** Where its machine and the comparison come from: the same `key`, the same machine in the same question. */
  from: {
    key: string
    trial: () => Promise<Trial>
    compare: (told: Compared) => Promise<DiagnosisView>
    /** What anybody may have fitted. */
    items?: () => Promise<readonly Item[]>
  }
  trouble: string
  shown: Shown | undefined
}>()
const emit = defineEmits<{
  shown: [shown: Shown]
  /** The control that is likeliest off; undefined where no move mends it. */
  leads: [control: string | undefined]
}>()
defineSlots<{ cause: (props: { cause: Cause; advice: string }) => unknown; end: () => unknown }>()
const shown = ref<Shown>(props.shown ?? { positions: {}, values: {} })
const { answer: trial, problem: noTrial } = useQuery(
  'trial',
  () => props.from.key,
  () => props.from.trial(),
  { stays: 0 },
)
/** What is told one by one is compared a moment after it was told. */
const { answer: compared, problem: notCompared } = useQuery(
  'diagnosis',
  () => ({ key: props.from.key, told: { trouble: props.trouble, shown: shown.value } }),
  async ({ key, told }) => ({ key, view: await props.from.compare(told) }),
  { wait: 120, stays: 1000 },
)
/** Never what was found on another machine. */
const found = computed(() => (compared.value?.key === props.from.key ? compared.value.view : undefined))
const problem = computed(() => noTrial.value || notCompared.value)

const { answer: items } = useQuery(
  'items',
  () => (props.from.items ? 'all' : undefined),
  async () => props.from.items?.() ?? [],
)
const put = (next: Shown) => {
  shown.value = next
  emit('shown', next)
}
const SHOWN = 6
const causes = computed(() => (found.value?.causes ?? []).slice(0, SHOWN))
const steps = computed(() => {
  const { plan } = found.value ?? {}
  const now = told.value
  if (!plan || !now) return []
  return stepsWords(planSteps(plan, trialTelling(now, plan)), trialSpeech(now))
})
/** With what was told to be fitted among its items: it is named too. */
const told = computed(
  () => trial.value && withTold(trial.value, shown.value, new Map((items.value ?? []).map((item) => [item.id, item]))),
)
const adviceOf = (cause: Cause) => causeText(cause, told.value)
watch(
  () => found.value?.causes.find(({ comparison }) => comparison === 'differs')?.difference?.control,
  (control) => emit('leads', control),
)
const say = computed(() => trial.value && trialSpeech(trial.value))
</script>

<template>
  <section aria-label="Diagnosis">
    <h2>Then: what does the machine show now?</h2>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <template v-if="trial && say">
      <div role="status">
        <p v-for="hazard in found?.hazards ?? []" :key="hazard.code" class="hazard">
          {{ findingText(hazard, told ?? trial) }}
        </p>
      </div>
      <ShownFields :trial="trial" :shown="shown" :items="items ?? []" @put="put" />
      <div aria-live="polite">
        <template v-if="found">
          <h3>Likely, the likeliest first</h3>
          <p v-if="causes.length === 0" class="soft">Nothing yet: say what is seen, or what the machine shows.</p>
          <ol v-else class="causes">
            <li v-for="cause in causes" :key="cause.key">
              <strong>{{ adviceOf(cause) }}</strong>
              <span class="soft">{{ groundText(cause) }}</span>
              <slot name="cause" :cause="cause" :advice="adviceOf(cause)" />
            </li>
          </ol>
          <template v-if="steps.length > 0">
            <h3>The least that puts it as the card has it</h3>
            <ProcedureLines :steps="steps" of="side" />
          </template>
          <p>
            <template v-if="causes.length > 0">Then a test on a scrap: same fabric, same layers.</template>
            <slot name="end" />
          </p>
        </template>
      </div>
    </template>
  </section>
</template>

<style scoped lang="scss">
.hazard {
  border: 3px solid var(--madder);
  color: var(--madder);
  font-weight: 700;
  font-size: var(--lead);
  padding: 0.4rem 0.8rem;
  margin: 0.8rem 0;
}

h3 {
  font-size: var(--text);
  margin: 0.8rem 0 0.2rem;
}

.causes li {
  padding: 0.2rem 0;

  .soft {
    margin: 0 0.6rem;
  }
}
</style>
