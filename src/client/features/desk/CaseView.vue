<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter, type LocationQueryValue } from 'vue-router'
import type { Card } from '#core/card/card'
import { stopsIn } from '#core/ask/askables'
import { ladderFor } from '#core/desk/ladder'
import { STOPS, TROUBLES } from '#core/desk/troubles'
import type { Model } from '#core/catalogue/types'
import type { ModelPage } from '#shared/api/rows'
import type { CustomerRow } from '#shared/api/customers'
import type { CaseRow, CaseWrite } from '#shared/api/desk'
import { speech } from '#shared/messages/en'
import { JAM_SCRIPT, rungText, stopText, stopWord } from '#shared/messages/desk'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { useKeys } from '../../state/keys'
import { usePickLists, usePicks } from '../../state/picks'
import { keptDraft } from '../../ui/sheet/keptDraft'
import CaseFields from './CaseFields.vue'
import DiagnosisPanel from './DiagnosisPanel.vue'

/** A call: what is asked, the ladder first, then diagnosis by difference, what was advised, what came of it. */
const props = defineProps<{ id?: string }>()
const route = useRoute()
const router = useRouter()
const { query } = usePicks()
const lists = usePickLists()
const fields = ref<InstanceType<typeof CaseFields>>()
const row = shallowRef<CaseRow>()
const card = shallowRef<Card>()
const customers = shallowRef<CustomerRow['customer'][]>([])
const problem = ref('')
const said = ref('')
const busy = ref(false)
const sending = ref('')
const started = Date.now()
const blank = (): CaseWrite => {
  const one = (value: LocationQueryValue | LocationQueryValue[] | undefined) => (typeof value === 'string' && value !== '' ? value : undefined) // prettier-ignore
  const { m, t, f, trouble, customer, q, stop } = route.query
  const given = { model: one(m), technique: one(t), fabric: one(f), trouble: one(trouble), customer: one(customer), stop: one(stop) } // prettier-ignore
  const known = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
  const name = one(q) ?? [nameOf('techniques', one(t)), nameOf('models', one(m))].filter(Boolean).join(' on the ')
  return { question: name, outcome: one(stop) ? 'workshop' : 'open', ...known }
}
const nameOf = (list: 'models' | 'techniques' | 'fabrics', id: string | undefined) => lists.lists?.[list].find((one) => one.id === id)?.name // prettier-ignore
const draft = ref<CaseWrite>()
/** What was typed survives a reload of the same page, as long as nobody else has changed the case meanwhile. */
const kept = computed(() => keptDraft<{ version: number; facts: CaseWrite }>(`case${route.fullPath}`))
const touched = ref(false)
watch(draft, (facts) =>
  kept.value.write(touched.value && facts ? { version: row.value?.version ?? 0, facts } : undefined),
)

const take = (next: CaseRow) => {
  touched.value = false
  kept.value.write(undefined)
  row.value = next
  const { id: _, at: __, by: ___, ...facts } = next.case
  draft.value = facts
}
const load = async () => {
  try {
    const [found] = await Promise.all([get<CustomerRow[]>('/api/customers'), lists.known()])
    customers.value = found.map(({ customer }) => customer)
    const typed = kept.value.read()
    if (props.id === undefined) draft.value = blank()
    else take(await get<CaseRow>(`/api/cases/${props.id}`))
    if (typed && typed.version === (row.value?.version ?? 0)) {
      touched.value = true
      draft.value = typed.facts
      said.value = 'What you had typed is here again; it is not kept yet.'
    }
    await nextTick()
    if (props.id === undefined) fields.value?.focus()
  } catch (error) {
    problem.value = problemText(error)
  }
}
onMounted(load)
/** From one case to another this page stays: what it shows does not. A new one that was just kept is the same. */
watch(
  () => props.id ?? route.fullPath,
  (id) => {
    if (String(row.value?.case.id) === id) return
    touched.value = false
    row.value = undefined
    draft.value = undefined
    card.value = undefined
    problem.value = ''
    said.value = ''
    sending.value = ''
    void load()
  },
)

