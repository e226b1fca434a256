import type { Judgement } from '../../judgement'
import type { Logged } from '../../log/entry'
import { DEBRIS_PLACES } from '../../words/looks'
import type { LabSampleBody } from './schema'

/** What a laboratory found, by its own limits: a figure without one is shown and says nothing. */
export function judgeLab(entry: Logged<LabSampleBody>): Judgement {
  const { place, results, sentOn, dueOn, lab, says } = entry.body
  const over = results.filter(r => r.limit !== null && r.value > r.limit + 1e-9)
  const judged = results.filter(r => r.limit !== null)
  const where = DEBRIS_PLACES[place].toLowerCase()
  const words = (r: (typeof results)[number]): string => `${r.what} ${r.value} ${r.unit}, its limit ${r.limit}`
  return {
    entryId: entry.id,
    mark: over.length ? 'past' : judged.length ? 'good' : 'open',
    headline: results.length
      ? over.length
        ? `Laboratory, ${where}: ${over.map(r => r.what).join(', ')} over the limit`
        : `Laboratory, ${where}: ${judged.length ? 'within its limits' : 'figures without limits'}`
      : `Laboratory, ${where}: ${sentOn ? `sent${dueOn ? `, due ${dueOn}` : ''}` : 'not sent yet'}`,
    details: [
      ...over.map(r => `${words(r)}: ${(r.value / (r.limit || 1)).toFixed(1)} times as much.`),
      ...(results.length && judged.length < results.length
        ? ['A figure without a limit tells little: ask the laboratory for its own.']
        : []),
      ...(results.length ? [] : [`Nothing is known of it before ${lab} answers.`]),
      ...(says ? [`${lab}: ${says}`] : []),
    ],
  }
}
