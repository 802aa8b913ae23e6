<!-- Where one step is done, large: its controls in the view that shows them. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { CardStage } from '#core/card/card'
import { stepMarks } from '#core/map/stepMarks'
import MachineMap from './MachineMap.vue'

const props = defineProps<{ stage: Pick<CardStage, 'map' | 'procedure' | 'answer'>; at: string | undefined }>()
/** Of the procedure itself, of what is told when its moment comes, and of the way back. */
const views = computed(() => {
  const { steps, next, interruptions, back } = props.stage.procedure
  const all = [...steps, ...next, ...interruptions.flatMap((one) => one.steps), ...back]
  const step = all.find(({ id }) => id === props.at)
  return step ? stepMarks([step], props.stage.map.places) : []
})
</script>

<template>
  <div v-if="views.length > 0" class="step-map">
    <MachineMap
      v-for="{ view, marks } in views"
      :key="view"
      :outline="stage.map.outline"
      :model="stage.answer.model"
      :view="view"
      :marks="marks"
      :step="1"
      unnumbered
      :beneath="views.length > 1"
    />
  </div>
</template>

<style scoped lang="scss">
.step-map {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;

  > * {
    flex: 1 1 16rem;
    max-width: 34rem;
  }
}
</style>
