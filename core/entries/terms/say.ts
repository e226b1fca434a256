import { USE_CLASSES } from '../../engine/words'
import type { Said, Saying } from '../../log/saying'
import type { TermsBody } from './schema'

/** One line of the log. */
export function say(body: TermsBody, { cash }: Saying): Said {
  return {
    title: 'Terms',
    text: `${USE_CLASSES[body.useClass]}; running ${cash(body.runningValueMinor)}, as it is ${cash(body.asIsValueMinor)}, cap ${body.capMinor === null ? 'none' : cash(body.capMinor)}${body.deadline ? `, wanted by ${body.deadline}` : ''}`,
  }
}
