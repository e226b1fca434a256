import type { Judgement } from '../../judgement'
import { DANGEROUS_MODIFICATIONS, MODIFICATIONS } from '../../words/counter'
import type { Logged } from '../../log/entry'
import type { ModificationBody } from './schema'

/** A change by owner or earlier shop: a risk, and a clue. */
export function judgeModification(entry: Logged<ModificationBody>): Judgement {
  const { what, text, why, state } = entry.body
  const { label, risk } = MODIFICATIONS[what]
  const headline = `${label}${text ? `: ${text}` : ''}`
  if (state === 'put_right') return { entryId: entry.id, mark: 'good', headline: `${headline}, put right`, details: [] }
  const dangerous = DANGEROUS_MODIFICATIONS.includes(what)
  return {
    entryId: entry.id,
    mark: dangerous || what === 'oil_tap' ? 'past' : 'near',
    headline,
    details: [risk, why ? `Said to be done because: ${why}` : 'Why was it done? The reason is a finding.'],
  }
}
