import { roomOf, standsAt } from '../entries/rooms'
import type { Entry } from '../entries/types'
import type { ShopPolicy } from '../engine/policy'
import { DEFAULT_POLICY } from '../engine/policy'
import { rulesHere } from '../entries/rule_here/rulesHere'
import { keptOf } from '../entries/kept'
import type { Owed } from '../judgement'

/** Everything noticed and not followed up: open until somebody answers it. */
export function owedNow(inForce: Entry[], shop: ShopPolicy = DEFAULT_POLICY): Owed[] {
  const policy = rulesHere(shop, inForce)
  const last = new Map(inForce.map(e => [standsAt(e), e.id]))
  return inForce.flatMap(entry => {
    const room = roomOf(entry)
    if (!room.owes || (room.replaces && last.get(standsAt(entry)) !== entry.id)) return []
    return room.owes(entry, inForce, policy).map(owed => ({ entryId: entry.id, ...owed }))
  })
}

/** What went out with a machine undone: the tests that were owed, each with its due, and whatever else was open then. */
export function leftOwed(inForce: Entry[], shop?: ShopPolicy): { what: string; due: string | null }[] {
  const back = keptOf(inForce).hand_back.at(-1)
  if (!back) return []
  const tests = back.body.owed ?? []
  const named = new Set(tests.map(t => t.what))
  return [
    ...tests,
    ...owedNow(inForce, shop)
      .filter(o => !named.has(o.text.slice(0, 200)))
      .map(o => ({ what: o.text, due: null })),
  ]
}
