import type { Room } from '../room'
import { judgeLockStep } from './judge'

export const room: Room<'lock_step'> = {
  name: 'locked engine',
  stage: 'first_look',
  refuse: ({ body: { result, liquid } }) =>
    result === 'liquid' && liquid === null
      ? {
          message: 'Say what ran out: fuel, oil or water. Each is cured in its own way.',
          field: 'body.liquid',
          hint: 'Say what ran out: fuel, oil or water.',
        }
      : null,
  answers: ['lock'],
  finding: true,
  handsIn: () => true,
  judge: judgeLockStep,
  facts: ({ body }) =>
    body.step === 'plug_out' && body.result !== 'cant'
      ? [
          {
            subject: 'cylinder',
            property: 'liquid',
            mark: body.result === 'liquid' ? 'past' : 'good',
            whose: 'looked',
            value: body.result === 'liquid' ? 'liquid came out' : 'dry with the plug out',
          },
        ]
      : [],
  hazards: ({ body }) =>
    body.result === 'liquid'
      ? [
          {
            hazard: 'cylinder_full',
            subject: 'engine',
            why: 'The cylinder held liquid. Petrol on hot metal or at a spark burns; it stays locked until it is out, and comes again until its way is cured.',
          },
        ]
      : [],
}
