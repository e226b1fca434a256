<script setup lang="ts">
import { CAUSE_BY_ID } from '#core/catalogue'
import { keptOf } from '#core/entries/kept'
import { THEORY_STATES } from '#core/words/opened'
import type { TheoryBody } from '#core/entries/theory/schema'
import type { Mark } from '#core/judgement'

/** Theories with what would settle them; a changed state is a correction, and the log keeps how it went. */
const sheet = useSheet()
const theories = computed(() => keptOf(sheet.inForce.value).theory)
const MARKS: Record<TheoryBody['state'], Mark> = {
  open: 'open',
  weakened: 'open',
  ruled_out: 'past',
  suspected: 'near',
  probable: 'near',
  proved: 'good',
}
/** what the findings say of it, beside what somebody believes */
const standing = (causeId: string): string => {
  const l = sheet.diagnosis.value?.likely.find(x => x.cause.id === causeId)
  return l ? `${l.words} by the findings, ${Math.round(100 * l.p)} %` : "the findings don't lift it over others"
}
</script>

<template>
  <div class="ledger">
    <ul v-if="theories.length">
      <li v-for="t in theories" :key="t.id">
        <p>
          <b>‘{{ t.body.statement }}’</b>
          <span class="st"
            ><StateMark :mark="MARKS[t.body.state]" bare /> {{ THEORY_STATES[t.body.state].toLowerCase() }}</span
          >
          <ElButton link class="link" @click="sheet.correct(t)">Take it further</ElButton>
        </p>
        <p v-if="t.body.causeId" class="note">
          {{ CAUSE_BY_ID.get(t.body.causeId)?.name }}: {{ standing(t.body.causeId) }}
        </p>
        <p v-if="t.body.proves || t.body.disproves" class="note">
          <template v-if="t.body.proves">Would be proved by: {{ t.body.proves }}. </template
          ><template v-if="t.body.disproves">Would be ruled out by: {{ t.body.disproves }}.</template>
        </p>
        <p v-if="t.body.trial" class="note">
          Trial: {{ t.body.trial }}<template v-if="t.body.limits">. It can't show: {{ t.body.limits }}</template>
        </p>
      </li>
    </ul>
    <FindingForm name="theory" />
  </div>
</template>

<style scoped>
.ledger {
  display: grid;
  gap: 14px;
}
li {
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
  display: grid;
  gap: 2px;
}
.st {
  margin-left: 6px;
}
</style>
