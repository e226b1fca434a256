<script setup lang="ts">
import type { School, SchoolKey } from '#core/engine/schools'
import { FIELD_RULES, SCHOOL_KEYS, SCHOOLS, choicesOf, isFieldRule, schoolOf } from '#core/engine/schools'

interface Draft {
  rule: SchoolKey
  choice: string | null
  reason: string
}
const form = useEntryForm<'rule_here', Draft>({
  kind: 'rule_here',
  blank: () => ({ rule: 'which_oil', choice: null, reason: '' }),
  how: () => null,
  counts: false,
  toBody: d => ({ rule: d.rule, choice: d.choice ?? '', reason: d.reason }),
  fromBody: b => ({ rule: b.rule, choice: b.choice, reason: b.reason }),
})
const { draft } = form
const rules = Object.fromEntries(SCHOOL_KEYS.map(k => [k, SCHOOLS[k].question])) as Record<SchoolKey, string>
const school = computed<School>(() => SCHOOLS[draft.value.rule])
const shop = useShopStore()
const shops = computed(() => {
  const { rule } = draft.value
  const held = isFieldRule(rule) ? shop.policy[FIELD_RULES[rule]] : (schoolOf(shop.policy, rule) as string)
  return school.value.choices[held]?.label
})
function pick(rule: string | null): void {
  if (rule) Object.assign(draft.value, { rule, choice: null })
}
</script>

<template>
  <form class="rule" @submit.prevent="form.submit()">
    <PickField :model-value="draft.rule" label="Which rule" :options="rules" @update:model-value="pick" />
    <p class="note">This shop: {{ shops }}. A maker: {{ school.maker }} It acts on {{ school.acts }}.</p>
    <ChipGroup v-model="draft.choice" label="Here" :options="choicesOf(school)" :fault="form.faultOf('choice')" />
    <PlainField v-model="draft.reason" label="Why on this job" :fault="form.faultOf('reason')" />
    <FormFoot
      label="Hold it so here"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.rule {
  display: grid;
  gap: 10px;
  max-width: 720px;
}
</style>
