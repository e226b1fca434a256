import { HOT_METHODS } from '../../words/opened'
import { keptOf } from '../kept'
import { foundFacts, judgeFasteners } from './judge'
import type { Room } from '../room'

export const room: Room<'fasteners'> = {
  name: 'fasteners',
  stage: 'open_up',
  handsIn: () => true,
  judge: judgeFasteners,
  facts: ({ body }) => foundFacts(body),
  // no flame, torch or sparks beside fuel
  refuse({ body: { stuck, fireAway } }, { inForce }) {
    if (fireAway || !stuck.some(m => HOT_METHODS.includes(m))) return null
    const tank = keptOf(inForce).modification.some(m => m.body.what === 'fuel_tank' && m.body.state === 'in_place')
    return {
      message: `Before heat or sparks: tank away, fuel shut, rags out.${tank ? ' Its tank is not its own: take it off the machine first.' : ''} Tick it; what you typed is still here.`,
      field: 'body.fireAway',
      hint: 'Tank away, shut, rags out: tick it.',
    }
  },
  hazards: ({ body }) =>
    body.back !== null && body.back < body.out
      ? [
          {
            hazard: 'fastener',
            subject: `cover:${body.cover.trim().toLowerCase()}`,
            why: `${body.cover}: ${body.out} out, only ${body.back} back.`,
          },
        ]
      : [],
  deeds: ({ body }) =>
    body.back !== null && body.back >= body.out
      ? [{ did: 'set', subject: `cover:${body.cover.trim().toLowerCase()}` }]
      : [],
  owes: ({ body: { cover, out, back } }) =>
    back === out
      ? []
      : [
          {
            text: `${cover}: ${out} fastener${out === 1 ? '' : 's'} out, ${back === null ? 'none back yet' : `${back} back`}`,
            must: true,
          },
        ],
  acts: ({ body }) => (body.back === null ? [] : ['build']),
}
