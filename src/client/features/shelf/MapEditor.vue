<!-- Where a model's controls sit: each is dragged in the outline of its kind, or moved by the arrow keys. -->
<script setup lang="ts">
import { computed, ref } from 'vue'
import { CONTROL_SHAPES, MACHINE_VIEWS, type ControlPlace, type MachineView, type Model } from '#core/catalogue/types'
import { outlineOf, placeOf } from '#core/map/usualPlaces'
import { capital, controlWord, viewWord } from '#shared/messages/words'
import { OUTLINE_LINES, OUTLINE_SIZE } from '#core/map/outlines'
import { SHAPE_LINES } from '#core/map/shapes'
import { call, upload } from '../../api/client'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import { useMachinePhoto } from '../../ui/map/useMachinePhoto'
import ViewTabs from '../../ui/map/ViewTabs.vue'

const props = defineProps<{ model: Model; controls: readonly string[] }>()
/** Undefined: back to where the kind usually has it. */
const emit = defineEmits<{ place: [control: string, at: ControlPlace | undefined] }>()

const view = ref<MachineView>('front')
const chosen = ref<string>()
const drawing = computed(() => OUTLINE_LINES[outlineOf(props.model.kind)][view.value])
const all = computed(() =>
  props.controls.flatMap((control) => {
    const place = placeOf(props.model, control)
    return place ? [{ control, place }] : []
  }),
)
const here = computed(() => all.value.filter(({ place }) => place.view === view.value))
const unplaced = computed(() => props.controls.filter((control) => !placeOf(props.model, control)))
const place = computed(() => (chosen.value === undefined ? undefined : placeOf(props.model, chosen.value)))
const isOwn = computed(
  () => chosen.value !== undefined && props.model.controls?.controls[chosen.value]?.at !== undefined,
)

const session = useSession()
const may = computed(() => session.user?.role !== 'viewer')
const photo = useMachinePhoto(
  () => props.model.id,
  () => view.value,
)
const { problem, said, act } = useAction()
const photoPath = () => `/api/models/${props.model.id}/photos/${view.value}` as const
/** The marks stay where they are: they are moved onto what is seen. */
const keepPhoto = (event: Event) =>
  act(async () => {
    const input = event.target as HTMLInputElement
    const chosenFile = input.files?.[0]
    if (!chosenFile) return
    await upload(photoPath(), chosenFile)
    input.value = ''
    return 'Kept. Move the marks onto what is seen.'
  })
const dropPhoto = () =>
  act(async () => {
    await call('DELETE', photoPath())
    return 'The outline is shown again.'
  })

