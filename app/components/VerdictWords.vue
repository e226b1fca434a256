<script setup lang="ts">
import type { Judgement } from '#core/judgement'

/** What a finding means, beside the form that holds it. */
defineProps<{ judged: Pick<Judgement, 'mark' | 'headline' | 'details'> | null | undefined; bare?: boolean }>()
</script>

<template>
  <div v-if="judged" class="said">
    <p class="verdict" aria-live="polite">
      <StateMark :mark="judged.mark" /> <b>{{ judged.headline }}</b>
    </p>
    <template v-if="!bare"
      ><p v-for="d in judged.details" :key="d" class="note">{{ d }}</p></template
    >
  </div>
</template>

<style scoped>
.said {
  display: grid;
  gap: 8px;
  font-style: normal;
}
.verdict {
  font-size: 17px;
  display: flex;
  gap: 8px;
  align-items: baseline;
  flex-wrap: wrap;
  color: var(--ink);
}
</style>
