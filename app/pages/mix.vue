<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import dayjs from 'dayjs'
import { InputError } from '#core/errors'
import { moneyText } from '#core/estimate/money'
import type { BodyOf, EntryKind } from '#core/job/entries'
import type { HowGot } from '#core/log/words'
import { FUEL_WORDS } from '#core/words/looks'
import { fuelAge } from '#core/mix/fuelAge'
import type { FuelType } from '#core/mix/fuelAge'
import type { MixAsk } from '#core/mix/mixPlan'
import { compareSchools, mixPlan, ratioText } from '#core/mix/mixPlan'
import { mixInjection, mixLeanShift, mixStepRicher } from '#core/mix/mixSchools'
import type { RicherReason } from '#core/mix/mixSchools'
import { convert } from '#core/units/unitConvert'
import { quantityText } from '#core/units/unitRound'

const shop = useShopStore()
useHead({ title: 'Mix' })
/** everything typed here is found again the next time */
const f = useLocalStorage(
  'remedium:mix',
  {
    task: 'make' as 'make' | 'right' | 'blend',
    maker: '50',
    wanted: '',
    total: '5',
    totalUnit: 'L',
    fuel: '',
    fuelUnit: 'L',
    oil: '',
    oilUnit: 'mL',
    can: '5',
    canUnit: 'L',
    rest: '',
    restUnit: 'L',
    restRatio: '',
    fresh: '',
    freshUnit: 'L',
    reasons: [] as RicherReason[],
    year: '100',
    oilPrice: '14',
    plugPrice: '5',
    plugs: '2',
    fuelType: 'e10' as FuelType,
    days: '',
    stabilised: false,
    usedOil: '',
    usedFuel: '',
    bandLo: '30',
    bandHi: '60',
  },
  { mergeDefaults: true, listenToStorageChanges: false },
)

const TASKS = { make: 'Make a can', right: 'Put one right', blend: 'Blend a remainder' } as const
const REASONS: Record<RicherReason, string> = {
  break_in: 'running in',
  hard_use: 'hard use',
  hot_weather: 'hot weather',
}
const show = (ml: number): string => (ml >= 1000 ? quantityText(convert(ml, 'mL', 'L'), 'L') : quantityText(ml, 'mL'))

class Unclear extends Error {
  constructor(
    readonly field: string,
    message: string,
  ) {
    super(message)
  }
}
function need(text: string, field: string, what: string, { unit = '', zero = false, min = 0, max = 1e6 } = {}): number {
  const value = figure(text)
  if (value === null) throw new Unclear(field, `${what}: type a figure.`)
  if (Number.isNaN(value)) throw new Unclear(field, `${what}: “${text}” is not a figure.`)
  const inner = unit ? convert(value, unit, 'mL') : value
  if (inner < min || (inner === 0 && !zero))
    throw new Unclear(field, `${what} must be ${min ? `at least ${min}` : 'more than nothing'}.`)
  if (inner > max) throw new Unclear(field, `${what} is too much: check the unit and the decimal point.`)
  return inner
}
const makerRatio = computed(() => figure(f.value.maker))
const richer = computed(() =>
  makerRatio.value && makerRatio.value >= 8 && makerRatio.value <= 200
    ? mixStepRicher({ baseRatio: makerRatio.value, reasons: f.value.reasons, floorRatio: 16 })
    : null,
)

