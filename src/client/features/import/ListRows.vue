<script setup lang="ts">
import { computed } from 'vue'
import type { ListColumn, ListRow } from '#shared/tables/readList'
import FileCell from './FileCell.vue'
import FileRows from './FileRows.vue'

/** Every row of a list as it stands in the file; a cell that was not understood is marked. */
const props = defineProps<{ rows: ListRow[]; columns: ListColumn[]; skipped: ReadonlySet<number> }>()
const emit = defineEmits<{ mend: [row: number, place: number, text: string]; skip: [row: number, on: boolean] }>()
const used = computed(() =>
  props.columns.flatMap(({ place, into }) => (into === undefined ? [] : [{ place, text: into }])),
)
const faultIn = (row: ListRow, place: number) => row.faults.some(({ column }) => column === place + 1)
const HEIGHT = 38
</script>

<template>
  <FileRows
    :rows="rows"
    :headings="used"
    label="Rows of the list"
    :height="HEIGHT"
    :skipped="skipped"
    :is-open="(row) => row.faults.length > 0 && !skipped.has(row.row)"
    @skip="(row, on) => emit('skip', row, on)"
  >
    <template #default="{ row }">
      <FileCell
        v-for="{ place, text } in used"
        :key="place"
        :text="row.cells[place] ?? ''"
        :label="`Row ${row.row}, ${text}`"
        :fault="faultIn(row, place)"
        @mend="(mended) => emit('mend', row.row, place, mended)"
      />
    </template>
  </FileRows>
</template>
