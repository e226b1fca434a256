import type { Room } from '../room'

export const room: Room<'watch_done'> = {
  name: 'looked at again',
  stage: 'book_in',
  all: true,
  finding: true,
}
