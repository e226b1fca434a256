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

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<DebrisBody>): SignDraft[] {
  return entry.body.items
    .filter(i => i.amount !== 'none')
    .flatMap((i): SignDraft[] => (DEBRIS[i.material] ? [[DEBRIS[i.material] ?? '', true]] : []))
    .concat(
      entry.body.items.length === 0
        ? (CHECK_BY_ID.get('debris')?.shows ?? []).map((s): SignDraft => [s.id, false])
        : [],
    )
}
