import { notToRun } from '../../judgement'
import type { Room } from '../room'

export const room: Room<'trial'> = {
  name: 'trial',
  stage: 'prove',
  handsIn: () => true,
  acts: () => ['trial'],
  // a trial is a run that a danger forbids: where the table lets the shop hear it once more, or prove what it mended
  refuse(_entry, { stops }) {
    const held = notToRun(stops).find(s => !s.signed && !s.trial && !s.proving)
    return held
      ? {
          message: `Not even a trial: ${held.title}. ${held.reason} ${held.clearedBy}`,
          field: 'body.why',
        }
      : null
  },
}
