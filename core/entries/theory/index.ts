import type { Room } from '../room'

export const room: Room<'theory'> = {
  name: 'theory',
  stage: 'narrow_down',
  // ruled out by a trial that has a name, with what that trial can't show
  refuse: ({ body: { state, trial, limits } }) =>
    state !== 'ruled_out' || (trial && limits)
      ? null
      : {
          message: "A theory is ruled out only by a trial that is named, and with what that trial can't show.",
          field: trial ? 'body.limits' : 'body.trial',
          hint: trial ? "Say what the trial can't show." : 'Say which trial ruled it out.',
        },
}
