<script setup lang="ts">
import { NO_NAMES } from '#core/names/names'
import { computed, ref } from 'vue'
import type { Managed, Seat } from '#core/classes/types'

import { speech } from '#shared/messages/en'
import { list } from '#shared/messages/words'
import { call, problemText } from '../../api/client'
import { usePicks } from '../../state/picks'
import { useWork } from '../../state/work'
import WorkLine from '../../ui/WorkLine.vue'
import { useClass } from './useClass'
import { useFromClass } from './useFromClass'

/**
 * At the class and after it: who came, what went out and came back, who managed what; samples to the log, cards by
 * mail.
 */
const { query } = usePicks()
const { id, row, draft, put, save, changed, saving, techniqueName } = useClass()
const { told: plan, problem } = useFromClass('plan')
const sending = useWork()
const said = ref('')
const say = computed(() => speech(plan.value?.names ?? NO_NAMES))
const MANAGED: [Managed, string][] = [
  ['alone', 'alone'],
  ['withHelp', 'with help'],
  ['notYet', 'not yet'],
]
const set = (s: number, next: Partial<Seat>) =>
  put({ seats: (draft.value?.seats ?? []).map((seat, i) => (i === s ? { ...seat, ...next } : seat)) })
const manage = (s: number, technique: string, value: string) => {
  const { [technique]: _, ...rest } = draft.value?.seats[s]?.managed ?? {}
  set(s, { managed: value === '' ? rest : { ...rest, [technique]: value as Managed } })
}
const seats = computed(() => draft.value?.seats ?? [])
const came = computed(() => seats.value.filter((seat) => seat.came).length)
const allCame = () => put({ seats: seats.value.map((seat) => ({ ...seat, came: true })) })
/** Of those who came, whoever is not marked yet. */
const unmarked = (technique: string) => seats.value.filter((seat) => seat.came && !seat.managed?.[technique])
const restAlone = (technique: string) => {
  const rest = unmarked(technique)
  put({
    seats: seats.value.map((seat) =>
      rest.includes(seat) ? { ...seat, managed: { ...seat.managed, [technique]: 'alone' } } : seat,
    ),
  })
}
/** As planned, and whatever else was given out. */
const loansOf = (s: number) => {
  const planned = plan.value?.seats[s]
  return [
    ...new Set([
      ...(planned?.machine ? [planned.machine] : []),
      ...(planned?.loans ?? []),
      ...(draft.value?.seats[s]?.out ?? []),
    ]),
  ]
}
const someLent = computed(() => seats.value.some((_, s) => loansOf(s).length > 0))
const named = (thing: string) => (say.value.item(thing) === thing ? say.value.model(thing) : say.value.item(thing))
const having = (all: readonly string[] = [], thing: string, yes: boolean) => [
  ...all.filter((one) => one !== thing),
  ...(yes ? [thing] : []),
]
const giveOut = (s: number, thing: string, yes: boolean) => {
  const { out, back } = draft.value?.seats[s] ?? {}
  set(s, { out: having(out, thing, yes), ...(yes ? {} : { back: having(back, thing, false) }) })
}
const outside = computed(() =>
  (draft.value?.seats ?? []).flatMap(({ name, out = [], back = [] }) =>
    out.filter((thing) => !back.includes(thing)).map((thing) => `${named(thing)} with ${name}`),
  ),
)
const checked = (event: Event) => (event.target as HTMLInputElement).checked
const logOf = (s: number, t: number) => {
  const [asked, seat] = [row.value?.class.techniques[t], plan.value?.seats[s]]
  const owned = [...(row.value?.class.seats[s]?.owns ?? []), ...(seat?.loans ?? []), ...(seat?.buys ?? [])]
  return {
    path: '/log/new',
    query: {
      ...query.value,
      m: seat?.cells[t]?.chosen?.machine ?? seat?.model,
      t: asked?.technique,
      f: asked?.fabric,
      owned: owned.join(',') || undefined,
      method: seat?.cells[t]?.chosen?.method,
    },
  }
}
const send = async () => {
  problem.value = ''
  said.value = ''
  // Where nobody is marked, nobody is left out.
  const to = seats.value.flatMap((seat, s) => (seat.came || came.value === 0 ? [s] : []))
  try {
    const sent = await sending.run((name) => call('POST', `/api/classes/${id}/messages`, { seats: to }, name))
    if (sent)
      said.value =
        `${sent.sent} in the outbox.` +
        (sent.without.length > 0 ? ` No mail address is known of ${list(sent.without)}.` : '') +
        (sent.cardless.length > 0 ? ` No machine is told of ${list(sent.cardless)}, so there is no card.` : '')
  } catch (error) {
    problem.value = problemText(error)
  }
}
</script>

