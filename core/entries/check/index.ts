import type { Room } from '../room'
import { HANDS_IN } from '../../catalogue/hands'
import { signFacts, signHazards } from './dangers'

export const room: Room<'check'> = {
  name: 'other checks',
  stage: 'narrow_down',
  finding: true,
  handsIn: ({ body }) => body.skipped === null && HANDS_IN.includes(body.check),
  facts: ({ body }) => signFacts(body),
  hazards: ({ body }) => signHazards(body),
}
