import type { Room } from '../room'
import { boreFacts, boreHazards } from './dangers'
import type { BoreJudgement } from './judge'
import { judgeBore } from './judge'

export const room: Room<'bore'> = {
  name: 'bore',
  stage: 'measure',
  finding: true,
  place: ({ body }) => String(body.ofCylinder ?? ''),
  shows: true,
  handsIn: () => true,
  judge: judgeBore,
  facts: (_entry, _file, judged) => boreFacts(judged as BoreJudgement),
  hazards: (_entry, _file, judged) => boreHazards(judged as BoreJudgement),
}
