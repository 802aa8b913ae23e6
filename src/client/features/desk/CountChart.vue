<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, LinearScale } from 'chart.js'
import { useChart } from '../../ui/useChart'

/** How many of each, as bars; the table under it says the same. */
const props = defineProps<{ title: string; of: string; counts: [string, number][] }>()
const LINE = 26
/** A long name in two lines: an axis would cut its beginning off. */
const inLines = (name: string): string | string[] => {
  const at = name.lastIndexOf(' ', LINE)
  return name.length <= LINE || at < 0 ? name : [name.slice(0, at), name.slice(at + 1)]
}
Chart.register(BarController, BarElement, CategoryScale, LinearScale)
useChart(
  () => props.counts,
  (colour) => ({
    type: 'bar',
    data: {
      labels: props.counts.map(([name]) => inLines(name)),
      datasets: [{ data: props.counts.map(([, count]) => count), backgroundColor: colour('--teal') }],
    },
    options: {
      indexAxis: 'y',
      scales: {
        x: { ticks: { color: colour('--ink-soft'), precision: 0 }, grid: { color: colour('--rule') } },
        y: { ticks: { color: colour('--ink'), autoSkip: false }, grid: { display: false } },
      },
    },
  }),
)
const ROW = 38
const AXIS = 40
</script>

<template>
  <section>
    <h2>{{ title }}</h2>
    <div :style="{ height: `${counts.length * ROW + AXIS}px` }"><canvas ref="canvas" aria-hidden="true"></canvas></div>
    <details>
      <summary>As a table</summary>
      <table class="table table-sm">
        <thead>
          <tr>
            <th scope="col">{{ of }}</th>
            <th scope="col">Calls</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[name, count] in counts" :key="name">
            <th scope="row">{{ name }}</th>
            <td>{{ count }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>
