import type { Room } from '../room'

export const room: Room<'inventory'> = {
  name: 'inventory',
  stage: 'book_in',
}
