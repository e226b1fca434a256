import type { Room } from '../room'
import { judgeLockStep } from './judge'

export const room: Room<'lock_step'> = {
  name: 'locked engine',
  stage: 'first_look',
  refuse({ body: { result, liquid, note } }) {
    if (result === 'liquid' && liquid === null)
      return {
        message: 'Say what ran out: fuel, oil or water. Each is cured in its own way.',
        field: 'body.liquid',
        hint: 'Say what ran out: fuel, oil or water.',
      }
    // a plug that can't come out is written down with why; steps from before anybody was asked stand as they are
    return result === 'cant' && note === null
      ? {
          message: "Say why it can't be done: the plug out is what proves that nothing stands in it.",
          field: 'body.note',
        }
      : null
  },
  answers: ['lock'],
  finding: true,
  handsIn: () => true,
  judge: judgeLockStep,
  facts: ({ body: { step, result } }) => [
    ...(step === 'plug_out' && result !== 'cant'
      ? [
          {
            subject: 'cylinder',
            property: 'liquid',
            mark: result === 'liquid' ? ('past' as const) : ('good' as const),
            whose: 'looked' as const,
            value: result === 'liquid' ? 'liquid came out' : 'dry with the plug out',
          },
        ]
      : []),
    ...(result === 'freed'
      ? [
          {
            subject: 'engine',
            property: 'freed',
            mark: 'good' as const,
            whose: 'looked' as const,
            value: 'came free',
          },
        ]
      : []),
  ],
  deeds: ({ body }) => [{ did: 'tried', subject: `lock:${body.step}` }],
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
