import type { Room } from '../room'
import { judgeClues } from './judge'
import { signs } from './signs'

export const room: Room<'clues'> = {
  name: 'outside',
  stage: 'first_look',
  finding: true,
  judge: judgeClues,
  signs,
  hazards: ({ body }) =>
    body.outside.includes('blocked_fins')
      ? [{ hazard: 'cooling', subject: 'fins', why: 'The fins are packed: it cooks at the first load.' }]
      : [],
}
