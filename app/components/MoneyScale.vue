<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { moneyText } from '#core/units/money'
import type { DecisionView } from '#core/verdict/verdict'

/** Every way to go on one money scale: the bar holds eight chances in ten, the mark is what to expect. */
const props = defineProps<{ decision: DecisionView; currency: string; chosen?: string | null; wide?: boolean }>()
const emit = defineEmits<{ pick: [id: string] }>()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const W = computed(() => Math.max(220, width.value || 300))
const left = computed(() => (props.wide && W.value > 560 ? 212 : 2))
const rowH = computed(() => (left.value > 2 ? 36 : 46))

const costs = computed(() => props.decision.options.map(o => ({ ...o, low: o.p10, top: o.p90 })))
const shareLine = computed(() =>
  props.decision.money.running ? (props.decision.money.running * props.decision.money.shareLimitPct) / 100 : null,
)
const most = computed(
  () => Math.max(10, ...costs.value.map(o => o.top), props.decision.money.cap ?? 0, shareLine.value ?? 0) * 1.06,
)
const step = computed(() => {
  const raw = most.value / (W.value > 560 ? 5 : 3.4)
  const size = 10 ** Math.floor(Math.log10(raw))
  return [1, 2, 2.5, 5, 10].map(k => k * size).find(s => s >= raw) ?? raw
})
const ticks = computed(() => Array.from({ length: Math.floor(most.value / step.value) + 1 }, (_, i) => i * step.value))
const x = (v: number): number => left.value + ((W.value - left.value - 6) * Math.max(0, v)) / most.value
const H = computed(() => 24 + costs.value.length * rowH.value)
/** two labels that would lie on each other stand one below the other */
const close = computed(
  () =>
    shareLine.value !== null &&
    props.decision.money.cap !== null &&
    Math.abs(x(shareLine.value) - x(props.decision.money.cap)) < 130,
)
const foot = computed(() => (close.value ? 38 : 24))
const cash = (v: number): string => moneyText(v, props.currency)
const anchorAt = (v: number): 'start' | 'end' => (x(v) > W.value * 0.75 ? 'end' : 'start')
/** words of a row stand where its bar leaves room */
const wordsX = (o: { low: number; top: number }): { x: number; anchor: 'start' | 'end' } =>
  x(o.low) - left.value > 190 ? { x: x(o.low) - 10, anchor: 'end' } : { x: x(o.top) + 12, anchor: 'start' }
function remark(o: DecisionView['options'][number]): string {
  if (o.ruledOut) return `ruled out: ${o.ruledOut}`
  if (!o.mends) return `brings ${cash(o.net)}`
  if (!o.allowed) return "past the owner's cap"
  return `leaves ${cash(o.net)}`
}
</script>

<template>
  <div ref="box" :class="{ wide }">
    <svg
      :viewBox="`0 0 ${W} ${H + foot}`"
      :width="W"
      :height="H + foot"
      class="scale"
      role="group"
      aria-label="Ways to go on one money scale"
    >
      <g font-size="14" fill="var(--ink-2)">
        <text
          v-for="t in ticks"
          :key="t"
          :x="x(t)"
          y="13"
          :text-anchor="t === 0 ? 'start' : x(t) > W - 24 ? 'end' : 'middle'"
        >
          {{ t.toLocaleString('en-GB') }}
        </text>
      </g>
      <path :d="`M${left} 19H${W}`" stroke="var(--rule-2)" />
      <path v-for="t in ticks" :key="`g${t}`" :d="`M${x(t)} 19V${H}`" stroke="var(--rule)" />
      <g v-if="shareLine !== null">
        <path :d="`M${x(shareLine)} 19V${H + 4}`" stroke="var(--near)" stroke-dasharray="2 3" stroke-width="1.5" />
        <text
          :x="x(shareLine)"
          :y="H + (close ? 33 : 18)"
          font-size="14"
          fill="var(--near)"
          :text-anchor="anchorAt(shareLine)"
        >
          {{ decision.money.shareLimitPct }} % of value
        </text>
      </g>
      <g v-if="decision.money.cap !== null">
        <path
          :d="`M${x(decision.money.cap)} 19V${H + 4}`"
          stroke="var(--past)"
          stroke-dasharray="6 3"
          stroke-width="1.6"
        />
        <text
          :x="x(decision.money.cap)"
          :y="H + 18"
          font-size="14"
          fill="var(--past)"
          :text-anchor="anchorAt(decision.money.cap)"
        >
          cap {{ cash(decision.money.cap) }}
        </text>
      </g>
      <g
        v-for="(o, i) in costs"
        :key="o.entryId"
        class="row"
        :class="{
          best: o.entryId === decision.verdict?.bestId,
          off: o.ruledOut || !o.allowed,
          chosen: o.entryId === chosen,
        }"
        @click="emit('pick', o.entryId)"
      >
        <rect
          v-if="wide"
          x="0"
          :y="24 + i * rowH"
          :width="W"
          :height="rowH - 4"
          :fill="o.entryId === chosen ? 'var(--petrol-wash)' : 'transparent'"
        />
        <rect
          v-if="o.entryId === decision.verdict?.bestId"
          x="0"
          :y="24 + i * rowH"
          width="4"
          :height="rowH - 4"
          fill="var(--petrol)"
        />
        <text
          :x="left > 2 ? 12 : 8"
          :y="24 + i * rowH + (left > 2 ? 21 : 15)"
          font-size="16"
          font-weight="600"
          class="name"
        >
          {{ o.name.length > 26 ? `${o.name.slice(0, 25)}…` : o.name }}
        </text>
        <template v-if="!o.ruledOut">
          <rect
            :x="x(o.low)"
            :y="24 + i * rowH + (left > 2 ? 9 : 21)"
            :width="Math.max(3, x(o.top) - x(o.low))"
            height="14"
            class="bar"
          />
          <rect :x="x(o.mean) - 2" :y="24 + i * rowH + (left > 2 ? 6 : 19)" width="4" height="19" class="mean" />
        </template>
        <text
          v-if="left > 2"
          :x="wordsX(o).x"
          :text-anchor="wordsX(o).anchor"
          :y="24 + i * rowH + 21"
          font-size="14.5"
          class="remark"
        >
          {{ remark(o) }}
        </text>
        <text v-else :x="W - 4" text-anchor="end" :y="24 + i * rowH + 15" font-size="13.5" class="remark">
          {{ o.ruledOut ? 'ruled out' : remark(o) }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.scale {
  display: block;
  max-width: 100%;
}
.row {
  cursor: pointer;
}
.name {
  fill: var(--ink);
}
.bar {
  fill: var(--ink-2);
  opacity: 0.34;
}
.mean {
  fill: var(--ink);
}
.best .bar {
  fill: var(--petrol);
  opacity: 0.42;
}
.best .mean {
  fill: var(--petrol);
}
.remark {
  paint-order: stroke;
  stroke: var(--halo, var(--sheet-2));
  stroke-width: 5px;
  stroke-linejoin: round;
}
.remark {
  fill: var(--ink-2);
}
.wide {
  --halo: var(--sheet);
}
.wide .chosen {
  --halo: var(--petrol-wash);
}
.off .name {
  fill: var(--open);
}
.off .bar,
.off .mean {
  opacity: 0.22;
}
</style>
