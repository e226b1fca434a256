import type { Room } from '../room'
import { judgeOilPressure } from './judge'

export const room: Room<'oil_pressure'> = {
  name: 'oil pressure',
  stage: 'narrow_down',
  finding: true,
  shows: true,
  judge: judgeOilPressure,
  facts: (_entry, _file, judged) => [
    { subject: 'pump', property: 'flow', mark: judged?.mark ?? 'open', whose: 'maker', value: judged?.headline ?? '' },
  ],
  hazards: (_entry, _file, judged) =>
    judged?.mark === 'past' || judged?.mark === 'near'
      ? [{ hazard: 'pump_weak', subject: 'pump', why: `${judged.headline}.`, told: judged.mark === 'near' }]
      : [],
  acts: () => ['run'],
}
