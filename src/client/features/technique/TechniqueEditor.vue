<script setup lang="ts">
import { computed, ref } from 'vue'
import { freeId } from '#core/catalogue/ids'
import type { Method, Stage, Technique } from '#core/catalogue/types'
import { columnsOf } from '#shared/tables/columns'
import { blankMethod, blankStage } from '#shared/tables/techniqueColumns'
import { problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import ClashDialog from '../../ui/sheet/ClashDialog.vue'
import FieldForm from '../../ui/sheet/FieldForm.vue'
import { provideOpenFaults } from '../../ui/sheet/openFaults'
import { useEdits } from '../../ui/sheet/useEdits'
import EditBar from '../shelf/EditBar.vue'
import BriefCard from '../card/BriefCard.vue'
import MethodEditor from './MethodEditor.vue'
import StageEditor from './StageEditor.vue'
import { useDraftCard } from './useDraftCard'
import { useKeys } from '../../state/keys'

/** A technique with its ways and stages, and beside it the card it comes to. */
const props = defineProps<{ id: string }>()
const session = useSession()
const store = useNames()
const lists = usePickLists()
const { picked, query } = usePicks()
const names = computed(() => store.names)
const columns = ref(columnsOf('techniques'))
const edits = useEdits({ resource: 'techniques', columns, names })
const failed = ref('')
const openFaults = provideOpenFaults()

Promise.all([store.load(), edits.load()]).catch((error: unknown) => (failed.value = problemText(error)))
const row = computed(() => edits.rows.value.find(({ id }) => id === props.id))
const technique = computed(() => row.value?.value as unknown as Technique | undefined)
const put = (next: Technique) => edits.setValue(props.id, next)

/** What is open in the middle: the technique itself, a method, a stage of it. */
const at = ref<{ method: string; stage?: string }>()
const method = computed(() => technique.value?.methods.find(({ id }) => id === at.value?.method))
const stage = computed(() => method.value?.stages.find(({ id }) => id === at.value?.stage))
const places = computed(() => [
  undefined,
  ...(technique.value?.methods ?? []).flatMap(({ id, stages }) => [
    { method: id },
    ...stages.map((one) => ({ method: id, stage: one.id })),
  ]),
])
const isAt = (method?: string, stage?: string) => at.value?.method === method && at.value?.stage === stage
const step = (by: 1 | -1) => {
  const here = places.value.findIndex(
    (place) =>
      place?.method === at.value?.method && (place as { stage?: string } | undefined)?.stage === at.value?.stage,
  )
  const next = here + by
  if (next >= 0 && next < places.value.length) at.value = places.value[next]
}
useKeys([{ keys: 'Alt PageDown', does: 'The next part of the technique; Alt PageUp the one before' }])

const onKey = (event: KeyboardEvent) => {
  if (!event.altKey || (event.key !== 'PageDown' && event.key !== 'PageUp')) return
  event.preventDefault()
  ;(document.activeElement as HTMLElement | null)?.blur()
  step(event.key === 'PageDown' ? 1 : -1)
}

const setMethods = (methods: Method[]) => technique.value && put({ ...technique.value, methods })
const setMethod = (next: Method) =>
  setMethods((technique.value?.methods ?? []).map((old) => (old.id === next.id ? next : old)))
const setStage = (next: Stage) =>
  method.value &&
  setMethod({ ...method.value, stages: method.value.stages.map((old) => (old.id === next.id ? next : old)) })
const addMethod = () => {
  const methods = technique.value?.methods ?? []
  const id = freeId('method', 'method', new Set(methods.map((one) => one.id)))
  setMethods([...methods, blankMethod(id)])
  at.value = { method: id }
}
const addStage = (to: Method) => {
  const id = freeId('stage', 'stage', new Set(to.stages.map((one) => one.id)))
  setMethod({ ...to, stages: [...to.stages, blankStage(id)] })
  at.value = { method: to.id, stage: id }
}
/** Moves, copies or removes what is open, within its list. */
const rearranged = <Part extends { id: string; name: string }>(
  list: readonly Part[],
  id: string,
  how: 'up' | 'down' | 'copy' | 'remove',
): Part[] => {
  const place = list.findIndex((part) => part.id === id)
  const part = list[place] as Part
  if (how === 'remove') return list.filter((other) => other !== part)
  if (how === 'copy') {
    const copy = {
      ...structuredClone(part),
      id: freeId(id, id, new Set(list.map((one) => one.id))),
      name: `${part.name}, copy`,
    }
    return [...list.slice(0, place + 1), copy, ...list.slice(place + 1)]
  }
  const to = Math.max(0, Math.min(list.length - 1, place + (how === 'up' ? -1 : 1)))
  const others = list.filter((other) => other !== part)
  return [...others.slice(0, to), part, ...others.slice(to)]
}
const rearrange = (how: 'up' | 'down' | 'copy' | 'remove') => {
  const here = at.value
  if (!here || !method.value) return
  if (here.stage !== undefined) setMethod({ ...method.value, stages: rearranged(method.value.stages, here.stage, how) })
  else setMethods(rearranged(technique.value?.methods ?? [], here.method, how))
  if (how === 'remove') at.value = here.stage === undefined ? undefined : { method: here.method }
}

// ── the live card ──
const lookAt = ref<{ model?: string; fabric?: string }>({})
const drafting = computed(() => ({
  technique: technique.value,
  model: lookAt.value.model ?? picked.value.model ?? lists.lists?.models[0]?.id,
  fabric: lookAt.value.fabric ?? picked.value.fabric ?? lists.lists?.fabrics[0]?.id,
  method: at.value?.method,
}))
const { card, problem } = useDraftCard(drafting)
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <main class="page wide" @keydown="onKey">
    <p v-if="failed" role="alert" class="caution">{{ failed }}</p>
    <p v-else-if="edits.loaded.value && !row">There is no technique “{{ id }}” any more.</p>
    <template v-if="technique && row">
      <div class="head">
        <h1>{{ technique.name }}</h1>
        <RouterLink class="btn btn-link" :to="{ path: '/card', query: { ...query, t: id } }">Open its card</RouterLink>
        <RouterLink
          class="btn btn-link"
          :to="{ path: '/shelf/history', query: { ...query, resource: 'techniques', row: id } }"
          >History</RouterLink
        >
        <span v-if="openFaults.length > 0" class="caution">{{ openFaults[0] }}</span>
        <fieldset v-if="session.mayWrite" class="bar" :disabled="openFaults.length > 0">
          <EditBar :edits="edits" />
        </fieldset>
      </div>
      <div class="bench">
        <nav class="outline" aria-label="Parts of the technique">
          <button type="button" :aria-current="at === undefined ? 'true' : undefined" @click="at = undefined">
            The technique
          </button>
          <ol>
            <li v-for="one in technique.methods" :key="one.id">
              <button type="button" :aria-current="isAt(one.id) ? 'true' : undefined" @click="at = { method: one.id }">
                {{ one.name || 'a method without a name' }}
              </button>
              <ol>
                <li v-for="part in one.stages" :key="part.id">
                  <button
                    type="button"
                    :aria-current="isAt(one.id, part.id) ? 'true' : undefined"
                    @click="at = { method: one.id, stage: part.id }"
                  >
                    {{ part.name || 'a stage without a name' }}
                  </button>
                </li>
              </ol>
              <button
                v-if="session.mayWrite && at?.method === one.id"
                type="button"
                class="more"
                @click="addStage(one)"
              >
                + a stage
              </button>
            </li>
          </ol>
          <button v-if="session.mayWrite" type="button" class="more" @click="addMethod">+ another method</button>
          <p v-if="session.mayWrite && at" class="arrange">
            <button type="button" @click="rearrange('up')">↑ up</button>
            <button type="button" @click="rearrange('down')">↓ down</button>
            <button type="button" @click="rearrange('copy')">copy</button>
            <button type="button" @click="rearrange('remove')">remove</button>
          </p>
          <p class="soft small">
            <kbd>Alt</kbd> <kbd>PgDn</kbd> next part. In a list: <kbd>Alt</kbd> <kbd>↑</kbd> <kbd>↓</kbd> moves a line,
            <kbd>Alt</kbd> <kbd>Enter</kbd> adds one, <kbd>Alt</kbd> <kbd>⌫</kbd> removes it.
          </p>
        </nav>
        <fieldset class="middle" :disabled="!session.mayWrite">
          <legend class="visually-hidden">{{ stage?.name ?? method?.name ?? technique.name }}</legend>
          <template v-if="!at">
            <FieldForm :edits="edits" :row="row" :columns="columns" :names="names" :may-write="session.mayWrite" />
            <p v-if="technique.methods.length === 0">
              It has no method yet.
              <BButton size="sm" variant="primary" @click="addMethod">Add the first method</BButton>
            </p>
          </template>
          <StageEditor
            v-else-if="stage"
            :key="`${at.method}/${at.stage}`"
            :stage="stage"
            :names="names"
            @change="setStage"
          />
          <MethodEditor v-else-if="method" :key="at.method" :method="method" :names="names" @change="setMethod" />
        </fieldset>
        <aside class="side">
          <div class="line">
            <label for="look-model" class="visually-hidden">Look at it on</label>
            <select
              id="look-model"
              class="form-select form-select-sm"
              :value="drafting.model"
              @change="lookAt = { ...lookAt, model: value($event) }"
            >
              <option v-for="model in lists.lists?.models" :key="model.id" :value="model.id">
                {{ model.make }} {{ model.name }}
              </option>
            </select>
            <label for="look-fabric" class="visually-hidden">in</label>
            <select
              id="look-fabric"
              class="form-select form-select-sm"
              :value="drafting.fabric"
              @change="lookAt = { ...lookAt, fabric: value($event) }"
            >
              <option v-for="fabric in lists.lists?.fabrics" :key="fabric.id" :value="fabric.id">
                {{ fabric.name }}
              </option>
            </select>
          </div>
          <p v-if="problem" role="status" class="caution lines">{{ problem }}</p>
          <BriefCard v-if="card" :card="card" :stage="at?.stage" label="Live card" />
        </aside>
      </div>
    </template>
    <ClashDialog :edits="edits" :names="names" />
  </main>
</template>

<style scoped lang="scss">
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
  align-items: center;
}

