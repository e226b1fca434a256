import { assess } from '../assess'
import { CAUSE_BY_ID, CHECK_BY_ID, fits, shownBy, SIGNS } from '../catalogue'
import { diagnoseJob } from '../diagnosis/diagnoseJob'
import type { JobDiagnosis } from '../diagnosis/diagnoseJob'
import { DEFAULT_POLICY } from '../engine/policy'
import type { MachineKind } from '../engine/words'
import type { JobFile } from '../entries/file'
import type { Entry } from '../entries/types'
import { heldBack } from '../next/allowed'
import { checksOf, lineOf } from '../next/line'
import type { Archetype } from './archetypes'
import { factsOf } from './archetypes'
import type { Acted } from './act'
import { act } from './act'
import { entriesOf, sheetOf } from './bridge'
import type { PracticeEngine } from './engine'
import { FAULTS } from './faults'
import type { Observation } from './observe'
import { hasCheck, observe } from './observe'
import { COMPLAINTS, truth } from './truth'

/** Enough is known to name it. Shop judgement. */
const SURE = 0.9
/** Nobody looks longer than this at one engine before he names what leads, minutes. */
const MOST_MINUTES = 240
/** And no longer than this for what the cause that is named does not explain, minutes. */
const MOST_LOOKED_ON = 60
/** Nobody mends more than this by guess: then somebody else looks at it. */
const MOST_MENDED = 3

/** How the next check is chosen; null: give up and name what leads. */
export type Picking = (d: JobDiagnosis, open: readonly string[], file: JobFile) => string | null

const MACHINES: Record<Archetype['cls'], MachineKind> = {
  ...{ S4: 'walk_behind_mower', H2: 'chainsaw', V2: 'offroad_motorcycle', M4: 'step_through', T4: 'tractor' },
  D4: 'tractor',
}

/** A job of the shop as it is when the machine stands on the counter. */
const booked = (a: Archetype): JobFile => ({
  // one with a starter is no machine that is only pulled
  machineKind: a.cls === 'S4' && a.start === 'starter' ? 'riding_mower' : MACHINES[a.cls],
  facts: factsOf(a),
  spec: sheetOf(a),
  ...{ fill: null, entries: [], history: [], policy: DEFAULT_POLICY, counts: null },
})
const START = Date.parse('2026-01-05T08:00:00Z')
/** An author and a time for what was seen: minute by minute, in the order in which it was. */
const entry = (draft: object, n: number): Entry =>
  ({
    ...draft,
    id: `01K${String(n).padStart(23, '0')}`,
    at: new Date(START + 60_000 * n).toISOString(),
    by: 'practice',
    supersedes: null,
  }) as Entry

/** By the diagnosis itself: its own next check. */
export const ownNext: Picking = (d, open, file) => {
  const { stops, next } = assess(file)
  const line = lineOf({ looks: next, stops, fact: null, currency: file.policy.currency, named: false }, d)
  // what the rail shows first that this engine has
  const shown = line.flatMap(move => (move.waits ? [] : checksOf(move).filter(id => open.includes(id))))[0]
  if (shown) return shown
  const may = d.next.filter(s => open.includes(s.check.id) && !heldBack(s.check, stops))
  return (may.find(s => !s.waits) ?? may[0])?.check.id ?? null
}
/** By what tells most in a minute, whatever is in the way. */
export const bitsAlone: Picking = (d, open) =>
  [...d.next].sort((p, q) => q.bitsPerMin - p.bitsPerMin).find(s => open.includes(s.check.id))?.check.id ?? null
/** In the catalogue's own order, whatever was seen. */
export const fixedOrder: Picking = (_d, open) => open.find(id => !CHECK_BY_ID.get(id)?.opens) ?? open[0] ?? null

export interface Worked {
  /** what it was named first, and how sure that was */
  named: string | null
  said: number
  /** the causes in the order in which they stood when the first was named */
  ranked: string[]
  /** what was mended, one after the other, and then the causes as they stood at the end */
  inAll: string[]
  /** what it came for is gone */
  putRight: boolean
  mended: number
  checks: number
  minutes: number
  /** minutes after which it was named, and stayed so */
  sureAt: number
  /** harm done on the way by checks that run or crank it, plain units */
  harm: number
  observed: Observation[]
  lost: string[]
  file: JobFile
  engine: PracticeEngine
}

/** What a check asks of the engine besides looking. */
function doneTo(engine: PracticeEngine, check: string): Acted | null {
  const plan = CHECK_BY_ID.get(check)
  if (plan?.runs) return act(engine, 'run', { minutes: Math.min(plan.minutes, 20) })
  return plan?.cranks ? act(engine, 'crank') : null
}

/**
 * One engine worked from the counter until a cause can be named. Only what the log holds decides.
 * @param pick how the next check is chosen
 */
