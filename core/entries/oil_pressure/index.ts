import type { Room } from '../room'
import type { OilPressureJudgement } from './judge'
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
  // too much of it is looked into, and is no weak pump
  hazards(_entry, _file, judged) {
    const { low, falls, mark, headline } = judged as OilPressureJudgement
    return low || falls ? [{ hazard: 'pump_weak', subject: 'pump', why: `${headline}.`, told: mark === 'near' }] : []
  },
  acts: () => ['run'],
}
