import type { Act, DeedKind } from '../log/facts'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { Stop } from '../judgement'
import type { ShopPolicy } from '../engine/policy'
import { DEFAULT_POLICY } from '../engine/policy'
import { schoolOf } from '../engine/schools'
import type { Condition, Hazard } from './fold'
import { partOfSubject } from './fold'

/** What is left of the way out that is furthest on, in words. */
function wayOut({ row, taken }: Hazard): string {
  const ways = row.ends.map((way, w) => ({ way, at: taken[w] ?? 0 }))
  const best = ways.reduce((a, b) => (b.way.length - b.at < a.way.length - a.at ? b : a))
  const left = best.way.slice(best.at).map(s => s.words)
  const words = left.join(', then ')
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`
}

/** The repair is logged and only the proof is missing. */
const beingProved = ({ row, taken }: Hazard): boolean =>
  row.ends.some((way, w) => {
    const at = taken[w] ?? 0
    const mended = way.slice(0, at).some(step => step.did?.some(d => MENDING.includes(d)))
    return mended && way[at]?.good !== undefined
  })
const MENDING: readonly DeedKind[] = ['renewed', 'repaired', 'cleaned', 'set']

/** A danger as a stop: what must not be done, why, what ends it, who may take it on. */
function stopOf(hazard: Hazard, inForce: Entry[], child: boolean, toy: boolean): Stop {
  const { id, row, forbids, whys, entryIds, seq } = hazard
  // the owner of a toy may sign for a knock once the big end is measured good, where the shop holds it so
  const canSign = (row.signable === 'yes' || (toy && hazard.hazard === 'knock')) && !child
  const later = row.titleLater && !forbids.includes('refill')
  return {
    id,
    title: later ? (row.titleLater ?? row.title) : row.title,
    reason: `${whys.join(' ')}${beingProved(hazard) ? ' Mended; being proved.' : ''}`,
    clearedBy: wayOut(hazard),
    forbids: [...forbids, ...(forbids.includes('run') ? (['load', 'hand_back'] as Act[]) : [])],
    trial: row.signable === 'trial' && !child,
    ...(beingProved(hazard) && { proving: true }),
    subject: hazard.subject,
    entryIds,
    canSign,
    // a signature answers for what stood when it was given
    signed: canSign ? signature(inForce, [id, hazard.hazard], seq) : null,
  }
}

const isToy = (inForce: Entry[]): boolean => keptOf(inForce).terms.at(-1)?.body.useClass === 'toy'

/** The big end's play was measured, and is inside its limit. */
const bigEndGood = ({ known }: Condition): boolean =>
  [...known.values()].some(
    k =>
      partOfSubject(k.subject) === 'rod' &&
      k.property === 'play' &&
      k.all.some(f => f.strength === 'measured' && f.mark === 'good') &&
      !k.all.some(f => f.mark === 'past'),
  )

const ridden = (inForce: Entry[]): boolean => keptOf(inForce).terms.at(-1)?.body.useClass === 'child'

/** The newest signature for one of these stops, given after a place in the log. */
function signature(inForce: Entry[], stopIds: string[], after = -1): Stop['signed'] {
  const given = keptOf(inForce)
    .sign_off.filter(e => stopIds.includes(e.body.stopId) && inForce.indexOf(e) > after)
    .at(-1)
  return given ? { by: given.by, at: given.at, reason: given.body.reason } : null
}

/** A cause that is not known may be answered for by name, never on a machine that a child rides. */
export function withSignatures(stops: Stop[], inForce: Entry[]): Stop[] {
  const canSign = !ridden(inForce)
  return stops.map(stop => ({ ...stop, canSign, signed: canSign ? signature(inForce, [stop.id]) : null }))
}

export interface Stops {
  /** they block */
  stops: Stop[]
  /** only told, or past a rule of thumb: look first, nothing is blocked */
  asked: Stop[]
}

/** Nothing is signed away on a machine that a child rides, and nothing of it is only asked after. */
export function stopsOf(condition: Condition, inForce: Entry[], policy: ShopPolicy = DEFAULT_POLICY): Stops {
  const child = ridden(inForce)
  const toy = schoolOf(policy, 'knock') === 'toy_signed' && isToy(inForce) && bigEndGood(condition)
  const all = condition.hazards.map(h => ({ stop: stopOf(h, inForce, child, toy), told: h.told && !child }))
  return { stops: all.filter(x => !x.told).map(x => x.stop), asked: all.filter(x => x.told).map(x => x.stop) }
}
