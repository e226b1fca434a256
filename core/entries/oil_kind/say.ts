import { OIL_KINDS } from '../../words/looks'
import type { Said } from '../../log/saying'
import type { OilKindBody } from './schema'

/** One line of the log. */
export function say(body: OilKindBody): Said {
  return {
    title: 'Kind of oil',
    text: [
      OIL_KINDS[body.what].toLowerCase(),
      body.grade,
      `wet-clutch rating: ${body.wetClutch}`,
      `anti-wear: ${body.antiWear}`,
      body.reason,
    ]
      .filter(Boolean)
      .join(', '),
  }
}
