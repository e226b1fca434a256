import type { EngineFacts } from '../job/jobFile'
import type { EngineClass } from '../job/vocabulary'
import type { Cause, Check, LinkWord } from './catalogue'
import { CAUSES, CHECKS, fits, LINK_WORDS, SIGNS } from './catalogue'
import type { Evidence, Network, Posterior } from './network'
import { binaryEntropy, entropyOf, infer, inferWeighed, networkOf, NO, YES } from './network'
import { priorFromHistory } from './posterior'
import type { Report } from './reports'

/** How far a claim is believed: the chance that a sign is told when it is there, and when it is not. Shop judgement. */
export const CLAIM_TRUST = { there: 0.85, notThere: 0.12 } as const
/** Beyond this many mixed reports the least telling are left out. */
const MOST_REPORTS = 15
/** The search for the next check looks at fewer of them: it asks hundreds of questions of the model. */
const MOST_REPORTS_AHEAD = 8
/** A cause is shown once the findings have lifted it by this factor over its share of jobs. */
const RISEN = 1.15
/** Causes fainter than this are left out of the search for the next check. */
const FAINT = 0.004
/** A check that settles less than this is not worth suggesting. Bits. */
const LEAST_BITS = 0.015
/** A check quicker than this, that could still settle something, comes before anything is opened. Minutes. */
export const QUICK_MIN = 20
/** Imaginary jobs that a catalogue share counts as, beside the shop's own. */
export const PRIOR_STRENGTH = 20

/** What the shop's own closed jobs really were, by class of engine. */
export interface ShopCounts {
  total: number
  hits: Record<string, number>
}

export interface Why {
  sign: string
  seen: string
  there: boolean
  claimed: boolean
  entryId: string
  /** change of the log odds by this report */ weight: number
}
export interface Likely {
  cause: Cause
  p: number
  prior: number
  cataloguePrior: number
  words: string
  for: Why[]
  against: Why[]
}
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
/** What the likelihoods rest on: nothing was reported, findings were weighed, findings that lift no cause, or findings that the model can't bring together. */
export type DiagnosisBasis = 'nothing_found' | 'weighed' | 'nothing_lifted' | 'cant_say'
export interface Diagnosis {
  basis: DiagnosisBasis
  /** empty where the model can't say */ likely: Likely[]
  next: Suggestion[]
  entropyBits: number
  reports: Report[]
  /** reports that were left out of the sum */ leftOut: number
}

const CLASSES: EngineClass[] = ['H2', 'V2', 'S4', 'M4', 'T4', 'D4']

/** In words, because a figure of 74 % is not better known than that. */
export function likelihoodWords(p: number): string {
  if (p >= 0.85) return 'very likely'
  if (p >= 0.6) return 'likely'
  if (p >= 0.3) return 'possible'
  if (p >= 0.1) return 'less likely'
  return 'hardly'
}

interface InPlay {
  causes: Cause[]
  network: Network
  signAt: Map<string, number>
}
interface Built extends InPlay {
  cataloguePrior: number[]
}

function build(facts: EngineFacts, counts: ShopCounts | null): Built {
  const at = CLASSES.indexOf(facts.engineClass)
  const causes = CAUSES.filter(c => (c.base[at] ?? 0) > 0 && fits(c.needs, facts))
  const signs = [...SIGNS.values()]
  const signAt = new Map(signs.map((s, i) => [s.id, i]))
  const links = causes.flatMap(cause =>
    (Object.entries(cause.shows) as [LinkWord, readonly string[]][]).flatMap(([word, ids]) =>
      ids.map(finding => ({ cause: cause.id, finding, q: LINK_WORDS[word] })),
    ),
  )
  const cataloguePrior = causes.map(c => c.base[at] ?? 0)
  const priors = causes.map((c, i) =>
    counts
      ? priorFromHistory({
          prior: cataloguePrior[i] ?? 0,
          hits: counts.hits[c.id] ?? 0,
          total: counts.total,
          strength: PRIOR_STRENGTH,
        }).prior
      : (cataloguePrior[i] ?? 0),
  )
  const model = {
    causes: causes.map((c, i) => ({ id: c.id, prior: Math.min(0.98, priors[i] ?? 0) })),
    findings: signs.map(s => ({ id: s.id, leak: s.leak, minutes: 1 })),
    links,
  }
  return { causes, signAt, cataloguePrior, network: networkOf(model) }
}

function evidenceOf(report: Report, signAt: Map<string, number>): Evidence | null {
  const finding = signAt.get(report.sign)
  if (finding === undefined) return null
  if (!report.claimed) return report.there ? YES(finding) : NO(finding)
  const { there, notThere } = CLAIM_TRUST
  return report.there ? { finding, a: there, b: notThere - there } : { finding, a: 1 - there, b: there - notThere }
}

