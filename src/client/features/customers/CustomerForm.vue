<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Customer } from '#core/customers/types'
import type { CustomerWrite } from '#shared/api/customers'
import { customerColumns, machineColumns } from '#shared/tables/customerColumns'
import type { Names } from '#shared/tables/titles'
import PartList from '../../ui/sheet/PartList.vue'
import ValueForm from '../../ui/sheet/ValueForm.vue'

/** One customer: who they are, what they sew on, what they own. */
const props = defineProps<{ customer: CustomerWrite | Customer; names: Names }>()
const emit = defineEmits<{ save: [customer: CustomerWrite] }>()
const { id: _, ...start } = props.customer as Partial<Customer>
const draft = ref<CustomerWrite>({ machines: [], owns: [], name: '', ...start })
const changed = computed(
  () => JSON.stringify(draft.value) !== JSON.stringify({ machines: [], owns: [], name: '', ...start }),
)
const sound = computed(() => draft.value.name.trim() !== '' && draft.value.machines.every(({ model }) => model !== ''))
const setMachines = (machines: CustomerWrite['machines']) => (draft.value = { ...draft.value, machines })
const blank = (): CustomerWrite['machines'][number] => ({ model: '' })
</script>

<template>
  <form @submit.prevent="emit('save', draft)">
    <ValueForm
      :value="draft"
      :columns="customerColumns"
      :names="names"
      layout="form"
      label="Customer"
      @change="(next) => (draft = next as CustomerWrite)"
    />
    <h2>Machines</h2>
    <PartList
      :parts="draft.machines"
      :columns="machineColumns"
      :names="names"
      one="machine"
      :blank="blank"
      @change="setMachines"
    />
    <p class="save">
      <BButton type="submit" variant="primary" :disabled="!changed || !sound">Save</BButton>
      <span v-if="changed && !sound" class="soft">A name is needed, and a model for each machine.</span>
    </p>
  </form>
</template>

<style scoped lang="scss">
h2 {
  margin-top: 0.8rem;
}

.save {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-top: 0.6rem;
}
</style>
