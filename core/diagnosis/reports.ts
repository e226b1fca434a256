import { SIGNS } from '../catalogue'
import { checkedAs } from '../entries/claim_check/checked'
import type { JobFile } from '../entries/file'
import { signsOf } from '../entries/signs'
import type { Entry } from '../entries/types'
import { cylinderOf } from '../log/cylinder'

/** One sign, seen or looked for and not there, with the entry that says so. A claim weighs less than what was seen here. */
export interface Report {
  sign: string
  there: boolean
  claimed: boolean
  entryId: string
}

/** What a log says of the catalogue's signs: the newest word on each, what was seen before what was claimed. */
export function reportsOf(inForce: Entry[], file: JobFile): Report[] {
  /** of several cylinders each has its own newest word, and what one of them shows is there */
  const newest = new Map<string, Report>()
  for (const entry of inForce) {
    const settled = ['confirmed', 'contradicted'].includes(checkedAs(entry.id, inForce) ?? '')
    const claimed = entry.how === 'claimed' && !settled
    for (const [sign, there] of signsOf(entry, file, inForce)) {
      if (!SIGNS.has(sign)) continue
      const key = `${sign} ${cylinderOf(entry) ?? ''}`
      if (claimed && newest.get(key)?.claimed === false) continue
      newest.set(key, { sign, there, claimed, entryId: entry.id })
    }
  }
  const reports = new Map<string, Report>()
  for (const report of newest.values()) {
    const other = reports.get(report.sign)
    if (!other || (report.there && !other.there)) reports.set(report.sign, report)
  }
  return [...reports.values()]
}
