<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { speech } from '#shared/messages/en'
import { capital, moneyWords, verdictWord } from '#shared/messages/words'
import { useKeys } from '../../state/keys'
import { useExample, usePickLists, usePicks } from '../../state/picks'
import AloudView from './AloudView.vue'
import CardStageView from './CardStageView.vue'
import { useCard } from './useCard'
import SendCard from './SendCard.vue'
import { useSending } from './useSending'
import VerdictMark from './VerdictMark.vue'

const route = useRoute()
const router = useRouter()
const lists = usePickLists()
const { picked, query, setMethod, setOwned, dropJob } = usePicks()
const { card, problem, busy } = useCard(picked)

const at = ref(0)
watch(
  () => [picked.value.technique, picked.value.model, picked.value.method],
  () => (at.value = 0),
)
const say = computed(() => (card.value ? speech(card.value.names) : undefined))
const aloud = computed(() => route.query.read === '1')
const setAloud = (on: boolean) => void router.push({ query: { ...route.query, read: on ? '1' : undefined } })
const logging = computed(() => ({ path: '/log/new', query: { ...query.value, stage: card.value?.stages[at.value]?.stage } })) // prettier-ignore
const trying = computed(() => ({ ...query.value, stage: card.value?.stages[at.value]?.stage }))
const { send, shows } = useSending(card, at)
const print = () => window.print()
const missing = computed(() =>
  (['model', 'technique', 'fabric'] as const)
    .filter((key) => !picked.value[key])
    .map((key) => (key === 'model' ? 'a machine' : `a ${key}`)),
)
const example = useExample()
const verdict = computed(() =>
  card.value
    ? verdictWord(
        card.value.verdict,
        card.value.toGet.flatMap((id) => card.value?.names.items[id] ?? []),
      )
    : '',
)
const price = (id: string) => {
  const cents = card.value?.names.items[id]?.price
  return cents === undefined ? 'price not stated' : moneyWords(cents)
}
const jobs = computed(() => [
  ...(picked.value.opening ? [{ job: 'opening' as const, words: `For a buttonhole opening of ${picked.value.opening} mm` }] : []), // prettier-ignore
  ...(picked.value.radius
    ? [{ job: 'radius' as const, words: `For a circle of radius ${picked.value.radius} mm` }]
    : []),
])
const own = (id: string) => setOwned([...new Set([...picked.value.owned, id])])
const disown = (id: string) => setOwned(picked.value.owned.filter((other) => other !== id))

useKeys([
  { keys: 'p', does: 'Print the card', run: print },
  {
    keys: 'x',
    does: 'Translate the card to another machine',
    run: () => void router.push({ path: '/translate', query: query.value }),
  },
  { keys: 'w', does: 'What if something were set otherwise', run: () => void router.push({ path: '/whatif', query: trying.value }) }, // prettier-ignore
  { keys: 't', does: 'Log a sample of this card', run: () => void router.push(logging.value) },
  { keys: 'r', does: 'Read the card aloud, line by line', run: () => card.value && setAloud(true) },
])
</script>

