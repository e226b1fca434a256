import type { EngineFacts } from '../engine/facts'
import type { Cause } from '../catalogue'
import { shownBy, SIGNS, strongSignsOf } from '../catalogue'
import type { MachineKind } from '../engine/words'
import type { ShopCounts } from '../engine/shopCounts'
import { build, evidenceOf, narrowed } from './inPlay'
import { entropyOf, infer, inferWeighed, prepared } from './network'
import type { Evidence, Posterior } from './network'
import type { Report } from './reports'
import { asFound, isComplaint, isTelling, notParked } from './reports'
import { causesLacking } from './lacks'
import type { Suggestion } from './suggest'
import { suggestions } from './suggest'

/** Beyond this many mixed reports the least telling are left out. */
const MOST_REPORTS = 15

/** The search for the next check looks at fewer of them: it asks hundreds of questions of the model. */
const MOST_REPORTS_AHEAD = 7

/** The likeliest cause by the shop's own jobs is shown from this on, lifted or not. */
const LIKELIEST = 0.1

/** A root this likely, as a share of its state's likelihood, comes before the state. Shop judgement. */
const MAKES = 0.4

/**
 * How much surer the model is than its figures: the log odds of what is shown are stretched by this. One figure for all causes, fitted to the
 * third of the simulated engines that is kept sealed (log loss least at 1.1); it keeps their order.
 */
const SURER = 1.1
const calibrated = (p: number): number => (p <= 0 || p >= 1 ? p : 1 / (1 + Math.exp(-SURER * logit(p))))

/** And what a certain negative does is weighed beside so many. */
const MOST_REPORTS_BESIDE = 5

/** A cause is shown once the findings have lifted it by this factor over its share of jobs. */
const RISEN = 1.15

export interface Why {
  sign: string
  seen: string
  there: boolean
  claimed: boolean
  /** it was there, and is not since the work */
  gone?: true
  entryId: string
  /** change of the log odds by this report */ weight: number
}

export interface Likely {
  cause: Cause
  p: number
  prior: number
  cataloguePrior: number
  words: string
  /** what is found, not what began it: its cause comes before it, or is still to be named */
  state: boolean
  /** the signs that prove it, or all that was seen of it where none does, are gone since the work */
  cured: boolean
  for: Why[]
  against: Why[]
}

/** What the likelihoods rest on: nothing was reported, findings were weighed, findings that lift no cause, or findings that the model can't bring together. */
export type DiagnosisBasis = 'nothing_found' | 'weighed' | 'nothing_lifted' | 'cant_say'

export interface Diagnosis {
  basis: DiagnosisBasis
  /** empty where the model can't say */ likely: Likely[]
  next: Suggestion[]
  /** signs that were seen and that no likely cause here explains: a second fault, or a finding to look at again */
  unexplained: { sign: string; seen: string }[]
  /** what leads is likely enough to explain what it shows */
  explains: boolean
  /** what leads, where a sign of its own was seen and little else is left */
  proved: Cause | null
  entropyBits: number
  reports: Report[]
  /** reports that were left out of the sum */ leftOut: number
  /** jobs of this shop, closed, that its shares rest on beside the catalogue's */ closedJobs: number
}

/** In words, because a figure of 74 % is not better known than that. */
export function likelihoodWords(p: number): string {
  if (p >= 0.85) return 'very likely'
  if (p >= 0.6) return 'likely'
  if (p >= 0.3) return 'possible'
  if (p >= 0.1) return 'less likely'
  return 'hardly'
}

/**
 * What it looks like, what speaks for and against it, and what to look at next. Pure and deterministic.
 * @param gone causes that it can't be any more
 */
