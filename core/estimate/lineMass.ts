import { pertShape } from './pert'
import type { PertShape } from './pert'

/** An amount that is needed with a chance; low = likely = high when it is known exactly. Money. */
export interface CostTerm {
  chance: number
  a: number
  m: number
  b: number
}

/** A line with its shape, made once. */
export interface ShapedTerm extends CostTerm {
  shape: PertShape
}

/** Mass of one line on the grid: each point takes its share in the neighbouring nodes, so that the mean is kept. */
export function massOf(term: ShapedTerm, step: number, size: number): number[] {
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
const tables = new Map<number, { g: Float64Array; f: Float64Array }>()

function tableOf(likely: number): { g: Float64Array; f: Float64Array } {
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
  if (tables.size > 5000) tables.clear()
  tables.set(likely, { g, f })
  return { g, f }
}

/** ∫F of one line: nothing below its low, a straight line above its high. */
function integralOf({ a, m, b }: CostTerm): (x: number) => number {
  const width = b - a
  const { g, f } = tableOf(Math.min(1, Math.max(0, (m - a) / width)))
  return x => {
    const u = (x - a) / width
    if (u <= 0) return 0
    if (u >= 1) return width * ((g[TABLE_NODES] as number) + u - 1)
    const cell = u * TABLE_NODES
    const i = Math.floor(cell)
    const t = cell - i
    const [g0, g1, s0, s1] = [
      g[i] as number,
      g[i + 1] as number,
      (f[i] as number) / TABLE_NODES,
      (f[i + 1] as number) / TABLE_NODES,
    ]
    const inner =
      s0 * t * (1 - t) ** 2 + s1 * t * t * (t - 1) + g0 * (1 + 2 * t) * (1 - t) ** 2 + g1 * t * t * (3 - 2 * t)
    return width * inner
  }
}

export function pointsMass(points: { value: number; weight: number }[], step: number, size: number): number[] {
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
