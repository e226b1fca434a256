import type { Database } from 'better-sqlite3'
import ical from 'ical-generator'
import { datesOf } from '#core/handover/dates'
import { entriesInForce } from '#core/log/entry'
import { entriesOf } from './entries'
import { policyOf } from './shop'
import { rows } from './statements'

const OPEN = `
  SELECT   h.job_id AS id, h.number, m.name
  FROM     heads h
  JOIN     machines m ON m.id = h.machine_id
  WHERE    h.closed = 0
  ORDER BY h.number DESC
  LIMIT    500`

/** What the open jobs wait for, as iCalendar: by tag and machine, without anybody's name. */
export function shopCalendar(db: Database, address: string): string {
  const { shopName } = policyOf(db)
  const calendar = ical({ name: shopName || 'Remedium', prodId: { company: 'Remedium', product: 'Remedium' } })
  for (const { id: jobId, number, name } of rows<{ id: string; number: number; name: string }>(db, OPEN))
    for (const { id, at, title } of datesOf(entriesInForce(entriesOf(db, jobId)))) {
      const allDay = at.length === 10
      calendar.createEvent({
        id,
        start: new Date(allDay ? `${at}T12:00:00Z` : at),
        allDay,
        summary: `T ${number} ${name}: ${title}`,
        url: `${address}/jobs/${jobId}`,
      })
    }
  return calendar.toString()
}
