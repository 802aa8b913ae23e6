<script setup lang="ts">
import { computed, ref, useId, useTemplateRef } from 'vue'
import type { CardSketch } from '#core/card/sketch'
import { lineWord, partWord } from '#shared/messages/words'
import { saveFile } from '../saveFile'
import { layStitch } from './stitchPicture'
import { useSewn } from './useSewn'

/** The stitch as it will lie on the fabric, to scale: as set strong, as the book has it faint. */
/** `faint`: what the faint stitch stands for. `brief`: without words and acts. */
const props = defineProps<{ sketch: CardSketch; name: string; most?: number; faint?: string; brief?: boolean }>()

const clip = useId()
const face = ref<'top' | 'under'>('top')
const sewn = useSewn(() => [props.sketch.set, props.sketch.given])
const picture = useTemplateRef('picture')
const layout = computed(() => {
  const [set, given] = sewn.value
  if (!set) return undefined
  const { foot, plate, fabric } = props.sketch
  return layStitch({ set, given, face: face.value, foot, plate, fabric, most: props.most ?? 24 })
})
const mm = (value: number) => `${Number(value.toFixed(2))} mm`
const description = computed(() => {
  const { set } = props.sketch
  const width = set.width > 0 ? `${mm(set.width)} wide, ` : ''
  return (
    `${props.name}, ${width}stitch length ${mm(set.length)}, seen from the ` +
    `${face.value === 'top' ? 'right' : 'wrong'} side`
  )
})

/** A file of its own in true millimetres, with its colours in it. */
const save = () => {
  const drawn = picture.value
  if (!drawn || !layout.value) return
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const originals = [...drawn.querySelectorAll('*')]
  ;[...copy.querySelectorAll('*')].forEach((element, i) => {
    const style = getComputedStyle(originals[i] as Element)
    for (const name of [
      'stroke',
      'stroke-width',
      'stroke-dasharray',
      'stroke-linejoin',
      'fill',
      'opacity',
      'font-size',
      'font-family',
    ]) {
      element.setAttribute(name, style.getPropertyValue(name).replace('px', ''))
    }
  })
  const [, , width, height] = layout.value.box
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', `${width}mm`)
  copy.setAttribute('height', `${height}mm`)
  saveFile(
    new Blob([copy.outerHTML], { type: 'image/svg+xml' }),
    `${props.name.toLowerCase().replace(/\W+/g, '-')}.svg`,
  )
}
</script>

<template>
  <figure v-if="layout" class="stitch">
    <svg ref="picture" :viewBox="layout.box.join(' ')" role="img" :aria-label="description">
      <rect class="fabric" :x="0" :y="layout.fabric.top" :width="layout.length" :height="layout.fabric.height" />
      <g v-for="line in layout.lines" :key="line.name" class="seam-line" :class="line.name">
        <line :x1="0" :x2="layout.length" :y1="line.at" :y2="line.at" />
        <text :x="layout.length + 0.6" :y="line.at + 0.4">{{ lineWord(line.name) }}</text>
      </g>
      <text v-for="part in layout.parts" :key="part.name" class="part" :x="layout.length + 0.6" :y="part.at + 0.4">
        {{ partWord(part.name) }}
      </text>
      <g v-if="layout.plate" class="plate">
        <line v-for="y in layout.plate" :key="y" :x1="0" :x2="layout.length" :y1="y" :y2="y" />
      </g>
      <g v-if="layout.foot" class="foot">
        <line v-for="y in layout.foot" :key="y" :x1="0" :x2="layout.length" :y1="y" :y2="y" />
      </g>
      <clipPath :id="clip">
        <rect x="-0.4" :y="layout.box[1]" :width="layout.length + 0.8" :height="layout.box[3]" />
      </clipPath>
      <g :clip-path="`url(#${clip})`">
        <path v-for="d in layout.given" :key="d" class="given" :d="d" />
        <path v-for="one in layout.threads" :key="one.d" class="thread" :class="one.thread" :d="one.d" />
        <circle v-for="([x, y], i) in layout.holes" :key="i" class="hole" :cx="x" :cy="y" r="0.17" />
      </g>
      <g class="ruler">
        <line
          v-for="tick in layout.ticks"
          :key="tick"
          :x1="tick"
          :x2="tick"
          :y1="layout.box[1] + layout.box[3]"
          :y2="layout.box[1] + layout.box[3] - (tick % 10 === 0 ? 1.1 : tick % 5 === 0 ? 0.8 : 0.45)"
        />
      </g>
    </svg>
    <figcaption v-if="!brief">
      <span class="soft">
        To scale, {{ layout.length }} mm of seam. Strong: as set<template v-if="layout.given.length > 0"
          >; faint: {{ faint ?? 'as the book has it' }}</template
        ><template v-if="layout.foot">; solid lines: the foot’s opening</template
        ><template v-if="layout.plate">; dashed: the needle plate’s</template>.
        <template v-if="sketch.set.function.family === 'buttonhole' && sketch.set.sewnLength === undefined"
          >Gap and length stand for an example.</template
        >
      </span>
      <span class="acts">
        <button
          type="button"
          class="link"
          :aria-pressed="face === 'under'"
          @click="face = face === 'top' ? 'under' : 'top'"
        >
          {{ face === 'top' ? 'Wrong side' : 'Right side' }}
        </button>
        <button type="button" class="link" @click="save">Save as SVG</button>
      </span>
    </figcaption>
  </figure>
</template>

<style scoped lang="scss">
.stitch {
  margin: 0.4rem 0 0.8rem;
}

svg {
  display: block;
  width: 100%;
  max-height: 11rem;
}

.fabric {
  fill: var(--fold);
}

.seam-line line {
  stroke: var(--ochre);
  stroke-width: 0.16;
}

.seam-line.fold line,
.seam-line.edge line {
  stroke: var(--ink);
  stroke-width: 0.22;
}

.seam-line text,
.part {
  font-size: 1.05px;
  fill: var(--ink-soft);
}

.seam-line text {
  fill: var(--ink);
}

.thread,
.given {
  fill: none;
  stroke-linejoin: round;
}

.thread {
  stroke: var(--teal);
  stroke-width: 0.2;
}

.bobbin,
.lowerLooper,
.chainLooper,
.coverLooper {
  stroke: var(--madder);
}

.cord {
  stroke: var(--ink-soft);
  stroke-width: 0.5;
}

.upperLooper {
  stroke: var(--ochre);
}

.given {
  stroke: var(--ink-soft);
  stroke-width: 0.14;
  stroke-dasharray: 0.5 0.4;
  opacity: 0.65;
}

.hole {
  fill: var(--ink);
}

.foot line {
  stroke: var(--ink);
  stroke-width: 0.12;
}

.plate line {
  stroke: var(--ink-soft);
  stroke-width: 0.12;
  stroke-dasharray: 0.8 0.6;
}

.ruler line {
  stroke: var(--ink-soft);
  stroke-width: 0.08;
}

figcaption {
  font-size: 0.9rem;
}

.acts {
  display: flex;
  gap: 0.9rem;
}

.link {
  border: 0;
  padding: 0;
  background: none;
  color: var(--teal);
  text-decoration: underline;
}

@media print {
  .acts {
    display: none;
  }
}
</style>
