import { figuresOwed, partsStanding } from '../entries/part/judge'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import { partName } from '../teardown/places'

export interface Owed {
  entryId: string
  text: string
}

/** Everything noticed and not followed up: open until somebody answers it. */
export function owedNow(inForce: Entry[]): Owed[] {
  const parts = partsStanding(inForce).flatMap((e): Owed[] => {
    const name = partName(e.body.part, e.body.place)
    return [
      ...(e.body.owed ? [{ entryId: e.id, text: `${name}: ${e.body.owed}` }] : []),
      ...(e.body.disposition === 'unknown' && !e.body.owed
        ? [{ entryId: e.id, text: `${name}: ${e.body.reason ?? 'not decided'}` }]
        : []),
      ...figuresOwed(e, inForce)
        .slice(0, 1)
        .map(figure => ({ entryId: e.id, text: `${name}: kept on a look, ${figure} not measured` })),
    ]
  })
  const fasteners = keptOf(inForce)
    .fasteners.filter(e => e.body.back !== e.body.out)
    .map(e => ({
      entryId: e.id,
      text: `${e.body.cover}: ${e.body.out} fastener${e.body.out === 1 ? '' : 's'} out, ${e.body.back === null ? 'none back yet' : `${e.body.back} back`}`,
    }))
  const evidence = keptOf(inForce)
    .evidence.filter(e => !e.body.explained)
    .map(e => ({
      entryId: e.id,
      text: `${e.body.missing ? 'Missing piece' : 'Evidence'} not explained: ${e.body.what}`,
    }))
  return [...parts, ...evidence, ...fasteners]
}
