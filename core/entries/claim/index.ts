import { toldHazards } from '../check/dangers'
import type { Room } from '../room'
import { answered } from './signs'

export const room: Room<'claim'> = {
  name: 'what was told',
  right: 'hear',
  stage: 'book_in',
  finding: true,
  hazards: ({ body }) => toldHazards(answered(body)),
}
