<script setup lang="ts">
/** What is wrong: the essentials, what it looks like and why, and the way from here. The checks stand under it. */
const sheet = useSheet()
const session = useSessionStore()
</script>

<template>
  <div class="looksat">
    <EssentialsBoard v-if="sheet.diagnosis.value" :essentials="sheet.diagnosis.value.essentials" />
    <LooksLike />
    <WayFromHere v-if="session.mayLog('check')" />
    <CasesAlike />
  </div>
</template>

<style scoped>
.looksat {
  display: grid;
  align-content: start;
}
.looksat > :deep(.way),
.looksat > :deep(.alike) {
  padding: 8px 12px;
  border-top: 1px solid var(--rule);
}
</style>
