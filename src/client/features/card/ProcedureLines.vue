<script setup lang="ts">
import { computed } from 'vue'
import EntryInput from '../../ui/EntryInput.vue'
import { byPhase, type StepWords } from '#shared/messages/procedure'
import { capital, measuredWord, phaseWord } from '#shared/messages/words'

/** Steps as a numbered list, parted by phase, each with its check and the cautions that begin at it. */
const props = withDefaults(
  defineProps<{
    steps: readonly StepWords[]
    /** Whose steps: the procedure's, what is told when its moment comes, or the way back. */
    of?: 'step' | 'side' | 'back'
    /** What was measured of the piece in hand; left out where nothing can be told. */
    measured?: Record<string, string | undefined> | undefined
    /** The step that is looked at, by its id. */
    at?: string | undefined
    /** The steps that are done; left out where nobody ticks them. */
    done?: readonly string[] | undefined
  }>(),
  { of: 'step', measured: undefined, at: undefined, done: undefined },
)
const emit = defineEmits<{ measure: [key: string, mm: string | undefined]; done: [step: string, yes: boolean] }>()
const isDone = (step: string) => props.done?.includes(step) ?? false
const typed = (key: string, entered: string) => {
  const text = entered.trim().replace(',', '.')
  emit('measure', key, Number(text) > 0 ? text : undefined)
}
const parts = computed(() => byPhase(props.steps))
const named = computed(() => props.of === 'step' && parts.value.length > 1)
</script>

<template>
  <div class="procedure">
    <section v-for="part in parts" :key="part[0]?.id">
      <h3 v-if="named">{{ phaseWord(part[0]!.phase) }}</h3>
      <ol :start="part[0]?.number">
        <li
          v-for="step in part"
          :key="step.id"
          v-bind="{ [`data-${of}`]: step.id }"
          :class="{ at: step.id === at, done: isDone(step.id) }"
        >
          <input
            v-if="done"
            type="checkbox"
            class="form-check-input tick"
            :checked="isDone(step.id)"
            :aria-label="`Step ${step.number} is done`"
            @change="emit('done', step.id, ($event.target as HTMLInputElement).checked)"
          />
          <strong v-for="caution in step.cautions" :key="caution" class="caution">{{ caution }}</strong>
          {{ step.text }}
          <label v-if="measured && step.measures" class="measure">
            {{ capital(measuredWord(step.measures)) }}
            <EntryInput
              :value="measured[step.measures]"
              inputmode="decimal"
              class="form-control form-control-sm"
              @change="(text) => typed(step.measures!, text)"
            />
            mm
          </label>
          <span v-if="step.check" class="check">Check: {{ step.check }}.</span>
          <span v-if="step.ifWrong" class="check">{{ step.ifWrong }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped lang="scss">
h3 {
  font-size: var(--text);
  font-weight: 650;
  color: var(--teal);
  margin: 0.5rem 0 0.2rem;
}

ol {
  padding-left: 2rem;
  margin-bottom: 0.3rem;
}

/* Each holds its tick: a step of one line is lower than that. */
li {
  display: flow-root list-item;
  margin-bottom: 0.3rem;
}

.tick {
  float: right;
  width: 1.7rem;
  height: 1.7rem;
  margin: 0 0 0.2rem 0.6rem;
}

.done {
  color: var(--ink-soft);
}

.at::marker {
  color: var(--teal);
}

li:not(.at)::marker {
  font-weight: 650;
  color: var(--ink-soft);
}

.measure {
  display: flex;
  align-items: center;
  gap: 0.4rem;

  input {
    width: 5rem;
  }
}

@media print {
  .measure {
    display: none;
  }
}

.check,
.caution {
  display: block;
  font-size: var(--note);
  font-weight: 400;
}

.check {
  color: var(--ink-soft);
}
</style>
