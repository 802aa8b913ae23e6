<script setup lang="ts">
import { computed } from 'vue'
import type { CardStep } from '#core/card/steps'
import type { Speech } from '#shared/messages/en'
import { stepText } from '#shared/messages/steps'

/** Steps as a numbered list, each with its check and its caution. */
const props = defineProps<{ steps: readonly CardStep[]; say: Speech }>()
const texts = computed(() => props.steps.map((step) => stepText(step, props.say)))
</script>

<template>
  <ol class="steps">
    <li v-for="(step, i) in texts" :key="i">
      {{ step.text }}
      <span v-if="step.check" class="check">Check: {{ step.check }}.</span>
      <span v-if="step.caution" class="caution">{{ step.caution }}</span>
      <span v-if="step.ifWrong" class="check">{{ step.ifWrong }}</span>
    </li>
  </ol>
</template>

<style scoped lang="scss">
.steps {
  padding-left: 1.6rem;
  margin-bottom: 0.8rem;
}

li {
  margin-bottom: 0.3rem;
}

li::marker {
  font-weight: 650;
  color: var(--ink-soft);
}

.check,
.caution {
  display: block;
  font-size: 0.98rem;
}

.check {
  color: var(--ink-soft);
}
</style>
