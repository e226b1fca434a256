import { notToRun } from '../judgement'
import type { EntryOf } from '../entries/types'
import type { Stop } from '../judgement'
import type { DecisionView } from '../verdict/verdict'

/** Handed back with something for which it must not be run, and not to be scrapped: kept in sight until it comes back. */
export function isOut({
  closed,
  stops,
  approved,
  decision,
}: {
  closed: boolean
  stops: Stop[]
  approved: EntryOf<'approval'> | null
  decision: DecisionView
}): boolean {
  const way = decision.options.find(o => o.entryId === approved?.body.optionEntryId)?.way
  return closed && way !== 'scrap' && notToRun(stops).length > 0
}
