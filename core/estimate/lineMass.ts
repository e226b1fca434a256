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

/**
 * Mass of one line on the grid: each point takes its share in the neighbouring nodes, so that the mean is kept.
 * @param into   real and imaginary parts in turn; the line is added to one of them
 * @param offset 0 for the real, 1 for the imaginary part
 */
export function addMass(into: Float64Array, offset: 0 | 1, term: ShapedTerm, step: number): void {
  const size = into.length / 2
  const shift = term.chance >= 1 ? term.a : 0
  into[offset] = (into[offset] as number) + 1 - term.chance
  if (term.b <= term.a) {
    addPoint(into, offset, term.a - shift, term.chance, step)
    return
  }
  const first = Math.max(0, Math.floor((term.a - shift) / step) - 1)
  const last = Math.min(size - 1, Math.ceil((term.b - shift) / step) + 1)
  // G(x) = ∫F: its second difference is the mass under a hat of one cell on either side
  const g = integralOf(term)
  let before = g(shift + (first - 1) * step)
  let here = g(shift + first * step)
  for (let k = first; k <= last; k++) {
    const after = g(shift + (k + 1) * step)
    const at = 2 * k + offset
    into[at] = (into[at] as number) + term.chance * Math.max(0, (after - 2 * here + before) / step)
    before = here
    here = after
  }
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
    const g0 = g[i] as number
    const g1 = g[i + 1] as number
    const s0 = (f[i] as number) / TABLE_NODES
    const s1 = (f[i + 1] as number) / TABLE_NODES
    const r = 1 - t
    const inner = s0 * t * r * r - s1 * t * t * r + g0 * (1 + 2 * t) * r * r + g1 * t * t * (3 - 2 * t)
    return width * inner
  }
}

/** One point, shared between the two nodes beside it. */
export function addPoint(into: Float64Array, offset: 0 | 1, value: number, weight: number, step: number): void {
  const cell = value / step
  const k = Math.floor(cell)
  const [low, high] = [2 * k + offset, 2 * k + 2 + offset]
  if (low < into.length) into[low] = (into[low] as number) + weight * (1 - (cell - k))
  if (high < into.length) into[high] = (into[high] as number) + weight * (cell - k)
}
