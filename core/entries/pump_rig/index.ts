import type { Room } from '../room'
import { judgePumpRig } from './judge'

export const room: Room<'pump_rig'> = {
  name: 'pump rig',
  stage: 'measure',
  finding: true,
  handsIn: () => true,
  all: true,
  judge: judgePumpRig,
  facts: (_entry, _file, judged) => [
    { subject: 'pump', property: 'flow', mark: judged?.mark ?? 'open', whose: 'shop', value: judged?.headline ?? '' },
  ],
  hazards: (_entry, _file, judged) =>
    // under a rule of thumb it is looked at first
    judged?.mark === 'past' || judged?.mark === 'near'
      ? [{ hazard: 'pump_weak', subject: 'pump', why: `${judged.headline}.`, told: judged.mark === 'near' }]
      : [],
}
