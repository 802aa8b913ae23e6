<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'

import { ladderFor } from '#core/desk/ladder'
import { NO_STOP } from '#core/desk/cases'
import type { Compared } from '#core/desk/shown'
import { STOP_IDS } from '#shared/messages/stops'
import { TROUBLES } from '#shared/messages/troubles'

import type { Item, Model } from '#core/catalogue/types'
import type { CaseWrite } from '#shared/api/desk'
import { speech } from '#shared/messages/en'
import { jamScript, rungText, stopText, stopWord } from '#shared/messages/desk'
import { call, get } from '../../api/client'
import { useKeys } from '../../state/keys'
import { usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'
import { useQuery } from '../../state/useQuery'
import ChangedUnderneath from '../../ui/ChangedUnderneath.vue'
import VersionDialog from '../../ui/VersionDialog.vue'
import { wallDay } from '../../ui/wallDay'
import BriefCard from '../card/BriefCard.vue'
import FaultChoice from '../card/FaultChoice.vue'
import CaseFields from './CaseFields.vue'
import DiagnosisPanel from './DiagnosisPanel.vue'
import StepsFrom from './StepsFrom.vue'
import { useCase } from './useCase'

/** A call: what is asked, the ladder first, then diagnosis by difference, what was advised, what came of it. */
const props = defineProps<{ id?: string }>()
const { query } = usePicks()
const leading = ref<string>()
const fields = ref<InstanceType<typeof CaseFields>>()
const { problem: notSent, said: sent, act } = useAction()
const { row, draft, problem, said, saving, clash, settle, leave, underneath, compare, stop, put, save } = useCase(
  () => props.id,
  async () => {
    await nextTick()
    if (props.id === undefined) fields.value?.focus()
  },
)
watch(
  () => row.value?.case.id,
  () => (sent.value = ''),
)
const { answer: caller, problem: noCaller } = useQuery(
  'customers',
  () => draft.value?.customer,
  (id) => get(`/api/customers/${id}`),
  { stays: 0 },
)
const owned = computed(() => caller.value?.customer.owns ?? [])
const asked = computed(() => {
  const { model, technique, fabric, customer } = draft.value ?? {}
  // What they own changes the card: it is not asked for before that is known.
  if (customer !== undefined && !caller.value && !noCaller.value) return undefined
  return model && technique && fabric ? { model, technique, fabric, owned: owned.value.join(',') } : undefined
})
const from = computed(() => {
  const now = asked.value
  if (!now) return undefined
  const { model, technique, fabric } = now
  return {
    key: JSON.stringify(now),
    trial: () => get('/api/practice', now),
    compare: (told: Compared) =>
      call('POST', '/api/diagnosis', { model, technique, fabric, owned: owned.value, ...told }),
    items: async () => (await get('/api/catalogue/items')).map(({ value }) => value as Item),
  }
})
const { answer: card, problem: noCard } = useQuery(
  'card',
  () => asked.value,
  (question) => get('/api/card', question),
  { wait: 50 },
)
const say = computed(() => card.value && speech(card.value.names))
const { answer: page } = useQuery(
  'model',
  () => draft.value?.model,
  (id) => get(`/api/models/${id}`),
)
const rungs = computed(() =>
  ladderFor((page.value?.model ?? { kind: 'computerised', features: [] }) as Model, card.value?.stages[0]),
)
const jam = computed(() => TROUBLES.find(({ id }) => id === draft.value?.trouble)?.script === 'jam')
const faults = computed(() => {
  const of = card.value?.technique
  const found = card.value?.stages.flatMap((stage) => stage.procedure.faults) ?? []
  return of ? found.map(({ id, name }) => ({ id: `${of.id}.${id}`, name })) : []
})
const tick = (rung: string, yes: boolean) =>
  put({ rungs: [...(draft.value?.rungs ?? []).filter((one) => one !== rung), ...(yes ? [rung] : [])] })

const solved = (cause: string, advice: string) =>
  void save({ outcome: 'solved', cause, advice: draft.value?.advice ?? advice })
const send = () =>
  act(async () => {
    const now = asked.value
    if (!now || !draft.value?.customer) return
    const { to } = await call('POST', '/api/outbox/cards', {
      ...now,
      owned: owned.value,
      customer: draft.value.customer,
    })
    return `Sent to ${to}: it is in the outbox.`
  })
const answers = ref<HTMLElement>()
const go = (to: string) => answers.value?.querySelector<HTMLElement>(to)?.focus()
useKeys([
  { keys: 's', does: 'Keep this case', run: () => void save() },
  { keys: 'l', does: 'To the ladder: what settles most calls', run: () => go('.rungs input:not(:checked)') },
  { keys: 'w', does: 'To what the machine shows', run: () => go('.shows input, .shows select') },
  { keys: 'i', does: 'To the likeliest cause; Enter: it was this', run: () => go('.causes button') },
])
</script>

<template>
  <main class="page wide">
    <p class="back"><RouterLink :to="{ path: '/desk', query }">All cases</RouterLink></p>
    <p v-if="problem || noCard || notSent" role="alert" class="caution lines">{{ problem || noCard || notSent }}</p>
    <ChangedUnderneath :shown="underneath !== undefined" @compare="compare" />
    <VersionDialog v-if="clash" :both="clash" @settle="settle" @leave="leave" />
    <template v-if="draft">
      <div class="head">
        <h1>{{ row ? `Case ${row.case.id}` : 'A new case' }}</h1>
        <span v-if="row" class="soft">{{ row.case.by }}, {{ wallDay(new Date(row.case.at)) }}</span>
        <span class="acts">
          <span role="status" class="soft">{{ said }}</span>
          <BButton variant="primary" :disabled="saving || draft.question.trim() === ''" @click="save()">Keep</BButton>
        </span>
      </div>
      <section v-if="stop" class="stop" role="alert">
        <h2>Stop: {{ stopWord(stop.id) }}</h2>
        <p v-for="line in stopText(stop)" :key="line">{{ line }}</p>
        <p class="not">
          <BButton size="sm" variant="outline-primary" @click="put({ stop: NO_STOP, outcome: 'open' })">
            It is none of this: go on
          </BButton>
        </p>
      </section>
      <div class="halves">
        <div>
          <CaseFields
            ref="fields"
            :draft="draft"
            :faults="faults"
            :technique-name="card?.technique.name"
            :phone="row?.case.phone ?? false"
            @put="put"
            @keep="save()"
          />
          <StepsFrom
            v-if="!stop && card?.stages[0] && draft.trouble"
            :card="card"
            :stage="card.stages[0]"
            :control="leading"
          />
        </div>
        <div v-if="!stop" ref="answers">
          <p v-if="!card && !draft.trouble" class="soft">
            Write what they ask as they say it. Once machine, technique and fabric are told their card stands here; once
            a trouble is, what settles most calls and what may be the cause.
          </p>
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
              <span role="status" class="soft">{{ sent }}</span>
            </p>
          </section>
          <BriefCard
            v-if="card && !draft.trouble"
            :card="card"
            :stage="undefined"
            label="The card in brief"
            class="brief"
          />
          <section v-if="card && !draft.trouble" aria-label="What it looks like">
            <h2>Which of these is it?</h2>
            <FaultChoice
              v-for="stage in card.stages"
              :key="stage.stage"
              :faults="stage.procedure.faults"
              :sketch="stage.sketch"
              :chosen="undefined"
              @choose="(fault) => put({ trouble: `${card?.technique.id}.${fault}` })"
            />
          </section>
          <section v-if="jam" aria-label="Thread jam">
            <h2>A thread jam: in this order</h2>
            <ol>
              <li v-for="line in jamScript(page?.model.kind)" :key="line">{{ line }}</li>
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
                <select
                  v-if="rung.id === 'danger'"
                  class="form-select form-select-sm danger"
                  aria-label="What of it there is"
                  @change="put({ stop: ($event.target as HTMLSelectElement).value, outcome: 'workshop' })"
                >
                  <option value="">none of it; else say which</option>
                  <option v-for="one in STOP_IDS" :key="one" :value="one">{{ stopWord(one) }}</option>
                </select>
              </li>
            </ul>
          </section>
          <DiagnosisPanel
            v-if="draft.trouble && from"
            :from="from"
            :trouble="draft.trouble"
            :shown="draft.shown"
            @shown="(shown) => put({ shown: shown as CaseWrite['shown'] })"
            @leads="(control) => (leading = control)"
          >
            <template #cause="{ cause, advice }">
              <BButton size="sm" variant="outline-primary" @click="solved(cause.key, advice)">It was this</BButton>
            </template>
            <template #end>
              When it stays:
              <BButton
                size="sm"
                variant="outline-primary"
                @click="
                  save({ outcome: 'workshop', advice: draft.advice ?? 'Set as the card says; it stays on a scrap.' })
                "
              >
                To the workshop
              </BButton>
            </template>
          </DiagnosisPanel>
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

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
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
  font-size: var(--lead);

  h2 {
    color: var(--madder);
    margin-top: 0;
    font-size: var(--title);
  }
}

.rungs {
  list-style: none;
  padding: 0;

  label {
    display: grid;
    grid-template-columns: 1.4rem 1fr;
    gap: 0.3rem;
    padding: 0.2rem 0;
  }
}

.danger {
  width: auto;
  margin-left: 1.6rem;
}

.brief {
  max-width: 40rem;
}

.send {
  margin-left: 0.6rem;
}

@media (max-width: 1000px) {
  .halves {
    grid-template-columns: 1fr;
  }
}
</style>
