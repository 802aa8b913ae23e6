/** A chart on a canvas: our typeface, our colours, drawn anew when what it shows changes, gone with its view. */
import { Chart, type ChartConfiguration, type ChartOptions, type ChartType } from 'chart.js'
import { onBeforeUnmount, onMounted, useTemplateRef, watch, type WatchSource } from 'vue'

const FONT = { family: '"Hanken Grotesk Variable", sans-serif', size: 14 }

/**
 * Of a view with a canvas whose ref is `canvas`. `configOf` is asked with a way to the page's colours by name, as they
 * are where the canvas stands.
 */
export const useChart = <Type extends ChartType>(
  shown: WatchSource | WatchSource[],
  configOf: (colour: (name: string) => string) => ChartConfiguration<Type>,
) => {
  const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
  let chart: Chart<Type> | undefined
  const draw = () => {
    if (!canvas.value) return
    const style = getComputedStyle(canvas.value)
    chart?.destroy()
    // Scales and legends ask the defaults, and not the chart, for what they are lettered in.
    Chart.defaults.font = { ...Chart.defaults.font, ...FONT }
    const config = configOf((name) => style.getPropertyValue(name).trim())
    const options = { ...config.options, animation: false, maintainAspectRatio: false } as ChartOptions<Type>
    chart = new Chart(canvas.value, { ...config, options })
  }
  onMounted(draw)
  watch(shown, draw)
  onBeforeUnmount(() => chart?.destroy())
}
