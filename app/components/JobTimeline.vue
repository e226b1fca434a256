<script setup lang="ts">
import dayjs from 'dayjs'
import { timeline } from '#core/handover/timeline'

/** What was done and what happened before it failed, over all visits. */
const sheet = useSheet()
const moments = computed(() => timeline(sheet.job.value.history, sheet.inForce.value, sheet.policy.value))
</script>

<template>
  <section class="block">
    <h2>Before it failed <span class="lab">what was done lately is asked about first</span></h2>
    <ol>
      <li v-for="m in moments" :key="m.at + m.text">
        <span class="lab">{{ dayjs(m.at).format('D MMM YYYY') }}</span><span>{{ m.text }}</span
        ><span class="lab">{{ m.daysBefore === 0 ? '' : `${m.daysBefore} days before` }}</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) 120px;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 640px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
