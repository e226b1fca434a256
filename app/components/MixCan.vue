<script setup lang="ts">
import type { CanLayers } from '#core/mix/mixPlan'

/** The can with what is in it, what is poured off and what goes in, to scale. */
const props = defineProps<{ layers: CanLayers | null; canMl: number; show: (ml: number) => string }>()
const BOTTOM = 366
const HEIGHT = 306
const held = computed(() => Math.max(props.canMl, (props.layers?.fuelMl ?? 0) + (props.layers?.oilMl ?? 0), 1))
const y = (ml: number): number => BOTTOM - HEIGHT * Math.min(1, Math.max(0, ml / held.value))
const now = computed(() => (props.layers?.fuelMl ?? 0) + (props.layers?.oilMl ?? 0))
const left = computed(() => now.value - (props.layers?.drainMl ?? 0))
const share = computed(() => (now.value ? left.value / now.value : 1))
const fuelTop = computed(() => y((props.layers?.fuelMl ?? 0) * share.value))
const oilTop = computed(() => y(left.value))
const addTop = computed(() => y(left.value + (props.layers?.addMl ?? 0)))
const marks = computed(() => {
  const raw = held.value / 4
  const size = 10 ** Math.floor(Math.log10(raw))
  const step = [1, 2, 2.5, 5, 10].map(k => k * size).find(s => s >= raw) ?? raw
  return Array.from({ length: Math.floor(held.value / step) }, (_, i) => (i + 1) * step)
})
/** words beside the layers, kept apart where layers are thin */
const words = computed(() => {
  const l = props.layers
  if (!l) return []
  const rows = [
    ...(l.addOf && l.addMl > 0
      ? [{ y: addTop.value, text: `+ ${props.show(l.addMl)} ${l.addOf}`, fill: 'var(--petrol)' }]
      : []),
    ...(l.drainMl > 0
      ? [{ y: oilTop.value - 30, text: `− ${props.show(l.drainMl)} poured off`, fill: 'var(--past)' }]
      : []),
    ...(l.oilMl > 0
      ? [{ y: oilTop.value + 6, text: `${props.show(l.oilMl * share.value)} oil in it`, fill: 'var(--near)' }]
      : []),
    ...(l.fuelMl > 0
      ? [{ y: (fuelTop.value + BOTTOM) / 2, text: `${props.show(l.fuelMl * share.value)} fuel`, fill: 'var(--ink-2)' }]
      : []),
  ].sort((a, b) => a.y - b.y)
  let last = -99
  return rows.map(r => {
    last = Math.max(r.y + 4, last + 19)
    return { ...r, y: last }
  })
})
</script>

<template>
  <svg viewBox="0 0 330 386" class="can" role="img" :aria-label="words.map(w => w.text).join(', ') || 'An empty can'">
    <path
      d="M94 12h42v30h24q22 0 22 22v284q0 20-20 20H68q-20 0-20-20V64q0-22 22-22h24z"
      fill="var(--sheet)"
      stroke="var(--ink-2)"
      stroke-width="1.8"
    />
    <clipPath id="inside">
      <path d="M95 13h40v30h25q21 0 21 21v284q0 19-19 19H68q-19 0-19-19V64q0-21 21-21h25z" />
    </clipPath>
    <g clip-path="url(#inside)">
      <rect x="48" :y="fuelTop" width="134" :height="400" fill="#d7e1de" />
      <rect x="48" :y="oilTop" width="134" :height="Math.max(0, fuelTop - oilTop)" fill="var(--oil)" />
      <rect
        v-if="layers?.addOf"
        x="48"
        :y="addTop"
        width="134"
        :height="Math.max(0, oilTop - addTop)"
        :fill="layers.addOf === 'oil' ? 'var(--oil)' : '#d7e1de'"
        opacity=".55"
      />
      <path
        v-if="layers?.addOf"
        :d="`M48 ${addTop}H182`"
        stroke="var(--petrol)"
        stroke-width="2.2"
        stroke-dasharray="5 3"
      />
    </g>
    <g v-for="m in marks" :key="m">
      <path :d="`M40 ${y(m)}H58`" stroke="var(--ink-2)" stroke-width="1.4" />
      <text x="35" :y="y(m) + 5" text-anchor="end" font-size="13" fill="var(--ink-2)">
        {{ (m / 1000).toLocaleString('en-GB') }}
      </text>
    </g>
    <text x="35" y="30" text-anchor="end" font-size="13" fill="var(--ink-2)">L</text>
    <text v-for="w in words" :key="w.text" x="192" :y="w.y" font-size="15" font-weight="600" :fill="w.fill">
      {{ w.text }}
    </text>
  </svg>
</template>

<style scoped>
.can {
  width: 100%;
  max-width: 330px;
  display: block;
}
</style>
