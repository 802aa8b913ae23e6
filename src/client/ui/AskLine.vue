<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { areCommon } from '#core/ask/commonWords'
import type { AskedPick } from '#core/ask/picks'
import { stopText, stopWord } from '#shared/messages/desk'
import { call } from '../api/client'
import { usePicks } from '../state/picks'
import { useAsk } from './useAsk'

/**
 * One line for everything: shows what it takes for what and what it is unsure of; Enter goes to the card, or begins a
 * case.
 */
const router = useRouter()
const { query } = usePicks()
const field = ref<HTMLInputElement>()
const { typed, answer, problem, ask, clear } = useAsk()
const view = computed(() => answer.value?.view)
const open = ref(false)
const learned = ref('')

type Kind = 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
const WORDS: [Kind, string][] = [
  ['customer', 'Customer'],
  ['model', 'Machine'],
  ['technique', 'Technique'],
  ['trouble', 'Trouble'],
  ['fabric', 'Fabric'],
]
/** What was chosen in place of what was taken. */
const chosen = ref<Partial<Record<Kind, string>>>({})

// At once: who waits for the answer goes on with it.
watch(
  answer,
  () => {
    chosen.value = {}
    going.value = false
    learned.value = ''
  },
  { flush: 'sync' },
)
const later = useDebounceFn(ask, 120)
/** Undefined where nothing is meant, or nobody has said which. */
const idOf = (kind: Kind): string | undefined => {
  const pick = view.value?.picks[kind]
  return (chosen.value[kind] ?? (pick?.sure ? pick.id : undefined)) || undefined
}
const lines = computed(() =>
  WORDS.flatMap(([kind, word]) => {
    const pick = view.value?.picks[kind]
    return pick ? [{ kind, word, pick, id: idOf(kind) }] : []
  }),
)
const stops = computed(() => view.value?.stops ?? [])
/** What is still asked, in the order in which it is answered. */
const openKinds = computed(() =>
  lines.value.filter(({ pick, kind }) => !pick.sure && chosen.value[kind] === undefined).map(({ kind }) => kind),
)
/** In place of an id: none of what was offered. */
const NONE = ''
const choicesOf = ({ pick }: { pick: AskedPick }) => [
  { id: pick.id, name: pick.name },
  ...pick.others,
  ...(pick.sure ? [] : [{ id: NONE, name: 'none of it' }]),
]

