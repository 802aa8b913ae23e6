<script setup lang="ts">
import { computed } from 'vue'
import type { Card, CardItem, CardStage } from '#core/card/card'

import { workedText } from '#shared/messages/desk'
import { evidenceWord } from '#shared/messages/en'
import { capital, dateWords, feedAidWord, shankWord, threadPlaceWord, verdictWord } from '#shared/messages/words'
import { get } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import VerdictMark from './VerdictMark.vue'

const props = defineProps<{ card: Card; stage: CardStage }>()

const items = computed(() => props.card.names.items)
/** Apart from what the shop has sewn; of the card as it is asked for here, not of one that is being written. */
const { answer: worked } = useQuery(
  'worked',
  () => {
    const { technique, model, fabric, method = props.card.method?.id } = props.card.question
    return { technique, model, fabric, method }
  },
  (asked) => get('/api/worked', asked),
)
const byCustomers = computed(() => (worked.value ? workedText(worked.value) : ''))
const verdict = computed(() =>
  verdictWord(
    props.card.verdict,
    props.card.toGet.flatMap((id) => items.value[id] ?? []),
  ),
)
const evidence = computed(() => {
  const { proved, fitEvidence } = props.stage.answer
  if (!proved) return `Fit ${evidenceWord(fitEvidence)}; not yet sewn here`
  const word = proved.people > 1 || proved.days > 1 ? 'Proved' : 'Tried once'
  return `${word}: ${proved.samples === 1 ? '1 sample' : `${proved.samples} samples`}, last ${dateWords(proved.last)}`
})

/** "Utility 114" is read as a menu and a number; a dial place stays whole. */
const select = computed(() => {
  const [, menu = '', figure] = /^(.*?)\s*\b(\d+\S*|[A-Z])$/.exec(props.stage.answer.select) ?? []
  return figure === undefined ? { menu: '', figure: props.stage.answer.select } : { menu, figure }
})
const source = ({ source: from }: CardItem) =>
  from === 'supplied' ? 'comes with it' : from === 'owned' ? 'they have it' : 'to get'
const code = (id: string) => items.value[id]?.code ?? id
const nameOf = (id: string) => items.value[id]?.name ?? id
const chain = computed(() => {
  const { chain: through, shank, foot } = props.stage
  if (!foot) return ''
  const parts = [...through.map(({ id }) => code(id)), code(foot.id)]
  return shank && through.length > 0 ? `${shankWord(shank)} → ${parts.join(' → ')}` : ''
})
const threads = computed(() =>
  props.stage.answer.threads.map(({ place, thread }) => ({
    place: capital(threadPlaceWord(place)),
    name: props.card.names.threads[thread] ?? thread,
  })),
)
const bed = computed(() => {
  const { plate, feedAids, accessories } = props.stage
  return [
    ...(plate ? [`${nameOf(plate.id)} ${plate.change ? 'goes on' : 'stays on'}`] : []),
    ...feedAids.map(feedAidWord),
    ...accessories.map((item) => `${nameOf(item.id)} (${source(item)})`),
  ]
})
</script>

<template>
  <header class="band" :class="card.verdict">
    <div class="verdict">
      <VerdictMark :verdict="card.verdict" />
      <div>
        <h1>{{ verdict }}</h1>
        <p>{{ evidence }}{{ byCustomers && `. ${byCustomers}` }}</p>
      </div>
    </div>
    <dl class="figures">
      <div class="cell">
        <dt>{{ select.menu ? `Stitch · ${select.menu}` : 'Stitch' }}</dt>
        <dd class="figure" :class="{ long: select.figure.length > 8 }">{{ select.figure }}</dd>
        <dd class="under">{{ stage.stitchName ?? stage.functionName }}</dd>
      </div>
      <div class="cell">
        <dt>Foot{{ stage.foot ? ` · ${source(stage.foot)}` : '' }}</dt>
        <dd v-if="stage.foot" class="figure" :class="{ get: stage.foot.source === 'toGet' }">
          {{ code(stage.foot.id) }}
        </dd>
        <dd v-else class="figure long">the one that is on</dd>
        <dd class="under">{{ stage.foot ? chain || nameOf(stage.foot.id) : 'no other foot helps' }}</dd>
      </div>
      <div class="cell">
        <dt>Needle</dt>
        <dd class="figure">{{ stage.answer.needle.size }}</dd>
        <dd class="under">{{ stage.answer.needle.point }}</dd>
      </div>
      <div class="cell words">
        <dt>Thread</dt>
        <dd v-for="thread in threads" :key="thread.place">
          <span class="soft">{{ thread.place }}</span> {{ thread.name }}
        </dd>
        <dd v-if="bed.length > 0" class="soft">{{ bed.map(capital).join('. ') }}.</dd>
      </div>
    </dl>
  </header>
</template>

<style scoped lang="scss">
.band {
  display: grid;
  grid-template-columns: minmax(14rem, 17rem) 1fr;
  gap: 1.2rem;
  align-items: start;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 0.6rem;
}

.verdict {
  display: flex;
  gap: 0.6rem;
  align-items: start;

  h1 {
    font-size: var(--title);
    line-height: 1.1;
    margin: 0.2rem 0 0.3rem;
  }

  p {
    margin: 0;
    font-size: var(--note);
  }
}

.ready h1 {
  color: var(--teal);
}

.needsItems h1,
.otherRoute h1 {
  color: var(--ochre);
}

.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 0;
  margin: 0;
}

.cell {
  padding: 0 1.2rem;
  border-left: 1px solid var(--rule);
}

dt {
  font-weight: 400;
  font-size: var(--note);
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

.figure {
  font-size: var(--value);
  font-weight: 720;
  line-height: 1.1;
  white-space: nowrap;
}

.figure.long {
  font-size: var(--figure);
  line-height: 1.3;
  white-space: normal;
  max-width: 16rem;
}

.get {
  color: var(--ochre);
}

.under {
  font-size: var(--note);
}

.words {
  flex: 1;
  min-width: 12rem;
}

@media (max-width: 1000px) {
  .band {
    grid-template-columns: 1fr;
  }
}

@media print {
  .band {
    grid-template-columns: 1fr;
    gap: 0.3rem;
  }

  .figure {
    font-size: 20pt;
  }

  .cell {
    padding: 0 0.6rem;
  }

  .cell:first-child {
    border-left: 0;
    padding-left: 0;
  }
}
</style>
