<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'

/** Time that no clock ran for, and money that was spent. What is typed stays when it is closed. */
const open = defineModel<boolean>({ required: true })
const sheet = useSheet()
const shop = useShopStore()
const blank = { what: '', minutes: '', cost: '' }
const draft = useLocalStorage(`remedium:spend:${sheet.job.value.id}`, { ...blank })
const message = ref('')
const faults = ref<Fault[]>([])
const fault = (field: string): string => faults.value.find(f => f.field === `body.${field}`)?.message ?? ''
async function log(): Promise<void> {
  const { what, minutes, cost } = draft.value
  const outcome = await sheet.log({
    kind: 'spend',
    how: null,
    body: {
      what,
      startedAt: null,
      endedAt: null,
      minutes: typedFigure(minutes) as number | null,
      costMinor: moneyTyped(cost, shop.policy.currency),
    },
  })
  message.value = outcome.ok ? '' : outcome.message
  faults.value = outcome.ok ? [] : outcome.faults
  if (!outcome.ok) return
  draft.value = { ...blank }
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Time and money put in" width="480px">
    <form class="type" @submit.prevent="log">
      <PlainField
        v-model="draft.what"
        label="What was done or bought"
        :fault="fault('what')"
        class="whole"
      /><PlainField
        v-model="draft.minutes"
        label="Minutes"
        suffix="min"
        inputmode="numeric"
        :fault="fault('minutes')"
      /><PlainField
        v-model="draft.cost"
        label="Spent"
        :suffix="shop.policy.currency"
        inputmode="decimal"
        :fault="fault('costMinor')"
      />
      <p v-if="message" class="fault whole" role="alert">{{ message }}</p>
      <ElButton type="primary" native-type="submit">Log it</ElButton>
    </form>
  </ElDialog>
</template>

<style scoped>
.type {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.whole {
  grid-column: 1 / -1;
}
</style>
