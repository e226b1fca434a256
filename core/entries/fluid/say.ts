import type { Said, Saying } from '../../log/saying'
import { FILLED_TO, POURED_ONTO } from '../../words/looks'
import type { FluidBody } from './schema'

const TITLES = {
  drained: 'Drained',
  filled: 'Filled',
  drawn_off: 'Drawn off',
  owner_poured: 'Poured in by the owner',
} as const

/** One line of the log. */
export function say(body: FluidBody, { read, policy }: Saying): Said {
  const { action, amount, what, onTop, to } = body
  return {
    title: TITLES[action],
    text: [
      read(amount, policy.volumeUnit),
      what,
      onTop && POURED_ONTO[onTop].toLowerCase(),
      to && `to: ${FILLED_TO[to].toLowerCase()}`,
    ]
      .filter(Boolean)
      .join(', '),
  }
}
