import type { Room } from '../room'

export const room: Room<'rule_here'> = {
  name: 'another rule here',
  stage: 'book_in',
  all: true,
}
