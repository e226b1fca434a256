import type { Room } from '../room'

export const room: Room<'meter'> = {
  name: 'running time',
  stage: 'book_in',
  finding: true,
}
