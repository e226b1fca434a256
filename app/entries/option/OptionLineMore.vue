<script setup lang="ts">
import { PRICE_KINDS } from '#core/words/deciding'
import type { LineDraft } from '~/composables/useOptionLine'

/** The second row of a line: why it is here, what it is for, where its price is from, how firm it is. */
defineProps<{ number: number; cures: boolean }>()
const l = defineModel<LineDraft>({ required: true })
const { NO_PART, idle, bought, partOptions, asksPart, sayParts, age, firm } = useOptionLine()
</script>

<template>
  <span class="more">
    <input
      v-model="l.why"
      class="in why wide"
      :aria-label="`Why line ${number} is here`"
      placeholder="why it is here"
    />
    <ElSelect
      v-if="asksPart(l)"
      :model-value="l.partsSaid ? (l.parts ?? []) : []"
      multiple
      collapse-tags
      filterable
      size="small"
      class="forpart"
      :aria-label="`Parts that line ${number} is for`"
      placeholder="for which part?"
      @update:model-value="keys => sayParts(l, keys)"
      ><ElOption :value="NO_PART" label="no part of the engine" /><ElOption
        v-for="p in partOptions"
        :key="p.key"
        :value="p.key"
        :label="p.bad ? `${p.name}: may not stay in` : p.name"
    /></ElSelect>
    <template v-if="bought(l.type)"
      ><select v-model="l.priceKind" class="in why" :aria-label="`Kind of price of line ${number}`">
        <option :value="null">price kind</option>
        <option v-for="(word, p) in PRICE_KINDS" :key="p" :value="p">{{ word }}</option></select
      ><input
        v-model="l.source"
        class="in why"
        :aria-label="`Who the price of line ${number} is from`"
        placeholder="price from" /><input
        v-model="l.pricedOn"
        type="date"
        class="in why"
        :class="{ unset: !l.pricedOn }"
        :aria-label="`Day of the price of line ${number}`"
    /></template>
    <span v-if="l.chance && bought(l.type)" class="look"
      ><input
        v-model="l.lookMin"
        class="in why"
        inputmode="numeric"
        :aria-label="`Minutes to find out line ${number}`"
        placeholder="30"
      />
      min to find out</span
    >
    <span v-if="idle(l)" class="state">no price yet: not counted</span
    ><span v-if="l.likely" class="state" :class="firm(l)">{{ firm(l) }}</span
    ><span v-if="age(l).stale" class="state stale">price {{ age(l).days }} days old</span>
    <label v-if="cures" class="cures"><input v-model="l.cures" type="checkbox" /> cures the first cause</label>
  </span>
</template>

<style scoped>
.why {
  min-height: 30px;
  padding: 2px 8px;
  border-color: transparent;
  background: var(--sheet-2);
  font-size: 13.5px;
  color: var(--ink-2);
}
.why:hover,
.why:focus {
  border-color: var(--edge);
}
.why::placeholder {
  color: var(--ink-2);
  opacity: 0.9;
}
.cures {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 30px;
  font-size: 13.5px;
}
.cures input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
.more {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 3px 6px;
  align-items: center;
}
.more .in {
  width: 104px;
}
.more .wide {
  flex: 1 1 170px;
}
.more input[type='date'] {
  width: 124px;
}
.more .unset:not(:focus) {
  opacity: 0.7;
}
.forpart {
  width: 190px;
}
.look {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  font-size: 13.5px;
  color: var(--ink-2);
}
.more .look .in {
  width: 48px;
}
.state {
  font: 500 13.5px var(--label);
  padding: 2px 7px;
  color: var(--ink-2);
}
.state.contingent,
.state.stale {
  background: var(--near-wash);
  color: var(--near);
}
.in {
  padding: 6px 8px;
}
</style>
