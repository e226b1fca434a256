import type { Room } from '../room'

export const room: Room<'claim_check'> = {
  name: 'claim',
  stage: 'book_in',
}
