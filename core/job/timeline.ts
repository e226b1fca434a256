import type { Entry } from './entries'
import type { Visit } from './jobFile'

export interface Moment { at: string, text: string, /** days before the newest of all */ daysBefore: number }

const SAYS: { [K in Entry['kind']]?: (body: never) => string } = {
  complaint: (b: { words: string, since: string | null }) => `complaint: ‘${b.words}’${b.since ? `, since ${b.since}` : ''}`,
  event: (b: { what: string, when: string | null }) => `${b.what.replaceAll('_', ' ')}${b.when ? `, ${b.when}` : ''}`,
  oil_change: () => 'oil changed',
  fitted: (b: { what: string, batch: string | null }) => `fitted ${b.what}${b.batch ? `, batch ${b.batch}` : ''}`,
  cause_found: (b: { text: string | null, causeId: string | null }) => `it was: ${b.text ?? b.causeId?.replaceAll('_', ' ') ?? 'unknown'}`,
  refused: (b: { what: string }) => `refused: ${b.what}`,
  hand_back: () => 'handed back',
}

/** The last services, parts and happenings before a failure, newest first: what was done lately is asked about first. */
export function timeline(history: Visit[], inForce: Entry[]): Moment[] {
  const all = [...history.flatMap(v => v.entries), ...inForce].flatMap((e): { at: string, text: string }[] => {
    const say = SAYS[e.kind] as ((body: unknown) => string) | undefined
    return say ? [{ at: e.at, text: say(e.body) }] : []
  }).sort((a, b) => a.at < b.at ? 1 : -1)
  const newest = Date.parse(all[0]?.at ?? '')
  return all.slice(0, 20).map(m => ({ ...m, daysBefore: Math.round((newest - Date.parse(m.at)) / 86_400_000) }))
}
