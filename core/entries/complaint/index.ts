import type { Room } from '../room'
import { signs } from './signs'

export const room: Room<'complaint'> = {
  name: 'complaint',
  stage: 'book_in',
  shows: true,
  signs,
}
