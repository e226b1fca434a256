import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { PLUG_STATES } from '../../words/looks'
import type { Logged } from '../../log/entry'
import type { PlugBody } from './schema'

const PLUG: Record<keyof typeof PLUG_STATES, { mark: Mark; says: string }> = {
  normal: { mark: 'good', says: 'Light brown and dry: it has been burning well.' },
  pale: { mark: 'near', says: 'Dry and pale: lean, hot, or no fuel arriving.' },
  sooty: { mark: 'near', says: 'Dry soot: rich, a choked filter, or much idling.' },
  fuel_wet: {
    mark: 'near',
    says: 'Wet with fuel: flooded, or no spark. Dry the cylinder before it is turned; no sparks near.',
  },
  oil_wet: { mark: 'past', says: 'Wet with oil: overfilled, tipped, breather, or rings and guide.' },
  new: { mark: 'open', says: 'A new plug tells nothing, but that somebody guessed before.' },
}

/** The tip of the plug. On a two-stroke a little oil is as it should be. */
export function judgePlug(entry: Logged<PlugBody>, file: JobFile): Judgement {
  const { state } = entry.body
  const two = file.facts.cycle === 'two' && state === 'oil_wet'
  const { mark, says } = two
    ? {
        mark: 'near' as const,
        says: 'Wet with oil on a two-stroke: too much oil in the mix or much idling, before rings.',
      }
    : PLUG[state]
  return { entryId: entry.id, mark, headline: `Plug: ${PLUG_STATES[state].toLowerCase()}`, details: [says] }
}
