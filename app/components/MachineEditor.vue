<script setup lang="ts">
import {
  BEARINGS,
  BORE,
  CLUTCH,
  COOLING,
  CYCLES,
  DRAIN_PLUG,
  ENGINE_CLASSES,
  FOLLOWERS,
  FUEL_FEED,
  GOVERNOR,
  HEAD,
  IGNITION,
  MACHINE_KINDS,
  OILING,
  OIL_FILTER,
  OIL_SHOWS,
  RELEASE,
  VALVES,
} from '#core/engine/words'
import { METER_SOURCES, METER_UNITS } from '#core/words/counter'
import type { MachineKind } from '#core/engine/words'
import { compressionBand } from '#core/spec/rulesOfThumb'
import { SPEC_SOURCES } from '#core/spec/specValue'
import { shownIn } from '#core/units/unitRound'

/** The machine, its engine facts and the figures of its sheet. Only what matters for this engine is asked. */
const props = defineProps<{ faults: Fault[]; pressureUnit: string; noSheet?: boolean; noMeter?: boolean }>()
const draft = defineModel<MachineDraft>({ required: true })
const KINDS = Object.fromEntries(Object.entries(MACHINE_KINDS).map(([k, v]) => [k, v.label])) as Record<
  MachineKind,
  string
>
const fault = (field: string): string =>
  props.faults.find(f => f.field === field || f.field.endsWith(`.${field}`))?.message ?? ''
/** a fault of a figure is never folded away */
const specOpen = ref(false)
watch(
  () => props.faults,
  faults => {
    if (faults.some(f => f.field.startsWith('spec'))) specOpen.value = true
  },
)
const two = computed(() => draft.value.facts.cycle === 'two')
const sump = computed(() => !two.value)
const thumb = computed(() => shownIn(compressionBand(draft.value.facts).look, 'kPa', props.pressureUnit))
const SHEET = [
  { item: 'oil_capacity', label: 'Whole oil fill', units: ['mL', 'L', 'US_floz'], kind: 'volume', sump: true },
  { item: 'oil_full_mark', label: 'Oil at the full mark', units: ['mL', 'L', 'US_floz'], kind: 'volume', sump: true },
  { item: 'oil_low_mark', label: 'Oil at the low mark', units: ['mL', 'L', 'US_floz'], kind: 'volume', sump: true },
  {
    item: 'compression_limit',
    label: 'Least compression',
    units: ['bar', 'psi', 'kPa'],
    kind: 'pressure',
    sump: false,
  },
  {
    item: 'compression_with_release',
    label: 'Least, release working',
    units: ['bar', 'psi', 'kPa'],
    kind: 'pressure',
    sump: false,
  },
  { item: 'oil_change', label: 'Oil change every', units: ['h'], kind: 'hours', sump: true },
] as const
const asked = computed(() =>
  SHEET.filter(
    s => (!s.sump || sump.value) && (s.item !== 'compression_with_release' || draft.value.facts.release !== 'none'),
  ),
)
/** how many of the further facts are known */
const further = computed(() => {
  const f = draft.value.facts
  const all = two.value
    ? [f.clutch, f.ignition]
    : [f.clutch, f.valves, f.followers, f.bearings, f.head, f.ignition, f.drainPlug, f.governor, f.oilFilter]
  return `${all.filter(v => v !== 'unknown').length} of ${all.length} known`
})
const geared = computed(() => ['M4', 'V2'].includes(draft.value.facts.engineClass))
const twoOiling: Partial<typeof OILING> = {
  premix: OILING.premix,
  injection: OILING.injection,
  unknown: OILING.unknown,
}
const fourOiling: Partial<typeof OILING> = {
  splash: OILING.splash,
  pump_wet: OILING.pump_wet,
  pump_dry: OILING.pump_dry,
  unknown: OILING.unknown,
}
function pick(kind: MachineKind | ''): void {
  draft.value.kind = kind
  if (kind) applyKind(draft.value, kind)
}
</script>

