<script setup lang="ts">
import type { JobPage } from '#shared/types/records'
import type { WaitingBody } from '#core/entries/waiting/schema'
import { latest } from '#core/entries/types'
import { describe } from '#core/entries/say'
import { STAGE_ORDER } from '#core/log/words'
import { WAITING_FOR } from '#core/words/deciding'
import { hasSump } from '#core/oil/fillMarks'
import { JOB_SHEET, useJobSheet } from '~/composables/useJobSheet'

definePageMeta({ key: route => route.path })
const route = useRoute()
const first = await read<JobPage>(`/api/jobs/${String(route.params.id)}`).catch((error: Error) => error)
const trouble = first instanceof Error ? first.message : ''
const sheet = first instanceof Error ? null : useJobSheet(first)
if (sheet) provide(JOB_SHEET, sheet)

const shop = useShopStore()
const complaint = computed(() => sheet && latest(sheet.inForce.value, 'complaint')?.body.words)
const stage = computed(() => sheet?.stage.value ?? 'book_in')
useHead({ title: () => (sheet ? `T ${sheet.job.value.number} ${sheet.job.value.machine.name}` : 'Remedium') })
const { planned, looks, look, marks, OPENED, MEASURED, opened, measured, pickPart } = useJobTabs(sheet)
const PROMPTS = {
  measure: 'What was measured: item, figure, unit, tool',
  build: 'What was done, fitted, set',
  prove: 'How it ran: idle, load, smoke, leaks, recheck',
} as const

async function wait(to: WaitingBody['for']): Promise<void> {
  if (!sheet) return
  const said = latest(sheet.inForce.value, 'waiting')
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
        ><select
          class="in"
          :value="sheet.assessment.value?.waiting?.for ?? 'nobody'"
          @change="wait(($event.target as HTMLSelectElement).value as WaitingBody['for'])"
        >
          <option v-for="(word, k) in WAITING_FOR" :key="k" :value="k">{{ word }}</option>
        </select></label
      >
    </header>
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
      />
      <div v-else class="spinegap" />
      <div class="desk">
        <div v-if="sheet.lastLogged.value" class="logged" role="status">
          <span
            ><b>Logged.</b> {{ describe(sheet.lastLogged.value, shop.policy).title }}:
            {{ describe(sheet.lastLogged.value, shop.policy).text }}</span
          >
          <button type="button" class="btn" @click="sheet.undo(sheet.lastLogged.value)">Undo <kbd>u</kbd></button>
        </div>
        <SpendClock v-if="stage !== 'book_in' && !sheet.assessment.value?.closed" />
        <MakeSafe v-if="['first_look', 'narrow_down', 'open_up', 'measure'].includes(stage)" />
        <BookInStage v-if="stage === 'book_in'" />
        <template v-else-if="stage === 'first_look'">
          <TabRow
            label="First look"
            :tabs="looks"
            :on="look"
            :marks="marks"
            @pick="form => sheet!.open('first_look', form)"
          />
          <OilForm v-if="look === 'oil'" />
          <MixForm v-else-if="look === 'mix'" />
          <FuelPathForm v-else-if="look === 'fuel'" />
          <PlugForm v-else-if="look === 'plug'" />
          <AirFilterForm v-else-if="look === 'air_filter'" />
          <FindingForm v-else-if="planned(look)" :key="look" :name="planned(look)!" />
          <TurnOverForm v-else />
        </template>
        <NarrowDown v-else-if="stage === 'narrow_down'" :marks="marks" />
        <template v-else-if="stage === 'open_up'">
          <TabRow
            label="Open up"
            :tabs="OPENED"
            :on="opened"
            :marks="marks"
            @pick="form => sheet!.open('open_up', form)"
          />
          <PartsForm v-if="opened === 'part'" />
          <template v-else-if="opened === 'oil_map'"
            ><OilMap v-if="sheet.assessment.value?.oilMap" :map="sheet.assessment.value.oilMap" @pick="pickPart" />
            <p v-else class="note">
              Say on the machine's page how this engine is oiled: the map is drawn from that.
            </p></template
          >
          <template v-else-if="opened === 'cause_found'"><CauseFoundForm /><JobTimeline class="more" /></template>
          <FindingForm v-else-if="opened === 'as_found'" key="as_found" name="as_found" />
          <FindingForm v-else-if="opened === 'fasteners'" key="fasteners" name="fasteners" />
          <template v-else-if="opened === 'bad_batch'"
            ><FindingForm key="bad_batch" name="bad_batch" /><BatchCarriers class="more"
          /></template>
          <FindingForm v-else-if="opened === 'evidence'" key="evidence" name="evidence" />
          <DebrisForm v-else />
        </template>
        <template v-else-if="stage === 'measure'">
          <TabRow
            label="Measure"
            :tabs="MEASURED"
            :on="measured"
            :marks="marks"
            @pick="form => sheet!.open('measure', form)"
          />
          <MeasureForm v-if="measured === 'measure'" />
          <FindingForm v-else-if="measured === 'valve_leak'" key="valve_leak" name="valve_leak" />
          <FindingForm v-else-if="measured === 'pump_rig'" key="pump_rig" name="pump_rig" />
          <BoreForm v-else />
          <section class="block more">
            <h2>Anything else that was measured</h2>
            <NoteForm key="measure" stage="measure" :prompt="PROMPTS.measure" />
          </section>
        </template>
        <DecideStage v-else-if="stage === 'decide'" />
        <HandBackStage v-else-if="stage === 'hand_back'" />
        <template v-else-if="stage === 'build'">
          <NeedsList />
          <ShelfForJob />
          <NoteForm key="build" stage="build" :prompt="PROMPTS.build" />
          <section class="block more">
            <h2>Work done</h2>
            <FindingForm key="work" name="work" />
          </section>
          <section class="block more">
            <h2>Fitted</h2>
            <FindingForm name="fitted" /><BatchCarriers />
          </section>
          <section class="block more">
            <h2>As built</h2>
            <AsBuilt :entries="sheet.inForce.value" />
          </section>
          <section v-if="hasSump(sheet.job.value.facts)" class="block more">
            <h2>Oil change</h2>
            <FindingForm name="oil_change" />
          </section>
        </template>
        <NoteForm v-else :key="stage" :stage="stage" :prompt="PROMPTS[stage as keyof typeof PROMPTS]" />
        <StageMarks v-if="stage !== 'hand_back'" :key="`m${stage}`" :stage="stage" />
        <JobLog />
      </div>
      <VerdictRail />
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
.waits .in {
  width: auto;
  padding-right: 26px;
}
.body {
  display: grid;
  grid-template-columns: 148px minmax(0, 1fr) 336px;
  align-items: start;
  min-height: calc(100vh - 118px);
}
.spinegap {
  min-height: 480px;
}
.desk {
  background: var(--sheet);
  padding: 14px 20px 30px;
  min-height: calc(100vh - 118px);
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
  overflow-wrap: anywhere;
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
}
</style>
