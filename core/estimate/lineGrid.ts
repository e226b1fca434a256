import FFT from 'fft.js'
import { TIE } from '../errors'
import type { Bundle } from './comonotone'
import type { ShapedTerm } from './lineMass'
import { addMass, addPoint } from './lineMass'

/** The distribution of a sum on a grid, from `origin` up. */
export interface Grid {
  origin: number
  width: number
  cdf(x: number): number
}

/** The spread lines of one sum with their spectra: the sum of all of them, of all but one, or with one of them needed for sure. */
export interface LineGrid {
  whole(): Grid
  without(k: number): Grid | null
  /** line k, needed with a chance, taken as needed for sure */
  needed(k: number): Grid
  /** the lines with another bundle beside them */
  beside(bundle: Bundle | null): Grid | null
}

/** Spectrum of a real function, its first half: real and imaginary parts in turn. The other half mirrors it. */
type Spectrum = Float64Array
const always = (t: ShapedTerm): boolean => t.chance >= 1

/** Plans of the transform, by size. */
const plans = new Map<number, { fft: FFT; z: Float64Array; out: Float64Array }>()
function planOf(size: number): { fft: FFT; z: Float64Array; out: Float64Array } {
  const known = plans.get(size)
  if (known) return known
  const plan = { fft: new FFT(size), z: new Float64Array(2 * size), out: new Float64Array(2 * size) }
  plans.set(size, plan)
  return plan
}

/**
 * Lines on a grid whose cells keep every line's mean. Products of the spectra from the left and from the right are kept, so that the sum without
 * any one of n lines costs one transform and not n; a transform takes two real functions at a time, one as its imaginary part.
 */
