<script setup lang="ts">
import type { Mark } from '#core/judgement'
import type { FormName } from '~/composables/useJobSheet'

/** What is wrong: the essentials, what it looks like and why, and the check in hand. */
defineProps<{ marks: Map<FormName | undefined, Mark> }>()
const sheet = useSheet()
const two = computed(() => sheet.job.value.facts.cycle === 'two')
const tests = computed((): { form: FormName, label: string }[] => [
  { form: 'compression', label: 'Compression' }, { form: 'leak_down', label: 'Leak-down' },
  two.value ? { form: 'crankcase', label: 'Crankcase' } : { form: 'lash', label: 'Lash' },
  { form: 'check', label: 'Other checks' }, { form: 'theory', label: 'Theories' },
])
const inHand = computed(() => tests.value.find(t => t.form === sheet.form.value)?.form ?? 'compression')
</script>

<template>
  <div class="narrow">
    <EssentialsBoard v-if="sheet.diagnosis.value" :essentials="sheet.diagnosis.value.essentials" />
    <LooksLike />
    <div class="looks" role="group" aria-label="Narrow down">
      <button v-for="l in tests" :key="l.form" type="button" class="btn" :class="{ on: inHand === l.form }" :aria-pressed="inHand === l.form" @click="sheet.open('narrow_down', l.form)">{{ l.label }} <StateMark v-if="marks.get(l.form)" :mark="marks.get(l.form)!" bare /></button>
    </div>
    <CompressionForm v-if="inHand === 'compression'" />
    <LeakDownForm v-else-if="inHand === 'leak_down'" />
    <CrankcaseForm v-else-if="inHand === 'crankcase'" />
    <FindingForm v-else-if="inHand === 'lash'" name="lash" />
    <CheckForm v-else-if="inHand === 'check'" />
    <TheoryLedger v-else-if="inHand === 'theory'" />
  </div>
</template>

<style scoped>
.narrow { display: grid; gap: 16px; }
.looks { display: flex; flex-wrap: wrap; gap: 6px; align-items: center; border-top: 1px solid var(--rule-2); padding-top: 14px; }
.looks .on { border-color: var(--ink); box-shadow: inset 0 0 0 1px var(--ink); font-weight: 600; }
</style>
