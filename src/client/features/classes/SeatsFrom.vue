<script setup lang="ts">
import { computed, ref, shallowRef, useId } from 'vue'
import type { Seat } from '#core/classes/types'
import type { CustomerRow } from '#shared/api/customers'

import { get, problemText } from '../../api/client'
import { usePickLists } from '../../state/picks'
import CustomerListLines from '../customers/CustomerListLines.vue'
import { useCustomerList } from '../customers/useCustomerList'
import { useWhom } from '../customers/useWhom'
import WhomQuestions from '../customers/WhomQuestions.vue'
import CustomerPick from '../../ui/CustomerPick.vue'
import FilePicker from '../import/FilePicker.vue'
import { useFile } from '../import/useFile'

/**
 * Seats from the shop's customers by name, or from a list as a file: what is understood is taken, the rest told by
 * line.
 */
const props = defineProps<{ taken: readonly Seat[] }>()
const emit = defineEmits<{ add: [seats: Seat[]] }>()
const lists = usePickLists()
const file = useFile()
const listId = useId()
const problem = ref('')
const said = ref('')
const items = shallowRef<{ id: string; code: string; name: string }[]>([])
Promise.all([get('/api/catalogue/items'), lists.loaded()])
  .then(([rows]) => (items.value = rows.map(({ value }) => value as { id: string; code: string; name: string })))
  .catch((error: unknown) => (problem.value = problemText(error)))

const modelName = (id: string) => lists.lists?.models.find((model) => model.id === id)?.name ?? id
/** Whom of the shop's customers has a seat, with the machine they bring. */
const add = (customer: CustomerRow['customer'] | undefined, model: string | undefined) => {
  if (!customer) return
  const { id, name, owns } = customer
  emit('add', [{ name, customer: id, ...(model === undefined ? {} : { model }), owns }])
  said.value = `${name} has a seat.`
}
const list = useCustomerList(file, () => (lists.lists ? { models: lists.lists.models, items: items.value } : undefined))
const { read } = list
/** Which of several machines somebody brings, where it was said. */
const brings = ref<Record<string, string>>({})
/** Who has no seat yet, and whom of the shop's customers they are. */
const whom = useWhom(() =>
  (read.value?.customers ?? []).filter(({ name }) => !props.taken.some((seat) => seat.name === name)),
)
/** New people of the file, with whom of the shop's customers they are and the machines they may bring. */
const people = computed(() =>
  whom.sure.value.flatMap((person) => {
    const customer = whom.customerOf(whom.idOf(person))
    const machines = person.machines.length > 0 ? person.machines : (customer?.machines ?? [])
    return [{ ...person, customer, models: [...new Set(machines.map(({ model }) => model))] }]
  }),
)
/** Of whom it is to be said which machine they bring. */
const asked = computed(() => people.value.filter(({ models }) => models.length > 1))
const fromFile = computed(() =>
  people.value.map(({ name, owns, customer, models }): Seat => {
    const model = models.length === 1 ? models[0] : models.find((one) => one === brings.value[name])
    return {
      name,
      ...(customer ? { customer: customer.id } : {}),
      ...(model === undefined ? {} : { model }),
      owns: [...new Set([...owns, ...(customer?.owns ?? [])])],
    }
  }),
)
const already = computed(
  () => (read.value?.customers ?? []).filter(({ name }) => props.taken.some((seat) => seat.name === name)).length,
)
const takeFile = () => {
  said.value = `${fromFile.value.length} seats are taken in; save the class to keep them.`
  emit('add', fromFile.value)
}
</script>

<template>
  <div class="from">
    <CustomerPick label="Add a customer" by-machine @pick="add" />
  </div>
  <FilePicker :file="file" what="Or a list as CSV or XLSX: name, machine, owns" />
  <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  <template v-if="read">
    <CustomerListLines :list="list" />
    <WhomQuestions :whom="whom" />
    <p v-for="{ name, models } in asked" :key="name">
      <label :for="`${listId}-${name}`">{{ name }} brings</label>
      {{ ' ' }}
      <select
        :id="`${listId}-${name}`"
        class="form-select form-select-sm brings"
        :value="brings[name] ?? ''"
        @change="brings = { ...brings, [name]: ($event.target as HTMLSelectElement).value }"
      >
        <option value="">nobody knows yet which</option>
        <option v-for="model in models" :key="model" :value="model">{{ modelName(model) }}</option>
      </select>
    </p>
    <p>
      <strong>{{ fromFile.length }} new seats are understood.</strong>
      <span v-if="already > 0" class="soft"> {{ already }} of the list have a seat already.</span>
      {{ ' ' }}
      <BButton
        v-if="fromFile.length > 0"
        size="sm"
        variant="primary"
        :disabled="list.open.value.length > 0"
        @click="takeFile"
        >Take them in</BButton
      >
      <span v-if="list.open.value.length > 0" class="soft"> First decide each open column.</span>
    </p>
  </template>
  <p role="status" class="soft">{{ said }}</p>
</template>

<style scoped lang="scss">
.from {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  margin-bottom: 0.4rem;
}

.brings {
  display: inline-block;
  width: auto;
}
</style>
