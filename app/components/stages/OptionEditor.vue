<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ulid } from 'ulid'
import { firmness, priceAge, proposeWay } from '#core/estimate/causeLines'
import { STARTERS } from '#core/estimate/starters'
import type { Entry, EstimateLine, OptionBody } from '#core/job/entries'
import { condemned } from '#core/teardown/judgePart'
import { partName, placeKey, placesOf } from '#core/teardown/places'
import { HOUR_LINES, LINE_TYPES, MENDING, PRICE_KINDS, WAYS } from '#core/words/deciding'
import type { LineType, Way } from '#core/words/deciding'
import type { PriceRow } from '#shared/types/records'

interface LineDraft {
  id: string
  type: LineType
  text: string
  why: string
  low: string
  likely: string
  high: string
  chance: string
  priceKind: EstimateLine['priceKind']
  cures?: boolean
  source?: string
  pricedOn?: string
  lookMin?: string
  offered?: boolean
  parts?: string[]
  /** somebody said which parts it is for, or that it is for none */ partsSaid?: boolean
}
interface Draft {
  name: string
  way: Way
  lines: LineDraft[]
  valueAfter: string
  success: string
  comeback: string
  hoursOk: string
  hoursFail: string
  ruledOut: string
  daysDown?: string
}

/** said of a line that is for no part of the engine */
const NO_PART = '-'
const props = defineProps<{ base?: Entry; way?: Way }>()
const emit = defineEmits<{ logged: [] }>()
const sheet = useSheet()
const listId = useId()
const shop = useShopStore()
const cur = computed(() => shop.policy.currency)
const inHours = (type: LineType): boolean => HOUR_LINES.includes(type)
const shownFigure = (type: LineType, value: number | null): string =>
  value === null ? '' : inHours(type) ? String(value) : moneyField(value, cur.value)
const lineFigure = (type: LineType, typed: string): number =>
  (inHours(type) ? typedFigure(typed) : moneyTyped(typed, cur.value)) as number

