<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Card, CardStage } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { procedureWords } from '#shared/messages/procedure'
import ProcedureLines from '../card/ProcedureLines.vue'

/** A stage of the card beside a call: from the step that moves what is likely off; the whole at a press. */
const props = defineProps<{ card: Card; stage: CardStage; control: string | undefined }>()

const words = computed(() => procedureWords(props.stage.procedure, speech(props.card.names)).steps)
const from = computed(() => {
  const at = props.stage.procedure.steps.findIndex(
    (step) => 'moves' in step && step.moves.some(({ control }) => control === props.control),
  )
  return Math.max(0, at)
})
const whole = ref(false)
watch(
  () => props.control,
  () => (whole.value = false),
)
const shown = computed(() => (whole.value ? words.value : words.value.slice(from.value)))
</script>

<template>
  <section aria-label="The card’s steps" class="steps">
    <h2>The card’s steps{{ shown.length < words.length ? `, from ${from + 1}` : '' }}</h2>
    <p v-if="from > 0">
      <button type="button" class="btn btn-sm btn-outline-primary" @click="whole = !whole">
        {{ whole ? `From step ${from + 1}` : 'From the first' }}
      </button>
    </p>
    <ProcedureLines :steps="shown" />
  </section>
</template>

<style scoped lang="scss">
.steps h2 {
  font-size: var(--text);
}
</style>
