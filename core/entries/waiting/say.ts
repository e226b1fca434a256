import { WAITING_FOR } from '../../words/deciding'
import type { Said } from '../../log/saying'
import type { WaitingBody } from './schema'

/** One line of the log. */
export function say(body: WaitingBody): Said {
  return {
    title: 'Waiting',
    text:
      body.for === 'nobody' ? 'No longer waiting' : `For ${WAITING_FOR[body.for]}${body.what ? `: ${body.what}` : ''}`,
  }
}
