import type { Room } from '../room'
import { noWetTest } from '../../compression/wetOil'
import { judgeCompression } from './judge'

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
    ...(body.dry && (body.wet || !noWetTest(file.facts, file.machineKind))
      ? [
          {
            subject: 'engine',
            property: 'wet_reading',
            mark: body.wet ? ('good' as const) : ('open' as const),
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
