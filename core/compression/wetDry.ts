import { InputError, TIE } from '../errors'
import type { CompStatus } from './compVerdict'

export interface WetDryShares {
  rings: number
  topEnd: number
  both: number
}
export interface WetDryInput {
  dryKpa: number
  wetKpa: number
  oilMl: number
  clearanceMl: number | null
  sweptEffMl: number | null
  pAmbKpa: number
  n: number
  priors: WetDryShares | null
  verdict: CompStatus | null
}
export type WetDryStatus =
  'no_compression' | 'repeat_test' | 'no_fault_shown' | 'rings' | 'top_end' | 'both' | 'unclear'
export interface WetDryResult {
  risePct: number | null
  oilVolumeFactor?: number
  posterior?: WetDryShares
  status: WetDryStatus
}

/** Rise to expect from each fault, as a share of the dry reading, and how often each is met. Rule of thumb, shop judgement. */
export const WET_DRY_MODEL = {
  rings: { mean: 0.25, sd: 0.12 },
  topEnd: { mean: 0.03, sd: 0.04 },
  both: { mean: 0.12, sd: 0.06 },
  priors: { rings: 0.45, topEnd: 0.4, both: 0.15 },
  lead: 0.6,
  leadBoth: 0.45,
  fall: -0.05,
} as const

/**
 * What a spoonful of oil in the cylinder did. Only means anything once the dry reading was not a pass: there is no class for a sound engine.
 * Top end = valves, seats, head gasket, plug seat. A flat-lying or side-valve engine fools the test.
 * @param oilMl oil poured in, mL; it fills clearance, which is taken out when both volumes are known
 * @throws InputError `out_of_range` when the oil fills half the clearance or more, `inconsistent` when the priors are all 0
 */
export function wetDry({
  dryKpa,
  wetKpa,
  oilMl,
  clearanceMl,
  sweptEffMl,
  pAmbKpa,
  n,
  priors,
  verdict,
}: WetDryInput): WetDryResult {
  const known = clearanceMl !== null && sweptEffMl !== null
  if (known && oilMl >= clearanceMl / 2 - TIE && oilMl > 0) {
    throw new InputError(
      'out_of_range',
      'oil_ml',
      `${oilMl} mL of oil fills half the clearance (${clearanceMl} mL) or more: repeat with a spoonful.`,
    )
  }
  const given = priors ?? WET_DRY_MODEL.priors
  const total = given.rings + given.topEnd + given.both
  if (total <= 0) throw new InputError('inconsistent', 'priors', 'At least one of the priors must be more than 0.')
  if (dryKpa === 0) return { risePct: null, status: 'no_compression' }

  const oilVolumeFactor = known ? ((1 + sweptEffMl / (clearanceMl - oilMl)) / (1 + sweptEffMl / clearanceMl)) ** n : 1
  const wetCorrected = (wetKpa + pAmbKpa) / oilVolumeFactor - pAmbKpa
  const rise = wetCorrected / dryKpa - 1
  const risePct = 100 * rise
  if (rise < WET_DRY_MODEL.fall - TIE) return { risePct, status: 'repeat_test' }

  const { rings, topEnd, both } = WET_DRY_MODEL
  const logDensity = (r: number, mean: number, sd: number): number => -Math.log(sd) - ((r - mean) / sd) ** 2 / 2
  const logs = {
    rings: Math.log(given.rings / total) + logDensity(Math.min(rise, rings.mean), rings.mean, rings.sd),
    topEnd: Math.log(given.topEnd / total) + logDensity(rise, topEnd.mean, topEnd.sd),
    both: Math.log(given.both / total) + logDensity(rise, both.mean, both.sd),
  }
  const highest = Math.max(logs.rings, logs.topEnd, logs.both)
  const weights = {
    rings: Math.exp(logs.rings - highest),
    topEnd: Math.exp(logs.topEnd - highest),
    both: Math.exp(logs.both - highest),
  }
  const sum = weights.rings + weights.topEnd + weights.both
  const posterior = { rings: weights.rings / sum, topEnd: weights.topEnd / sum, both: weights.both / sum }
  return { risePct, oilVolumeFactor, posterior, status: verdict === 'pass' ? 'no_fault_shown' : leader(posterior) }
}

function leader(posterior: WetDryShares): WetDryStatus {
  const highest = Math.max(posterior.rings, posterior.topEnd, posterior.both)
  if (posterior.rings === highest) return highest >= WET_DRY_MODEL.lead - TIE ? 'rings' : 'unclear'
  if (posterior.topEnd === highest) return highest >= WET_DRY_MODEL.lead - TIE ? 'top_end' : 'unclear'
  return highest >= WET_DRY_MODEL.leadBoth - TIE ? 'both' : 'unclear'
}