/** offered and without a price: not counted, and not logged */
const idle = (l: LineDraft): boolean => l.offered === true && !l.likely.trim()
const form = useEntryForm<'option', Draft>({
  kind: 'option',
  form: 'option',
  slot: props.base?.id ?? `new:${props.way}`,
  base: props.base,
  blank: () => {
    const way = props.way ?? 'repair'
    const starter = STARTERS[way]
    return {
      name: starter.name,
      way,
      lines: proposeWay(way, {
        inForce: sheet.inForce.value,
        facts: sheet.job.value.facts,
        bore: sheet.assessment.value?.bore ?? null,
        stuck: sheet.job.value.stuck,
      }).map((l, i) => ({
        id: lineId(i),
        type: l.type,
        text: l.text,
        why: l.why,
        low: shownFigure(l.type, l.low),
        likely: shownFigure(l.type, l.likely),
        high: shownFigure(l.type, l.high),
        chance: l.chance === 1 ? '' : String(Math.round(l.chance * 100)),
        priceKind: l.type === 'part' ? (way === 'donor' ? 'donor' : 'retail') : null,
        cures: l.cures,
        offered: l.offered,
        ...(l.parts && { parts: l.parts, partsSaid: true }),
      })),
      valueAfter: '',
      success: String(Math.round(starter.successChance * 100)),
      comeback: '',
      hoursOk: String(starter.hoursOk),
      hoursFail: String(starter.hoursFail),
      ruledOut: '',
    }
  },
  how: () => null,
  toBody: (d): OptionBody => ({
    name: d.name,
    way: d.way,
    lines: d.lines
      .filter(l => !idle(l))
      .map(l => ({
        id: l.id,
        type: l.type,
        text: l.text,
        why: l.why || null,
        priceKind: l.priceKind,
        likely: lineFigure(l.type, l.likely),
        low: lineFigure(l.type, l.low || l.likely),
        high: lineFigure(l.type, l.high || l.likely),
        chance: share(l.chance),
        cures: l.cures ?? false,
        source: l.source || null,
        pricedOn: l.pricedOn || null,
        lookMin: typedFigure(l.lookMin ?? '') as number | null,
        ...(l.partsSaid && { parts: (l.parts ?? []).filter(k => k !== NO_PART) }),
      })),
    valueAfterMinor: moneyTyped(d.valueAfter, cur.value),
    successChance: share(d.success),
    comebackMinor: moneyTyped(d.comeback || '0', cur.value) ?? 0,
    hoursOk: sendable(figure(d.hoursOk || '0'), d.hoursOk) as number,
    hoursFail: sendable(figure(d.hoursFail || '0'), d.hoursFail) as number,
    daysDown: sendable(figure(d.daysDown || '0'), d.daysDown ?? '') as number,
    ruledOut: d.ruledOut || null,
  }),
  fromBody: b => ({
    name: b.name,
    way: b.way,
    lines: b.lines.map(l => ({
      id: l.id,
      type: l.type,
      text: l.text,
      why: l.why ?? '',
      low: l.low === l.likely ? '' : shownFigure(l.type, l.low),
      likely: shownFigure(l.type, l.likely),
      high: l.high === l.likely ? '' : shownFigure(l.type, l.high),
      chance: l.chance === 1 ? '' : String(Math.round(l.chance * 1000) / 10),
      priceKind: l.priceKind,
      cures: l.cures,
      source: l.source ?? '',
      pricedOn: l.pricedOn ?? '',
      lookMin: figureText(l.lookMin),
      ...(l.parts && { parts: l.parts.length ? l.parts : [NO_PART], partsSaid: true }),
    })),
    valueAfter: moneyField(b.valueAfterMinor, cur.value),
    success: String(Math.round(b.successChance * 1000) / 10),
    comeback: b.comebackMinor ? moneyField(b.comebackMinor, cur.value) : '',
    hoursOk: String(b.hoursOk),
    hoursFail: String(b.hoursFail),
    ruledOut: b.ruledOut ?? '',
    daysDown: b.daysDown ? String(b.daysDown) : '',
  }),
})
const { draft } = form
const condemnedParts = computed(() => condemned(sheet.inForce.value).length > 0)
const mends = computed(() => MENDING.includes(draft.value.way))
const lineTypes = computed(
  () =>
    Object.fromEntries(Object.entries(LINE_TYPES).filter(([k]) => k !== 'sale' || !mends.value)) as Record<
      LineType,
      string
    >,
)
/** the place of a line among those that were sent */
const sent = (i: number): number => draft.value.lines.slice(0, i).filter(l => !idle(l)).length
const fault = (i: number, field: string): string =>
  form.faults.value.find(f => f.field === `body.lines.${sent(i)}.${field}`)?.message ?? ''
const lineFault = (i: number): string =>
  draft.value.lines[i] && !idle(draft.value.lines[i])
    ? (form.faults.value.find(f => f.field.startsWith(`body.lines.${sent(i)}.`))?.message ?? '')
    : ''

function share(typed: string): number {
  const pct = figure(typed)
  return pct === null ? 1 : (sendable(pct / 100, typed) as number)
}
/** ids of starter lines stay the same while the form is untouched */
function lineId(i: number): string {
  return String(i).padStart(26, '0')
}
const today = new Date().toISOString().slice(0, 10)
/** a price that is typed is of today */
function priced(l: LineDraft): void {
  if (!inHours(l.type) && l.likely.trim()) l.pricedOn = today
}
/** parts of this engine, each where it sits; what may not stay in comes first */
const partOptions = computed(() => {
  const bad = sheet.assessment.value?.bad.flatMap(b => b.parts.map(p => p.part)) ?? []
  return placesOf(sheet.job.value.facts)
    .map(p => ({ key: placeKey(p), name: partName(p.part, p.place), bad: bad.includes(p.part) }))
    .sort((a, b) => Number(b.bad) - Number(a.bad))
})
const asksPart = (l: LineDraft): boolean =>
  bought(l.type) || (l.type === 'labour' && Boolean(sheet.assessment.value?.bad.length))
