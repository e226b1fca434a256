import { InputError } from '../errors'
import { byOthers, cover } from './covered'

/** A finding of the model: `leak` is the chance that it shows with none of its causes there. */
export interface ModelFinding {
  id: string
  leak: number
  minutes: number
}
export interface ModelCause {
  id: string
  prior: number
}
/** `q`: the chance that this cause alone makes the finding show. */
export interface ModelLink {
  cause: string
  finding: string
  q: number
}
export interface Model {
  causes: ModelCause[]
  findings: ModelFinding[]
  links: ModelLink[]
}

/**
 * What is known of one finding, as P(report | causes) = a + b·P(finding absent | causes).
 * Seen for certain: (1, −1). Absent for certain: (0, 1). A report that can err lies between.
 */
export interface Evidence {
  finding: number
  a: number
  b: number
}

/** A model with its links laid out as a matrix: q[finding][cause]. */
export interface Network {
  causes: ModelCause[]
  findings: ModelFinding[]
  q: Float64Array[]
}

/** More positive findings than this are refused: each doubles the work. */
export const MOST_TERMS = 18

export function networkOf({ causes, findings, links }: Model): Network {
  const causeAt = new Map(causes.map((c, i) => [c.id, i]))
  const findingAt = new Map(findings.map((f, i) => [f.id, i]))
  const q = findings.map(() => new Float64Array(causes.length))
  for (const link of links) {
    const [f, c] = [findingAt.get(link.finding), causeAt.get(link.cause)]
    if (f === undefined || c === undefined)
      throw new InputError(
        'inconsistent',
        'model.links',
        `A link joins ${link.cause} to ${link.finding}, and one of them is not in the model.`,
      )
    const row = q[f]
    if (row) row[c] = link.q
  }
  return { causes, findings, q }
}

export interface Posterior {
  pEvidence: number
  marginals: Float64Array
}
/** `without[k]`: the marginals with the k-th report taken out; only for reports that are not certain negatives. */
export interface WeighedPosterior extends Posterior {
  without: Map<Evidence, Float64Array>
}

/**
 * Exact posteriors of every cause, several causes at once (noisy-OR), by covered sets: see `cover`. A report that can err and says "there"
 * is a positive with a larger leak; one that says "not there" is two questions, with it as a certain negative and without it, and doubles
 * the work. Certain negatives cost nothing.
 * @param evidence at most one report a finding
 * @returns pEvidence 0 when the evidence can't be, or is too unlikely to be told from nothing; marginals are then the priors
 * @throws InputError `out_of_range` past `MOST_TERMS` positives
 */
export const infer = (network: Network, evidence: Evidence[]): Posterior => sumOver(network, evidence, false)

/** The same, and what every cause would be without each report in turn. */
export const inferWeighed = (network: Network, evidence: Evidence[]): WeighedPosterior =>
  sumOver(network, evidence, true)

interface Sum {
  total: number
  joint: Float64Array
}

const sumOver = (network: Network, evidence: Evidence[], weigh: boolean): WeighedPosterior =>
  prepared(network, evidence, weigh)()

/**
 * What stays the same however many more findings are looked for and not there: one question of it costs a table of the positives and no more.
 * @param evidence at most one report a finding
 * @returns asks with so many more findings known not to be there, each of them in no report
 * @throws InputError `out_of_range` past `MOST_TERMS` positives
 */
