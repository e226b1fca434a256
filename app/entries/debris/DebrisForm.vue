<script setup lang="ts">
import type { DebrisItem } from '#core/debris/debrisScore'
import type { DebrisAmount, DebrisMaterial } from '#core/debris/debrisTables'
import { sizesOverSamples } from '#core/entries/debris/samples'
import type { DebrisBody } from '#core/entries/debris/schema'
import { AMOUNT_WORDS, DEBRIS_PLACES, MATERIAL_WORDS } from '#core/words/looks'

interface ItemDraft {
  material: DebrisMaterial | ''
  amount: DebrisAmount | ''
  mm: string
  magnet: 'takes' | 'leaves' | ''
  count: string
}
interface Draft {
  place: DebrisBody['place'] | null
  items: ItemDraft[]
  hoursSinceOil: string
  sinceRebuild: string
  sinceIn: 'h' | 'km' | 'months'
  control: DebrisBody['control']
  controlCount: string
  controlOf: NonNullable<DebrisBody['controlOf']> | null
  note: string
}
const sheet = useSheet()
const newItem = (): ItemDraft => ({ material: '', amount: '', mm: '', magnet: '', count: '' })
const form = useEntryForm<'debris', Draft>({
  kind: 'debris',
  blank: () => ({
    place: null,
    items: [newItem()],
    hoursSinceOil: '',
    sinceRebuild: '',
    sinceIn: sheet.job.value.machine.meterUnit === 'km' ? 'km' : 'h',
    control: 'none',
    controlCount: '',
    controlOf: null,
    note: '',
  }),
  how: () => 'by_eye',
  toBody: d => ({
    place: d.place as DebrisBody['place'],
    items: d.items
      .filter(i => i.material || i.amount || i.mm)
      .map(i => ({
        material: i.material as DebrisMaterial,
        amount: i.amount as DebrisAmount,
        largestUm: micrometres(i.mm),
        magnet: i.magnet || null,
        per100Ml: typedFigure(i.count) as number | null,
      })),
    hoursSinceOil: typedFigure(d.hoursSinceOil) as number | null,
    hoursSinceRebuild: d.sinceIn === 'h' ? (typedFigure(d.sinceRebuild) as number | null) : null,
    kmSinceRebuild: d.sinceIn === 'km' ? (typedFigure(d.sinceRebuild) as number | null) : null,
    monthsSinceRebuild: d.sinceIn === 'months' ? (typedFigure(d.sinceRebuild) as number | null) : null,
    control: d.control ?? 'none',
    controlPer100Ml: d.control && d.control !== 'none' ? (typedFigure(d.controlCount ?? '') as number | null) : null,
    controlOf: d.control && d.control !== 'none' ? (d.controlOf ?? null) : null,
    note: d.note || null,
  }),
  fromBody: b => ({
    place: b.place,
    items: b.items.length
      ? b.items.map(i => ({
          material: i.material,
          amount: i.amount,
          mm: i.largestUm === null ? '' : String(i.largestUm / 1000),
          magnet: i.magnet ?? ('' as const),
          count: figureText(i.per100Ml ?? null),
        }))
      : [newItem()],
    hoursSinceOil: figureText(b.hoursSinceOil),
    sinceRebuild: figureText(b.hoursSinceRebuild ?? b.kmSinceRebuild ?? b.monthsSinceRebuild ?? null),
    sinceIn: b.kmSinceRebuild != null ? 'km' : b.monthsSinceRebuild != null ? 'months' : 'h',
    control: b.control,
    controlCount: figureText(b.controlPer100Ml ?? null),
    controlOf: b.controlOf ?? null,
    note: b.note ?? '',
  }),
})
const { draft } = form
function micrometres(mm: string): number | null {
  const value = figure(mm)
  return value === null ? null : (sendable(value * 1000, mm) as number)
}
/** a sound engine of the same age, or an unused filter of the same kind */
const CONTROL_OF = { sound_engine: 'A sound engine', unused_part: 'An unused part of the batch' }
const CONTROL = { none: 'No control', same: 'The same', more: 'More than it', less: 'Less than it' }
const drawn = computed<DebrisItem[]>(() =>
  draft.value.items.flatMap(i => {
    const um = micrometres(i.mm)
    return i.material && i.amount
      ? [{ material: i.material, amount: i.amount, largestUm: typeof um === 'number' ? um : null }]
      : []
  }),
)
const { judged } = form
/** of the samples that were taken here before */
const sizes = computed(() => sizesOverSamples(sheet.inForce.value, draft.value.place))
const itemFault = (i: number): string =>
  form.faults.value.find(f => f.field.startsWith(`body.items.${i}.`))?.message ?? ''
