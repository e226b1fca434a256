<script setup lang="ts">
import { PRICE_KINDS } from '#core/words/deciding'
import type { LineDraft } from '~/composables/useOptionLine'

/** The second row of a line: why it is here, what it is for, where its price is from, how firm it is. */
defineProps<{
  number: number
  cures: boolean
  /** in words only: another line is in hand */
  said: boolean
}>()
const l = defineModel<LineDraft>({ required: true })
const sayKind = (kind: keyof typeof PRICE_KINDS | ''): void => {
  l.value.priceKind = kind || null
}
const { NO_PART, idle, bought, partOptions, asksPart, sayParts, age, firm } = useOptionLine()
const words = computed(() =>
  [
    l.value.why,
    l.value.priceKind ? PRICE_KINDS[l.value.priceKind] : '',
    l.value.source ?? '',
    l.value.pricedOn ?? '',
    l.value.cures ? 'cures the first cause' : '',
  ].filter(Boolean),
)
</script>

<template>
  <span class="more">
    <span v-if="said && words.length" class="words2">{{ words.join(' · ') }}</span>
    <template v-if="!said"
      ><ElInput
        v-model="l.why"
        class="why wide"
        :aria-label="`Why line ${number} is here`"
        placeholder="why it is here"
      />
      <ElSelect
        v-if="asksPart(l)"
        :model-value="l.partsSaid ? (l.parts ?? []) : []"
        multiple
        collapse-tags
        filterable
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
        ><ElSelect
          :model-value="l.priceKind ?? ''"
          class="why"
          :empty-values="[undefined]"
          :aria-label="`Kind of price of line ${number}`"
          @change="sayKind"
          ><ElOption value="" label="price kind" /><ElOption
            v-for="(word, p) in PRICE_KINDS"
            :key="p"
            :value="p"
            :label="word" /></ElSelect
        ><ElInput
          :model-value="l.source ?? ''"
          class="why"
          :aria-label="`Who the price of line ${number} is from`"
          placeholder="price from"
          @update:model-value="from => (l.source = from)" /><LazyDayField
          :model-value="l.pricedOn ?? ''"
          class="why"
          :name="`Day of the price of line ${number}`"
          @update:model-value="day => (l.pricedOn = day)"
      /></template>
      <span v-if="l.chance && bought(l.type)" class="look"
        ><ElInput
          v-model="l.lookMin"
          class="why"
          inputmode="numeric"
          :aria-label="`Minutes to find out line ${number}`"
          placeholder="30"
        />
        min to find out</span
      ></template
    >
    <span v-if="idle(l)" class="state">no price yet: not counted</span
    ><span v-if="l.likely" class="state" :class="firm(l)">{{ firm(l) }}</span
    ><span v-if="age(l).stale" class="state stale">price {{ age(l).days }} days old</span>
    <ElCheckbox v-if="cures && !said" v-model="l.cures">cures the first cause</ElCheckbox>
  </span>
</template>

<style scoped>
.words2 {
  font-size: 14px;
  color: var(--ink-2);
  padding-left: 8px;
}
/* a second row: quieter than the first, and no lower to touch */
.why :deep(.el-input__wrapper),
.why :deep(.el-select__wrapper) {
  background: var(--sheet-2);
  font-size: 14px;
}
.more {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 3px 6px;
  align-items: center;
}
.more .why {
  width: 104px;
}
.more .wide {
  flex: 1 1 170px;
}
.more .why:has([type='date']) {
  width: 124px;
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
.more .look .why {
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
</style>
