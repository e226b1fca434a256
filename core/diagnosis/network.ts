import { InputError } from '../errors'

/** A finding of the model: `leak` is the chance that it shows with none of its causes there. */
export interface ModelFinding { id: string, leak: number, minutes: number }
export interface ModelCause { id: string, prior: number }
/** `q`: the chance that this cause alone makes the finding show. */
export interface ModelLink { cause: string, finding: string, q: number }
export interface Model { causes: ModelCause[], findings: ModelFinding[], links: ModelLink[] }

/**
 * What is known of one finding, as P(report | causes) = a + b·P(finding absent | causes).
 * Seen for certain: (1, −1). Absent for certain: (0, 1). A report that can err lies between.
 */
export interface Evidence { finding: number, a: number, b: number }

/** A model with its links laid out as a matrix: q[finding][cause]. */
export interface Network { causes: ModelCause[], findings: ModelFinding[], q: Float64Array[] }

/** More positive findings than this double the work once more each. */
export const MOST_TERMS = 18

export function networkOf({ causes, findings, links }: Model): Network {
  const causeAt = new Map(causes.map((c, i) => [c.id, i]))
  const findingAt = new Map(findings.map((f, i) => [f.id, i]))
  const q = findings.map(() => new Float64Array(causes.length))
  for (const link of links) {
    const [f, c] = [findingAt.get(link.finding), causeAt.get(link.cause)]
    if (f === undefined || c === undefined) throw new InputError('inconsistent', 'model.links', `A link joins ${link.cause} to ${link.finding}, and one of them is not in the model.`)
    const row = q[f]
    if (row) row[c] = link.q
  }
  return { causes, findings, q }
}

/** A sum of terms that cancel to less than this share of their size is nothing. */
const CANCELLED = 1e-13

export interface Posterior { pEvidence: number, marginals: Float64Array }
/** `without[k]`: the marginals with the k-th report taken out; only for reports that are not certain negatives. */
export interface WeighedPosterior extends Posterior { without: Map<Evidence, Float64Array> }

/**
 * Exact posteriors of every cause, several causes at once (noisy-OR). Heckerman's Quickscore (1989), extended to reports that can
 * err: each such report is a sum of two terms, so the work doubles with each, while certain negatives cost nothing.
 * @returns pEvidence 0 when the evidence can't be; marginals are then the priors
 */
export const infer = (network: Network, evidence: Evidence[]): Posterior => sumOver(network, evidence, false)

/**
 * The same, and what each report is worth: the sum without it is the part of the same sum in which its first term was chosen, so that
 * nothing is computed twice.
 */
export const inferWeighed = (network: Network, evidence: Evidence[]): WeighedPosterior => sumOver(network, evidence, true)

function sumOver({ causes, findings, q }: Network, evidence: Evidence[], weigh: boolean): WeighedPosterior {
  const n = causes.length
  const certain = evidence.filter(e => e.a === 0)
  const mixed = evidence.filter(e => e.a !== 0)
  const prior = Float64Array.from(causes, c => c.prior)
  // what all certain negatives leave of each cause
  const keep = new Float64Array(n).fill(1)
  let factor = 1
  for (const { finding, b } of certain) {
    factor *= b * (1 - (findings[finding]?.leak ?? 0))
    multiply(keep, q[finding])
  }
  // one row of what is left for each depth of the walk, so that nothing is made anew 2^k times
  const rows = [keep, ...mixed.map(() => new Float64Array(n))]
  const brackets = new Float64Array(n)
  const joint = new Float64Array(n)
  const term = new Float64Array(n)
  const apart = weigh ? mixed.map(() => ({ total: 0, joint: new Float64Array(n) })) : []
  const chosen = mixed.map(() => false)
  let total = 0
  let size = 0
  walk(0, factor, keep)
  const pEvidence = clip(total)
  const without = new Map(apart.map((w, k) => [mixed[k] as Evidence, w.total > 0 ? w.joint.map(j => clip(j / w.total)) : prior]))
  if (!(total > size * CANCELLED)) return { pEvidence: 0, marginals: prior, without }
  return { pEvidence, marginals: joint.map(j => clip(j / total)), without }

  /** Every choice of one term from each mixed report; `left[i]` is Π(1 − q) over the terms chosen so far. */
  function walk(k: number, weight: number, left: Float64Array): void {
    const report = mixed[k]
    if (!report) return add(weight, left)
    if (report.a !== 0) walk(k + 1, weight * report.a, left)
    if (report.b === 0) return
    const next = rows[k + 1] as Float64Array
    next.set(left)
    multiply(next, q[report.finding])
    chosen[k] = true
    walk(k + 1, weight * report.b * (1 - (findings[report.finding]?.leak ?? 0)), next)
    chosen[k] = false
  }

  function add(weight: number, left: Float64Array): void {
    let product = weight
    let zeros = 0
    let zeroAt = -1
    for (let i = 0; i < n; i++) {
      const bracket = 1 - (prior[i] as number) * (1 - (left[i] as number))
      brackets[i] = bracket
      if (bracket === 0) {
        zeros++
        zeroAt = i
      }
      else { product *= bracket }
    }
    if (zeros > 1) return
    if (zeros === 1) {
      term.fill(0)
      term[zeroAt] = product * (prior[zeroAt] as number) * (left[zeroAt] as number)
      gather(0)
      return
    }
    size += Math.abs(product)
    for (let i = 0; i < n; i++) term[i] = product * (prior[i] as number) * (left[i] as number) / (brackets[i] as number)
    gather(product)
  }

  function gather(product: number): void {
    total += product
    for (let i = 0; i < n; i++) joint[i] = (joint[i] as number) + (term[i] as number)
    for (const [k, w] of apart.entries()) {
      if (chosen[k]) continue
      const share = 1 / (mixed[k]?.a ?? 1)
      w.total += product * share
      for (let i = 0; i < n; i++) w.joint[i] = (w.joint[i] as number) + (term[i] as number) * share
    }
  }
}

function multiply(left: Float64Array, row: Float64Array | undefined): void {
  if (row) for (let i = 0; i < left.length; i++) left[i] = (left[i] as number) * (1 - (row[i] as number))
}
const clip = (p: number): number => Math.min(1, Math.max(0, p))

export const YES = (finding: number): Evidence => ({ finding, a: 1, b: -1 })
export const NO = (finding: number): Evidence => ({ finding, a: 0, b: 1 })

/** Entropy of a yes or no, bits. */
export const binaryEntropy = (p: number): number => p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p))
/** Sum over the causes: what the screen shows, and exact to compute. */
export const entropyOf = ({ marginals }: Posterior): number => marginals.reduce((sum, p) => sum + binaryEntropy(p), 0)
