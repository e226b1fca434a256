import { FILLED_TO, OIL_CHANGE_FOR } from '../../words/looks'
import type { Said, Saying } from '../../log/saying'
import type { OilChangeBody } from './schema'

/** One line of the log. */
export function say(body: OilChangeBody, { read, policy }: Saying): Said {
  return {
    title:
      body.occasion && body.occasion !== 'service'
        ? `Oil, ${OIL_CHANGE_FOR[body.occasion].toLowerCase()}`
        : 'Oil changed',
    text:
      [
        body.amount && read(body.amount, policy.volumeUnit),
        body.oil,
        body.filter && 'filter too',
        body.to && `to: ${FILLED_TO[body.to].toLowerCase()}`,
        body.atHours !== null && `at ${body.atHours} h`,
        body.atKm !== undefined && body.atKm !== null && `at ${body.atKm} km`,
      ]
        .filter(Boolean)
        .join(', ') || 'all of it',
  }
}
