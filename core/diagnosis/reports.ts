import { SIGNS } from '../catalogue'
import { checkedAs } from '../entries/claim_check/checked'
import type { JobFile } from '../entries/file'
import { signsOf } from '../entries/signs'
import type { Entry } from '../entries/types'

/** One sign, seen or looked for and not there, with the entry that says so. A claim weighs less than what was seen here. */
export interface Report {
  sign: string
  there: boolean
  claimed: boolean
  entryId: string
}

/** What a log says of the catalogue's signs: the newest word on each, what was seen before what was claimed. */
export function reportsOf(inForce: Entry[], file: JobFile): Report[] {
  const newest = new Map<string, Report>()
  for (const entry of inForce) {
    const settled = ['confirmed', 'contradicted'].includes(checkedAs(entry.id, inForce) ?? '')
    const claimed = entry.how === 'claimed' && !settled
    for (const [sign, there] of signsOf(entry, file, inForce)) {
      if (!SIGNS.has(sign)) continue
      if (claimed && newest.get(sign)?.claimed === false) continue
      newest.set(sign, { sign, there, claimed, entryId: entry.id })
    }
  }
  return [...newest.values()]
}
