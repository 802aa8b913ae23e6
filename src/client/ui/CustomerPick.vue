<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CustomerRow } from '#shared/api/customers'
import { get } from '../api/client'
import { usePickLists } from '../state/picks'
import { useQuery } from '../state/useQuery'
import PickBox, { type PickOption } from './PickBox.vue'

/**
 * One of the shop's customers, asked for by words of their name, telephone, mail, serial number or machine. `none`:
 * what picking nobody is called, where that can be; `mail`: only whom a letter reaches; `byMachine`: each of their
 * machines is a choice of its own.
 */
const props = defineProps<{
  label: string
  picked?: string | undefined
  none?: string
  mail?: boolean
  byMachine?: boolean
}>()
const emit = defineEmits<{ pick: [customer: CustomerRow['customer'] | undefined, model: string | undefined] }>()
const lists = usePickLists()
const typed = ref('')
const MOST = '40'
const NOBODY = '-'
const { answer: page } = useQuery(
  'customers',
  () => ({ q: typed.value.trim(), most: MOST, ...(props.mail ? { mail: 'yes' as const } : {}) }),
  (asked) => get('/api/customers', asked),
  { wait: 150, stays: Infinity },
)
const { answer: own } = useQuery(
  'customers',
  () => props.picked || undefined,
  (id) => get(`/api/customers/${id}`),
  { stays: 0 },
)

interface Choice extends PickOption {
  customer: CustomerRow['customer']
  model: string | undefined
}
const modelName = (id: string) => lists.lists?.models.find((model) => model.id === id)?.name ?? id
const choicesOf = (customer: CustomerRow['customer']): Choice[] => {
  const { id, name, phone = '', email = '', machines } = customer
  const also = [phone, email, ...machines.flatMap(({ model, serial = '' }) => [modelName(model), serial])].join(' ')
  const one = { customer, name, group: '', also }
  if (!props.byMachine || machines.length === 0) {
    const hint = machines.map(({ model }) => modelName(model)).join(', ') || phone || email || 'no machine'
    return [{ ...one, id, hint, model: undefined }]
  }
  return machines.map(({ model }, i) => ({ ...one, id: `${id} ${i}`, hint: modelName(model), model }))
}
const choices = computed(() => {
  const rows = page.value?.rows ?? []
  const mine = own.value && !rows.some(({ customer }) => customer.id === own.value?.customer.id) ? [own.value] : []
  return [...mine, ...rows].flatMap(({ customer }) => choicesOf(customer))
})
const options = computed<PickOption[]>(() => [
  ...(props.none === undefined ? [] : [{ id: NOBODY, name: props.none, group: '', hint: '', also: '' }]),
  ...choices.value,
])
const pick = (id: string) => {
  const choice = choices.value.find((one) => one.id === id)
  emit('pick', choice?.customer, choice?.model)
}
</script>

<template>
  <PickBox
    as-field
    :label="label"
    :options="options"
    :picked="picked"
    :placeholder="none ?? 'name, telephone or machine'"
    @pick="pick"
    @typed="(text) => (typed = text)"
  />
</template>
