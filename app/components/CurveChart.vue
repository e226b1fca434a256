<script setup lang="ts">
import type { Chart as ChartOf, ChartDataset, Plugin } from 'chart.js'

/** A curve, drawn by Chart.js; a reader gets its figures as a table. */
export interface Curve {
  name: string
  points: { x: number; y: number }[]
  tone: 'ink' | 'petrol' | 'near' | 'past'
  /** single figures instead of a line */
  dots?: boolean
  /** its name stands at this share of its points: over it and before, or under it and after */
  nameAt?: { share: number; under: boolean }
  /** a bar for each figure: how often something was found */
  bars?: boolean
  /** its name stands over its highest figure, not where it begins */
  peak?: boolean
}
const props = defineProps<{
  label: string
  curves: Curve[]
  xLabel: string
  xSay: (x: number) => string
  ySay: (y: number) => string
  /** where its axis begins by right, as a count does at none */
  yFrom?: number
}>()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let chart: ChartOf | undefined
const token = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim()

/** the name of each curve where it begins, and of each single figure beside it: nobody looks from a legend to a line */
const names: Plugin = {
  id: 'names',
  afterDatasetsDraw(drawn) {
    const { ctx, data, chartArea, options } = drawn
    ctx.save()
    ctx.font = `500 13px ${String(options.font?.family ?? 'sans-serif')}`
    for (const [i, set] of data.datasets.entries()) {
      const curve = props.curves[i]
      const highest = curve?.peak ? curve.points.reduce((top, p, n, all) => (p.y > (all[top]?.y ?? 0) ? n : top), 0) : 0
      const { data: figures } = drawn.getDatasetMeta(i)
      const named = curve?.nameAt
      const at = figures[named ? Math.round(named.share * (figures.length - 1)) : highest]
      if (!at) continue
      const text = String(set.label)
      // what stands last lies under its figure, so that two of them near each other can both be read
      const below = named ? named.under : !curve?.peak && i > 0 && i === data.datasets.length - 1
      const right = named ? !named.under : at.x + 10 + ctx.measureText(text).width > chartArea.right
      ctx.textAlign = right ? 'right' : 'left'
      ctx.lineWidth = 4
      ctx.strokeStyle = token('sheet')
      ctx.fillStyle = String(set.borderColor)
      const [x, y] = [
        right ? Math.min(at.x, chartArea.right) - 8 : at.x + 8,
        Math.max(below ? at.y + 20 : at.y - 9, chartArea.top + 12),
      ]
      ctx.strokeText(text, x, y)
      ctx.fillText(text, x, y)
    }
    ctx.restore()
  },
}

const datasets = (): ChartDataset<'line' | 'bar', { x: number; y: number }[]>[] =>
  props.curves.map(({ name, points, tone, dots, bars }) => ({
    type: bars ? 'bar' : 'line',
    label: name,
    data: points.map(({ x, y }) => ({ x, y })),
    borderColor: token(tone),
    backgroundColor: token(tone),
    borderWidth: 2,
    pointRadius: dots ? 5 : 0,
    pointHoverRadius: 6,
    ...(bars ? { barThickness: 26 } : { showLine: !dots }),
  }))

async function draw(): Promise<void> {
  // sixty kilobytes that only who opens a curve waits for
  const { BarController, BarElement, Chart, LineController, LineElement, LinearScale, PointElement, Tooltip } =
    await import('chart.js')
  Chart.register(BarController, BarElement, LineController, LineElement, LinearScale, PointElement, Tooltip)
  if (!canvas.value) return
  chart?.destroy()
  const family = getComputedStyle(document.body).getPropertyValue('--label') || 'sans-serif'
  const ticks = { color: token('ink-2'), font: { family, size: 13 }, maxTicksLimit: 5 }
  chart = new Chart(canvas.value, {
    type: 'line',
    data: { datasets: datasets() },
    plugins: [names],
    options: {
      font: { family },
      responsive: true,
      maintainAspectRatio: false,
      animation: false,
      interaction: { mode: 'nearest', intersect: false },
      scales: {
        x: {
          type: 'linear',
          offset: props.curves.some(c => c.bars),
          title: { display: true, text: props.xLabel, color: token('ink-2'), font: { family, size: 13 } },
          ticks: { ...ticks, callback: v => props.xSay(Number(v)) },
          grid: { color: token('rule') },
        },
        y: {
          type: 'linear',
          ...(props.yFrom !== undefined && { suggestedMin: props.yFrom }),
          ticks: { ...ticks, callback: v => props.ySay(Number(v)) },
          grid: { color: token('rule') },
        },
      },
      plugins: {
        legend: { display: false },
        tooltip: {
          callbacks: {
            title: items => props.xSay(items[0]?.parsed.x ?? 0),
            label: item => `${item.dataset.label}: ${props.ySay(item.parsed.y ?? 0)}`,
          },
        },
      },
    },
  })
}
onMounted(() => {
  watch(() => [props.curves, props.label], draw, { immediate: true, deep: true })
})
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure class="curve">
    <div class="area" aria-hidden="true"><canvas ref="canvas" /></div>
    <div class="sr">
      <table>
        <caption>
          {{
            label
          }}
        </caption>
        <thead>
          <tr>
            <th scope="col">Curve</th>
            <th scope="col">{{ xLabel }}</th>
            <th scope="col">Figure</th>
          </tr>
        </thead>
        <tbody>
          <template v-for="c in curves" :key="c.name"
            ><tr v-for="(p, i) in c.points" :key="i">
              <th scope="row">{{ c.name }}</th>
              <td>{{ xSay(p.x) }}</td>
              <td>{{ ySay(p.y) }}</td>
            </tr></template
          >
        </tbody>
      </table>
    </div>
  </figure>
</template>

<style scoped>
.curve {
  position: relative;
  min-width: 0;
}
.area {
  position: relative;
  height: 190px;
}
</style>
