<script setup lang="ts">
/** Rich to lean: where the maker stands, and where the can does. */
const props = defineProps<{ maker: number; can: number | null }>()
const x = (ratio: number): number =>
  16 + (308 * (Math.log(Math.min(110, Math.max(14, ratio))) - Math.log(14))) / (Math.log(110) - Math.log(14))
const near = computed(() => props.can !== null && Math.abs(x(props.can) - x(props.maker)) < 60)
</script>

<template>
  <svg
    viewBox="0 0 340 116"
    class="ratio"
    role="img"
    :aria-label="`Maker ${maker} to 1${can ? `, this can ${Math.round(can)} to 1` : ''}`"
  >
    <rect x="16" y="42" :width="x(maker / 1.5) - 16" height="18" fill="var(--near-wash)" />
    <rect :x="x(maker / 1.5)" y="42" :width="x(maker * 1.02) - x(maker / 1.5)" height="18" fill="#bcd3c4" />
    <rect :x="x(maker * 1.02)" y="42" :width="324 - x(maker * 1.02)" height="18" fill="#e8c4bc" />
    <path d="M16 60H324" stroke="var(--ink-2)" />
    <g v-for="r in [16, 20, 25, 32, 40, 50, 60, 80, 100]" :key="r">
      <path :d="`M${x(r)} 60v5`" stroke="var(--ink-2)" />
      <text :x="x(r)" y="79" text-anchor="middle" font-size="13" fill="var(--ink-2)">{{ r }}</text>
    </g>
    <path :d="`M${x(maker)} 34V62`" stroke="var(--ink)" stroke-width="3" />
    <text :x="x(maker)" y="28" text-anchor="middle" font-size="14" font-weight="600" fill="var(--ink)">maker</text>
    <g v-if="can !== null">
      <path :d="`M${x(can)} ${near ? 18 : 34}V62`" stroke="var(--past)" stroke-width="3" />
      <text :x="x(can)" :y="near ? 13 : 28" text-anchor="middle" font-size="14" font-weight="600" fill="var(--past)">
        this can
      </text>
    </g>
    <text x="16" y="102" font-size="13" fill="var(--ink-2)">more oil: smoke, fouled plug</text>
    <text x="324" y="102" text-anchor="end" font-size="13" fill="var(--ink-2)">less oil: scored bore</text>
  </svg>
</template>

<style scoped>
.ratio {
  width: 100%;
  max-width: 420px;
  display: block;
}
</style>
