import type { Room } from '../room'
import type { EntryOf } from '../types'

/** A clock that is started now, and not a time that is written down afterwards. */
const starts = ({ body }: EntryOf<'spend'>): boolean =>
  body.startedAt !== null && body.endedAt === null && body.minutes === null

export const room: Room<'spend'> = {
  name: 'spend',
  stage: null,
  acts: entry => (starts(entry) ? ['spend'] : []),
  // past the owner's cap no clock is started before the owner has answered; what was spent is always written down
  refuse(entry, before) {
    if (!starts(entry)) return null
    const { running, state } = before.spend
    if (running && running.id !== entry.supersedes)
      return { message: `A clock runs already: ${running.body.what}. Stop it first.` }
    const stop = before.stops.find(s => s.id === 'spend')
    return stop && state === 'over_cap' ? { message: `${stop.title}: ${stop.reason} ${stop.clearedBy}` } : null
  },
}
