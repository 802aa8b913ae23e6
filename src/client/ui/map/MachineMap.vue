<!-- Where the steps are done: the machine in outline, their numbers at the controls, named at the sides. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { MachineView } from '#core/catalogue/types'
import type { StepMark } from '#core/map/stepMarks'
import type { Outline } from '#core/map/usualPlaces'
import { capital, viewWord } from '#shared/messages/words'
import { inLines, marksWord, LINE } from '#shared/drawings/labelWords'
import MapFrame from './MapFrame.vue'

const props = withDefaults(
  defineProps<{
    outline: Outline
    view: MachineView
    model?: string | undefined
    marks: readonly StepMark[]
    /** Numbers alone, for a narrow page. */
    brief?: boolean
    /** One step's controls: their names alone. */
    unnumbered?: boolean
    /** One step's controls in a small drawing: their names beneath it. */
    beneath?: boolean
    /** The step that is at hand: its marks stand out. */
    step?: number | undefined
  }>(),
  { model: undefined, brief: false, unnumbered: false, beneath: false, step: undefined },
)

const SIDE = 118
const BRIEF_SIDE = 44
const BENEATH_SIDE = 22
const MOST_NUMBERS = 2
const BRIEF_LINE = 17
const byControl = computed(() => new Map(props.marks.map((mark) => [mark.control, mark])))
const numbersOf = (ids: readonly string[]) =>
  [...new Set(ids.flatMap((id) => byControl.value.get(id)?.numbers ?? []))].sort((a, b) => a - b)
/** Marks in one place have one name, numbered where there are several. */
const namesBeneath = computed(() => {
  const places = props.marks.map(({ place: { x, y } }) => `${x} ${y}`)
  return [...new Set(places)].map((place) => props.marks.filter((_, i) => places[i] === place))
})
const beneathNumber = (ids: readonly string[]) => {
  const at = namesBeneath.value.findIndex((one) => one.some(({ control }) => ids.includes(control)))
  return namesBeneath.value.length > 1 ? String(at + 1) : ''
}
/** The first of them: "10, 18 …". */
const numbersText = (ids: readonly string[]) => {
  const numbers = numbersOf(ids)
  return numbers.slice(0, MOST_NUMBERS).join(', ') + (numbers.length > MOST_NUMBERS ? ' …' : '')
}
const wordsOf = (ids: readonly string[]) => marksWord(ids.flatMap((id) => byControl.value.get(id) ?? []))
/** A label's lines: the numbers stand in the first, beside words; alone they stand one beneath the other. */
const linesOf = (ids: readonly string[]): { number: string; words: string }[] => {
  if (props.beneath) return [{ number: beneathNumber(ids), words: '' }]
  if (props.brief)
    return numbersText(ids)
      .split(/(?<=,) /)
      .map((number) => ({ number, words: '' }))
  const number = props.unnumbered ? '' : numbersText(ids)
  return inLines(wordsOf(ids), number.length).map((words, i) => ({ number: i === 0 ? number : '', words }))
}
const isSmall = computed(() => props.brief || props.beneath)
const line = computed(() => (isSmall.value ? BRIEF_LINE : LINE))
const hand = computed(
  () => new Set(props.marks.filter(({ numbers }) => numbers.includes(props.step ?? 0)).map(({ control }) => control)),
)
/** Marks in one place are said together. */
const description = computed(() => {
  const places = new Map<string, string[]>()
  for (const { control, place } of props.marks) {
    const key = `${place.x} ${place.y}`
    places.set(key, [...(places.get(key) ?? []), control])
  }
  const said = [...places.values()].map(
    (ids) => wordsOf(ids) + (props.unnumbered || props.beneath ? '' : `, step ${numbersOf(ids).join(' and ')}`),
  )
  return `${capital(viewWord(props.view))}: ${said.join('; ')}`
})
</script>

<template>
  <MapFrame
    :outline="outline"
    :view="view"
    :model="model"
    :marks="marks"
    :side="beneath ? BENEATH_SIDE : brief ? BRIEF_SIDE : SIDE"
    :lines-of="(ids) => (linesOf(ids).length * line) / LINE"
    :hand="hand"
    :leaderless="beneath && namesBeneath.length === 1"
    :name="description"
  >
    <template #label="{ label, edge }">
      <tspan
        v-for="({ number, words }, i) in linesOf(label.ids)"
        :key="i"
        :x="edge"
        :dy="i > 0 ? line : (-line * (linesOf(label.ids).length - 1)) / 2"
      >
        <tspan v-if="label.side === 'left'">{{ number ? `${words} ` : words }}</tspan><tspan
          v-if="number"
          class="number"
          :class="{ brief: isSmall }"
          >{{ number }}</tspan
        ><tspan v-if="label.side === 'right'">{{ number ? ` ${words}` : words }}</tspan>
      </tspan>
    </template>
    <template v-if="beneath" #beneath>
      {{ capital(viewWord(view)) }}:
      <span v-for="(own, i) in namesBeneath" :key="own[0]?.control" class="name">
        <b v-if="namesBeneath.length > 1">{{ i + 1 }}</b> {{ marksWord(own).toLowerCase() }}
      </span>
    </template>
  </MapFrame>
</template>

<style scoped lang="scss">
.name + .name::before {
  content: '· ';
}

.number,
b {
  color: var(--teal);
}

.number {
  font-weight: 750;
  fill: var(--teal);

  // On a telephone the drawing is small, and the numbers are all there is.
  &.brief {
    font-size: 17px;
  }
}
</style>
