<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ClassTechnique, Pin } from '#core/classes/types'
import type { ClassPlanView } from '#shared/api/classes'
import { speech } from '#shared/messages/en'
import { durationWords, verdictWord } from '#shared/messages/words'
import { usePickLists, usePicks } from '../../state/picks'
import VerdictMark from '../card/VerdictMark.vue'
import { useDragBetween } from './useDragBetween'

/** Seats down, techniques across: what each can do with what they own, and what is lent or bought so that they can. */
const props = defineProps<{
  plan: ClassPlanView
  techniques: readonly ClassTechnique[]
  pins: readonly Pin[]
  owns: readonly (readonly string[])[]
}>()
const emit = defineEmits<{
  pin: [seat: number, item: string, how: 'loan' | 'buy' | 'not' | 'free']
  /** A piece is to be lent to another seat. */
  move: [item: string, from: number, to: number]
  /** The way a technique is to be sewn wherever it can; empty: the best for each. */
  prefer: [technique: number, method: string]
}>()
const { query } = usePicks()
const say = computed(() => speech(props.plan.names))
const lists = usePickLists()
const nameOf = (id: string) => lists.lists?.techniques.find((technique) => technique.id === id)?.name ?? id
const pinOf = (seat: number, item: string) => props.pins.find((pin) => pin.seat === seat && pin.item === item)?.how
const given = (s: number) => {
  const seat = props.plan.seats[s]
  const pinned = props.pins.filter((pin) => pin.seat === s).map(({ item }) => item)
  return [...new Set([...(seat?.loans ?? []), ...(seat?.buys ?? []), ...pinned])]
}
const howOf = (s: number, item: string): 'loan' | 'buy' | 'not' => {
  const seat = props.plan.seats[s]
  return seat?.loans.includes(item) ? 'loan' : seat?.buys.includes(item) ? 'buy' : 'not'
}
const table = ref<HTMLElement>()
useDragBetween(
  table,
  '.pieces',
  () => props.plan,
  ({ thing, from, to }) => from !== to && emit('move', thing, Number(from), Number(to)),
)
/** A choice of the list: a pin, or another seat to lend it to. */
const choose = (s: number, item: string, value: string) => {
  if (value.startsWith('to ')) emit('move', item, s, Number(value.slice(3)))
  else emit('pin', s, item, value as 'loan' | 'buy' | 'not' | 'free')
}
const FREE = { loan: 'lent, as is best', buy: 'bought, as is best', not: 'as is best' }
const cardOf = (s: number, t: number) => {
  const [seat, asked] = [props.plan.seats[s], props.techniques[t]]
  const owned = [...(props.owns[s] ?? []), ...(seat?.loans ?? []), ...(seat?.buys ?? [])]
  return {
    path: '/card',
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
const lentBeside = ({ model, machine }: ClassPlanView['seats'][number]) =>
  machine === undefined ? '' : machine === model ? ', lent' : `; lent: ${say.value.model(machine)}`
const cellWord = (
  seat: ClassPlanView['seats'][number],
  { verdict, toGet, chosen }: ClassPlanView['seats'][number]['cells'][number],
): string => {
  if (chosen?.machine !== undefined && chosen.machine !== seat.model) return `On the ${say.value.model(chosen.machine)}`
  return seat.ready && verdict === 'needsItems'
    ? 'Ready with it'
    : verdictWord(
        verdict,
        toGet.flatMap((id) => props.plan.names.items[id] ?? []),
      )
}
/** Which other route, and what it costs, where no better one is made possible. */
const routeOf = ({ verdict, method, costs, chosen }: ClassPlanView['seats'][number]['cells'][number], t: number) => {
  const taken = chosen?.method ?? method
  const methods = props.plan.methods[t] ?? []
  if (verdict !== 'otherRoute' || taken === undefined) return ''
  const name = methods.length > 1 ? methods.find(({ id }) => id === taken)?.name : undefined
  return [name, ...(taken === method ? costs : [])].filter(Boolean).join('; ')
}
const whyNot = (s: number) => {
  const seat = props.plan.seats[s]
  if (!seat || seat.ready) return ''
  if (seat.model === undefined) return 'No machine: theirs is not told, and none of the shop’s is left.'
  const stopped = seat.cells.flatMap(({ reasons }, t) =>
    reasons[0] ? [`${nameOf(props.techniques[t]?.technique ?? '')}: ${say.value.reason(reasons[0])}`] : [],
  )
  if (stopped.length > 0) return stopped.join(' ')
  return seat.short.length > 0 ? `Needs ${say.value.items(seat.short)}; that is pinned away, or all are lent.` : ''
}
</script>

<template>
  <section aria-label="Readiness">
    <p v-if="!plan.solved" role="alert" class="caution">
      More is pinned than the shop has: nothing could be shared out. Let a pin go, or add a piece to what the shop
      lends.
    </p>
    <p v-else-if="plan.seats.length > 0">
      <strong class="count">{{ plan.ready }} of {{ plan.seats.length }} ready</strong>
      <span class="soft">
        with {{ plan.lent }} lent and {{ plan.bought }} bought; no other sharing out makes more of them ready, or as
        many with less bought.</span
      >
    </p>
    <p v-if="plan.order && techniques.length > 1">
      <strong>Teach:</strong> {{ plan.order.order.map((t) => nameOf(techniques[t]?.technique ?? '')).join(' → ') }}
      <span class="soft"
        >The room waits {{ durationWords(plan.order.waits) }} for changeovers; no other order is shorter.</span
      >
    </p>
    <div v-if="plan.seats.length > 0" ref="table" class="scroll">
      <table class="table">
        <thead>
          <tr>
            <th scope="col">Seat</th>
            <th v-for="({ technique, method }, t) in techniques" :key="technique" scope="col">
              {{ nameOf(technique) }}
              <select
                v-if="(plan.methods[t]?.length ?? 0) > 1"
                class="form-select form-select-sm method"
                :aria-label="`Method preferred for ${nameOf(technique)}`"
                :value="method ?? ''"
                @change="emit('prefer', t, ($event.target as HTMLSelectElement).value)"
              >
                <option value="">best for each</option>
                <option v-for="one in plan.methods[t]" :key="one.id" :value="one.id">{{ one.name }}</option>
              </select>
            </th>
            <th scope="col">Suggested</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(seat, s) in plan.seats" :key="s">
            <th scope="row">
              {{ seat.name }}
              <span class="soft">{{ seat.model ? say.model(seat.model) : 'no machine' }}{{ lentBeside(seat) }}</span>
            </th>
            <td v-for="(cell, t) in seat.cells" :key="t">
              <RouterLink v-if="seat.model" :to="cardOf(s, t)" class="cell">
                <VerdictMark
                  :verdict="seat.ready ? (cell.verdict === 'otherRoute' ? 'otherRoute' : 'ready') : cell.verdict"
                  class="shape"
                />
                {{ cellWord(seat, cell) }}
              </RouterLink>
              <span v-if="seat.model" class="soft">{{ routeOf(cell, t) }}</span>
            </td>
            <td>
              <span v-if="!seat.ready" class="caution">{{ whyNot(s) }}</span>
              <span v-if="seat.machine" class="soft">{{ say.model(seat.machine) }}, lent</span>
              <strong v-else-if="seat.ready && given(s).length === 0" class="soft">nothing needed</strong>
              <ul class="pieces" :data-list="s">
                <li v-for="item in given(s)" :key="item" :data-thing="item" class="given">
                  <span class="piece">{{ say.item(item) }}</span>
                  <select
                    class="form-select form-select-sm"
                    :aria-label="`${say.item(item)} for ${seat.name}`"
                    :value="pinOf(s, item) ?? 'free'"
                    @change="choose(s, item, ($event.target as HTMLSelectElement).value)"
                  >
                    <option value="free">{{ FREE[howOf(s, item)] }}</option>
                    <option value="loan">lent, pinned</option>
                    <option value="buy">bought, pinned</option>
                    <option value="not">neither, pinned</option>
                    <optgroup label="Lend it instead to">
                      <template v-for="(other, o) in plan.seats" :key="o">
                        <option v-if="o !== s" :value="`to ${o}`">{{ other.name }}</option>
                      </template>
                    </optgroup>
                  </select>
                </li>
              </ul>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped lang="scss">
.count {
  font-size: var(--figure);
  margin-right: 0.6rem;
}

.scroll {
  overflow-x: auto;
}

th .soft,
td > .soft {
  display: block;
  font-weight: 400;
  font-size: var(--note);
}

tbody th {
  white-space: nowrap;
}

.cell {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
}

.shape {
  width: 1.5rem;
  flex: none;
}

.method {
  max-width: 11rem;
  font-weight: 400;
}

.pieces {
  list-style: none;
  margin: 0;
  padding: 0;
  min-height: 1.4rem;
}

.piece {
  cursor: grab;
  white-space: nowrap;
}

.given {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  align-items: center;
  margin: 0 0 0.2rem;

  select {
    width: auto;
  }
}

.caution {
  font-size: var(--note);
  font-weight: 400;
}
</style>
