import type { SignDraft } from '../../log/facts'
import type { JobFile } from '../file'
import { judgeLash } from './judge'
import type { Logged } from '../../log/entry'
import type { LashBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<LashBody>, file: JobFile): SignDraft[] {
  const { tight, wide } = judgeLash(entry, file)
  return [
    ['lash_none', tight],
    ['lash_wide', wide],
    ...(entry.body.rockers === 'not_tried'
      ? []
      : ([['rocker_stuck', entry.body.rockers === 'stuck']] satisfies SignDraft[])),
  ]
}
