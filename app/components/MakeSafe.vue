<script setup lang="ts">
import { useNow } from '@vueuse/core'
import dayjs from 'dayjs'
import { keptOf } from '#core/entries/kept'
import { isSafe } from '#core/entries/made_safe/safe'
import { SAFE_SHORT, SAFE_STEPS } from '#core/words/looks'
import { tiltGuide } from '#core/oil/tiltGuide'

/** Before turning, tipping or opening: ticked once a working day, and again after anything was connected. Until then such readings are refused. */
const sheet = useSheet()
const shop = useShopStore()
const last = computed(() => keptOf(sheet.inForce.value).made_safe.at(-1))
const now = useNow({ interval: 60_000 })
const safe = computed(() => isSafe(sheet.inForce.value, now.value.toISOString()))
/** why it is asked, and which way up it may be laid */
const asked = ref(false)
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
        <legend class="sr">Make safe</legend>
        <ElCheckboxGroup v-model="ticked" class="ticks"
          ><ElCheckbox v-for="(word, k) in SAFE_STEPS" :key="k" :value="k" :title="word"
            >{{ SAFE_SHORT[k] }}<span class="sr">: {{ word }}</span></ElCheckbox
          ></ElCheckboxGroup
        >
        <ElButton native-type="submit">Made safe</ElButton>
      </fieldset>
      <p v-if="message" class="fault">{{ message }}</p>
    </form>
    <ElButton link class="link" :aria-expanded="asked" @click="asked = !asked">
      {{ safe ? 'Which way up' : 'Why?' }}<span v-if="!safe" class="sr"> And which way up it may be laid</span>
    </ElButton>
    <div v-show="asked" class="told">
      <template v-if="!safe"
        ><p class="note">Before it is turned, tipped or opened: no such reading is taken before all five.</p>
        <ul>
          <li v-for="(word, k) in SAFE_STEPS" :key="k">{{ word }}</li>
        </ul></template
      >
      <TiltWords :guide="tilt" />
    </div>
  </div>
</template>

<style scoped>
.safe {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: center;
  justify-content: space-between;
  border: 1px solid var(--near);
  border-left-width: 4px;
  background: var(--near-wash);
  padding: 3px 8px 3px 12px;
  margin-bottom: 12px;
  border-radius: var(--radius);
  font-size: 14.5px;
}
.safe.done {
  border: 0;
  background: none;
  padding: 0;
}
.safe > form {
  flex: 1 1 600px;
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
  gap: 0 12px;
  align-items: center;
  justify-content: space-between;
}
.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
}
.ticks .el-checkbox {
  margin: 0;
}
.told {
  flex: 1 1 100%;
  display: grid;
  gap: 6px;
  padding-bottom: 10px;
}
</style>
