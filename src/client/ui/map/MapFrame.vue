<!-- A view of a machine in outline: controls at their places, each with a label at a side. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { ControlPlace, MachineView } from '#core/catalogue/types'
import { labelled, type Label } from '#core/map/labelling'
import type { Outline } from '#core/map/usualPlaces'
import { OUTLINE_LINES, OUTLINE_SIZE } from '#core/map/outlines'
import { SHAPE_LINES } from '#core/map/shapes'
import { LINE } from '#shared/drawings/labelWords'
import { useMachinePhoto } from './useMachinePhoto'

const props = defineProps<{
  outline: Outline
  view: MachineView
  /** Whose photograph may stand behind the marks. */
  model?: string | undefined
  marks: readonly { control: string; place: ControlPlace }[]
  /** Room for words at each side, and how many lines a label has. */
  side: number
  linesOf?: (ids: readonly string[]) => number
  /** Where a mark has no label of its own. */
  leaderless?: boolean
  /** Room beneath the drawing, for what is laid on it. */
  below?: number
  /** What stands out, and what is in the way. */
  hand?: ReadonlySet<string> | undefined
  wrong?: ReadonlySet<string> | undefined
  /** Said of the picture; of each mark where they can be pressed. */
  name: string
  nameOf?: ((controls: readonly string[]) => string) | undefined
}>()
const emit = defineEmits<{ pick: [controls: readonly string[]] }>()
defineSlots<{
  label: (scope: { label: Label; edge: number }) => unknown
  on?: () => unknown
  beneath?: () => unknown
}>()

/** Above and below a label, and how far leaders keep from other controls. */
const ROOM = 3
const CLEAR = 16
const GAP = 6
const drawing = computed(() => OUTLINE_LINES[props.outline][props.view])
const photo = useMachinePhoto(
  () => props.model,
  () => props.view,
)
const points = computed(() =>
  props.marks.map(({ control, place }) => ({
    id: control,
    x: place.x * OUTLINE_SIZE.width,
    y: place.y * OUTLINE_SIZE.height,
  })),
)
/** Labels are as high as the highest of them; marks in one place come together, whatever the height. */
const height = computed(() => {
  const groups = labelled(points.value, OUTLINE_SIZE, LINE, CLEAR).labels
  return 2 * ROOM + LINE * Math.max(1, ...groups.map(({ ids }) => props.linesOf?.(ids) ?? 1))
})
const labelling = computed(() => labelled(points.value, OUTLINE_SIZE, height.value, CLEAR))
const top = computed(() => (labelling.value.height - OUTLINE_SIZE.height) / 2)
const shapeOf = ({ ids }: Label) =>
  SHAPE_LINES[props.marks.find(({ control }) => control === ids[0])?.place.shape ?? 'knob']
const has = (set: ReadonlySet<string> | undefined, { ids }: Label) => ids.some((id) => set?.has(id))
const edgeOf = ({ side }: Label) => (side === 'left' ? -GAP : OUTLINE_SIZE.width + GAP)
const leaderOf = ({ side, y, mark }: Label) => `M${side === 'left' ? 0 : OUTLINE_SIZE.width} ${y}L${mark.x} ${mark.y}`
const pressable = ({ ids }: Label) =>
  props.nameOf ? { tabindex: 0, role: 'button', 'aria-label': props.nameOf(ids), class: 'pressable' } : {}
const press = (event: KeyboardEvent, { ids }: Label) => {
  if (!props.nameOf || (event.key !== 'Enter' && event.key !== ' ')) return
  event.preventDefault()
  emit('pick', ids)
}
</script>

<template>
  <figure class="machine-map">
    <svg
      :viewBox="`${-side} 0 ${OUTLINE_SIZE.width + 2 * side} ${labelling.height + (below ?? 0)}`"
      :role="nameOf ? 'group' : 'img'"
      :aria-label="name"
    >
      <image
        v-if="photo"
        :href="photo"
        x="0"
        :y="top"
        :width="OUTLINE_SIZE.width"
        :height="OUTLINE_SIZE.height"
        preserveAspectRatio="xMidYMid slice"
      />
      <g v-else :transform="`translate(0 ${top})`">
        <g :transform="drawing?.turned ? `translate(${OUTLINE_SIZE.width} 0) scale(-1 1)` : undefined">
          <path v-for="line in drawing?.lines" :key="line" class="outline" :d="line" />
        </g>
      </g>
      <g :transform="`translate(0 ${top})`"><slot name="on"></slot></g>
      <g
        v-for="label in labelling.labels"
        :key="label.ids.join()"
        v-bind="pressable(label)"
        :class="{ hand: has(hand, label), wrong: has(wrong, label) }"
        @click="nameOf && emit('pick', label.ids)"
        @keydown="press($event, label)"
      >
        <path v-if="!leaderless" class="leader" :d="leaderOf(label)" />
        <path v-if="nameOf" class="reach" :d="leaderOf(label)" />
        <path class="control" :d="shapeOf(label)" :transform="`translate(${label.mark.x} ${label.mark.y})`" />
        <text :y="label.y" :text-anchor="label.side === 'left' ? 'end' : 'start'" dominant-baseline="central">
          <slot name="label" :label="label" :edge="edgeOf(label)"></slot>
        </text>
      </g>
    </svg>
    <figcaption v-if="$slots.beneath"><slot name="beneath"></slot></figcaption>
  </figure>
</template>

<style scoped lang="scss">
.machine-map {
  margin: 0;
}

figcaption {
  padding: 0.3rem 0 0.6rem;
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
  stroke: var(--ink-soft);
  stroke-width: 0.7px;
}

// Room for a finger.
.reach {
  stroke: transparent;
  stroke-width: 22px;
}

.control {
  stroke: var(--ink);
  stroke-width: 1.6px;
  fill: var(--sheet);
}

.pressable {
  cursor: pointer;
  outline: none;

  &:focus-visible .control {
    stroke: var(--teal);
    stroke-width: 3.4px;
  }
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

.wrong .control {
  fill: var(--madder-wash);
  stroke: var(--madder);
  stroke-width: 2.4px;
}

.wrong .leader {
  stroke: var(--madder);
  stroke-width: 2px;
}

text {
  font-size: 12.5px;
  fill: var(--ink);
}
</style>
