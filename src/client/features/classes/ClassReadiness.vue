<script setup lang="ts">
import { NO_NAMES } from '#core/names/names'
import { computed, ref, shallowRef } from 'vue'
import type { ClassChangeView, ClassPurchases, ClassWrite } from '#shared/api/classes'
import { changeLines, purchaseText } from '#shared/messages/classes'
import { speech } from '#shared/messages/en'
import { call, problemText } from '../../api/client'
import { usePicks } from '../../state/picks'
import { useWork } from '../../state/work'
import WorkLine from '../../ui/WorkLine.vue'
import ReadinessGrid from './ReadinessGrid.vue'
import { useClass } from './useClass'
import { useFromClass } from './useFromClass'

/** Who is ready for what; a piece moved to another seat with what that does; what one more purchase would. */
const { query } = usePicks()
const { id, row, draft, keep, seatName } = useClass()
const { told: plan, problem, stopped, ask, work } = useFromClass('plan')
const weighing = useWork()
const more = shallowRef<ClassPurchases>()
const moved = shallowRef<{ what: string; pins: ClassWrite['pins']; told: ClassChangeView }>()
const said = ref('')

const say = computed(() => speech((moved.value?.told ?? more.value ?? plan.value)?.names ?? NO_NAMES))
const sayPlan = computed(() => speech(plan.value?.names ?? NO_NAMES))
const others = (seat: number, item: string) =>
  (draft.value?.pins ?? []).filter((pin) => pin.item !== item || pin.seat !== seat)

const pin = async (seat: number, item: string, how: 'loan' | 'buy' | 'not' | 'free') => {
  moved.value = undefined
  if (await keep({ pins: how === 'free' ? others(seat, item) : [...others(seat, item), { seat, item, how }] }))
    said.value = 'Saved and planned again.'
}
const prefer = async (place: number, method: string) => {
  const techniques = (draft.value?.techniques ?? []).map(({ method: before, ...one }, t) => {
    const wanted = t === place ? method : (before ?? '')
    return wanted === '' ? one : { ...one, method: wanted }
  })
  if (await keep({ techniques })) said.value = 'Saved and planned again.'
}
/** What it would do is shown first; it is kept when that is wanted. */
const move = async (item: string, from: number, to: number) => {
  const content = draft.value
  if (!content) return
  problem.value = ''
  const pins = [
    ...others(from, item).filter((one) => one.item !== item || one.seat !== to),
    { seat: to, item, how: 'loan' as const },
  ]
  try {
    const weighed = await work.run((name) =>
      call('POST', `/api/classes/${id}/change`, { class: { ...content, pins } }, name),
    )
    if (weighed)
      moved.value = {
        what: `${sayPlan.value.item(item)} lent to ${seatName(to)} instead of ${seatName(from)}`,
        pins,
        told: weighed,
      }
  } catch (error) {
    problem.value = problemText(error)
  }
}
const keepMove = async () => {
  const pins = moved.value?.pins
  moved.value = undefined
  if (pins && (await keep({ pins }))) said.value = 'Saved and planned again.'
}
const weigh = async () => {
  try {
    more.value = await weighing.run((name) => call('GET', `/api/classes/${id}/purchases`, undefined, name))
  } catch (error) {
    problem.value = problemText(error)
  }
}
</script>

<template>
  <WorkLine :progress="work.progress.value" doing="Planning …" @stop="work.stop" />
  <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
  <p v-if="stopped">
    Stopped; nothing was changed. <BButton size="sm" variant="outline-primary" @click="ask">Plan it</BButton>
  </p>
  <p v-if="draft && (draft.seats.length === 0 || draft.techniques.length === 0)">
    Nothing to plan yet.
    <RouterLink :to="{ path: `/classes/${id}/facts`, query }">Say what is taught and who sits where</RouterLink>.
  </p>
  <section v-if="moved" aria-label="What it would do" class="moved" role="status">
    <h2>{{ moved.what }}</h2>
    <p v-if="!moved.told.solved" class="caution">More would be pinned than the shop has.</p>
    <ul v-else>
      <li v-for="line in changeLines(moved.told.change, seatName, say)" :key="line">{{ line }}</li>
    </ul>
    <BButton v-if="moved.told.solved" variant="primary" @click="keepMove">Do it</BButton>
    <BButton variant="link" @click="moved = undefined">Leave it as it was</BButton>
  </section>
  <p role="status" class="soft">{{ work.busy.value ? '' : said }}</p>
  <template v-if="plan && row && draft && draft.seats.length > 0">
    <ReadinessGrid
      :plan="plan"
      :techniques="row.class.techniques"
      :pins="row.class.pins"
      :owns="row.class.seats.map(({ owns }) => owns)"
      @pin="pin"
      @move="move"
      @prefer="prefer"
    />
    <section aria-label="One more piece">
      <h2>What one more piece to lend would change</h2>
      <WorkLine :progress="weighing.progress.value" doing="Weighing each piece …" @stop="weighing.stop" />
      <BButton v-if="!more && !weighing.busy.value" variant="outline-primary" @click="weigh">Work it out</BButton>
      <p v-if="more && more.purchases.length === 0">No single piece changes who is ready or what must be bought.</p>
      <ol v-if="more">
        <li v-for="one in more.purchases" :key="one.item ?? one.model">
          <strong>{{ one.item ? say.item(one.item) : say.model(one.model ?? '') }}</strong>: {{ purchaseText(one) }}
        </li>
      </ol>
    </section>
  </template>
</template>

<style scoped lang="scss">
.moved {
  border: 2px solid var(--teal);
  padding: 0.6rem 1rem;
  margin-bottom: 0.8rem;

  h2 {
    margin-top: 0;
  }
}
</style>
