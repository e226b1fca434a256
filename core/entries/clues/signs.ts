import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { CluesBody } from './schema'

const CLUE: Record<string, string> = {
  blow_shaft: 'blow_outside',
  bent_guard: 'blow_outside',
  cracked_case: 'blow_outside',
  rust: 'rust_outside',
  burnt_paint: 'burnt_paint',
  blocked_fins: 'fins_packed',
  loose_bolts: 'bolts_loose',
  stale_fuel: 'fuel_stale',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<CluesBody>): SignDraft[] {
  return [...new Set(Object.values(CLUE))]
    .filter(sign => sign !== 'fuel_stale')
    .map((sign): SignDraft => [sign, entry.body.outside.some(k => CLUE[k] === sign)])
    .concat(entry.body.outside.includes('stale_fuel') ? [['fuel_stale', true]] : [], [
      ['sealant_seen', entry.body.hands.includes('sealant')],
    ])
}
