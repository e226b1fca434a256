<script setup lang="ts">
/** What is done while it goes together, one form under the other, and the record of it. */
const sheet = useSheet()
const { tabs } = useJobTabs(sheet)
</script>

<template>
  <div>
    <section v-for="t in tabs" :key="t.form" class="block more">
      <h2>{{ t.label }}</h2>
      <EntryForm v-if="t.form !== 'oil_map'" :form="t.form" />
    </section>
    <section class="block more">
      <h2>As built</h2>
      <AsBuilt :entries="sheet.inForce.value" />
    </section>
  </div>
</template>

<style scoped>
.more {
  margin-top: 18px;
}
</style>
