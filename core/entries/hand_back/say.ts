import { HAND_BACK_WAYS } from '../../words/deciding'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { HandBackBody } from './schema'

/** One line of the log. */
export function say(body: HandBackBody): Said {
  return {
    title: 'Handed back',
    text: withNote(
      [
        `To ${body.to}`,
        body.way && HAND_BACK_WAYS[body.way].toLowerCase(),
        body.told && `told: ${body.told}`,
        body.disabled && `made unable to run: ${body.disabled}`,
        ...(body.owed ?? []).map(o => `owed: ${o.what}, ${o.due}`),
      ]
        .filter(Boolean)
        .join('; '),
      body.words,
    ),
  }
}
