import { STUCK_METHODS } from '../../words/opened'
import { FOUND_TIGHT } from '../../words/looks'
import type { Said, Saying } from '../../log/saying'
import type { FastenersBody } from './schema'

/** One line of the log. */
export function say(body: FastenersBody, { read }: Saying): Said {
  const { cover, what, tool, out, back, stuck, minutes, broke, fireAway, usualMinutes, found } = body
  return {
    title: `Fasteners, ${cover}`,
    text: [
      `${out} out${back === null ? '' : `, ${back} back`}: ${what}`,
      tool,
      stuck.length &&
        `stuck: ${stuck.map(k => STUCK_METHODS[k].toLowerCase()).join(', then ')}${minutes === null ? '' : `, ${minutes} min`}`,
      usualMinutes != null && `usually ${usualMinutes} min`,
      found?.length &&
        found
          .map(f => `${f.where} ${FOUND_TIGHT[f.state].toLowerCase()}${f.torque ? ` at ${read(f.torque, 'N.m')}` : ''}`)
          .join(', '),
      fireAway && 'tank away, shut, rags out',
      broke && `broke: ${broke}`,
    ]
      .filter(Boolean)
      .join('; '),
  }
}
