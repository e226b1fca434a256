<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { Entry } from '#core/entries/types'
import type { PartBody } from '#core/entries/part/schema'
import type { HowGot } from '#core/log/words'
import { PART_ROLES, SCORE_SIDES } from '#core/words/opened'
import { PART_PLANS } from '#core/teardown/parts'
import { DISPOSITIONS, OIL_STATES } from '#core/teardown/partPlan'
import { placeKey } from '#core/teardown/places'
import { MEASURE_PLANS } from '#core/measure/items'
import type { MeasureItem } from '#core/measure/items'
import type { PartKey } from '#core/teardown/parts'

/** One part as it lies on the bench. */
const props = defineProps<{ part: PartKey; place: string | null; base?: Entry; inOilWay: boolean }>()
interface Draft {
  disposition: PartBody['disposition'] | null
  seen: string[]
  side: keyof typeof SCORE_SIDES | null
  oil: PartBody['oil']
  role: PartBody['role']
  how: HowGot
  reason: string
  orientation: string
  owed: string
}
const sheet = useSheet()
const plan = PART_PLANS[props.part]
const form = useEntryForm<'part', Draft>({
  kind: 'part',
  slot: placeKey(props),
  base: props.base,
  blank: () => ({
    disposition: null,
    seen: [],
    side: null,
    oil: 'not_looked',
    role: 'open',
    how: 'by_eye',
    reason: '',
    orientation: '',
    owed: '',
  }),
  how: d => d.how,
  toBody: d => ({
    part: props.part,
    place: props.place,
    disposition: d.disposition as PartBody['disposition'],
    seen: d.seen,
    side: d.seen.length ? (d.side ?? null) : null,
    oil: d.oil,
    role: d.role,
    reason: d.reason || null,
    orientation: d.orientation || null,
    owed: d.owed || null,
  }),
  fromBody: (b, how) => ({
    disposition: b.disposition,
    seen: [...b.seen],
    side: b.side ?? null,
    oil: b.oil,
    role: b.role,
    how: how ?? 'by_eye',
    reason: b.reason ?? '',
    orientation: b.orientation ?? '',
    owed: b.owed ?? '',
  }),
})
const { draft } = form
const { judged } = form
const HOW = { by_eye: 'By eye', by_feel: 'By feel', measured: 'Measured' }
const photos = computed(() => keptOf(sheet.inForce.value).photo.filter(p => p.body.about === placeKey(props)))
const { busy, message, take } = usePhotos(placeKey(props))
/** figures that were taken of this part, and those it asks for */
const asked = computed(
  () =>
    plan.asks?.map(ask =>
      ask === 'bore' ? { ask, label: 'bore' } : { ask, label: MEASURE_PLANS[ask].label.toLowerCase() },
    ) ?? [],
)
const figures = computed(() => {
  const ids = new Set(
    sheet.inForce.value.flatMap(e =>
      (e.kind === 'measure' && plan.asks?.includes(e.body.item)) || (e.kind === 'bore' && plan.asks?.includes('bore'))
        ? [e.id]
        : [],
    ),
  )
  return sheet.assessment.value?.judgements.filter(j => ids.has(j.entryId)) ?? []
})
function measure(ask: 'bore' | MeasureItem): void {
  if (ask !== 'bore') sheet.measureItem.value = ask
  sheet.open('measure', ask === 'bore' ? 'bore' : 'measure')
}
function sound(): void {
  Object.assign(draft.value, { disposition: 'reuse', oil: props.inOilWay ? 'sound' : 'not_looked' })
  void form.submit()
}
</script>

<template>
  <form class="part" @submit.prevent="form.submit()">
    <MultiChips v-model="draft.seen" label="Seen on it" :options="plan.look" :fault="form.faultOf('seen')" />
    <ChipGroup
      v-if="plan.group === 'top' && draft.seen.length"
      v-model="draft.side"
      label="On which side"
      :options="SCORE_SIDES"
      :fault="form.faultOf('side')"
    />
    <ChipGroup
      v-model="draft.disposition"
      label="What becomes of it"
      :options="DISPOSITIONS"
      :fault="form.faultOf('disposition')"
    />
    <ChipGroup v-if="inOilWay" v-model="draft.oil" label="Oil" :options="OIL_STATES" needed />
    <ChipGroup
      v-if="draft.disposition === 'replace' || draft.disposition === 'machine'"
      v-model="draft.role"
      label="Cause or consequence"
      :options="PART_ROLES"
      needed
    />
    <div class="grid2">
      <PlainField v-model="draft.reason" label="Reason" :fault="form.faultOf('reason')" /><PlainField
        v-model="draft.orientation"
        label="Which way round it was"
        :hint="plan.orientation"
        :fault="form.faultOf('orientation')"
      />
    </div>
    <div class="grid2">
      <PlainField
        v-model="draft.owed"
        label="Still owed: noticed, not followed up"
        :fault="form.faultOf('owed')"
      /><ChipGroup v-model="draft.how" label="Got" :options="HOW" needed />
    </div>
    <div class="proof">
      <ul v-if="figures.length">
        <li v-for="j in figures" :key="j.entryId"><StateMark :mark="j.mark" bare /> {{ j.headline }}</li>
      </ul>
      <ElButton link v-for="a in asked" :key="a.ask" class="link" @click="measure(a.ask)">
        Measure: {{ a.label }}
      </ElButton>
      <img
        v-for="p in photos"
        :key="p.id"
        :src="`/api/photos/${p.body.photoId}?size=small`"
        :alt="p.body.caption ?? plan.name"
        loading="lazy"
      />
      <LazyFilePick
        accept="image/*"
        multiple
        dash
        :disabled="busy"
        @pick="(files: File[]) => take(files, place ? `${plan.name}, ${place}` : plan.name)"
      >
        Photo of it
      </LazyFilePick>
      <p v-if="message" class="fault" role="alert">{{ message }}</p>
    </div>
    <VerdictWords :judged="judged" />
    <FormFoot
      label="Log this part"
      :busy="form.busy.value"
      :message="form.message.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    >
      <ElButton v-if="!base && !form.touched.value" class="dash" @click="sound"> Sound, use again </ElButton>
    </FormFoot>
  </form>
</template>

<style scoped>
.proof {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
.proof img {
  height: 74px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
}
.proof ul {
  flex: 1 0 100%;
}
.proof label.btn:has(:focus-visible) {
  outline: 3px solid var(--petrol);
  outline-offset: 2px;
}
.part {
  display: grid;
  gap: 10px;
  padding: 4px 0 14px;
}
</style>
