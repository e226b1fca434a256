import { InputError } from '../errors'
import type { Evidence, Model, Network } from './network'
import { binaryEntropy, entropyOf, infer, MOST_TERMS, networkOf, NO, YES } from './network'

const IMPOSSIBLE =
  "This can't be found by the model at all: some finding has neither a cause nor a leak, or what was found is too unlikely for a figure."

interface Asked {
  network: Network
  indexOf: Map<string, number>
  evidence: Evidence[]
  known: Set<string>
}

function asked(model: Model, positive: string[], negative: string[]): Asked {
  const network = networkOf(model)
  const indexOf = new Map(model.findings.map((f, i) => [f.id, i]))
  const at = (id: string, field: string): number => {
    const index = indexOf.get(id)
    if (index === undefined) throw new InputError('bad_choice', field, `${id} is not a finding of this model.`)
    return index
  }
  const [yes, no] = [[...new Set(positive)], [...new Set(negative)]]
  const both = yes.find(id => no.includes(id))
  if (both) throw new InputError('inconsistent', 'negative', `${both} can't be there and not there at once.`)
  if (yes.length > MOST_TERMS)
    throw new InputError(
      'out_of_range',
      'positive',
      `At most ${MOST_TERMS} findings can be there at once; these are ${yes.length}.`,
    )
  return {
    network,
    indexOf,
    evidence: [...yes.map(id => YES(at(id, 'positive'))), ...no.map(id => NO(at(id, 'negative')))],
    known: new Set([...yes, ...no]),
  }
}

/**
 * How likely each cause is, given what was found and what was looked for and not found. Causes don't exclude each other, so the
 * figures need not add up to 1. Exact, by covered sets: nothing cancels, however unlikely the findings are.
 * @param positive at most 18 findings
 * @throws InputError `bad_choice` for an unknown finding, `inconsistent` for evidence that can't be, `out_of_range` past 18
 */
export function posterior({ model, positive, negative }: { model: Model; positive: string[]; negative: string[] }): {
  pEvidence: number
  marginals: Map<string, number>
} {
  const { network, evidence } = asked(model, positive, negative)
  const { pEvidence, marginals } = infer(network, evidence)
  if (pEvidence <= 0) throw new InputError('inconsistent', 'positive', IMPOSSIBLE)
  return { pEvidence, marginals: new Map(model.causes.map((c, i) => [c.id, marginals[i] ?? 0])) }
}

/**
 * Which finding to look for next: how much each would settle, per minute.
 * @param candidates null: all that are not known yet
 * @throws InputError `inconsistent` for a candidate that is known already, `bad_choice` for one that is not in the model
 */
export function nextCheck({
  model,
  positive,
  negative,
  candidates,
}: {
  model: Model
  positive: string[]
  negative: string[]
  candidates: string[] | null
}) {
  const { network, indexOf, evidence, known } = asked(model, positive, negative)
  const wanted = candidates ?? model.findings.map(f => f.id).filter(id => !known.has(id))
  const now = infer(network, evidence)
  if (now.pEvidence <= 0) throw new InputError('inconsistent', 'positive', IMPOSSIBLE)
  const entropyBits = entropyOf(now)
  // with as many findings as the model takes, one more is reckoned from what would be left of the rest
  const room = positive.length < MOST_TERMS
  const ranking = [...new Set(wanted)]
    .map(id => {
      const index = indexOf.get(id)
      if (index === undefined) throw new InputError('bad_choice', 'candidates', `${id} is not a finding of this model.`)
      if (known.has(id)) throw new InputError('inconsistent', 'candidates', `${id} is known already.`)
      const no = infer(network, [...evidence, NO(index)])
      const yes = room
        ? infer(network, [...evidence, YES(index)])
        : { pEvidence: now.pEvidence - no.pEvidence, marginals: null }
      const pPositive = Math.min(1, Math.max(0, yes.pEvidence / now.pEvidence))
      const ifYes = yes.marginals
        ? entropyOf({ ...yes, marginals: yes.marginals })
        : entropyIfYes(now.marginals, no.marginals, pPositive)
      const bits = Math.max(0, entropyBits - pPositive * ifYes - (1 - pPositive) * entropyOf(no))
      return { id, pPositive, bits, bitsPerMin: bits / (model.findings[index]?.minutes ?? 1) }
    })
    .sort((a, b) => b.bitsPerMin - a.bitsPerMin || (a.id < b.id ? -1 : 1))
  return { entropyBits, ranking }
}

/** Entropy of the causes if the finding shows: P(i | yes) follows from P(i) and P(i | no). */
function entropyIfYes(now: Float64Array, no: Float64Array, pYes: number): number {
  if (pYes <= 0) return 0
  return now.reduce(
    (sum, p, i) => sum + binaryEntropy(Math.min(1, Math.max(0, (p - (1 - pYes) * (no[i] ?? 0)) / pYes))),
    0,
  )
}

/**
 * A prior with its odds multiplied.
 * @param prior 0 up to but not 1
 */
export function adjustPrior({ prior, oddsFactor }: { prior: number; oddsFactor: number }): { prior: number } {
  const odds = (prior / (1 - prior)) * oddsFactor
  return { prior: odds / (1 + odds) }
}

/**
 * A prior that the shop's own counts take over: the catalogue's counts as `strength` imaginary jobs.
 * @throws InputError `inconsistent` for more hits than jobs
 */
export function priorFromHistory({
  prior,
  hits,
  total,
  strength,
}: {
  prior: number
  hits: number
  total: number
  strength: number
}): { prior: number } {
  if (hits > total)
    throw new InputError('inconsistent', 'hits', `There can't be more hits (${hits}) than jobs (${total}).`)
  return { prior: (prior * strength + hits) / (strength + total) }
}

export interface RepairItem {
  id: string
  p: number
  checkCost: number
  repairCost: number
}

/**
 * In which order to check single faults so that it costs least on average (Heckerman, Breese and Rommelse, 1995).
 * @param serviceCost what it costs when it was none of them; null is 0
 * @param normalise   true: the chances are scaled to sum 1
 * @throws InputError `inconsistent` when all chances are 0, or sum to more than 1 without scaling
 */
export function repairOrder({
  items,
  serviceCost,
  normalise,
}: {
  items: RepairItem[]
  serviceCost: number | null
  normalise: boolean
}): { order: string[]; expectedCost: number } {
  const sum = items.reduce((a, i) => a + i.p, 0)
  if (sum <= 0) throw new InputError('inconsistent', 'items', 'At least one fault must have a chance above 0.')
  if (!normalise && sum > 1 + 1e-9)
    throw new InputError('inconsistent', 'items', `The chances sum to ${sum}: without scaling they can be at most 1.`)
  const scaled = items.map((item, i) => ({ ...item, i, p: normalise ? item.p / sum : item.p }))
  const order = [...scaled].sort((a, b) => b.p / b.checkCost - a.p / a.checkCost || a.i - b.i)
  let left = 1
  let expectedCost = 0
  for (const { p, checkCost, repairCost } of order) {
    expectedCost += left * checkCost + p * repairCost
    left -= p
  }
  return { order: order.map(o => o.id), expectedCost: expectedCost + (normalise ? 0 : left * (serviceCost ?? 0)) }
}
