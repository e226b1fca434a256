import type { EngineFacts } from '../engine/facts'
import type { ShopCounts } from '../engine/shopCounts'
import type { EngineClass } from '../engine/words'
import type { Cause, LinkWord } from '../catalogue'
import { CAUSES, LINK_WORDS, SIGNS, fits } from '../catalogue'
import type { Evidence, Network, Posterior } from './network'
import { NO, YES, networkOf } from './network'
import { priorFromHistory } from './posterior'
import type { Report } from './reports'

/** How far a claim is believed: the chance that a sign is told when it is there, and when it is not. Shop judgement. */
export const CLAIM_TRUST = { there: 0.85, notThere: 0.12 } as const

/** A sign by a rule of thumb only: how often it is past one where a limit would say so, and where none would. Shop judgement. */
const THUMB_TRUST = { there: 0.9, notThere: 0.1 } as const

/** Causes fainter than this are left out of the search for the next check, unless so few are left that the rare ones are what remains. */
const FAINT = 0.004
const FEW = 40
/** And these are left out whatever is left. */
const RULED_OUT = 0.0002

/** Imaginary jobs that a catalogue share counts as, beside the shop's own. */
export const PRIOR_STRENGTH = 20

const CLASSES: EngineClass[] = ['H2', 'V2', 'S4', 'M4', 'T4', 'D4']

export interface InPlay {
  causes: Cause[]
  network: Network
  signAt: Map<string, number>
}

interface Built extends InPlay {
  cataloguePrior: number[]
}

/** The class of the other cycle: a trimmer that is a four-stroke has the valves of a mower, in its own share of carburettors. */
const SISTER: Partial<Record<EngineClass, [cycle: EngineFacts['cycle'], sister: EngineClass]>> = {
  ...{ H2: ['four', 'S4'], V2: ['four', 'M4'], S4: ['two', 'H2'], M4: ['two', 'V2'] },
}

/** In what share of jobs a cause is there on such an engine. */
function sharesFor({ engineClass, cycle }: EngineFacts): (cause: Cause) => number {
  const at = CLASSES.indexOf(engineClass)
  const [odd, sister] = SISTER[engineClass] ?? []
  const beside = odd === cycle && sister ? CLASSES.indexOf(sister) : at
  return cause => cause.base[at] || cause.base[beside] || 0
}

/** @param lacking causes that this machine can't have */
export function build(facts: EngineFacts, counts: ShopCounts | null, lacking: readonly string[] = []): Built {
  const shareOf = sharesFor(facts)
  const causes = CAUSES.filter(c => shareOf(c) > 0 && fits(c.needs, facts) && !lacking.includes(c.id))
  const signs = [...SIGNS.values()]
  const signAt = new Map(signs.map((s, i) => [s.id, i]))
  const links = causes.flatMap(cause =>
    (Object.entries(cause.shows) as [LinkWord, readonly string[]][]).flatMap(([word, ids]) =>
      ids.map(finding => ({ cause: cause.id, finding, q: LINK_WORDS[word] })),
    ),
  )
  const cataloguePrior = causes.map(shareOf)
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

export function evidenceOf(report: Report, signAt: Map<string, number>): Evidence | null {
  const finding = signAt.get(report.sign)
  if (finding === undefined) return null
  if (!report.claimed && !report.thumb) return report.there ? YES(finding) : NO(finding)
  const { there, notThere } = report.claimed ? CLAIM_TRUST : THUMB_TRUST
  return report.there ? { finding, a: there, b: notThere - there } : { finding, a: 1 - there, b: there - notThere }
}

/** The network with only the causes that are still in play. */
export function narrowed({ causes, network, signAt }: Built, now: Posterior): InPlay & { kept: number[] } {
  const p = (i: number): number => now.marginals[i] ?? 0
  const least = Math.min(FAINT, Math.max(RULED_OUT, [...now.marginals].sort((a, b) => b - a)[FEW - 1] ?? 0))
  const kept = causes.map((_, i) => i).filter(i => p(i) >= least)
  return {
    kept,
    signAt,
    causes: kept.map(i => causes[i] as Cause),
    network: {
      causes: kept.map(i => network.causes[i] ?? { id: '', prior: 0 }),
      findings: network.findings,
      q: network.q.map(row => {
        const few = new Float64Array(kept.length)
        for (let k = 0; k < kept.length; k++) few[k] = row[kept[k] as number] as number
        return few
      }),
    },
  }
}
