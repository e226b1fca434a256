<script setup lang="ts">
import dayjs from 'dayjs'
import type { PieceSizes } from '#core/entries/debris/samples'
import { MATERIAL_WORDS } from '#core/words/looks'
import type { Curve } from '~/components/CurveChart.vue'

/** How large the pieces of one place were, sample by sample. */
const props = defineProps<{ sizes: PieceSizes[] }>()
const TONES = ['petrol', 'past', 'near', 'ink'] as const
const curves = computed((): Curve[] =>
  props.sizes.map(({ material, points }, i) => ({
    name: MATERIAL_WORDS[material],
    tone: TONES[i % TONES.length] ?? 'ink',
    points: points.map(p => ({ x: Date.parse(p.at), y: p.largestUm / 1000 })),
    dots: points.length === 1,
    peak: true,
  })),
)
const millimetres = (y: number): string => `${Number(y.toPrecision(3))} mm`
const day = (x: number): string => dayjs(x).format('D MMM HH:mm')
</script>

<template>
  <CurveChart
    label="Largest pieces, sample by sample"
    :curves="curves"
    x-label="sample taken"
    :x-say="day"
    :y-say="millimetres"
    :y-from="0"
  />
</template>
