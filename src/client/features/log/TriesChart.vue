<script setup lang="ts">
import { Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js'
import { computed, ref } from 'vue'
import type { Parameter } from '#core/catalogue/types'
import type { SampleTry } from '#core/samples/evidence'
import { sampleWord } from '#shared/messages/samples'
import { parameterWord } from '#shared/messages/words'
import { useChart } from '../../ui/useChart'

/** One value over the tries; good, usable and to be done again differ in shape. */
const props = defineProps<{ tries: readonly SampleTry[]; parameters: readonly Parameter[] }>()
Chart.register(LinearScale, LineController, LineElement, PointElement)
const chosen = ref<Parameter>()
const parameter = computed(() => chosen.value ?? (props.parameters[0] as Parameter))
const SHAPES = { good: 'circle', usable: 'triangle', redo: 'crossRot' } as const
const SIZE = 9

useChart([() => props.tries, parameter], (colour) => {
  const points = props.tries.flatMap(({ sample }, i) => {
    const y = sample.used[parameter.value]
    return y === undefined ? [] : [{ x: i + 1, y, verdict: sample.verdict }]
  })
  return {
    type: 'line',
    data: {
      datasets: [
        {
          data: points,
          borderColor: colour('--rule'),
          borderWidth: 2,
          pointRadius: SIZE,
          pointBorderWidth: 3,
          pointStyle: points.map(({ verdict }) => SHAPES[verdict]),
          pointBorderColor: points.map(({ verdict }) => colour(verdict === 'redo' ? '--madder' : '--teal')),
          pointBackgroundColor: points.map(({ verdict }) => colour(verdict === 'good' ? '--teal' : '--paper')),
        },
      ],
    },
    options: {
      scales: {
        x: {
          type: 'linear',
          min: 0.5,
          max: props.tries.length + 0.5,
          ticks: {
            stepSize: 1,
            color: colour('--ink-soft'),
            callback: (value) => (Number.isInteger(Number(value)) ? `try ${value}` : ''),
          },
          grid: { display: false },
        },
        y: { grace: '15%', ticks: { color: colour('--ink-soft') }, grid: { color: colour('--rule') } },
      },
    },
  }
})
const description = computed(() => {
  const tries = props.tries.map(
    ({ sample }) => `${sample.used[parameter.value] ?? 'not stated'} ${sampleWord(sample.verdict).toLowerCase()}`,
  )
  return `${parameterWord(parameter.value)} over the tries: ${tries.join(', ')}`
})
</script>

<template>
  <section class="chart">
    <h2>
      <label for="chart-of">Over the tries</label>
    </h2>
    <select
      id="chart-of"
      class="form-select"
      :value="parameter"
      @change="chosen = ($event.target as HTMLSelectElement).value as Parameter"
    >
      <option v-for="one in parameters" :key="one" :value="one">{{ parameterWord(one) }}</option>
    </select>
    <div class="box"><canvas ref="canvas" role="img" :aria-label="description"></canvas></div>
    <p class="soft">Full round: good. Open triangle: usable. Cross: to be done again.</p>
  </section>
</template>

<style scoped lang="scss">
.chart {
  max-width: 46rem;
}

.form-select {
  max-width: 16rem;
}

.box {
  height: 13rem;
  margin-top: 0.4rem;
}
</style>
