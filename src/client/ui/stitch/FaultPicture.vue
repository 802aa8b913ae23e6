<script setup lang="ts">
import { computed } from 'vue'
import type { CardSketch } from '#core/card/sketch'
import { wrongPieceOf } from '#core/card/wrongPiece'
import type { FaultShows } from '#core/catalogue/types'
import StitchLines from './StitchLines.vue'
import { layStitch } from '#core/card/stitchLayout'

/** The card's stitch with a fault, to scale, over the right one drawn faintly; nothing where it cannot be drawn. */
const props = defineProps<{ sketch: CardSketch; shows: FaultShows; name: string }>()
const MOST_MM = 16
const layout = computed(() => {
  const wrong = wrongPieceOf(props.sketch, props.shows)
  if (!wrong) return undefined
  const { sewn: set, right: given, face, fabric, cloth } = wrong
  const lines = { parts: [], lines: fabric.lines }
  return layStitch({ set, given, face, foot: undefined, plate: undefined, fabric: lines, cloth, most: MOST_MM })
})
</script>

<template>
  <svg v-if="layout" class="fault" :viewBox="layout.box.join(' ')" role="img" :aria-label="`So it looks: ${name}`">
    <StitchLines :layout="layout" />
  </svg>
</template>

<style scoped lang="scss">
.fault {
  display: block;
  width: 100%;
  max-height: 6rem;
}
</style>
