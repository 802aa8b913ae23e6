<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { speech } from '#shared/messages/en'
import { verdictWord } from '#shared/messages/words'
import { usePicks } from '../../state/picks'
import LoadingNote from '../../ui/LoadingNote.vue'
import AloudView from './AloudView.vue'
import CardActs from './CardActs.vue'
import CardStageView from './CardStageView.vue'
import CardStart from './CardStart.vue'
import GettingBar from './GettingBar.vue'
import OtherMethods from './OtherMethods.vue'
import SendCard from './SendCard.vue'
import { useCard } from './useCard'
import VerdictMark from './VerdictMark.vue'

const route = useRoute()
const router = useRouter()
const { picked } = usePicks()
const { card, problem, busy } = useCard(picked)

const at = ref(0)
watch(
  () => [picked.value.technique, picked.value.model, picked.value.method],
  () => (at.value = 0),
)
const say = computed(() => (card.value ? speech(card.value.names) : undefined))
const aloud = computed(() => route.query.read === '1')
const setAloud = (on: boolean) => void router.push({ query: { ...route.query, read: on ? '1' : undefined } })
const missing = computed(() =>
  (['model', 'technique', 'fabric'] as const)
    .filter((key) => !picked.value[key])
    .map((key) => (key === 'model' ? 'a machine' : `a ${key}`)),
)
const verdict = computed(() =>
  card.value
    ? verdictWord(
        card.value.verdict,
        card.value.toGet.flatMap((id) => card.value?.names.items[id] ?? []),
      )
    : '',
)
</script>

<template>
  <main class="card-page" :aria-busy="busy">
    <p class="visually-hidden" role="status">
      {{ card ? `${verdict}: ${card.technique.name} on ${card.model.name} in ${card.fabric.name}` : '' }}
    </p>

    <CardStart v-if="missing.length > 0" :missing="missing" />

    <section v-else-if="problem" role="alert" class="empty">
      <h1>No card</h1>
      <p class="lines">{{ problem }}</p>
    </section>

    <template v-else-if="card && say">
      <header class="paper-head">
        {{ card.technique.name }} · {{ card.model.make }} {{ card.model.name }} · {{ card.fabric.name }},
        {{ card.fabric.layers }} {{ card.fabric.layers === 1 ? 'layer' : 'layers' }}
      </header>

      <section v-if="card.verdict === 'notOnThisModel'" class="stopped">
        <VerdictMark :verdict="card.verdict" />
        <div>
          <h1>{{ verdict }}</h1>
          <p>
            {{ card.technique.name }} cannot be done on the {{ card.model.name }} in
            {{ card.fabric.name.toLowerCase() }}.
          </p>
          <h2>What stops each method</h2>
          <ul>
            <li v-for="reason in card.reasons" :key="say.reason(reason)">{{ say.reason(reason) }}</li>
          </ul>
          <p class="soft">
            <kbd>[</kbd> <kbd>]</kbd> try the next machine, <kbd>{</kbd> <kbd>}</kbd> the next technique.
          </p>
        </div>
      </section>

      <GettingBar :card="card" />

      <nav v-if="card.stages.length > 1" class="stages" aria-label="Stages">
        <button
          v-for="(stage, i) in card.stages"
          :key="stage.stage"
          type="button"
          :aria-current="i === at ? 'step' : undefined"
          @click="at = i"
        >
          {{ i + 1 }} · {{ stage.name }}
        </button>
      </nav>
      <CardStageView
        v-for="(stage, i) in card.stages"
        :key="stage.stage"
        :class="{ aside: i !== at }"
        :card="card"
        :stage="stage"
      />

      <OtherMethods :card="card" />
      <SendCard v-if="card.stages.length > 0" />
      <CardActs :card="card" :at="at" @aloud="setAloud(true)" />
      <AloudView v-if="aloud && card.stages[at]" :card="card" :stage="card.stages[at]!" @close="setAloud(false)" />
    </template>

    <LoadingNote v-else doing="The card is worked out …" />
  </main>
</template>

<style scoped lang="scss">
.card-page {
  padding: 0.8rem 1.6rem 1rem;
  max-width: 92rem;
}

.empty {
  max-width: 40rem;
  padding-top: 10vh;
}

.paper-head {
  display: none;
}

.stopped {
  display: flex;
  align-items: start;
  gap: 1rem;
  max-width: 50rem;
  padding-top: 1rem;
}

.stages {
  display: flex;
  gap: 0.2rem;
  margin-bottom: 0.6rem;

  button {
    border: 0;
    border-bottom: 3px solid transparent;
    background: none;
    padding: 0.2rem 1rem 0.2rem 0;
    color: var(--ink-soft);
  }

  button[aria-current] {
    border-bottom-color: var(--teal);
    color: var(--ink);
    font-weight: 650;
  }
}

.aside {
  display: none;
}

@media print {
  @page card {
    size: A5;
    margin: 9mm;
  }

  .card-page {
    page: card;
    padding: 0;
  }

  .paper-head {
    display: block;
    font-weight: 650;
    border-bottom: 1px solid;
    margin-bottom: 2mm;
  }

  .aside {
    display: block;
    break-before: page;
  }

  .stages {
    display: none;
  }
}
</style>
