import type { Room } from '../room'
import { eventHazards } from './dangers'
import { judgeEvent } from './judge'

export const room: Room<'event'> = {
  name: 'event',
  right: 'hear',
  stage: 'book_in',
  all: true,
  judge: judgeEvent,
  hazards: entry => eventHazards(entry),
}
