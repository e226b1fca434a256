import type { EngineFacts } from '../engine/facts'
import type { SpecValue } from '../spec/specValue'
import { specFor } from '../spec/specValue'
import type { SpecItem } from '../spec/specItems'
import { dynamicCr, trappedCr } from './effectiveRatio'
import { expectedCranking } from './expectedCranking'

/** What the geometry says, and whether closing angles were known: without them the ratio is counted from bottom dead centre. */
export interface ExpectedCompression {
  pKpa: number
  lowKpa: number
  highKpa: number
  effCr: number
  sweptEffMl: number | null
  clearanceMl: number | null
}

/** A small engine closes its inlet about here when the sheet does not say. Degrees. Shop judgement. */
const USUAL_INLET_CLOSES = 40

/**
 * Compression to expect at sea level from the sheet's geometry, kPa.
 * @returns null unless ratio, stroke and rod are known (for a two-stroke, its exhaust duration as well)
 */
export function expectedFromSheet(facts: EngineFacts, spec: SpecValue[]): ExpectedCompression | null {
  const get = (item: SpecItem): number | null =>
    specFor(item, spec, facts.engineClass, facts.displacementCc)?.value ?? null
  const [ratio, strokeMm, rodMm, boreMm] = [get('compression_ratio'), get('stroke'), get('rod_length'), get('bore')]
  if (ratio === null || strokeMm === null || rodMm === null || rodMm <= strokeMm / 2) return null
  const eff = effective()
  if (eff === null || eff.cr < 2 || eff.cr > 25) return null
  const { pGaugeKpa, lowKpa, highKpa } = expectedCranking({ effCr: eff.cr, pAmbKpa: 101.325, n: 1.25, fill: 1 })
  const areaMm2 = boreMm === null ? null : (Math.PI / 4) * boreMm ** 2
  const sweptEffMl = areaMm2 === null ? null : (areaMm2 * eff.stroke) / 1000
  return {
    pKpa: pGaugeKpa,
    lowKpa,
    highKpa,
    effCr: eff.cr,
    sweptEffMl,
    clearanceMl: sweptEffMl === null ? null : sweptEffMl / (eff.cr - 1),
  }

  function effective(): { cr: number; stroke: number } | null {
    if (ratio === null || strokeMm === null || rodMm === null) return null
    if (facts.cycle === 'two') {
      const exhaustDurationDeg = get('exhaust_duration')
      if (exhaustDurationDeg === null) return null
      const { tcr, effStrokeMm } = trappedCr({
        fullCr: ratio,
        strokeMm,
        rodMm,
        exhaustDurationDeg,
        portFromTdcMm: null,
      })
      return { cr: tcr, stroke: effStrokeMm }
    }
    const { dcr, effStrokeMm } = dynamicCr({
      staticCr: ratio,
      strokeMm,
      rodMm,
      ivcAbdcDeg: get('inlet_closes') ?? USUAL_INLET_CLOSES,
    })
    return { cr: dcr, stroke: effStrokeMm }
  }
}
