<!-- What of a list of people is not decided or not understood, each to be mended in place. -->
<script setup lang="ts">
import { computed } from 'vue'
import { CUSTOMER_FIELDS, type CustomerField } from '#core/customers/customerColumns'
import { faultyField } from '#core/customers/readCustomers'
import { customerFaultText } from '#shared/messages/customers'
import ColumnBoxes from '../import/ColumnBoxes.vue'
import FileCell from '../import/FileCell.vue'
import FileRows from '../import/FileRows.vue'
import type { CustomerList } from './useCustomerList'

const props = defineProps<{ list: CustomerList }>()
const WORDS: Record<CustomerField, string> = {
  name: 'name',
  firstName: 'first name',
  lastName: 'last name',
  phone: 'telephone',
  email: 'mail',
  model: 'machine',
  serial: 'serial number',
  bought: 'bought on',
  owns: 'feet they own',
  note: 'note',
}
const faultsOf = (line: number) => (props.list.read.value?.faults ?? []).filter((fault) => fault.line === line)
const used = computed(() =>
  props.list.table.value.columns.flatMap(({ place, field }) => (field ? [{ place, field, text: WORDS[field] }] : [])),
)
const headings = computed(() => [...used.value, { place: -1, text: 'What is open' }])
const isOpen = ({ row }: { row: number }) => faultsOf(row).length > 0
const said = (event: Event) => (event.target as HTMLSelectElement).value
const HEIGHT = 38
</script>

<template>
  <p v-if="!list.found.value" class="caution">Say which column holds the names: without it nobody can be read.</p>
  <ColumnBoxes
    v-slot="{ column, isOpen: undecided }"
    :columns="list.table.value.columns"
    :open="list.open.value"
    :rows="list.cells.value.slice(list.table.value.from).map((row) => ({ cells: row }))"
  >
    <select
      :id="`column-${column.place}`"
      class="form-select form-select-sm"
      :value="undecided ? '?' : (column.field ?? '')"
      @change="list.match(column.place, (said($event) || undefined) as CustomerField | undefined)"
    >
      <option v-if="undecided" value="?" disabled>what is it?</option>
      <option value="">left out</option>
      <option v-for="field in CUSTOMER_FIELDS" :key="field" :value="field">{{ WORDS[field] }}</option>
    </select>
  </ColumnBoxes>
  <section v-if="list.doubted.value.length > 0" aria-label="One person or several?">
    <h2>One person or several?</h2>
    <p v-for="name in list.doubted.value" :key="name">
      {{ name }} stands in the list with different telephones or mails:
      <BButton size="sm" variant="outline-primary" @click="list.sayPeople(name, 'one')">one person</BButton>
      {{ ' ' }}
      <BButton size="sm" variant="outline-primary" @click="list.sayPeople(name, 'several')">
        several of that name
      </BButton>
    </p>
  </section>
  <section v-if="list.lines.value.length > 0" aria-label="Not understood, and not taken">
    <h2>Not understood, and not taken</h2>
    <p class="soft">
      Mend them here, or leave them: the rest can be taken, and nobody is taken twice. A machine that nobody knows is
      left empty: the person is taken without one.
    </p>
    <FileRows
      :rows="list.lines.value"
      :headings="headings"
      label="Lines that are open"
      :height="HEIGHT"
      :skipped="list.skipped.value"
      :is-open="isOpen"
      @skip="list.skip"
    >
      <template #default="{ row }">
        <FileCell
          v-for="{ place, field, text } in used"
          :key="place"
          :text="row.cells[place] ?? ''"
          :label="`Row ${row.row}, ${text}`"
          :fault="faultsOf(row.row).some((fault) => faultyField(fault) === field)"
          @mend="(mended) => list.mend(row.row, place, mended)"
        />
        <td>{{ faultsOf(row.row).map(customerFaultText).join(' ') }}</td>
      </template>
    </FileRows>
  </section>
</template>

<style scoped lang="scss">
h2 {
  font-size: var(--text);
}
</style>
