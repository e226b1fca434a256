<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { moneyText } from '#core/units/money'
import { spendNow } from '#core/verdict/spend'
import type { SpendBody } from '#core/entries/spend/schema'

/** What is put into this job so far, against the owner's cap; a clock to start and stop, or minutes typed. */
const sheet = useSheet()
const shop = useShopStore()
const now = ref(new Date().toISOString())
useIntervalFn(() => {
  now.value = new Date().toISOString()
}, 20_000)
const spend = computed(() => spendNow(sheet.inForce.value, sheet.policy.value, now.value))
const cash = (x: number): string => moneyText(x, shop.policy.currency)
const hours = computed(
  () => `${Math.floor(spend.value.minutes / 60)} h ${String(Math.round(spend.value.minutes % 60)).padStart(2, '0')}`,
)
const open = ref(false)
const calling = ref(false)
const what = ref('')
const minutes = ref('')
const cost = ref('')
const message = ref('')
const faults = ref<Fault[]>([])
const fault = (field: string): string => faults.value.find(f => f.field === `body.${field}`)?.message ?? ''

async function log(body: SpendBody, supersedes: string | null = null): Promise<boolean> {
  const outcome = await sheet.log({ kind: 'spend', how: null, body, supersedes })
  message.value = outcome.ok ? '' : outcome.message
  faults.value = outcome.ok ? [] : outcome.faults
  now.value = new Date().toISOString()
  return outcome.ok
}
async function start(): Promise<void> {
  if (
    await log({
      what: what.value || 'At the bench',
      startedAt: new Date().toISOString(),
      endedAt: null,
      minutes: null,
      costMinor: null,
    })
  )
    what.value = ''
}
async function stop(): Promise<void> {
  const { running } = spend.value
  if (running) await log({ ...running.body, endedAt: new Date().toISOString() }, running.id)
}
async function typed(): Promise<void> {
  if (
    await log({
      what: what.value,
      startedAt: null,
      endedAt: null,
      minutes: typedFigure(minutes.value) as number | null,
      costMinor: moneyTyped(cost.value, shop.policy.currency),
    })
  ) {
    what.value = minutes.value = cost.value = ''
    open.value = false
  }
}
</script>

<template>
  <section class="spend" :class="spend.state" aria-label="Put in so far">
    <div class="row">
      <span class="sum"
        ><b>{{ hours }}</b>
        <span class="lab"
          >put in, {{ cash(spend.total + spend.purchase)
          }}<template v-if="spend.cap !== null"> of the cap of {{ cash(spend.cap) }}</template></span
        ></span
      >
      <i v-if="spend.sharePct !== null" class="bar2" aria-hidden="true"
        ><b :style="{ width: `${Math.min(100, spend.sharePct)}%` }"
      /></i>
      <ElButton v-if="spend.running" class="run" @click="stop">
        Stop working <small>{{ spend.running.body.what }}</small>
      </ElButton>
      <ElButton v-else @click="start">Start working</ElButton>
      <ElButton link class="link" :aria-expanded="open" @click="open = !open">Type it</ElButton>
      <ElButton link class="link" :aria-expanded="calling" @click="calling = !calling">Call the owner</ElButton>
    </div>
    <form v-if="open" class="type" @submit.prevent="typed">
      <PlainField v-model="what" label="What was done or bought" :fault="fault('what')" /><PlainField
        v-model="minutes"
        label="Minutes"
        suffix="min"
        inputmode="numeric"
        :fault="fault('minutes')"
      /><PlainField
        v-model="cost"
        label="Spent"
        :suffix="shop.policy.currency"
        inputmode="decimal"
        :fault="fault('costMinor')"
      /><ElButton native-type="submit">Log it</ElButton>
    </form>
    <FindingForm v-if="calling" name="owner_call" @logged="calling = false" />
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
  </section>
</template>

<style scoped>
.spend {
  border-bottom: 1px solid var(--rule);
  margin: -6px 0 12px;
  padding-bottom: 6px;
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
}
.sum b {
  font: 600 18px var(--label);
}
.bar2 {
  flex: 1 1 90px;
  max-width: 200px;
  height: 8px;
  background: var(--sheet-2);
  border: 1px solid var(--rule-2);
}
.bar2 b {
  display: block;
  height: 100%;
  background: var(--petrol);
}
.near_cap .bar2 b {
  background: var(--near);
}
.over_cap .bar2 b {
  background: var(--past);
}
.near_cap .sum,
.over_cap .sum {
  color: var(--past);
}
.run {
  border-color: var(--petrol);
  color: var(--petrol);
}
.run small {
  font-weight: 400;
  margin-left: 6px;
}
.type {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 120px 140px auto;
  gap: 10px;
  align-items: start;
}
.type .el-button.el-button {
  margin-top: 21px;
}
@media (max-width: 640px) {
  .type {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
