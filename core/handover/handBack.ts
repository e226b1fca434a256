import type { HandBackBody } from '../entries/hand_back/schema'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import { notToRun } from '../condition/stops'
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

/**
 * Why a machine can't be handed back yet, with each stop named; null where it may go. As it is, not to be run, it always may: then the stops lead
 * every paper. Mended, or with a test owed, nothing may stand at all.
 * @param owed what must be done before it goes
 */
export function handBackRefusal(
  stops: Stop[],
  way: HandBackBody['way'] = undefined,
  owed: string[] = [],
): string | null {
  if (way === 'as_is') return null
  if (way) {
    // a cause that is not known, taken on by name, is no danger of the machine: it goes out on every paper
    const left = stops.filter(s => !s.signed || notToRun([s]).length > 0)
    if (left.length)
      return `It is not ${way === 'mended' ? 'mended' : 'ready to be delivered'}: ${listed(left)} Mend it, or hand it back as it is, not to be run.`
    return way === 'mended' && owed.length
      ? `Still owed: ${owed.slice(0, 6).join('; ')}. Do it, or hand it back with the test owed.`
      : null
  }
  const { held, toSign } = handBackView(stops)
  if (held.length)
    return `It can't be handed back, and nobody can sign this away. ${listed(held)} ${held.map(s => s.clearedBy).join(' ')}`
  return toSign.length
    ? `Before it is handed back, each of these is taken on by name, with a reason, at the top right. ${listed(toSign)}`
    : null
}

/** How the owner was told and how it was made unable to run, as the newest hand-back says it; empty where it says neither. */
export function toldWords(inForce: Entry[]): string[] {
  const body = keptOf(inForce).hand_back.at(-1)?.body
  return [
    body?.told && `The owner was told: ${body.told}`,
    body?.disabled && `Made unable to run: ${body.disabled}`,
  ].filter((line): line is string => !!line)
}
