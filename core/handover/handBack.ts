import type { Stop } from '../judgement'

/** What holds a machine back from its owner, and what of it a named person answers for. */
export interface HandBackView {
  /** nobody may answer for these: the machine stays */
  held: Stop[]
  /** each asks for a name and a reason first */
  toSign: Stop[]
  /** taken on by name: they go out with the machine, on every paper */
  outWith: Stop[]
}

/** The stops of a job as they bear on handing it back. */
export function handBackView(stops: Stop[]): HandBackView {
  return {
    held: stops.filter(s => !s.canSign),
    toSign: stops.filter(s => s.canSign && !s.signed),
    outWith: stops.filter(s => s.canSign && s.signed),
  }
}

const listed = (stops: Stop[]): string => stops.map(s => `${s.title}: ${s.reason}`).join(' ')

/** Why a machine can't be handed back yet, with each stop named; null where it may go. */
export function handBackRefusal(stops: Stop[]): string | null {
  const { held, toSign } = handBackView(stops)
  if (held.length)
    return `It can't be handed back, and nobody can sign this away. ${listed(held)} ${held.map(s => s.clearedBy).join(' ')}`
  return toSign.length
    ? `Before it is handed back, each of these is taken on by name, with a reason, at the top right. ${listed(toSign)}`
    : null
}

/** Stops that forbid building, tipping or spending, and leave running as it is. */
const RUNS_ALL_THE_SAME: readonly string[] = ['cause', 'tip', 'spend']

/** The stops for which a machine must not be run. */
export const notToRun = (stops: Stop[]): Stop[] => stops.filter(s => !RUNS_ALL_THE_SAME.includes(s.id))
