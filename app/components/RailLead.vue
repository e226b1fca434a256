<script setup lang="ts">
import type { Check } from '#core/catalogue'

/** What to look at next, why, and what could follow it. */
defineProps<{
  /** only the one look */
  short?: boolean
}>()
const { sheet, a, lead, then, start, may } = useNextMoves()
const skipping = ref(false)
const skipReason = ref('')
const skipFault = ref('')
async function skip(check: Check): Promise<void> {
  if (!skipReason.value.trim()) {
    skipFault.value = 'Say in a few words why it is left out.'
    return
  }
  const outcome = await sheet.log({
    kind: 'check',
    how: 'by_eye',
    body: { check: check.id, found: [], absent: [], skipped: skipReason.value, note: null },
  })
  skipFault.value = outcome.ok ? '' : outcome.message
  if (outcome.ok) {
    skipping.value = false
    skipReason.value = ''
  }
}
</script>

<template>
  <section v-if="lead && !a?.closed" data-test="next" class="lead" :class="{ short }">
    <h2 class="lab">Look at next</h2>
    <p class="nexttitle">
      <b>{{ lead.title }}</b> <span class="lab min">{{ lead.minutes }} min</span>
    </p>
    <p v-if="!short" class="why">{{ lead.why }}</p>
    <p v-if="!short && lead.thought" class="why thought" data-test="thought">{{ lead.thought }}</p>
    <p v-if="!short && lead.caution" class="why caution">{{ lead.caution }}</p>
    <span class="acts"
      ><ElButton v-if="may(lead)" type="primary" @click="start(lead)">
        {{ lead.check ? 'Begin this check' : 'Go to it' }}</ElButton
      ><ElButton v-if="!short && may(lead) && lead.check && !skipping" @click="skipping = true">
        Skip, say why
      </ElButton></span
    >
    <form v-if="skipping && lead.check" class="skip" @submit.prevent="skip(lead.check)">
      <PlainField v-model="skipReason" label="Why it is left out" :fault="skipFault" /><span class="acts"
        ><ElButton native-type="submit">Leave it out</ElButton><ElButton @click="skipping = false">Back</ElButton></span
      >
    </form>
    <dl v-if="!short && lead.outcomes.length > 2" class="then2" aria-label="What each answer would do">
      <template v-for="o in lead.outcomes" :key="o.sign ?? 'none'"
        ><dt>{{ o.seen.toLowerCase() }}</dt>
        <dd>{{ o.lead.name.toLowerCase() }}, {{ Math.round(100 * o.pLead) }} %</dd></template
      >
    </dl>
    <p v-for="item in short ? [] : then" :key="item.id" class="then">
      <ElButton link v-if="!item.waits && may(item)" class="link" @click="start(item)">{{ item.title }}</ElButton><span
        v-else
        class="waits"
        >{{ item.title }}<small v-if="item.waits">waits: {{ item.waits }}</small></span
      ><span class="lab">{{ item.minutes }} min</span>
    </p>
  </section>
</template>

<style scoped>
section {
  background: var(--petrol-wash);
  padding: 11px 16px 13px;
  border-bottom: 1px solid var(--rule);
}
h2.lab {
  margin-bottom: 5px;
}

.min {
  white-space: nowrap;
}
.short {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: center;
  padding-block: 6px;
}
.short h2 {
  grid-column: 1;
  margin: 0;
}
.short .acts {
  grid-column: 2;
  grid-row: 1 / span 2;
}
.nexttitle {
  font-size: 16px;
}
.why {
  font-size: 14px;
  color: var(--ink-2);
  margin: 2px 0 8px;
}
.caution {
  color: var(--near);
}
.skip {
  display: grid;
  gap: 6px;
  margin-top: 8px;
}
.then2 {
  display: grid;
  grid-template-columns: 1fr 1fr;
  margin-top: 9px;
  font-size: 14px;
}
.then2 > * {
  padding: 4px 6px 4px 0;
  border-top: 1px solid var(--rule);
}
.then2 dd {
  color: var(--ink-2);
}
.waits {
  color: var(--ink-2);
  font-size: 14px;
}
.waits small {
  display: block;
  font-size: 14px;
}
.then {
  display: flex;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--rule);
}
.acts + .then {
  margin-top: 10px;
}
.then .link.el-button.el-button {
  padding: 0;
  text-align: left;
}
</style>
