import type { Room } from '../room'
import { judgeCrankcase } from './judge'

export const room: Room<'crankcase'> = {
  name: 'crankcase',
  stage: 'narrow_down',
  asked: facts => facts.cycle !== 'four' && 'asked',
  finding: true,
  shows: true,
  handsIn: () => true,
  judge: judgeCrankcase,
  facts: (_entry, _file, judged) =>
    judged ? [{ subject: 'seals', property: 'tight', mark: judged.mark, whose: 'shop', value: judged.headline }] : [],
}
