import FFT from 'fft.js'
import { TIE } from '../errors'
import type { PertShape } from './pert'
import { pertShape } from './pert'

/** An amount that is needed with a chance; low = likely = high when it is known exactly. Money. */
export interface CostTerm { chance: number, a: number, m: number, b: number }

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

/** Exact atoms are kept up to this many on-or-off amounts; more than that go onto the grid. */
const EXACT_SWITCHES = 11

/**
 * The sum of independent uncertain amounts. Mean and variance in closed form; the distribution by convolution:
 * on-or-off amounts exactly, spread amounts on a grid whose cells keep every line's mean.
 */
export function sumDistribution(terms: CostTerm[], { cells = 4096, together = [] }: SumSettings = {}): SumDistribution {
  const shaped = terms.filter(t => t.chance > 0).map(term => ({ ...term, shape: pertShape(term) }))
  const bundle = together.length ? comonotone(together) : null
  const mean = shaped.reduce((sum, t) => sum + t.chance * t.shape.mean, bundle?.mean ?? 0)
  const variance = shaped.reduce((sum, t) => sum + t.chance * (t.shape.variance + t.shape.mean ** 2) - (t.chance * t.shape.mean) ** 2, bundle?.variance ?? 0)

  const fixed = shaped.filter(t => t.b <= t.a && t.chance >= 1).reduce((sum, t) => sum + t.a, 0)
  const switches = shaped.filter(t => t.b <= t.a && t.chance < 1)
  const atoms = atomsOf(switches.slice(0, EXACT_SWITCHES), fixed)
  const spread = [...shaped.filter(t => t.b > t.a), ...switches.slice(EXACT_SWITCHES)]
  const smooth = spread.length || (bundle && bundle.width > 0) ? gridOf(spread, bundle, cells) : null
  const shift = (smooth?.origin ?? 0) + (smooth ? 0 : bundle?.low ?? 0)
  const cdf = (x: number): number => atoms.reduce((sum, atom) => sum + atom.chance * (smooth ? smooth.cdf(x - atom.value - shift) : x - atom.value - shift >= -TIE ? 1 : 0), 0)
  const least = (atoms[0]?.value ?? 0) + shift
  const most = (atoms.at(-1)?.value ?? 0) + shift + (smooth?.width ?? 0)
  return { mean, variance: Math.max(0, variance), cdf, quantile: q => quantileOf(q, least, most, cdf, atoms.map(a => a.value + shift)) }
}

interface Atom { value: number, chance: number }

