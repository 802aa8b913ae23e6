<script setup lang="ts">
import { computed } from 'vue'
import { footBox, footPlan, type Box, type FootShape } from '#core/card/footPlan'
import type { FabricLayout } from '#core/card/fabricParts'
import { lineWord } from '#shared/messages/words'

/** A foot from above, drawn from its data: where the needle may go, and where fold or edge touches it. */
const props = defineProps<{ shape: FootShape; code: string; fabric?: FabricLayout | undefined }>()
const plan = computed(() => footPlan(props.shape))
const box = computed(() => {
  const { left, right, back, front } = footBox(plan.value)
  return { left, top: back, width: right - left, height: front - back, bottom: front }
})
const rect = ({ left, right, back, front }: Box) => ({ x: left, y: back, width: right - left, height: front - back })
const touching = computed(() =>
  (props.fabric?.lines ?? []).filter(({ at }) => at > box.value.left && at < box.value.left + box.value.width),
)
const description = computed(() => {
  const { slot, guide, openToe, pin } = plan.value
  const opening = slot.stated ? `opening from ${slot.left} to ${slot.right} mm` : 'opening not stated'
  const parts = [opening, guide && `guide at ${guide.at} mm`, openToe && 'open toe', pin && 'a pin under the stitch']
  return `${props.code} from above: ${parts.filter(Boolean).join(', ')}`
})
</script>

<template>
  <figure class="foot-picture">
    <svg :viewBox="`${box.left} ${box.top} ${box.width} ${box.height}`" role="img" :aria-label="description">
      <rect class="sole" v-bind="rect(plan.sole)" rx="2.5" />
      <rect v-if="plan.button" class="frame" v-bind="rect(plan.button)" rx="1" />
      <rect class="slot" :class="{ unstated: !plan.slot.stated }" v-bind="rect(plan.slot)" :rx="plan.openToe ? 0 : 1" />
      <rect v-if="plan.pin" class="pin" v-bind="rect(plan.pin)" />
      <line
        v-if="plan.guide"
        class="guide"
        :x1="plan.guide.at"
        :x2="plan.guide.at"
        :y1="plan.guide.back"
        :y2="plan.guide.front"
      />
      <path
        v-if="plan.guide?.kind === 'adjustable'"
        class="arrows"
        :d="`M${plan.guide.at - 2.6} ${plan.guide.front}h5.2`"
      />
      <g v-for="line in touching" :key="line.name" class="touch">
        <line :x1="line.at" :x2="line.at" :y1="box.top" :y2="box.bottom" />
      </g>
      <path class="needle" d="M-0.9 0h1.8M0 -0.9v1.8" />
    </svg>
    <figcaption class="soft">
      {{ code }} from above, you at the bottom.<template v-if="!plan.slot.stated">
        Opening not stated: drawn for the look only.</template
      ><template v-for="line in touching" :key="line.name"> Dashed: {{ lineWord(line.name) }}.</template>
    </figcaption>
  </figure>
</template>

<style scoped lang="scss">
.foot-picture {
  margin: 0;
}

svg {
  display: block;
  height: 9.5rem;
  max-width: 100%;
}

.sole {
  fill: var(--fold);
  stroke: var(--ink);
  stroke-width: 0.35;
}

.slot {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 0.3;

  &.unstated {
    stroke-dasharray: 0.8 0.6;
  }
}

.frame {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 0.3;
  stroke-dasharray: 1.2 0.8;
}

.pin {
  fill: var(--ink);
}

.guide {
  stroke: var(--ochre);
  stroke-width: 1;
}

.arrows {
  stroke: var(--ochre);
  stroke-width: 0.5;
}

.touch line {
  stroke: var(--teal);
  stroke-width: 0.4;
  stroke-dasharray: 1.4 0.9;
}

.needle {
  stroke: var(--madder);
  stroke-width: 0.4;
}

figcaption {
  font-size: var(--note);
}
</style>
