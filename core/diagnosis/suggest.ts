import type { EngineFacts } from '../engine/facts'
import type { Cause, Check } from '../catalogue'
import { CHECKS, SIGNS, fits } from '../catalogue'
import type { InPlay } from './inPlay'
import type { Evidence, Posterior } from './network'
import { NO, YES, binaryEntropy, entropyOf, infer } from './network'
import type { Report } from './reports'

/** A check that settles less than this is not worth suggesting. Bits. */
const LEAST_BITS = 0.015

/** A check quicker than this, that could still settle something, comes before anything is opened. Minutes. */
export const QUICK_MIN = 20

export interface Outcome {
  sign: string | null
  seen: string
  p: number
  lead: Cause
  pLead: number
}

export interface Suggestion {
  check: Check
  bits: number
  bitsPerMin: number
  outcomes: Outcome[]
  /** why it has to wait */ waits: string | null
}

export function suggestions(
  facts: EngineFacts,
  few: InPlay,
  base: Posterior,
  evidence: Evidence[],
  reports: Report[],
  skipped: ReadonlySet<string>,
  openAtOnce = false,
): Suggestion[] {
  const known = new Set(reports.map(r => r.sign))
  const done = new Set(reports.filter(r => !r.claimed).map(r => SIGNS.get(r.sign)?.check))
  const there = (signs: readonly string[]): boolean => reports.some(r => r.there && signs.includes(r.sign))
  const locked = there(['turns_locked'])
  const noCompression = there(['comp_none', 'turns_free', 'piston_still'])
  const dead = locked || noCompression || there(WONT_RUN)
  const bitsNow = entropyOf(base)
  const open = CHECKS.filter(
    c =>
      c.id !== 'story' &&
      !done.has(c.id) &&
      !skipped.has(c.id) &&
      fits(c.needs, facts) &&
      !(locked && NEEDS_TURNING.has(c.id)) &&
      !(dead && c.runs) &&
      !(noCompression && PARKED.has(c.id)),
  )
  const all = open.map(check => suggest(check, few, evidence, base, bitsNow, known)).filter(s => s.bits > LEAST_BITS)
  const waits = (s: Suggestion): string | null => {
    const first = s.check.before?.find(id => !done.has(id) && !skipped.has(id) && open.some(c => c.id === id))
    // locked or without compression, a shop may hold that the outside tells little more; what is written down as found comes first all the same
    const openNow = openAtOnce && s.check.opens && (locked || noCompression)
    if (openNow && first !== 'lash') return null
    if (first) return `${CHECKS.find(c => c.id === first)?.name ?? first} first`
    if (!s.check.opens) return null
    const quick = all.filter(o => !o.check.opens && o.check.minutes <= QUICK_MIN).length
    return quick ? `${quick} quick check${quick === 1 ? '' : 's'} can still settle it` : null
  }
  const rank = (s: Suggestion): number => (s.waits ? -1 : locked && s.check.id === 'plug_out_turn' ? 1e6 : s.bitsPerMin)
  return all
    .map(s => ({ ...s, waits: waits(s) }))
    .sort((a, b) => rank(b) - rank(a) || (a.check.id < b.check.id ? -1 : 1))
}

/** With one of these it does not run, so nothing is asked for that needs it running. */
const WONT_RUN = [
  'says_wont_turn',
  'says_wont_start',
  'spark_none',
  'fuel_none',
  'tank_empty',
  'rod_slack',
  'knock_load',
]

/** While compression is plainly missing, spark and fuel are parked, not failed. */
const PARKED = new Set([
  'spark',
  'stop_wire',
  'interlock',
  'coil_gap',
  'fuel_tap',
  'fuel_smell',
  'fuel_arrives',
  'fuel_floods',
  'fuel_line',
  'vacuum_tap',
  'pulse',
  'pump_sound',
  'spray_test',
  'bowl',
  'diaphragm',
  'screen',
  'governor',
  'clutch_play',
  'drive_tight',
])

/** Nobody cranks a locked engine. */
const NEEDS_TURNING = new Set([
  'compression',
  'wet',
  'spark',
  'spark_hot',
  'smoke',
  'hot',
  'listen',
  'choke',
  'throttle',
  'air_leak',
  'oil_pressure',
  'leaks',
  'release',
  'valves_move',
  'spray_test',
  'fuel_arrives',
  'rock',
  'runout',
  'tank_sump',
  'back_pressure',
  'pour',
  'stop_wire',
  'timing',
  'starter',
])

interface Branch {
  sign: string | null
  seen: string
  weight: number
  marginals: Float64Array
}

/**
 * What a check would settle: its signs are taken one at a time (one of them, or none), so that every outcome costs one positive more.
 */
function suggest(
  check: Check,
  { network, causes, signAt }: InPlay,
  evidence: Evidence[],
  base: Posterior,
  bitsNow: number,
  known: ReadonlySet<string>,
): Suggestion {
  const signs = check.shows.filter(s => !known.has(s.id))
  const at = signs.map(s => signAt.get(s.id) ?? 0)
  const none = infer(network, [...evidence, ...at.map(NO)])
  const branches = signs.map((sign, k): Branch => {
    const { pEvidence, marginals } = infer(network, [
      ...evidence,
      ...at.map((finding, j) => (j === k ? YES(finding) : NO(finding))),
    ])
    return { sign: sign.id, seen: sign.seen, weight: pEvidence, marginals }
  })
  branches.push({ sign: null, seen: 'nothing of it', weight: none.pEvidence, marginals: none.marginals })
  const sum = branches.reduce((a, b) => a + b.weight, 0) || 1
  const left = branches.reduce(
    (a, b) => a + (b.weight / sum) * b.marginals.reduce((h, p) => h + binaryEntropy(p), 0),
    0,
  )
  const bits = base.pEvidence > 0 ? Math.max(0, bitsNow - left) : 0
  const outcomes = branches
    .map(({ sign, seen, weight, marginals }): Outcome => {
      const lead = marginals.reduce((best, p, i) => (p > (marginals[best] ?? 0) ? i : best), 0)
      return { sign, seen, p: weight / sum, lead: causes[lead] as Cause, pLead: marginals[lead] ?? 0 }
    })
    .filter(o => o.p > 0.01 && o.lead)
  return { check, bits, bitsPerMin: bits / check.minutes, outcomes, waits: null }
}
