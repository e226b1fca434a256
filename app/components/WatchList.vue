<script setup lang="ts">
import { watchWords, watchesOf } from '#core/condition/watches'
import type { Visit } from '#core/entries/file'
import type { Entry } from '#core/entries/types'
import dayjs from 'dayjs'

/** What is still to be looked at again on a machine, what is due first. */
const props = defineProps<{ history: Visit[]; entries?: Entry[] }>()
const list = computed(() => watchesOf({ history: props.history }, props.entries ?? [], dayjs().format('YYYY-MM-DD')))
</script>

<template>
  <ul v-if="list.length" class="watches" aria-label="To be looked at again">
    <li v-for="w in list" :key="w.id">
      <span :class="['st', w.now ? 'near' : 'open']">{{ w.now ? '▲ due' : '○ later' }}</span>
      <span
        >{{ watchWords(w) }}<span v-if="w.why" class="note"> {{ w.why }}</span></span
      >
      <slot :watch="w" />
    </li>
  </ul>
</template>

<style scoped>
.watches li {
  display: grid;
  grid-template-columns: 70px minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: center;
  min-height: 44px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 640px) {
  .watches li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
