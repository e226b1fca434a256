import type { Judgement } from '../../judgement'
import type { Room } from '../room'
import { noWetTest } from '../../compression/wetOil'
import type { CompressionJudgement } from './judge'
import { judgeCompression } from './judge'

/** What dry against wet said; a pair that shows no fault asks no more than one that points at the rings. */
function pairOf(judged: Judgement | null): 'rings' | 'other' {
  const pair = (judged as CompressionJudgement | null)?.pair
  return pair === 'rings' || pair === 'no_fault_shown' ? 'rings' : 'other'
}

export const room: Room<'compression'> = {
  name: 'compression',
  stage: 'narrow_down',
  answers: ['retest'],
  asked: () => 'asked',
  finding: true,
  place: ({ body }) => String(body.ofCylinder ?? ''),
  shows: true,
  handsIn: () => true,
  judge: judgeCompression,
  facts: ({ body }, file, judged) => [
    ...(judged
      ? [
          {
            subject: 'engine',
            property: 'compression',
            mark: judged.mark,
            whose: 'maker' as const,
            value: judged.headline,
          },
        ]
      : []),
    ...(body.dry && (body.wet || (file.facts.cycle === 'four' && !noWetTest(file.facts, file.machineKind)))
      ? [
          {
            subject: 'engine',
            property: 'wet_reading',
            // only what oil did not seal asks after the valves
            mark: !body.wet ? ('open' as const) : pairOf(judged) === 'rings' ? ('good' as const) : ('near' as const),
            whose: 'looked' as const,
            value: body.wet ? 'read wet too' : 'read dry only',
          },
        ]
      : []),
  ],
  hazards: ({ body }, file) =>
    body.wet && noWetTest(file.facts, file.machineKind)
      ? [
          {
            hazard: 'wet_test_oil',
            subject: 'engine',
            why: 'Oil was put into a chamber smaller than the spoonful: it may be locked by it.',
          },
        ]
      : [],
}