/** What it looks like, what speaks for and against it, and what to look at next. Pure and deterministic. */
export function diagnose(
  facts: EngineFacts,
  reports: Report[],
  counts: ShopCounts | null = null,
  skipped: ReadonlySet<string> = new Set(),
): Diagnosis {
  const built = build(facts, counts)
  const { causes, network, signAt } = built
  const { used, leftOut } = tellingReports(reports)
  const evidence = used.flatMap(r => {
    const e = evidenceOf(r, signAt)
    return e ? [{ report: r, e }] : []
  })
  const all = evidence.map(x => x.e)
  const ahead = tellingReports(reports, MOST_REPORTS_AHEAD).used.flatMap(r => evidenceOf(r, signAt) ?? [])
  const now = inferWeighed(network, all)
  const order = causes.map((_, i) => i).sort((a, b) => (now.marginals[b] ?? 0) - (now.marginals[a] ?? 0))
  // a cause that stands where it always stands says nothing about this engine
  const risen = (i: number): boolean =>
    (now.marginals[i] ?? 0) >= 0.03 && (now.marginals[i] ?? 0) > RISEN * (network.causes[i]?.prior ?? 0)
  const telling = order.filter(risen).slice(0, 8)
  const basis: DiagnosisBasis =
    now.pEvidence <= 0 ? 'cant_say' : !evidence.length ? 'nothing_found' : telling.length ? 'weighed' : 'nothing_lifted'
  const shown = basis === 'cant_say' ? [] : telling.length ? telling : order.slice(0, 3)
  const few = narrowed(built, now)
  const base = infer(few.network, ahead)
  const withoutNegative = new Map<Evidence, Posterior>()
  const likely = shown.map((i): Likely => {
    const p = now.marginals[i] ?? 0
    const whys = evidence.map(({ report, e }): Why => ({
      sign: report.sign,
      seen: SIGNS.get(report.sign)?.seen ?? report.sign,
      there: report.there,
      claimed: report.claimed,
      entryId: report.entryId,
      weight: weightOf(e, i),
    }))
    return {
      cause: causes[i] as Cause,
      p,
      prior: network.causes[i]?.prior ?? 0,
      cataloguePrior: built.cataloguePrior[i] ?? 0,
      words: likelihoodWords(p),
      for: whys
        .filter(w => w.weight > 0.2)
        .sort((a, b) => b.weight - a.weight)
        .slice(0, 6),
      against: whys
        .filter(w => w.weight < -0.2)
        .sort((a, b) => a.weight - b.weight)
        .slice(0, 6),
    }
  })
  return {
    basis,
    likely,
    next: suggestions(facts, few, base, ahead, reports, skipped),
    entropyBits: entropyOf(now),
    reports,
    leftOut,
  }

  /** What the likelihood of a cause does when a report is taken out; a certain negative is weighed beside the most telling reports only. */
  function weightOf(e: Evidence, i: number): number {
    const without = now.without.get(e)
    if (without) return logit(now.marginals[i] ?? 0) - logit(without[i] ?? 0)
    const at = few.kept.indexOf(i)
    if (at < 0) return 0
    const rest =
      withoutNegative.get(e) ??
      infer(
        few.network,
        ahead.filter(x => x.finding !== e.finding),
      )
    withoutNegative.set(e, rest)
    return logit(base.marginals[at] ?? 0) - logit(rest.marginals[at] ?? 0)
  }
}

const logit = (p: number): number => Math.log(Math.max(1e-9, p) / Math.max(1e-9, 1 - p))

/** A sign that goes with the stronger one of the same scale. */
const CONTAINS: Partial<Record<string, string>> = {
  turns_free: 'turns_weak',
  comp_none: 'comp_low',
  spark_none: 'spark_weak',
  fuel_none: 'fuel_trickle',
  oil_dry: 'oil_low',
}

/** Certain negatives cost nothing; of the rest the most telling are used: those that are rarest by themselves. */
function tellingReports(reports: Report[], most = MOST_REPORTS): { used: Report[]; leftOut: number } {
  // what spins free is not without a weak bump: the milder sign is contained in the stronger
  const contained = new Set(reports.filter(r => r.there).map(r => CONTAINS[r.sign]))
  const free = reports.filter(r => !r.claimed && !r.there && !contained.has(r.sign))
  const mixed = reports
    .filter(r => r.claimed || r.there)
    .sort(
      (a, b) =>
        Number(a.claimed) - Number(b.claimed) || (SIGNS.get(a.sign)?.leak ?? 0) - (SIGNS.get(b.sign)?.leak ?? 0),
    )
  return { used: [...free, ...mixed.slice(0, most)], leftOut: Math.max(0, mixed.length - most) }
}

/** The network with only the causes that are still in play. */
function narrowed({ causes, network, signAt }: Built, now: Posterior): InPlay & { kept: number[] } {
  const kept = causes.map((_, i) => i).filter(i => (now.marginals[i] ?? 0) >= FAINT)
  return {
    kept,
    signAt,
    causes: kept.map(i => causes[i] as Cause),
    network: {
      causes: kept.map(i => network.causes[i] ?? { id: '', prior: 0 }),
      findings: network.findings,
      q: network.q.map(row => Float64Array.from(kept, i => row[i] ?? 0)),
    },
  }
}

function suggestions(
  facts: EngineFacts,
  few: InPlay,
  base: Posterior,
  evidence: Evidence[],
  reports: Report[],
  skipped: ReadonlySet<string>,
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
