import { ulid } from 'ulid'
import type { BodyOf, Entry, EntryKind } from '#core/entries/types'
import type { OptionBody } from '#core/entries/option/schema'
import type { EstimateLine } from '#core/estimate/estimateLine'
import type { JobFile, Visit } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import type { ShopPolicy } from '#core/engine/policy'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { UNASKED } from '#core/engine/facts'
import type { FillTable } from '#core/oil/fillMarks'
import type { HowGot } from '#core/log/words'
import type { MachineKind } from '#core/engine/words'
import type { SpecValue } from '#core/spec/specValue'

export const FACTS: EngineFacts = {
  engineClass: 'S4',
  cycle: 'four',
  displacementCc: 148,
  cylinders: 1,
  oiling: 'splash',
  oilShows: 'stick_screwed',
  release: 'none',
  bore: 'bare',
  fuelFeed: 'float',
  cooling: 'air',
  mixRatio: null,
  ...UNASKED,
}
export const figureOf = (
  item: SpecValue['item'],
  value: number,
  unit: string,
  source: SpecValue['source'] = 'maker',
  more: Partial<SpecValue> = {},
): SpecValue => ({ item, value, unit, source, note: null, year: null, checkedBy: null, chosen: false, ...more })
export const SHEET: SpecValue[] = [
  figureOf('oil_capacity', 550, 'mL'),
  figureOf('oil_full_mark', 550, 'mL'),
  figureOf('oil_low_mark', 400, 'mL'),
]

export function entry<K extends EntryKind>(
  kind: K,
  body: BodyOf[K],
  more: { how?: HowGot | null; supersedes?: string; id?: string } = {},
): Entry {
  return {
    id: more.id ?? ulid(),
    kind,
    at: '2026-05-04T09:00:00.000Z',
    by: 'P',
    how: more.how ?? 'measured',
    body,
    supersedes: more.supersedes ?? null,
  } as Entry
}

export function file(
  entries: Entry[],
  {
    facts = {},
    spec = SHEET,
    policy = {},
    kind = 'walk_behind_mower',
    fill = null,
    history = [],
    counts = null,
  }: {
    facts?: Partial<EngineFacts>
    spec?: SpecValue[]
    fill?: FillTable | null
    history?: Visit[]
    counts?: JobFile['counts']
    policy?: Partial<ShopPolicy>
    kind?: MachineKind
  } = {},
): JobFile {
  return {
    machineKind: kind,
    facts: { ...FACTS, ...facts },
    spec,
    fill,
    entries,
    history,
    policy: { ...DEFAULT_POLICY, labourRateMinor: 5000, ...policy },
    counts,
  }
}

let n = 0
export const line = (type: EstimateLine['type'], likely: number, more: Partial<EstimateLine> = {}): EstimateLine => ({
  id: `L${++n}`,
  type,
  text: more.text ?? type,
  why: null,
  low: likely,
  likely,
  high: likely,
  chance: 1,
  priceKind: null,
  cures: false,
  source: null,
  pricedOn: null,
  lookMin: null,
  ...more,
})
export const option = (
  name: string,
  way: OptionBody['way'],
  lines: EstimateLine[],
  more: Partial<OptionBody> = {},
): Entry =>
  entry(
    'option',
    {
      name,
      way,
      lines,
      valueAfterMinor: null,
      successChance: 1,
      comebackMinor: 0,
      hoursOk: 100,
      hoursFail: 0,
      daysDown: 0,
      ruledOut: null,
      ...more,
    },
    { how: null },
  )
export const terms = (running: number | null, asIs: number | null, cap: number | null = null): Entry =>
  entry(
    'terms',
    {
      useClass: 'private',
      runningValueMinor: running === null ? null : running * 100,
      asIsValueMinor: asIs === null ? null : asIs * 100,
      capMinor: cap === null ? null : cap * 100,
      deadline: null,
      dayLossMinor: null,
      boughtMinor: null,
      ownTimeFree: false,
    },
    { how: null },
  )
export const oil = (reading: BodyOf['oil']['reading'], more: Partial<BodyOf['oil']> = {}): Entry =>
  entry('oil', {
    reading,
    colour: 'honey',
    thickness: 'normal',
    smell: 'plain',
    glitter: 'none',
    whereGone: null,
    note: null,
    ...more,
  })
export const compression = (
  dry: number | null,
  wet: number | null,
  unit = 'bar',
  more: Partial<BodyOf['compression']> = {},
): Entry =>
  entry('compression', {
    feel: null,
    dry: dry === null ? null : { value: dry, unit },
    wet: wet === null ? null : { value: wet, unit },
    throttleOpen: true,
    pulls: 6,
    temperature: 'warm',
    release: 'none',
    hoseMl: null,
    altitudeM: null,
    note: null,
    ...more,
  })
