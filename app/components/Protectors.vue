<script setup lang="ts">
import { moneyText, toMajor } from '#core/units/money'
import { protectors } from '#core/verdict/protectors'
import { protectShare } from '#core/verdict/spend'
import type { EntryOf } from '#core/entries/types'

/** Small parts kept as they are, against what they would destroy: the engine is open now. */
const props = defineProps<{ option: EntryOf<'option'>; invested: number }>()
const sheet = useSheet()
const shop = useShopStore()
const parts = computed(() => protectors(sheet.inForce.value, sheet.job.value.facts, props.option.body.lines))
const price = reactive<Record<string, string>>({})
const share = (key: string): number | null => {
  const minor = price[key] ? moneyTyped(price[key], shop.policy.currency) : null
  return typeof minor === 'number' && !Number.isNaN(minor)
    ? protectShare(toMajor(minor, shop.policy.currency), props.invested)
    : null
}
</script>

<template>
  <FoldedPart v-if="parts.length" class="protect">
    <template #title
      ><b>
        It is open now: {{ parts.length }} small parts protect {{ moneyText(invested, shop.policy.currency) }}
      </b></template
    >
    <p class="note">
      Kept as they are, and not in this way. Type a price to see it against what is put in; the owner decides.
    </p>
    <ul>
      <li v-for="p in parts" :key="p.part">
        <span
          ><b>{{ p.name }}</b> <span class="lab">{{ p.why }}; it would take {{ p.destroys }} with it</span></span
        ><ElInput
          v-model="price[p.part]"
          class="price"
          inputmode="decimal"
          :aria-label="`Price: ${p.name}`"
          :placeholder="shop.policy.currency"
        /><b class="share">{{ share(p.part) === null ? '' : `${share(p.part)!.toFixed(1)} %` }}</b>
      </li>
    </ul>
  </FoldedPart>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 92px 64px;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  padding: 4px 0;
}
.share {
  font: 600 18px var(--label);
  text-align: right;
}
</style>
