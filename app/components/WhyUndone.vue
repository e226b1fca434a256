<script setup lang="ts">
import { describe } from '#core/entries/say'

/** What stands for a while, or was logged by somebody else, is not taken back without a word. */
const sheet = useSheet()
const shop = useShopStore()
const entry = computed(() => sheet.askingWhy.value)
const why = ref('')
const fault = ref('')
watch(entry, () => {
  why.value = fault.value = ''
})
function undo(): void {
  if (!entry.value) return
  if (why.value.trim()) void sheet.undo(entry.value, why.value.trim())
  else fault.value = 'Say in a few words why it is taken back: it stays on the log.'
}
</script>

<template>
  <ElDialog
    v-if="entry"
    :model-value="true"
    title="Take it back, and say why"
    width="480px"
    @update:model-value="sheet.askingWhy.value = null"
  >
    <form class="why" @submit.prevent="undo">
      <p>
        <b>{{ describe(entry, shop.policy).title }}:</b> {{ describe(entry, shop.policy).text }}
      </p>
      <PlainField v-model="why" label="Why it is taken back" :fault="fault" />
      <span class="acts"
        ><ElButton type="primary" native-type="submit">Undo it</ElButton
        ><ElButton @click="sheet.askingWhy.value = null">Leave it</ElButton></span
      >
    </form>
  </ElDialog>
</template>

<style scoped>
.why {
  display: grid;
  gap: 12px;
}
</style>
