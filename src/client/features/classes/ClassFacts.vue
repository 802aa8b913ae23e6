<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Seat } from '#core/classes/types'
import type { ClassWrite } from '#shared/api/classes'
import { classHeadColumns, classTechniqueColumns, loanColumns, seatColumns } from '#shared/tables/classColumns'
import { call, problemText } from '../../api/client'
import { usePicks } from '../../state/picks'
import PartList from '../../ui/sheet/PartList.vue'
import ValueForm from '../../ui/sheet/ValueForm.vue'
import SeatsFrom from './SeatsFrom.vue'
import { useClass } from './useClass'

/** What a class is made of: date, techniques, seats, what the shop lends. */
const router = useRouter()
const { query } = usePicks()
const { id, row, draft, put, names, problem } = useClass()
const removing = ref(false)

/** Seats that move or go take their pins with them. */
const setSeats = (seats: Seat[]) => {
  const before = draft.value?.seats ?? []
  const pins = (draft.value?.pins ?? []).flatMap((pin) => {
    const seat = seats.findIndex((one) => one.name === before[pin.seat]?.name)
    return seat < 0 ? [] : [{ ...pin, seat }]
  })
  put({ seats, pins })
}
const addSeats = (more: Seat[]) => setSeats([...(draft.value?.seats ?? []), ...more])
/** What is not taught any more is not ordered, and precedes nothing. */
const setTechniques = (techniques: ClassWrite['techniques']) => {
  const taught = new Set(techniques.map(({ technique }) => technique))
  const order = draft.value?.order?.filter((one) => taught.has(one))
  put({ techniques, ...(order === undefined ? {} : { order }) })
}
const remove = async () => {
  try {
    await call('DELETE', `/api/classes/${id}?version=${row.value?.version}`)
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
  <section v-if="draft" aria-label="Seats and techniques">
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
      captions
      :blank="blankTechnique"
      ranked
      @change="setTechniques"
    />
    <h2>Seats</h2>
    <SeatsFrom :taken="draft.seats" @add="addSeats" />
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
        <BButton variant="outline-primary" @click="remove">Remove {{ draft.title }}</BButton>
        <BButton variant="link" @click="removing = false">Keep</BButton>
      </template>
    </p>
  </section>
</template>

<style scoped lang="scss">
h2 {
  margin-top: 0.8rem;
}
</style>
