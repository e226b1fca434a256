import type { SignDraft } from '../../log/facts'
import { PART_SIGNS } from '../../teardown/partSigns'
import type { Logged } from '../../log/entry'
import type { PartBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<PartBody>): SignDraft[] {
  return partSigns(entry)
}

/** What was seen on a part; a part that is used again or only cleaned, and shows nothing of it, speaks against it. */
function partSigns({ body: { part, seen, disposition } }: Logged<PartBody>): SignDraft[] {
  const signs = PART_SIGNS[part] ?? {}
  const there = new Set(seen.map(k => signs[k]))
  const judged = disposition === 'reuse' || disposition === 'clean'
  return [...new Set(Object.values(signs))].flatMap((sign): SignDraft[] =>
    there.has(sign) ? [[sign, true]] : judged ? [[sign, false]] : [],
  )
}
