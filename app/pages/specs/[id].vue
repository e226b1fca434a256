<script setup lang="ts">
import dayjs from 'dayjs'
import { ENGINE_CLASSES } from '#core/engine/words'
import type { EngineClass } from '#core/engine/words'
import { didYouMean } from '#core/spec/didYouMean'
import { ruleOfThumb } from '#core/spec/rulesOfThumb'
import type { SpecItem, SpecItemPlan } from '#core/spec/specItems'
import { SPEC_GROUPS, SPEC_ITEMS, SPEC_ITEM_NAMES, UNITS_OF_ITEM, PLAIN_UNITS } from '#core/spec/specItems'
import { conflictsOf, SPEC_SOURCES, specShownIn } from '#core/spec/specValue'
import { UNITS } from '#core/units/unitTable'
import type { Sheet } from '#shared/types/records'
import type { FigureDraft } from '~/utils/sheetDraft'
import { figureDraft, figureValue, fillDraft, fillValue } from '~/utils/sheetDraft'

definePageMeta({ key: route => route.path })
type View = Sheet & { changes: { at: string; by: string | null }[] }
const shop = useShopStore()
const id = String(useRoute().params.id)
const view = ref<View | null>(null)
const trouble = ref('')
const name = ref('')
const engineClass = ref<EngineClass>('S4')
const figures = ref<FigureDraft[]>([])
const fill = ref(fillDraft(null))
const { faults, message, saved, keep } = useKeep(`/api/specs/${id}`, load)
useHead({ title: () => view.value?.name ?? 'Spec sheet' })

