<script setup lang="ts">
import { computed } from 'vue'
import type { CustomerWrite } from '#shared/api/customers'
import { customerColumns, machineColumns } from '#shared/tables/customerColumns'
import type { RowNames } from '#shared/tables/titles'
import PartList from '../../ui/sheet/PartList.vue'
import ValueForm from '../../ui/sheet/ValueForm.vue'

/** One customer: who they are, what they sew on, what they own. */
const { customer, maySave } = defineProps<{ customer: CustomerWrite; names: RowNames; maySave: boolean }>()
const emit = defineEmits<{ change: [customer: CustomerWrite]; save: [] }>()
const sound = computed(() => customer.name.trim() !== '' && customer.machines.every(({ model }) => model !== ''))
const setMachines = (machines: CustomerWrite['machines']) => emit('change', { ...customer, machines })
const blank = (): CustomerWrite['machines'][number] => ({ model: '' })
</script>

<template>
  <form @submit.prevent="maySave && sound && emit('save')">
    <ValueForm
      :value="customer"
      :columns="customerColumns"
      :names="names"
      layout="form"
      label="Customer"
      @change="(next) => emit('change', next as CustomerWrite)"
    />
    <h2>Machines</h2>
    <PartList
      :parts="customer.machines"
      :columns="machineColumns"
      :names="names"
      one="machine"
      :blank="blank"
      @change="setMachines"
    />
    <p class="save">
      <BButton type="submit" variant="primary" :disabled="!maySave || !sound">Save</BButton>
      <span v-if="maySave && !sound" class="soft">A name is needed, and a model for each machine.</span>
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
