import type { ShopPolicy } from '../engine/policy'
import { keptOf } from '../entries/kept'
import { describe } from '../entries/say'
import type { Entry } from '../entries/types'
import type { Visit } from '../entries/file'

export interface Moment {
  at: string
  text: string
  /** days before the newest of all */ daysBefore: number
}

/** What happened to it, what was done to it, and what was said of it. */
function told(entries: Entry[]): Entry[] {
  const {
    complaint,
    event,
    oil_change: oil,
    fitted,
    work,
    cause_found: cause,
    refused,
    hand_back: back,
  } = keptOf(entries)
  return [...complaint, ...event, ...oil, ...fitted, ...work, ...cause, ...refused, ...back]
}

/** The last services, parts and happenings before a failure, newest first: what was done lately is asked about first. */
export function timeline(history: Visit[], inForce: Entry[], policy: ShopPolicy): Moment[] {
  const all = [...history.flatMap(v => told(v.entries)), ...told(inForce)].sort((a, b) => (a.at < b.at ? 1 : -1))
  const newest = Date.parse(all[0]?.at ?? '')
  return all.slice(0, 20).map(e => {
    const { title, text } = describe(e, policy)
    return { at: e.at, text: `${title}: ${text}`, daysBefore: Math.round((newest - Date.parse(e.at)) / 86_400_000) }
  })
}
