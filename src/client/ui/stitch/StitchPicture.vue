<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { CardSketch } from '#core/card/sketch'
import { fileName, saveFile } from '../saveFile'
import StitchLines from './StitchLines.vue'
import { layStitch } from '#core/card/stitchLayout'
import { useSewn } from './useSewn'

/** The stitch as it will lie on the fabric, to scale: as set strong, as the book has it faint. */
/** `faint`: what the faint stitch stands for. `brief`: without words and acts. */
const props = defineProps<{ sketch: CardSketch; name: string; most?: number; faint?: string; brief?: boolean }>()

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
  saveFile(new Blob([copy.outerHTML], { type: 'image/svg+xml' }), fileName([props.name.toLowerCase()], 'svg'))
}
</script>

<template>
  <figure v-if="layout" class="stitch">
    <svg ref="picture" :viewBox="layout.box.join(' ')" role="img" :aria-label="description">
      <StitchLines :layout="layout" />
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

figcaption {
  font-size: var(--note);
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