const owned = computed(() => customers.value.find(({ id }) => id === draft.value?.customer)?.owns ?? [])
const asked = computed(() => {
  const { model, technique, fabric } = draft.value ?? {}
  return model && technique && fabric ? { model, technique, fabric, owned: owned.value.join(',') } : undefined
})
watch(
  () => JSON.stringify(asked.value),
  useDebounceFn(async () => {
    const now = asked.value
    card.value = undefined
    if (!now) return
    try {
      card.value = await get<Card>('/api/card', now)
    } catch (error) {
      problem.value = problemText(error)
    }
  }, 50),
)
const say = computed(() => card.value && speech(card.value.names))
const model = shallowRef<ModelPage['model']>()
watch(() => draft.value?.model, async (id) => {
  model.value = id === undefined ? undefined : await get<ModelPage>(`/api/models/${id}`).then((page) => page.model).catch(() => undefined)
}) // prettier-ignore
const rungs = computed(() =>
  ladderFor((model.value ?? { kind: 'computerised', features: [] }) as Model, card.value?.stages[0]),
)
/** Heard in what is asked as well: nobody has to notice it. */
const stop = computed(() => {
  const id = draft.value?.stop ?? stopsIn(draft.value?.question ?? '')[0]?.id
  return STOPS.find((one) => one.id === id)
})
const jam = computed(() => TROUBLES.find(({ id }) => id === draft.value?.trouble)?.script === 'jam')
const faults = computed(() => {
  const of = card.value?.technique
  const found = card.value?.stages.flatMap((stage) => stage.faults) ?? []
  return of ? found.map(({ id, name }) => ({ id: `${of.id}.${id}`, name })) : []
})
const put = (next: Partial<CaseWrite>) => {
  if (!draft.value) return
  touched.value = true
  draft.value = Object.fromEntries(Object.entries({ ...draft.value, ...next }).filter(([, value]) => value !== undefined && value !== '')) as CaseWrite // prettier-ignore
  if (draft.value.question === undefined) draft.value.question = ''
}
const tick = (rung: string, yes: boolean) => put({ rungs: [...(draft.value?.rungs ?? []).filter((one) => one !== rung), ...(yes ? [rung] : [])] }) // prettier-ignore

const save = async (next: Partial<CaseWrite> = {}) => {
  put({ ...next, ...(stop.value && !draft.value?.stop ? { stop: stop.value.id, outcome: 'workshop' } : {}) })
  if (!draft.value || busy.value) return
  problem.value = ''
  said.value = ''
  busy.value = true
  try {
    if (row.value)
      take(await call<CaseRow>('PUT', `/api/cases/${row.value.case.id}`, { version: row.value.version, case: draft.value })) // prettier-ignore
    else {
      const minutes = draft.value.minutes ?? Math.max(1, Math.round((Date.now() - started) / 60_000))
      const made = await call<CaseRow>('POST', '/api/cases', { ...draft.value, minutes })
      take(made)
      await router.replace({ path: `/desk/${made.case.id}`, query: query.value })
    }
    said.value = 'Kept.'
  } catch (error) {
    problem.value = error instanceof ApiProblem && error.details.status === 409 ? 'Somebody else has changed this case meanwhile. What you typed is kept here; open it in another tab to see theirs.' : problemText(error) // prettier-ignore
  } finally {
    busy.value = false
  }
}
const solved = (cause: string, advice: string) => void save({ outcome: 'solved', cause, advice: draft.value?.advice ?? advice }) // prettier-ignore
const send = async () => {
  const now = asked.value
  if (!now || !draft.value?.customer) return
  problem.value = ''
  try {
    const { to } = await call<{ to: string }>('POST', '/api/outbox/cards', { ...now, owned: owned.value, customer: draft.value.customer }) // prettier-ignore
    sending.value = `Sent to ${to}: it is in the outbox.`
  } catch (error) {
    problem.value = problemText(error)
  }
}
useKeys([{ keys: 's', does: 'Keep this case', run: () => void save() }])
</script>

