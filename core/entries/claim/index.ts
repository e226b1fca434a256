import type { Room } from '../room'

export const room: Room<'claim'> = {
  name: 'what was told',
  right: 'hear',
  stage: 'book_in',
  finding: true,
}
