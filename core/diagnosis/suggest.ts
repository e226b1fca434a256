import type { EngineFacts } from '../engine/facts'
import type { Cause, Check } from '../catalogue'
import { CHECKS, SIGNS, fits, strongSignsOf } from '../catalogue'
import { NEEDS_TURNING } from './apart'
import type { InPlay } from './inPlay'
import type { Evidence, Posterior } from './network'
import { binaryEntropy, entropyOf, prepared } from './network'
import type { Report } from './reports'
import { NO_COMPRESSION } from './reports'

/** A check that settles less than this is not worth suggesting. Bits. */
const LEAST_BITS = 0.015
/** While nothing stands out, what is rare is looked for as well: nobody gives up with looks left. Likelihood, bits. */
const STANDS_OUT = 0.3
const LEAST_BITS_OPEN = 0.0005

/** Putting one thing down and getting to the next costs about this, whatever the check takes. Minutes, from how such jobs are really worked. */
const GETTING_THERE = 6
/** And starting it for a check, and letting it stop again. Minutes, shop judgement. */
const STARTING = 4
/** From this likelihood of the leading cause on, a check whose every answer leaves it leading settles nothing. */
const LEADS = 0.6
/** And from this on nothing is looked at as a matter of routine. */
const CERTAIN = 0.99

/** From this likelihood on it is kept from being run until it was looked for standing still. Shop judgement. */
const MAY_BE = 0.06
/** Each minute of running makes these worse. */
const RUNNING_RUINS: ReadonlySet<string> = new Set([
  ...['big_end', 'rod_broken', 'rod_seized', 'piston_holed', 'piston_seized', 'ran_low', 'oil_ruined', 'fuel_in_oil'],
  ...['coolant_in_oil', 'mix_lean', 'oil_line', 'oil_stroke', 'timing_jumped', 'governor_inside', 'crank_bent'],
  ...['drive_loose', 'coolant_lost', 'fuel_leak', 'needle_leaks'],
])

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
  /** of what the findings ask: how much less would be open of the causes that they lifted, per minute with getting there */
  worth: number
  /** it shows the sign that proves the cause that leads */
  proves?: true
  outcomes: Outcome[]
  /** why it has to wait */ waits: string | null
}

/** What else decides which checks are worth it. */
interface Asked {
  /** left out with a reason, or not to be done here */
  skipped: ReadonlySet<string>
  /** a shop that opens at once what is locked or has no compression */
  openAtOnce: boolean
  /** what leads explains all that was seen */
  explained: boolean
}

