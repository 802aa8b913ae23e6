<!-- The maps of a stage: the view that the step at hand needs, the others one press away. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { CardStage } from '#core/card/card'
import type { MachineView } from '#core/catalogue/types'
import { stepMarks } from '#core/map/stepMarks'
import { viewWord } from '#shared/messages/words'
import MachineMap from './MachineMap.vue'

const props = defineProps<{
  stage: Pick<CardStage, 'map' | 'procedure'>
  /** The step at hand, by its id; none: the first view. */
  at?: string | undefined
  brief?: boolean
}>()
const views = computed(() => stepMarks(props.stage.procedure.steps, props.stage.map.places))
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
    <div v-if="views.length > 1" class="views" role="group" aria-label="The machine seen">
      <button
        v-for="{ view } in views"
        :key="view"
        type="button"
        :aria-pressed="view === shown.view"
        @click="chosen = view"
      >
        {{ viewWord(view) }}
      </button>
    </div>
    <MachineMap :outline="stage.map.outline" :view="shown.view" :marks="shown.marks" :step="number" :brief="brief" />
  </div>
</template>

<style scoped lang="scss">
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.8rem;
}

button {
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  color: var(--ink-soft);
  padding: 0;
  font-size: 0.95rem;

  &[aria-pressed='true'] {
    border-bottom-color: var(--teal);
    color: var(--ink);
    font-weight: 650;
  }
}
</style>
