<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { MeasureBody } from '#core/entries/measure/schema'
import type { HowGot } from '#core/log/words'
import { placesOfSize } from '#core/entries/measure/dangers'
import { DIAL_SWING, MEASURED_WHEN, RING_SHAPES } from '#core/words/opened'
import { MEASURE_HOW } from '#core/measure/hows'
import { groupOf, MEASURE_GROUPS, MEASURE_PLANS } from '#core/measure/items'
import { TOOL_LABELS } from '#core/measure/tools'
import type { MeasureGroup, MeasureItem } from '#core/measure/items'
import type { Tool } from '#core/measure/tools'

/** One size after another, in the unit of the tool; the next one that is not taken yet opens by itself. */
interface Draft {
  item: MeasureItem
  reads: string[]
  unit: string
  tool: Tool
  place: string
  when: MeasureBody['when']
  how: HowGot
  sold: string
  swing: keyof typeof DIAL_SWING | null
  shape: keyof typeof RING_SHAPES | null
  note: string
}
const sheet = useSheet()
const items = computed(
  () =>
    Object.fromEntries(
      (Object.keys(MEASURE_PLANS) as MeasureItem[])
        .filter(k => MEASURE_PLANS[k].fits(sheet.job.value.facts))
        .map(k => [k, MEASURE_PLANS[k].label]),
    ) as Record<MeasureItem, string>,
)
const taken = computed(() => new Set(keptOf(sheet.inForce.value).measure.map(e => e.body.item)))
const start = (item: MeasureItem): Draft => ({
  item,
  reads: MEASURE_PLANS[item].reads.map(() => ''),
  unit: rememberedUnit('length', ['mm', 'thou', 'in']),
  tool: MEASURE_PLANS[item].tool,
  place: '',
  when: 'as_found',
  how: 'measured',
  sold: '',
  swing: null,
  shape: null,
  note: '',
})
/** sizes of a ring, whose shape may be what it is by design */
const ofRing = (item: MeasureItem): boolean => item.startsWith('ring_')
const form = useEntryForm<'measure', Draft>({
  kind: 'measure',
  blank: () =>
    start(
      sheet.measureItem.value ??
        (Object.keys(items.value) as MeasureItem[]).find(k => !taken.value.has(k)) ??
        'ring_gap',
    ),
  how: d => d.how,
  toBody: d => ({
    item: d.item,
    reads: d.reads.map(t => ({ value: typedFigure(t) as number, unit: d.unit })),
    tool: d.tool,
    place: d.place || null,
    when: d.when,
    soldMm: (d.sold ?? '')
      .split(/[\s;]+/)
      .filter(Boolean)
      .map(t => typedFigure(t) as number),
    ...(MEASURE_PLANS[d.item].swing && { swing: d.swing ?? null }),
    ...(ofRing(d.item) && { shape: d.shape ?? null }),
    note: d.note || null,
  }),
  fromBody: (b, how) => ({
    item: b.item,
    reads: b.reads.map(r => String(r.value)),
    unit: b.reads[0]?.unit ?? 'mm',
    tool: b.tool,
    place: b.place ?? '',
    when: b.when,
    how: how ?? 'measured',
    sold: b.soldMm.join(' '),
    swing: b.swing ?? null,
    shape: b.shape ?? null,
    note: b.note ?? '',
  }),
})
const { draft } = form
const group = computed(() => groupOf(draft.value.item))
const groups = computed(() =>
  Object.fromEntries(
    (Object.keys(MEASURE_GROUPS) as MeasureGroup[])
      .filter(g => (Object.keys(items.value) as MeasureItem[]).some(k => groupOf(k) === g))
      .map(g => [g, MEASURE_GROUPS[g]]),
  ),
)
const inGroup = computed(
  () =>
    Object.fromEntries(
      Object.entries(items.value).filter(([k]) => groupOf(k as MeasureItem) === group.value),
    ) as Record<MeasureItem, string>,
)
/** the first of a group that is not taken yet */
function chooseGroup(g: string | null): void {
  const all = (Object.keys(items.value) as MeasureItem[]).filter(k => groupOf(k) === g)
  choose(all.find(k => !taken.value.has(k)) ?? all[0] ?? null)
}
const plan = computed(() => MEASURE_PLANS[draft.value.item])
/** places of a part that this engine has more than once; what an older entry says stands beside them */
const wheres = computed(() => {
  const all = placesOfSize(draft.value.item, sheet.job.value.facts)
  if (!all.length) return null
  const said = draft.value.place
  return Object.fromEntries([...all, ...(said && !all.includes(said) ? [said] : [])].map(w => [w, w]))
})
function choose(item: string | null): void {
  if (item && item !== draft.value.item)
    Object.assign(draft.value, { ...start(item as MeasureItem), unit: draft.value.unit, when: draft.value.when })
}
if (sheet.measureItem.value) {
  choose(sheet.measureItem.value)
  sheet.measureItem.value = null
}
const { judged } = form
const done = computed(() => {
  const ids = new Set(keptOf(sheet.inForce.value).measure.map(e => e.id))
  return sheet.assessment.value?.judgements.filter(j => ids.has(j.entryId)) ?? []
})
const el = ref<HTMLFormElement>()
const focusFirst = (): void => {
  void nextTick(() => el.value?.querySelector<HTMLInputElement>('.big input')?.focus())
}
async function submit(): Promise<void> {
  if (await form.submit()) focusFirst()
}
function onward(event: KeyboardEvent): void {
  const fields = [...(el.value?.querySelectorAll<HTMLInputElement>('.big input') ?? [])]
  const next = fields[fields.indexOf(event.target as HTMLInputElement) + 1]
  if (!fields.includes(event.target as HTMLInputElement) || !next) return
  event.preventDefault()
  next.focus()
}
const HOW = { measured: 'Measured', by_feel: 'By feel', by_eye: 'By eye' }
</script>

