import type { Room } from '../room'
import { judgeClues } from './judge'

export const room: Room<'clues'> = {
  name: 'outside',
  stage: 'first_look',
  finding: true,
  judge: judgeClues,
  hazards: ({ body }) =>
    body.outside.includes('blocked_fins')
      ? [{ hazard: 'cooling', subject: 'fins', why: 'The fins are packed: it cooks at the first load.' }]
      : [],
}
