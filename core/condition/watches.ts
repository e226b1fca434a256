import type { JobFile } from '../entries/file'
import { keptOf } from '../entries/kept'
import { runningNow, visitsWithHours } from '../entries/meter/runningTime'
import type { Entry } from '../entries/types'
import type { WatchDue } from '../entries/watch/due'
import { watchDue, whenWords } from '../entries/watch/due'
import { dayOf } from '../units/calendar'

/** Something of this machine that is to be looked at again. */
export interface Watch {
  /** of the entry that says it */
  id: string
  what: string
  why: string | null
  /** as it was said */
  when: string
  due: WatchDue
  /** due now, by the day or by its meter */
  now: boolean
  /** the job it is from; null: this one */
  number: number | null
}

/**
 * What is still to be looked at again, over all visits of a machine: what is due first.
 * @param today YYYY-MM-DD
 */
export function watchesOf(file: Pick<JobFile, 'history'>, inForce: Entry[], today: string): Watch[] {
  const visits = visitsWithHours(file.history, inForce)
  const closed = new Set(visits.flatMap(v => keptOf(v.entries).watch_done.map(e => e.body.watchId)))
  const now = runningNow(visits)
  const past = (is: number | null, due: number | null): boolean => is !== null && due !== null && is >= due - 1e-9
  return visits
    .flatMap(v =>
      keptOf(v.entries)
        .watch.filter(e => !closed.has(e.id))
        .map((e): Watch => {
          const due = watchDue(e, v)
          return {
            id: e.id,
            what: e.body.what,
            why: e.body.why,
            when: whenWords(e.body),
            due,
            now: (due.day !== null && today >= due.day) || past(now.hours, due.hours) || past(now.km, due.km),
            number: v.number,
          }
        }),
    )
    .sort((a, b) => Number(b.now) - Number(a.now) || (a.due.day ?? '9').localeCompare(b.due.day ?? '9'))
}

/** A watch item as one sentence: what, when, and from which job. */
export const watchWords = ({ what, when, due, number }: Watch): string =>
  [
    `${what}: ${when}`,
    due.hours !== null && `at ${Math.round(due.hours)} h`,
    due.km !== null && `at ${Math.round(due.km).toLocaleString('en-GB')} km`,
    due.day !== null && !when.includes(due.day) && `by ${due.day}`,
    number !== null && `from T ${number}`,
  ]
    .filter(Boolean)
    .join(', ')

/** The newest day that a log tells of, YYYY-MM-DD; the core has no clock of its own. */
export const newestDay = (entries: Entry[]): string =>
  entries.length ? dayOf(entries.reduce((a, b) => (a.at > b.at ? a : b)).at) : '0000-01-01'
