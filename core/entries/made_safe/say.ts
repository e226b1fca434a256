import { SAFE_STEPS } from '../../words/looks'
import type { Said } from '../../log/saying'
import type { MadeSafeBody } from './schema'

/** One line of the log. */
export function say(body: MadeSafeBody): Said {
  return body.done.length
    ? { title: 'Made safe', text: body.done.map(s => SAFE_STEPS[s].toLowerCase()).join('; ') }
    : { title: 'Not safe any more', text: 'something was connected again' }
}
