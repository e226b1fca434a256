import type { Said } from '../../log/saying'
import type { SignOffBody } from './schema'

/** One line of the log. */
export function say(body: SignOffBody): Said {
  return {
    title: 'Signed off',
    text: `${STOP_NAMES[body.stopId] ?? body.stopId}: ${body.reason}`,
  }
}

/** Stops that a person may take on, by what they forbid. */
const STOP_NAMES: Record<string, string> = {
  oil_low: "Don't start it (too little oil)",
  oil_over: "Don't turn it with the plug in (far too much oil)",
  debris: "Don't run it (debris)",
  knock: "Don't run it (knock)",
}
