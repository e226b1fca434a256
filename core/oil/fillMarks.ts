import type { EngineFacts } from '../engine/facts'
import type { SpecSource, SpecValue } from '../spec/specValue'
import { specFor } from '../spec/specValue'
import type { FillPoint, ReadingKind } from './fillTable'
import { oilVolume } from './fillTable'

/** Where the low mark and the tip of the stick commonly stand, as shares of the fill at the full mark. Shop judgement. */
export const MARK_SHARES = { low: 0.75, tip: 0.55 } as const

/** Position of the stick's tip, or the foot of the glass, on the scale where 0 is the low and 100 the full mark. */
export const TIP_PCT = -80
/** How far above the full mark the scale is drawn and typed. */
export const TOP_PCT = 300

/** What was poured in and where it then showed, machine upright and settled: better than any book. */
export interface FillTable {
  kind: ReadingKind
  /** what the readings are in: mm of stick or glass, or mm down from the rim */
  unit: 'mm'
  /** at least two, [reading, mL] */
  points: FillPoint[]
  /** readings of the marks */
  lowAt: number
  fullAt: number
}

export interface FillMarks {
  capacityMl: number
  fullMl: number
  lowMl: number
  /** the most that an engine can hold when nothing shows at all */
  tipMl: number
  /** the weakest source among the figures used */
  source: SpecSource
  /** whose figure the whole fill is, which may be known where the marks are not */
  capacitySource: SpecSource
  /** [position, mL]: 0 is the low mark, 100 the full mark */
  points: FillPoint[]
}

/**
 * The marks of this engine in mL: from its own fill table, else from its sheet, otherwise from its class.
 * @returns undefined for engines without a sump, or when nothing is known of their size
 */
export function fillMarks(
  facts: EngineFacts,
  spec: SpecValue[],
  table: FillTable | null = null,
): FillMarks | undefined {
  if (!hasSump(facts)) return undefined
  const look = (item: 'oil_capacity' | 'oil_full_mark' | 'oil_low_mark') =>
    specFor(item, spec, facts.engineClass, facts.displacementCc)
  const capacity = look('oil_capacity')
  if (table) return tableMarks(table, capacity?.source === 'rule_of_thumb' ? undefined : capacity)
  if (!capacity) return undefined
  const full = look('oil_full_mark')
  const low = look('oil_low_mark')
  const fullMl = full?.value ?? capacity.value
  const lowMl = low?.value ?? fullMl * MARK_SHARES.low
  const guessed = capacity.source === 'rule_of_thumb' || !low
  if (lowMl >= fullMl || fullMl > 1.5 * capacity.value) return undefined
  const tipMl = Math.min(fullMl * MARK_SHARES.tip, lowMl * 0.9)
  // above the full mark a sump is taken to be upright-walled
  const points: FillPoint[] = [
    [TIP_PCT, tipMl],
    [0, lowMl],
    [100, fullMl],
    [TOP_PCT, lowMl + ((fullMl - lowMl) * TOP_PCT) / 100],
  ]
  return {
    capacityMl: capacity.value,
    fullMl,
    lowMl,
    tipMl,
    points,
    capacitySource: capacity.source,
    source: guessed ? 'rule_of_thumb' : capacity.source === 'measured' ? 'measured' : capacity.source,
  }
}

/** Position of a reading of the stick on the scale of the marks; never minus zero. */
export const positionOf = (reading: number, { lowAt, fullAt }: FillTable): number =>
  (100 * (reading - lowAt)) / (fullAt - lowAt) + 0
/** Reading of the stick at a position on the scale of the marks. */
export const readingAt = (pct: number, { lowAt, fullAt }: FillTable): number => lowAt + (pct / 100) * (fullAt - lowAt)

function tableMarks(table: FillTable, capacity: { value: number; source: SpecSource } | undefined): FillMarks {
  const own = table.points
    .map(([reading, ml]): FillPoint => [positionOf(reading, table), ml])
    .sort((a, b) => a[0] - b[0])
  const points = withEnds(own)
  const at = (pct: number): number => oilVolume({ points, reading: pct, kind: 'level' }).volumeMl
  const [fullMl, lowMl] = [at(100), at(0)]
  return {
    capacityMl: capacity?.value ?? fullMl,
    fullMl,
    lowMl,
    tipMl: own[0]?.[1] ?? lowMl,
    points,
    source: 'measured',
    capacitySource: capacity?.source ?? 'measured',
  }
}

/** The table stretched along its end pieces to the ends of the scale; never to less than nothing. */
function withEnds(own: FillPoint[]): FillPoint[] {
  const [a, b] = own
  const [y, z] = own.slice(-2)
  if (!a || !b || !y || !z) return own
  const foot: FillPoint[] =
    a[0] > TIP_PCT ? [[TIP_PCT, Math.max(a[1] * 0.02, a[1] - ((b[1] - a[1]) / (b[0] - a[0])) * (a[0] - TIP_PCT))]] : []
  const top: FillPoint[] = z[0] < TOP_PCT ? [[TOP_PCT, z[1] + ((z[1] - y[1]) / (z[0] - y[0])) * (TOP_PCT - z[0])]] : []
  return [...foot, ...own, ...top]
}

/** Oil in the fuel means that there is no sump to read. */
export const hasSump = (facts: EngineFacts): boolean =>
  facts.oiling !== 'premix' && facts.oiling !== 'injection' && facts.cycle !== 'two'
