import type { Room } from '../room'
import { eventHazards } from './dangers'
import { judgeEvent } from './judge'
import { signs } from './signs'

export const room: Room<'event'> = {
  name: 'event',
  stage: 'book_in',
  all: true,
  judge: judgeEvent,
  signs,
  hazards: entry => eventHazards(entry),
}
