import type { Room } from '../room'

export const room: Room<'complaint'> = {
  name: 'complaint',
  right: 'hear',
  stage: 'book_in',
  shows: true,
}
