import { RIDDEN } from '../../engine/words'
import { schoolWords } from '../../engine/schools'
import type { HazardStart } from '../../log/facts'
import { entriesInForce } from '../../log/entry'
import type { JobFile } from '../file'
import { keptOf } from '../kept'
import { oilRhythm, rhythmWords } from '../oil_change/rhythm'
import type { Room } from '../room'
import { judgeMeter } from './judge'

/** Raced, ridden, or a child's: no second try when what is due gives way. Longer is an exception that somebody signs, with its reason. */
function pastItsHours(file: JobFile): HazardStart[] {
  const inForce = entriesInForce(file.entries)
  const use = keptOf(inForce).terms.at(-1)?.body.useClass
  if (use !== 'race' && use !== 'child' && !RIDDEN.includes(file.machineKind)) return []
  const rhythm = oilRhythm(file, inForce)
  return rhythm.overdue
    ? [
        {
          hazard: 'life_over',
          subject: 'oil',
          why: `${rhythmWords(rhythm).join(' ')} ${schoolWords(file.policy, 'life')}: longer on a machine that is raced, ridden or a child's is signed by name, with when it is looked at next.`,
        },
      ]
    : []
}

export const room: Room<'meter'> = {
  name: 'running time',
  right: 'hear',
  stage: 'book_in',
  finding: true,
  judge: judgeMeter,
  hazards: (_entry, file) => pastItsHours(file),
}
