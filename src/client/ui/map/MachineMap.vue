<!-- Where the steps are done: the machine in outline, their numbers at the controls, named at the sides. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { ControlPlace, ControlShape } from '#core/catalogue/types'
import { labelled } from '#core/map/labelling'
import type { StepMark } from '#core/map/stepMarks'
import type { Outline } from '#core/map/usualPlaces'
import { capital, controlWord, list, viewWord } from '#shared/messages/words'
import { OUTLINE_LINES, OUTLINE_SIZE } from './outlines'
import { SHAPE_LINES } from './shapes'

const props = withDefaults(
  defineProps<{
    outline: Outline
    view: ControlPlace['view']
    marks: readonly StepMark[]
    /** Steps that are shown by their numbers alone, with the words in the list beneath: for a narrow page. */
    brief?: boolean
    /** One step's controls: their names alone. */
    unnumbered?: boolean
    /** The step that is at hand: its marks stand out. */
    step?: number | undefined
  }>(),
  { brief: false, unnumbered: false, step: undefined },
)

/** Room for words at each side, the height of a label with its room, and how far leaders keep from other controls. */
const SIDE = 112
const BRIEF_SIDE = 44
const LABEL = 29
const CLEAR = 16
/** Letters and figures that the first line holds. */
const LETTERS = 16
const drawing = computed(() => OUTLINE_LINES[props.outline][props.view])
const byControl = computed(() => new Map(props.marks.map((mark) => [mark.control, mark])))
const labelling = computed(() =>
  labelled(
    props.marks.map(({ control, place }) => ({
      id: control,
      x: place.x * OUTLINE_SIZE.width,
      y: place.y * OUTLINE_SIZE.height,
    })),
    OUTLINE_SIZE,
    LABEL,
    CLEAR,
  ),
)
const side = computed(() => (props.brief ? BRIEF_SIDE : SIDE))
const top = computed(() => (labelling.value.height - OUTLINE_SIZE.height) / 2)
const MOST_NUMBERS = 3
const numbersText = (numbers: readonly number[]) =>
  props.unnumbered
    ? ''
    : numbers.length > MOST_NUMBERS
      ? `${numbers.slice(0, MOST_NUMBERS).join(', ')} …`
      : numbers.join(', ')
/** The needle is raised and lowered by the wheel, where that is what sits there. */
const wordOf = ({ control, place }: StepMark): string =>
  controlWord(control === 'needleHeight' && place.shape === 'wheel' ? 'handwheel' : control)
/** Two lines at most; what is left over goes to the second. */
const inLines = (words: string, numbers: string): string[] => {
  const room = LETTERS - numbers.length
  if (words.length <= room) return [words]
  const at = words.lastIndexOf(' ', room)
  return at < 0 ? [words] : [words.slice(0, at), words.slice(at + 1)]
}
const labels = computed(() =>
  labelling.value.labels.map((label) => {
    const marks = label.ids.map((id) => byControl.value.get(id) as StepMark)
    const numbers = [...new Set(marks.flatMap((mark) => mark.numbers))].sort((a, b) => a - b)
    return {
      ...label,
      numbers,
      isAtHand: props.step !== undefined && numbers.includes(props.step),
      lines: inLines(capital(list([...new Set(marks.map(wordOf))])), numbersText(numbers)),
      shape: marks[0]?.place.shape as ControlShape,
    }
  }),
)
const LINE = 13
const GAP = 6
const edgeOf = (at: 'left' | 'right') => (at === 'left' ? -GAP : OUTLINE_SIZE.width + GAP)
const description = computed(
  () =>
    `${capital(viewWord(props.view))}: ` +
    labels.value
      .map(({ numbers, lines }) => lines.join(' ') + (props.unnumbered ? '' : `, step ${numbers.join(' and ')}`))
      .join('; '),
)
</script>

<template>
  <figure class="machine-map">
    <svg
      :viewBox="`${-side} 0 ${OUTLINE_SIZE.width + 2 * side} ${labelling.height}`"
      role="img"
      :aria-label="description"
    >
      <g :transform="`translate(0 ${top})`">
        <g :transform="drawing?.turned ? `translate(${OUTLINE_SIZE.width} 0) scale(-1 1)` : undefined">
          <path v-for="line in drawing?.lines" :key="line" class="outline" :d="line" />
        </g>
      </g>
      <g v-for="label in labels" :key="label.ids.join()" :class="{ hand: label.isAtHand }">
        <path
          class="leader"
          :d="`M${label.side === 'left' ? 0 : OUTLINE_SIZE.width} ${label.y}L${label.mark.x} ${label.mark.y}`"
        />
        <path class="control" :d="SHAPE_LINES[label.shape]" :transform="`translate(${label.mark.x} ${label.mark.y})`" />
        <text :y="label.y" :text-anchor="label.side === 'left' ? 'end' : 'start'" dominant-baseline="central">
          <tspan :x="edgeOf(label.side)" :dy="brief || label.lines.length === 1 ? 0 : -LINE / 2">
            <tspan v-if="!brief && label.side === 'left'">{{ `${label.lines[0]} ` }}</tspan>
            <tspan class="number">{{ numbersText(label.numbers) }}</tspan>
            <tspan v-if="!brief && label.side === 'right'">{{ ` ${label.lines[0]}` }}</tspan>
          </tspan>
          <tspan v-if="!brief && label.lines[1]" :x="edgeOf(label.side)" :dy="LINE">{{ label.lines[1] }}</tspan>
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped lang="scss">
.machine-map {
  margin: 0;
}

svg {
  display: block;
  width: 100%;
  max-width: 40rem;
}

path {
  fill: none;
  stroke-linejoin: round;
  vector-effect: non-scaling-stroke;
}

.outline {
  stroke: var(--ink-soft);
  stroke-width: 1.4px;
}

.leader {
  stroke: var(--rule);
  stroke-width: 1px;
}

.control {
  stroke: var(--ink);
  stroke-width: 1.6px;
  fill: var(--sheet);
}

.hand .control {
  fill: var(--teal-wash);
  stroke: var(--teal);
  stroke-width: 2.4px;
}

.hand .leader {
  stroke: var(--teal);
  stroke-width: 2px;
}

text {
  font-size: 12.5px;
  fill: var(--ink);
}

.number {
  font-weight: 750;
  fill: var(--teal);
}
</style>