export function prepared(
  { causes, findings, q }: Network,
  evidence: Evidence[],
  weigh = false,
): (notThere?: readonly number[]) => WeighedPosterior {
  const n = causes.length
  const prior = Float64Array.from(causes, c => c.prior)
  const leakOf = ({ finding }: Evidence): number => findings[finding]?.leak ?? 0
  const linkOf = (finding: number, cause: number): number => q[finding]?.[cause] ?? 0
  const positives = evidence.filter(e => e.b < 0)
  const denied = evidence.filter(e => e.a > 0 && e.b > 0)
  if (positives.length > MOST_TERMS)
    throw new InputError(
      'out_of_range',
      'positive',
      `At most ${MOST_TERMS} findings can be there at once; these are ${positives.length}.`,
    )
  // a report that can err is a · P(shows) with a leak that a wrong report adds to
  const leaks = positives.map(e => (e.a + e.b - e.b * leakOf(e)) / e.a)
  const always = evidence.reduce((x, e) => x * (e.b <= 0 ? e.a : 1), 1)
  const linked = causes.map((_, i) =>
    positives.flatMap(({ finding }, bit) => (linkOf(finding, i) > 0 ? [{ bit, q: linkOf(finding, i) }] : [])),
  )
  const having = (least: number, most: number): number[] =>
    causes.flatMap((_, i) => ((linked[i]?.length ?? 0) >= least && (linked[i]?.length ?? 0) <= most ? [i] : []))
  const [joined, single, alone] = [having(2, Infinity), having(1, 1), having(0, 0)]
  // each report that can err and says "not there" is two questions
  const subsets = Array.from({ length: 2 ** denied.length }, (_, chosen) => {
    const left = denied.filter((_, k) => !((chosen >> k) & 1))
    const negatives = evidence.filter(e => e.a === 0 || (e.b > 0 && !left.includes(e)))
    const keep = Float64Array.from(causes, (_, i) => negatives.reduce((x, e) => x * (1 - linkOf(e.finding, i)), 1))
    const factor = left.reduce(
      (x, e) => x * e.a,
      negatives.reduce((x, e) => x * e.b * (1 - leakOf(e)), always),
    )
    return { left, keep, factor }
  })

  return (notThere = []) => {
    const sum: Sum = { total: 0, joint: new Float64Array(n) }
    const apart = new Map<Evidence, Sum>(
      weigh ? [...positives, ...denied].map(e => [e, { total: 0, joint: new Float64Array(n) }]) : [],
    )
    for (const subset of subsets) {
      const keep = subset.keep.slice()
      let weight = subset.factor
      for (const finding of notThere) {
        weight *= 1 - (findings[finding]?.leak ?? 0)
        for (let i = 0; i < n; i++) keep[i] = (keep[i] as number) * (1 - linkOf(finding, i))
      }
      gatherSubset(keep, weight, subset.left, sum, apart)
    }
    const without = new Map([...apart].map(([e, w]) => [e, w.total > 0 ? w.joint.map(j => clip(j / w.total)) : prior]))
    return {
      pEvidence: clip(sum.total),
      marginals: sum.total > 0 ? sum.joint.map(j => clip(j / sum.total)) : prior,
      without,
    }
  }

  function gatherSubset(
    keep: Float64Array,
    factor: number,
    left: readonly Evidence[],
    sum: Sum,
    apart: Map<Evidence, Sum>,
  ): void {
    // a cause that none of the positives tells of has a closed form; one that a single positive tells of is one leak more of it
    const bracket = prior.map((p, i) => 1 - p + p * (keep[i] as number))
    const lone = single.map(i => {
      const [{ bit, q: link } = { bit: 0, q: 0 }] = linked[i] ?? []
      const share = ((prior[i] as number) * (keep[i] as number)) / (bracket[i] as number)
      return { i, bit, q: link, share, covers: share * link }
    })
    let weight = factor
    for (const i of single) weight *= bracket[i] as number
    for (const i of alone) weight *= bracket[i] as number
    if (weight === 0) return
    const ends = leaks.map(() => 0)
    for (const { bit, covers } of lone) ends[bit] = 1 - (1 - (ends[bit] as number)) * (1 - covers)
    const got = cover(
      leaks,
      ends,
      joined.map(i => ({ prior: prior[i] as number, keep: keep[i] as number, links: linked[i] ?? [] })),
      weigh,
    )
    const bits = [...new Set(lone.map(l => l.bit))]
    const gather = (into: Sum | undefined, share: number, part: Sum, free: number | null = null): void => {
      if (!into) return
      const { joint } = into
      const parts = new Map(bits.map(bit => [bit, byOthers(got, bit, free)]))
      for (const { i, bit, q: link, share: there, covers } of lone) {
        const { covered, open } = parts.get(bit) ?? { covered: 0, open: 0 }
        // what is left of the lone causes of this positive without this one; nothing has to cover what is free
        const rest = bit === free ? 1 : 1 - (1 - (ends[bit] as number)) / (1 - covers)
        const shown = bit === free ? 1 : link
        joint[i] =
          (joint[i] as number) + share * there * (shown * (covered + open) + (1 - shown) * (covered + rest * open))
      }
      into.total += share * part.total
      for (const [k, i] of joined.entries()) joint[i] = (joint[i] as number) + share * (part.joint[k] as number)
      const each = share * part.total
      for (const i of alone)
        joint[i] = (joint[i] as number) + (each * (prior[i] as number) * (keep[i] as number)) / (bracket[i] as number)
    }
    gather(sum, weight, got)
    if (!weigh) return
    for (const [f, e] of positives.entries()) gather(apart.get(e), weight / e.a, got.without[f] as Sum, f)
    for (const e of left) gather(apart.get(e), weight / e.a, got)
  }
}

const clip = (p: number): number => Math.min(1, Math.max(0, p))

export const YES = (finding: number): Evidence => ({ finding, a: 1, b: -1 })
export const NO = (finding: number): Evidence => ({ finding, a: 0, b: 1 })

/** Entropy of a yes or no, bits. */
export const binaryEntropy = (p: number): number =>
  p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p))
/** Sum over the causes: what the screen shows, and exact to compute. */
export const entropyOf = ({ marginals }: Posterior): number => marginals.reduce((sum, p) => sum + binaryEntropy(p), 0)
