import type { Room } from '../room'
import { debrisFacts, debrisHazards } from './dangers'
import type { DebrisJudgement } from './judge'
import { judgeDebris } from './judge'

export const room: Room<'debris'> = {
  name: 'debris',
  stage: 'open_up',
  finding: true,
  shows: true,
  place: entry => entry.body.place,
  judge: judgeDebris,
  facts: ({ body }, _file, judged) => debrisFacts(body, judged as DebrisJudgement),
  hazards: ({ body }, { facts }, judged) =>
    debrisHazards(body, judged as DebrisJudgement, facts.oiling.startsWith('pump')),
}
