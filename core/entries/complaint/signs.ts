import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { ComplaintBody } from './schema'

const ABOUT: Record<string, string> = {
  wont_turn: 'says_wont_turn',
  wont_start: 'says_wont_start',
  dies: 'says_dies',
  no_power: 'says_no_power',
  smoke: 'says_smoke',
  noise: 'says_noise',
  leak: 'says_leak',
  uses_oil: 'says_uses_oil',
  oil_rises: 'says_oil_rises',
  overheats: 'says_hot',
  clutch: 'says_clutch',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<ComplaintBody>): SignDraft[] {
  return entry.body.about && ABOUT[entry.body.about] ? [[ABOUT[entry.body.about] ?? '', true]] : []
}
