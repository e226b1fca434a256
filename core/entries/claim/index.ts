import type { Room } from '../room'
import { signs } from './signs'

export const room: Room<'claim'> = {
  name: 'what was told',
  stage: 'book_in',
  finding: true,
  signs,
}
