<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { Entry, OilBody, OilKindBody, OilReading } from '#core/job/entries'
import type { JobFile } from '#core/job/jobFile'
import type { EngineFacts } from '#core/engine/facts'
import { UNASKED } from '#core/engine/facts'
import { CLUTCH, FOLLOWERS } from '#core/engine/words'
import { OIL_COLOURS, OIL_GLITTER, OIL_KINDS, OIL_SMELLS, OIL_THICKNESS, RATED } from '#core/words/looks'
import { fillMarks } from '#core/oil/fillMarks'
import { judgeOil } from '#core/oil/judgeOil'
import { judgeOilUse } from '#core/oil/judgeOilUse'
import { FIT_WORDS, oilFits } from '#core/oil/oilFits'
import { oilTilt } from '#core/oil/oilTilt'
import type { SpecValue } from '#core/spec/specValue'
import { shownIn } from '#core/units/unitRound'
import { PRE_DELIVERY } from '#core/oil/careText'

/** Oil without a job: level to volume, what colour and smell mean, what it uses, and whether an oil fits. */
useHead({ title: 'Oil' })
const shop = useShopStore()
interface Typed {
  task: 'level' | 'use' | 'fits' | 'tilt'
  glass: boolean
  capacity: string
  low: string
  full: string
  unit: string
  by: 'marks' | 'dry' | 'volume'
  pct: number | null
  drained: string
  colour: OilBody['colour']
  thickness: OilBody['thickness']
  smell: OilBody['smell']
  glitter: OilBody['glitter']
  topped: string
  over: string
  span: 'h' | 'km'
  perWeek: string
  what: OilKindBody['what']
  wetClutch: OilKindBody['wetClutch']
  antiWear: OilKindBody['antiWear']
  clutch: EngineFacts['clutch']
  followers: EngineFacts['followers']
  mm: string
  deg: string
  offset: string
  lean: string
}
const blank = (): Typed => ({
  task: 'level',
  glass: false,
  capacity: '',
  low: '',
  full: '',
  unit: shop.policy.volumeUnit,
  by: 'marks',
  pct: null,
  drained: '',
  colour: null,
  thickness: null,
  smell: null,
  glitter: null,
  topped: '',
  over: '',
  span: 'h',
  perWeek: '',
  what: 'engine',
  wetClutch: 'unknown',
  antiWear: 'unknown',
  clutch: 'none',
  followers: 'unknown',
  mm: '',
  deg: '',
  offset: '',
  lean: '',
})
const t = useLocalStorage<Typed>('remedium:oil', blank, { mergeDefaults: true, listenToStorageChanges: false })
const given = (text: string): number | null => {
  const value = figure(text)
  return value === null || Number.isNaN(value) || value < 0 ? null : value
}
const spec = computed(() =>
  (
    [
      ['oil_capacity', t.value.capacity],
      ['oil_full_mark', t.value.full],
      ['oil_low_mark', t.value.low],
    ] as const
  ).flatMap(([item, text]): SpecValue[] => {
    const value = given(text)
    return value
      ? [{ item, value, unit: t.value.unit, source: 'maker', note: null, year: null, checkedBy: null, chosen: false }]
      : []
  }),
)
const facts = computed((): EngineFacts => ({
  engineClass: 'S4',
  cycle: 'four',
  displacementCc: null,
  cylinders: 1,
  oiling: 'splash',
  oilShows: t.value.glass ? 'window' : 'stick_screwed',
  release: 'unknown',
  bore: 'unknown',
  fuelFeed: 'unknown',
  cooling: 'unknown',
  mixRatio: null,
  ...UNASKED,
  clutch: t.value.clutch,
  followers: t.value.followers,
}))
const file = computed((): JobFile => ({
  machineKind: 'other',
  facts: facts.value,
  spec: spec.value,
  fill: null,
  entries: [],
  history: [],
  policy: shop.policy,
  counts: null,
}))
const marks = computed(() => fillMarks(facts.value, spec.value))
const reading = computed((): OilReading | null => {
  if (t.value.by === 'dry') return { by: 'dry' }
  if (t.value.by === 'marks') return t.value.pct === null ? null : { by: 'marks', pct: t.value.pct }
  const value = given(t.value.drained)
  return value === null ? null : { by: 'volume', amount: { value, unit: t.value.unit } }
})
const oilBody = computed(
  (): OilBody | null =>
    reading.value && {
      reading: reading.value,
      colour: t.value.colour,
      thickness: t.value.thickness,
      smell: t.value.smell,
      glitter: t.value.glitter,
      whereGone: null,
      note: null,
    },
)
const stamp = <K extends Entry['kind']>(kind: K, body: Extract<Entry, { kind: K }>['body']) =>
  ({
    id: kind,
    kind,
    at: new Date().toISOString(),
    by: '',
    how: 'by_eye',
    supersedes: null,
    body,
  }) as unknown as Extract<Entry, { kind: K }>