<template>
  <main class="page wide">
    <p class="back"><RouterLink :to="{ path: '/desk', query }">All cases</RouterLink></p>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <template v-if="draft">
      <div class="head">
        <h1>{{ row ? `Case ${row.case.id}` : 'A new case' }}</h1>
        <span v-if="row" class="soft">{{ row.case.by }}, {{ row.case.at.slice(0, 10) }}</span>
        <span class="acts">
          <span role="status" class="soft">{{ said }}</span>
          <BButton variant="primary" :disabled="busy || draft.question.trim() === ''" @click="save()">Keep</BButton>
        </span>
      </div>
      <section v-if="stop" class="stop" role="alert">
        <h2>Stop: {{ stopWord(stop.id) }}</h2>
        <p v-for="line in stopText({ firstAid: stop.firstAid ?? false })" :key="line">{{ line }}</p>
      </section>
      <div class="halves">
        <CaseFields
          ref="fields"
          :draft="draft"
          :customers="customers"
          :faults="faults"
          :technique-name="card?.technique.name"
          @put="put"
          @keep="save()"
        />
        <div v-if="!stop">
          <section v-if="card" aria-label="The card">
            <p>
              <RouterLink
                class="btn btn-outline-primary"
                :to="{
                  path: '/card',
                  query: { m: draft.model, t: draft.technique, f: draft.fabric, owned: owned.join(',') || undefined },
                }"
                >Open the card</RouterLink
              >
              <BButton v-if="draft.customer" variant="outline-primary" class="send" @click="send"
                >Send it to them</BButton
              >
              <span role="status" class="soft">{{ sending }}</span>
            </p>
          </section>
          <section v-if="jam" aria-label="Thread jam">
            <h2>A thread jam: in this order</h2>
            <ol>
              <li v-for="line in JAM_SCRIPT" :key="line">{{ line }}</li>
            </ol>
          </section>
          <section v-if="draft.trouble" aria-label="The ladder">
            <h2>First, what settles most calls</h2>
            <ul class="rungs">
              <li v-for="rung in rungs" :key="rung.id">
                <label>
                  <input
                    type="checkbox"
                    class="form-check-input"
                    :checked="draft.rungs?.includes(rung.id) ?? false"
                    @change="tick(rung.id, ($event.target as HTMLInputElement).checked)"
                  />
                  {{ rungText(rung, (id) => say?.item(id) ?? id) }}
                </label>
              </li>
            </ul>
          </section>
          <DiagnosisPanel
            v-if="draft.trouble && asked"
            :asked="asked"
            :owned="owned"
            :trouble="draft.trouble"
            :shown="draft.shown"
            @shown="(shown) => put({ shown: shown as CaseWrite['shown'] })"
            @solved="solved"
            @workshop="(advice) => save({ outcome: 'workshop', advice: draft?.advice ?? advice })"
          />
          <p v-else-if="draft.trouble" class="soft">
            With machine, technique and fabric told, what the machine shows can be compared with its card.
          </p>
        </div>
      </div>
    </template>
  </main>
</template>

<style scoped lang="scss">
.back {
  margin: 0;
}

.head,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.9rem;
  align-items: baseline;
}

.acts {
  margin-left: auto;
}

.halves {
  display: grid;
  grid-template-columns: minmax(18rem, 24rem) 1fr;
  gap: 1.6rem;
}

.stop {
  border: 3px solid var(--madder);
  padding: 0.6rem 1rem;
  margin-bottom: 1rem;
  font-size: 1.25rem;

  h2 {
    color: var(--madder);
    margin-top: 0;
    font-size: 1.7rem;
  }
}

.rungs {
  list-style: none;
  padding: 0;

  label {
    display: grid;
    grid-template-columns: 1.4rem 1fr;
    gap: 0.3rem;
    padding: 0.15rem 0;
  }
}

.send {
  margin-left: 0.6rem;
}

.lines {
  white-space: pre-line;
}

@media (max-width: 900px) {
  .halves {
    grid-template-columns: 1fr;
  }
}
</style>
