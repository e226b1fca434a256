<script setup lang="ts">
import type { Mark } from '#core/judgement'
import type { FormName } from '~/composables/useJobSheet'

/** What is wrong: the essentials, what it looks like and why, and the check in hand. */
defineProps<{ marks: Map<FormName | undefined, Mark> }>()
const sheet = useSheet()
const two = computed(() => sheet.job.value.facts.cycle === 'two')
const tests = computed((): { form: FormName; label: string }[] => [
  { form: 'compression', label: 'Compression' },
  { form: 'leak_down', label: 'Leak-down' },
  two.value ? { form: 'crankcase', label: 'Crankcase' } : { form: 'lash', label: 'Lash' },
  { form: 'check', label: 'Other checks' },
  { form: 'theory', label: 'Theories' },
])
const inHand = computed(() => tests.value.find(t => t.form === sheet.form.value)?.form ?? 'compression')
</script>

<template>
  <div class="narrow">
    <EssentialsBoard v-if="sheet.diagnosis.value" :essentials="sheet.diagnosis.value.essentials" />
    <LooksLike />
    <WayFromHere />
    <CasesAlike />
    <TabRow
      class="row"
      label="Narrow down"
      :tabs="tests"
      :on="inHand"
      :marks="marks"
      @pick="form => sheet.open('narrow_down', form)"
    />
    <CompressionForm v-if="inHand === 'compression'" />
    <LeakDownForm v-else-if="inHand === 'leak_down'" />
    <CrankcaseForm v-else-if="inHand === 'crankcase'" />
    <FindingForm v-else-if="inHand === 'lash'" name="lash" />
    <CheckForm v-else-if="inHand === 'check'" />
    <TheoryLedger v-else-if="inHand === 'theory'" />
  </div>
</template>

<style scoped>
.narrow {
  display: grid;
  gap: 16px;
}
.row {
  border-top: 1px solid var(--rule-2);
  padding-top: 14px;
  margin-bottom: 0;
}
</style>
