import type { Said, Saying } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { DrainDownBody } from './schema'

/** One line of the log. */
export function say({ ran, hours, note }: DrainDownBody, { read, policy }: Saying): Said {
  return { title: 'Drain-down', text: withNote(`${read(ran, policy.volumeUnit)} in ${hours} h`, note) }
}
