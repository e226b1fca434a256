import type { ShopPolicy } from '../engine/policy'
import { describe } from '../entries/say'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import { MEASURE_PLANS } from '../measure/items'
import { partsStanding } from '../entries/part/standing'
import { partName } from '../teardown/places'
import { quantityText } from '../units/unitRound'

export interface BuiltLine {
  text: string
  /** id of the person */ by: string
  at: string
}

export interface BuiltPart {
  title: string
  lines: BuiltLine[]
}

/**
 * The engine as it went together: what is new and from where, what was used again and why, which sizes it has now, what closed it.
 * Only what the log says; what is missing is told in `missing`.
 */
export function asBuilt(inForce: Entry[], policy: ShopPolicy): { sections: BuiltPart[]; missing: string[] } {
  const line = (e: Entry, text: string): BuiltLine => ({ text, by: e.by, at: e.at })
  const bore = keptOf(inForce)
    .bore.filter(e => e.body.when === 'after_hone')
    .at(-1)
  const sizes = [...(bore ? [bore] : []), ...keptOf(inForce).measure.filter(e => e.body.when === 'after')]
  const lash = keptOf(inForce)
    .lash.filter(e => e.body.state === 'set')
    .at(-1)
  const fitted = keptOf(inForce).fitted
  const kept = partsStanding(inForce).filter(e => e.body.disposition === 'reuse' || e.body.disposition === 'clean')
  const joints = keptOf(inForce).fasteners.filter(e => e.body.back !== null)
  const oil = keptOf(inForce).oil_change.at(-1)
  const sections: BuiltPart[] = [
    { title: 'Fitted', lines: fitted.map(e => line(e, describe(e, policy).text)) },
    {
      title: 'Used again',
      lines: kept.map(e =>
        line(
          e,
          `${partName(e.body.part, e.body.place)}${e.body.reason ? `: ${e.body.reason}` : ''}${e.how === 'measured' ? ', measured' : e.how === 'by_feel' ? ', by feel' : ', by eye'}${e.body.orientation ? `; lies ${e.body.orientation}` : ''}`,
        ),
      ),
    },
    {
      title: 'Sizes after work',
      lines: sizes.map(e =>
        line(
          e,
          e.kind === 'measure'
            ? `${MEASURE_PLANS[e.body.item].label}${e.body.place ? `, ${e.body.place}` : ''}: ${e.body.reads.map(r => quantityText(r.value, r.unit)).join(', ')}`
            : describe(e, policy).text,
        ),
      ),
    },
    { title: 'Lash', lines: lash ? [line(lash, describe(lash, policy).text)] : [] },
    {
      title: 'Closed with',
      lines: joints.map(e =>
        line(e, `${e.body.cover}: ${e.body.back} of ${e.body.out} fasteners back, ${e.body.what}`),
      ),
    },
    { title: 'Oil', lines: oil ? [line(oil, describe(oil, policy).text)] : [] },
  ].filter(s => s.lines.length)
  const missing = [
    ...keptOf(inForce)
      .fasteners.filter(e => e.body.back !== null && e.body.back !== e.body.out)
      .map(e => `${e.body.cover}: ${e.body.back ?? 0} of ${e.body.out} fasteners went back.`),
    ...fitted
      .filter(e => e.body.batch === null && e.body.origin !== 'made')
      .map(e => `${e.body.what}: no batch written down.`),
    ...(fitted.length && !sizes.length ? ['No size was taken after work.'] : []),
  ]
  return { sections, missing }
}
