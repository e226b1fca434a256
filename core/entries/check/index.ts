import type { Room } from '../room'
import { CHECK_BY_ID } from '../../catalogue'
import { signFacts, signHazards } from './dangers'
import { signs } from './signs'

export const room: Room<'check'> = {
  name: 'other checks',
  stage: 'narrow_down',
  finding: true,
  handsIn: ({ body }) => body.skipped === null && handsGoIn(body.check),
  signs,
  facts: ({ body }) => signFacts(body),
  hazards: ({ body }) => signHazards(body),
}

const handsGoIn = (id: string): boolean => {
  const check = CHECK_BY_ID.get(id)
  return check?.hands === true || check?.opens === true
}
