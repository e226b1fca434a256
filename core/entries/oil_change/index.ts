import { isInside } from '../../oil/oilWords'
import { levelStarts } from '../oil/dangers'
import type { Room } from '../room'
import type { OilChangeJudgement } from './judge'
import { judgeOilChange } from './judge'

export const room: Room<'oil_change'> = {
  name: 'oil change',
  stage: 'build',
  judge: judgeOilChange,
  deeds: () => [
    { did: 'drained', subject: 'oil' },
    { did: 'filled', subject: 'oil' },
  ],
  facts: (_entry, _file, judged) => {
    const { state, mark, details } = judged as OilChangeJudgement
    return state === null || isInside(state)
      ? []
      : [{ subject: 'oil', property: 'level', mark, whose: 'maker', value: details[0] ?? '' }]
  },
  hazards: (_entry, _file, judged) => {
    const { state, guessed } = judged as OilChangeJudgement
    return state ? levelStarts(state, guessed) : []
  },
  acts: () => ['refill'],
}
