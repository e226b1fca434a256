import type { Room } from '../room'
import { refuseAsFound } from './refuse'

export const room: Room<'as_found'> = {
  name: 'as found',
  stage: 'open_up',
  refuse: refuseAsFound,
}
