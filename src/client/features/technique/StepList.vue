<script setup lang="ts">
import type { Step } from '#core/catalogue/types'
import { stepColumns } from '#shared/tables/techniqueColumns'
import type { RowNames } from '#shared/tables/titles'
import PartList from '../../ui/sheet/PartList.vue'

/** Steps in their order. */
defineProps<{ steps: readonly Step[]; names: RowNames }>()
const emit = defineEmits<{ change: [steps: Step[]] }>()
const blank = (): Step => ({ text: '' })
</script>

<template>
  <PartList
    :parts="steps"
    :columns="stepColumns"
    :names="names"
    one="step"
    ranked
    :blank="blank"
    @change="(next) => emit('change', next)"
  />
</template>
