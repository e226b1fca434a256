import type { Judgement, Mark } from '../judgement'
import type { EntryOf } from '../entries/types'
import type { JobFile } from './jobFile'
import { BREATHER_STATES, FILTER_STATES, PLUG_STATES } from '../words/looks'

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
const FILTER: Record<keyof typeof FILTER_STATES, { mark: Mark; says: string }> = {
  sound: { mark: 'good', says: 'Filter sound and dry.' },
  choked: { mark: 'near', says: 'Choked: rich and weak until it is cleaned or renewed.' },
  soaked: { mark: 'near', says: 'Soaked with oil: look at level, tipping and breather before rings.' },
  torn: { mark: 'past', says: 'Torn or not seated: dust goes to bore and rings. Look for it in the oil.' },
  missing: { mark: 'past', says: 'Missing: dust goes to bore and rings. Ask since when.' },
}
const BREATHER: Record<keyof typeof BREATHER_STATES, { mark: Mark; says: string }> = {
  clear: { mark: 'good', says: 'Breather clear.' },
  oily: { mark: 'near', says: 'Oil in the breather: overfilled, or blow-by.' },
  blocked: { mark: 'near', says: 'Breather blocked: it pushes oil out at seals and joints.' },
  missing: { mark: 'near', says: 'Breather hose missing or off.' },
}
const WORST: Mark[] = ['good', 'open', 'near', 'past']

/** The tip of the plug. On a two-stroke a little oil is as it should be. */
export function judgePlug(entry: EntryOf<'plug'>, file: JobFile): Judgement {
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

export function judgeAirFilter(entry: EntryOf<'air_filter'>): Judgement {
  const { filter, breather } = entry.body
  const seen = [FILTER[filter], ...(breather ? [BREATHER[breather]] : [])]
  const mark = WORST[Math.max(...seen.map(s => WORST.indexOf(s.mark)))] ?? 'open'
  return {
    entryId: entry.id,
    mark,
    headline: `Air filter: ${FILTER_STATES[filter].toLowerCase()}${breather ? `, breather ${BREATHER_STATES[breather].toLowerCase()}` : ''}`,
    details: seen.map(s => s.says),
  }
}
