import type { SignDraft } from '../../log/facts'
import type { EntryOf } from '../types'
import { oneOf } from '../../catalogue/oneOf'

const PLUG = {
  pale: 'plug_pale',
  sooty: 'plug_sooty',
  fuel_wet: 'plug_fuel',
  oil_wet: 'plug_oily',
  new: 'plug_new',
  normal: '',
}

/** What it says of the catalogue's signs. */
export function signs(entry: EntryOf<'plug'>): SignDraft[] {
  return oneOf(PLUG, entry.body.state)
}