<template>
  <div class="machine">
    <div class="grid3">
      <PickField
        :model-value="draft.kind"
        label="Kind of machine"
        :options="KINDS"
        empty="choose"
        :fault="fault('kind')"
        @update:model-value="pick"
      />
      <PlainField v-model="draft.name" label="Make, model, as on the machine" :fault="fault('name')" />
      <PlainField v-model="draft.serial" label="Serial number" :fault="fault('serial')" />
    </div>
    <div class="grid4">
      <template v-if="!noMeter">
        <PlainField
          v-model="draft.meter"
          label="Running time"
          inputmode="decimal"
          hint="Empty if nobody knows."
          :fault="fault('meterReading')"
        />
        <PickField v-model="draft.meterUnit" label="In" :options="METER_UNITS" />
        <PickField v-model="draft.meterSource" label="Which is" :options="METER_SOURCES" />
      </template>
      <PlainField
        v-model="draft.facts.displacementCc"
        label="Size"
        suffix="cc"
        inputmode="decimal"
        :fault="fault('displacementCc')"
      />
    </div>
    <div v-if="draft.kind" class="facts">
      <ChipGroup
        :model-value="draft.facts.cycle"
        label="Cycle"
        :options="CYCLES"
        needed
        @update:model-value="c => c && applyCycle(draft, c)"
      />
      <ChipGroup
        v-model="draft.facts.oiling"
        label="Oiling"
        :options="two ? twoOiling : fourOiling"
        needed
        :fault="fault('oiling')"
      />
      <ChipGroup v-if="sump" v-model="draft.facts.oilShows" label="Oil shows by" :options="OIL_SHOWS" needed />
      <ChipGroup v-model="draft.facts.release" label="Release" :options="RELEASE" needed />
      <ChipGroup v-model="draft.facts.bore" label="Bore" :options="BORE" needed />
      <ChipGroup v-model="draft.facts.fuelFeed" label="Fuel feed" :options="FUEL_FEED" needed />
      <ChipGroup v-model="draft.facts.cooling" label="Cooling" :options="COOLING" needed />
      <div class="grid4 short">
        <PickField v-model="draft.facts.engineClass" label="Rules of thumb of" :options="ENGINE_CLASSES" />
        <PlainField
          v-if="two"
          v-model="draft.facts.mixRatio"
          label="Maker's mix, fuel to 1 of oil"
          suffix=": 1"
          inputmode="decimal"
          :fault="fault('mixRatio')"
        />
        <PlainField v-model="draft.facts.cylinders" label="Cylinders" inputmode="numeric" :fault="fault('cylinders')" />
      </div>
    </div>
    <FoldedPart v-if="draft.kind" class="sheet">
      <template #title
        ><span>
          <b>More that changes a diagnosis</b>
          <span class="lab">{{ further }}; the rest stays unknown and does no harm.</span>
        </span></template
      >
      <div class="facts">
        <ChipGroup
          v-if="geared || two || draft.facts.clutch !== 'unknown'"
          v-model="draft.facts.clutch"
          label="Clutch"
          :options="CLUTCH"
          needed
        />
        <template v-if="!two">
          <ChipGroup v-model="draft.facts.valves" label="Valves" :options="VALVES" needed />
          <ChipGroup v-model="draft.facts.followers" label="Followers" :options="FOLLOWERS" needed />
          <ChipGroup v-model="draft.facts.bearings" label="Bearings" :options="BEARINGS" needed />
          <ChipGroup v-model="draft.facts.head" label="Head" :options="HEAD" needed />
          <ChipGroup v-model="draft.facts.drainPlug" label="Drain plug" :options="DRAIN_PLUG" needed />
          <ChipGroup v-if="!geared" v-model="draft.facts.governor" label="Governor" :options="GOVERNOR" needed />
          <ChipGroup v-model="draft.facts.oilFilter" label="Oil filter" :options="OIL_FILTER" needed />
        </template>
        <ChipGroup v-model="draft.facts.ignition" label="Timing" :options="IGNITION" needed />
      </div>
    </FoldedPart>
    <FoldedPart v-if="draft.kind && !noSheet" class="sheet" v-model:open="specOpen">
      <template #title
        ><span>
          <b>What it should be</b>
          <span class="lab"
            >Empty fields use the rule of thumb for the class<template v-if="thumb"
              >: least compression {{ thumb }}</template
            >. A rule of thumb never condemns.</span
          >
        </span></template
      >
      <div v-for="s in asked" :key="s.item" class="spec">
        <QuantityField
          v-model:text="draft.spec[s.item].value"
          v-model:unit="draft.spec[s.item].unit"
          :label="s.label"
          :units="[...s.units]"
          :kind="s.kind"
          :fault="specFault(draft, s.item, faults)"
        />
        <PickField
          v-model="draft.spec[s.item].source"
          :label="`Source of ${s.label.toLowerCase()}`"
          :options="SPEC_SOURCES"
        />
      </div>
    </FoldedPart>
  </div>
</template>

<style scoped>
.machine {
  display: grid;
  gap: 14px;
}
.facts {
  display: grid;
  gap: 8px;
}
.sheet {
  border-top: 1px solid var(--rule);
}
.sheet .lab {
  margin-left: 10px;
}
.spec {
  display: grid;
  grid-template-columns: 320px 220px;
  gap: 6px 16px;
  padding: 8px 0;
  align-items: start;
}
@media (max-width: 640px) {
  .spec {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
