import type { SignDraft } from '../../log/facts'
import { CHECK_BY_ID } from '../../catalogue'
import type { Logged } from '../../log/entry'
import type { DebrisBody } from './schema'

const DEBRIS: Record<string, string> = {
  aluminium: 'd_aluminium',
  iron_chips: 'd_iron',
  bearing_flake: 'd_bearing',
  bronze: 'd_bronze',
  babbitt: 'd_shell',
  friction_fibre: 'd_fibre',
  plastic: 'd_plastic',
  grit: 'd_grit',
  sealant: 'd_sealant',
  glue: 'd_sealant',
  fibre: 'd_fibre',
  emulsion: 'oil_milky',
}

/**
 * What it says of the catalogue's signs. A trace asks for another look at the same place, and says neither; what is not among what was found there
 * was looked for and is not, unless something of it could not be told.
 */
export function signs(entry: Logged<DebrisBody>): SignDraft[] {
  const found = entry.body.items.filter(i => i.amount !== 'none')
  const named = found.map(i => DEBRIS[i.material])
  const there = found.flatMap((i): SignDraft[] =>
    DEBRIS[i.material] && i.amount !== 'trace' ? [[DEBRIS[i.material] ?? '', true]] : [],
  )
  if (found.some(i => i.material === 'unknown')) return there
  const absent = (CHECK_BY_ID.get('debris')?.shows ?? []).filter(s => !named.includes(s.id))
  return [...there, ...absent.map((s): SignDraft => [s.id, false])]
}
