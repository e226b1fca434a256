import type { Room } from '../room'

export const room: Room<'meter'> = {
  name: 'running time',
  right: 'hear',
  stage: 'book_in',
  finding: true,
}
