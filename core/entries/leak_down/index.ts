import type { Room } from '../room'
import { judgeLeakdown } from './judge'

export const room: Room<'leak_down'> = {
  name: 'leak-down',
  stage: 'narrow_down',
  asked: () => 'asked',
  finding: true,
  place: ({ body }) => String(body.ofCylinder ?? ''),
  shows: true,
  handsIn: () => true,
  judge: judgeLeakdown,
  facts: (_entry, _file, judged) =>
    judged
      ? [{ subject: 'engine', property: 'compression', mark: judged.mark, whose: 'shop', value: judged.headline }]
      : [],
}
