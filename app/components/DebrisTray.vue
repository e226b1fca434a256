<script setup lang="ts">
import type { DebrisItem } from '#core/debris/debrisScore'

/** The tray that was held under the drain: what lies in it, by material, amount and size. */
const props = defineProps<{ items: DebrisItem[] }>()
const PAINT: Record<string, string> = {
  aluminium: '#a9b0b3',
  iron_chips: '#4b5053',
  iron_paste: '#55524c',
  bearing_flake: '#6d7780',
  bronze: '#b07a2a',
  babbitt: '#b8b2a4',
  friction_fibre: '#7d5b3b',
  carbon: '#1d1611',
  sealant: '#b5462f',
  plastic: '#d8d5c8',
  grit: '#9b8258',
  emulsion: '#d9cdb5',
  unknown: '#8e8a80',
}
const COUNT: Record<string, number> = { none: 0, trace: 5, some: 14, much: 34, mass: 60 }

/** the same sample always lies the same way */
function scatter(seed: number): () => number {
  let state = (seed * 2654435761) % 4294967296 || 1
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return state / 4294967296
  }
}
const bits = computed(() =>
  props.items.flatMap((item, i) => {
    const next = scatter(i + 3)
    const size = Math.min(13, Math.max(1.6, Math.log10((item.largestUm ?? 200) / 20) * 4.2))
    return Array.from({ length: COUNT[item.amount] ?? 0 }, (_, k) => {
      const [x, y, s, turn] = [
        24 + next() * 252,
        22 + next() * 96,
        size * (k === 0 ? 1 : 0.3 + next() * 0.6),
        next() * 180,
      ]
      return { key: `${i}-${k}`, x, y, s, turn, paint: PAINT[item.material] ?? '#8e8a80' }
    })
  }),
)
</script>

<template>
  <svg
    viewBox="0 0 300 140"
    class="tray"
    role="img"
    :aria-label="items.length ? `Tray with ${items.length} kinds of debris` : 'Empty tray'"
  >
    <rect x="3" y="3" width="294" height="134" rx="14" fill="#3a2a14" />
    <rect x="10" y="10" width="280" height="120" rx="10" fill="#6b4a1d" />
    <path d="M18 112q90 14 190 4t74-2" stroke="#8d6a34" stroke-width="2" fill="none" />
    <path
      v-for="b in bits"
      :key="b.key"
      :transform="`translate(${b.x} ${b.y}) rotate(${b.turn})`"
      :d="`M${-b.s} ${-b.s * 0.5}L${b.s * 0.6} ${-b.s * 0.7}L${b.s} ${b.s * 0.4}L${-b.s * 0.5} ${b.s * 0.7}z`"
      :fill="b.paint"
      stroke="#00000055"
      stroke-width=".6"
    />
  </svg>
</template>

<style scoped>
.tray {
  width: 100%;
  max-width: 420px;
  display: block;
}
</style>
