<script setup lang="ts">
import { describe } from '#core/entries/say'
import { undone } from '#core/log/entry'

/** What was logged or taken back just now, and how that is undone. */
const sheet = useSheet()
const shop = useShopStore()
/** what was undone just now, and the undoing */
const takenBack = computed(() => {
  const by = sheet.lastUndone.value
  const was = by && undone(sheet.job.value.entries).get(by.id)
  return was ? { by: by.id, was } : null
})
</script>

<template>
  <div v-if="sheet.lastLogged.value" class="logged" role="status">
    <span
      ><b>Logged.</b> {{ describe(sheet.lastLogged.value, shop.policy).title }}:
      {{ describe(sheet.lastLogged.value, shop.policy).text }}</span
    >
    <ElButton @click="sheet.undo(sheet.lastLogged.value)">Undo <kbd>u</kbd></ElButton>
  </div>
  <div v-else-if="takenBack" class="logged" role="status">
    <span
      ><b>Undone.</b> {{ describe(takenBack.was, shop.policy).title }}:
      {{ describe(takenBack.was, shop.policy).text }}</span
    >
    <ElButton @click="sheet.putBack(takenBack.by, takenBack.was)">Put it back</ElButton>
  </div>
</template>

<style scoped>
.logged {
  display: flex;
  gap: 10px 16px;
  align-items: center;
  justify-content: space-between;
  background: var(--good-wash);
  border-left: 4px solid var(--good);
  padding: 3px 8px 3px 12px;
  position: sticky;
  top: 0;
  z-index: 3;
  overflow-wrap: anywhere;
}
.logged > span {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.logged .el-button {
  flex: none;
}
</style>
