import { STARTERS } from '#core/estimate/starters'
import type { BodyOf, EntryKind } from '#core/entries/types'
import type { OptionBody } from '#core/entries/option/schema'
import type { EstimateLine } from '#core/estimate/estimateLine'
import type { EngineFacts } from '#core/engine/facts'
import { UNASKED } from '#core/engine/facts'
import type { FillTable } from '#core/oil/fillMarks'
import type { HowGot } from '#core/log/words'
import type { MachineKind } from '#core/engine/words'
import type { Way } from '#core/words/deciding'
import { MACHINE_KINDS } from '#core/engine/words'
import type { SpecItem } from '#core/spec/specItems'
import type { SpecSource, SpecValue } from '#core/spec/specValue'

/** How the demo shop's jobs are written down: short enough to read them like its bench diary. */

export type Who = 'mira' | 'teo' | 'june'

export interface Step {
  hours: number
  who: Who
  kind: EntryKind
  how: HowGot | null
  body: BodyOf[EntryKind]
  replaces?: string
  name?: string
}

export interface DemoJob {
  daysAgo: number
  /** the same machine as an earlier job, by its machine name */
  again?: boolean
  owner: [name: string, contact: string]
  machine: {
    kind: MachineKind
    name: string
    serial: string | null
    meter: [reading: number | null, unit: 'h' | 'km' | 'mi', source: 'measured' | 'claimed' | 'estimated']
  }
  facts: EngineFacts
  spec: SpecValue[]
  fill?: FillTable
  steps: Step[]
}

export function facts(kind: MachineKind, cc: number, more: Partial<EngineFacts> = {}): EngineFacts {
  const engineClass = MACHINE_KINDS[kind].engineClass
  const two = engineClass === 'H2' || engineClass === 'V2'
  return {
    engineClass,
    cycle: two ? 'two' : 'four',
    displacementCc: cc,
    cylinders: 1,
    oiling: two ? 'premix' : 'splash',
    oilShows: two ? 'none' : 'stick_screwed',
    release: two ? 'none' : 'automatic',
    bore: two ? 'plated' : 'bare',
    fuelFeed: two ? 'diaphragm' : 'float',
    cooling: 'air',
    mixRatio: two ? 50 : null,
    ...UNASKED,
    ...more,
  }
}

export const spec = (
  item: SpecItem,
  value: number,
  unit: string,
  source: SpecSource = 'maker',
  note: string | null = null,
  more: Partial<SpecValue> = {},
): SpecValue => ({ item, value, unit, source, note, year: null, checkedBy: null, chosen: false, ...more })

/** an entry, `hours` of shop time after booking in */
export function at<K extends EntryKind>(
  hours: number,
  who: Who,
  kind: K,
  how: HowGot | null,
  body: BodyOf[K],
  more: Pick<Step, 'replaces' | 'name'> = {},
): Step {
  return { hours, who, kind, how, body, ...more }
}

export const say = (words: string, since: string | null = null, about: BodyOf['complaint']['about'] = null): Step =>
  at(0, 'june', 'complaint', 'claimed', { words, since, about })
export const claim = (text: string, howKnown: string | null = null): Step =>
  at(0, 'june', 'claim', 'claimed', { text, howKnown, topic: null })
/** what the bench found of a claim, by its words; its id is filled in when the shop is seeded */
export const claimed = (hours: number, who: Who, words: string, state: BodyOf['claim_check']['state']): Step =>
  at(hours, who, 'claim_check', null, { claimId: words, state })
/** an answer to a guided question, as it stands on the log */
export const answer = (topic: string, text: string): Step =>
  at(0, 'june', 'claim', 'claimed', { text, howKnown: null, topic })
export const meter = (
  reading: number | null,
  unit: BodyOf['meter']['unit'],
  source: BodyOf['meter']['source'],
  pattern: BodyOf['meter']['pattern'] = null,
): Step => at(0, 'june', 'meter', source, { reading, unit, source, pattern })
export const lash = (
  h: number,
  who: Who,
  state: BodyOf['lash']['state'],
  inlet: number,
  exhaust: number,
  rockers: BodyOf['lash']['rockers'],
  words: string | null = null,
): Step =>
  at(h, who, 'lash', 'measured', {
    state,
    inlet: { value: inlet, unit: 'mm' },
    exhaust: { value: exhaust, unit: 'mm' },
    rockers,
    note: words,
  })
/** a picture drawn for the demo shop, by the name of its drawing */
export const photo = (h: number, who: Who, drawing: string, caption: string): Step =>
  at(h, who, 'photo', null, { photoId: drawing, caption, width: 1200, height: 900 })
export const note = (hours: number, who: Who, stage: BodyOf['note']['stage'], text: string): Step =>
  at(hours, who, 'note', null, { stage, text })
