import type { Assessment } from '../assess'
import { notToRun } from './handBack'

/** Handed back with something for which it must not be run, and not to be scrapped: kept in sight until it comes back. */
export function isOut({ closed, stops, approved, decision }: Assessment): boolean {
  const way = decision.options.find(o => o.entryId === approved?.body.optionEntryId)?.way
  return closed && way !== 'scrap' && notToRun(stops).length > 0
}
