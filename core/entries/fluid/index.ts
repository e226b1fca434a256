import type { FactDraft, HazardStart } from '../../log/facts'
import { isInside } from '../../oil/oilWords'
import { levelStarts } from '../oil/dangers'
import type { Room } from '../room'
import type { FluidJudgement } from './judge'
import { judgeFluid } from './judge'

/** What it adds up to speaks where it is wrong; that it is right is read on the stick. */
const facts = (judged: FluidJudgement | null): FactDraft[] =>
  judged?.state && !isInside(judged.state)
    ? [{ subject: 'oil', property: 'level', mark: judged.mark, whose: 'maker', value: judged.headline }]
    : []

export const room: Room<'fluid'> = {
  name: 'oil let out or put in',
  stage: 'first_look',
  // letting oil or fuel out means tipping it, or a spark near what runs out
  handsIn: ({ body }) => body.action === 'drained' || body.action === 'drawn_off',
  judge: judgeFluid,
  facts: (_entry, _file, judged) => facts(judged as FluidJudgement | null),
  hazards: (_entry, _file, judged): HazardStart[] => {
    const { state, mark } = judged as FluidJudgement
    return state ? levelStarts(state, mark !== 'past') : []
  },
  deeds: ({ body }) =>
    body.action === 'drained' || body.action === 'filled' ? [{ did: body.action, subject: 'oil' }] : [],
  // letting it out is the way out of every danger of the oil: by the plug or sucked off, it tips nothing
  acts: ({ body: { action } }) => (action === 'filled' ? ['refill'] : []),
}
