<script setup lang="ts">
import { useElementSize } from '@vueuse/core'

/** Where the verdict has no room beside the work: a sheet from below. The worst stop and what leads stay in sight while it is down. */
const sheet = useSheet()
const { likely, verdict } = useNextMoves()
const up = ref(false)
const closed = useTemplateRef<HTMLElement>('closed')
const { height } = useElementSize(closed, undefined, { box: 'border-box' })
/** what stays in sight above it knows how high it is while it is down */
watch(height, now => {
  if (!up.value && now) document.documentElement.style.setProperty('--under', `${Math.round(now)}px`)
})
type Part = 'verdict' | 'findings' | 'log'
const part = ref<Part>('verdict')
const stops = computed(() => sheet.assessment.value?.stops ?? [])
const lines = computed(() => {
  const n = sheet.job.value.entries.length
  return n === 1 ? '1 line' : `${n} lines`
})
const findings = computed(() => sheet.assessment.value?.findings.length ?? 0)
const PARTS = computed(() => [
  { value: 'verdict', label: 'Verdict' },
  { value: 'findings', label: `Findings ${findings.value}` },
  { value: 'log', label: `Log ${sheet.job.value.entries.length}` },
])
function show(what: Part): void {
  part.value = what
  up.value = true
}
const first = computed(() => likely.value[0])
/** what is begun from the sheet is looked at: it makes way */
watch([sheet.begun, sheet.correction, sheet.stage, sheet.form], () => {
  up.value = false
})
</script>

<template>
  <div class="under" @keydown.esc="up = false">
    <div v-if="up" class="shade" @click="up = false" />
    <aside ref="closed" class="sheetup" :class="{ up }" aria-label="Verdict">
      <button
        type="button"
        class="grip"
        :aria-expanded="up"
        :aria-label="up ? 'Put the verdict down' : 'Take the verdict up'"
        @click="up = !up"
      >
        <i />
      </button>
      <p v-if="sheet.unjudged.value" class="typing" role="alert">{{ sheet.unjudged.value }}</p>
      <template v-if="up">
        <RailStops class="pinned" />
        <div class="parts"><ElSegmented v-model="part" :options="PARTS" block aria-label="What is shown" /></div>
        <div class="scroll">
          <template v-if="part === 'verdict'"
            ><LazyRailDecide v-if="sheet.stage.value === 'decide'" /><RailNext v-else
          /></template>
          <RailFindings v-else-if="part === 'findings'" spread />
          <JobLog v-else spread />
        </div>
      </template>
      <template v-else>
        <p v-if="stops.length" class="worst" :class="{ signed: stops[0]!.signed }">
          <span
            ><b>{{ stops[0]!.title }}</b> <span class="why">{{ stops[0]!.reason }}</span></span
          ><ElButton @click="show('verdict')">{{
            stops.length > 1 ? `and ${stops.length - 1} more` : 'Cleared by'
          }}</ElButton>
        </p>
        <p v-else class="worst none">
          <StateMark mark="good" bare /> <span>Nothing that was found forbids the next step.</span>
        </p>
        <div class="two">
          <ElButton text @click="show('verdict')"
            ><span
              ><small class="lab">{{ first ? `Looks like, ${first.words}` : 'Verdict' }}</small
              ><b>{{ first?.cause.name ?? verdict?.headline ?? 'Nothing stands out yet' }}</b></span
            ></ElButton
          ><ElButton text @click="show('log')"
            ><span
              ><small class="lab">Log</small><b>{{ lines }}</b></span
            ></ElButton
          >
        </div>
      </template>
    </aside>
    <div class="room" aria-hidden="true" />
  </div>
</template>

<style scoped>
.sheetup {
  position: fixed;
  left: 0;
  right: 0;
  bottom: 0;
  z-index: 8;
  background: var(--sheet-2);
  border-top: 2px solid var(--ink);
  display: flex;
  flex-direction: column;
  max-height: 80dvh;
}
.room {
  height: calc(var(--under, 130px) + 40px);
}
.shade {
  position: fixed;
  inset: 0;
  z-index: 7;
  background: rgb(32 39 42 / 45%);
}
/* the whole upper edge is touched, its middle is seen */
.grip {
  position: relative;
  height: 14px;
  border: 0;
  background: none;
  cursor: pointer;
  flex: none;
}
.grip::after {
  content: '';
  position: absolute;
  inset: -30px 30% 0;
}
.grip i {
  display: block;
  width: 56px;
  height: 4px;
  margin: 0 auto;
  border-radius: 2px;
  background: var(--edge);
}
.up .grip {
  height: 44px;
}
.up .grip::after {
  inset: 0;
}
.worst {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  min-height: 56px;
  padding: 4px 14px;
  background: var(--stop);
  color: #fff;
  line-height: 1.25;
}
.worst b {
  font: 600 18px/1.15 var(--label);
}
.worst .why {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  font-size: 14px;
}
.worst .el-button.el-button {
  flex: none;
}
.worst.signed {
  background: var(--past-wash);
  color: var(--past);
}
.worst.none {
  background: var(--good-wash);
  color: var(--ink);
  justify-content: flex-start;
  min-height: 44px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px;
  border-top: 1px solid var(--rule);
}
.two .el-button.el-button {
  justify-content: flex-start;
  min-height: 58px;
  border-radius: 0;
}
.two .el-button + .el-button {
  border-left: 1px solid var(--rule-2);
}
.two :deep(span) {
  display: block;
}
.two b {
  display: block;
  font: 600 16px/1.2 var(--label);
}
.typing {
  padding: 8px 14px;
  background: var(--near-wash);
  color: var(--near);
}
.pinned {
  flex: none;
  max-height: 44dvh;
  overflow-y: auto;
}
.parts {
  padding: 10px 14px;
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
@media print {
  .under {
    display: none;
  }
}
</style>