function ask(): MixAsk {
  const v = f.value
  const maker = need(v.maker, 'maker', "The maker's ratio", { min: 8, max: 200 })
  const wanted = v.wanted.trim()
    ? need(v.wanted, 'wanted', 'The ratio wanted', { min: 8, max: 200 })
    : (richer.value?.ratio ?? maker)
  const both = { makerRatio: maker, wantedRatio: wanted }
  if (v.task === 'make')
    return { task: 'make', ...both, totalMl: need(v.total, 'total', 'The can to fill', { unit: v.totalUnit }) }
  const canMl = need(v.can, 'can', 'What the can holds', { unit: v.canUnit })
  if (v.task === 'right')
    return {
      task: 'right',
      ...both,
      canMl,
      fuelMl: need(v.fuel, 'fuel', 'Fuel in the can', { unit: v.fuelUnit, zero: true }),
      oilMl: need(v.oil, 'oil', 'Oil in it', { unit: v.oilUnit, zero: true }),
    }
  return {
    task: 'blend',
    ...both,
    canMl,
    remainderMl: need(v.rest, 'rest', 'What is left', { unit: v.restUnit, zero: true }),
    remainderRatio: v.restRatio.trim()
      ? need(v.restRatio, 'restRatio', "The remainder's ratio", { min: 1, max: 1000 })
      : null,
    freshFuelMl: need(v.fresh, 'fresh', 'Fresh fuel', { unit: v.freshUnit, zero: true }),
  }
}
const FIELD_OF: Record<string, string> = {
  wantedRatio: 'wanted',
  fuel_ml: 'fuel',
  capacity_ml: 'can',
  freshFuelMl: 'fresh',
  fresh_fuel_ml: 'fresh',
}
const result = computed(() => {
  try {
    const asked = ask()
    return { asked, plan: mixPlan(asked, show), field: '', message: '' }
  } catch (error) {
    if (error instanceof InputError)
      return { asked: null, plan: null, field: FIELD_OF[error.field] ?? error.field, message: error.message }
    if (error instanceof Unclear) return { asked: null, plan: null, field: error.field, message: error.message }
    throw error
  }
})
const fault = (field: string): string => (result.value.field === field ? result.value.message : '')
const plan = computed(() => result.value.plan)
const drawnCan = computed(() =>
  result.value.asked?.task === 'make' ? result.value.asked.totalMl : (result.value.asked?.canMl ?? 5000),
)

const schools = computed(() => {
  const [maker, step] = [
    makerRatio.value,
    mixStepRicher({
      baseRatio: makerRatio.value && makerRatio.value >= 8 && makerRatio.value <= 200 ? makerRatio.value : 50,
      reasons: ['hard_use'],
      floorRatio: 16,
    }),
  ]
  const [year, oilPerL, plugPrice, plugs] = [
    figure(f.value.year),
    figure(f.value.oilPrice),
    figure(f.value.plugPrice),
    figure(f.value.plugs),
  ]
  if (
    !maker ||
    maker < 8 ||
    maker > 200 ||
    [year, oilPerL, plugPrice, plugs].some(n => n === null || Number.isNaN(n) || n < 0)
  )
    return null
  return {
    ...compareSchools({
      makerRatio: maker,
      richerRatio: step.ratio,
      fuelLPerYear: year ?? 0,
      oilPerL: oilPerL ?? 0,
      plugPrice: plugPrice ?? 0,
      plugsPerYear: plugs ?? 0,
    }),
    shift: mixLeanShift({ ratioFrom: maker, ratioTo: step.ratio, mode: 'volume', rhoFuel: 0.745, rhoOil: 0.87 })
      .afrChangePct,
  }
})
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
const label = computed(() => {
  const a = result.value.asked
  if (!a || !plan.value) return null
  const total =
    a.task === 'make'
      ? a.totalMl
      : plan.value.layers.fuelMl + plan.value.layers.oilMl - plan.value.layers.drainMl + (plan.value.pourMl ?? 0)
  return `/api/labels/mix.pdf?${new URLSearchParams({ ratio: String(a.wantedRatio), totalMl: String(Math.round(total)), made: dayjs().format('YYYY-MM-DD'), by: shop.person?.initials ?? '', fuel: f.value.fuelType }).toString()}`
})
/** A can as it is becomes a finding; what is to be poured becomes a line on the log. */
function toJob(): { kind: EntryKind; how: HowGot | null; body: BodyOf[EntryKind] } | null {
  const a = result.value.asked
  if (!a || !plan.value) return null
  if (a.task === 'right')
    return {
      kind: 'mix',
      how: 'estimated',
      body: {
        fuel: { value: figure(f.value.fuel) as number, unit: f.value.fuelUnit },
        oil: { value: figure(f.value.oil) as number, unit: f.value.oilUnit },
        makerRatio: a.makerRatio,
        fuelType: age.value ? f.value.fuelType : null,
        fuelDays: age.value ? figure(f.value.days) : null,
        stabilised: f.value.stabilised,
        note: null,
      },
    }
  return {
    kind: 'note',
    how: null,
    body: { stage: 'build', text: `${plan.value.headline} ${plan.value.steps.join(' ')}`.slice(0, 2000) },
  }
}
function toggle(reason: RicherReason): void {
  f.value.reasons = f.value.reasons.includes(reason)
    ? f.value.reasons.filter(r => r !== reason)
    : [...f.value.reasons, reason]
}
</script>

