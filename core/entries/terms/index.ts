import type { Room } from '../room'

export const room: Room<'terms'> = {
  name: 'terms',
  stage: 'book_in',
  answers: ['value'],
}
