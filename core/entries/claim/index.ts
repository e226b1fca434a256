import type { Room } from '../room'
import { signs } from './signs'

export const room: Room<'claim'> = {
  name: 'claim',
  stage: 'book_in',
  signs,
}
