import type { Owed, Stop } from '../../judgement'
import { notToRun } from '../../judgement'
import { keptOf } from '../kept'
import type { Entry } from '../types'
import type { HandBackBody } from './schema'

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

const words = (owed: Owed[]): string =>
  owed
    .slice(0, 6)
    .map(o => o.text)
    .join('; ')
const listed = (stops: Stop[]): string => stops.map(s => `${s.title}: ${s.reason}`).join(' ')

/**
 * Why a machine can't be handed back yet, with each stop named; null where it may go. As it is, not to be run, it always may: then the stops lead
 * every paper. Mended, or with a test owed, nothing may stand at all.
 * @param owed what was noticed and not followed up: what must be done before it goes, and tests that may be owed
 */
export function handBackRefusal(stops: Stop[], way: HandBackBody['way'] = undefined, owed: Owed[] = []): string | null {
  if (way === 'as_is') return null
  if (way) {
    // a cause that is not known, taken on by name, is no danger of the machine: it goes out on every paper
    const left = stops.filter(s => !s.signed || notToRun([s]).length > 0)
    if (left.length)
      return `It is not ${way === 'mended' ? 'mended' : 'ready to be delivered'}: ${listed(left)} Mend it, or hand it back as it is, not to be run.`
    const must = owed.filter(o => o.must)
    if (must.length) return `Still to be done before it goes: ${words(must)}.`
    return way === 'mended' && owed.length
      ? `Still owed: ${words(owed)}. Do it, or hand it back with the test owed.`
      : null
  }
  const { held, toSign } = handBackView(stops)
  if (held.length)
    return `It can't be handed back, and nobody can sign this away. ${listed(held)} ${held.map(s => s.clearedBy).join(' ')}`
  return toSign.length
    ? `Before it is handed back, each of these is taken on by name, with a reason, at the top right. ${listed(toSign)}`
    : null
}

/** Whether a log says of nothing that it was done: no work, time, part, order or outside shop, nothing cured, filled, freed or set. */
export function nothingDone(inForce: Entry[]): boolean {
  const kept = keptOf(inForce)
  const done = [kept.work, kept.spend, kept.fitted, kept.cure, kept.oil_change, kept.fluid, kept.outwork, kept.order]
  return (
    done.every(list => !list.length) &&
    !kept.lash.some(e => e.body.state === 'set') &&
    !kept.lock_step.some(e => e.body.result === 'freed' || e.body.result === 'liquid') &&
    !kept.modification.some(e => e.body.state === 'put_right')
  )
}
