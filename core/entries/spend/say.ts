import { minutesOf } from './minutes'
import type { Said, Saying } from '../../log/saying'
import type { SpendBody } from './schema'

/** One line of the log. */
export function say(body: SpendBody, { cash }: Saying): Said {
  const { what, startedAt, endedAt, minutes, costMinor } = body
  const time =
    startedAt && !endedAt && minutes === null
      ? 'clock running'
      : minutes !== null || startedAt
        ? `${Math.round(minutesOf(body))} min`
        : ''
  return { title: 'Put in', text: [what, time, costMinor !== null && cash(costMinor)].filter(Boolean).join(', ') }
}
