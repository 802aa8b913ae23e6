<script setup lang="ts">
import { useId } from 'vue'
import { lineWord, partWord } from '#shared/messages/words'
import type { StitchLayout } from '#core/card/stitchLayout'

/** A laid out stitch, within somebody's drawing: fabric, its lines and parts, threads, holes, a rule in mm. */
defineProps<{ layout: StitchLayout }>()
const clip = useId()
</script>

<template>
  <rect class="fabric" :x="0" :y="layout.fabric.top" :width="layout.length" :height="layout.fabric.height" />
  <g v-for="line in layout.lines" :key="line.name" class="seam-line" :class="line.name">
    <line :x1="0" :x2="layout.length" :y1="line.at" :y2="line.at" />
    <text :x="layout.length + 0.6" :y="line.named + 0.4">{{ lineWord(line.name) }}</text>
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
    <rect x="-0.4" :y="layout.box[1]" :width="layout.length + 0.6" :height="layout.box[3]" />
  </clipPath>
  <g :clip-path="`url(#${clip})`">
    <path v-for="d in layout.cloth" :key="d" class="cloth" :d="d" />
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
</template>

<style scoped lang="scss">
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

.cloth {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.16;
  opacity: 0.75;
}
</style>
