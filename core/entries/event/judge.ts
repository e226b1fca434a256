import type { Judgement } from '../../judgement'
import { EVENTS } from '../../words/counter'
import type { Logged } from '../../log/entry'
import type { EventBody } from './schema'

const EVENT_SAYS: Record<keyof typeof EVENTS, string> = {
  ran_low: 'Rod, crank pin and cam starve first: look there before the bore is cleared.',
  ran_dry: 'It ran dry: price it as hurt inside until it is measured.',
  tipped: 'Oil or fuel where it does not belong: filter, cylinder, oil.',
  wrong_fluid: 'Stop, drain, right oil, short run, drain again, look at what comes out. Never a way to save money.',
  over_rev: 'Over-speed stretches the rod and floats the valves: measure before it is trusted.',
  overheated: 'Head flat? Rings tired? Compression again when cold.',
  ran_away: 'Find why before it is started again: an air leak, a governor off its lever, or its own oil as fuel.',
  submerged: 'Water in the oil and the bearings: drain, oil, turn, drain, until it comes clear.',
  hit: 'Run-out of the crank, key and case before anything else.',
}

const GRAVE_EVENTS: readonly (keyof typeof EVENTS)[] = ['ran_dry', 'wrong_fluid', 'submerged', 'ran_away']

/** Something that this engine carries for life. */
export const judgeEvent = (entry: Logged<EventBody>): Judgement => ({
  entryId: entry.id,
  mark: GRAVE_EVENTS.includes(entry.body.what) ? 'past' : 'near',
  headline: `${EVENTS[entry.body.what]}${entry.body.when ? `, ${entry.body.when}` : ''}`,
  details: [EVENT_SAYS[entry.body.what]],
})