/** What was confirmed by choosing is learned for the next time. */
const choose = async (kind: Kind, id: string) => {
  const pick = view.value?.picks[kind]
  chosen.value = { ...chosen.value, [kind]: id }
  if (going.value) void answerNext()
  if (id === NONE || !pick?.words || areCommon(pick.words) || kind === 'customer') return
  learned.value = ''
  try {
    await call('POST', '/api/ask/words', { kind, of: id, words: pick.words.join(' ') })
    learned.value = `“${pick.words.join(' ')}” is remembered.`
  } catch {
    // It is a convenience: the choice holds without it.
  }
}
/** A trouble that is only guessed does not turn a question for a technique into a case. */
const asksForTrouble = computed(() => {
  const { trouble, technique } = view.value?.picks ?? {}
  return (
    idOf('trouble') !== undefined &&
    trouble !== undefined &&
    (trouble.sure ||
      chosen.value.trouble !== undefined ||
      !technique ||
      technique.from === 'trouble' ||
      trouble.id.startsWith(`${technique.id}.`))
  )
})
const target = computed(() => {
  const owned = view.value?.picks.owned ?? []
  const next = {
    ...query.value,
    ...(idOf('model') ? { m: idOf('model'), now: undefined, after: undefined } : {}),
    ...(idOf('technique') ? { t: idOf('technique'), method: undefined } : {}),
    ...(idOf('fabric') ? { f: idOf('fabric') } : {}),
    ...(idOf('customer') ? { owned: owned.join(',') || undefined, customer: idOf('customer') } : {}),
  }
  const trouble = asksForTrouble.value ? idOf('trouble') : undefined
  const stop = stops.value[0]?.id
  return trouble !== undefined || stop !== undefined
    ? { path: '/desk/new', query: { ...next, trouble, stop, q: answer.value?.line } }
    : { path: '/card', query: next }
})
/** Enter was pressed: what is open is answered one by one, then it goes on. */
const going = ref(false)
const told = ref<HTMLElement>()
const enter = async () => {
  if (!(await ask()) || (lines.value.length === 0 && stops.value.length === 0)) return
  going.value = true
  await answerNext()
}
/** Never goes with a guess; at a reason to stop nothing else is asked. */
const answerNext = async () => {
  if (openKinds.value.length > 0 && stops.value.length === 0) {
    open.value = true
    await nextTick()
    told.value?.querySelector<HTMLElement>('.open .choice')?.focus()
    return
  }
  going.value = false
  open.value = false
  const to = target.value
  if (isSomething.value) await router.push(to)
  clear()
  field.value?.blur()
}
/** Something to open is meant. */
const isSomething = computed(() => stops.value.length > 0 || lines.value.some(({ kind }) => idOf(kind) !== undefined))
/** A figure answers what is asked first; in the line itself it is typed. */
const figure = (event: KeyboardEvent) => {
  const [kind] = openKinds.value
  const line = lines.value.find((one) => one.kind === kind)
  if (event.target === field.value || !line || !/^[1-9]$/.test(event.key)) return
  const choice = choicesOf(line)[Number(event.key) - 1]
  if (!choice) return
  event.preventDefault()
  void choose(line.kind, choice.id)
}
const left = (event: FocusEvent) => {
  if (!(event.currentTarget as HTMLElement).contains(event.relatedTarget as Node | null)) open.value = false
}
defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <form
    role="search"
    class="ask"
    @submit.prevent="enter"
    @focusin="open = true"
    @focusout="left"
    @keydown.esc="open = false"
    @keydown="figure"
  >
    <label for="ask">Ask</label>
    <input
      id="ask"
      ref="field"
      v-model="typed"
      type="text"
      autocomplete="off"
      placeholder="machine, technique, fabric"
      @input="later"
    />
    <div v-if="open && typed.trim() !== '' && (view || problem)" ref="told" class="told" aria-live="polite">
      <p v-if="problem" class="caution">{{ problem }}</p>
      <template v-for="stop in stops" :key="stop.id">
        <p class="caution stop">Stop: {{ stopWord(stop.id) }}.</p>
        <p v-for="line in stopText(stop)" :key="line" class="caution">{{ line }}</p>
      </template>
      <dl v-if="lines.length > 0">
        <template v-for="{ kind, word, pick, id } in lines" :key="kind">
          <dt>{{ word }}</dt>
          <dd :class="{ open: kind === openKinds[0] }">
            <strong v-if="pick.others.length === 0 && pick.sure">{{ pick.name }}</strong>
            <template v-else>
              <span v-if="openKinds.includes(kind)" class="doubt">{{
                pick.others.length > 0 ? 'Which?' : 'Is it this?'
              }}</span>
              <button
                v-for="(other, i) in choicesOf({ pick })"
                :key="other.id"
                type="button"
                class="choice"
                :class="{ on: other.id === (id ?? chosen[kind]) }"
                :aria-pressed="other.id === (id ?? chosen[kind])"
                @click="choose(kind, other.id)"
              >
                <kbd v-if="kind === openKinds[0]">{{ i + 1 }}</kbd> {{ other.name }}
              </button>
            </template>
            <span class="soft">
              {{ pick.from ? `from the ${pick.from}` : `“${(pick.words ?? []).join(' ')}”` }}
            </span>
          </dd>
        </template>
      </dl>
      <p v-if="view && view.picks.left.length > 0" class="soft">Not understood: {{ view.picks.left.join(', ') }}.</p>
      <p v-if="lines.length === 0 && stops.length === 0" class="soft">
        Nothing understood yet. Say a machine, a technique and a fabric, or what goes wrong.
      </p>
      <p v-else class="soft">
        <kbd>Enter</kbd>
        {{
          openKinds.length > 0 && stops.length === 0
            ? 'goes to what is asked; its figure answers'
            : target.path === '/card'
              ? 'opens the card'
              : 'begins a case'
        }}. {{ learned }}
      </p>
    </div>
  </form>
</template>

<style scoped lang="scss">
.ask {
  position: relative;
  padding: 0.4rem 1rem 0.3rem;
  border-left: 1px solid var(--rule);

  &:focus-within {
    box-shadow: inset 0 -3px var(--teal);
  }
}

label {
  display: block;
  font-size: var(--small);
  color: var(--ink-soft);
  line-height: 1.1;
}

input {
  width: 100%;
  border: 0;
  padding: 0;
  background: transparent;
  color: var(--ink);
  font-size: var(--text);
  text-overflow: ellipsis;

  &:focus-visible {
    outline: none;
  }
}

.told {
  position: absolute;
  z-index: 30;
  top: 100%;
  left: 0;
  width: min(42rem, 92vw);
  background: var(--sheet);
  border: 1px solid var(--rule);
  box-shadow: 0 0.4rem 1.2rem rgb(0 0 0 / 15%);
  padding: 0.6rem 1rem;

  p {
    margin: 0 0 0.3rem;
  }
}

.stop {
  font-weight: 700;
  font-size: var(--lead);
}

dl {
  display: grid;
  grid-template-columns: 6.5rem 1fr;
  gap: 0.3rem 0.8rem;
  margin: 0 0 0.4rem;
}

dt {
  color: var(--ink-soft);
  font-weight: 400;
}

dd {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  align-items: baseline;

  strong {
    font-size: var(--lead);
  }
}

.doubt {
  color: var(--ochre);
  font-weight: 650;
}

.choice {
  border: 1px solid var(--rule);
  background: none;
  color: var(--ink);
  padding: 0.1rem 0.5rem;

  &.on {
    border: 2px solid var(--teal);
    font-weight: 650;
  }
}
</style>
