import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import { watchDue } from '../entries/watch/due'

/** Something that a job waits for, with its day or its hour. */
export interface JobDate {
  /** of the entry that says it */
  id: string
  /** a day (YYYY-MM-DD), or an instant (ISO) */
  at: string
  title: string
}

const HOUR_MS = 3_600_000

/** What of a log has a day or an hour to come: stand tests that run, parts and work that are due, questions that run out. */
export function datesOf(inForce: Entry[]): JobDate[] {
  const kept = keptOf(inForce)
  const answered = new Set(kept.owner_word.map(e => e.body.quoteId))
  return [
    ...kept.stand_test
      .filter(e => e.body.endedAt === null)
      .map(({ id, body }) => ({
        id,
        at: new Date(Date.parse(body.startedAt) + body.minimumHours * HOUR_MS).toISOString(),
        title: 'Stand test: look at the paper',
      })),
    ...kept.order
      .filter(e => e.body.state === 'ordered' && e.body.dueOn !== null)
      .map(({ id, body }) => ({ id, at: body.dueOn as string, title: `Due: ${body.what} from ${body.supplier}` })),
    ...kept.outwork
      .filter(e => e.body.verdict === 'open' && e.body.sentOn !== null && e.body.dueOn !== null)
      .map(({ id, body }) => ({ id, at: body.dueOn as string, title: `Back from ${body.shop}: ${body.what}` })),
    ...kept.lab_sample
      .filter(e => !e.body.results.length && e.body.dueOn !== null)
      .map(({ id, body }) => ({ id, at: body.dueOn as string, title: `Laboratory answers: ${body.lab}` })),
    ...kept.watch
      .filter(e => !kept.watch_done.some(d => d.body.watchId === e.id))
      .flatMap(e => {
        const { day } = watchDue(e, { hours: null, km: null })
        return day === null ? [] : [{ id: e.id, at: day, title: `Look again: ${e.body.what}` }]
      }),
    // a newer question closes the one before
    ...kept.quote_sent
      .slice(-1)
      .filter(e => !answered.has(e.body.quoteId))
      .map(({ id, body }) => ({ id, at: body.expiresAt, title: 'The question to the owner runs out' })),
  ]
}
