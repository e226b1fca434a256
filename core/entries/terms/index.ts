import type { Room } from '../room'

export const room: Room<'terms'> = {
  name: 'terms',
  right: 'ask',
  stage: 'book_in',
  answers: ['value'],
}
