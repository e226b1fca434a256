import type { Judgement } from '../../judgement'
import type { Logged } from '../../log/entry'
import type { EvidenceBody } from './schema'

/** Foreign matter or a missing piece: open until somebody can say what it was. */
export function judgeEvidence(entry: Logged<EvidenceBody>): Judgement {
  const { what, where, missing, explained } = entry.body
  const headline = missing ? `Missing piece: ${what}` : `Foreign: ${what}, ${where}`
  return explained
    ? { entryId: entry.id, mark: 'good', headline: `${headline}, explained`, details: [`Explained: ${explained}`] }
    : {
        entryId: entry.id,
        mark: 'open',
        headline,
        details: [
          missing
            ? `It came out of ${where} and is still in there or lost. It must be found or accounted for before the engine is closed.`
            : 'Kept as evidence and open until it is explained. If one is in there, look for others.',
        ],
      }
}
