<script setup lang="ts">
import type { CompressionBody } from '#core/entries/compression/schema'
import { mlText, NO_WET_TEST, noWetTest, wetOil } from '#core/compression/wetOil'
import type { Quantity } from '#core/units/quantity'
import { COMPRESSION_FEELS, RELEASE_STATES, TEMPERATURES } from '#core/words/looks'
import { compressionBand } from '#core/spec/rulesOfThumb'
import { SPEC_SOURCES, specFor } from '#core/spec/specValue'
import { didYouMean } from '#core/spec/didYouMean'
import { convert } from '#core/units/unitConvert'

interface Draft {
  with: 'gauge' | 'feel'
  feel: CompressionBody['feel']
  dry: string
  wet: string
  oilMl: string
  unit: string
  throttle: 'open' | 'shut'
  pulls: string
  temperature: CompressionBody['temperature']
  release: CompressionBody['release']
  hose: string
  altitude: string
  note: string
}
const sheet = useSheet()
const facts = computed(() => sheet.job.value.facts)
const released = computed(() => facts.value.release !== 'none')
const blank = (): Draft => ({
  with: 'gauge',
  feel: null,
  dry: '',
  wet: '',
  oilMl: '',
  unit: sheet.policy.value.pressureUnit,
  throttle: 'open',
  pulls: '',
  temperature: 'cold',
  release: facts.value.release === 'none' ? 'none' : facts.value.release === 'unknown' ? 'unknown' : 'working',
  hose: '',
  altitude: '',
  note: '',
})
const quantity = (text: string, unit: string): Quantity | null =>
  figure(text) === null ? null : { value: typedFigure(text) as number, unit }
const form = useEntryForm<'compression', Draft>({
  kind: 'compression',
  byCylinder: true,
  blank,
  how: d => (d.with === 'gauge' ? 'measured' : 'by_feel'),
  toBody: d => ({
    feel: d.with === 'feel' ? d.feel : null,
    dry: d.with === 'gauge' ? quantity(d.dry, d.unit) : null,
    wet: d.with === 'gauge' ? quantity(d.wet, d.unit) : null,
    oilMl: d.with === 'gauge' && d.wet.trim() ? (sendable(figure(d.oilMl), d.oilMl ?? '') as number | null) : null,
    throttleOpen: d.throttle === 'open',
    pulls: typedFigure(d.pulls) as number | null,
    temperature: d.temperature,
    release: d.release,
    hoseMl: sendable(figure(d.hose), d.hose ?? '') as number | null,
    altitudeM: sendable(figure(d.altitude), d.altitude ?? '') as number | null,
    note: d.note || null,
  }),
  fromBody: b => ({
    with: b.dry ? 'gauge' : 'feel',
    feel: b.feel,
    dry: figureText(b.dry?.value),
    wet: figureText(b.wet?.value),
    oilMl: figureText(b.oilMl ?? null),
    unit: b.dry?.unit ?? sheet.policy.value.pressureUnit,
    throttle: b.throttleOpen ? 'open' : 'shut',
    pulls: figureText(b.pulls),
    temperature: b.temperature,
    release: b.release,
    hose: figureText(b.hoseMl),
    altitude: figureText(b.altitudeM),
    note: b.note ?? '',
  }),
})
const { draft } = form
/** no oil into a chamber that it would fill; a reading that is there already can still be corrected */
const dryOnly = computed(() => noWetTest(facts.value, sheet.job.value.machine.kind) && !draft.value.wet)
const oil = computed(() => wetOil(facts.value, sheet.job.value.spec))
const oilHint = computed(() =>
  oil.value
    ? `${mlText(oil.value.oilMl)} for this one: a tenth of its chamber.`
    : 'Bore, stroke and ratio on the sheet say how much is right.',
)
const doubt = computed(() => {
  const [dry, wet] = [figure(draft.value.dry), figure(draft.value.wet)]
  const typed = [dry, wet].find(
    v => v !== null && Number.isFinite(v) && v > 0 && didYouMean('compression', v, draft.value.unit)?.suggestion,
  )
  return typed === null || typed === undefined ? null : didYouMean('compression', typed, draft.value.unit)
})
const { judged } = form

/** a bar from nothing to half over the class's band, with the limit and both readings on it */
const band = computed(() => compressionBand(facts.value))
const limit = computed(() => {
  const { engineClass, displacementCc } = facts.value
  const figure = specFor('compression_limit', sheet.job.value.spec, engineClass, displacementCc)
  return figure?.source === 'rule_of_thumb' ? { ...figure, value: band.value.look } : figure
})
const full = computed(() => band.value.high * 1.25)
const ticks = computed(() => {
  const top = convert(full.value, 'kPa', draft.value.unit || 'bar')
  const step = [1, 2, 4, 10, 20, 25, 50, 100, 200, 400].find(s => top / s <= 8) ?? 500
  return Array.from({ length: Math.floor(top / step) + 1 }, (_, i) => ({
    text: String(i * step),
    kpa: convert(i * step, draft.value.unit || 'bar', 'kPa'),
  }))
})
const x = (kpa: number): number => 10 + 480 * Math.min(1, Math.max(0, kpa / full.value))
const kpaOf = (text: string): number | null => {
  const value = figure(text)
  return value === null || Number.isNaN(value) ? null : convert(value, draft.value.unit, 'kPa')
}
const shown = (kpa: number): string =>
  convert(kpa, 'kPa', draft.value.unit || 'bar').toFixed(draft.value.unit === 'bar' ? 1 : 0)
const readings = computed(() =>
  [
    { name: 'dry', kpa: kpaOf(draft.value.dry), up: true },
    { name: 'wet', kpa: kpaOf(draft.value.wet), up: false },
  ].flatMap(r => (r.kpa === null ? [] : [{ ...r, kpa: r.kpa }])),
)
</script>

