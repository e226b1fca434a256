import { CAUSE_BY_ID } from '../../catalogue'
import { PROOFS } from '../../words/opened'
import type { Said } from '../../log/saying'
import type { CauseFoundBody } from './schema'

/** One line of the log. */
export function say(body: CauseFoundBody): Said {
  return {
    title: 'It really was',
    text: `${[body.causeId && (CAUSE_BY_ID.get(body.causeId)?.name ?? body.causeId), body.text].filter(Boolean).join(': ')}, ${PROOFS[body.proof].toLowerCase()}${body.provedBy ? ` by ${body.provedBy}` : ''}${body.missing ? `; proof that is missing: ${body.missing}` : ''}${body.chain.length ? `. ${body.chain.join(' → ')}` : ''}`,
  }
}
