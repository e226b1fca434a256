import type { FactDraft } from '../../log/facts'
import type { TurnOverBody } from './schema'
import type { Room } from '../room'
import { judgeTurnOver } from './judge'

/** However it was turned, it turned, or it did not. */
const turned = (feel: TurnOverBody['feel']): FactDraft => ({
  subject: 'engine',
  property: 'turns',
  mark: feel === 'locked' ? 'past' : 'good',
  whose: 'looked',
  value: feel === 'locked' ? 'locked' : `turns, ${feel}`,
})

export const room: Room<'turn_over'> = {
  name: 'turning',
  stage: 'first_look',
  answers: ['plug_out'],
  asked: () => 'essential',
  finding: true,
  handsIn: () => true,
  judge: judgeTurnOver,
  facts: ({ body }) => [
    ...(body.plugIn
      ? []
      : [
          {
            subject: 'cylinder',
            property: 'liquid',
            mark: 'good' as const,
            whose: 'looked' as const,
            value: 'turned with the plug out',
          },
        ]),
    turned(body.feel),
  ],
  hazards: ({ body }) =>
    body.feel === 'locked' && body.plugIn
      ? [
          {
            hazard: 'locked_plug_in',
            subject: 'engine',
            why: 'Locked with the plug in: it may be full of fuel or oil, even when the stick is dry. Pull the plug, then turn it by hand.',
          },
        ]
      : [],
}