export function suggestions(
  facts: EngineFacts,
  few: InPlay,
  base: Posterior,
  evidence: Evidence[],
  reports: Report[],
  { skipped, openAtOnce, explained }: Asked,
): Suggestion[] {
  const known = new Set(reports.map(r => r.sign))
  const done = new Set(reports.filter(r => !r.claimed).map(r => SIGNS.get(r.sign)?.check))
  const there = (signs: readonly string[]): boolean => reports.some(r => r.there && signs.includes(r.sign))
  const locked = there(['turns_locked'])
  const noCompression = there(NO_COMPRESSION)
  const dead = locked || noCompression || there(WONT_RUN)
  const bitsNow = entropyOf(base)
  const open = CHECKS.filter(
    c =>
      c.id !== 'story' &&
      !done.has(c.id) &&
      !skipped.has(c.id) &&
      fits(c.needs, facts) &&
      !(locked && NEEDS_TURNING.includes(c.id)) &&
      !(dead && c.runs) &&
      !(noCompression && PARKED.has(c.id)),
  )
  const asked = askedBy(few, base)
  const lead = leadOf(base.marginals)
  const pLead = base.marginals[lead] ?? 0
  const proofs = proofsOf(few.causes[lead], reports)
  const least = pLead < STANDS_OUT ? LEAST_BITS_OPEN : LEAST_BITS
  // what each would settle, roughly; then exactly for those that are worth it
  const rough = open
    .map(check => ({ check, worth: roughly(check, few, base, asked, known) / minutesOf(check) }))
    .sort((a, b) => b.worth - a.worth)
  const opener = rough.find(({ check }) => check.opens)?.check
  const close = rough.filter(
    ({ check }, i) => i < CLOSELY || check === opener || check.shows.some(sign => proofs.has(sign.id)),
  )
  const ask = prepared(few.network, evidence)
  const all = close
    .map(({ check }) => suggest(check, few, ask, base, { bitsNow, asked }, known))
    .map(s => (pLead >= LEADS && s.check.shows.some(sign => proofs.has(sign.id)) ? { ...s, proves: true as const } : s))
    .filter(
      s =>
        s.proves ||
        (s.bits > least &&
          !(explained && pLead >= CERTAIN) &&
          !(explained && pLead >= LEADS && s.outcomes.every(o => o.lead === few.causes[lead]))),
    )
  // what running would make worse is looked for standing still, before anything is run
  const stillBefore = few.causes.flatMap((cause, i) => {
    if (!RUNNING_RUINS.has(cause.id) || (base.marginals[i] ?? 0) < MAY_BE) return []
    const own = strongSignsOf(cause)
    return open.filter(c => !c.runs && !c.opens && c.shows.some(sign => own.includes(sign.id)))
  })[0]
  const waits = (s: Suggestion): string | null => {
    const first = s.check.before?.find(id => !done.has(id) && !skipped.has(id) && open.some(c => c.id === id))
    // locked or without compression, a shop may hold that the outside tells little more; what is written down as found comes first all the same
    const openNow = openAtOnce && s.check.opens && (locked || noCompression)
    if (openNow && first !== 'lash') return null
    if (first) return `${CHECKS.find(c => c.id === first)?.name ?? first} first`
    if (s.check.runs && stillBefore) return `${stillBefore.name} first: running may ruin what is left`
    if (!s.check.opens) return null
    const quick = all.filter(o => !o.check.opens && o.check.minutes <= QUICK_MIN).length
    return quick ? `${quick} quick check${quick === 1 ? '' : 's'} can still settle it` : null
  }
  const rank = (s: Suggestion): number => (s.waits ? -1 : locked && s.check.id === 'plug_out_turn' ? 1e6 : s.worth)
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

/** What no finding has lifted is asked after as well, this much: it may be there beside it. */
const UNASKED = 0.1

/** Which causes the findings ask after: the share of each likelihood that the findings made, and not its share of all jobs. */
const askedBy = ({ network }: InPlay, { marginals }: Posterior): Float64Array =>
  marginals.map((p, i) => (p > 0 ? Math.max(UNASKED, (p - (network.causes[i]?.prior ?? 0)) / p) : 0))

const leadOf = (marginals: Float64Array): number =>
  marginals.reduce((best, p, i) => (p > (marginals[best] ?? 0) ? i : best), 0)

/** Signs that prove a cause: it shows them often, little else does, and nobody has looked for any of them yet. */
function proofsOf(cause: Cause | undefined, reports: Report[]): Set<string> {
  const own = cause ? strongSignsOf(cause) : []
  const looked = new Set(reports.filter(r => !r.claimed).map(r => r.sign))
  return new Set(own.some(sign => looked.has(sign)) ? [] : own)
}

/** Only so many checks are worked out exactly. */
const CLOSELY = 10

const minutesOf = (check: Check): number => check.minutes + GETTING_THERE + (check.runs ? STARTING : 0)

/**
 * What a check would settle of the causes that the findings ask after, taken one by one as if the others stood where they stand: quick, and right
 * enough to leave out what is not worth a closer look. Bits.
 */
function roughly(
  check: Check,
  { network, signAt }: InPlay,
  { marginals }: Posterior,
  asked: Float64Array,
  known: ReadonlySet<string>,
): number {
  let sum = 0
  for (const sign of check.shows) {
    if (known.has(sign.id)) continue
    const q = network.q[signAt.get(sign.id) ?? 0]
    if (!q) continue
    const absent = marginals.reduce((x, p, i) => x * (1 - p * (q[i] as number)), 1 - sign.leak)
    for (const [i, p] of marginals.entries()) {
      const link = q[i] as number
      if (link === 0 || p <= 0 || absent >= 1) continue
      const without = absent / (1 - p * link)
      const no = (p * (1 - link) * without) / absent
      const yes = (p * (1 - (1 - link) * without)) / (1 - absent)
      sum +=
        (asked[i] as number) *
        Math.max(0, binaryEntropy(p) - absent * binaryEntropy(no) - (1 - absent) * binaryEntropy(Math.min(1, yes)))
    }
  }
  return sum
}

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
  { causes, signAt }: InPlay,
  ask: ReturnType<typeof prepared>,
  base: Posterior,
  { bitsNow, asked }: { bitsNow: number; asked: Float64Array },
  known: ReadonlySet<string>,
): Suggestion {
  const signs = check.shows.filter(s => !known.has(s.id))
  const at = signs.map(s => signAt.get(s.id) ?? 0)
  const none = ask(at)
  // one of them there and the others not is the others not, without none of them
  const branches = signs.map((sign, k): Branch => {
    const others = ask(at.filter((_, j) => j !== k))
    const weight = Math.max(0, others.pEvidence - none.pEvidence)
    const marginals = others.marginals.map((p, i) =>
      weight > 0
        ? Math.min(1, Math.max(0, (p * others.pEvidence - (none.marginals[i] as number) * none.pEvidence) / weight))
        : p,
    )
    return { sign: sign.id, seen: sign.seen, weight, marginals }
  })
  branches.push({ sign: null, seen: 'nothing of it', weight: none.pEvidence, marginals: none.marginals })
  const sum = branches.reduce((a, b) => a + b.weight, 0) || 1
  const left = branches.reduce(
    (a, b) => a + (b.weight / sum) * b.marginals.reduce((h, p) => h + binaryEntropy(p), 0),
    0,
  )
  const bits = base.pEvidence > 0 ? Math.max(0, bitsNow - left) : 0
  const open = (marginals: Float64Array): number =>
    marginals.reduce((h, p, i) => h + (asked[i] ?? 0) * binaryEntropy(p), 0)
  const settles = Math.max(
    0,
    open(base.marginals) - branches.reduce((h, b) => h + (b.weight / sum) * open(b.marginals), 0),
  )
  const outcomes = branches
    .map(({ sign, seen, weight, marginals }): Outcome => {
      const lead = leadOf(marginals)
      return { sign, seen, p: weight / sum, lead: causes[lead] as Cause, pLead: marginals[lead] ?? 0 }
    })
    .filter(o => o.p > 0.01 && o.lead)
  return { check, bits, bitsPerMin: bits / check.minutes, worth: settles / minutesOf(check), outcomes, waits: null }
}
