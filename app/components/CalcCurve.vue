<script setup lang="ts">
import type { CalcCurves } from '#core/registry/curves'
import type { Curve } from './CurveChart.vue'

/** What a calculator answers while one of its inputs runs. */
const props = defineProps<{ drawn: CalcCurves }>()
const TONES = ['petrol', 'past', 'near'] as const
const curves = computed((): Curve[] =>
  props.drawn.curves.map((c, i) => ({
    ...{ ...c, tone: TONES[i] ?? 'ink', peak: c.bars ?? i === 0 },
    // they begin and end together: each is named where it stands apart
    ...(i > 0 && { nameAt: { share: i === 1 ? 0.4 : 0.3, under: i === 1 } }),
  })),
)
const rounded = (x: number): string => Number(x.toPrecision(4)).toLocaleString('en-GB', { maximumFractionDigits: 4 })
const xSay = (x: number): string => `${rounded(props.drawn.powersOfTwo ? 2 ** x : x)} ${props.drawn.xUnit}`
const ySay = (y: number): string => `${rounded(y)} ${props.drawn.yUnit}`
</script>

<template>
  <CurveChart
    :label="drawn.label"
    :curves="curves"
    :x-label="drawn.xLabel"
    :x-say="xSay"
    :y-say="ySay"
    :y-from="drawn.powersOfTwo ? 0 : undefined"
  />
</template>