function sayParts(l: LineDraft, keys: string[]): void {
  const last = keys.at(-1)
  l.parts = last === NO_PART ? [NO_PART] : keys.filter(k => k !== NO_PART)
  l.partsSaid = keys.length > 0
}
const bought = (type: LineType): boolean => type === 'part' || type === 'outwork'
const age = (l: LineDraft) =>
  priceAge({ type: l.type, priceKind: l.priceKind, pricedOn: l.pricedOn || null }, today, shop.policy.priceDays)
const FIRM_WORDS = { firm: 'firm', estimated: 'estimated', contingent: 'contingent' }
const firm = (l: LineDraft): string =>
  FIRM_WORDS[
    firmness({
      low: lineFigure(l.type, l.low || l.likely),
      high: lineFigure(l.type, l.high || l.likely),
      chance: share(l.chance),
      priceKind: l.priceKind,
    })
  ]
/** parts of the price lists whose name is being typed */
const hits = ref<PriceRow[]>([])
const seek = useDebounceFn(async (typed: string) => {
  hits.value =
    typed.trim().length < 2
      ? []
      : (
          await read<{ prices: PriceRow[] }>(`/api/prices?find=${encodeURIComponent(typed.trim())}`).catch(() => ({
            prices: [],
          }))
        ).prices
}, 150)
const hitName = (p: PriceRow): string => `${p.name} (${p.number})`
/** a part that was picked from the list brings its price, kind, source and day */
function picked(l: LineDraft): void {
  const hit = hits.value.find(p => hitName(p) === l.text)
  if (!hit || !bought(l.type) || hit.priceMinor === null) return
  Object.assign(l, {
    likely: moneyField(hit.priceMinor, cur.value),
    low: '',
    high: '',
    priceKind: hit.kind,
    source: hit.supplier,
    pricedOn: hit.pricedOn,
  })
}
function add(type: LineType): void {
  draft.value.lines.push({
    id: ulid(),
    type,
    text: '',
    why: '',
    low: '',
    likely: '',
    high: '',
    chance: '',
    priceKind: type === 'part' ? 'retail' : null,
  })
}
async function submit(): Promise<void> {
  if (await form.submit()) emit('logged')
}
</script>

