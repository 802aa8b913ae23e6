<script setup lang="ts">
import { computed } from 'vue'
import { dialArc, dialPoint, dialTurn, middleOf, type ScaleView } from '#core/card/scaleView'

const props = defineProps<{ view: ScaleView; describes: string }>()

const C = 84
const R = 46
const point = (share: number, radius: number) => dialPoint(share, radius, C)
const arc = (from: number, to: number, radius: number) => dialArc(from, to, radius, C)
const set = computed(() => middleOf(props.view.set))
const start = computed(() => (props.view.starts.length > 0 ? middleOf(props.view.starts) : undefined))
</script>

<template>
  <svg class="dial" viewBox="-8 -4 184 160" role="img" :aria-label="describes">
    <circle class="knob" :cx="C" :cy="C" :r="R - 10" />
    <path class="rim" :d="arc(0, 1, R)" />
    <path v-for="hit in view.hits" :key="hit.from" class="hit" :d="arc(hit.from, hit.to, R)" />
    <path v-if="view.starts.length === 2" class="range" :d="arc(view.starts[0]!, view.starts[1]!, R + 6)" />
    <g v-for="tick in view.ticks" :key="tick.at + tick.label">
      <line
        class="tick"
        :x1="point(tick.at, R - 3).x"
        :y1="point(tick.at, R - 3).y"
        :x2="point(tick.at, R + 5).x"
        :y2="point(tick.at, R + 5).y"
      />
      <text class="label" :x="point(tick.at, R + 27).x" :y="point(tick.at, R + 27).y + 5">{{ tick.label }}</text>
    </g>
    <path
      v-if="start !== undefined"
      class="start"
      :d="`M${C - 6} ${C - R - 10}h12l-6 11z`"
      :transform="`rotate(${dialTurn(start)} ${C} ${C})`"
    />
    <g :transform="`rotate(${dialTurn(set)} ${C} ${C})`">
      <path
        class="set"
        :d="`M${C - 7} ${C}L${C - 7} ${C - R + 14}L${C} ${C - R + 1}L${C + 7} ${C - R + 14}L${C + 7} ${C}z`"
      />
    </g>
    <circle class="hub" :cx="C" :cy="C" r="9" />
  </svg>
</template>

<style scoped lang="scss">
.dial {
  width: 184px;
  flex: none;
  display: block;
}

.knob {
  fill: var(--sheet);
  stroke: var(--rule);
}

.rim {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}

.hit {
  fill: none;
  stroke: var(--madder);
  stroke-width: 8;
  stroke-dasharray: 2 3;
}

.range {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.tick {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.label {
  fill: var(--ink);
  font-size: 14px;
  text-anchor: middle;
}

.start {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.set {
  fill: var(--teal);
}

.hub {
  fill: var(--teal);
  stroke: var(--paper);
  stroke-width: 2;
}

@media print {
  .dial {
    width: 26mm;
  }
}
</style>
