import type { Judgement, Mark } from '../../judgement'
import { BREATHER_STATES, FILTER_STATES } from '../../words/looks'
import type { Logged } from '../../log/entry'
import type { AirFilterBody } from './schema'

const FILTER: Record<keyof typeof FILTER_STATES, { mark: Mark; says: string }> = {
  sound: { mark: 'good', says: 'Filter sound and dry.' },
  choked: { mark: 'near', says: 'Choked: rich and weak until it is cleaned or renewed.' },
  soaked: { mark: 'near', says: 'Soaked with oil: look at level, tipping and breather before rings.' },
  torn: { mark: 'past', says: 'Torn or not seated: dust goes to bore and rings. Look for it in the oil.' },
  wet: {
    mark: 'near',
    says: 'Wet with water: it went through water, or was washed. Look at the oil and the fuel for it.',
  },
  missing: { mark: 'past', says: 'Missing: dust goes to bore and rings. Ask since when.' },
}

const BREATHER: Record<keyof typeof BREATHER_STATES, { mark: Mark; says: string }> = {
  clear: { mark: 'good', says: 'Breather clear.' },
  oily: { mark: 'near', says: 'Oil in the breather: overfilled, or blow-by.' },
  blocked: { mark: 'near', says: 'Breather blocked: it pushes oil out at seals and joints.' },
  missing: { mark: 'near', says: 'Breather hose missing or off.' },
}

const WORST: Mark[] = ['good', 'open', 'near', 'past']

export function judgeAirFilter(entry: Logged<AirFilterBody>): Judgement {
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
