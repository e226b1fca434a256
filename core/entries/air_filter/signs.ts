import type { SignDraft } from '../../log/facts'
import { oneOf } from '../../catalogue/oneOf'
import type { Logged } from '../../log/entry'
import type { AirFilterBody } from './schema'

const FILTER = {
  choked: 'filter_choked',
  soaked: 'filter_oily',
  torn: 'filter_torn',
  missing: 'filter_torn',
  wet: 'filter_wet',
  sound: '',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<AirFilterBody>): SignDraft[] {
  return [
    ...oneOf(FILTER, entry.body.filter),
    ...oneOf({ oily: 'breather_oily', blocked: 'breather_blocked', clear: '', missing: '' }, entry.body.breather),
  ]
}
