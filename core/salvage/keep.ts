import type { Entry } from '../entries/types'
import type { EngineFacts } from '../engine/facts'
import { partsStanding } from '../entries/part/standing'
import type { PartKey } from '../teardown/parts'
import { PART_PLANS } from '../teardown/parts'
import { partsOf } from '../teardown/places'

/** What a used part brings, in hours of labour, and the minutes to take it off and test it. Rule of thumb, shop judgement; every price is the shop's to change. */
const KEEPERS: Partial<Record<PartKey, readonly [worthH: number, minutes: number]>> = {
  carburettor: [0.7, 12],
  coil: [0.6, 8],
  key: [0.8, 20],
  starter: [0.9, 10],
  head: [0.8, 25],
  crank: [1.8, 60],
  rod: [0.6, 50],
  cylinder: [1.4, 45],
  cam: [0.7, 45],
  rockers: [0.3, 15],
  springs: [0.15, 15],
  pump: [0.6, 40],
  injector_pump: [0.8, 20],
  clutch: [0.7, 30],
  exhaust: [0.4, 8],
  intake: [0.2, 6],
  reed: [0.3, 10],
  gear: [0.3, 45],
}
/** Parts whose failure wrecks an engine: used again only with a figure. */
export const CRITICAL: readonly PartKey[] = ['crank', 'rod', 'cylinder', 'piston', 'head', 'cam', 'pump']
/** Worth keeping without demand from this many hours of labour on. */
const DEAR_H = 1.2
/** Chance that a part nobody has wanted lately is wanted after all. */
const SELDOM = 0.25

export interface KeepLine {
  part: PartKey
  name: string
  wanted: number
  stock: number
  priceMinor: number
  stripMinutes: number
  /** expected value less the time to strip and test it */ worthMinor: number
  keep: boolean
  why: string
}

/**
 * What to keep of an engine that is given up: by what was wanted in two years against what lies on the shelf, by price, and by the time
 * that it takes off. Condemned parts are left out.
 * @param wanted how often each part was replaced here on this class of engine in 24 months
 * @param stock  how many lie on the shelf for that class
 */
export function keepList(
  facts: EngineFacts,
  inForce: Entry[],
  wanted: Partial<Record<string, number>>,
  stock: Partial<Record<string, number>>,
  rateMinor: number,
): KeepLine[] {
  const gone = new Set(
    partsStanding(inForce)
      .filter(e => ['replace', 'machine', 'not_here'].includes(e.body.disposition))
      .map(e => e.body.part),
  )
  return partsOf(facts)
    .flatMap((part): KeepLine[] => {
      const known = KEEPERS[part]
      if (!known || gone.has(part)) return []
      const [worthH, stripMinutes] = known
      const [want, have] = [wanted[part] ?? 0, stock[part] ?? 0]
      const priceMinor = Math.round(worthH * rateMinor)
      const worthMinor = Math.round(priceMinor * (want > have ? 1 : SELDOM) - (stripMinutes / 60) * rateMinor)
      const dear = worthH >= DEAR_H && have === 0
      const keep = (want > have && worthMinor > 0) || dear
      return [
        {
          part,
          name: PART_PLANS[part].name,
          wanted: want,
          stock: have,
          priceMinor,
          stripMinutes,
          worthMinor,
          keep,
          why:
            want > have
              ? worthMinor > 0
                ? 'wanted more often than there is stock'
                : 'wanted, but taking it off costs more than it brings'
              : dear
                ? 'dear, and none on the shelf'
                : have
                  ? 'enough on the shelf'
                  : 'nobody asked for it in two years',
        },
      ]
    })
    .sort((a, b) => Number(b.keep) - Number(a.keep) || b.worthMinor - a.worthMinor)
}

/** Why a part of the shelf may not go into an engine now; null when it may. */
export function useRefusal({
  part,
  measured,
  quarantine,
  name,
}: {
  part: string | null
  measured: string | null
  quarantine: string | null
  name: string
}): string | null {
  if (quarantine) return `${name} is in quarantine: ${quarantine}`
  if (part && (CRITICAL as readonly string[]).includes(part) && !measured)
    return `${name} was never measured: a used one goes into a critical place only with its figure.`
  return null
}