export function lineGrid(terms: ShapedTerm[], bundle: Bundle | null, cells: number): LineGrid {
  const widthOf = (t: ShapedTerm): number => (always(t) ? t.b - t.a : t.b)
  const fullWidth = terms.reduce((sum, t) => sum + widthOf(t), bundle?.width ?? 0)
  const lines = terms.length + (bundle ? 1 : 0)
  // a line that may not be needed is wider once it is not sure: the grid holds it either way
  const step = fullWidth / (cells - lines - 2)
  // every line spills over into one cell at most, and room was left for that: nothing runs round the end
  const size = cells
  const { fft, z, out } = planOf(size)
  const half = size + 2
  const one = new Float64Array(half)
  for (let i = 0; i < half; i += 2) one[i] = 1

  const spectra = pairs(terms, t => at => addMass(z, at, t, step))
  const bundled = (b: Bundle | null): Spectrum =>
    b
      ? (pairs([b], ({ values, low }) => at => {
          for (const v of values) addPoint(z, at, v.value - low, v.weight, step)
        })[0] as Spectrum)
      : one
  const own = bundled(bundle)
  let right: Spectrum[] | undefined
  let left: Spectrum[] | undefined
  /** product of the lines before k, and of those from k on */
  const before = (k: number): Spectrum => (left ??= products(spectra, own))[k] as Spectrum
  const from = (k: number): Spectrum => (right ??= products([...spectra].reverse(), one).reverse())[k] as Spectrum
  const others = (k: number): Spectrum => product(before(k), from(k + 1))

  const sure = (k: number): ShapedTerm => ({ ...(terms[k] as ShapedTerm), chance: 1 })
  const rests = inPairs(terms.length, k => others(k))
  const switched = terms.map((_, k) => k).filter(k => !always(terms[k] as ShapedTerm))
  let sureSpectra: Spectrum[] | undefined
  const needs = inPairs(switched.length, i => {
    sureSpectra ??= pairs(switched, k => at => addMass(z, at, sure(k), step))
    return product(others(switched[i] as number), sureSpectra[i] as Spectrum)
  })

  return {
    whole: () => gridOf(masses([before(terms.length)])[0] as Float64Array, terms, bundle),
    beside: b =>
      terms.length || b ? gridOf(masses([spectra.reduce(product, bundled(b))])[0] as Float64Array, terms, b) : null,
    without: k => {
      const rest = terms.filter((_, i) => i !== k)
      return rest.length || bundle ? gridOf(rests(k), rest, bundle) : null
    },
    needed: k =>
      gridOf(
        needs(switched.indexOf(k)),
        terms.map((t, i) => (i === k ? sure(k) : t)),
        bundle,
      ),
  }

  /** spectra of many real functions, two to a transform */
  function pairs<T>(all: T[], fill: (item: T) => (at: 0 | 1) => void): Spectrum[] {
    const found: Spectrum[] = []
    for (let i = 0; i < all.length; i += 2) {
      z.fill(0)
      fill(all[i] as T)(0)
      if (i + 1 < all.length) fill(all[i + 1] as T)(1)
      fft.transform(out, z)
      const a = new Float64Array(half)
      const b = new Float64Array(half)
      for (let k = 0; k <= size / 2; k++) {
        const m = 2 * ((size - k) % size)
        const [re, im, mr, mi] = [2 * k, 2 * k + 1, m, m + 1]
        const x = out[re] as number
        const y = out[im] as number
        const p = out[mr] as number
        const q = out[mi] as number
        a[re] = (x + p) / 2
        a[im] = (y - q) / 2
        b[re] = (y + q) / 2
        b[im] = (p - x) / 2
      }
      found.push(a)
      if (i + 1 < all.length) found.push(b)
    }
    return found
  }

  /** the functions behind one or two spectra */
  function masses(all: Spectrum[]): Float64Array[] {
    const [a, b] = [all[0] as Spectrum, all[1]]
    for (let k = 0; k <= size / 2; k++) {
      const [re, im] = [2 * k, 2 * k + 1]
      const x = a[re] as number
      const y = a[im] as number
      const p = b ? (b[re] as number) : 0
      const q = b ? (b[im] as number) : 0
      z[re] = x - q
      z[im] = y + p
      const m = 2 * ((size - k) % size)
      z[m] = x + q
      z[m + 1] = p - y
    }
    fft.inverseTransform(out, z)
    return all.map((_, at) => {
      const mass = new Float64Array(size)
      for (let i = 0; i < size; i++) mass[i] = Math.max(0, out[2 * i + at] as number)
      return mass
    })
  }

  /** functions that are asked one after the other: its neighbour comes out of the same transform */
  function inPairs(count: number, spectrum: (k: number) => Spectrum): (k: number) => Float64Array {
    const found: (Float64Array | undefined)[] = []
    return k => {
      const first = k - (k % 2)
      if (!found[k]) {
        const two = [first, first + 1].filter(i => i < count)
        masses(two.map(spectrum)).forEach((mass, i) => {
          found[first + i] = mass
        })
      }
      return found[k] as Float64Array
    }
  }

  function gridOf(mass: Float64Array, all: ShapedTerm[], b: Bundle | null): Grid {
    let origin = b?.low ?? 0
    let width = b?.width ?? 0
    let nothing = 1
    for (const t of all) {
      if (always(t)) origin += t.a
      width += widthOf(t)
      nothing *= 1 - t.chance
    }
    if (b || all.some(always)) nothing = 0
    const rest = Math.max(0, (mass[0] as number) - nothing)
    let total = rest
    for (let i = 1; i < size; i++) total += mass[i] as number
    const scale = (1 - nothing) / total
    // chance at each node, half of the node's own mass lying below it
    const below = new Float64Array(size)
    let run = nothing
    for (let i = 0; i < size; i++) {
      const here = (i === 0 ? rest : (mass[i] as number)) * scale
      below[i] = run + here / 2
      run += here
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
        const f0 = k === 0 ? nothing : (below[k] ?? 1)
        const f1 = below[k + 1] ?? 1
        return Math.min(1, f0 + (f1 - f0) * (cell - k))
      },
    }
  }
}

/** Running products: [0] is the start, [k] the start times the first k. */
function products(spectra: Spectrum[], start: Spectrum): Spectrum[] {
  const all = [start]
  let last = start
  for (const s of spectra) {
    last = product(last, s)
    all.push(last)
  }
  return all
}

function product(a: Spectrum, b: Spectrum): Spectrum {
  const out = new Float64Array(a.length)
  for (let i = 0; i < a.length; i += 2) {
    const re = a[i] as number
    const im = a[i + 1] as number
    const tr = b[i] as number
    const ti = b[i + 1] as number
    out[i] = re * tr - im * ti
    out[i + 1] = re * ti + im * tr
  }
  return out
}
