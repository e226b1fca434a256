import { TIE } from '../errors'
import type { Bundle } from './comonotone'
import { comonotone } from './comonotone'
import type { Grid } from './lineGrid'
import { lineGrid } from './lineGrid'
import type { CostTerm, ShapedTerm } from './lineMass'
import { pertShape } from './pert'

export type { CostTerm } from './lineMass'

export interface SumDistribution {
  mean: number
  variance: number
  /** smallest amount that is enough with chance q */
  quantile(q: number): number
  /** chance that the sum is at most x */
  cdf(x: number): number
}

export interface SumSettings {
  /** cells of the grid for the spread part; a power of two */
  cells?: number
  /** terms that are low or high together (one tired hand, one rusty machine) */
  together?: CostTerm[]
}

/** A sum with what it would be without one of its lines, or with one of them needed for sure; each costs little once the whole is known. */
export interface SumFamily {
  whole: SumDistribution
  /** without terms[k] */
  without(k: number): SumDistribution
  /** terms[k] needed for sure */
  needed(k: number): SumDistribution
  /** without together[k] */
  withoutTogether(k: number): SumDistribution
}

/** Exact atoms are kept up to this many on-or-off amounts; more than that go onto the grid. */
const EXACT_SWITCHES = 11

/**
 * The sum of independent uncertain amounts. Mean and variance in closed form; the distribution by convolution:
 * on-or-off amounts exactly, spread amounts on a grid whose cells keep every line's mean.
 */
export const sumDistribution = (terms: CostTerm[], settings: SumSettings = {}): SumDistribution =>
  sumFamily(terms, settings).whole

/** The sum, and every sum that lacks one of its lines: linear in the number of lines, where working each out by itself grows with the square. */
export function sumFamily(terms: CostTerm[], { cells = 4096, together = [] }: SumSettings = {}): SumFamily {
  const shaped = terms.map((term): ShapedTerm => ({ ...term, shape: pertShape(term) }))
  const bundle = comonotone(together)
  const live = shaped.filter(t => t.chance > 0)
  const isFixed = (t: ShapedTerm): boolean => t.b <= t.a && t.chance >= 1
  const switches = live.filter(t => t.b <= t.a && t.chance < 1)
  const exact = switches.slice(0, EXACT_SWITCHES)
  const spread = [...live.filter(t => t.b > t.a), ...switches.slice(EXACT_SWITCHES)]
  const fixed = live.filter(isFixed).reduce((sum, t) => sum + t.a, 0)
  const grid = spread.length || (bundle && bundle.width > 0) ? lineGrid(spread, bundle, cells) : null
  const smooth = grid?.whole() ?? null
  const all = { terms: live, bundle, atoms: atomsOf(exact, fixed), smooth }

  return {
    whole: distribution(all),
    without(k) {
      const line = shaped[k] as ShapedTerm
      const rest = { ...all, terms: live.filter(t => t !== line) }
      if (line.chance <= 0) return distribution(all)
      if (isFixed(line)) return distribution({ ...rest, atoms: atomsOf(exact, fixed - line.a) })
      if (exact.includes(line))
        return distribution({
          ...rest,
          atoms: atomsOf(
            exact.filter(t => t !== line),
            fixed,
          ),
        })
      return distribution({ ...rest, smooth: grid?.without(spread.indexOf(line)) ?? null })
    },
    needed(k) {
      const line = shaped[k] as ShapedTerm
      const sure: ShapedTerm = { ...line, chance: 1 }
      const now = { ...all, terms: live.includes(line) ? live.map(t => (t === line ? sure : t)) : [...live, sure] }
      if (line.chance >= 1) return distribution(all)
      if (line.b <= line.a && (line.chance <= 0 || exact.includes(line)))
        return distribution({
          ...now,
          atoms: atomsOf(
            exact.filter(t => t !== line),
            fixed + line.a,
          ),
        })
      const at = spread.indexOf(line)
      return at < 0 || !grid
        ? sumDistribution(
            terms.map((t, i) => (i === k ? { ...t, chance: 1 } : t)),
            { cells, together },
          )
        : distribution({ ...now, smooth: grid.needed(at) })
    },
    withoutTogether(k) {
      const rest = bundle?.without(k) ?? null
      return distribution({
        ...all,
        bundle: rest,
        smooth: spread.length || (rest && rest.width > 0) ? (grid?.beside(rest) ?? null) : null,
      })
    },
  }
}

interface Parts {
  terms: ShapedTerm[]
  bundle: Bundle | null
  atoms: Atom[]
  smooth: Grid | null
}

function distribution({ terms, bundle, atoms, smooth }: Parts): SumDistribution {
  const mean = terms.reduce((sum, t) => sum + t.chance * t.shape.mean, bundle?.mean ?? 0)
  const variance = terms.reduce(
    (sum, t) => sum + t.chance * (t.shape.variance + t.shape.mean ** 2) - (t.chance * t.shape.mean) ** 2,
    bundle?.variance ?? 0,
  )
  const shift = (smooth?.origin ?? 0) + (smooth ? 0 : (bundle?.low ?? 0))
  const cdf = (x: number): number =>
    atoms.reduce(
      (sum, atom) =>
        sum + atom.chance * (smooth ? smooth.cdf(x - atom.value - shift) : x - atom.value - shift >= -TIE ? 1 : 0),
      0,
    )
  const least = (atoms[0]?.value ?? 0) + shift
  const most = (atoms.at(-1)?.value ?? 0) + shift + (smooth?.width ?? 0)
  return {
    mean,
    variance: Math.max(0, variance),
    cdf,
    quantile: q =>
      quantileOf(
        q,
        least,
        most,
        cdf,
        atoms.map(a => a.value + shift),
      ),
  }
}

interface Atom {
  value: number
  chance: number
}

function atomsOf(switches: CostTerm[], fixed: number): Atom[] {
  let atoms: Atom[] = [{ value: fixed, chance: 1 }]
  for (const { a, chance } of switches) {
    const doubled = atoms.flatMap(atom => [
      { value: atom.value, chance: atom.chance * (1 - chance) },
      { value: atom.value + a, chance: atom.chance * chance },
    ])
    doubled.sort((x, y) => x.value - y.value)
    atoms = []
    for (const atom of doubled) {
      const last = atoms.at(-1)
      if (last && atom.value - last.value <= TIE) last.chance += atom.chance
      else atoms.push({ ...atom })
    }
  }
  return atoms
}

function quantileOf(q: number, least: number, most: number, cdf: (x: number) => number, atoms: number[]): number {
  // a hair of slack, since chances such as 0.3 + 0.6 do not add up exactly
  const enough = (x: number): boolean => cdf(x) >= q - 1e-12
  if (enough(least)) return least
  let low = least
  let high = Math.max(most, least)
  for (let i = 0; i < 200 && high - low > 1e-12 * Math.max(1, high); i++) {
    const middle = (low + high) / 2
    if (enough(middle)) high = middle
    else low = middle
  }
  // an atom a hair away is meant, if it is enough by itself: two atoms may lie that near each other
  return atoms.find(value => Math.abs(value - high) <= 1e-7 * Math.max(1, high) && enough(value)) ?? high
}