export const stage = (
  hours: number,
  who: Who,
  name: BodyOf['stage']['stage'],
  state: BodyOf['stage']['state'],
  reason: string | null = null,
): Step => at(hours, who, 'stage', null, { stage: name, state, reason })
export const waits = (hours: number, who: Who, on: BodyOf['waiting']['for'], what: string | null): Step =>
  at(hours, who, 'waiting', null, { for: on, what })

/** money as the owner would say it, in whole and broken units */
const minor = (major: number): number => Math.round(major * 100)
export const terms = (
  useClass: BodyOf['terms']['useClass'],
  running: number | null,
  asIs: number | null,
  cap: number | null,
  deadline: string | null = null,
  more: Partial<BodyOf['terms']> = {},
): Step =>
  at(0, 'june', 'terms', null, {
    useClass,
    runningValueMinor: running === null ? null : minor(running),
    asIsValueMinor: asIs === null ? null : minor(asIs),
    capMinor: cap === null ? null : minor(cap),
    deadline,
    dayLossMinor: null,
    boughtMinor: null,
    ownTimeFree: false,
    ...more,
  })

type Figures = number | [low: number, likely: number, high: number]
let count = 0
const lineId = (): string => `01DEM0${String(++count).padStart(20, '0')}`
const spread = (f: Figures): [number, number, number] => (typeof f === 'number' ? [f, f, f] : f)
function money(
  type: EstimateLine['type'],
  text: string,
  figures: Figures,
  why: string | null,
  chance: number,
  priceKind: EstimateLine['priceKind'],
): EstimateLine {
  const [low, likely, high] = spread(figures)
  return {
    id: lineId(),
    type,
    text,
    why,
    low: minor(low),
    likely: minor(likely),
    high: minor(high),
    chance,
    priceKind,
    cures: false,
    source: null,
    pricedOn: null,
    lookMin: null,
  }
}
function hours(
  type: EstimateLine['type'],
  text: string,
  figures: Figures,
  why: string | null,
  chance: number,
): EstimateLine {
  const [low, likely, high] = spread(figures)
  return {
    id: lineId(),
    type,
    text,
    why,
    low,
    likely,
    high,
    chance,
    priceKind: null,
    cures: false,
    source: null,
    pricedOn: null,
    lookMin: null,
  }
}
export const part = (
  text: string,
  price: Figures,
  why: string | null = null,
  chance = 1,
  kind: EstimateLine['priceKind'] = 'retail',
): EstimateLine => money('part', text, price, why, chance, kind)
export const outwork = (text: string, price: Figures, why: string | null = null, chance = 1): EstimateLine =>
  money('outwork', text, price, why, chance, 'estimate')
export const charge = (text: string, price: Figures): EstimateLine => money('charge', text, price, null, 1, null)
export const sale = (text: string, price: Figures, chance = 1): EstimateLine =>
  money('sale', text, price, null, chance, null)
export const labour = (text: string, h: Figures, why: string | null = null): EstimateLine =>
  hours('labour', text, h, why, 1)
export const risk = (text: string, h: Figures, chance: number, why: string | null = null): EstimateLine =>
  hours('risk', text, h, why, chance)

/** A line, with the parts of the engine that it is for. */
export const of = (parts: string[], line: EstimateLine): EstimateLine => ({ ...line, parts })

export function option(
  h: number,
  who: Who,
  name: string,
  way: Way,
  lines: EstimateLine[],
  more: Partial<Omit<OptionBody, 'valueAfterMinor' | 'comebackMinor'>> & {
    valueAfter?: number
    comeback?: number
  } = {},
): Step {
  const { valueAfter, comeback, ...rest } = more
  const { successChance, hoursOk, hoursFail } = STARTERS[way]
  return at(
    h,
    who,
    'option',
    null,
    {
      name,
      way,
      lines,
      valueAfterMinor: valueAfter === undefined ? null : minor(valueAfter),
      successChance,
      comebackMinor: minor(comeback ?? 0),
      hoursOk,
      hoursFail,
      daysDown: 0,
      ruledOut: null,
      ...rest,
    },
    { name },
  )
}

/** the owner agrees to an option, by its name; its figures are filled in when the shop is seeded */
export const agrees = (
  h: number,
  who: Who,
  optionName: string,
  agreedBy: string,
  how: BodyOf['approval']['how'],
  conditions: string | null = null,
): Step =>
  at(h, who, 'approval', null, {
    optionEntryId: optionName,
    agreedBy,
    how,
    conditions,
    frozen: {
      name: optionName,
      way: 'repair',
      lines: [],
      currency: 'EUR',
      labourRateMinor: 0,
      taxPct: 0,
      mean: 0,
      p10: 0,
      p50: 0,
      p90: 0,
      reasons: [],
    },
  })

