<script setup lang="ts">
import { useEventListener, useRafFn, useResizeObserver } from '@vueuse/core'
import { onMounted, useTemplateRef, watch } from 'vue'
import { cellUnder, drawOverview, type OverviewInput, type OverviewLook } from './overviewPicture'

/** Stays in the window of its scrolling element and shows what is in sight there. */
const { scroller, input } = defineProps<{
  scroller: HTMLElement
  input: Omit<OverviewInput, 'width' | 'height' | 'left' | 'top'>
}>()
const emit = defineEmits<{ press: [row: number, column: number] }>()
const canvas = useTemplateRef('canvas')

const lookOf = (element: HTMLElement): OverviewLook => {
  const style = getComputedStyle(element)
  const colour = (name: string) => style.getPropertyValue(`--${name}`).trim()
  return {
    ink: colour('ink'),
    soft: colour('ink-soft'),
    sheet: colour('sheet'),
    fold: colour('fold'),
    teal: colour('teal'),
    ochre: colour('ochre'),
    font: style.fontFamily,
  }
}
const whole = (): OverviewInput => ({
  ...input,
  width: scroller.clientWidth,
  height: scroller.clientHeight,
  left: scroller.scrollLeft,
  top: scroller.scrollTop,
})
const draw = () => {
  const element = canvas.value
  const to = element?.getContext('2d')
  if (!element || !to) return
  const picture = whole()
  const ratio = devicePixelRatio
  const [wide, high] = [Math.round(picture.width * ratio), Math.round(picture.height * ratio)]
  if (element.width !== wide || element.height !== high) {
    element.width = wide
    element.height = high
    element.style.width = `${picture.width}px`
    element.style.height = `${picture.height}px`
  }
  to.setTransform(ratio, 0, 0, ratio, 0, 0)
  drawOverview(to, picture, lookOf(element))
}
// Once a frame, however often it was asked for.
const { pause, resume } = useRafFn(
  () => {
    pause()
    draw()
  },
  { immediate: false },
)
onMounted(resume)
watch(() => input, resume)
useEventListener(() => scroller, 'scroll', resume, { passive: true })
useResizeObserver(() => scroller, resume)
useEventListener(() => matchMedia('(prefers-color-scheme: dark)'), 'change', resume)

const press = ({ offsetX, offsetY }: MouseEvent) => {
  const at = cellUnder(whole(), offsetX, offsetY)
  if (at) emit('press', at.row, at.column)
}
</script>

<template>
  <canvas ref="canvas" class="picture" aria-hidden="true" @click="press" />
</template>

<style scoped lang="scss">
.picture {
  position: sticky;
  top: 0;
  left: 0;
  display: block;
  cursor: pointer;
}
</style>
