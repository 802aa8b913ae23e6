<!-- What was sewn, within the drawing: under the needle from its right side, beside it turned over; to the scale of the
plate. -->
<script setup lang="ts">
import { computed } from 'vue'
import { layStitch } from '#core/card/stitchLayout'
import { NEEDLE_VIEW } from '#core/map/outlines'
import type { StitchSpec } from '#core/stitch/types'
import StitchLines from '../../ui/stitch/StitchLines.vue'
import { useSewn } from '../../ui/stitch/useSewn'

const props = defineProps<{ spec: StitchSpec }>()
const sewn = useSewn(() => [props.spec])

/** Seam drawn at most, mm; from one middle to the other at least, and down to a word, in the drawing's own. */
const MOST = 14
const APART = 56
const WORD = 11
const FACES = [
  { face: 'top', word: 'right side' },
  { face: 'under', word: 'wrong side' },
] as const
const { perMm, x, y } = NEEDLE_VIEW
const pieces = computed(() => {
  const [set] = sewn.value
  if (!set) return []
  const fabric = { parts: [], lines: [] }
  const none = { given: undefined, foot: undefined, plate: undefined, fabric, most: MOST, names: false }
  const laid = FACES.map((one) => ({ ...one, layout: layStitch({ set, face: one.face, ...none }) }))
  const wide = (laid[0]?.layout.box[3] ?? 0) * perMm
  return laid.map(({ layout, ...one }, i) => ({
    ...one,
    layout,
    // The needle stands at 0 across the seam; the seam goes away from who sews.
    at: x + i * Math.max(APART, wide + WORD),
    low: y + layout.length * perMm,
  }))
})
</script>

<template>
  <g v-if="pieces.length > 0" role="img" aria-label="What was sewn, from its right and its wrong side">
    <g v-for="{ face, word, layout, at, low } in pieces" :key="face">
      <g :transform="`translate(${at} ${low}) rotate(-90) scale(${perMm})`"><StitchLines :layout="layout" /></g>
      <text :x="at" :y="low + WORD" text-anchor="middle">{{ word }}</text>
    </g>
  </g>
</template>

<style scoped lang="scss">
text {
  font-size: 9px;
  fill: var(--ink-soft);
}
</style>