export const oil = (
  h: number,
  who: Who,
  reading: BodyOf['oil']['reading'],
  colour: BodyOf['oil']['colour'],
  thickness: BodyOf['oil']['thickness'],
  smell: BodyOf['oil']['smell'],
  glitter: BodyOf['oil']['glitter'],
  words: string | null = null,
  { whereGone = null, ...rest }: Pick<Step, 'replaces' | 'name'> & { whereGone?: BodyOf['oil']['whereGone'] } = {},
): Step =>
  at(
    h,
    who,
    'oil',
    reading.by === 'volume' ? 'measured' : 'by_eye',
    { reading, colour, thickness, smell, glitter, whereGone, note: words },
    rest,
  )
export const drained = (value: number, unit = 'mL'): BodyOf['oil']['reading'] => ({
  by: 'volume',
  amount: { value, unit },
})
export const marks = (pct: number): BodyOf['oil']['reading'] => ({ by: 'marks', pct })
export const mix = (
  h: number,
  who: Who,
  litres: number,
  oilMl: number,
  how: HowGot,
  words: string | null = null,
): Step =>
  at(h, who, 'mix', how, {
    fuel: { value: litres, unit: 'L' },
    oil: { value: oilMl, unit: 'mL' },
    makerRatio: 50,
    fuelType: 'e10',
    fuelDays: 3,
    stabilised: false,
    note: words,
  })
/** a stand test that began when it is logged and still runs */
export const stand = (h: number, who: Who, minimumHours: number): Step =>
  at(h, who, 'stand_test', null, { startedAt: '', endedAt: null, seen: null, minimumHours })
export const turns = (
  h: number,
  who: Who,
  feel: BodyOf['turn_over']['feel'],
  method: BodyOf['turn_over']['method'],
  plugIn: boolean,
  words: string | null = null,
): Step => at(h, who, 'turn_over', 'by_feel', { feel, method, plugIn, note: words })
export function gauge(
  h: number,
  who: Who,
  dry: [number, string],
  wet: [number, string] | null,
  release: BodyOf['compression']['release'],
  words: string | null = null,
  more: Pick<Step, 'replaces' | 'name'> & { warm?: boolean } = {},
): Step {
  const { warm, ...rest } = more
  return at(
    h,
    who,
    'compression',
    'measured',
    {
      feel: null,
      dry: { value: dry[0], unit: dry[1] },
      wet: wet && { value: wet[0], unit: wet[1] },
      throttleOpen: true,
      pulls: 6,
      temperature: warm ? 'warm' : 'cold',
      release,
      hoseMl: null,
      altitudeM: null,
      note: words,
    },
    rest,
  )
}
export const debris = (
  h: number,
  who: Who,
  place: BodyOf['debris']['place'],
  items: BodyOf['debris']['items'],
  hoursSinceOil: number | null,
  words: string | null = null,
): Step =>
  at(h, who, 'debris', 'by_eye', { place, items, hoursSinceOil, hoursSinceRebuild: null, control: 'none', note: words })

/** this line cures the first cause */
export const curing = (line: EstimateLine): EstimateLine => ({ ...line, cures: true })
export const found = (
  h: number,
  who: Who,
  part: BodyOf['part']['part'],
  disposition: BodyOf['part']['disposition'],
  seen: string[] = [],
  more: Partial<BodyOf['part']> & { how?: HowGot } = {},
): Step => {
  const { how = 'by_eye', ...rest } = more
  return at(h, who, 'part', how, {
    part,
    disposition,
    seen,
    oil: 'not_looked',
    role: 'open',
    reason: null,
    orientation: null,
    owed: null,
    ...rest,
  })
}
export const measured = (
  h: number,
  who: Who,
  item: BodyOf['measure']['item'],
  figures: number[],
  tool: BodyOf['measure']['tool'],
  more: Partial<BodyOf['measure']> = {},
): Step =>
  at(h, who, 'measure', 'measured', {
    item,
    reads: figures.map(value => ({ value, unit: 'mm' })),
    tool,
    place: null,
    when: 'as_found',
    note: null,
    ...more,
  })
export const boreSheet = (
  h: number,
  who: Who,
  nominal: number,
  rows: BodyOf['bore']['rows'],
  more: Partial<BodyOf['bore']> = {},
): Step =>
  at(h, who, 'bore', 'measured', {
    nominal: { value: nominal, unit: 'mm' },
    unit: 'mm',
    rows,
    piston: null,
    tool: 'bore_dial',
    when: 'as_found',
    partC: null,
    sizesMm: [],
    holdCentre: false,
    crossHatch: 'not_looked',
    note: null,
    ...more,
  })
