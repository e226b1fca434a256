<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { SAFE_SHORT, SAFE_STEPS } from '#core/words/looks'
import { tiltGuide } from '#core/oil/tiltGuide'
import type { SafeStep } from '~/composables/useMadeSafe'
import { EVERY_STEP } from '~/composables/useMadeSafe'

/** Before turning, tipping or opening: five ticks, once a working day, and again after anything was connected. The fifth logs them. */
const sheet = useSheet()
const { safe, message, log } = useMadeSafe()
/** why it is asked, and which way up it may be laid */
const asked = ref(false)
const ticked = ref<SafeStep[]>([])
/** on a telephone it is one line until it is touched */
const unfolded = ref(false)
const tilt = computed(() => tiltGuide(sheet.job.value.machine.kind, sheet.job.value.facts))
watch(ticked, async now => {
  if (now.length === EVERY_STEP.length && (await log(now))) ticked.value = []
})
/** held down, each is ticked in its turn: nobody says five things with one tap */
const STEP_MS = 350
const { pause, resume } = useIntervalFn(
  () => {
    const next = EVERY_STEP.find(k => !ticked.value.includes(k))
    if (next) ticked.value = [...ticked.value, next]
    else pause()
  },
  STEP_MS,
  { immediate: false },
)
const hold = (event: KeyboardEvent): void => {
  if (!event.repeat) resume()
}
</script>

<template>
  <section class="safe" :class="{ done: safe, unfolded }" aria-label="Make safe">
    <ElButton text class="fold" :aria-expanded="unfolded" @click="unfolded = !unfolded"
      ><StateMark mark="near" bare /> Make safe,
      {{ safe ? 'done' : `${ticked.length} of ${EVERY_STEP.length}` }}</ElButton
    >
    <ElCheckboxGroup v-if="!safe" v-model="ticked" class="ticks" aria-label="Make safe"
      ><ElCheckbox v-for="(word, k) in SAFE_STEPS" :key="k" :value="k" :title="word"
        >{{ SAFE_SHORT[k] }}<span class="sr">: {{ word }}</span></ElCheckbox
      ></ElCheckboxGroup
    >
    <ElButton v-else link class="link" @click="log([])">Something was connected again</ElButton>
    <span class="does"
      ><ElButton
        v-if="!safe"
        title="Hold it: each is ticked in its turn"
        @pointerdown="resume()"
        @pointerup="pause()"
        @pointerleave="pause()"
        @pointercancel="pause()"
        @keydown.enter.space.prevent="hold"
        @keyup.enter.space="pause()"
        @blur="pause()"
      >
        Hold for all five
      </ElButton>
      <ElButton :aria-expanded="asked" @click="asked = !asked">
        {{ safe ? 'Which way up' : '?' }}<span v-if="!safe" class="sr">Why, and which way up it may be laid</span>
      </ElButton></span
    >
    <p v-if="message" class="fault">{{ message }}</p>
    <div v-show="asked" class="told">
      <template v-if="!safe"
        ><p class="note">Before it is turned, tipped or opened: no such reading is taken before all five.</p>
        <ul>
          <li v-for="(word, k) in SAFE_STEPS" :key="k">{{ word }}</li>
        </ul></template
      >
      <TiltWords :guide="tilt" />
    </div>
  </section>
</template>

<style scoped>
.safe {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: center;
  justify-content: space-between;
  border-bottom: 1px solid var(--rule-2);
  border-left: 4px solid var(--near);
  background: var(--near-wash);
  padding: 3px 12px;
  font-size: 14.5px;
  min-height: 52px;
}
.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
}
.ticks .el-checkbox {
  margin: 0;
}
.does {
  display: flex;
  gap: 8px;
}
.told {
  flex: 1 1 100%;
  display: grid;
  gap: 6px;
  padding-bottom: 10px;
  max-height: 40dvh;
  overflow-y: auto;
}
.fold.el-button.el-button {
  display: none;
}
@media (max-width: 700px) {
  .fold.el-button.el-button {
    display: inline-flex;
    width: 100%;
    padding: 0 2px;
    background: none;
  }
  .safe {
    min-height: 46px;
    padding: 0 12px;
  }
  .safe:not(.unfolded) > :not(.fold) {
    display: none;
  }
}
</style>
