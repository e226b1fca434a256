import type { EngineFacts } from '../job/jobFile'
import type { SpecSource, SpecValue } from '../spec/specValue'
import { specFor } from '../spec/specValue'
import type { FillPoint } from './fillTable'

/** Where the low mark and the tip of the stick commonly stand, as shares of the fill at the full mark. Shop judgement. */
export const MARK_SHARES = { low: 0.75, tip: 0.55 } as const

/** Position of the stick's tip, or the foot of the glass, on the scale where 0 is the low and 100 the full mark. */
export const TIP_PCT = -80
/** How far above the full mark the scale is drawn and typed. */
export const TOP_PCT = 300

export interface FillMarks {
  capacityMl: number
  fullMl: number
  lowMl: number
  /** the most that an engine can hold when nothing shows at all */
  tipMl: number
  /** the weakest source among the figures used */
  source: SpecSource
}

/**
 * The marks of this engine in mL, from its sheet where that says so, otherwise from its class.
 * @returns undefined for engines without a sump, or when nothing is known of their size
 */
export function fillMarks(facts: EngineFacts, spec: SpecValue[]): FillMarks | undefined {
  if (!hasSump(facts)) return undefined
  const look = (item: 'oil_capacity' | 'oil_full_mark' | 'oil_low_mark') => specFor(item, spec, facts.engineClass, facts.displacementCc)
  const capacity = look('oil_capacity')
  if (!capacity) return undefined
  const full = look('oil_full_mark')
  const low = look('oil_low_mark')
  const fullMl = full?.value ?? capacity.value
  const lowMl = low?.value ?? fullMl * MARK_SHARES.low
  const guessed = capacity.source === 'rule_of_thumb' || !low
  if (lowMl >= fullMl || fullMl > 1.5 * capacity.value) return undefined
  return {
    capacityMl: capacity.value,
    fullMl,
    lowMl,
    tipMl: Math.min(fullMl * MARK_SHARES.tip, lowMl * 0.9),
    source: guessed ? 'rule_of_thumb' : capacity.source === 'measured' ? 'measured' : 'maker',
  }
}

/** Oil in the fuel means that there is no sump to read. */
export const hasSump = (facts: EngineFacts): boolean => facts.oiling !== 'premix' && facts.oiling !== 'injection' && facts.cycle !== 'two'

/** The marks as a fill table in % of the distance between them; above the full mark a sump is taken to be upright-walled. */
export function marksTable({ fullMl, lowMl, tipMl }: FillMarks): FillPoint[] {
  return [[TIP_PCT, tipMl], [0, lowMl], [100, fullMl], [TOP_PCT, lowMl + (fullMl - lowMl) * TOP_PCT / 100]]
}
