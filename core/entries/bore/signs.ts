import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { JobFile } from '../file'
import { judgeBore } from './judge'
import type { BoreBody } from './schema'

/** A score that was measured is the scored bore that others only see; a bore past its size is worn, one inside it is not. */
export function signs(entry: Logged<BoreBody>, file: JobFile): SignDraft[] {
  const { scoreDepth } = entry.body
  const { sizeMark } = judgeBore(entry, file)
  return [
    ...(scoreDepth ? [['bore_scored_seen', scoreDepth.value > 0] satisfies SignDraft] : []),
    ...(sizeMark === 'open'
      ? []
      : [
          (sizeMark === 'near' ? ['bore_over', true, 'thumb'] : ['bore_over', sizeMark === 'past']) satisfies SignDraft,
        ]),
  ]
}
