import type { Room } from '../room'

export const room: Room<'inventory'> = {
  name: 'inventory',
  right: 'hear',
  stage: 'book_in',
}