<template>
  <main class="card-page" :aria-busy="busy">
    <p class="visually-hidden" role="status">
      {{ card ? `${verdict}: ${card.technique.name} on ${card.model.name} in ${card.fabric.name}` : '' }}
    </p>

    <section v-if="missing.length > 0" class="empty">
      <h1>Which machine, technique and fabric?</h1>
      <p>
        Pick {{ missing.join(', ').replace(/, ([^,]*)$/, ' and $1') }} at the top. <kbd>/</kbd> puts you there; type a
        few letters, then <kbd>Enter</kbd>.
      </p>
      <p v-if="example">
        Or look at one first:
        <RouterLink :to="{ path: '/card', query: example.query }">{{ example.words }}</RouterLink>.
      </p>
      <p v-if="lists.lists && lists.lists.models.length === 0">
        The shop has no machines yet. <RouterLink to="/shop">Take a catalogue file in</RouterLink> to begin.
      </p>
    </section>

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
          <h2>What stops each way</h2>
          <ul>
            <li v-for="reason in card.reasons" :key="say.reason(reason)">{{ say.reason(reason) }}</li>
          </ul>
          <p class="soft">
            <kbd>[</kbd> <kbd>]</kbd> try the next machine, <kbd>{</kbd> <kbd>}</kbd> the next technique.
          </p>
        </div>
      </section>

      <section
        v-if="card.toGet.length > 0 || picked.owned.length > 0 || jobs.length > 0"
        class="getting"
        aria-label="To get"
      >
        <p v-for="{ job, words } in jobs" :key="job">
          <strong>{{ words }}</strong>
          <BButton size="sm" variant="link" @click="dropJob(job)">not so</BButton>
        </p>
        <p v-for="id in card.toGet" :key="id">
          <strong>To get:</strong> {{ say.item(id) }}, {{ price(id) }}
          <BButton size="sm" variant="outline-primary" @click="own(id)">They have it</BButton>
        </p>
        <p v-for="id in picked.owned" :key="id">
          They have {{ say.item(id) }}
          <BButton size="sm" variant="link" @click="disown(id)">not so</BButton>
        </p>
      </section>

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

      <details v-if="card.methods.length > 1 && card.method" class="methods" :open="card.reasons.length > 0">
        <summary>This way: {{ card.method.name }}</summary>
        <p>{{ capital(card.method.because) }}.</p>
        <ul>
          <li v-for="method in card.methods.filter(({ id }) => id !== card?.method?.id)" :key="method.id">
            <BButton size="sm" variant="link" @click="setMethod(method.id)">{{ method.name }}</BButton>
            <span class="soft">
              {{ capital(method.because) }}.
              {{ method.reasons.map((reason) => say?.reason(reason)).join(' ') }}
            </span>
          </li>
        </ul>
        <BButton v-if="picked.method" size="sm" variant="link" @click="setMethod(undefined)"
          >Let Handhold choose</BButton
        >
      </details>

      <p v-if="shows" role="status" class="shows">
        {{ shows }}
        <RouterLink :to="{ path: '/practice', query: { ...trying, sent: '1' } }">Go to the machine</RouterLink>
      </p>
      <SendCard v-if="card.stages.length > 0" />
      <footer v-if="card.stages.length > 0" class="actions">
        <RouterLink class="btn btn-link" :to="logging"><kbd>t</kbd> Log a sample</RouterLink>
        <BButton variant="link" @click="setAloud(true)"><kbd>r</kbd> Read aloud</BButton>
        <BButton variant="link" @click="print"><kbd>p</kbd> Print</BButton>
        <RouterLink class="btn btn-link" :to="{ path: '/whatif', query: trying }"><kbd>w</kbd> What if</RouterLink>
        <RouterLink class="btn btn-link" :to="{ path: '/practice', query: trying }">Practise</RouterLink>
        <BButton variant="link" @click="send">To the practice machine</BButton>
        <RouterLink class="btn btn-link" :to="{ path: '/desk/new', query }"><kbd>n</kbd> Start a case</RouterLink>
        <RouterLink class="btn btn-link" :to="{ path: '/translate', query }"
          ><kbd>x</kbd> To another machine</RouterLink
        >
      </footer>
      <AloudView v-if="aloud && card.stages[at]" :card="card" :stage="card.stages[at]!" @close="setAloud(false)" />
    </template>
  </main>
</template>

<style scoped lang="scss">
.card-page {
  padding: 0.9rem 1.6rem 1rem;
  max-width: 92rem;
}

.empty {
  max-width: 40rem;
  padding-top: 10vh;
}

.lines {
  white-space: pre-line;
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
  margin-bottom: 0.7rem;

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

.methods ul {
  padding-left: 1.1rem;
}

.getting {
  border-left: 4px solid var(--ochre);
  background: var(--ochre-wash);
  padding: 0.3rem 0.8rem;
  margin-bottom: 0.7rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 2rem;

  p {
    margin: 0;
  }
}

.methods summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
}

.methods .btn-link,
.getting .btn-link {
  padding: 0 0.3rem 0 0;
}

.actions {
  display: flex;
  gap: 0.6rem;
  border-top: 1px solid var(--rule);
  margin-top: 0.6rem;
  position: sticky;
  bottom: 0;
  background: var(--paper);

  .btn {
    text-decoration: none;
    color: var(--ink);
    padding-left: 0;
  }
}

.shows {
  border-left: 4px solid var(--teal);
  padding-left: 0.8rem;
}

@media print {
  .shows {
    display: none;
  }

  @page {
    size: A5;
    margin: 9mm;
  }

  .card-page {
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

  .stages,
  .methods,
  .actions,
  .getting .btn {
    display: none;
  }
}
</style>
