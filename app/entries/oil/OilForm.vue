<script setup lang="ts">
import { fillMarks, TIP_PCT } from '#core/oil/fillMarks'
import type { OilBody } from '#core/entries/oil/schema'
import {
  OIL_COLOURS,
  OIL_GLITTER,
  OIL_HISTORY,
  OIL_READ_WHEN,
  OIL_SMELLS,
  OIL_THICKNESS,
  WHERE_GONE,
} from '#core/words/looks'
import { shownIn } from '#core/units/unitRound'

interface Draft {
  by: 'marks' | 'dry' | 'volume' | 'scale' | null
  pct: string
  mm: string
  volume: string
  unit: string
  colour: OilBody['colour']
  thickness: OilBody['thickness']
  smell: OilBody['smell']
  glitter: OilBody['glitter']
  whereGone: OilBody['whereGone']
  history: 'known' | 'unknown' | null
  readWhen: 'after_run' | 'standing' | null
  note: string
}
const sheet = useSheet()
const facts = computed(() => sheet.job.value.facts)
/** oil in a tank of its own runs down while it stands */
const tank = computed(() => facts.value.oiling === 'pump_dry')
const glass = computed(() => facts.value.oilShows === 'window')
const blank = (): Draft => ({
  by: facts.value.oilShows === 'drained' ? 'volume' : null,
  pct: '',
  mm: '',
  volume: '',
  unit: sheet.policy.value.volumeUnit,
  colour: null,
  thickness: null,
  smell: null,
  glitter: null,
  whereGone: null,
  history: null,
  readWhen: null,
  note: '',
})

const form = useEntryForm<'oil', Draft>({
  kind: 'oil',
  blank,
  how: d => (d.by === 'volume' ? 'measured' : 'by_eye'),
  toBody: d => ({
    reading: readingOf(d),
    colour: d.colour,
    thickness: d.thickness,
    smell: d.smell,
    glitter: d.glitter,
    whereGone: d.whereGone ?? null,
    history: d.history ?? null,
    ...(tank.value && { readWhen: d.readWhen ?? null }),
    note: d.note || null,
  }),
  fromBody: b => ({
    by: b.reading.by,
    pct: b.reading.by === 'marks' ? String(b.reading.pct) : '',
    mm: b.reading.by === 'scale' ? String(b.reading.mm) : '',
    volume: b.reading.by === 'volume' ? String(b.reading.amount.value) : '',
    unit: b.reading.by === 'volume' ? b.reading.amount.unit : sheet.policy.value.volumeUnit,
    colour: b.colour,
    thickness: b.thickness,
    smell: b.smell,
    glitter: b.glitter,
    whereGone: b.whereGone,
    history: b.history ?? null,
    readWhen: b.readWhen ?? null,
    note: b.note ?? '',
  }),
})
const { draft } = form
/** What can't be read as a figure goes as it was typed: the answer then names the field. */
function readingOf(d: Draft): OilBody['reading'] {
  if (d.by === 'dry') return { by: 'dry' }
  if (d.by === 'volume') return { by: 'volume', amount: { value: typedFigure(d.volume) as number, unit: d.unit } }
  if (d.by === 'scale') return { by: 'scale', mm: typedFigure(d.mm) as number }
  if (d.by === 'marks') return { by: 'marks', pct: typedFigure(d.pct) as number }
  return null as unknown as OilBody['reading']
}

const level = computed({
  /** a drained volume is drawn where it would show */
  get: () =>
    draft.value.by === 'marks'
      ? figure(draft.value.pct)
      : draft.value.by === 'volume' || draft.value.by === 'scale'
        ? (judged.value?.positionPct ?? (belowStick.value ? TIP_PCT : null))
        : null,
  set: pct => {
    draft.value.by = 'marks'
    draft.value.pct = figureText(pct)
  },
})
const marks = computed(() => fillMarks(facts.value, sheet.job.value.spec, sheet.job.value.fill))
const show = (ml: number): string => shownIn(ml, 'mL', sheet.policy.value.volumeUnit)
/** marks that nobody measured on this engine are said to be what they are */
const markWords = (ml: number): string =>
  `${show(ml)}${marks.value?.source === 'rule_of_thumb' ? ', rule of thumb' : ''}`