function atomsOf(switches: CostTerm[], fixed: number): Atom[] {
  let atoms: Atom[] = [{ value: fixed, chance: 1 }]
  for (const { a, chance } of switches) {
    const doubled = atoms.flatMap(atom => [{ value: atom.value, chance: atom.chance * (1 - chance) }, { value: atom.value + a, chance: atom.chance * chance }])
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

interface Bundle { low: number, width: number, mean: number, variance: number, values: { value: number, weight: number }[] }

/** Points of the common quantile u; each line's own quantile there, added up. */
const BUNDLE_POINTS = 1500

function comonotone(terms: CostTerm[]): Bundle {
  const shapes = terms.map(t => pertShape(t))
  const low = terms.reduce((sum, t) => sum + t.a, 0)
  const width = terms.reduce((sum, t) => sum + t.b - t.a, 0)
  const mean = shapes.reduce((sum, s) => sum + s.mean, 0)
  const walkers = shapes.map((shape, i) => quantileWalker(shape, terms[i]?.a ?? 0, terms[i]?.b ?? 0))
  let square = 0
  const values = Array.from({ length: BUNDLE_POINTS }, (_, i) => {
    // midpoints in t, with u = (1 − cos πt)/2 crowding the ends where quantiles bend
    const u = (1 - Math.cos(Math.PI * (i + 0.5) / BUNDLE_POINTS)) / 2
    const weight = (Math.cos(Math.PI * i / BUNDLE_POINTS) - Math.cos(Math.PI * (i + 1) / BUNDLE_POINTS)) / 2
    const value = walkers.reduce((sum, walk) => sum + walk(u), 0)
    square += weight * (value - mean) ** 2
    return { value, weight }
  })
  return { low, width, mean, variance: square, values }
}

/** Quantiles for rising u, read off a table of the distribution. */
function quantileWalker(shape: PertShape, a: number, b: number): (u: number) => number {
  if (b <= a) return () => a
  const nodes = 2048
  const xs = Array.from({ length: nodes + 1 }, (_, i) => a + (b - a) * (1 - Math.cos(Math.PI * i / nodes)) / 2)
  const table = xs.map(shape.cdf)
  let at = 1
  return (u) => {
    while (at < nodes && (table[at] ?? 1) < u) at++
    const [f0, f1, x0, x1] = [table[at - 1] ?? 0, table[at] ?? 1, xs[at - 1] ?? a, xs[at] ?? b]
    return f1 > f0 ? x0 + (x1 - x0) * (u - f0) / (f1 - f0) : x1
  }
}

interface Grid { origin: number, width: number, cdf(x: number): number }

function gridOf(terms: (CostTerm & { shape: PertShape })[], bundle: Bundle | null, cells: number): Grid {
  const always = (t: CostTerm): boolean => t.chance >= 1
  const origin = terms.filter(always).reduce((sum, t) => sum + t.a, bundle?.low ?? 0)
  const width = terms.reduce((sum, t) => sum + (always(t) ? t.b - t.a : t.b), bundle?.width ?? 0)
  const lines = terms.length + (bundle ? 1 : 0)
  const step = width / (cells - lines - 2)
  const size = 2 * cells
  const fft = new FFT(size)
  const product = fft.createComplexArray()
  for (let i = 0; i < product.length; i += 2) product[i] = 1
  const transformed = fft.createComplexArray()
  const multiply = (mass: number[]): void => {
    fft.realTransform(transformed, mass)
    fft.completeSpectrum(transformed)
    for (let i = 0; i < product.length; i += 2) {
      const [re, im] = [product[i] as number, product[i + 1] as number]
      const [tr, ti] = [transformed[i] as number, transformed[i + 1] as number]
      product[i] = re * tr - im * ti
      product[i + 1] = re * ti + im * tr
    }
  }
  for (const term of terms) multiply(massOf(term, step, size))
  if (bundle) multiply(pointsMass(bundle.values.map(v => ({ value: v.value - bundle.low, weight: v.weight })), step, size))
  const inverse = fft.createComplexArray()
  fft.inverseTransform(inverse, product)
  const nothing = bundle || terms.some(always) ? 0 : terms.reduce((p, t) => p * (1 - t.chance), 1)
  const mass = Array.from({ length: size }, (_, i) => Math.max(0, inverse[2 * i] as number))
  mass[0] = Math.max(0, (mass[0] as number) - nothing)
  const scale = (1 - nothing) / mass.reduce((a, b) => a + b, 0)
  // chance at each node, half of the node's own mass lying below it
  const below: number[] = []
  let run = nothing
  for (const m of mass) {
    below.push(run + m * scale / 2)
    run += m * scale
  }
  return {
    origin,
    width,
    cdf(x) {
      if (x < -TIE) return 0
      if (x <= TIE) return nothing
      if (x >= width - TIE) return 1
      const cell = x / step
      const k = Math.floor(cell)
      const [f0, f1] = [k === 0 ? nothing : below[k] ?? 1, below[k + 1] ?? 1]
      return Math.min(1, f0 + (f1 - f0) * (cell - k))
    },
  }
}

/** Mass of one line on the grid: each point takes its share in the neighbouring nodes, so that the mean is kept. */
function massOf(term: CostTerm & { shape: PertShape }, step: number, size: number): number[] {
  const mass = new Array<number>(size).fill(0)
  const shift = term.chance >= 1 ? term.a : 0
  mass[0] = 1 - term.chance
  if (term.b <= term.a) return addPoint(mass, term.a - shift, term.chance, step)
  const first = Math.max(0, Math.floor((term.a - shift) / step) - 1)
  const last = Math.ceil((term.b - shift) / step) + 1
  // G(x) = ∫F: its second difference is the mass under a hat of one cell on either side
  const g = integralOf(term)
  let before = g(shift + (first - 1) * step)
  let here = g(shift + first * step)
  for (let k = first; k <= last && k < size; k++) {
    const after = g(shift + (k + 1) * step)
    mass[k] = (mass[k] ?? 0) + term.chance * Math.max(0, (after - 2 * here + before) / step)
    before = here
    here = after
  }
  return mass
}

/** Nodes of the tables below; between them a cubic with the right slopes, good to ten digits. */
const TABLE_NODES = 400
/** ∫F and F of a PERT shape on 0..1; the shape follows from where the likely figure stands between low and high. */
const tables = new Map<number, { g: Float64Array, f: Float64Array }>()

function tableOf(likely: number): { g: Float64Array, f: Float64Array } {
  const known = tables.get(likely)
  if (known) return known
  const shape = pertShape({ a: 0, m: likely, b: 1 })
  const g = new Float64Array(TABLE_NODES + 1)
  const f = new Float64Array(TABLE_NODES + 1)
  for (let i = 0; i <= TABLE_NODES; i++) {
    const x = i / TABLE_NODES
    f[i] = shape.cdf(x)
    g[i] = x * (f[i] as number) - shape.partialMean(x)
  }
  if (tables.size > 500) tables.clear()
  tables.set(likely, { g, f })
  return { g, f }
}

/** ∫F of one line: nothing below its low, a straight line above its high. */
function integralOf({ a, m, b }: CostTerm): (x: number) => number {
  const width = b - a
  const { g, f } = tableOf(Math.min(1, Math.max(0, (m - a) / width)))
  return (x) => {
    const u = (x - a) / width
    if (u <= 0) return 0
    if (u >= 1) return width * ((g[TABLE_NODES] as number) + u - 1)
    const cell = u * TABLE_NODES
    const i = Math.floor(cell)
    const t = cell - i
    const [g0, g1, s0, s1] = [g[i] as number, g[i + 1] as number, (f[i] as number) / TABLE_NODES, (f[i + 1] as number) / TABLE_NODES]
    const inner = s0 * t * (1 - t) ** 2 + s1 * t * t * (t - 1) + g0 * (1 + 2 * t) * (1 - t) ** 2 + g1 * t * t * (3 - 2 * t)
    return width * inner
  }
}

function pointsMass(points: { value: number, weight: number }[], step: number, size: number): number[] {
  const mass = new Array<number>(size).fill(0)
  for (const { value, weight } of points) addPoint(mass, value, weight, step)
  return mass
}

function addPoint(mass: number[], value: number, weight: number, step: number): number[] {
  const cell = value / step
  const k = Math.floor(cell)
  mass[k] = (mass[k] ?? 0) + weight * (1 - (cell - k))
  mass[k + 1] = (mass[k + 1] ?? 0) + weight * (cell - k)
  return mass
}
