import type { Room } from '../room'
import { partFacts, partHazards } from './dangers'
import { placeKey } from '../../teardown/places'
import { judgePart, owedOfPart } from './judge'

export const room: Room<'part'> = {
  name: 'parts',
  stage: 'open_up',
  finding: true,
  shows: true,
  handsIn: () => true,
  replaces: true,
  place: entry => placeKey(entry.body),
  judge: judgePart,
  facts: ({ body }) => partFacts(body),
  owes: owedOfPart,
  hazards: ({ body }) => partHazards(body),
}
