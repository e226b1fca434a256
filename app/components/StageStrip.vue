<script setup lang="ts">
import type { StageState } from '#core/condition/stages'
import { STAGES } from '#core/log/words'
import type { Stage } from '#core/log/words'

/** Nine small squares: done, skipped, the one in hand, still open. */
defineProps<{ stages: StageState[]; current: Stage }>()
</script>

<template>
  <span class="strip">
    <span class="boxes" aria-hidden="true"
      ><i v-for="s in stages" :key="s.stage" :class="[s.state, { now: s.stage === current }]"
    /></span>
    <span class="lab">{{ STAGES[current] }}</span>
  </span>
</template>

<style scoped>
.strip {
  display: grid;
  gap: 3px;
}
.boxes {
  display: flex;
  gap: 3px;
}
i {
  width: 12px;
  height: 12px;
  border: 1.4px solid var(--rule-2);
  border-radius: 2px;
  background: var(--sheet);
}
i.done {
  background: var(--ink);
  border-color: var(--ink);
}
i.skipped {
  background: repeating-linear-gradient(135deg, var(--rule-2) 0 1.5px, var(--sheet) 1.5px 4px);
}
i.now {
  border: 2px solid var(--petrol);
  background: var(--petrol-wash);
}
</style>
