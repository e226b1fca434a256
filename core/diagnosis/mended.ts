import type { Cause } from '../catalogue'
import { CAUSE_BY_ID, SIGNS, strongSignsOf } from '../catalogue'
import { keptOf } from '../entries/kept'
import type { JobFile } from '../entries/file'
import { roomOf } from '../entries/rooms'
import type { Entry } from '../entries/types'
import type { DeedKind } from '../log/facts'
import type { Report } from './reports'

/** What takes a cause away. Filling up mends nothing. */
const MENDS: readonly DeedKind[] = ['renewed', 'repaired', 'cleaned', 'set']
/** A sign that shows so often by itself asks for no cause. */
const ORDINARY = 0.03
/** What the owner came for. */
const COMPLAINTS = /^says_/

/** What is left once something was mended: with what it would show again out of the sum until it is seen again. */
export interface AfterCure {
  mended: Cause[]
  reports: Report[]
}

const shownBy = (cause: Cause): readonly string[] => Object.values(cause.shows).flat()

/**
 * The second look: a cause was named, something was done after that, and the engine still shows what calls for a cause. The cause is out of the
 * sum then, unless a sign of its own was seen again; what it makes show is asked again; what it never made show stands as it was found.
 * @param reports the newest word on each sign
 * @returns null where nothing was mended, or nothing that calls for a cause is left
 */
export function afterCure(inForce: Entry[], file: JobFile, reports: readonly Report[]): AfterCure | null {
  const named = keptOf(inForce).cause_found.flatMap(e => {
    const cause = CAUSE_BY_ID.get(e.body.causeId ?? '')
    const deed =
      cause && inForce.findLastIndex(other => doneBy(other, file) && inForce.indexOf(other) > inForce.indexOf(e))
    return cause && deed !== undefined && deed >= 0 ? [{ cause, deed }] : []
  })
  if (!named.length) return null
  const at = new Map(inForce.map((e, i) => [e.id, i]))
  const seenAfter = (r: Report, deed: number): boolean => (at.get(r.entryId) ?? 0) > deed
  const again = (cause: Cause, deed: number): boolean => {
    const own = strongSignsOf(cause)
    return reports.some(r => r.there && !r.claimed && own.includes(r.sign) && seenAfter(r, deed))
  }
  const mended = named.filter(({ cause, deed }) => !again(cause, deed))
  if (!mended.length) return null
  const stale = (r: Report): boolean =>
    mended.some(({ cause, deed }) => r.there && !seenAfter(r, deed) && shownBy(cause).includes(r.sign))
  const left = reports.filter(r => !stale(r)).map(({ before: _, ...r }) => r)
  const last = Math.max(...mended.map(m => m.deed))
  const calls = (r: Report): boolean =>
    r.there && (COMPLAINTS.test(r.sign) ? seenAfter(r, last) : !r.claimed && (SIGNS.get(r.sign)?.leak ?? 1) <= ORDINARY)
  return left.some(calls) ? { mended: [...new Set(mended.map(m => m.cause))], reports: left } : null
}

const doneBy = (entry: Entry, file: JobFile): boolean =>
  (roomOf(entry).deeds?.(entry, file) ?? []).some(deed => MENDS.includes(deed.did))
