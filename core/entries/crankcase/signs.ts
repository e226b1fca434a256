import type { SignDraft } from '../../log/facts'
import type { EntryOf } from '../types'
import type { JobFile } from '../file'
import { judgeCrankcase } from './judge'

/** What it says of the catalogue's signs. */
export function signs(entry: EntryOf<'crankcase'>, file: JobFile): SignDraft[] {
  return [['case_leaks', judgeCrankcase(entry, file).mark !== 'good']]
}
