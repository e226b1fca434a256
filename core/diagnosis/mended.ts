import type { Cause } from '../catalogue'
import { CAUSE_BY_ID, shownBy, strongSignsOf } from '../catalogue'
import { keptOf } from '../entries/kept'
import type { JobFile } from '../entries/file'
import { roomOf } from '../entries/rooms'
import type { Entry } from '../entries/types'
import type { DeedKind } from '../log/facts'
import type { Report } from './reports'
import { isComplaint, isTelling } from './reports'

/** What takes a cause away. Filling up mends nothing. */
const MENDS: readonly DeedKind[] = ['renewed', 'repaired', 'cleaned', 'set']

/** What is left once something was mended: with what it would show again out of the sum until it is seen again. */
export interface AfterCure {
  mended: Cause[]
  reports: Report[]
}

/**
 * The second look: a cause was named, something was done after that, and the engine still shows what calls for a cause. The cause is out of the
 * sum then, unless a sign of its own was seen again; what it makes show is asked again; what it never made show stands as it was found.
 * @param reports the newest word on each sign
 * @returns null where nothing was mended, or nothing that calls for a cause is left
 */
export function afterCure(inForce: Entry[], file: JobFile, reports: readonly Report[]): AfterCure | null {
  const deed = inForce.findLastIndex(e => mends(e, file))
  const named = keptOf(inForce).cause_found.flatMap(e => {
    const cause = CAUSE_BY_ID.get(e.body.causeId ?? '')
    return cause && inForce.indexOf(e) < deed ? [cause] : []
  })
  if (!named.length) return null
  const after = new Set(inForce.slice(deed + 1).map(e => e.id))
  const again = (cause: Cause): boolean => {
    const own = strongSignsOf(cause)
    return reports.some(r => r.there && !r.claimed && own.includes(r.sign) && after.has(r.entryId))
  }
  const mended = [...new Set(named)].filter(cause => !again(cause))
  if (!mended.length) return null
  const asked = new Set(mended.flatMap(shownBy))
  const left = reports
    .filter(r => !r.there || after.has(r.entryId) || !asked.has(r.sign))
    .map(({ before: _, ...r }) => r)
  const calls = (r: Report): boolean =>
    r.there && (isComplaint(r.sign) ? after.has(r.entryId) : !r.claimed && isTelling(r.sign))
  return left.some(calls) ? { mended, reports: left } : null
}

const mends = (entry: Entry, file: JobFile): boolean =>
  (roomOf(entry).deeds?.(entry, file) ?? []).some(deed => MENDS.includes(deed.did))
