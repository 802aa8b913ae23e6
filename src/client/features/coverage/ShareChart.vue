<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale } from 'chart.js'
import type { Share } from '#core/coverage/shares'
import type { Verdict } from '#core/answer/types'
import { useChart } from '../../ui/useChart'
import { shortVerdict, verdicts } from './words'

/** Verdicts as bars by group, told by pattern and by figures beside them; the table says the same without the bars. */
const props = defineProps<{ shares: Share[]; title: string; of: string }>()
Chart.register(BarController, BarElement, CategoryScale, Legend, LinearScale)

/** Full, half, outline, empty: told apart in black and white. */
const fillOf = (verdict: Verdict, colour: (name: string) => string): string | CanvasPattern => {
  if (verdict === 'ready') return colour('--teal')
  if (verdict === 'notOnThisModel') return colour('--fold')
  const tile = document.createElement('canvas')
  const size = 8
  tile.width = size
  tile.height = size
  const pen = tile.getContext('2d')
  if (!pen) return colour('--rule')
  pen.fillStyle = colour('--sheet')
  pen.fillRect(0, 0, size, size)
  pen.strokeStyle = colour(verdict === 'otherRoute' ? '--teal' : '--ochre')
  pen.lineWidth = 2
  pen.beginPath()
  if (verdict === 'otherRoute') pen.moveTo(0, size)
  else pen.moveTo(size / 2, 0)
  if (verdict === 'otherRoute') pen.lineTo(size, 0)
  else pen.lineTo(size / 2, size)
  pen.stroke()
  return pen.createPattern(tile, 'repeat') ?? colour('--rule')
}

useChart(
  () => props.shares,
  (colour) => ({
    type: 'bar',
    data: {
      labels: props.shares.map(({ group }) => group),
      datasets: verdicts.map((verdict) => ({
        label: shortVerdict(verdict),
        data: props.shares.map(({ counts, cells }) => (100 * counts[verdict]) / cells),
        backgroundColor: fillOf(verdict, colour),
        borderColor: colour('--ink-soft'),
        borderWidth: 1,
      })),
    },
    options: {
      indexAxis: 'y',
      plugins: {
        legend: { position: 'bottom', onClick: () => undefined, labels: { color: colour('--ink'), boxWidth: 28 } },
      },
      scales: {
        x: {
          stacked: true,
          max: 100,
          ticks: { color: colour('--ink-soft'), callback: (value) => `${value} %` },
          grid: { color: colour('--rule') },
        },
        y: { stacked: true, ticks: { color: colour('--ink') }, grid: { display: false } },
      },
    },
  }),
)
const ROW = 34
const AXIS = 76
</script>

<template>
  <section class="chart">
    <h2>{{ title }}</h2>
    <div :style="{ height: `${shares.length * ROW + AXIS}px` }"><canvas ref="canvas" aria-hidden="true"></canvas></div>
    <table class="table table-sm">
      <thead>
        <tr>
          <th scope="col">{{ of }}</th>
          <th v-for="verdict in verdicts" :key="verdict" scope="col">{{ shortVerdict(verdict) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="share in shares" :key="share.group">
          <th scope="row">{{ share.group }}</th>
          <td v-for="verdict in verdicts" :key="verdict">{{ share.counts[verdict] }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped lang="scss">
.chart {
  max-width: 44rem;
  margin-bottom: 1.6rem;
}
</style>