</script>

<template>
  <form class="debris" @submit.prevent="form.submit()">
    <ChipGroup v-model="draft.place" label="Found in" :options="DEBRIS_PLACES" :fault="form.faultOf('place')" />
    <div class="two">
      <div class="items">
        <fieldset v-for="(item, i) in draft.items" :key="i" class="item">
          <legend class="sr">Debris {{ i + 1 }}</legend>
          <PickField v-model="item.material" label="Made of" :options="MATERIAL_WORDS" empty="choose" />
          <PickField v-model="item.amount" label="How much" :options="AMOUNT_WORDS" empty="choose" />
          <PlainField v-model="item.mm" label="Largest" suffix="mm" inputmode="decimal" />
          <PickField
            v-model="item.magnet"
            label="Magnet"
            :options="{ takes: 'takes it', leaves: 'leaves it' }"
            empty="not tried"
          />
          <PlainField v-model="item.count" label="Counted in 100 mL" suffix="pieces" inputmode="numeric" />
          <ElButton link v-if="draft.items.length > 1" class="link" @click="draft.items.splice(i, 1)">
            Take out
          </ElButton>
          <p v-if="itemFault(i)" class="fault wide">{{ itemFault(i) }}</p>
        </fieldset>
        <ElButton class="dash" @click="draft.items.push(newItem())">Something else in it</ElButton>
      </div>
      <figure>
        <DebrisTray :items="drawn" />
        <figcaption class="note">
          Magnet over it: iron jumps, aluminium and bronze stay. Look before anything is washed away.
        </figcaption>
      </figure>
    </div>
    <LazyDebrisSizes v-if="sizes.length" :sizes="sizes" class="sizes" />
    <div class="grid2 short">
      <PlainField
        v-model="draft.hoursSinceOil"
        label="Hours on this oil"
        suffix="h"
        inputmode="decimal"
        hint="Empty if nobody knows."
        :fault="form.faultOf('hoursSinceOil')"
      />
      <div>
        <PlainField
          v-model="draft.sinceRebuild"
          label="Run since new or rebuilt"
          :suffix="draft.sinceIn"
          inputmode="decimal"
          hint="Fine glitter is normal in the first 10 h, 500 km, or two months where nothing counts."
          :fault="
            form.faultOf('hoursSinceRebuild') || form.faultOf('kmSinceRebuild') || form.faultOf('monthsSinceRebuild')
          "
        />
        <ChipGroup
          v-model="draft.sinceIn"
          label="Counted in"
          :options="{ h: 'hours', km: 'km', months: 'months' }"
          needed
        />
      </div>
    </div>
    <ChipGroup v-model="draft.control" label="Beside a control" :options="CONTROL" needed />
    <ChipGroup
      v-if="draft.control && draft.control !== 'none'"
      v-model="draft.controlOf"
      label="The control was"
      :options="CONTROL_OF"
      :fault="form.faultOf('controlOf')"
    />
    <PlainField
      v-if="draft.control && draft.control !== 'none'"
      v-model="draft.controlCount"
      label="Counted in 100 mL of the control"
      suffix="pieces"
      inputmode="numeric"
      class="short"
      :fault="form.faultOf('controlPer100Ml')"
    />
    <VerdictWords :judged="judged" />
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the debris"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    >
      <span class="lab caution">Gloves for a cut filter. Hot oil burns. Keep the sample until it is explained.</span>
    </FormFoot>
  </form>
</template>

<style scoped>
.debris {
  display: grid;
  gap: 12px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.items {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.item {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 6px 8px;
  width: 100%;
  align-items: start;
}
.item .link {
  justify-self: start;
  padding-left: 0;
}
.wide {
  grid-column: 1 / -1;
}
figure {
  display: grid;
  gap: 6px;
}
.sizes {
  max-width: 620px;
}
.short {
  max-width: 480px;
}
.caution {
  flex: 1 1 240px;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .item {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