.bar {
  margin-left: auto;
}

.bench {
  display: grid;
  grid-template-columns: 11.5rem minmax(0, 1fr) 18rem;
  gap: 1.2rem;
  height: calc(100vh - 12rem);
  min-height: 24rem;
}

.outline,
.middle,
.side {
  overflow: auto;
}

.outline {
  ol {
    list-style: none;
    padding-left: 0.6rem;
    margin: 0;
  }

  button {
    display: block;
    width: 100%;
    text-align: left;
    border: 0;
    border-left: 4px solid transparent;
    background: none;
    color: var(--ink-soft);
    padding: 0.3rem 0.5rem;
  }

  [aria-current] {
    color: var(--ink);
    font-weight: 650;
    border-left-color: var(--teal);
    background: var(--fold);
  }

  .more {
    color: var(--teal);
  }

  .arrange {
    display: flex;
    flex-wrap: wrap;
    border-top: 1px solid var(--rule);
    margin-top: 0.5rem;

    button {
      width: auto;
      color: var(--teal);
    }
  }
}

.small {
  font-size: var(--small);
}

.side {
  border-left: 1px solid var(--rule);
  padding-left: 1rem;
}

.line {
  flex-wrap: nowrap;
  gap: 0.4rem;
  margin-bottom: 0.5rem;
}

@media (max-width: 1000px) {
  .bench {
    grid-template-columns: 1fr;
    height: auto;
  }

  .side {
    border-left: 0;
    padding-left: 0;
  }
}
</style>