<template>
  <form class="option" @submit.prevent="submit">
    <div class="grid4">
      <PlainField v-model="draft.name" label="Name of this way" :fault="form.faultOf('name')" />
      <PickField v-model="draft.way" label="Way" :options="WAYS" />
      <template v-if="mends">
        <PlainField
          v-model="draft.valueAfter"
          label="Worth afterwards"
          :suffix="cur"
          inputmode="decimal"
          hint="Empty: worth running."
          :fault="form.faultOf('valueAfterMinor')"
        />
        <PlainField
          v-model="draft.success"
          label="Chance that it holds"
          suffix="%"
          inputmode="decimal"
          :fault="form.faultOf('successChance')"
        />
      </template>
    </div>
    <div class="lines" role="table" aria-label="Lines">
      <div role="row" class="lhead lab">
        <span role="columnheader">Line</span><span role="columnheader">Kind</span><span role="columnheader">Low</span
        ><span role="columnheader">Likely</span><span role="columnheader">High</span
        ><span role="columnheader">Chance %</span><span role="columnheader"><span class="sr">Take out</span></span>
      </div>
      <div v-for="(l, i) in draft.lines" :key="l.id" role="row" class="lrow" :class="{ idle: idle(l) }">
        <span role="cell" class="what"
          ><input
            v-model="l.text"
            class="in"
            :class="{ wrong: fault(i, 'text') }"
            :aria-label="`Line ${i + 1}`"
            placeholder="What"
            :list="bought(l.type) ? listId : undefined"
            autocomplete="off"
            @input="bought(l.type) && seek(l.text)"
            @change="picked(l)"
        /></span>
        <span role="cell" class="kind"
          ><select v-model="l.type" class="in" :aria-label="`Kind of line ${i + 1}`">
            <option v-for="(word, t) in lineTypes" :key="t" :value="t">{{ word }}</option>
          </select></span
        >
        <span v-for="f in ['low', 'likely', 'high'] as const" :key="f" role="cell" class="fig"
          ><input
            v-model="l[f]"
            class="in num"
            :class="{ wrong: fault(i, f) }"
            inputmode="decimal"
            :aria-label="`${f} of line ${i + 1}`"
            @change="priced(l)"
            :placeholder="f === 'likely' ? '' : l.likely"
          /><small class="lab">{{ inHours(l.type) ? 'h' : cur }}</small></span
        >
        <span role="cell" class="fig"
          ><input
            v-model="l.chance"
            class="in num"
            :class="{ wrong: fault(i, 'chance') }"
            inputmode="decimal"
            :aria-label="`Chance of line ${i + 1}`"
            placeholder="sure"
        /></span>
        <span role="cell" class="out"
          ><button type="button" class="link" :aria-label="`Take out line ${i + 1}`" @click="draft.lines.splice(i, 1)">
            ✕
          </button></span
        >
        <span role="cell" class="more">
          <input
            v-model="l.why"
            class="in why wide"
            :aria-label="`Why line ${i + 1} is here`"
            placeholder="why it is here"
          />
          <ElSelect
            v-if="asksPart(l)"
            :model-value="l.partsSaid ? (l.parts ?? []) : []"
            multiple
            collapse-tags
            filterable
            size="small"
            class="forpart"
            :class="{ unset: !l.partsSaid }"
            :aria-label="`Parts that line ${i + 1} is for`"
            placeholder="for which part?"
            @update:model-value="keys => sayParts(l, keys)"
            ><ElOption :value="NO_PART" label="no part of the engine" /><ElOption
              v-for="p in partOptions"
              :key="p.key"
              :value="p.key"
              :label="p.bad ? `${p.name}: may not stay in` : p.name"
          /></ElSelect>
          <template v-if="bought(l.type)"
            ><select v-model="l.priceKind" class="in why" :aria-label="`Kind of price of line ${i + 1}`">
              <option :value="null">price kind</option>
              <option v-for="(word, p) in PRICE_KINDS" :key="p" :value="p">{{ word }}</option></select
            ><input
              v-model="l.source"
              class="in why"
              :aria-label="`Who the price of line ${i + 1} is from`"
              placeholder="price from" /><input
              v-model="l.pricedOn"
              type="date"
              class="in why"
              :class="{ unset: !l.pricedOn }"
              :aria-label="`Day of the price of line ${i + 1}`"
          /></template>
          <span v-if="l.chance && bought(l.type)" class="look"
            ><input
              v-model="l.lookMin"
              class="in why"
              inputmode="numeric"
              :aria-label="`Minutes to find out line ${i + 1}`"
              placeholder="30"
            />
            min to find out</span
          >
          <span v-if="idle(l)" class="state">no price yet: not counted</span
          ><span v-if="l.likely" class="state" :class="firm(l)">{{ firm(l) }}</span
          ><span v-if="age(l).stale" class="state stale">price {{ age(l).days }} days old</span>
          <label v-if="mends && condemnedParts" class="cures"
            ><input v-model="l.cures" type="checkbox" /> cures the first cause</label
          >
        </span>
        <p v-if="lineFault(i)" class="fault">{{ lineFault(i) }}</p>
      </div>
    </div>
    <datalist :id="listId">
      <option v-for="p in hits" :key="p.id" :value="hitName(p)">
        {{ p.supplier }}, {{ p.priceMinor === null ? 'not to be had' : moneyField(p.priceMinor, cur) }}
      </option>
    </datalist>
    <div class="acts">
      <button type="button" class="btn dash" @click="add('part')">Part</button
      ><button type="button" class="btn dash" @click="add('labour')">Labour</button
      ><button type="button" class="btn dash" @click="add('outwork')">Outwork</button
      ><button type="button" class="btn dash" @click="add('risk')">Risk</button>
      <button type="button" class="btn dash" @click="add('charge')">Charge</button
      ><button v-if="!mends" type="button" class="btn dash" @click="add('sale')">Sells for</button>
    </div>
    <div class="grid4">
      <template v-if="mends">
        <PlainField
          v-model="draft.comeback"
          label="If it fails, it costs more by"
          :suffix="cur"
          inputmode="decimal"
          :fault="form.faultOf('comebackMinor')"
        />
        <PlainField
          v-model="draft.hoursOk"
          label="Hours it will run"
          suffix="h"
          inputmode="decimal"
          :fault="form.faultOf('hoursOk')"
        />
        <PlainField
          :model-value="draft.daysDown ?? ''"
          label="Days it stands"
          suffix="days"
          inputmode="decimal"
          :fault="form.faultOf('daysDown')"
          @update:model-value="v => (draft.daysDown = v)"
        />
        <PlainField
          v-model="draft.hoursFail"
          label="Hours if it fails"
          suffix="h"
          inputmode="decimal"
          :fault="form.faultOf('hoursFail')"
        />
      </template>
      <PlainField
        v-model="draft.ruledOut"
        label="Ruled out because"
        hint="Empty: it is a way to go."
        :fault="form.faultOf('ruledOut')"
      />
    </div>
    <FormFoot
      :label="base ? 'Log the change' : 'Log this way'"
      :busy="form.busy.value"
      :message="form.message.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    >
      <slot :touched="form.touched.value" />
    </FormFoot>
  </form>
