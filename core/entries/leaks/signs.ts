import type { SignDraft } from '../../log/facts'
import type { LeakSite, LeaksBody } from './schema'
import type { Logged } from '../../log/entry'

const LEAK: Partial<Record<LeakSite['site'], string>> = {
  sump: 'wet_sump',
  drain: 'wet_drain',
  breather: 'breather_oily',
  coolant: 'coolant_drips',
  top_seal: 'wet_top_seal',
  bottom_seal: 'wet_bottom_seal',
  valve_cover: 'wet_cover',
  head: 'wet_head',
  base: 'wet_base',
  carburettor: 'wet_fuel',
  tank: 'wet_fuel',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<LeaksBody>): SignDraft[] {
  return entry.body.sites.flatMap(({ site, state }) =>
    LEAK[site] ? ([[LEAK[site] ?? '', state === 'wet' || state === 'trail']] satisfies SignDraft[]) : [],
  )
}