const level = computed(() => oilBody.value && judgeOil(stamp('oil', oilBody.value), file.value))
const use = computed(() => {
  const [topped, over] = [given(t.value.topped), given(t.value.over)]
  if (!topped || !over) return null
  const body = {
    topped: { value: topped, unit: t.value.unit },
    over,
    unit: t.value.span,
    perWeek: given(t.value.perWeek),
    note: null,
  }
  return {
    body,
    judged: judgeOilUse(stamp('oil_use', body), file.value, oilBody.value ? [stamp('oil', oilBody.value)] : []),
  }
})
const fits = computed(() =>
  oilFits({ what: t.value.what, wetClutch: t.value.wetClutch, antiWear: t.value.antiWear }, facts.value),
)
const tilt = computed(() => {
  const [mm, deg, offset, lean] = [t.value.mm, t.value.deg, t.value.offset, t.value.lean].map(text => figure(text))
  if (
    mm === null ||
    deg === null ||
    offset === null ||
    [mm, deg, offset].some(v => v === undefined || Number.isNaN(v)) ||
    (deg ?? 0) > 30
  )
    return null
  return oilTilt({
    readingMm: mm ?? 0,
    tiltDeg: deg ?? 0,
    offsetMm: offset ?? 0,
    stickLeanDeg: lean ?? 0,
    sumpLengthMm: null,
  })
})
const show = (ml: number): string => shownIn(ml, 'mL', shop.policy.volumeUnit)
const TASKS = {
  level: 'Level and condition',
  use: 'What it uses',
  fits: 'Does this oil fit?',
  tilt: 'Machine not level',
}
const SWATCHES = {
  honey: '#d9a441',
  brown: '#7a4a1c',
  black: '#1d1611',
  silvery: 'linear-gradient(135deg,#8f8f8d,#e4e4e2,#8b8b89)',
  milky: '#cfc3ad',
}
const pct = computed({
  get: () => (t.value.by === 'marks' ? t.value.pct : (level.value?.positionPct ?? null)),
  set: p => {
    Object.assign(t.value, { by: 'marks', pct: p })
  },
})
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Oil</h1>
      <span class="lab"
        >Without a job, for a question across the counter. Send it to a job when it belongs to one.</span
      >
    </div>
    <ChipGroup v-model="t.task" label="Task" :options="TASKS" needed class="task" />
    <div v-if="t.task === 'level'" class="level">
      <OilDrawing
        v-model="pct"
        :glass="t.glass"
        :dry="t.by === 'dry'"
        :low="marks ? show(marks.lowMl) : ''"
        :full="marks ? show(marks.fullMl) : ''"
        :colour="t.colour"
        :mark="level?.mark ?? 'open'"
      />
      <div class="right">
        <div class="grid3 short">
          <QuantityField
            v-model:text="t.capacity"
            v-model:unit="t.unit"
            label="Whole fill"
            :units="['mL', 'L', 'US_floz']"
            kind="volume"
          /><PlainField
            v-model="t.full"
            label="At the full mark"
            inputmode="decimal"
            hint="Empty: the whole fill."
          /><PlainField
            v-model="t.low"
            label="At the low mark"
            inputmode="decimal"
            hint="Empty: three quarters of it, rule of thumb."
          />
        </div>
        <ChipGroup
          v-model="t.by"
          label="Read how"
          :options="{ marks: t.glass ? 'On the glass' : 'On the stick', dry: 'Nothing shows', volume: 'Drained' }"
          needed
        />
        <label class="switch"><input v-model="t.glass" type="checkbox" /> It has a sight glass</label>
        <PlainField
          v-if="t.by === 'volume'"
          v-model="t.drained"
          label="Came out"
          :suffix="t.unit === 'US_floz' ? 'fl oz' : t.unit"
          inputmode="decimal"
          class="narrow"
        />
        <ChipGroup v-model="t.colour" label="Colour" :options="OIL_COLOURS" :swatches="SWATCHES" /><ChipGroup
          v-model="t.thickness"
          label="Thickness"
          :options="OIL_THICKNESS"
        /><ChipGroup v-model="t.smell" label="Smell" :options="OIL_SMELLS" /><ChipGroup
          v-model="t.glitter"
          label="Glitter"
          :options="OIL_GLITTER"
        />
        <VerdictWords :judged="level" />
        <p v-if="!level" class="note">Drag the oil on the stick, or say how it was read.</p>
        <SendToJob
          what="Log this oil"
          :entry="() => oilBody && { kind: 'oil', how: t.by === 'volume' ? 'measured' : 'by_eye', body: oilBody }"
        />
      </div>
    </div>
    <div v-else-if="t.task === 'use'" class="right wide">
      <div class="grid3 short">
        <QuantityField
          v-model:text="t.topped"
          v-model:unit="t.unit"
          label="Topped up"
          :units="['mL', 'L', 'US_floz']"
          kind="volume"
        /><PlainField v-model="t.over" label="Over" :suffix="t.span" inputmode="decimal" /><PlainField
          v-model="t.perWeek"
          label="It runs in a week"
          :suffix="t.span"
          inputmode="decimal"
        />
      </div>
      <ChipGroup v-model="t.span" label="In" :options="{ h: 'hours', km: 'km' }" needed />
      <VerdictWords :judged="use?.judged" />
      <p v-if="!use" class="note">
        What went in, over how much running. The level and the fill under ‘Level and condition’ say when it reaches the
        low mark.
      </p>
      <SendToJob what="Log this use" :entry="() => use && { kind: 'oil_use', how: 'claimed', body: use.body }" />
    </div>
    <div v-else-if="t.task === 'fits'" class="right wide">
      <ChipGroup v-model="t.what" label="It is" :options="OIL_KINDS" needed /><ChipGroup
        v-model="t.wetClutch"
        label="Wet clutch"
        :options="RATED"
        needed
      /><ChipGroup v-model="t.antiWear" label="Anti-wear" :options="RATED" needed />
      <p class="lab">The engine</p>
      <ChipGroup v-model="t.clutch" label="Clutch" :options="CLUTCH" needed /><ChipGroup
        v-model="t.followers"
        label="Followers"
        :options="FOLLOWERS"
        needed
      />
      <VerdictWords
        :judged="{
          mark: fits.fit === 'fits' ? 'good' : fits.fit === 'check' ? 'open' : 'past',
          headline: `This oil: ${FIT_WORDS[fits.fit]}`,
          details: fits.reasons.map(r => r.why),
        }"
      />
      <SendToJob
        what="Log this oil"
        :entry="
          () => ({
            kind: 'oil_kind',
            how: null,
            body: { what: t.what, grade: null, wetClutch: t.wetClutch, antiWear: t.antiWear, reason: null },
          })
        "
      />
      <details>
        <summary class="lab">Before a new machine goes out</summary>
        <ul>
          <li v-for="line in PRE_DELIVERY" :key="line">{{ line }}</li>
        </ul>
      </details>
    </div>
    <div v-else class="right wide">
      <p class="note">
        The stick of a machine that leans: what it would read standing level. Downhill of the middle of the sump reads
        too high.
      </p>
      <div class="grid4 short">
        <PlainField v-model="t.mm" label="Wet length of the stick" suffix="mm" inputmode="decimal" /><PlainField
          v-model="t.deg"
          label="Machine leans"
          suffix="°"
          inputmode="decimal"
        /><PlainField
          v-model="t.offset"
          label="Stick downhill of the middle"
          suffix="mm"
          inputmode="decimal"
          hint="Uphill: minus."
        /><PlainField v-model="t.lean" label="Stick leans" suffix="°" inputmode="decimal" hint="Empty: upright." />
      </div>
      <p v-if="tilt" class="verdict" aria-live="polite">
        <b v-if="tilt.status === 'ok'">Level it would read {{ tilt.levelReadingMm.toFixed(1) }} mm, not {{ t.mm }}.</b
        ><b v-else class="past">At this lean the floor of the sump is dry: put it level and read again.</b>
      </p>
    </div>
  </div>
</template>

<style scoped>
.task {
  margin-bottom: 16px;
}
.level {
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr);
  gap: 22px;
  align-items: start;
}
.right {
  display: grid;
  gap: 11px;
}
.wide {
  max-width: 860px;
}
.short {
  max-width: 820px;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr) minmax(0, 1fr);
}
.grid4.short {
  grid-template-columns: repeat(4, minmax(0, 1fr));
}
.narrow {
  max-width: 200px;
}
.verdict {
  font-size: 19px;
}
.switch {
  display: inline-flex;
  gap: 9px;
  align-items: center;
  min-height: 44px;
}
.switch input {
  width: 20px;
  height: 20px;
  accent-color: var(--petrol);
}
li {
  padding: 3px 0;
}
summary {
  cursor: pointer;
  min-height: 40px;
}
@media (max-width: 760px) {
  .short,
  .grid4.short {
    grid-template-columns: minmax(0, 1fr);
  }
  .level {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