const belowStick = computed(
  () =>
    judged.value?.volumeMl !== null && judged.value?.volumeMl !== undefined && judged.value.state === 'dangerously_low',
)
const { judged } = form
const low = computed(
  () =>
    draft.value.by === 'dry' ||
    (judged.value?.state?.endsWith('low') && judged.value.state !== 'ok_low') ||
    draft.value.whereGone,
)
const SWATCHES = {
  honey: '#d9a441',
  brown: '#7a4a1c',
  black: '#1d1611',
  silvery: 'linear-gradient(135deg,#8f8f8d,#e4e4e2,#8b8b89)',
  milky: '#cfc3ad',
}
const HOW_READ: Record<string, string> = {
  stick_screwed: 'Stick wiped, screwed in, machine level.',
  stick_resting: 'Stick wiped, resting on its thread, machine level.',
  window: 'Upright and level; wait some minutes after filling.',
  drained: 'Drain warm into a marked can; a little always stays inside.',
  unknown: 'Machine level; wipe the stick first.',
  none: '',
}
const BY = computed(() => ({
  marks: glass.value ? 'On the glass' : 'On the stick',
  ...(sheet.job.value.fill && { scale: sheet.job.value.fill.kind === 'ullage' ? 'Down from the rim, mm' : 'In mm' }),
  dry: 'Nothing shows',
  volume: 'Drained',
}))
</script>

<template>
  <form class="oil" @submit.prevent="form.submit()">
    <OilDrawing
      v-model="level"
      :glass="glass"
      :dry="draft.by === 'dry'"
      :low="marks ? markWords(marks.lowMl) : ''"
      :full="marks ? markWords(marks.fullMl) : ''"
      :colour="draft.colour"
      :mark="judged?.mark ?? 'open'"
    />
    <div class="right">
      <ChipGroup
        v-model="draft.by"
        label="Read how"
        hide-label
        :options="BY"
        needed
        :fault="draft.by ? '' : form.faultOf('reading')"
      />
      <QuantityField
        v-if="draft.by === 'volume'"
        v-model:text="draft.volume"
        v-model:unit="draft.unit"
        label="Came out"
        :units="['mL', 'L', 'US_floz']"
        kind="volume"
        :fault="form.faultOf('reading')"
      />
      <PlainField
        v-else-if="draft.by === 'scale'"
        v-model="draft.mm"
        label="Reads, as in this machine's fill table"
        suffix="mm"
        inputmode="decimal"
        class="narrow"
        :fault="form.faultOf('reading')"
      />
      <PlainField
        v-else-if="draft.by === 'marks'"
        v-model="draft.pct"
        label="Level, 0 at low and 100 at full"
        suffix="%"
        inputmode="numeric"
        class="narrow"
        :fault="form.faultOf('reading')"
      />
      <ChipGroup
        v-if="tank && draft.by !== 'volume'"
        v-model="draft.readWhen"
        label="Read when? Run it first, then read"
        :options="OIL_READ_WHEN"
      />
      <VerdictWords :judged="judged" bare />
      <p v-if="judged?.details[0]" class="note">{{ judged.details[0] }}</p>
      <ChipGroup
        v-model="draft.colour"
        label="Colour"
        :options="OIL_COLOURS"
        :swatches="SWATCHES"
        :fault="form.faultOf('colour')"
      />
      <ChipGroup v-model="draft.thickness" label="Thickness" :options="OIL_THICKNESS" />
      <ChipGroup v-model="draft.smell" label="Smell" :options="OIL_SMELLS" />
      <ChipGroup v-model="draft.glitter" label="Glitter" :options="OIL_GLITTER" />
      <ChipGroup v-model="draft.history" label="What oil is it?" :options="OIL_HISTORY" />
      <ChipGroup v-if="low" v-model="draft.whereGone" label="Where did it go?" :options="WHERE_GONE" />
      <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
      <FormFoot
        label="Log the oil"
        :busy="form.busy.value"
        :message="form.message.value"
        :correcting="form.correcting.value"
        :touched="form.touched.value"
        @cancel="form.clear()"
      >
        <span class="lab caution"
          >{{ HOW_READ[facts.oilShows] }} Oil may be hot. Waste oil to its own can: follow your local rules.</span
        >
      </FormFoot>
    </div>
  </form>
</template>

<style scoped>
.oil {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}
.right {
  display: grid;
  gap: 9px;
}
.narrow {
  max-width: 260px;
}
.caution {
  flex: 1 1 240px;
}
@media (max-width: 760px) {
  .oil {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