<template>
  <form ref="el" class="measure" @submit.prevent="submit" @keydown.enter="onward">
    <ChipGroup :model-value="group" label="On the" :options="groups" needed @update:model-value="chooseGroup" />
    <ChipGroup
      :model-value="draft.item"
      label="What is measured"
      :options="inGroup"
      needed
      @update:model-value="choose"
    />
    <p class="note">{{ MEASURE_HOW[draft.item] }}</p>
    <ChipGroup
      v-if="wheres"
      :model-value="draft.place || null"
      label="Where"
      :options="wheres"
      :fault="form.faultOf('place')"
      @update:model-value="v => (draft.place = v ?? '')"
    />
    <div class="reads">
      <QuantityField
        v-for="(word, i) in plan.reads"
        :key="`${draft.item}${i}`"
        v-model:text="draft.reads[i]!"
        v-model:unit="draft.unit"
        :label="word"
        :units="['mm', 'thou', 'in']"
        kind="length"
        :fault="form.faultOf(`reads.${i}`)"
      />
    </div>
    <ChipGroup
      v-if="plan.swing"
      v-model="draft.swing"
      label="The dial shows"
      :options="DIAL_SWING"
      :fault="form.faultOf('swing')"
    />
    <ChipGroup
      v-if="ofRing(draft.item)"
      v-model="draft.shape"
      label="Shape, by design"
      :options="RING_SHAPES"
      :fault="form.faultOf('shape')"
    />
    <PlainField
      v-if="plan.sold"
      v-model="draft.sold"
      :label="plan.sold"
      suffix="mm"
      hint="With a space between."
      class="sold"
      :fault="form.faultOf('soldMm')"
    />
    <VerdictWords :judged="judged" />
    <div class="grid2">
      <PickField v-model="draft.tool" label="With" :options="TOOL_LABELS" /><PlainField
        v-if="!wheres"
        v-model="draft.place"
        label="Which one, if there are several"
        :fault="form.faultOf('place')"
      />
    </div>
    <ChipGroup v-model="draft.when" label="When" :options="MEASURED_WHEN" needed />
    <ChipGroup v-model="draft.how" label="Got" :options="HOW" needed />
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the size"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
    <ul v-if="done.length" class="done">
      <li v-for="j in done" :key="j.entryId">
        <StateMark :mark="j.mark" bare /> <b>{{ j.headline }}</b> <span class="note">{{ j.details[0] }}</span>
      </li>
    </ul>
  </form>
</template>

<style scoped>
.measure {
  display: grid;
  gap: 11px;
}
.reads {
  display: flex;
  gap: 12px 26px;
  flex-wrap: wrap;
}
.grid2 {
  max-width: 620px;
}
.sold {
  max-width: 420px;
}
.done li {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.done .note {
  display: block;
  padding-left: 18px;
}
</style>
