<script setup lang="ts">
import { computed, useId } from 'vue'
import { middleOf, type ScaleView } from '#core/card/scaleView'

const props = defineProps<{ view: ScaleView; describes: string }>()
const pattern = useId()
const W = 520
const EDGE = 14
const x = (share: number) => EDGE + share * (W - 2 * EDGE)
const set = computed(() => props.view.set.map(x))
const starts = computed(() => props.view.starts.map(x))
</script>

<template>
  <svg class="tape" :viewBox="`0 0 ${W} 74`" role="img" :aria-label="describes">
    <defs>
      <pattern :id="pattern" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
      </pattern>
    </defs>
    <rect class="band" x="2" y="26" :width="W - 4" height="26" rx="2" />
    <rect
      v-for="hit in view.hits"
      :key="hit.from"
      :x="x(hit.from)"
      y="26"
      :width="x(hit.to) - x(hit.from)"
      height="26"
      :fill="`url(#${pattern})`"
      class="hit"
    />
    <g v-for="tick in view.ticks" :key="tick.at">
      <line class="tick" :x1="x(tick.at)" :x2="x(tick.at)" y1="26" :y2="tick.major ? 40 : 33" />
      <text v-if="tick.label" class="label" :x="x(tick.at)" y="69">{{ tick.label }}</text>
    </g>
    <line v-if="starts.length > 0" class="way" :x1="middleOf(starts)" :x2="middleOf(set)" y1="7" y2="7" />
    <rect v-if="starts.length === 2" class="span" :x="starts[0]" y="18" :width="starts[1]! - starts[0]!" height="6" />
    <path v-if="starts.length > 0" class="start" :d="`M${middleOf(starts) - 8} 8h16l-8 16z`" />
    <rect v-if="set.length === 2" class="set" :x="set[0]" y="18" :width="set[1]! - set[0]!" height="6" />
    <path class="set" :d="`M${middleOf(set) - 9} 2h18v13l-9 13-9-13z`" />
  </svg>
</template>

<style scoped lang="scss">
.tape {
  width: 100%;
  display: block;
}

.band {
  fill: var(--sheet);
  stroke: var(--rule);
}

.hatch {
  stroke: var(--madder);
  stroke-width: 2.4;
}

.hit {
  stroke: var(--madder);
  stroke-width: 1;
}

.tick {
  stroke: var(--ink);
  stroke-width: 1.4;
}

.label {
  fill: var(--ink-soft);
  font-size: 15px;
  text-anchor: middle;
}

.way {
  stroke: var(--teal);
  stroke-width: 2;
  stroke-dasharray: 2 4;
}

.start {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.span {
  fill: none;
  stroke: var(--ink);
}

.set {
  fill: var(--teal);
  stroke: var(--paper);
}
</style>
