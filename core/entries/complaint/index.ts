import type { Room } from '../room'

export const room: Room<'complaint'> = {
  name: 'complaint',
  stage: 'book_in',
  shows: true,
}