</template>

<style scoped>
.option {
  display: grid;
  gap: 12px;
}
.lhead,
.lrow {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) 104px 78px 78px 78px 66px 34px;
  gap: 6px;
  align-items: start;
}
.lhead {
  padding-bottom: 4px;
  border-bottom: 1px solid var(--rule-2);
}
.idle .what input {
  color: var(--ink-2);
}
.lhead span:nth-child(n + 3) {
  text-align: right;
}
.lrow {
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.lrow .in {
  padding: 6px 8px;
  min-height: 40px;
}
.what,
.kind {
  display: grid;
  gap: 3px;
}
.lrow .why {
  min-height: 30px;
  padding: 2px 8px;
  border-color: transparent;
  background: var(--sheet-2);
  font-size: 13.5px;
  color: var(--ink-2);
}
.lrow .why:hover,
.lrow .why:focus {
  border-color: var(--edge);
}
.why::placeholder {
  color: var(--ink-2);
  opacity: 0.9;
}

.cures {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: 30px;
  font-size: 13.5px;
}
.cures input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}

.more {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 3px 6px;
  align-items: center;
}
.more .in {
  width: 104px;
}
.more .wide {
  flex: 1 1 170px;
}
.more input[type='date'] {
  width: 124px;
}
.more .unset:not(:focus) {
  opacity: 0.7;
}
.forpart {
  width: 190px;
}
.look {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  font-size: 13.5px;
  color: var(--ink-2);
}
.more .look .in {
  width: 48px;
}
.state {
  font: 500 13.5px var(--label);
  padding: 2px 7px;
  color: var(--ink-2);
}
.state.contingent,
.state.stale {
  background: var(--near-wash);
  color: var(--near);
}
.fig {
  position: relative;
}
.fig small {
  display: block;
  text-align: right;
  font-size: 12px;
  padding-right: 2px;
}
.lrow .link {
  min-height: 40px;
  min-width: 34px;
  text-decoration: none;
}
.fault {
  grid-column: 1 / -1;
}
@media (max-width: 760px) {
  .lhead {
    display: none;
  }
  .lrow {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
  .what {
    grid-column: 1 / -1;
  }
  .kind {
    grid-column: 1 / 4;
  }
  .lrow > .out {
    grid-column: 4;
    grid-row: 2;
    justify-self: end;
  }
}
</style>
