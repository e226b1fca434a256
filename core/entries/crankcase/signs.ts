import type { SignDraft } from '../../log/facts'
import type { JobFile } from '../file'
import { judgeCrankcase } from './judge'
import type { Logged } from '../../log/entry'
import type { CrankcaseBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<CrankcaseBody>, file: JobFile): SignDraft[] {
  return [['case_leaks', judgeCrankcase(entry, file).mark !== 'good']]
}
