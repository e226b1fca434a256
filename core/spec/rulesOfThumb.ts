import type { EngineFacts } from '../engine/facts'
import type { EngineClass } from '../engine/words'
import type { SpecItem } from './specItems'

/** Compression at sea level, wide open, kPa. General workshop-manual practice; `look` is where a sound engine still may be. */
export const COMPRESSION_BANDS: Record<EngineClass, { low: number; high: number; look: number; fail: number }> = {
  H2: { low: 800, high: 1150, look: 690, fail: 550 },
  V2: { low: 900, high: 1300, look: 800, fail: 690 },
  S4: { low: 620, high: 1000, look: 550, fail: 415 },
  M4: { low: 1000, high: 1350, look: 900, fail: 750 },
  T4: { low: 830, high: 1100, look: 690, fail: 620 },
  D4: { low: 2400, high: 3100, look: 2200, fail: 1900 },
}

/** A side-valve engine squeezes so much of what an overhead-valve one of its class does: its chamber lies beside the bore. Rule of thumb. */
const SIDE_VALVE = 0.65

/** What engines of this kind usually read, and where one looks further: by class and valve gear, kPa at sea level, no release at work. */
export function compressionBand({
  engineClass,
  valves,
}: Pick<EngineFacts, 'engineClass' | 'valves'>): (typeof COMPRESSION_BANDS)[EngineClass] {
  const band = COMPRESSION_BANDS[engineClass]
  if (valves !== 'side') return band
  const lower = (kpa: number): number => Math.round((SIDE_VALVE * kpa) / 5) * 5
  return { low: lower(band.low), high: lower(band.high), look: lower(band.look), fail: lower(band.fail) }
}

/** Hours between oil changes. General workshop-manual practice. */
const OIL_CHANGE_H: Record<EngineClass, number | undefined> = {
  H2: undefined,
  V2: undefined,
  S4: 50,
  M4: 100,
  T4: 100,
  D4: 100,
}

function oilCapacityMl(engineClass: EngineClass, displacementCc: number | null): number | undefined {
  if (engineClass === 'S4')
    return displacementCc === null || displacementCc <= 200 ? 550 : displacementCc < 400 ? 1000 : 1500
  if (engineClass === 'M4') return displacementCc !== null && displacementCc > 500 ? 2800 : 1100
  if (engineClass === 'T4' || engineClass === 'D4') return 3000
  return undefined
}

/** A class figure for when no better one is known, in the item's own unit; undefined where no honest one exists. */
export function ruleOfThumb(
  item: SpecItem,
  engineClass: EngineClass,
  displacementCc: number | null,
): number | undefined {
  switch (item) {
    case 'oil_capacity':
      return oilCapacityMl(engineClass, displacementCc)
    case 'oil_change':
      return OIL_CHANGE_H[engineClass]
    case 'compression_limit':
      return COMPRESSION_BANDS[engineClass].look
    default:
      return undefined
  }
}
