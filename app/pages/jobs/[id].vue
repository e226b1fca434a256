<script setup lang="ts">
import type { JobPage } from '#shared/types/records'
import type { WaitingBody } from '#core/entries/waiting/schema'
import { keptOf } from '#core/entries/kept'
import { describe } from '#core/entries/say'
import type { Stage } from '#core/log/words'
import { STAGE_ORDER, STAGES } from '#core/log/words'
import { WAITING_FOR } from '#core/words/deciding'
import { JOB_SHEET, useJobSheet } from '~/composables/useJobSheet'

definePageMeta({ key: route => route.path })
const route = useRoute()
const first = await read<JobPage>(`/api/jobs/${String(route.params.id)}`).catch((error: Error) => error)
const trouble = first instanceof Error ? first.message : ''
const sheet = first instanceof Error ? null : useJobSheet(first)
if (sheet) provide(JOB_SHEET, sheet)

const shop = useShopStore()
const session = useSessionStore()
const complaint = computed(() => sheet && keptOf(sheet.inForce.value).complaint.at(-1)?.body.words)
const stage = computed(() => sheet?.stage.value ?? 'book_in')
useHead({ title: () => (sheet ? `T ${sheet.job.value.number} ${sheet.job.value.machine.name}` : 'Remedium') })
/** stages in which hands go into it */
const HANDS_IN: readonly Stage[] = ['first_look', 'narrow_down', 'open_up', 'measure', 'build', 'prove']
/** stages whose forms stand side by side */
const TABBED: readonly Stage[] = ['first_look', 'narrow_down', 'open_up', 'measure']
const PROMPTS = {
  build: 'What was done, fitted, set',
  prove: 'How it ran: idle, load, smoke, leaks, recheck',
} as const

async function wait(to: WaitingBody['for']): Promise<void> {
  if (!sheet) return
  const said = keptOf(sheet.inForce.value).waiting.at(-1)
  const outcome = await sheet.log({
    kind: 'waiting',
    how: null,
    body: { for: to, what: null },
    supersedes: said?.id ?? null,
  })
  sheet.trouble.value = outcome.ok ? '' : outcome.message
}
useKeys(
  {
    u: () => {
      if (sheet?.lastLogged.value) void sheet.undo(sheet.lastLogged.value)
    },
  },
  Object.fromEntries(STAGE_ORDER.map((s, i) => [String(i + 1), () => sheet?.open(s)])),
)
const desk = useTemplateRef<HTMLElement>('desk')
const rail = useTemplateRef<{ $el: HTMLElement }>('rail')
const toRail = (): void => rail.value?.$el.scrollIntoView({ block: 'start' })
/** another stage starts at its top, and says so to a reader */
watch(stage, async () => {
  await nextTick()
  desk.value?.scrollTo({ top: 0 })
  if (!sheet?.begun.value) desk.value?.focus({ preventScroll: true })
})
/** what was begun from the rail is there, in view, its first field in hand */
watch(
  () => sheet?.begun.value,
  async begun => {
    if (!begun || !sheet) return
    const form = await arrives(() => desk.value?.querySelector<HTMLElement>(FIRST_FIELD) ?? null)
    form?.closest('form')?.scrollIntoView({ block: 'nearest' })
    form?.focus({ preventScroll: false })
    sheet.begun.value = false
  },
)
const FIRST_FIELD = '[data-form] form :is(input, textarea, button):not([disabled]):not([type=file])'
/** a form may come a little later than its stage */
async function arrives(find: () => HTMLElement | null): Promise<HTMLElement | null> {
  for (let n = 0; n < 40; n++) {
    await new Promise(done => setTimeout(done, 25))
    const found = find()
    if (found) return found
  }
  return null
}
const ready = ref(false)
onMounted(() => {
  ready.value = true
})
</script>