async function load(): Promise<void> {
  try {
    const v = await read<View>(`/api/specs/${id}`)
    view.value = v
    name.value = v.name
    engineClass.value = v.engineClass
    figures.value = v.values.map(figureDraft)
    fill.value = fillDraft(v.fill)
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
onMounted(load)

const two = computed(() => engineClass.value === 'H2' || engineClass.value === 'V2')
const groups = computed(() =>
  (Object.keys(SPEC_GROUPS) as SpecItemPlan['group'][])
    .map(group => ({
      group,
      items: SPEC_ITEM_NAMES.filter(item => SPEC_ITEMS[item].group === group && fitsCycle(item)),
    }))
    .filter(g => g.items.length),
)
function fitsCycle(item: SpecItem): boolean {
  const plan: SpecItemPlan = SPEC_ITEMS[item]
  return !plan.cycle || (plan.cycle === 'two') === two.value || figures.value.some(f => f.item === item)
}
const of = (item: SpecItem): { f: FigureDraft; i: number }[] =>
  figures.value.map((f, i) => ({ f, i })).filter(({ f }) => f.item === item)
const unitsOf = (item: SpecItem): Record<string, string> =>
  Object.fromEntries(
    (UNITS_OF_ITEM[SPEC_ITEMS[item].unit] ?? [SPEC_ITEMS[item].unit]).map(u => [
      u,
      UNITS[u]?.label ?? PLAIN_UNITS[u] ?? u,
    ]),
  )
const usualUnit = (item: SpecItem): string =>
  SPEC_ITEMS[item].unit === 'kPa'
    ? shop.policy.pressureUnit
    : SPEC_ITEMS[item].unit === 'mL'
      ? shop.policy.volumeUnit
      : (UNITS_OF_ITEM[SPEC_ITEMS[item].unit]?.[0] ?? SPEC_ITEMS[item].unit)
const thumb = (item: SpecItem): string => {
  const value = ruleOfThumb(item, engineClass.value, null)
  return value === undefined ? '' : specShownIn(value, SPEC_ITEMS[item].unit, usualUnit(item))
}
const conflicts = computed(
  () => new Set(conflictsOf(figures.value.map(figureValue).filter(v => typeof v.value === 'number'))),
)
const fault = (i: number): string => faults.value.find(f => f.field.startsWith(`values.${i}.`))?.message ?? ''
const doubt = (f: FigureDraft) => {
  const value = figure(f.value)
  return value === null || Number.isNaN(value) ? null : didYouMean(f.item, value, f.unit)
}
function add(item: SpecItem): void {
  figures.value.push({
    item,
    value: '',
    unit: usualUnit(item),
    source: of(item).length ? 'book' : 'maker',
    note: '',
    year: '',
    checkedBy: null,
    chosen: false,
  })
}
/** a figure that was changed has to be compared with its source again */
const touch = (f: FigureDraft): void => {
  f.checkedBy = null
}
function choose(picked: FigureDraft): void {
  for (const { f } of of(picked.item)) f.chosen = f === picked && !picked.chosen
}
async function save(): Promise<void> {
  await keep(by => {
    figures.value = figures.value.filter(f => f.value.trim())
    return {
      name: name.value,
      engineClass: engineClass.value,
      values: figures.value.map(figureValue),
      fill: fillValue(fill.value),
      by,
    }
  })
}
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <form v-if="view" @submit.prevent="save">
      <div class="pagehead">
        <div>
          <h1>{{ view.name }}</h1>
          <span class="lab"
            >{{ ENGINE_CLASSES[view.engineClass] }} · judged by it:
            <template v-for="(m, i) in view.machines" :key="m.id"
              ><template v-if="i">, </template><NuxtLink :to="`/machines/${m.id}`">{{ m.name }}</NuxtLink></template
            ><template v-if="!view.machines.length">no machine yet</template></span
          >
        </div>
        <div class="acts">
          <a class="btn" :href="`/api/specs/${id}/export`" download>JSON</a
          ><a class="btn" :href="`/api/specs/${id}/export?as=csv`" download>CSV</a
          ><NuxtLink class="btn" :to="`/specs/import?sheet=${id}`">Import onto it</NuxtLink>
        </div>
      </div>
      <div class="grid2 short">
        <PlainField
          v-model="name"
          label="Engine, as it is called"
          :fault="faults.find(f => f.field === 'name')?.message"
        /><PickField v-model="engineClass" label="Rules of thumb of" :options="ENGINE_CLASSES" />
      </div>
      <section v-for="g in groups" :key="g.group" class="block">
        <div class="item heads">
          <h2>{{ SPEC_GROUPS[g.group] }}</h2>
          <div class="fig lab" aria-hidden="true">
            <span>Figure</span><span>Unit</span><span>Who says so</span><span>Title and page</span><span>Year</span
            ><span />
          </div>
        </div>
        <div v-for="item in g.items" :key="item" class="item">
          <div class="what">
            <b>{{ SPEC_ITEMS[item].label }}</b><span v-if="conflicts.has(item)" class="st near"
              ><StateMark mark="near" bare /> sources disagree</span
            ><span v-else-if="!of(item).length && thumb(item)" class="lab">rule of thumb {{ thumb(item) }}</span>
          </div>
          <div class="figs">
            <div v-for="{ f, i } in of(item)" :key="i" class="fig">
              <PlainField
                v-model="f.value"
                :label="`${SPEC_ITEMS[item].label}`"
                inputmode="decimal"
                :fault="fault(i)"
                @update:model-value="touch(f)"
              />
              <PickField v-model="f.unit" label="Unit" :options="unitsOf(item)" @update:model-value="touch(f)" />
              <PickField
                v-model="f.source"
                label="Who says so"
                :options="SPEC_SOURCES"
                @update:model-value="touch(f)"
              />
              <PlainField v-model="f.note" label="Title and page" />
              <PlainField v-model="f.year" label="Year" inputmode="numeric" />
              <div class="state">
                <label class="tick"
                  ><input
                    type="checkbox"
                    :checked="f.checkedBy !== null"
                    @change="
                      f.checkedBy = ($event.target as HTMLInputElement).checked
                        ? (shop.person?.name ?? 'checked')
                        : null
                    "
                  />
                  {{ f.checkedBy ? `Checked, ${f.checkedBy}` : 'Checked against it' }}</label
                >
                <label v-if="of(item).length > 1" class="tick"
                  ><input type="checkbox" :checked="f.chosen" @change="choose(f)" /> Use this one</label
                >
                <button type="button" class="link" @click="figures.splice(i, 1)">
                  Take out<span class="sr"> {{ SPEC_ITEMS[item].label }} {{ f.value }}</span>
                </button>
              </div>
              <p v-if="doubt(f)" class="note near wide" role="status">
                {{ doubt(f)!.message }}
                <button
                  v-if="doubt(f)!.suggestion"
                  type="button"
                  class="link"
                  @click="f.unit = doubt(f)!.suggestion!.unit"
                >
                  Yes, {{ UNITS[doubt(f)!.suggestion!.unit]?.label }}
                </button>
              </p>
            </div>
            <button type="button" class="link addfig" @click="add(item)">
              {{ of(item).length ? 'Another source says' : 'Add a figure'
              }}<span class="sr"> for {{ SPEC_ITEMS[item].label }}</span>
            </button>
          </div>
        </div>
      </section>
      <section v-if="!two" class="block">
        <h2>Fill table</h2>
        <FillTableEditor v-model="fill" :fault="faults.find(f => f.field.startsWith('fill'))?.message ?? ''" />
      </section>
      <p v-if="message" class="bar" role="alert">{{ message }}</p>
      <div class="acts foot">
        <button class="btn go" type="submit">Keep the sheet</button
        ><span v-if="saved" class="st good" role="status"
          >● Kept. Every job on these machines is judged by it from now on.</span
        >
      </div>
      <details v-if="view.changes.length" class="past">
        <summary class="lab">Changed {{ view.changes.length }} times</summary>
        <ul>
          <li v-for="c in view.changes" :key="c.at" class="lab">
            {{ dayjs(c.at).format('D MMM YYYY, HH:mm') }} {{ c.by ? shop.nameOf(c.by) : '' }}
          </li>
        </ul>
      </details>
    </form>
  </div>
</template>

<style scoped>
.short {
  max-width: 720px;
  margin-bottom: 10px;
}
.item {
  display: grid;
  grid-template-columns: 236px minmax(0, 1fr);
  gap: 4px 18px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
  align-items: start;
}
.what {
  display: grid;
  gap: 2px;
  padding-top: 8px;
}
.what b {
  font-weight: 500;
}
.figs {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.fig {
  display: grid;
  grid-template-columns: 120px 100px 170px minmax(110px, 1fr) 76px minmax(210px, auto);
  gap: 6px 8px;
  align-items: center;
  width: 100%;
}
@media (min-width: 1261px) {
  .fig :deep(.field > label) {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
.heads {
  border: 0;
  padding: 0;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
.state {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: center;
}
.tick {
  display: inline-flex;
  gap: 7px;
  align-items: center;
  min-height: 32px;
  font-size: 14px;
  cursor: pointer;
}
.tick input {
  width: 19px;
  height: 19px;
  accent-color: var(--petrol);
}
.state .link {
  justify-self: start;
  padding: 0;
}
.addfig {
  min-height: 44px;
  padding: 0;
}
.fig + .addfig {
  min-height: 34px;
  margin-top: -6px;
}
.foot {
  margin-top: 14px;
}
.past {
  margin-top: 16px;
}
.past summary {
  cursor: pointer;
  min-height: 40px;
}
@media (max-width: 1260px) {
  .heads .fig {
    display: none;
  }
  .fig {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 640px) {
  .item {
    grid-template-columns: minmax(0, 1fr);
  }
  .fig {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
