import type { SignDraft } from '../../log/facts'
import { oneOf } from '../../catalogue/oneOf'
import type { Logged } from '../../log/entry'
import type { PlugBody } from './schema'

const PLUG = {
  pale: 'plug_pale',
  sooty: 'plug_sooty',
  fuel_wet: 'plug_fuel',
  oil_wet: 'plug_oily',
  new: 'plug_new',
  normal: '',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<PlugBody>): SignDraft[] {
  return oneOf(PLUG, entry.body.state)
}
