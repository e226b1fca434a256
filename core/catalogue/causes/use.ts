import { cause, inGroup } from '../write'

/** Nothing that is broken. Shares of jobs and links are shop judgement; a shop's own counts take over. */
export const USE = inGroup('use', [
  cause('nothing_wrong', 'Nothing wrong: running in, or how it is used', {
    base: [0.02, 0.015, 0.02, 0.02, 0.015, 0.015],
    what: 'Choke, tap, switch, cold start, a new engine that sheds a little: as the maker describes it.',
    cure: 'Show the owner how it is done, and write it on the card.',
    always: 'as_described',
    sometimes: 'says_wont_start plug_fuel',
    seldom: 'says_noise says_smoke says_uses_oil',
  }),
])
