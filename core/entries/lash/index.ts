import type { Room } from '../room'
import type { LashJudgement } from './judge'
import { judgeLash } from './judge'
import { refuseLash } from './refuse'

export const room: Room<'lash'> = {
  name: 'lash',
  stage: 'narrow_down',
  asked: facts => facts.cycle === 'four' && 'asked',
  finding: true,
  place: ({ body }) => String(body.ofCylinder ?? ''),
  handsIn: () => true,
  refuse: refuseLash,
  judge: judgeLash,
  facts: ({ body }, _file, judged) => [
    ...(judged as LashJudgement).read.map(({ valve, mark, words }) => ({
      subject: `${valve}_valve`,
      property: 'lash',
      mark,
      whose: 'maker' as const,
      value: `lash, ${words}`,
    })),
    ...(body.rockers === 'free'
      ? ['inlet_valve', 'exhaust_valve'].map(subject => ({
          subject,
          property: 'moves',
          mark: 'good' as const,
          whose: 'looked' as const,
          value: 'both rockers move freely',
        }))
      : []),
  ],
  deeds: ({ body }) =>
    body.state === 'set' ? ['inlet_valve', 'exhaust_valve'].map(subject => ({ did: 'set' as const, subject })) : [],
  hazards: ({ body }) =>
    body.rockers === 'stuck'
      ? [
          {
            hazard: 'valve_timing',
            subject: 'rockers',
            why: 'A rocker is stuck: cranked like that, a valve is bent or a push rod.',
          },
        ]
      : [],
  acts: ({ body }) => (body.state === 'set' ? ['adjust'] : []),
}
