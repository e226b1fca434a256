<script setup lang="ts">
import { useElementSize } from '@vueuse/core'

/** The bore unrolled: along the crank, across it, and round again. How far each reading stands over the standard size is drawn large. */
const props = defineProps<{
  rows: (readonly [number | null, number | null])[]
  nominal: number | null
  limit: number | null
  unit: string
}>()
const W = 104
const root = useTemplateRef<SVGSVGElement>('root')
const { width } = useElementSize(root)
/** where there is little room the way round again is left out: it reads the same */
const columns = computed(() => (width.value && width.value < 420 ? 2 : 4))
const sides = computed(() => SIDES.slice(0, columns.value))
const H = 190
const y = (i: number): number => 30 + (props.rows.length < 2 ? 0 : (i * (H - 44)) / (props.rows.length - 1))
const over = (value: number | null): number | null =>
  value === null || props.nominal === null ? null : value - props.nominal
const most = computed(() => Math.max(props.limit ?? 0, ...props.rows.flat().map(v => Math.abs(over(v) ?? 0)), 1e-6))
const x = (column: number, value: number | null): number => 54 + column * W + (44 * (over(value) ?? 0)) / most.value
const past = (value: number | null): boolean => props.limit !== null && (over(value) ?? 0) > props.limit
const text = (value: number | null): string => {
  const o = over(value)
  return o === null ? '' : `${o < 0 ? '−' : '+'}${Math.abs(o).toFixed(props.unit === 'in' ? 4 : 2)}`
}
const SIDES = [
  ['0°', 0, 'along the crank'],
  ['90°', 1, 'across it'],
  ['180°', 0, ''],
  ['270°', 1, ''],
] as const
</script>

<template>
  <svg
    ref="root"
    :viewBox="`0 0 ${columns * W + 62} ${H + 34}`"
    role="img"
    aria-label="The bore unrolled, each reading over the standard size"
  >
    <rect
      x="10"
      y="18"
      :width="columns * W + 46"
      :height="H - 14"
      fill="var(--sheet-2)"
      stroke="var(--ink)"
      stroke-width="1.6"
    />
    <g v-for="([deg, axis, word], c) in sides" :key="deg">
      <path :d="`M${54 + c * W} 18V${H + 4}`" stroke="var(--edge)" stroke-dasharray="3 4" />
      <path
        v-if="limit"
        :d="`M${54 + c * W + (44 * limit) / most} 18V${H + 4}`"
        stroke="var(--past)"
        stroke-width="1.2"
        stroke-dasharray="6 4"
      />
      <path
        v-if="rows.every(r => r[axis] !== null)"
        :d="`M${54 + c * W} ${y(0)}${rows.map((r, i) => `L${x(c, r[axis])} ${y(i)}`).join('')}L${54 + c * W} ${y(rows.length - 1)}Z`"
        fill="var(--near)"
        opacity=".22"
      />
      <g v-for="(r, i) in rows" :key="i">
        <template v-if="r[axis] !== null">
          <circle :cx="x(c, r[axis])" :cy="y(i)" r="5" :fill="past(r[axis]) ? 'var(--past)' : 'var(--ink)'" />
          <text
            :x="x(c, r[axis]) + 9"
            :y="y(i) + 5"
            font-size="15"
            :fill="past(r[axis]) ? 'var(--past)' : 'var(--ink)'"
          >
            {{ text(r[axis]) }}
          </text>
        </template>
      </g>
      <text :x="54 + c * W" y="12" font-size="14" text-anchor="middle" fill="var(--ink-2)">{{ deg }}</text>
      <text :x="54 + c * W" :y="H + 22" font-size="14" text-anchor="middle" fill="var(--ink-2)">{{ word }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 640px;
  font-family: var(--label);
}
</style>
