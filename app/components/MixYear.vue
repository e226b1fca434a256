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
const mixes = computed(() => {
  if (!schools.value) return []
  const { maker, richer, shift } = schools.value
  const line = (name: string, about: string, s: typeof maker) => ({
    ...{ name, about, plugs: s.plugs, oil: `${s.oilL.toFixed(1)} L`, fuel: `${s.fuelSharePct.toFixed(1)} %` },
    money: moneyText(s.money, shop.policy.currency, true),
  })
  return [
    line(`Maker's ${ratioText(maker.ratio)}`, 'tested, low smoke, the setting matches', maker),
    line(
      `One step richer, ${ratioText(richer.ratio)}`,
      `more film for long hot days; ${shift.toFixed(1)} % leaner in fuel: check the high-speed setting`,
      richer,
    ),
  ]
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
    <ElTable :data="mixes" :scrollbar-tabindex="0">
      <ElTableColumn label="Mix" min-width="240"
        ><template #default="{ row }"
          ><b>{{ row.name }}</b
          ><span class="note"> {{ row.about }}</span></template
        ></ElTableColumn
      >
      <ElTableColumn label="Oil" prop="oil" align="right" width="90" />
      <ElTableColumn label="Plugs" prop="plugs" align="right" width="80" />
      <ElTableColumn label="Money" prop="money" align="right" width="110" />
      <ElTableColumn label="Fuel in the mix" prop="fuel" align="right" width="130" />
    </ElTable>
    <p class="note">
      {{ moneyText(schools.morePerYear, shop.policy.currency, true) }} a year more. One more plug a year for a step is
      shop judgement. Weaker than the maker's is never mixed.
    </p>
  </section>
</template>

<style scoped>
.note {
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
