import { refuseAsFound } from '../as_found/refuse'
import type { Room } from '../room'

export const room: Room<'void'> = {
  name: 'undone',
  stage: null,
  refuse: refuseAsFound,
}
