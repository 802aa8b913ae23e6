<script setup lang="ts">
import { computed } from 'vue'
import type { SuppliesView } from '#shared/api/classes'
import { needAmount } from '#shared/messages/classes'
import { capital, moneyWords } from '#shared/messages/words'
import { usePicks } from '../../state/picks'
import WorkLine from '../../ui/WorkLine.vue'
import { useClass } from './useClass'
import { useFromClass } from './useFromClass'

/** What the class uses up, how much of it is on the shelf, what must be bought. */
const { query } = usePicks()
const { row, seatName, id } = useClass()
const { told, problem, work } = useFromClass('supplies')
const WORDS = { fabric: 'Fabric', material: 'Material', thread: 'Thread', bobbin: 'Bobbins', needle: 'Needles' }
const cost = computed(() => (told.value?.needs ?? []).reduce((sum, { packs }) => sum + (packs?.cost ?? 0), 0))
const unpriced = computed(
  () => (told.value?.needs ?? []).filter(({ packs }) => !packs || (packs.buy > 0 && packs.cost === undefined)).length,
)
type Need = SuppliesView['needs'][number]
/** By how much each takes: "0.9 m each" where all are alike. */
const perSeat = ({ what, seats, unit }: Need): string => {
  if (what === 'fabric' || seats.length === 0) return ''
  const amounts = [...new Set(seats.map(({ amount }) => Math.round(amount * 100) / 100))].sort((a, b) => a - b)
  const range = amounts.length === 1 ? `${amounts[0]}` : `${amounts[0]}–${amounts.at(-1)}`
  const all = seats.length === (row.value?.class.seats.length ?? 0) ? 'each' : `each of ${seats.length} seats`
  return `${range} ${unit === 'm' ? 'm' : ''} ${all}`.replace('  ', ' ')
}
const costOf = ({ buy, cost: told }: NonNullable<Need['packs']>): string =>
  buy === 0 ? '–' : told === undefined ? '?' : moneyWords(told)
const why = ({ what, unknown }: Need): string => {
  if (unknown.length === 0) return ''
  if (what === 'fabric') return 'A technique in it has no piece told.'
  const names = unknown.length > 4 ? `${unknown.length} seats` : unknown.map(seatName).join(', ')
  return `${names}: more than that, the seam’s length or what decides it is not told.`
}
</script>

<template>
  <WorkLine :progress="work.progress.value" doing="Planning …" @stop="work.stop" />
  <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
  <template v-if="told && row">
    <p v-if="told.needs.length === 0">
      Nothing yet: say what is taught and who sits where in
      <RouterLink :to="{ path: `/classes/${id}/facts`, query }">Seats and techniques</RouterLink>.
    </p>
    <template v-else>
      <p>
        <strong class="count">{{ moneyWords(cost) }} to spend</strong>
        <span class="soft">
          for {{ row.class.seats.length }} seats and {{ told.spares }} spare{{
            unpriced > 0 ? `, and what has no price or pack told (${unpriced})` : ''
          }}.
          <RouterLink :to="{ path: '/classes/cupboard', query }"
            >How things are sold, and what is on the shelf</RouterLink
          >
        </span>
      </p>
      <div class="scroll">
        <table class="table">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Needed</th>
              <th scope="col">A seat</th>
              <th scope="col" class="number">Packs</th>
              <th scope="col" class="number">On the shelf</th>
              <th scope="col" class="number">Buy</th>
              <th scope="col" class="number">Cost</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="need in told.needs" :key="need.what + need.of + (need.colour ?? '')">
              <th scope="row">
                {{ capital(need.name) }}{{ need.colour ? `, ${need.colour}` : '' }}
                <span class="soft">{{ WORDS[need.what] }}</span>
              </th>
              <td>
                {{ needAmount(need) }} <span class="soft block">{{ why(need) }}</span>
              </td>
              <td class="soft">{{ perSeat(need) }}</td>
              <template v-if="need.packs">
                <td class="number">{{ need.packs.need }}</td>
                <td class="number">{{ need.packs.shelf }}</td>
                <td class="number buy">{{ need.packs.buy === 0 ? 'none' : need.packs.buy }}</td>
                <td class="number">{{ costOf(need.packs) }}</td>
              </template>
              <td v-else colspan="4" class="soft">nobody has said how it is sold</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </template>
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
.block {
  display: block;
  font-weight: 400;
  font-size: var(--note);
}

.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.buy {
  font-weight: 650;
}
</style>
