<script setup lang="ts">
import { moneyText } from '#core/units/money'
import type { LookFirst } from '#core/verdict/lookFirst'

/** What one look is worth: the way drawn over the chance that the part is good, against the best other way. */
const props = defineProps<{ look: LookFirst; name: string; currency: string }>()
const W = 380
const H = 158
const L = 8
const low = computed(() => Math.min(props.look.atBad, props.look.rival.net, props.look.atGood))
const high = computed(() => Math.max(props.look.atBad, props.look.rival.net, props.look.atGood))
const x = (p: number): number => L + (W - 2 * L) * p
const y = (v: number): number => 16 + ((H - 52) * (high.value - v)) / Math.max(1e-9, high.value - low.value)
const netAt = (p: number): number => props.look.atBad + (props.look.atGood - props.look.atBad) * p
const cash = (v: number): string => moneyText(v, props.currency)
const pct = (p: number): string => `${Math.round(100 * p)} %`
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
    <svg
      v-if="look.about === 'need'"
      :viewBox="`0 0 ${W} ${H}`"
      role="img"
      :aria-label="`${name} leaves ${cash(look.atBad)} when ${look.text} is bad and ${cash(look.atGood)} when it is good; ${look.rival.name} leaves ${cash(look.rival.net)}.`"
    >
      <path :d="`M${L} 8V${H - 34}H${W - L}`" stroke="var(--rule-2)" fill="none" />
      <path :d="`M${x(0)} ${y(look.rival.net)}H${x(1)}`" stroke="var(--ink)" stroke-width="1.6" />
      <text :x="x(0) + 6" :y="y(look.rival.net) + (look.atBad > look.rival.net ? 15 : -6)">
        {{ look.rival.name.slice(0, 30) }}
      </text>
      <path :d="`M${x(0)} ${y(look.atBad)}L${x(1)} ${y(look.atGood)}`" stroke="var(--petrol)" stroke-width="2.4" />
      <template v-if="look.paysAbove !== null">
        <path :d="`M${x(look.paysAbove)} 8V${H - 34}`" stroke="var(--near)" stroke-dasharray="3 3" />
        <circle :cx="x(look.paysAbove)" :cy="y(look.rival.net)" r="5" fill="var(--near)" />
        <text :x="x(look.paysAbove)" :y="H - 4" :text-anchor="look.paysAbove > 0.6 ? 'end' : 'start'" class="pays">
          pays above {{ pct(look.paysAbove) }}
        </text>
      </template>
      <circle :cx="x(look.chanceGood)" :cy="y(netAt(look.chanceGood))" r="5" fill="var(--petrol)" />
      <text
        :x="x(look.chanceGood) + (look.chanceGood > 0.7 ? -4 : 10)"
        :y="y(netAt(look.chanceGood)) + 18"
        :text-anchor="look.chanceGood > 0.7 ? 'end' : 'start'"
        class="think"
      >
        we think {{ pct(look.chanceGood) }}
      </text>
      <text :x="x(0)" :y="H - 19">bad</text>
      <text :x="x(1)" :y="H - 19" text-anchor="end">chance that it is good</text>
    </svg>
  </figure>
</template>

<style scoped>
.lookfirst {
  margin: 0;
  display: grid;
  gap: 4px;
  max-width: 420px;
}
svg {
  width: 100%;
  height: auto;
}
text {
  font: 500 13px var(--label);
  fill: var(--ink-2);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
  stroke-linejoin: round;
}
.think {
  fill: var(--petrol);
}
.pays {
  fill: var(--near);
}
</style>
