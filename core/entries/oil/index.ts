import { hasSump } from '../../oil/fillMarks'
import type { Room } from '../room'
import { levelFacts, oilHazards } from './dangers'
import type { OilJudgement } from './judge'
import { judgeOil, unsettled } from './judge'

export const room: Room<'oil'> = {
  name: 'oil',
  stage: 'first_look',
  asked: facts => hasSump(facts) && 'essential',
  finding: true,
  judge: judgeOil,
  facts: ({ body }, file, judged) => levelFacts(body, judged as OilJudgement, unsettled(body, file)),
  hazards: ({ body }, file, judged) => oilHazards(body, judged as OilJudgement, unsettled(body, file)),
  deeds: ({ body }) => [
    ...(body.reading.by === 'volume' ? [{ did: 'drained' as const, subject: 'oil' }] : []),
    ...(body.whereGone && body.whereGone !== 'cant_tell' ? [{ did: 'explained' as const, subject: 'oil' }] : []),
  ],
}
