import type { SignDraft } from '../../log/facts'
import type { JobFile } from '../file'
import { judgeLash } from './judge'
import type { Logged } from '../../log/entry'
import type { LashBody } from './schema'

/** A little over the most it is set, and explains nothing; so many times its most it does. Shop judgement. */
const WIDE = 1.5

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<LashBody>, file: JobFile): SignDraft[] {
  const { tight, wide, times } = judgeLash(entry, file)
  return [
    ['lash_none', tight],
    ...(wide && (times ?? 0) < WIDE ? [] : ([['lash_wide', wide]] satisfies SignDraft[])),
    ...(entry.body.rockers === 'not_tried'
      ? []
      : ([['rocker_stuck', entry.body.rockers === 'stuck']] satisfies SignDraft[])),
  ]
}