<template>
  <form class="comp" @submit.prevent="form.submit()">
    <CylinderPick v-model="form.cylinder.value" :cylinders="form.cylinders" :fault="form.faultOf('ofCylinder')" />
    <ChipGroup v-model="draft.with" label="Taken with" :options="{ gauge: 'Gauge', feel: 'By feel' }" needed />
    <template v-if="draft.with === 'gauge'">
      <div class="grid2">
        <QuantityField
          v-model:text="draft.dry"
          v-model:unit="draft.unit"
          label="Dry"
          :units="['bar', 'psi', 'kPa']"
          kind="pressure"
          :fault="form.faultOf('dry')"
        />
        <p v-if="dryOnly" class="note">{{ NO_WET_TEST }} Use a leak-down.</p>
        <QuantityField
          v-else
          v-model:text="draft.wet"
          v-model:unit="draft.unit"
          label="Wet, a little oil in"
          :units="['bar', 'psi', 'kPa']"
          kind="pressure"
          :fault="form.faultOf('wet')"
          hint="Leave empty if not done."
        />
        <PlainField
          v-if="!dryOnly && draft.wet.trim()"
          v-model="draft.oilMl"
          label="Oil put in"
          suffix="mL"
          inputmode="decimal"
          :hint="oilHint"
          :fault="form.faultOf('oilMl')"
        />
      </div>
      <p v-if="doubt" class="note near" role="status">
        {{ doubt.message }}
        <ElButton link class="link" @click="draft.unit = doubt.suggestion?.unit ?? draft.unit">
          Yes, {{ doubt.suggestion?.unit }}
        </ElButton>
      </p>
      <svg
        viewBox="0 0 500 96"
        class="gauge"
        role="img"
        :aria-label="`Scale with the figure used, ${limit ? shown(limit.value) : ''}`"
      >
        <rect
          :x="x(band.low)"
          y="40"
          :width="x(band.high) - x(band.low)"
          height="16"
          fill="var(--good)"
          opacity=".22"
        />
        <text :x="(x(band.low) + x(band.high)) / 2" y="34" text-anchor="middle" font-size="13" fill="var(--good)">
          usual for the class
        </text>
        <path
          v-if="judged?.expected"
          :d="`M${x(judged.expected.lowKpa)} 86H${x(judged.expected.highKpa)}M${x(judged.expected.lowKpa)} 82v8M${x(judged.expected.highKpa)} 82v8`"
          stroke="var(--petrol)"
          stroke-width="1.6"
        />
        <text
          v-if="judged?.expected"
          :x="x(judged.expected.lowKpa) - 6"
          y="91"
          text-anchor="end"
          font-size="13"
          fill="var(--petrol)"
        >
          from its geometry
        </text>
        <path d="M10 56H490" stroke="var(--ink-2)" />
        <g v-for="t in ticks" :key="t.text">
          <path :d="`M${x(t.kpa)} 56v6`" stroke="var(--ink-2)" />
          <text :x="x(t.kpa)" y="76" text-anchor="middle" font-size="13" fill="var(--ink-2)">{{ t.text }}</text>
        </g>
        <g v-if="limit">
          <path :d="`M${x(limit.value)} 28V60`" stroke="var(--past)" stroke-width="2" stroke-dasharray="4 3" />
          <text :x="x(limit.value) - 4" y="34" text-anchor="end" font-size="13" fill="var(--past)">
            {{ SPEC_SOURCES[limit.source] }} {{ shown(limit.value) }}
          </text>
        </g>
        <g v-for="r in readings" :key="r.name">
          <path :d="r.up ? `M${x(r.kpa)} 54l-7-13h14z` : `M${x(r.kpa)} 57l-7 13h14z`" fill="var(--ink)" />
          <text :x="x(r.kpa) + 10" :y="r.up ? 50 : 70" font-size="14" font-weight="600" fill="var(--ink)">
            {{ r.name }}
          </text>
        </g>
      </svg>
    </template>
    <ChipGroup v-else v-model="draft.feel" label="Feels" :options="COMPRESSION_FEELS" :fault="form.faultOf('dry')" />
    <VerdictWords :judged="judged" />
    <template v-if="draft.with === 'gauge'">
      <ChipGroup v-model="draft.throttle" label="Throttle" :options="{ open: 'Held open', shut: 'Shut' }" needed />
      <ChipGroup v-model="draft.temperature" label="Engine" :options="TEMPERATURES" needed />
      <ChipGroup v-if="released" v-model="draft.release" label="Release" :options="RELEASE_STATES" needed />
      <div class="grid3 method">
        <PlainField v-model="draft.pulls" label="Pulls" inputmode="numeric" :fault="form.faultOf('pulls')" />
        <PlainField
          v-model="draft.hose"
          label="Hose before the valve"
          suffix="mL"
          inputmode="decimal"
          :fault="form.faultOf('hoseMl')"
        />
        <PlainField
          v-model="draft.altitude"
          :label="`Height, if not ${sheet.policy.value.altitudeM} m`"
          suffix="m"
          inputmode="numeric"
          :fault="form.faultOf('altitudeM')"
        />
      </div>
    </template>
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the compression"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    >
      <span class="lab caution">Plug lead to earth, no fuel spray near a spark, hands clear of blade and belt.</span>
    </FormFoot>
  </form>
</template>

<style scoped>
.comp {
  display: grid;
  gap: 10px;
  max-width: 760px;
}
.gauge {
  width: 100%;
  max-width: 560px;
  display: block;
}
.method {
  max-width: 560px;
}
.caution {
  flex: 1 1 240px;
}
</style>
