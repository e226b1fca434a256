<script setup lang="ts">
/** What is wrong: the essentials, what it looks like and why, and the way from here. The checks stand under it. */
const sheet = useSheet()
const session = useSessionStore()
</script>

<template>
  <div class="narrow">
    <EssentialsBoard v-if="sheet.diagnosis.value" :essentials="sheet.diagnosis.value.essentials" />
    <LooksLike />
    <WayFromHere v-if="session.mayLog('check')" />
    <CasesAlike />
  </div>
</template>

<style scoped>
.narrow {
  display: grid;
  gap: 16px;
  margin-bottom: 16px;
}
</style>
