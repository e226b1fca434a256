import type { Room } from '../room'
import { judgeFit } from './judge'

export const room: Room<'fit_check'> = {
  name: 'fit',
  stage: null,
  finding: true,
  judge: judgeFit,
}
