import type { SignDraft } from '../../log/facts'
import type { EntryOf } from '../types'
import { oneOf } from '../../catalogue/oneOf'

const FILTER = {
  choked: 'filter_choked',
  soaked: 'filter_oily',
  torn: 'filter_torn',
  missing: 'filter_torn',
  sound: '',
}

/** What it says of the catalogue's signs. */
export function signs(entry: EntryOf<'air_filter'>): SignDraft[] {
  return [
    ...oneOf(FILTER, entry.body.filter),
    ...oneOf({ oily: 'breather_oily', blocked: 'breather_blocked', clear: '', missing: '' }, entry.body.breather),
  ]
}
