<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { Seat } from '#core/classes/types'
import type { ClassPlanView, ClassRow, ClassWrite } from '#shared/api/classes'
import { classHeadColumns, classTechniqueColumns, loanColumns, seatColumns } from '#shared/tables/classColumns'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePicks } from '../../state/picks'
import PartList from '../../ui/sheet/PartList.vue'
import ValueForm from '../../ui/sheet/ValueForm.vue'
import ReadinessGrid from './ReadinessGrid.vue'

/** One class: what is taught, who sits where, what is lent; and from it who is ready, and in which order. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const { query } = usePicks()
const names = useNames()
const row = shallowRef<ClassRow>()
const draft = ref<ClassWrite>()
const plan = shallowRef<ClassPlanView>()
const problem = ref('')
const said = ref('')
const busy = ref(false)
const removing = ref(false)

const take = (next: ClassRow) => {
  row.value = next
  const { id: _, ...facts } = next.class
  draft.value = facts
}
const loadPlan = async () => {
  busy.value = true
  try {
    plan.value = await get<ClassPlanView>(`/api/classes/${props.id}/plan`)
  } catch (error) {
    problem.value = problemText(error)
  } finally {
    busy.value = false
  }
}
Promise.all([get<ClassRow>(`/api/classes/${props.id}`), names.load()])
  .then(([read]) => {
    take(read)
    return loadPlan()
  })
  .catch((error: unknown) => (problem.value = problemText(error)))

const changed = computed(() => {
  if (!row.value || !draft.value) return false
  const { id: _, ...facts } = row.value.class
  return JSON.stringify(facts) !== JSON.stringify(draft.value)
})
const put = (next: Partial<ClassWrite>) => {
  if (draft.value) draft.value = { ...draft.value, ...next }
}
/** Seats that move or go take their pins with them. */
const setSeats = (seats: Seat[]) => {
  const before = draft.value?.seats ?? []
  const pins = (draft.value?.pins ?? []).flatMap((pin) => {
    const seat = seats.findIndex((one) => one.name === before[pin.seat]?.name)
    return seat < 0 ? [] : [{ ...pin, seat }]
  })
  put({ seats, pins })
}
const save = async () => {
  if (!row.value || !draft.value) return
  problem.value = ''
  said.value = ''
  busy.value = true
  try {
    take(await call<ClassRow>('PUT', `/api/classes/${props.id}`, { version: row.value.version, class: draft.value }))
    said.value = 'Saved and planned again.'
    await loadPlan()
  } catch (error) {
    problem.value = error instanceof ApiProblem && error.details.status === 409 ? 'Somebody else has changed this class meanwhile. What you typed is kept here; open it in another tab to see theirs.' : problemText(error) // prettier-ignore
  } finally {
    busy.value = false
  }
}
/** A pin is kept with the class, and the rest is solved around it. */
const pin = async (seat: number, item: string, how: 'loan' | 'buy' | 'not' | 'free') => {
  const others = (draft.value?.pins ?? []).filter((one) => one.seat !== seat || one.item !== item)
  put({ pins: how === 'free' ? others : [...others, { seat, item, how }] })
  await save()
}
const remove = async () => {
  try {
    await call('DELETE', `/api/classes/${props.id}`)
    await router.push({ path: '/classes', query: query.value })
  } catch (error) {
    problem.value = problemText(error)
  }
}
const blankTechnique = (): ClassWrite['techniques'][number] => ({ technique: '', fabric: '' })
const blankSeat = (): Seat => ({ name: '', owns: [] })
const blankLoan = (): ClassWrite['loans'][number] => ({ pieces: 1 })
</script>

<template>
  <main class="page wide" :aria-busy="busy">
    <p><RouterLink :to="{ path: '/classes', query }">All classes</RouterLink></p>
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <template v-if="row && draft">
      <div class="head">
        <h1>{{ draft.title }}</h1>
        <div class="acts">
          <span role="status" class="soft">{{ busy ? 'Planning …' : said }}</span>
          <BButton variant="primary" :disabled="!changed || busy" @click="save">Save and plan</BButton>
        </div>
      </div>
      <ReadinessGrid
        v-if="plan"
        :plan="plan"
        :techniques="row.class.techniques"
        :pins="row.class.pins"
        :owns="row.class.seats.map(({ owns }) => owns)"
        @pin="pin"
      />
      <details :open="draft.seats.length === 0 || draft.techniques.length === 0">
        <summary>Date, techniques, seats, what the shop lends</summary>
        <ValueForm
          :value="draft"
          :columns="classHeadColumns"
          :names="names.names"
          layout="form"
          label="Class"
          @change="(next) => (draft = next as ClassWrite)"
        />
        <h2>Techniques, in project order</h2>
        <PartList
          :parts="draft.techniques"
          :columns="classTechniqueColumns"
          :names="names.names"
          one="technique"
          :blank="blankTechnique"
          ranked
          @change="(techniques) => put({ techniques })"
        />
        <h2>Seats</h2>
        <PartList
          :parts="draft.seats"
          :columns="seatColumns"
          :names="names.names"
          one="seat"
          :blank="blankSeat"
          @change="setSeats"
        />
        <h2>What the shop can lend</h2>
        <PartList
          :parts="draft.loans"
          :columns="loanColumns"
          :names="names.names"
          one="loan"
          :blank="blankLoan"
          @change="(loans) => put({ loans })"
        />
        <p class="acts">
          <BButton v-if="!removing" variant="link" @click="removing = true">Remove this class</BButton>
          <template v-else>
            <BButton variant="outline-primary" @click="remove">Remove {{ row.class.title }}</BButton>
            <BButton variant="link" @click="removing = false">Keep</BButton>
          </template>
        </p>
      </details>
    </template>
  </main>
</template>

<style scoped lang="scss">
.head,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

summary {
  cursor: pointer;
  color: var(--teal);
  font-weight: 600;
  padding: 0.6rem 0;
}

h2 {
  margin-top: 0.8rem;
}

.lines {
  white-space: pre-line;
}
</style>