<template>
  <div class="mix">
    <div class="ask">
      <h1>Mix</h1>
      <ChipGroup v-model="f.task" label="Task" :options="TASKS" needed hide-label />
      <PlainField
        v-model="f.maker"
        label="Maker asks, fuel to 1 of oil"
        suffix=": 1"
        inputmode="decimal"
        :fault="fault('maker')"
      />
      <template v-if="f.task === 'make'">
        <QuantityField
          v-model:text="f.total"
          v-model:unit="f.totalUnit"
          label="Can to fill"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('total')"
        />
      </template>
      <template v-else-if="f.task === 'right'">
        <QuantityField
          v-model:text="f.fuel"
          v-model:unit="f.fuelUnit"
          label="Fuel in the can"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('fuel')"
        />
        <QuantityField
          v-model:text="f.oil"
          v-model:unit="f.oilUnit"
          label="Oil in it"
          :units="['mL', 'L', 'US_floz']"
          kind="mixoil"
          :fault="fault('oil')"
        />
        <QuantityField
          v-model:text="f.can"
          v-model:unit="f.canUnit"
          label="The can holds"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('can')"
        />
      </template>
      <template v-else>
        <QuantityField
          v-model:text="f.rest"
          v-model:unit="f.restUnit"
          label="Left in the can"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('rest')"
        />
        <PlainField
          v-model="f.restRatio"
          label="Its ratio (empty: straight fuel)"
          suffix=": 1"
          inputmode="decimal"
          :fault="fault('restRatio')"
        />
        <QuantityField
          v-model:text="f.fresh"
          v-model:unit="f.freshUnit"
          label="Fresh fuel"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('fresh')"
        />
        <QuantityField
          v-model:text="f.can"
          v-model:unit="f.canUnit"
          label="The can holds"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('can')"
        />
      </template>
      <fieldset class="reasons">
        <legend class="lab">A step richer than the maker, because of</legend>
        <label v-for="(word, r) in REASONS" :key="r" class="check"
          ><input type="checkbox" :checked="f.reasons.includes(r)" @change="toggle(r)" /> {{ word }}</label
        >
        <p v-if="richer && richer.status !== 'unchanged'" class="note">
          Shop's rule: {{ ratioText(richer.ratio) }}{{ richer.status === 'at_floor' ? ', as rich as it goes' : '' }};
          the maker's stays {{ ratioText(makerRatio ?? 0) }}.
        </p>
      </fieldset>
      <PlainField v-model="f.wanted" label="Or mix it to" suffix=": 1" inputmode="decimal" :fault="fault('wanted')" />
      <p class="lab caution">
        Outdoors, no flame, engine cool, can on the ground while filling. Petrol and waste mix: follow your local rules.
      </p>
    </div>
    <div class="do">
      <template v-if="plan">
        <p class="verdict" aria-live="polite">
          <StateMark :mark="plan.mark" bare /> <b>{{ plan.headline }}</b>
        </p>
        <div class="two">
          <MixCan :layers="plan.layers" :can-ml="drawnCan" :show="show" />
          <div>
            <p v-if="plan.pourMl !== null" class="pour">
              <span class="lab">Pour in</span><span class="amount">{{ show(plan.pourMl) }}</span>
              <b>{{ plan.pourOf }}</b>
            </p>
            <ol>
              <li v-for="s in plan.steps" :key="s">{{ s }}</li>
            </ol>
            <p class="acts">
              <a v-if="label" class="btn" :href="label" target="_blank" rel="noopener">Print a label, PDF</a>
            </p>
            <SendToJob :what="f.task === 'right' ? 'Log this can' : 'Write it on the log'" :entry="toJob" />
          </div>
        </div>
      </template>
      <p v-else class="why"><StateMark mark="open" bare /> {{ result.message }}</p>
      <section v-if="schools" class="block">
        <h2>Two schools, a year of this work</h2>
        <div class="year">
          <PlainField v-model="f.year" label="Fuel a year" suffix="L" inputmode="decimal" /><PlainField
            v-model="f.oilPrice"
            label="Oil, a litre"
            :suffix="shop.policy.currency"
            inputmode="decimal"
          /><PlainField
            v-model="f.plugPrice"
            label="A plug"
            :suffix="shop.policy.currency"
            inputmode="decimal"
          /><PlainField v-model="f.plugs" label="Plugs a year" inputmode="decimal" />
        </div>
        <table>
          <thead>
            <tr>
              <th>Mix</th>
              <th class="n">Oil</th>
              <th class="n">Plugs</th>
              <th class="n">Money</th>
              <th class="n">Fuel in the mix</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <td>
                <b>Maker's {{ ratioText(schools.maker.ratio) }}</b
                ><span class="note"> tested, low smoke, the setting matches</span>
              </td>
              <td class="n">{{ schools.maker.oilL.toFixed(1) }} L</td>
              <td class="n">{{ schools.maker.plugs }}</td>
              <td class="n">{{ moneyText(schools.maker.money, shop.policy.currency, true) }}</td>
              <td class="n">{{ schools.maker.fuelSharePct.toFixed(1) }} %</td>
            </tr>
            <tr>
              <td>
                <b>One step richer, {{ ratioText(schools.richer.ratio) }}</b
                ><span class="note">
                  more film for long hot days; {{ schools.shift.toFixed(1) }} % leaner in fuel: check the high-speed
                  setting</span
                >
              </td>
              <td class="n">{{ schools.richer.oilL.toFixed(1) }} L</td>
              <td class="n">{{ schools.richer.plugs }}</td>
              <td class="n">{{ moneyText(schools.richer.money, shop.policy.currency, true) }}</td>
              <td class="n">{{ schools.richer.fuelSharePct.toFixed(1) }} %</td>
            </tr>
          </tbody>
        </table>
        <p class="note">
          {{ moneyText(schools.morePerYear, shop.policy.currency, true) }} a year more. One more plug a year for a step
          is shop judgement. Weaker than the maker's is never mixed.
        </p>
      </section>
    </div>
    <aside aria-label="Is the oil enough, is the fuel good">
      <section>
        <h2>Is the oil in it enough?</h2>
        <RatioScale
          :maker="makerRatio && makerRatio >= 8 && makerRatio <= 200 ? makerRatio : 50"
          :can="plan?.ratioNow ?? null"
        />
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
        <label class="check"><input v-model="f.stabilised" type="checkbox" /> with stabiliser</label>
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
  </div>
