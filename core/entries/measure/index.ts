import type { Room } from '../room'
import { sizeFacts, sizeHazards } from './dangers'
import { judgeMeasure } from './judge'

export const room: Room<'measure'> = {
  name: 'sizes',
  stage: 'measure',
  finding: true,
  shows: true,
  handsIn: () => true,
  all: true,
  place: entry => `${entry.body.item} ${entry.body.place ?? ''}`,
  judge: judgeMeasure,
  facts: (entry, _file, judged) => sizeFacts(entry.body, judged),
  hazards: (entry, _file, judged) => sizeHazards(entry.body, judged),
}
