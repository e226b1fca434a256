import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { JobFile } from '../file'
import { judgeDrainDown } from './judge'
import type { DrainDownBody } from './schema'

/** A tank that empties while it stands is low in the morning and comes back when run. */
export function signs(entry: Logged<DrainDownBody>, file: JobFile): SignDraft[] {
  const { mark } = judgeDrainDown(entry, file)
  return mark === 'open' ? [] : [['tank_comes_back', mark === 'near']]
}
