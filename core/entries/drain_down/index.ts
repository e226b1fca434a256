import type { Room } from '../room'
import { judgeDrainDown } from './judge'

export const room: Room<'drain_down'> = {
  name: 'drain-down',
  stage: 'measure',
  finding: true,
  judge: judgeDrainDown,
  facts: (_entry, _file, judged) => [
    {
      subject: 'pump',
      property: 'drain_down',
      mark: judged?.mark ?? 'open',
      whose: 'rule_of_thumb',
      value: judged?.headline ?? '',
    },
  ],
}
