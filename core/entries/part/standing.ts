import { placeKey } from '../../teardown/places'
import { keptOf } from '../kept'
import type { Entry, EntryOf } from '../types'
import type { PartBody } from './schema'

export const CONDEMNED: readonly PartBody['disposition'][] = ['replace', 'machine']

/** The newest word on each part. */
export const partsStanding = (inForce: Entry[]): EntryOf<'part'>[] => [
  ...new Map(keptOf(inForce).part.map(e => [placeKey(e.body), e])).values(),
]

/** The parts that are condemned: whatever did that must be known before anything new goes in. */
export const condemned = (inForce: Entry[]): EntryOf<'part'>[] =>
  partsStanding(inForce).filter(e => CONDEMNED.includes(e.body.disposition) && e.body.role !== 'own')
