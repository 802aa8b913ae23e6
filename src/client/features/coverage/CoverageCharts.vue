<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { sharesOf } from '#core/coverage/shares'
import type { GridView } from '#shared/api/coverage'
import { capital } from '#shared/messages/words'
import { get, problemText } from '../../api/client'
import ShareChart from './ShareChart.vue'
import { LETTER_VERDICT } from './words'

/** How much of the shop's repertoire each make can do, and how each family of techniques stands. */
const props = defineProps<{ fabric: string }>()
const grid = shallowRef<GridView>()
const problem = ref('')
watch(
  () => props.fabric,
  async (fabric) => {
    try {
      grid.value = await get<GridView>('/api/coverage/grid', { fabric })
    } catch (error) {
      problem.value = problemText(error)
    }
  },
  { immediate: true },
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
const byMake = computed(() => sharesOf(cells.value, ({ make }) => make, ({ verdict }) => verdict)) // prettier-ignore
const byFamily = computed(() => sharesOf(cells.value, ({ family }) => family, ({ verdict }) => verdict)) // prettier-ignore
</script>

<template>
  <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  <template v-if="grid">
    <ShareChart :shares="byMake" title="By make" of="Make" />
    <ShareChart :shares="byFamily" title="By family of techniques" of="Family" />
  </template>
</template>