</template>

<style scoped>
.mix {
  display: grid;
  grid-template-columns: 318px minmax(0, 1fr) 330px;
  min-height: calc(100vh - var(--top));
}
.ask {
  padding: 14px 18px 30px;
  border-right: 1px solid var(--rule-2);
  display: grid;
  gap: 12px;
  align-content: start;
}
.do {
  background: var(--sheet);
  padding: 18px 22px 40px;
}
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
.verdict {
  font-size: 20px;
  font-family: var(--label);
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin-bottom: 10px;
}
.two {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 20px;
  align-items: start;
  margin-bottom: 14px;
}
.pour {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: baseline;
  margin-bottom: 8px;
  font-size: 20px;
}
.pour .lab {
  width: 100%;
}
.amount {
  font: 600 44px/1 var(--label);
}
ol {
  list-style: decimal;
  padding-left: 20px;
  display: grid;
  gap: 7px;
  margin-bottom: 14px;
}
.check {
  display: flex;
  gap: 9px;
  align-items: center;
  min-height: 40px;
}
.check input {
  width: 20px;
  height: 20px;
  accent-color: var(--petrol);
}
.reasons {
  display: grid;
}
.reasons legend {
  padding: 0;
}
.why {
  font-size: 17px;
  padding: 30px 0;
  display: flex;
  gap: 8px;
  align-items: baseline;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 14.5px;
}
th {
  text-align: left;
  font: 500 14px var(--label);
  color: var(--ink-2);
  padding: 4px 6px 4px 0;
  border-bottom: 1px solid var(--rule-2);
}
td {
  padding: 8px 6px 8px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
.n {
  text-align: right;
  white-space: nowrap;
  padding-left: 8px;
}
td .note {
  display: block;
}
.year {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
  margin-bottom: 10px;
  max-width: 560px;
}
.pair {
  gap: 8px;
}
@media (max-width: 1180px) {
  .mix {
    grid-template-columns: 300px minmax(0, 1fr);
  }
  aside {
    grid-column: 1 / -1;
    border-left: 0;
    border-top: 1px solid var(--rule-2);
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 820px) {
  .mix,
  aside {
    grid-template-columns: minmax(0, 1fr);
  }
  .ask {
    border-right: 0;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .year {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .pair {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
