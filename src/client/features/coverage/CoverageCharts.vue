<script setup lang="ts">
import { computed } from 'vue'
import { sharesOf } from '#core/coverage/shares'

import { capital } from '#shared/messages/words'
import { get } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import LoadingNote from '../../ui/LoadingNote.vue'
import ShareChart from './ShareChart.vue'
import { LETTER_VERDICT } from './words'

/** How much of the shop's repertoire each make can do, and how each family of techniques stands. */
const props = defineProps<{ fabric: string }>()
const { answer: grid, problem } = useQuery(
  'grid',
  () => props.fabric,
  (fabric) => get('/api/coverage/grid', { fabric }),
)
const cells = computed(() =>
  (grid.value?.techniques ?? []).flatMap(({ family }, t) =>
    (grid.value?.models ?? []).map(({ make }, m) => ({
      family: capital(family),
      make,
      verdict: LETTER_VERDICT[grid.value?.verdicts[t]?.[m] ?? 'n'] ?? ('notOnThisModel' as const),
    })),
  ),
)
const byMake = computed(() =>
  sharesOf(
    cells.value,
    ({ make }) => make,
    ({ verdict }) => verdict,
  ),
)
const byFamily = computed(() =>
  sharesOf(
    cells.value,
    ({ family }) => family,
    ({ verdict }) => verdict,
  ),
)
</script>

<template>
  <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  <LoadingNote v-else-if="!grid" doing="Every machine is judged for every technique …" />
  <template v-if="grid">
    <ShareChart :shares="byMake" title="By make" of="Make" />
    <ShareChart :shares="byFamily" title="By family of techniques" of="Family" />
  </template>
</template>
