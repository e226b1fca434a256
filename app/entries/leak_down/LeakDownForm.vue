<script setup lang="ts">
import { LEAK_LIMITS } from '#core/compression/leakdown'
import { leakClassOf } from '#core/entries/leak_down/judge'
import type { HeardPlace } from '#core/words/looks'
import { HEARD } from '#core/words/looks'

interface Draft {
  reg: string
  cyl: string
  unit: string
  orifice: string
  heard: HeardPlace[]
  note: string
}
const sheet = useSheet()
const facts = computed(() => sheet.job.value.facts)
const form = useEntryForm<'leak_down', Draft>({
  kind: 'leak_down',
  byCylinder: true,
  blank: () => ({ reg: '', cyl: '', unit: sheet.policy.value.pressureUnit, orifice: '1', heard: [], note: '' }),
  how: () => 'measured',
  toBody: d => ({
    regulator: { value: typedFigure(d.reg) as number, unit: d.unit },
    cylinder: { value: typedFigure(d.cyl) as number, unit: d.unit },
    orificeMm: typedFigure(d.orifice) as number,
    heard: d.heard,
    note: d.note || null,
  }),
  fromBody: b => ({
    reg: String(b.regulator.value),
    cyl: String(b.cylinder.value),
    unit: b.regulator.unit,
    orifice: String(b.orificeMm),
    heard: [...b.heard],
    note: b.note ?? '',
  }),
})
const { draft } = form
const { judged } = form
const heardAt = computed(() => Object.fromEntries(places.value.map(k => [k, HEARD[k].label])))
const places = computed(() =>
  (Object.keys(HEARD) as HeardPlace[]).filter(
    k =>
      HEARD[k].strokes.includes(facts.value.cycle === 'two' ? 2 : 4) &&
      (k !== 'coolant_bubbles' || facts.value.cooling !== 'air') &&
      (k !== 'next_cylinder' || facts.value.cylinders > 1),
  ),
)
const limits = computed(() => LEAK_LIMITS[leakClassOf(facts.value)])
const pct = computed(() => {
  const [reg, cyl] = [figure(draft.value.reg), figure(draft.value.cyl)]
  return reg && cyl !== null && !Number.isNaN(reg) && !Number.isNaN(cyl) && cyl <= reg && cyl >= 0
    ? (100 * (reg - cyl)) / reg
    : null
})
const x = (p: number): number => 10 + 480 * Math.min(1, p / 60)
</script>

<template>
  <form class="leak" @submit.prevent="form.submit()">
    <CylinderPick v-model="form.cylinder.value" :cylinders="form.cylinders" :fault="form.faultOf('ofCylinder')" />
    <div class="grid2">
      <QuantityField
        v-model:text="draft.reg"
        v-model:unit="draft.unit"
        label="Regulator"
        :units="['bar', 'psi', 'kPa']"
        kind="pressure"
        :fault="form.faultOf('regulator')"
      />
      <QuantityField
        v-model:text="draft.cyl"
        v-model:unit="draft.unit"
        label="Cylinder holds"
        :units="['bar', 'psi', 'kPa']"
        kind="pressure"
        :fault="form.faultOf('cylinder')"
      />
    </div>
    <svg
      viewBox="0 0 500 74"
      class="scale"
      role="img"
      :aria-label="`Leak scale: good to ${limits[0]} %, fair to ${limits[1]} %, worn to ${limits[2]} %`"
    >
      <g
        v-for="[from, to, word, fill] in [
          [0, limits[0], 'good', 'var(--good)'],
          [limits[0], limits[1], 'fair', 'var(--good)'],
          [limits[1], limits[2], 'worn', 'var(--near)'],
          [limits[2], 60, 'bad', 'var(--past)'],
        ] as const"
        :key="word"
      >
        <rect
          :x="x(from)"
          y="26"
          :width="x(to) - x(from) - 1"
          height="14"
          :fill="fill"
          :opacity="word === 'good' ? 0.4 : 0.22"
        />
        <text :x="(x(from) + x(to)) / 2" y="20" text-anchor="middle" font-size="13" fill="var(--ink-2)">
          {{ word }}
        </text>
      </g>
      <text
        v-for="l in [0, ...limits, 60]"
        :key="l"
        :x="x(l)"
        y="58"
        text-anchor="middle"
        font-size="13"
        fill="var(--ink-2)"
      >
        {{ l }} %
      </text>
      <path
        v-if="pct !== null"
        :d="`M${x(pct)} 42l-7 12h14z M${x(pct)} 24V42`"
        fill="var(--ink)"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </svg>
    <MultiChips v-model="draft.heard" label="Heard at" :options="heardAt" />
    <VerdictWords :judged="judged" />
    <PlainField
      v-model="draft.orifice"
      label="Orifice of the tester"
      suffix="mm"
      inputmode="decimal"
      class="short"
      :fault="form.faultOf('orificeMm')"
    />
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the leak-down"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
      ><span class="lab caution"
        >Hold the crank: air will turn it. Blade and belt free, hands clear, eyes covered.</span
      ></FormFoot
    >
  </form>
</template>

<style scoped>
.leak {
  display: grid;
  gap: 10px;
  max-width: 760px;
}
.scale {
  width: 100%;
  max-width: 560px;
}
.short {
  max-width: 200px;
}
.caution {
  flex: 1 1 240px;
}
</style>
