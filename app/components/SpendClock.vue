<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { moneyText } from '#core/units/money'
import { spendNow } from '#core/verdict/spend'
import type { SpendBody } from '#core/entries/spend/schema'

/** What is put into this job so far, against the owner's cap, and the clock that counts it. */
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
async function log(body: SpendBody, supersedes: string | null = null): Promise<void> {
  const outcome = await sheet.log({ kind: 'spend', how: null, body, supersedes })
  sheet.trouble.value = outcome.ok ? '' : outcome.message
  now.value = new Date().toISOString()
}
const start = (): Promise<void> =>
  log({ what: 'At the bench', startedAt: new Date().toISOString(), endedAt: null, minutes: null, costMinor: null })
async function stop(): Promise<void> {
  const { running } = spend.value
  if (running) await log({ ...running.body, endedAt: new Date().toISOString() }, running.id)
}
</script>

<template>
  <section class="spend" :class="spend.state" aria-label="Put in so far">
    <p class="sum">
      <span class="nowrap"
        ><b>{{ hours }}</b> <span class="lab">{{ cash(spend.total + spend.purchase) }}</span></span
      ><span class="lab cap">{{ spend.cap === null ? 'put in' : `of the cap of ${cash(spend.cap)}` }}</span>
      <i v-if="spend.sharePct !== null" class="bar2" aria-hidden="true"
        ><b :style="{ width: `${Math.min(100, spend.sharePct)}%` }"
      /></i>
    </p>
    <ElButton v-if="spend.running" class="run" :title="spend.running.body.what" @click="stop"
      ><span class="two"
        >Stop clock<small>{{ hours }}</small></span
      ></ElButton
    >
    <ElButton v-else @click="start"
      ><span class="two"
        >Start clock<small>{{ hours }}</small></span
      ></ElButton
    >
  </section>
</template>

<style scoped>
.spend {
  display: flex;
  gap: 12px;
  align-items: center;
}
.sum {
  min-width: 128px;
  text-align: right;
}
.sum b {
  font: 600 18px/1 var(--label);
}
.cap {
  display: block;
}
.nowrap {
  white-space: nowrap;
}
.bar2 {
  display: block;
  height: 6px;
  margin-top: 3px;
  background: var(--rule);
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
.over_cap .sum,
.near_cap .lab,
.over_cap .lab {
  color: var(--past);
}
.run.el-button.el-button {
  border-color: var(--petrol);
  color: var(--petrol);
}
.two small {
  display: none;
  font: 500 14px/1.1 var(--label);
}
@media (max-width: 700px) {
  .sum {
    display: none;
  }
  .two {
    display: grid;
  }
  .two small {
    display: block;
  }
}
</style>
