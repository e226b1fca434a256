<script setup lang="ts">
import type { MixBody } from '#core/entries/mix/schema'
import type { HowGot } from '#core/log/words'
import { FUEL_WORDS } from '#core/words/looks'
import type { FuelType } from '#core/mix/fuelAge'
import { convert } from '#core/units/unitConvert'
import { quantityText } from '#core/units/unitRound'

interface Draft {
  how: HowGot | null
  fuel: string
  fuelUnit: string
  oil: string
  oilUnit: string
  maker: string
  fuelType: FuelType | null
  days: string
  stabilised: boolean
  note: string
}
const sheet = useSheet()
const blank = (): Draft => ({
  how: 'claimed',
  fuel: '',
  fuelUnit: 'L',
  oil: '',
  oilUnit: 'mL',
  maker: figureText(sheet.job.value.facts.mixRatio),
  fuelType: null,
  days: '',
  stabilised: false,
  note: '',
})
const form = useEntryForm<'mix', Draft>({
  kind: 'mix',
  blank,
  how: d => d.how,
  toBody: (d): MixBody => ({
    fuel: { value: typedFigure(d.fuel) as number, unit: d.fuelUnit },
    oil: { value: typedFigure(d.oil) as number, unit: d.oilUnit },
    makerRatio: typedFigure(d.maker) as number,
    fuelType: d.fuelType,
    fuelDays: typedFigure(d.days) as number | null,
    stabilised: d.stabilised,
    note: d.note || null,
  }),
  fromBody: (b, how) => ({
    how,
    fuel: String(b.fuel.value),
    fuelUnit: b.fuel.unit,
    oil: String(b.oil.value),
    oilUnit: b.oil.unit,
    maker: String(b.makerRatio),
    fuelType: b.fuelType,
    days: figureText(b.fuelDays),
    stabilised: b.stabilised,
    note: b.note ?? '',
  }),
})
const { draft } = form
const { judged } = form
const ml = (text: string, unit: string): number => {
  const value = figure(text)
  return value === null || Number.isNaN(value) || value < 0 ? 0 : convert(value, unit, 'mL')
}
const layers = computed(() => ({
  fuelMl: ml(draft.value.fuel, draft.value.fuelUnit),
  oilMl: ml(draft.value.oil, draft.value.oilUnit),
  drainMl: 0,
  addMl: 0,
  addOf: null,
}))
const show = (v: number): string => (v >= 1000 ? quantityText(v / 1000, 'L') : quantityText(v, 'mL'))
const HOW = { measured: 'Measured', claimed: 'The owner says', estimated: 'Estimated' }
</script>

<template>
  <form class="mixform" @submit.prevent="form.submit()">
    <MixCan :layers="layers" :can-ml="Math.max(1, (layers.fuelMl + layers.oilMl) * 1.08)" :show="show" />
    <div class="right">
      <ChipGroup
        v-model="draft.how"
        label="Known from"
        :options="HOW as Record<HowGot, string>"
        needed
        :fault="form.faultOf('how')"
      />
      <div class="grid2">
        <QuantityField
          v-model:text="draft.fuel"
          v-model:unit="draft.fuelUnit"
          label="Fuel in the can"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="form.faultOf('fuel')"
        />
        <QuantityField
          v-model:text="draft.oil"
          v-model:unit="draft.oilUnit"
          label="Oil in it"
          :units="['mL', 'L', 'US_floz']"
          kind="mixoil"
          :fault="form.faultOf('oil')"
        />
      </div>
      <PlainField
        v-model="draft.maker"
        label="Maker asks, fuel to 1 of oil"
        suffix=": 1"
        inputmode="decimal"
        class="short"
        :fault="form.faultOf('makerRatio')"
      />
      <VerdictWords :judged="judged" />
      <ChipGroup v-model="draft.fuelType" label="Fuel" :options="FUEL_WORDS" />
      <div class="grid2">
        <PlainField
          v-model="draft.days"
          label="Age of the fuel"
          suffix="days"
          inputmode="numeric"
          hint="Empty if nobody knows."
          :fault="form.faultOf('fuelDays')"
        />
        <ElCheckbox v-model="draft.stabilised">with stabiliser</ElCheckbox>
      </div>
      <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
      <FormFoot
        label="Log the mix"
        :busy="form.busy.value"
        :message="form.message.value"
        :correcting="form.correcting.value"
        :touched="form.touched.value"
        @cancel="form.clear()"
      >
        <NuxtLink to="/mix">Put a can right</NuxtLink
        ><span class="lab caution">No flame, no sparks, cap on the can.</span>
      </FormFoot>
    </div>
  </form>
</template>

<style scoped>
.mixform {
  display: grid;
  grid-template-columns: 240px minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}
.right {
  display: grid;
  gap: 10px;
}
.short {
  max-width: 260px;
}
@media (max-width: 760px) {
  .mixform {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
