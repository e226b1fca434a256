<script setup lang="ts">
import { moneyText } from '#core/units/money'
import type { LookFirst } from '#core/verdict/lookFirst'
import type { Curve } from '~/components/CurveChart.vue'

/** What one look is worth: the way drawn over the chance that the part is good, against the best other way. */
const props = defineProps<{ look: LookFirst; name: string; currency: string }>()
const netAt = (p: number): number => props.look.atBad + (props.look.atGood - props.look.atBad) * p
const cash = (v: number): string => moneyText(v, props.currency)
const pct = (p: number): string => `${Math.round(100 * p)} %`
const curves = computed((): Curve[] => {
  const { atBad, atGood, rival, paysAbove, chanceGood } = props.look
  const line = (from: number, to: number): Curve['points'] => [
    { x: 0, y: from },
    { x: 1, y: to },
  ]
  return [
    { name: rival.name, tone: 'ink', points: line(rival.net, rival.net) },
    { name: props.name, tone: 'petrol', points: line(atBad, atGood) },
    ...(paysAbove === null
      ? []
      : [
          {
            ...{ name: `pays above ${pct(paysAbove)}`, tone: 'near' as const, dots: true },
            points: [{ x: paysAbove, y: rival.net }],
          },
        ]),
    {
      ...{ name: `we think ${pct(chanceGood)}`, tone: 'petrol', dots: true },
      points: [{ x: chanceGood, y: netAt(chanceGood) }],
    },
  ]
})
</script>

<template>
  <figure class="lookfirst">
    <p>
      <b>{{ look.about === 'need' ? `Look first: ${look.text}` : `Ask the price first: ${look.text}` }}</b>
    </p>
    <p class="note">
      Knowing it before deciding saves {{ cash(look.worth) }} on average;
      {{ look.about === 'need' ? 'looking' : 'asking' }} costs {{ cash(look.cost) }} ({{ look.minutes }} min{{
        look.minutesKnown ? '' : ', rule of thumb'
      }}). {{ look.pays ? 'It pays.' : 'It does not pay: decide now.'
      }}<template v-if="look.paysAbove !== null">
        Trying ‘{{ name }}’ pays above a chance of {{ pct(look.paysAbove) }} that the part is good; we think
        {{ pct(look.chanceGood) }}.</template
      >
    </p>
    <CurveChart
      v-if="look.about === 'need'"
      :label="`${name} leaves ${cash(look.atBad)} when ${look.text} is bad and ${cash(look.atGood)} when it is good; ${look.rival.name} leaves ${cash(look.rival.net)}.`"
      :curves="curves"
      x-label="chance that it is good"
      :x-say="pct"
      :y-say="cash"
    />
  </figure>
</template>

<style scoped>
.lookfirst {
  margin: 0;
  display: grid;
  gap: 4px;
  max-width: 420px;
}
</style>
