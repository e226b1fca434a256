import type { Room } from '../room'
import { WRONG } from './oilFits'
import { OIL_KINDS } from '../../words/looks'
import { judgeOilKind } from './judge'

export const room: Room<'oil_kind'> = {
  name: 'kind of oil',
  stage: 'first_look',
  judge: judgeOilKind,
  hazards: ({ body }, _file, judged) => {
    if (WRONG.includes(body.what))
      return [{ hazard: 'wrong_fluid', subject: 'oil', why: `${OIL_KINDS[body.what]} is in it.` }]
    return judged?.mark === 'past' ? [{ hazard: 'oil_unsuitable', subject: 'oil', why: `${judged.headline}.` }] : []
  },
}
