<script setup lang="ts">
import { fuelAge } from '#core/mix/fuelAge'
import { ratioText } from '#core/mix/mixPlan'
import { mixInjection } from '#core/mix/mixSchools'
import { FUEL_WORDS } from '#core/words/looks'
import type { MixTyped } from '~/composables/useMixBench'

/** Beside the can: is the oil enough, is the fuel good, does the pump deliver. */
defineProps<{ maker: number | null; can: number | null }>()
const f = defineModel<MixTyped>({ required: true })
const age = computed(() => {
  const days = figure(f.value.days)
  return days === null || Number.isNaN(days) || days < 0
    ? null
    : fuelAge({ days, fuelType: f.value.fuelType, stabilised: f.value.stabilised }).state
})

const AGE = {
  fresh: { mark: 'good', words: 'fresh' },
  use_soon: { mark: 'near', words: 'use it soon' },
  discard: { mark: 'past', words: 'too old: not for this engine' },
} as const

const injection = computed(() => {
  const [oil, fuel, lo, hi] = [
    figure(f.value.usedOil),
    figure(f.value.usedFuel),
    figure(f.value.bandLo),
    figure(f.value.bandHi),
  ]
  if (
    oil === null ||
    fuel === null ||
    lo === null ||
    hi === null ||
    [oil, fuel, lo, hi].some(Number.isNaN) ||
    oil < 0 ||
    fuel <= 0 ||
    lo >= hi
  )
    return null
  return mixInjection({
    oilUsedMl: oil,
    fuelUsedMl: fuel * 1000,
    ratioLo: lo,
    ratioHi: hi,
    uOilMl: Math.min(oil, 5),
    uFuelMl: 50,
  })
})

const INJECTION = {
  ok: ['good', 'inside the band'],
  doubtful: ['open', "can't tell: run another tank"],
  too_little_oil: ['past', "too little oil: don't run it, look at tank, lines and pump stroke"],
  too_much_oil: ['near', "too much oil: smoke; look at the pump's setting"],
  no_oil_used: ['past', "no oil used at all: don't run it"],
} as const
</script>

<template>
  <aside aria-label="Is the oil enough, is the fuel good">
    <section>
      <h2>Is the oil in it enough?</h2>
      <RatioScale :maker="maker && maker >= 8 && maker <= 200 ? maker : 50" :can="can" />
      <p>Too much oil costs a plug. Too little costs the engine: piston, bore, mains and big end.</p>
    </section>
    <section>
      <h2>How old is the fuel?</h2>
      <PickField v-model="f.fuelType" label="Fuel" :options="FUEL_WORDS" />
      <PlainField
        v-model="f.days"
        label="Bought or mixed"
        suffix="days"
        inputmode="numeric"
        hint="ago, in a closed can"
      />
      <ElCheckbox v-model="f.stabilised">with stabiliser</ElCheckbox>
      <p v-if="age" aria-live="polite">
        <StateMark :mark="AGE[age].mark" bare /> <b>{{ AGE[age].words }}</b> <span class="note">rule of thumb</span>
      </p>
    </section>
    <section>
      <h2>Oil pump, by what it used</h2>
      <div class="grid2 pair">
        <PlainField v-model="f.usedOil" label="Oil used" suffix="mL" inputmode="decimal" /><PlainField
          v-model="f.usedFuel"
          label="Fuel used"
          suffix="L"
          inputmode="decimal"
        /><PlainField v-model="f.bandLo" label="Band from" suffix=": 1" inputmode="decimal" /><PlainField
          v-model="f.bandHi"
          label="to"
          suffix=": 1"
          inputmode="decimal"
        />
      </div>
      <p v-if="injection" aria-live="polite">
        <StateMark :mark="INJECTION[injection.status as keyof typeof INJECTION][0]" bare />
        <b
          >{{ injection.ratio === null ? '' : `${ratioText(injection.ratio)}, `
          }}{{ INJECTION[injection.status as keyof typeof INJECTION][1] }}</b
        >
      </p>
      <p class="note">Over at least one full tank. Don't premix for an injected engine unless its maker asks.</p>
    </section>
  </aside>
</template>

<style scoped>
aside {
  background: var(--sheet-2);
  border-left: 1px solid var(--rule-2);
  padding: 18px;
  display: grid;
  gap: 20px;
  align-content: start;
}
aside section {
  display: grid;
  gap: 8px;
  font-size: 14.5px;
}
.pair {
  gap: 8px;
}
</style>
