import type { Room } from '../room'

export const room: Room<'cause_found'> = {
  name: 'first cause',
  stage: 'hand_back',
  // proved is what something proves
  refuse: ({ body: { proof, provedBy } }) =>
    proof !== 'proved' || provedBy
      ? null
      : {
          message: 'Proved: say what proves it, a size, a trial or a part in the hand.',
          field: 'body.provedBy',
          hint: 'Say what proves it.',
        },
}
