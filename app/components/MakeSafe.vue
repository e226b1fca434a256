<script setup lang="ts">
import { useNow } from '@vueuse/core'
import dayjs from 'dayjs'
import { keptOf } from '#core/entries/kept'
import { isSafe } from '#core/entries/made_safe/safe'
import { SAFE_STEPS } from '#core/words/looks'
import { tiltGuide } from '#core/oil/tiltGuide'

/** Before turning, tipping or opening: ticked once a working day, and again after anything was connected. Until then such readings are refused. */
const sheet = useSheet()
const shop = useShopStore()
const last = computed(() => keptOf(sheet.inForce.value).made_safe.at(-1))
const now = useNow({ interval: 60_000 })
const safe = computed(() => isSafe(sheet.inForce.value, now.value.toISOString()))
const ticked = ref<(keyof typeof SAFE_STEPS)[]>([])
const message = ref('')
const tilt = computed(() => tiltGuide(sheet.job.value.machine.kind, sheet.job.value.facts))
async function log(done: typeof ticked.value): Promise<void> {
  const outcome = await sheet.log({ kind: 'made_safe', how: null, body: { done } })
  message.value = outcome.ok ? '' : (outcome.faults[0]?.message ?? outcome.message)
  if (outcome.ok) ticked.value = []
}
</script>

<template>
  <div v-if="!sheet.assessment.value?.closed" class="safe" :class="{ done: safe }">
    <p v-if="safe && last" class="said">
      <StateMark mark="good" bare /> Made safe {{ dayjs(last.at).format('HH:mm') }}, {{ shop.initials(last.by) }}
      <ElButton link class="link" @click="log([])">Something was connected again</ElButton>
    </p>
    <form v-else @submit.prevent="log(ticked)">
      <fieldset>
        <legend>
          <b>Make safe</b>
          <span class="lab">before it is turned, tipped or opened: no such reading is taken before</span>
        </legend>
        <ElCheckboxGroup v-model="ticked" class="ticks"
          ><ElCheckbox v-for="(word, k) in SAFE_STEPS" :key="k" :value="k">{{ word }}</ElCheckbox></ElCheckboxGroup
        >
        <ElButton native-type="submit">Made safe</ElButton>
      </fieldset>
      <p v-if="message" class="fault">{{ message }}</p>
    </form>
    <details class="tiltguide">
      <summary class="lab">Which way up: {{ tilt.best }}</summary>
      <TiltWords :guide="tilt" />
    </details>
  </div>
</template>

<style scoped>
.safe {
  border: 1px solid var(--near);
  border-left-width: 4px;
  background: var(--near-wash);
  padding: 8px 12px;
  margin-bottom: 12px;
  border-radius: var(--radius);
  font-size: 14.5px;
}
.safe.done {
  border: 0;
  background: none;
  padding: 0;
}
.said {
  display: flex;
  gap: 7px;
  align-items: baseline;
  flex-wrap: wrap;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: center;
}
legend {
  padding: 0;
  margin-bottom: 2px;
  float: left;
  width: 100%;
}
.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
}
.ticks .el-checkbox {
  margin: 0;
}
.el-button.el-button {
  margin-left: auto;
}
.tiltguide summary {
  cursor: pointer;
  min-height: 44px;
  padding-top: 12px;
}
.tiltguide[open] {
  padding-bottom: 10px;
}
</style>
