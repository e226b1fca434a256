import type { EngineFacts } from '../engine/facts'
import type { MachineKind } from '../engine/words'
import { HAND_HELD } from '../engine/words'
import type { SpecValue } from '../spec/specValue'
import type { SpecItem } from '../spec/specItems'
import { specFor } from '../spec/specValue'

/** Of the chamber: enough to reach the rings all round, little enough to leave the ratio nearly what it was. Shop judgement. */
const SHARE = 0.1
/** The part of a stroke that is really squeezed, at a pull. Rule of thumb. */
const TRAPPED = 0.9
/**
 * What a spoonful of 5 mL alone does to a sound engine of a class: up to so much of the dry reading, by making its chamber smaller.
 * Worked out from usual bores and ratios; from a larger rise on, more than the oil's own volume was at work. Rule of thumb.
 */
const BY_VOLUME_ALONE: Record<EngineFacts['engineClass'], number> = {
  ...{ H2: Infinity, S4: 0.44, M4: 0.85, V2: 0.35, T4: 0.25, D4: 0.4 },
}

/** The room over one piston at the top, what is squeezed into it, and the oil that a wet test takes. All mL. */
export interface WetOil {
  chamberMl: number
  sweptMl: number
  oilMl: number
}

/**
 * Oil for a wet test, as a share of the chamber, from bore, stroke and ratio (or the size and the ratio).
 * @returns null where ratio or size is not known: then nobody can say how much is right
 */
export function wetOil(facts: EngineFacts, spec: SpecValue[]): WetOil | null {
  const get = (item: SpecItem): number | null =>
    specFor(item, spec, facts.engineClass, facts.displacementCc)?.value ?? null
  const [ratio, bore, stroke] = [get('compression_ratio'), get('bore'), get('stroke')]
  const cc =
    bore !== null && stroke !== null
      ? ((Math.PI / 4) * bore ** 2 * stroke) / 1000
      : facts.displacementCc === null
        ? null
        : facts.displacementCc / facts.cylinders
  if (ratio === null || cc === null || ratio <= 1) return null
  const chamberMl = cc / (ratio - 1)
  return { chamberMl, sweptMl: TRAPPED * cc, oilMl: SHARE * chamberMl }
}

/** Up to this rise, as a share of the dry reading, the oil's own volume may have done it all where nobody knows it. */
export const riseByVolume = (facts: EngineFacts): number => BY_VOLUME_ALONE[facts.engineClass]

/** Held in the hands: its chamber is smaller than the oil. */
export const noWetTest = (facts: EngineFacts, kind: MachineKind): boolean =>
  facts.engineClass === 'H2' || HAND_HELD.includes(kind)
export const NO_WET_TEST = 'No wet test on this one: a spoonful of oil fills its chamber and locks it.'

/** "2.3 mL": a little oil, as a syringe shows it. */
export const mlText = (ml: number): string => `${Number(ml.toFixed(1))} mL`
