import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { JobFile } from '../file'
import { judgePumpRig } from './judge'
import type { PumpRigBody } from './schema'

/** What a pump gives on the rig shows it worn or sound, whatever its clearances say. */
export function signs(entry: Logged<PumpRigBody>, file: JobFile): SignDraft[] {
  const { mark } = judgePumpRig(entry, file)
  if (mark === 'open') return []
  return [mark === 'near' ? ['pump_worn_seen', true, 'thumb'] : ['pump_worn_seen', mark === 'past']]
}
