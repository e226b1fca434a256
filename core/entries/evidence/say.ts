import type { Said } from '../../log/saying'
import type { EvidenceBody } from './schema'

/** One line of the log. */
export function say(body: EvidenceBody): Said {
  return {
    title: body.missing ? 'Missing piece' : 'Evidence',
    text: `${body.what}, ${body.where}; ${body.explained ? `explained: ${body.explained}` : 'open'}`,
  }
}
