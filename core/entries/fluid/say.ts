import type { Said, Saying } from '../../log/saying'
import type { FluidBody } from './schema'

/** One line of the log. */
export function say(body: FluidBody, { read, policy }: Saying): Said {
  return {
    title: body.action === 'drained' ? 'Drained' : 'Filled',
    text: `${read(body.amount, policy.volumeUnit)}${body.what ? `, ${body.what}` : ''}`,
  }
}