<template>
  <div v-if="!sheet" class="page">
    <h1>Not here</h1>
    <p class="bar">{{ trouble }}</p>
    <p><NuxtLink to="/">Back to today</NuxtLink></p>
  </div>
  <div v-else class="sheet" :data-ready="ready && Boolean(sheet.assessment.value)">
    <header class="head">
      <span class="tag">T {{ sheet.job.value.number }}</span>
      <div class="name">
        <h1>{{ sheet.job.value.machine.name }}</h1>
        <p class="lab">
          <NuxtLink :to="`/machines/${sheet.job.value.machine.id}`">{{ sheet.job.value.customer.name }}</NuxtLink> ·
          {{ sheet.job.value.facts.cycle === 'two' ? 'two-stroke' : 'four-stroke'
          }}<template v-if="sheet.job.value.facts.displacementCc"
            >, {{ sheet.job.value.facts.displacementCc }} cc</template
          >
          ·
          {{
            sheet.job.value.machine.meterReading === null
              ? 'running time unknown'
              : `${sheet.job.value.machine.meterReading.toLocaleString('en-GB')} ${sheet.job.value.machine.meterUnit} ${sheet.job.value.machine.meterSource}`
          }}
        </p>
      </div>
      <q v-if="complaint" class="words">{{ complaint }}</q>
      <label class="waits"
        ><span class="lab">Waiting for</span
        ><ElSelect
          :model-value="sheet.assessment.value?.waiting?.for ?? 'nobody'"
          aria-label="Waiting for"
          @change="(to: WaitingBody['for']) => wait(to)"
          ><ElOption v-for="(word, k) in WAITING_FOR" :key="k" :value="k" :label="word" /></ElSelect
      ></label>
    </header>
    <p v-if="sheet.trouble.value" class="bar" role="alert">{{ sheet.trouble.value }}</p>
    <p v-for="u in sheet.job.value.unreadable" :key="u.id" class="bar" role="alert">
      An entry of {{ u.at.slice(0, 10) }} ({{ u.kind }}) can't be read: {{ u.why }} It stands on disk as it was, and
      nothing below counts it.
    </p>
    <StopLine v-if="sheet.assessment.value" :stops="sheet.assessment.value.stops" @show="toRail" />
    <div class="body">
      <StageSpine
        v-if="sheet.assessment.value"
        :stages="sheet.assessment.value.stages"
        :open="stage"
        @pick="s => sheet!.open(s)"
      />
      <div v-else class="spinegap" />
      <div ref="desk" class="desk" tabindex="-1" :aria-label="STAGES[stage]" role="region">
        <div v-if="sheet.lastLogged.value" class="logged" role="status">
          <span
            ><b>Logged.</b> {{ describe(sheet.lastLogged.value, shop.policy).title }}:
            {{ describe(sheet.lastLogged.value, shop.policy).text }}</span
          >
          <ElButton @click="sheet.undo(sheet.lastLogged.value)">Undo <kbd>u</kbd></ElButton>
        </div>
        <SpendClock v-if="session.mayLog('spend') && stage !== 'book_in' && !sheet.assessment.value?.closed" />
        <MakeSafe v-if="session.mayLog('made_safe') && HANDS_IN.includes(stage)" />
        <BookInStage v-if="stage === 'book_in'" />
        <StageTabs v-else-if="TABBED.includes(stage)" :stage="stage" />
        <DecideStage v-else-if="stage === 'decide'" />
        <HandBackStage v-else-if="stage === 'hand_back'" />
        <template v-else-if="stage === 'build'">
          <NeedsList />
          <ShelfForJob />
          <NoteForm key="build" stage="build" :prompt="PROMPTS.build" />
          <BuildForms />
        </template>
        <template v-else-if="stage === 'prove'">
          <NoteForm key="prove" stage="prove" :prompt="PROMPTS.prove" />
          <section class="block"><StageTabs stage="prove" /></section>
        </template>
        <NoteForm v-else :key="stage" :stage="stage" :prompt="PROMPTS[stage as keyof typeof PROMPTS]" />
        <StageMarks v-if="session.mayLog('stage') && stage !== 'hand_back'" :key="`m${stage}`" :stage="stage" />
      </div>
      <JobLog class="lines" />
      <VerdictRail ref="rail" />
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 8px 18px;
  align-items: center;
  min-height: 66px;
  padding: 8px 16px;
  border-bottom: 1px solid var(--rule);
  flex-wrap: wrap;
}
.name {
  min-width: 0;
}
.name h1 {
  overflow-wrap: anywhere;
}
.name a {
  color: inherit;
}
.head q {
  flex: 1 1 200px;
  quotes: '‘' '’';
  max-width: 440px;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.waits {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-left: auto;
}
.waits .el-select {
  width: 168px;
}
.body {
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr) 336px;
  align-items: start;
  min-height: calc(100vh - 118px);
}
.lines {
  grid-column: 1 / -2;
  padding: 6px 20px 6px;
  background: var(--sheet);
}
.desk:focus {
  outline: none;
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .sheet {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
  }
  .body {
    flex: 1;
    min-height: 0;
    grid-template-rows: minmax(0, 1fr) auto;
    align-items: stretch;
  }
  .body > * {
    min-height: 0;
  }
  .body > :deep(.spine),
  .body > .desk {
    overflow-y: auto;
  }
  .body > :deep(.rail) {
    grid-column: 3;
    grid-row: 1 / span 2;
  }
}
.spinegap {
  min-height: 480px;
}
.desk {
  background: var(--sheet);
  padding: 14px 20px 30px;
  min-width: 0;
}
.body > :deep(.rail) {
  align-self: stretch;
}
.logged {
  display: flex;
  gap: 10px 16px;
  align-items: center;
  justify-content: space-between;
  background: var(--good-wash);
  border-left: 4px solid var(--good);
  padding: 6px 8px 6px 12px;
  margin-bottom: 12px;
  position: sticky;
  top: 0;
  z-index: 3;
  overflow-wrap: anywhere;
}
.logged .el-button {
  flex: none;
}
.more {
  margin-top: 18px;
}
@media (max-width: 1180px) {
  .body {
    grid-template-columns: 132px minmax(0, 1fr) 300px;
  }
  .desk {
    padding: 14px 14px 30px;
  }
}
@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
  .desk {
    min-height: 0;
  }
  .lines {
    grid-column: 1;
    padding: 6px 14px;
  }
}
</style>
