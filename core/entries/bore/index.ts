import { schoolOf } from '../../engine/schools'
import type { Room } from '../room'
import { boreFacts, boreHazards } from './dangers'
import type { BoreJudgement } from './judge'
import { beforeHone, judgeBore } from './judge'

export const room: Room<'bore'> = {
  name: 'bore',
  stage: 'measure',
  finding: true,
  place: ({ body }) => String(body.ofCylinder ?? ''),
  shows: true,
  handsIn: () => true,
  judge: judgeBore,
  facts: (_entry, _file, judged) => boreFacts(judged as BoreJudgement),
  // asked, not refused: a reading that happened stands
  owes: (entry, inForce, policy) =>
    beforeHone(entry, inForce) || entry.body.noBefore || schoolOf(policy, 'hone') === 'hone'
      ? []
      : [{ text: 'Bore: honed, and no figure from before honing. Say why it was not taken', must: false }],
  hazards: (_entry, _file, judged) => boreHazards(judged as BoreJudgement),
}
