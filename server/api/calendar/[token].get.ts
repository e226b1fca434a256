import { shopCalendar } from '../../db/calendar'
import { openedBy } from '../../db/secretLinks'

/** What the shop waits for, as iCalendar (RFC 5545). */
export default answer(event => {
  openedBy(useDb(), routeId(event, 'token').replace(/\.ics$/, ''), 'calendar')
  setHeader(event, 'content-type', 'text/calendar; charset=utf-8')
  setHeader(event, 'cache-control', 'no-store')
  return shopCalendar(useDb(), shopAddress())
})
