<script setup lang="ts">
/** The verdict beside the work: what must not be done on top, what the findings say at the foot, what comes next between them. */
const sheet = useSheet()
</script>

<template>
  <aside class="rail" aria-label="Verdict">
    <p v-if="sheet.unjudged.value" class="typing" role="alert">{{ sheet.unjudged.value }}</p>
    <RailStops :lines="sheet.stage.value === 'decide'" />
    <div class="scroll">
      <LazyRailDecide v-if="sheet.assessment.value && sheet.stage.value === 'decide'" />
      <RailNext v-else-if="sheet.assessment.value" />
      <p v-else class="wait lab">Reading the log…</p>
    </div>
    <RailFindings />
  </aside>
</template>

<style scoped>
.rail {
  background: var(--sheet-2);
  border-left: 1px solid var(--rule-2);
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.typing {
  padding: 8px 16px;
  background: var(--near-wash);
  color: var(--near);
}
.wait {
  padding: 16px;
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
</style>
