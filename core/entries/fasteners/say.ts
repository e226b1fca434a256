import { STUCK_METHODS } from '../../words/opened'
import type { Said } from '../../log/saying'
import type { FastenersBody } from './schema'

/** One line of the log. */
export function say(body: FastenersBody): Said {
  const { cover, what, tool, out, back, stuck, minutes, broke, fireAway } = body
  return {
    title: `Fasteners, ${cover}`,
    text: [
      `${out} out${back === null ? '' : `, ${back} back`}: ${what}`,
      tool,
      stuck.length &&
        `stuck: ${stuck.map(k => STUCK_METHODS[k].toLowerCase()).join(', then ')}${minutes === null ? '' : `, ${minutes} min`}`,
      fireAway && 'tank away, shut, rags out',
      broke && `broke: ${broke}`,
    ]
      .filter(Boolean)
      .join('; '),
  }
}