<template>
  <section v-if="row && draft && plan" aria-label="Afterwards">
    <p v-if="draft.seats.length === 0">Nobody has a seat in this class.</p>
    <template v-else>
      <p v-if="outside.length > 0" class="caution">Still out: {{ list(outside) }}.</p>
      <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
      <div class="scroll">
        <table class="table">
          <thead>
            <tr>
              <th scope="col">Seat</th>
              <th scope="col">
                Came
                <BButton v-if="came < seats.length" size="sm" variant="link" @click="allCame">all</BButton>
              </th>
              <th v-for="{ technique } in draft.techniques" :key="technique" scope="col">
                {{ techniqueName(technique) }}
                <BButton v-if="unmarked(technique).length > 0" size="sm" variant="link" @click="restAlone(technique)">
                  the rest: alone
                </BButton>
              </th>
              <th v-if="someLent" scope="col">Lent: out, back</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(seat, s) in draft.seats" :key="s">
              <th scope="row">{{ seat.name }}</th>
              <td>
                <input
                  type="checkbox"
                  class="form-check-input"
                  :checked="seat.came === true"
                  :aria-label="`${seat.name} came`"
                  @change="set(s, { came: checked($event) })"
                />
              </td>
              <td v-for="({ technique }, t) in draft.techniques" :key="technique">
                <select
                  class="form-select form-select-sm"
                  :aria-label="`${seat.name}: ${techniqueName(technique)}`"
                  :value="seat.managed?.[technique] ?? ''"
                  @change="manage(s, technique, ($event.target as HTMLSelectElement).value)"
                >
                  <option value="">not marked</option>
                  <option v-for="[value, word] in MANAGED" :key="value" :value="value">{{ word }}</option>
                </select>
                <RouterLink v-if="plan.seats[s]?.model && seat.managed?.[technique]" :to="logOf(s, t)" class="log">
                  log the sample
                </RouterLink>
              </td>
              <td v-if="someLent">
                <p v-for="thing in loansOf(s)" :key="thing" class="loan">
                  <span>{{ named(thing) }}</span>
                  <label
                    ><input
                      type="checkbox"
                      class="form-check-input"
                      :checked="seat.out?.includes(thing) ?? false"
                      @change="giveOut(s, thing, checked($event))"
                    />
                    out<span class="visually-hidden">: {{ named(thing) }} to {{ seat.name }}</span></label
                  >
                  <label
                    ><input
                      type="checkbox"
                      class="form-check-input"
                      :disabled="!seat.out?.includes(thing)"
                      :checked="seat.back?.includes(thing) ?? false"
                      @change="set(s, { back: having(seat.back, thing, checked($event)) })"
                    />
                    back<span class="visually-hidden">: {{ named(thing) }} from {{ seat.name }}</span></label
                  >
                </p>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="acts">
        <BButton variant="primary" :disabled="!changed || saving" @click="save">Save</BButton>
        <BButton variant="outline-primary" :disabled="changed || sending.busy.value" @click="send">
          {{ came === 0 ? 'Send everybody their cards' : `Send their cards to the ${came} who came` }}
        </BButton>
        <RouterLink :to="{ path: '/shop/outbox', query }">Outbox</RouterLink>
        <span role="status" class="soft">{{ said }}</span>
      </p>
      <WorkLine :progress="sending.progress.value" doing="Drawing cards …" @stop="sending.stop" />
    </template>
  </section>
</template>

<style scoped lang="scss">
.scroll {
  overflow-x: auto;
}

.form-select {
  width: auto;
}

.log {
  font-size: var(--note);
}

.loan {
  display: flex;
  gap: 0.6rem;
  margin: 0 0 0.2rem;

  label {
    white-space: nowrap;
  }
}
</style>
