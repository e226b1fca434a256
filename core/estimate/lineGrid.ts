import FFT from 'fft.js'
import { TIE } from '../errors'
import type { Bundle } from './comonotone'
import type { ShapedTerm } from './lineMass'
import { massOf, pointsMass } from './lineMass'

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

type Spectrum = Float64Array
const always = (t: ShapedTerm): boolean => t.chance >= 1

/**
 * Lines on a grid whose cells keep every line's mean. Products of the spectra from the left and from the right are kept, so that the sum without
 * any one of n lines costs one transform and not n.
 */
export function lineGrid(terms: ShapedTerm[], bundle: Bundle | null, cells: number): LineGrid {
  const widthOf = (t: ShapedTerm): number => (always(t) ? t.b - t.a : t.b)
  const fullWidth = terms.reduce((sum, t) => sum + widthOf(t), bundle?.width ?? 0)
  const lines = terms.length + (bundle ? 1 : 0)
  // a line that may not be needed is wider once it is not sure: the grid holds it either way
  const step = fullWidth / (cells - lines - 2)
  const size = 2 * cells
  const fft = new FFT(size)
  const work = fft.createComplexArray()
  const one = new Float64Array(work.length)
  for (let i = 0; i < one.length; i += 2) one[i] = 1
  const spectrumOf = (mass: number[]): Spectrum => {
    fft.realTransform(work, mass)
    fft.completeSpectrum(work)
    return Float64Array.from(work)
  }
  const spectra = terms.map(t => spectrumOf(massOf(t, step, size)))
  const bundled = (b: Bundle | null): Spectrum =>
    b
      ? spectrumOf(
          pointsMass(
            b.values.map(v => ({ value: v.value - b.low, weight: v.weight })),
            step,
            size,
          ),
        )
      : one
  const own = bundled(bundle)
  let right: Spectrum[] | undefined
  let left: Spectrum[] | undefined
  /** product of the lines before k, and of those from k on */
  const before = (k: number): Spectrum => (left ??= products(spectra, one))[k] as Spectrum
  const from = (k: number): Spectrum => (right ??= products([...spectra].reverse(), one).reverse())[k] as Spectrum

  return {
    whole: () => gridOf(spectra.reduce(product, own), terms, bundle),
    beside: b => (terms.length || b ? gridOf(spectra.reduce(product, bundled(b)), terms, b) : null),
    without: k => {
      const rest = terms.filter((_, i) => i !== k)
      return rest.length || bundle ? gridOf(product(product(before(k), from(k + 1)), own), rest, bundle) : null
    },
    needed: k => {
      const sure: ShapedTerm = { ...(terms[k] as ShapedTerm), chance: 1 }
      return gridOf(
        product(product(product(before(k), from(k + 1)), own), spectrumOf(massOf(sure, step, size))),
        terms.map((t, i) => (i === k ? sure : t)),
        bundle,
      )
    },
  }

  function gridOf(spectrum: Spectrum, all: ShapedTerm[], b: Bundle | null): Grid {
    const origin = all.filter(always).reduce((sum, t) => sum + t.a, b?.low ?? 0)
    const width = all.reduce((sum, t) => sum + widthOf(t), b?.width ?? 0)
    const inverse = fft.createComplexArray()
    fft.inverseTransform(inverse, spectrum as unknown as number[])
    const nothing = b || all.some(always) ? 0 : all.reduce((p, t) => p * (1 - t.chance), 1)
    const mass = Float64Array.from({ length: size }, (_, i) => Math.max(0, inverse[2 * i] as number))
    mass[0] = Math.max(0, (mass[0] as number) - nothing)
    const scale = (1 - nothing) / mass.reduce((x, y) => x + y, 0)
    // chance at each node, half of the node's own mass lying below it
    const below = new Float64Array(size)
    let run = nothing
    for (let i = 0; i < size; i++) {
      below[i] = run + ((mass[i] as number) * scale) / 2
      run += (mass[i] as number) * scale
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
        const [f0, f1] = [k === 0 ? nothing : (below[k] ?? 1), below[k + 1] ?? 1]
        return Math.min(1, f0 + (f1 - f0) * (cell - k))
      },
    }
  }
}

/** Running products: [0] is one, [k] the product of the first k. */
function products(spectra: Spectrum[], one: Spectrum): Spectrum[] {
  const all = [one]
  for (const s of spectra) all.push(product(all.at(-1) as Spectrum, s))
  return all
}

function product(a: Spectrum, b: Spectrum): Spectrum {
  const out = new Float64Array(a.length)
  for (let i = 0; i < a.length; i += 2) {
    const [re, im, tr, ti] = [a[i] as number, a[i + 1] as number, b[i] as number, b[i + 1] as number]
    out[i] = re * tr - im * ti
    out[i + 1] = re * ti + im * tr
  }
  return out
}
