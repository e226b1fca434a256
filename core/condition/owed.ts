import { figuresOwed, partsStanding } from '../entries/part/judge'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { Owed } from '../judgement'
import { partName } from '../teardown/places'

/** Everything noticed and not followed up: open until somebody answers it. */
export function owedNow(inForce: Entry[]): Owed[] {
  const parts = partsStanding(inForce).flatMap((e): Owed[] => {
    const name = partName(e.body.part, e.body.place)
    return [
      ...(e.body.owed ? [{ entryId: e.id, text: `${name}: ${e.body.owed}`, must: false }] : []),
      ...(e.body.disposition === 'unknown' && !e.body.owed
        ? [{ entryId: e.id, text: `${name}: ${e.body.reason ?? 'not decided'}`, must: true }]
        : []),
      ...figuresOwed(e, inForce)
        .slice(0, 1)
        .map(figure => ({ entryId: e.id, text: `${name}: kept on a look, ${figure} not measured`, must: false })),
    ]
  })
  const fasteners = keptOf(inForce)
    .fasteners.filter(e => e.body.back !== e.body.out)
    .map(e => ({
      entryId: e.id,
      text: `${e.body.cover}: ${e.body.out} fastener${e.body.out === 1 ? '' : 's'} out, ${e.body.back === null ? 'none back yet' : `${e.body.back} back`}`,
      must: true,
    }))
  const evidence = keptOf(inForce)
    .evidence.filter(e => !e.body.explained)
    .map(e => ({
      entryId: e.id,
      text: `${e.body.missing ? 'Missing piece' : 'Evidence'} not explained: ${e.body.what}`,
      must: true,
    }))
  return [...parts, ...evidence, ...fasteners]
}

/** What went out with a machine undone: the tests that were owed, each with its due, and whatever else was open then. */
export function leftOwed(inForce: Entry[]): { what: string; due: string | null }[] {
  const back = keptOf(inForce).hand_back.at(-1)
  if (!back) return []
  const tests = back.body.owed ?? []
  const named = new Set(tests.map(t => t.what))
  return [
    ...tests,
    ...owedNow(inForce)
      .filter(o => !named.has(o.text.slice(0, 200)))
      .map(o => ({ what: o.text, due: null })),
  ]
}
