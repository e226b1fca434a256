<script setup lang="ts">
import { moneyText } from '#core/units/money'
import { compareSchools, ratioText } from '#core/mix/mixPlan'
import { mixLeanShift, mixStepRicher } from '#core/mix/mixSchools'
import type { MixTyped } from '~/composables/useMixBench'

/** What a year of this work costs by the maker's mix and by one a step richer. */
const props = defineProps<{ maker: number | null }>()
const f = defineModel<MixTyped>({ required: true })
const shop = useShopStore()
const schools = computed(() => {
  const [maker, step] = [
    props.maker,
    mixStepRicher({
      baseRatio: props.maker && props.maker >= 8 && props.maker <= 200 ? props.maker : 50,
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
</script>

<template>
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
      {{ moneyText(schools.morePerYear, shop.policy.currency, true) }} a year more. One more plug a year for a step is
      shop judgement. Weaker than the maker's is never mixed.
    </p>
  </section>
</template>

<style scoped>
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
@media (max-width: 820px) {
  .year {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
