<script setup lang="ts">
import type { FillDraft } from '~/utils/sheetDraft'

/** Pour, wait, read, write down: the stick of this engine, point by point, drawn as it fills. */
const props = defineProps<{ fault: string }>()
const draft = defineModel<FillDraft>({ required: true })
const points = computed(() =>
  draft.value.rows
    .flatMap(({ reading, ml }) => {
      const [r, v] = [figure(reading), figure(ml)]
      return r !== null && v !== null && Number.isFinite(r) && Number.isFinite(v) ? [[r, v] as const] : []
    })
    .sort((a, b) => a[0] - b[0]),
)
const marks = computed(() =>
  (
    [
      ['low', figure(draft.value.lowAt)],
      ['full', figure(draft.value.fullAt)],
    ] as const
  ).flatMap(([name, at]) => (at !== null && Number.isFinite(at) ? [{ name, at }] : [])),
)
const box = computed(() => {
  const readings = [...points.value.map(p => p[0]), ...marks.value.map(m => m.at)]
  const [low, high] = [Math.min(...readings, 0), Math.max(...readings, 10)]
  const top = Math.max(...points.value.map(p => p[1]), 100) * 1.08
  return {
    x: (ml: number) => 40 + (240 * ml) / top,
    y: (r: number) => 178 - (160 * (r - low)) / (high - low || 1),
    top,
  }
})
const line = computed(() => points.value.map(([r, ml]) => `${box.value.x(ml)},${box.value.y(r)}`).join(' '))
</script>

<template>
  <div class="filltable">
    <ElCheckbox v-model="draft.on">This engine has a fill table</ElCheckbox>
    <template v-if="draft.on">
      <p class="note">
        Machine upright. Pour a known amount, wait till it has settled, read, write down, go on. Ten minutes once, and
        every later reading on this engine is in {{ draft.kind === 'level' ? 'mm of stick' : 'mm from the rim' }}.
      </p>
      <ChipGroup
        v-model="draft.kind"
        label="Read"
        :options="{ level: 'Up the stick or glass', ullage: 'Down from the rim' }"
        needed
      />
      <div class="both">
        <div class="rows">
          <div v-for="(row, i) in draft.rows" :key="i" class="row">
            <PlainField v-model="row.reading" :label="`Reading ${i + 1}`" suffix="mm" inputmode="decimal" />
            <PlainField v-model="row.ml" :label="`Oil in it ${i + 1}`" suffix="mL" inputmode="decimal" />
            <ElButton link class="link" :aria-label="`Take point ${i + 1} out`" @click="draft.rows.splice(i, 1)">
              Take out
            </ElButton>
          </div>
          <ElButton class="dash" @click="draft.rows.push({ reading: '', ml: '' })"> Another point </ElButton>
          <div class="row">
            <PlainField v-model="draft.lowAt" label="Low mark reads" suffix="mm" inputmode="decimal" /><PlainField
              v-model="draft.fullAt"
              label="Full mark reads"
              suffix="mm"
              inputmode="decimal"
            />
          </div>
          <p v-if="props.fault" class="fault">{{ props.fault }}</p>
        </div>
        <svg viewBox="0 0 300 200" role="img" aria-label="Reading over oil poured in">
          <path d="M40 14V178H290" fill="none" stroke="var(--ink-2)" />
          <text x="40" y="196" font-size="12" fill="var(--ink-2)">0</text>
          <text x="284" y="196" font-size="12" text-anchor="end" fill="var(--ink-2)">{{ Math.round(box.top) }} mL</text>
          <text x="6" y="16" font-size="12" fill="var(--ink-2)">mm</text>
          <g v-for="m in marks" :key="m.name">
            <path :d="`M40 ${box.y(m.at)}H288`" stroke="var(--ink)" stroke-dasharray="5 4" opacity=".6" />
            <text x="284" :y="box.y(m.at) - 4" font-size="13" text-anchor="end" fill="var(--ink)">{{ m.name }}</text>
          </g>
          <polyline :points="line" fill="none" stroke="var(--petrol)" stroke-width="2" />
          <circle v-for="(p, i) in points" :key="i" :cx="box.x(p[1])" :cy="box.y(p[0])" r="4" fill="var(--petrol)" />
        </svg>
      </div>
    </template>
  </div>
</template>

<style scoped>
.filltable {
  display: grid;
  gap: 10px;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 460px) minmax(0, 340px);
  gap: 24px;
  align-items: start;
}
svg {
  width: 100%;
}
.rows {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 8px;
  align-items: end;
  width: 100%;
}
.row .link {
  min-height: 44px;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
