<script setup lang="ts">
import { CLUTCH, FOLLOWERS } from '#core/engine/words'
import { OIL_COLOURS, OIL_GLITTER, OIL_KINDS, OIL_SMELLS, OIL_THICKNESS, RATED } from '#core/words/looks'
import { FIT_WORDS } from '#core/entries/oil_kind/oilFits'
import { PRE_DELIVERY } from '#core/handover/careText'

const { t, marks, oilBody, level, use, fits, tilt, show, TASKS, SWATCHES, pct } = useOilBench()
useHead({ title: 'Oil' })
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
        :low="marks ? `${show(marks.lowMl)}${marks.source === 'rule_of_thumb' ? ', rule of thumb' : ''}` : ''"
        :full="marks ? `${show(marks.fullMl)}${marks.source === 'rule_of_thumb' ? ', rule of thumb' : ''}` : ''"
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
        <ElCheckbox v-model="t.glass">It has a sight glass</ElCheckbox>
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
      <FoldedPart>
        <template #title><span class="lab">Before a new machine goes out</span></template>
        <ul>
          <li v-for="line in PRE_DELIVERY" :key="line">{{ line }}</li>
        </ul>
      </FoldedPart>
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
li {
  padding: 3px 0;
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
