<script setup lang="ts">
import { computed } from 'vue'
import type { CardSketch } from '#core/card/sketch'
import type { TrialSample } from '#core/practice/sew'
import type { Trial } from '#core/practice/trial'
import { findingText } from '#shared/messages/practice'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'

/** What it sewed, or would sew: in a word, why, and drawn to scale. */
const props = defineProps<{ trial: Trial; sewn: TrialSample; would?: boolean }>()
const words = computed(() =>
  props.sewn.verdict === 'stops'
    ? props.would
      ? 'It would not sew'
      : 'Nothing sewn'
    : props.sewn.verdict === 'bad'
      ? props.would
        ? 'It would sew, not well'
        : 'Sewn, not well'
      : props.would
        ? 'It would sew well'
        : 'Sewn well',
)
const sketch = computed(
  (): CardSketch | undefined => props.sewn.spec && { set: props.sewn.spec, fabric: { parts: [], lines: [] } },
)
const name = computed(() => props.trial.functions.find(({ id }) => id === props.sewn.spec?.function.id)?.name ?? '')
</script>

<template>
  <section :class="sewn.verdict" aria-live="polite">
    <h2>{{ words }}</h2>
    <ul v-if="sewn.findings.length > 0">
      <li v-for="finding in sewn.findings" :key="findingText(finding, trial)">{{ findingText(finding, trial) }}</li>
    </ul>
    <p v-else>{{ trial.stage.inspect.map(({ good }) => good).join('; ') }}</p>
    <StitchPicture v-if="sketch" :sketch="sketch" :name="name" :most="18" />
  </section>
</template>

<style scoped lang="scss">
section {
  border-left: 4px solid var(--teal);
  padding-left: 0.8rem;
}

.bad {
  border-color: var(--ochre);
}

.stops {
  border-color: var(--madder);

  h2 {
    color: var(--madder);
  }
}

ul {
  padding-left: 1rem;
}
</style>