export function work(engine: PracticeEngine, pick: Picking): Worked {
  const { a } = engine
  const file = booked(a)
  const { facts } = file
  const observed: Observation[] = []
  const lost: string[] = []
  let current = act(engine, 'make_safe').engine
  let [minutes, harm] = [0, 0]
  const log = (...drafts: object[]): void => {
    file.entries.push(...drafts.map((draft, i) => entry(draft, file.entries.length + i + 1)))
  }
  const see = (check: string): void => {
    const o = observe(current, check)
    const { entries, lost: gone } = entriesOf(o, a, observed)
    observed.push(o)
    lost.push(...gone)
    minutes += o.minutes
    log(...entries)
    const acted = o.status === 'ok' ? doneTo(current, check) : null
    if (!acted) return
    harm += acted.harm.reduce((sum, h) => sum + h.money, 0)
    current = acted.engine
  }
  see('story')
  const all = [...CHECK_BY_ID.keys()].filter(
    id => id !== 'story' && hasCheck(a, id) && fits(CHECK_BY_ID.get(id)?.needs, facts),
  )
  const lacking = [...CHECK_BY_ID.keys()].filter(id => !all.includes(id))
  /** looks until a cause can be named, or nobody would look any longer */
  const look = (from: number): { d: JobDiagnosis; sureAt: number } => {
    const started = minutes
    let sure = null as { cause: string; minutes: number } | null
    for (;;) {
      const d = diagnoseJob(file, lacking)
      // what the model can't have is no wrong name of it
      d.likely = d.likely.filter(l => l.cause.id in FAULTS)
      // what a mended cause makes show is looked at again
      const again = new Set(d.mended.flatMap(shownBy).map(sign => SIGNS.get(sign)?.check))
      const seen = (id: string): boolean => observed.slice(again.has(id) ? from : 0).some(o => o.check === id)
      const open = all.filter(id => !seen(id))
      const lead = d.likely[0]
      // named is what leads once it explains what was seen: two faults are easily taken for one
      if ((lead?.p ?? 0) < SURE) sure = null
      else if (sure?.cause !== lead?.cause.id) sure = { cause: lead?.cause.id ?? '', minutes }
      const looked = sure ? minutes - sure.minutes : 0
      const done = (sure && (!d.unexplained.length || looked >= MOST_LOOKED_ON)) || minutes - started >= MOST_MINUTES
      const next = done ? null : pick(d, open, file)
      if (!next) return { d, sureAt: sure?.minutes ?? minutes }
      see(next)
    }
  }
  const first = look(0)
  const atFirst = { checks: observed.length, minutes, sureAt: first.sureAt }
  const mended: string[] = []
  let { d } = first
  let putRight = false
  const before = current
  while (mended.length < MOST_MENDED) {
    const cause = d.likely[0]?.cause.id
    if (!cause) break
    current = act(current, 'repair', { cause }).engine
    mended.push(cause)
    // what it still does is tried, as its owner would
    const still = truth(a, current.hidden.x).filter(sign => (COMPLAINTS as readonly string[]).includes(sign))
    log(namedAs(cause), WORK, tried(still))
    putRight = !still.length
    d = putRight ? diagnoseJob(file, lacking) : look(observed.length).d
    if (putRight) break
  }
  return {
    named: first.d.likely[0]?.cause.id ?? null,
    said: first.d.likely[0]?.p ?? 0,
    ranked: first.d.likely.map(l => l.cause.id),
    inAll: [...new Set([...mended, ...d.likely.map(l => l.cause.id)])],
    ...{ ...atFirst, putRight, mended: mended.length, harm, observed, lost, file, engine: before },
  }
}

const namedAs = (causeId: string): object => ({
  ...{ kind: 'cause_found', how: null },
  body: { causeId, text: null, proof: 'probable', missing: null, chain: [] },
})
/** Whatever was mended, the log knows that something was. */
const WORK = { kind: 'work', how: null, body: { did: 'repaired', parts: ['throttle'], answers: [], note: null } }
const tried = (still: readonly string[]): object => ({
  ...{ kind: 'check', how: 'by_eye' },
  body: {
    ...{ check: 'story', found: still, absent: COMPLAINTS.filter(sign => !still.includes(sign)) },
    ...{ skipped: null, note: null },
  },
})

/** Whether the catalogue could name a cause on this engine at all. */
export const nameable = (a: Archetype, cause: string): boolean => {
  const known = CAUSE_BY_ID.get(cause)
  return known !== undefined && fits(known.needs, factsOf(a))
}

/** Whether running or cranking it as it stands does harm: what a stop ought to say. */
export function isDangerous(engine: PracticeEngine): boolean {
  return (
    act(engine, 'crank').harm.length > 0 ||
    act(engine, 'start').harm.length > 0 ||
    act(engine, 'run', { minutes: 5 }).harm.length > 0
  )
}
/** Whether the log has a stop against cranking or running it. */
export const isStopped = (file: JobFile): boolean =>
  assess(file).stops.some(s => s.forbids?.some(f => f === 'crank' || f === 'run' || f === 'turn'))
