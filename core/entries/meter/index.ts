import type { Room } from '../room'
import { judgeMeter } from './judge'

export const room: Room<'meter'> = {
  name: 'running time',
  right: 'hear',
  stage: 'book_in',
  finding: true,
  judge: judgeMeter,
}
