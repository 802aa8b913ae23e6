<script setup lang="ts">
import { computed } from 'vue'
import type { Card } from '#core/card/card'
import { speech } from '#shared/messages/en'
import { procedureWords } from '#shared/messages/procedure'
import { parameterWord, unitOf, verdictWord } from '#shared/messages/words'
import StitchPicture from '../../ui/stitch/StitchPicture.vue'
import ProcedureLines from './ProcedureLines.vue'
import VerdictMark from './VerdictMark.vue'

/** A card in brief, beside something else: what the technique comes to on one machine in one fabric. */
const props = defineProps<{ card: Card; stage: string | undefined; label: string }>()
const say = computed(() => speech(props.card.names))
const verdict = computed(() =>
  verdictWord(
    props.card.verdict,
    props.card.toGet.flatMap((id) => props.card.names.items[id] ?? []),
  ),
)
const shown = computed(() => props.card.stages.find(({ stage }) => stage === props.stage) ?? props.card.stages[0])
const told = computed(() => shown.value && procedureWords(shown.value.procedure, say.value))
const unit = (value: NonNullable<typeof shown.value>['changes'][number]) =>
  unitOf(value.parameter, typeof value.scale === 'object' ? value.scale.shows : undefined)
</script>

<template>
  <section :aria-label="label" class="live">
    <p class="verdict"><VerdictMark :verdict="card.verdict" /> {{ verdict }}</p>
    <p class="soft">{{ card.model.make }} {{ card.model.name }}, {{ card.fabric.name }}</p>
    <p v-if="card.method" class="soft">{{ card.method.name }}</p>
    <template v-if="shown">
      <p class="figure">{{ shown.answer.select }}</p>
      <p>{{ shown.stitchName ?? shown.functionName }}</p>
      <p v-if="shown.foot">
        Foot <strong>{{ say.item(shown.foot.id) }}</strong>
        <span v-if="shown.chain.length > 0" class="soft"> with {{ say.items(shown.chain.map(({ id }) => id)) }}</span>
      </p>
      <ul class="values">
        <li v-for="value in shown.changes" :key="value.parameter">
          {{ parameterWord(value.parameter) }} <strong>{{ value.setting.shown }}</strong> {{ unit(value) }}
          <span class="soft">{{ value.setting.reasons.map((reason) => say.reason(reason)).join(' ') }}</span>
        </li>
      </ul>
      <StitchPicture v-if="shown.sketch" :sketch="shown.sketch" :name="shown.functionName" :most="16" />
      <ProcedureLines v-if="told" :steps="told.steps" />
      <p v-for="reason in shown.answer.cautions" :key="reason.code" class="caution">{{ say.reason(reason) }}</p>
    </template>
    <ul v-else>
      <li v-for="reason in card.reasons" :key="say.reason(reason)">{{ say.reason(reason) }}</li>
    </ul>
  </section>
</template>

<style scoped lang="scss">
.live p {
  margin: 0 0 0.3rem;
}

.verdict {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  font-size: var(--head);
  font-weight: 650;
}

.figure {
  font-size: var(--title);
  font-weight: 700;
  line-height: 1.2;
}

.values {
  list-style: none;
  padding: 0;

  strong {
    font-size: var(--head);
  }
}
</style>
