<!-- The maps of a stage: the view that the step at hand needs, the others one press away. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { CardStage } from '#core/card/card'
import type { MachineView } from '#core/catalogue/types'
import { placeMarks, stepMarks } from '#core/map/stepMarks'
import MachineMap from './MachineMap.vue'
import ViewTabs from './ViewTabs.vue'

const props = defineProps<{
  stage: Pick<CardStage, 'map' | 'procedure' | 'answer'>
  /** The step at hand, by its id; none: the first view. */
  at?: string | undefined
  brief?: boolean
  /** Every control by its name, whatever the steps say of it. */
  everything?: boolean
}>()
const views = computed(() =>
  props.everything
    ? placeMarks(props.stage.map.places)
    : stepMarks(props.stage.procedure.steps, props.stage.map.places),
)
const number = computed(() => {
  const index = props.stage.procedure.steps.findIndex(({ id }) => id === props.at)
  return index < 0 ? undefined : index + 1
})
const chosen = ref<MachineView>()
const shown = computed(() => views.value.find(({ view }) => view === chosen.value) ?? views.value[0])
watch(
  number,
  (step) => {
    if (step === undefined || shown.value?.marks.some(({ numbers }) => numbers.includes(step))) return
    chosen.value = views.value.find(({ marks }) => marks.some(({ numbers }) => numbers.includes(step)))?.view
  },
  { immediate: true },
)
</script>

<template>
  <div v-if="shown" class="stage-map">
    <ViewTabs
      v-if="views.length > 1"
      :model-value="shown.view"
      :views="views.map(({ view }) => view)"
      @update:model-value="chosen = $event"
    />
    <MachineMap
      :outline="stage.map.outline"
      :model="stage.answer.model"
      :view="shown.view"
      :marks="shown.marks"
      :step="number"
      :brief="brief"
      :unnumbered="everything"
    />
  </div>
</template>