const svg = ref<SVGSVGElement>()
const PARTS = 100
const within = (part: number) => Math.round(Math.min(1, Math.max(0, part)) * PARTS) / PARTS
const put = (control: string, change: Partial<ControlPlace>) => {
  const was = placeOf(props.model, control) ?? { view: view.value, x: 0.5, y: 0.5, shape: 'knob' as const }
  emit('place', control, { ...was, ...change })
}
const drag = (event: PointerEvent, control: string) => {
  chosen.value = control
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
const dragTo = (event: PointerEvent, control: string) => {
  const box = svg.value?.getBoundingClientRect()
  if (!box || !(event.currentTarget as Element).hasPointerCapture(event.pointerId)) return
  put(control, { x: within((event.clientX - box.left) / box.width), y: within((event.clientY - box.top) / box.height) })
}
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
const FAR = 5
const onKey = (event: KeyboardEvent, control: string) => {
  const by = STEPS[event.key]
  const at = placeOf(props.model, control)
  if (!by || !at) return
  event.preventDefault()
  const far = (event.shiftKey ? FAR : 1) / PARTS
  put(control, { x: within(at.x + by[0] * far), y: within(at.y + by[1] * far) })
}
const choose = (control: string) => {
  chosen.value = control
  view.value = placeOf(props.model, control)?.view ?? view.value
}
const nameOf = (control: string, { x, y }: ControlPlace) =>
  `${capital(controlWord(control))}: ${Math.round(x * PARTS)} % from the left, ${Math.round(y * PARTS)} % from the top`
const picked = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <section class="map" aria-label="Where the controls sit">
    <div>
      <ViewTabs v-model="view" :views="MACHINE_VIEWS" />
      <svg ref="svg" :viewBox="`0 0 ${OUTLINE_SIZE.width} ${OUTLINE_SIZE.height}`">
        <image
          v-if="photo"
          :href="photo"
          :width="OUTLINE_SIZE.width"
          :height="OUTLINE_SIZE.height"
          preserveAspectRatio="xMidYMid slice"
        />
        <g v-else :transform="drawing?.turned ? `translate(${OUTLINE_SIZE.width} 0) scale(-1 1)` : undefined">
          <path v-for="line in drawing?.lines" :key="line" class="outline" :d="line" />
        </g>
        <g
          v-for="{ control, place: at } in here"
          :key="control"
          class="mark"
          :class="{ chosen: control === chosen }"
          tabindex="0"
          role="button"
          :aria-label="nameOf(control, at)"
          :transform="`translate(${at.x * OUTLINE_SIZE.width} ${at.y * OUTLINE_SIZE.height})`"
          @focus="chosen = control"
          @keydown="onKey($event, control)"
          @pointerdown="drag($event, control)"
          @pointermove="dragTo($event, control)"
        >
          <path :d="SHAPE_LINES[at.shape]" />
        </g>
      </svg>
      <p v-if="may" class="photo">
        <label for="map-photo">The shop’s own photograph of this view, behind the marks</label>
        <input id="map-photo" type="file" accept="image/jpeg,image/png,image/webp" @change="keepPhoto" />
        <BButton v-if="photo" size="sm" variant="link" @click="dropPhoto">Take it away</BButton>
        <span role="status" class="soft">{{ said }}</span>
        <span v-if="problem" role="alert" class="caution">{{ problem }}</span>
      </p>
    </div>
    <div class="facts">
      <label for="map-control">Control</label>
      <select id="map-control" class="form-select" :value="chosen ?? ''" @change="choose(picked($event))">
        <option value="" disabled>choose one, or press a mark</option>
        <option v-for="{ control } in all" :key="control" :value="control">{{ capital(controlWord(control)) }}</option>
        <option v-for="control in unplaced" :key="control" :value="control">
          {{ capital(controlWord(control)) }} (nowhere yet)
        </option>
      </select>
      <template v-if="chosen">
        <label for="map-view">Seen</label>
        <select
          id="map-view"
          class="form-select"
          :value="place?.view ?? view"
          @change="((view = picked($event) as MachineView), put(chosen, { view: picked($event) as MachineView }))"
        >
          <option v-for="one in MACHINE_VIEWS" :key="one" :value="one">{{ viewWord(one) }}</option>
        </select>
        <label for="map-shape">Is a</label>
        <select
          id="map-shape"
          class="form-select"
          :value="place?.shape ?? ''"
          @change="put(chosen, { shape: picked($event) as ControlPlace['shape'] })"
        >
          <option v-if="!place" value="" disabled>choose</option>
          <option v-for="one in CONTROL_SHAPES" :key="one" :value="one">{{ one }}</option>
        </select>
        <BButton v-if="isOwn" size="sm" variant="outline-primary" @click="emit('place', chosen, undefined)">
          Back to its usual place
        </BButton>
      </template>
      <p class="soft">Drag a mark, or move it by the arrow keys; with Shift by more.</p>
    </div>
  </section>
</template>

<style scoped lang="scss">
.map {
  display: grid;
  grid-template-columns: minmax(0, 30rem) minmax(12rem, 18rem);
  gap: 1.6rem;
}

svg {
  width: 100%;
  touch-action: none;
}

path {
  fill: none;
  stroke: var(--ink-soft);
  stroke-linejoin: round;
}

.mark {
  cursor: grab;

  path {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.4px;
  }
}

.chosen path {
  fill: var(--teal-wash);
  stroke: var(--teal);
  stroke-width: 2.4px;
}

.photo {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: baseline;
}

.facts {
  display: flex;
  flex-direction: column;
  gap: 0.3rem;
  align-items: flex-start;
}
</style>
