<!-- The practice machine drawn: what is pressed is moved, or shown beneath to be put elsewhere. -->
<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { MACHINE_VIEWS, type MachineView, type Parameter } from '#core/catalogue/types'
import { outlineOf, placeOf } from '#core/map/usualPlaces'
import type { MachineState } from '#core/practice/machine'
import type { TrialSample } from '#core/practice/sew'
import type { Trial } from '#core/practice/trial'
import { placeWord } from '#shared/messages/practice'
import { capital, controlWord, viewWord } from '#shared/messages/words'
import { inLines, LINE, marksWord } from '#shared/drawings/labelWords'
import MapFrame from '../../ui/map/MapFrame.vue'
import ViewTabs from '../../ui/map/ViewTabs.vue'
import ControlField from './ControlField.vue'
import { panelOf } from './panel'
import SewnUnderNeedle from './SewnUnderNeedle.vue'

const props = defineProps<{
  trial: Trial
  state: MachineState
  /** What stood in the way of the last move. */
  inTheWay: readonly string[]
  /** What was sewn last, as it stands now. */
  sewn?: TrialSample | undefined
}>()
const emit = defineEmits<{ move: [control: string, to: string]; set: [parameter: Parameter, value: number] }>()

const controls = computed(() => panelOf(props.trial).flatMap((group) => group.controls))
const placed = computed(() =>
  controls.value.flatMap(({ id }) => {
    const place = placeOf({ kind: props.trial.model.kind, controls: props.trial.controls }, id)
    return place ? [{ control: id, place }] : []
  }),
)
/** What is drawn nowhere stays beneath the drawing. */
const elsewhere = computed(() => controls.value.filter(({ id }) => !placed.value.some(({ control }) => control === id)))
const views = computed(() => MACHINE_VIEWS.filter((view) => placed.value.some(({ place }) => place.view === view)))
const view = ref<MachineView>('front')
const marks = computed(() => placed.value.filter(({ place }) => place.view === view.value))
const chosen = ref<readonly string[]>([])
const shown = computed(() => controls.value.filter(({ id }) => chosen.value.includes(id)))
const wrong = computed(() => new Set(props.inTheWay))
watch(
  () => props.inTheWay,
  (all) => {
    // What forbids it is looked at.
    const first = placed.value.find(({ control }) => all.includes(control))
    if (first && !marks.value.some(({ control }) => all.includes(control))) view.value = first.place.view
  },
)

/** What was sewn is looked at where it lies. */
const piece = computed(() => props.sewn?.spec)
watch(piece, (now) => now && (view.value = 'needle'), { immediate: true })
const ROOM_FOR_PIECE = 30

const standsAt = (id: string) => placeWord(props.trial, id, props.state.positions[id] ?? '', props.state.positions)
/** A thing with two places is put to the other; all else is shown beneath. */
const pick = (ids: readonly string[]) => {
  chosen.value = ids
  const [control] = controls.value.filter(({ id }) => ids.includes(id))
  if (ids.length > 1 || !control) return
  if (control.is === 'act') emit('move', control.id, control.options[0] ?? '')
  const other = control.options.find((option) => option !== props.state.positions[control.id])
  if (control.is === 'places' && control.options.length === 2 && other !== undefined) emit('move', control.id, other)
}
const marksOf = (ids: readonly string[]) => marks.value.filter(({ control }) => ids.includes(control))
const standText = (ids: readonly string[]) => [...new Set(ids.map(standsAt))].filter(Boolean).join(', ')
const nameOf = (ids: readonly string[]) =>
  `${marksWord(marksOf(ids))}: ${ids.map(standsAt).filter(Boolean).join(', ') || 'not said'}`
const wordsOf = (ids: readonly string[]) => inLines(marksWord(marksOf(ids)))
const standLines = (ids: readonly string[]) => (isNarrow.value ? [] : inLines(standText(ids)))
const SIDE = 118

/** Where there is no room for words they stand beneath, by numbers: this view’s controls, those in one place alike. */
const isNarrow = useMediaQuery('(max-width: 640px)')
const NARROW_SIDE = 22
const numbers = computed(() => {
  const places = [...new Set(marks.value.map(({ place: { x, y } }) => `${x} ${y}`))]
  return new Map(marks.value.map(({ control, place: { x, y } }) => [control, 1 + places.indexOf(`${x} ${y}`)]))
})
const numbersOf = (ids: readonly string[]) => [...new Set(ids.map((id) => numbers.value.get(id)))].join(', ')
const linesOf = (ids: readonly string[]) => (isNarrow.value ? [numbersOf(ids)] : wordsOf(ids))
const beneath = computed(() =>
  isNarrow.value ? controls.value.filter(({ id }) => numbers.value.has(id)) : shown.value,
)
</script>

<template>
  <div class="map">
    <ViewTabs v-model="view" :views="views" />
    <MapFrame
      :outline="outlineOf(trial.model.kind)"
      :model="trial.model.id"
      :view="view"
      :marks="marks"
      :side="isNarrow ? NARROW_SIDE : SIDE"
      :hand="new Set(chosen)"
      :wrong="wrong"
      :name="`${trial.model.name}, ${viewWord(view)}`"
      :name-of="nameOf"
      :lines-of="(ids) => linesOf(ids).length + standLines(ids).length"
      :below="piece && view === 'needle' ? ROOM_FOR_PIECE : 0"
      @pick="pick"
    >
      <template #on><SewnUnderNeedle v-if="piece && view === 'needle'" :spec="piece" /></template>
      <template #label="{ label, edge }">
        <tspan
          v-for="(line, i) in linesOf(label.ids)"
          :key="line"
          :x="edge"
          :dy="i > 0 ? LINE : (-LINE * (linesOf(label.ids).length + standLines(label.ids).length - 1)) / 2"
          >{{ line }}</tspan
        >
        <tspan v-for="line in standLines(label.ids)" :key="`at ${line}`" :x="edge" :dy="LINE" class="stands">{{
          line
        }}</tspan>
      </template>
    </MapFrame>
    <div v-for="control in [...beneath, ...elsewhere]" :key="control.id" class="line">
      <label :for="`c-${control.id}`">
        {{ isNarrow && numbers.has(control.id) ? `${numbers.get(control.id)} ` : ''
        }}{{ capital(controlWord(control.id)) }}
      </label>
      <ControlField
        :trial="trial"
        :state="state"
        :control="control"
        @move="(id, to) => emit('move', id, to)"
        @set="(parameter, value) => emit('set', parameter, value)"
      />
    </div>
  </div>
</template>

<style scoped lang="scss">
.stands {
  font-weight: 700;
  fill: var(--teal);
}

.line {
  display: grid;
  grid-template-columns: 9rem minmax(0, 24rem);
  gap: 0.6rem;
  align-items: center;
  padding: 0.2rem 0;
  border-top: 1px solid var(--rule);
}
</style>
