<script setup lang="ts">
import dayjs from 'dayjs'
import type { OutboxLine } from '#shared/types/records'

/** Messages to owners, written and kept here; sending them is the shop's telephone or post. */
const lines = ref<OutboxLine[]>([])
onMounted(async () => {
  lines.value = await read<OutboxLine[]>('/api/outbox').catch(() => [])
})
</script>

<template>
  <section id="outbox" class="block">
    <h2>Outbox <span class="lab">nothing leaves this computer by itself</span></h2>
    <p v-if="!lines.length" class="note">Nothing waits to be said.</p>
    <ul>
      <li v-for="l in lines" :key="l.id">
        <p>
          <b>{{ l.customerName }}</b>
          <span class="lab">{{ l.contact ?? 'no address known' }} · {{ dayjs(l.at).format('D MMM HH:mm') }}</span>
          <span v-if="l.mayMessage === 0" class="st near">▲ wants no messages: ring</span>
          {{ l.subject }}
        </p>
        <p class="note">{{ l.text }}</p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
  max-width: 820px;
}
</style>
