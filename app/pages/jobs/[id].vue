<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import type { JobPage } from '#shared/types/records'
import type { Stage } from '#core/log/words'
import { STAGE_ORDER, STAGES } from '#core/log/words'
import { JOB_SHEET, useJobSheet } from '~/composables/useJobSheet'

definePageMeta({ key: route => route.path })
const route = useRoute()
const first = await read<JobPage>(`/api/jobs/${String(route.params.id)}`).catch((error: Error) => error)
const trouble = first instanceof Error ? first.message : ''
const sheet = first instanceof Error ? null : useJobSheet(first)
if (sheet) provide(JOB_SHEET, sheet)

const session = useSessionStore()
const stage = computed(() => sheet?.stage.value ?? 'book_in')
useHead({ title: () => (sheet ? `T ${sheet.job.value.number} ${sheet.job.value.machine.name}` : 'Not here') })
/** stages in which hands go into it */
const HANDS_IN: readonly Stage[] = ['first_look', 'narrow_down', 'open_up', 'measure', 'build', 'prove']
/** stages whose forms stand in a list, one of them in hand */
const TABBED: readonly Stage[] = ['first_look', 'narrow_down', 'open_up', 'measure', 'prove']
const PROMPTS: Partial<Record<Stage, string>> = {
  measure: 'What else was measured: item, figure, unit, tool',
  build: 'What was done, fitted, set',
  prove: 'How it ran: idle, load, smoke, leaks, recheck',
}
/** the verdict has room beside the work */
const wide = useMediaQuery('(min-width: 1001px)')
const handsIn = computed(() => session.mayLog('made_safe') && HANDS_IN.includes(stage.value))
/** the strip stands until all five are ticked; then the badge brings it back */
const strip = ref(false)
const made = sheet && useMadeSafe(sheet)
const safe = computed(() => made?.safe.value ?? false)
watch(safe, () => {
  strip.value = false
})

useKeys(
  {
    u: () => {
      if (sheet?.lastLogged.value) void sheet.undo(sheet.lastLogged.value)
    },
  },
  Object.fromEntries(STAGE_ORDER.map((s, i) => [String(i + 1), () => sheet?.open(s)])),
)
const desk = useTemplateRef<HTMLElement>('desk')
/** another stage or form starts at its top, and its heading is read out */
watch([stage, () => sheet?.form.value], async ([now], [before]) => {
  await nextTick()
  if (now !== before) desk.value?.scrollTo({ top: 0 })
  if (sheet?.begun.value) return
  const heading = await arrives(() => desk.value?.querySelector<HTMLElement>('[data-heading]') ?? null, 8)
  ;(heading ?? desk.value)?.focus({ preventScroll: true })
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
async function arrives(find: () => HTMLElement | null, tries = 40): Promise<HTMLElement | null> {
  for (let n = 0; n < tries; n++) {
    const found = find()
    if (found) return found
    await new Promise(done => setTimeout(done, 25))
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
    <JobHead />
    <p v-if="sheet.trouble.value" class="bar" role="alert">{{ sheet.trouble.value }}</p>
    <p v-for="u in sheet.job.value.unreadable" :key="u.id" class="bar" role="alert">
      An entry of {{ u.at.slice(0, 10) }} ({{ u.kind }}) can't be read: {{ u.why }} It stands on disk as it was, and
      nothing below counts it.
    </p>
    <div class="body">
      <StageSpine
        v-if="sheet.assessment.value"
        :stages="sheet.assessment.value.stages"
        :open="stage"
        @pick="s => sheet!.open(s)"
        ><template #foot><SafeBadge v-if="safe" :shown="strip && handsIn" @show="strip = !strip" /></template
      ></StageSpine>
      <div v-else class="spinegap" />
      <div class="middle">
        <MakeSafe v-if="handsIn && (!safe || strip) && !sheet.assessment.value?.closed" />
        <LazyLoggedBanner v-if="sheet.lastLogged.value || sheet.lastUndone.value" />
        <div
          ref="desk"
          class="desk"
          :class="{ tabbed: TABBED.includes(stage) || stage === 'book_in' }"
          tabindex="-1"
          :aria-label="STAGES[stage]"
          role="region"
        >
          <LazyBookInStage v-if="stage === 'book_in'" />
          <StageTabs v-else-if="TABBED.includes(stage)" :stage="stage">
            <template #list
              ><StageMarks v-if="session.mayLog('stage')" :key="`m${stage}`" :stage="stage" class="marks"
            /></template>
            <section v-if="PROMPTS[stage]" class="block more">
              <h2>{{ stage === 'measure' ? 'Anything else that was measured' : 'In words' }}</h2>
              <NoteForm :key="stage" :stage="stage" :prompt="PROMPTS[stage] ?? ''" />
            </section>
          </StageTabs>
          <LazyDecideStage v-else-if="stage === 'decide'" />
          <LazyHandBackStage v-else-if="stage === 'hand_back'" />
          <template v-else-if="stage === 'build'">
            <LazyNeedsList />
            <LazyShelfForJob />
            <NoteForm key="build" stage="build" :prompt="PROMPTS.build ?? ''" />
            <LazyBuildForms />
          </template>
          <StageMarks
            v-if="session.mayLog('stage') && (stage === 'book_in' || stage === 'build')"
            :key="`m${stage}`"
            :stage="stage"
          />
        </div>
      </div>
      <template v-if="wide">
        <LazyJobLog class="lines" />
        <VerdictRail />
      </template>
      <LazyPhoneSheet v-else />
    </div>
    <LazyWhyUndone v-if="sheet.askingWhy.value" />
  </div>
</template>

<style scoped>
.body {
  --rail: 316px;
  display: grid;
  grid-template-columns: 132px minmax(0, 1fr) var(--rail);
  align-items: start;
  position: relative;
}
.middle {
  min-width: 0;
  background: var(--sheet);
  display: flex;
  flex-direction: column;
}
.lines {
  grid-column: 1 / -2;
}
.desk {
  padding: 14px 20px 24px;
  min-width: 0;
}
.desk.tabbed {
  padding: 0;
}
.desk:focus {
  outline: none;
}
.marks {
  padding: 12px 16px;
  margin-top: 12px;
}
.more {
  margin-top: 18px;
}
.spinegap {
  min-height: 480px;
}
.body > :deep(.rail) {
  align-self: stretch;
}
@media (min-width: 1440px) {
  .body {
    --rail: 360px;
  }
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
    /* the log keeps its place while it comes */
    grid-template-rows: minmax(0, 1fr) minmax(55px, auto);
    align-items: stretch;
  }
  .body > * {
    min-height: 0;
  }
  .body > :deep(.spine) {
    overflow-y: auto;
  }
  .desk {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
  }
  .desk.tabbed {
    overflow: hidden;
  }
  .body > :deep(.rail) {
    grid-column: 3;
    grid-row: 1 / span 2;
  }
}
@media (max-width: 1180px) {
  .body {
    --rail: 290px;
  }
  .desk:not(.tabbed) {
    padding: 14px 14px 24px;
  }
}
@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
