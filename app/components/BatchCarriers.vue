<script setup lang="ts">
import type { CarrierLine } from '#shared/types/records'

/** What of this engine's parts is in quarantine, and who else carries it. */
const lines = useFromJob<CarrierLine>('carriers')
</script>

<template>
  <section v-if="lines.length" class="carriers" aria-label="Machines that carry the batch">
    <h2>Others carry it: {{ lines.length }}</h2>
    <ul>
      <li v-for="l in lines" :key="l.jobId + l.what">
        <NuxtLink :to="`/jobs/${l.jobId}`">T {{ l.number }}</NuxtLink> {{ l.machineName }}, {{ l.customerName }}:
        {{ l.what }}, batch {{ l.batch }}
      </li>
    </ul>
    <p class="note">A message to each owner lies in the <NuxtLink to="/shop#outbox">outbox</NuxtLink>.</p>
  </section>
</template>

<style scoped>
h2 {
  font: 600 16px var(--label);
}
li {
  padding: 3px 0;
}
</style>
