<script setup lang="ts">
import type { Mark } from '#core/judgement'

/** The state of a finding: a shape and a colour, and always a word beside it. */
defineProps<{ mark: Mark; bare?: boolean }>()
const WORDS = { good: 'good', near: 'look further', past: 'past its limit', open: "can't tell" } as const
</script>

<template>
  <span class="st" :class="mark">
    <svg width="13" height="13" viewBox="0 0 14 14" aria-hidden="true">
      <circle v-if="mark === 'good'" cx="7" cy="7" r="5.6" fill="currentColor" />
      <g v-else-if="mark === 'near'">
        <circle cx="7" cy="7" r="5.2" fill="none" stroke="currentColor" stroke-width="1.8" />
        <path d="M7 1.8a5.2 5.2 0 0 1 0 10.4z" fill="currentColor" />
      </g>
      <path
        v-else-if="mark === 'past'"
        d="m2.2 2.2 9.6 9.6m0-9.6-9.6 9.6"
        stroke="currentColor"
        stroke-width="2.4"
        fill="none"
      />
      <circle v-else cx="7" cy="7" r="5.2" fill="none" stroke="currentColor" stroke-width="1.8" />
    </svg>
    <span :class="{ sr: bare }">{{ WORDS[mark] }}</span>
  </span>
</template>
