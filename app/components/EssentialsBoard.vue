<script setup lang="ts">
import type { Essential, EssentialState } from '#core/diagnosis/essentials'
import type { Mark } from '#core/judgement'

/** Compression, spark, fuel, then timing: the one that is missing is followed, the rest parked. */
defineProps<{ essentials: Essential[] }>()
const NAMES = { compression: 'Compression', spark: 'Spark', fuel: 'Fuel', timing: 'Timing' } as const
const WORDS: Record<EssentialState, string> = {
  good: 'Sound',
  weak: 'Doubtful',
  missing: 'Missing',
  open: 'Not looked at',
  parked: 'Parked',
}
const MARKS: Record<EssentialState, Mark> = {
  good: 'good',
  weak: 'near',
  missing: 'past',
  open: 'open',
  parked: 'open',
}
</script>

<template>
  <ol class="board" aria-label="Essentials">
    <li v-for="e in essentials" :key="e.name" :class="e.state">
      <span class="lab">{{ NAMES[e.name] }}</span>
      <b><StateMark :mark="MARKS[e.state]" bare /> {{ WORDS[e.state] }}</b>
      <span class="note">{{ e.state === 'missing' ? `${e.why}: follow this` : e.why }}</span>
    </li>
  </ol>
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  border-bottom: 1px solid var(--rule-2);
}
li {
  padding: 6px 12px 7px;
  display: grid;
  gap: 1px;
  align-content: start;
  border-bottom: 3px solid var(--ink-2);
}
li:nth-child(even) {
  border-left: 1px solid var(--rule);
}
b {
  font: 600 18px/1.2 var(--label);
}
.good {
  border-bottom-color: var(--good);
}
.weak {
  border-bottom-color: var(--near);
}
.missing {
  border-bottom-color: var(--past);
  background: var(--past-wash);
}
.parked,
.open {
  border-bottom-color: var(--rule-2);
  color: var(--ink-2);
}
.good,
.weak,
.missing {
  color: var(--ink);
}
</style>
