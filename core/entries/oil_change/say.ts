import type { Said, Saying } from '../../log/saying'
import type { OilChangeBody } from './schema'

/** One line of the log. */
export function say(body: OilChangeBody, { read, policy }: Saying): Said {
  return {
    title: 'Oil changed',
    text:
      [
        body.amount && read(body.amount, policy.volumeUnit),
        body.oil,
        body.filter && 'filter too',
        body.atHours !== null && `at ${body.atHours} h`,
      ]
        .filter(Boolean)
        .join(', ') || 'all of it',
  }
}
