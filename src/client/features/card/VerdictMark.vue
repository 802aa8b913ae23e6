<script setup lang="ts">
import type { Verdict } from '#core/answer/types'

/** Four shapes, so that the verdict is told without colour: closed ring, ring with a gap, two ways, barred. */
defineProps<{ verdict: Verdict }>()
</script>

<template>
  <svg class="verdict-mark" :class="verdict" viewBox="0 0 44 44" aria-hidden="true">
    <template v-if="verdict === 'ready'">
      <rect x="3" y="3" width="38" height="38" rx="19" class="solid" />
      <path d="M12 23l7 7 14-16" class="cut" />
    </template>
    <template v-else-if="verdict === 'needsItems'">
      <rect x="4" y="4" width="36" height="36" rx="3" class="open" />
      <path d="M22 13v18M13 22h18" class="line" />
    </template>
    <template v-else-if="verdict === 'otherRoute'">
      <path d="M22 3l19 19-19 19L3 22z" class="open" />
      <path d="M14 28c0-8 4-9 12-9m-4-5l5 5-5 5" class="line" />
    </template>
    <template v-else>
      <path d="M14 4h16l10 10v16L30 40H14L4 30V14z" class="solid" />
      <path d="M13 22h18" class="cut" />
    </template>
  </svg>
</template>

<style scoped lang="scss">
.verdict-mark {
  width: 2.75rem;
  flex: none;
}

.solid {
  fill: var(--teal);
}

.notOnThisModel .solid {
  fill: var(--ink);
}

.open {
  fill: var(--ochre-wash);
  stroke: var(--ochre);
  stroke-width: 3;
}

.line {
  fill: none;
  stroke: var(--ochre);
  stroke-width: 3.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.cut {
  fill: none;
  stroke: var(--paper);
  stroke-width: 4.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
