import type { Room } from '../room'
import { signFacts, signHazards } from './dangers'
import { signs } from './signs'

export const room: Room<'check'> = {
  name: 'other checks',
  stage: 'narrow_down',
  signs,
  facts: ({ body }) => signFacts(body),
  hazards: ({ body }) => signHazards(body),
}
