<script setup lang="ts">
import type { AlikeLine } from '#shared/types/records'

/** Closed jobs whose findings look like this one's, and what each was. */
const cases = useFromJob<AlikeLine>('alike')
</script>

<template>
  <section v-if="cases.length" class="alike" aria-label="Earlier cases alike">
    <h2>Earlier cases alike</h2>
    <ul>
      <li v-for="c in cases" :key="c.id">
        <NuxtLink :to="`/jobs/${c.id}`">T {{ c.number }}</NuxtLink> {{ c.machineName }}:
        <b>{{ c.cause }}, {{ c.proof }}</b> <span class="note">both: {{ c.shared.join(', ') }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
