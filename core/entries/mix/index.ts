import type { Room } from '../room'
import type { MixJudgement } from './judge'
import { judgeMix } from './judge'

export const room: Room<'mix'> = {
  name: 'mix',
  stage: 'first_look',
  asked: facts => facts.oiling === 'premix' && 'asked',
  finding: true,
  judge: judgeMix,
  facts: (_entry, _file, judged) => [
    {
      subject: 'fuel',
      property: 'mix',
      mark: (judged as MixJudgement).tooLean ? 'past' : 'good',
      whose: 'maker',
      value: judged?.headline ?? '',
    },
    ...((judged as MixJudgement).tooRich
      ? [
          {
            subject: 'fuel',
            property: 'rich',
            mark: 'near' as const,
            whose: 'maker' as const,
            value: judged?.headline ?? '',
          },
        ]
      : []),
  ],
  hazards: (_entry, _file, judged) =>
    (judged as MixJudgement).tooLean
      ? [
          {
            hazard: 'mix_lean',
            subject: 'fuel',
            why: `${judged?.headline ?? ''}. A lean two-stroke at speed may seize: no road, no full throttle.`,
          },
        ]
      : [],
}