export function diagnose(
  facts: EngineFacts,
  reports: Report[],
  counts: ShopCounts | null = null,
  skipped: ReadonlySet<string> = new Set(),
  openAtOnce = false,
  kind: MachineKind | null = null,
  gone: readonly string[] = [],
): Diagnosis {
  const before = asFound(reports)
  const built = build(facts, counts, [...causesLacking(kind, before), ...gone])
  const { causes, network, signAt } = built
  const found = notParked(before, facts)
  const { used, leftOut } = tellingReports(found)
  const evidence = used.flatMap(r => {
    const e = evidenceOf(r, signAt)
    return e ? [{ report: r, e }] : []
  })
  const all = evidence.map(x => x.e)
  const ahead = tellingReports(found, MOST_REPORTS_AHEAD).used.flatMap(r => evidenceOf(r, signAt) ?? [])
  const now = inferWeighed(network, all)
  const order = causes.map((_, i) => i).sort((a, b) => (now.marginals[b] ?? 0) - (now.marginals[a] ?? 0))
  // a cause that stands where it always stands says nothing about this engine
  const risen = (i: number): boolean =>
    (now.marginals[i] ?? 0) >= 0.03 && (now.marginals[i] ?? 0) > RISEN * (network.causes[i]?.prior ?? 0)
  const telling = rootsFirst(
    order.filter((i, place) => risen(i) || (counts !== null && place === 0 && (now.marginals[i] ?? 0) >= LIKELIEST)),
    causes,
    now.marginals,
  ).slice(0, 8)
  const basis: DiagnosisBasis =
    now.pEvidence <= 0
      ? 'cant_say'
      : !evidence.length
        ? 'nothing_found'
        : telling.some(risen)
          ? 'weighed'
          : 'nothing_lifted'
  const shown = basis === 'cant_say' ? [] : telling.length ? telling : order.slice(0, 3)
  const few = narrowed(built, now)
  const base = infer(few.network, ahead)
  const beside = tellingReports(found, MOST_REPORTS_BESIDE).used.flatMap(r => evidenceOf(r, signAt) ?? [])
  const besides = prepared(
    few.network,
    beside.filter(e => e.a !== 0),
  )
  const absent = beside.filter(e => e.a === 0).map(e => e.finding)
  const besideAll = besides(absent)
  const withoutNegative = new Map<Evidence, Posterior>()
  const likely = shown.map((i): Likely => {
    const p = calibrated(now.marginals[i] ?? 0)
    const whys = evidence.map(({ report, e }): Why => ({
      sign: report.sign,
      seen: SIGNS.get(report.sign)?.seen ?? report.sign,
      there: report.there,
      claimed: report.claimed,
      ...(report.gone && { gone: report.gone }),
      entryId: report.entryId,
      weight: weightOf(e, i),
    }))
    const seen = whys.filter(w => w.weight > 0.2 && w.there && !w.claimed)
    const own = strongSignsOf(causes[i] as Cause)
    const proofs = seen.filter(w => own.includes(w.sign))
    const told = proofs.length ? proofs : seen
    return {
      cause: causes[i] as Cause,
      p,
      state: (causes[i]?.madeBy ?? []).length > 0,
      cured: told.length > 0 && told.every(w => w.gone),
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
  const unexplained = unexplainedBy(likely, found)
  return {
    basis,
    likely,
    unexplained,
    explains: (likely[0]?.p ?? 0) >= EXPLAINS,
    proved: provedBy(likely[0], found),
    next: suggestions(facts, few, base, ahead, reports, { skipped, openAtOnce, explained: !unexplained.length }),
    entropyBits: entropyOf(now),
    reports,
    leftOut,
    closedJobs: counts?.total ?? 0,
  }

  /** What the likelihood of a cause does when a report is taken out; a certain negative is weighed beside the most telling reports only. */
  function weightOf(e: Evidence, i: number): number {
    const without = now.without.get(e)
    if (without) return logit(now.marginals[i] ?? 0) - logit(without[i] ?? 0)
    const at = few.kept.indexOf(i)
    if (at < 0) return 0
    const rest = withoutNegative.get(e) ?? besides(absent.filter(finding => finding !== e.finding))
    withoutNegative.set(e, rest)
    return logit(besideAll.marginals[at] ?? 0) - logit(rest.marginals[at] ?? 0)
  }
}

/** A cause this likely explains what it shows. */
const EXPLAINS = 0.75
/** What was seen, or is what the owner came for, is rare by itself, and is made by none of the likely causes: two problems are easily taken for one. */
function unexplainedBy(likely: readonly Likely[], found: readonly Report[]): Diagnosis['unexplained'] {
  const made = new Set(likely.filter(l => l.p >= EXPLAINS).flatMap(l => shownBy(l.cause)))
  return found
    .filter(r => r.there && !made.has(r.sign) && (r.claimed ? isComplaint(r.sign) : isTelling(r.sign)))
    .map(({ sign }) => ({ sign, seen: SIGNS.get(sign)?.seen ?? sign }))
}

/** A cause this likely, with a sign of its own seen, is proved as far as looking goes. */
const PROVED = 0.9

function provedBy(lead: Likely | undefined, found: readonly Report[]): Cause | null {
  if (!lead || lead.p < PROVED || lead.state) return null
  const own = strongSignsOf(lead.cause)
  return found.some(r => r.there && !r.claimed && !r.thumb && own.includes(r.sign)) ? lead.cause : null
}

/** A state that is found stands after what makes it, where that is likely too: roots are ranked, states follow from them. */
function rootsFirst(order: number[], causes: readonly Cause[], p: Float64Array): number[] {
  const ranked = [...order]
  for (const state of order.filter(i => causes[i]?.madeBy)) {
    // the strongest of them: order falls
    const maker = order.find(
      i => causes[state]?.madeBy?.includes(causes[i]?.id ?? '') && (p[i] ?? 0) >= MAKES * (p[state] ?? 0),
    )
    const last = maker === undefined ? -1 : ranked.indexOf(maker)
    const at = ranked.indexOf(state)
    if (last > at) {
      ranked.splice(at, 1)
      ranked.splice(last, 0, state)
    }
  }
  return ranked
}

const logit = (p: number): number => Math.log(Math.max(1e-9, p) / Math.max(1e-9, 1 - p))

/** A sign that goes with the stronger one of the same scale. */
const CONTAINS: Partial<Record<string, string>> = {
  turns_free: 'turns_weak',
  comp_none: 'comp_low',
  spark_none: 'spark_weak',
  fuel_none: 'fuel_trickle',
}

/** Certain negatives cost nothing; of the rest the most telling are used: those that are rarest by themselves. */
function tellingReports<R extends Report>(reports: R[], most = MOST_REPORTS): { used: R[]; leftOut: number } {
  // what spins free is not without a weak bump: the milder sign is contained in the stronger
  const contained = new Set(reports.filter(r => r.there).map(r => CONTAINS[r.sign]))
  const certain = (r: R): boolean => !r.claimed && !r.there && !r.thumb
  const free = reports.filter(r => certain(r) && !contained.has(r.sign))
  const mixed = reports
    .filter(r => !certain(r))
    .sort(
      (a, b) =>
        Number(a.claimed) - Number(b.claimed) || (SIGNS.get(a.sign)?.leak ?? 0) - (SIGNS.get(b.sign)?.leak ?? 0),
    )
  return { used: [...free, ...mixed.slice(0, most)], leftOut: Math.max(0, mixed.length - most) }
}
