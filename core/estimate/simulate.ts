import type { EstimateLine } from './estimateLine'
import type { ShopPolicy } from '../engine/policy'
import { lineTerm } from './optionCost'
import { pertShape } from './pert'

export const SEED = 20301

/** A small generator of even numbers in 0..1: the same seed always gives the same draws (mulberry32). */
export function random(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

export interface SimOption {
  id: string
  lines: EstimateLine[]
  /** money that is left for a success, a failure, and what a comeback costs on top; null for ways that only bring money */ mends: {
    valueAfter: number
    salvage: number
    comeback: number
    success: number
    downtime: number
  } | null
}
export interface SimResult {
  id: string
  mean: number
  p10: number
  p50: number
  p90: number
  /** share of the draws in which this way left most */ bestShare: number
  /** how the draws lie: the middle of each step of cost, and the share of the draws in it; one step where all fall alike */ spread: {
    at: number
    share: number
  }[]
}

const NODES = 512
/** Steps in which the draws of a way are counted. */
const STEPS = 16

/** Draws counted in even steps from the cheapest to the dearest. */
function spreadOf(drawn: Float64Array): SimResult['spread'] {
  let [low, high] = [Infinity, -Infinity]
  for (const cost of drawn) {
    if (cost < low) low = cost
    if (cost > high) high = cost
  }
  if (!(high > low)) return [{ at: low, share: 1 }]
  const step = (high - low) / STEPS
  const counts = new Float64Array(STEPS)
  for (const cost of drawn) counts[Math.min(STEPS - 1, Math.floor((cost - low) / step))]! += 1
  return Array.from(counts, (n, i) => ({ at: low + (i + 0.5) * step, share: n / drawn.length }))
}

/** Shapes that are worked out: the likely figure at so many places between low and high. */
const SHAPES = 64
/** Points of a shape at which its distribution is read, crowding its ends. */
const READ = 1024
const shapes: (Float64Array | undefined)[] = []

/** Quantiles of the PERT shape whose likely figure lies at `k / SHAPES`, read off its distribution once. */
function shapeTable(k: number): Float64Array {
  const known = shapes[k]
  if (known) return known
  const { cdf } = pertShape({ a: 0, m: k / SHAPES, b: 1 })
  const table = new Float64Array(NODES + 1)
  let x = 0
  let f = 0
  let at = 0
  for (let i = 0; i <= NODES; i++) {
    const wanted = i / NODES
    let [x0, f0] = [x, f]
    while (f < wanted && at < READ) {
      ;[x0, f0] = [x, f]
      at += 1
      x = (1 - Math.cos((Math.PI * at) / READ)) / 2
      f = cdf(x)
    }
    table[i] = f > f0 ? x0 + ((x - x0) * (wanted - f0)) / (f - f0) : x
    ;[x, f, at] = f > f0 && f > wanted ? [x0, f0, at - 1] : [x, f, at]
  }
  table[NODES] = 1
  shapes[k] = table
  return table
}

/** Quantiles of any PERT shape on 0..1: between two that are worked out, in proportion. All are one family, by where the likely figure lies. */
export function quantiles(likely: number): Float64Array {
  const place = Math.min(1, Math.max(0, likely)) * SHAPES
  const k = Math.min(SHAPES - 1, Math.floor(place))
  const share = place - k
  const low = shapeTable(k)
  const high = shapeTable(k + 1)
  const table = new Float64Array(NODES + 1)
  for (let i = 0; i <= NODES; i++) table[i] = (1 - share) * (low[i] as number) + share * (high[i] as number)
  return table
}

/** What the draws are summed on, wiped for each way: a job is judged often, and memory of this size is given back late. */
const sheets: Float64Array[] = []
function sheetOf(k: number, draws: number): Float64Array {
  const known = sheets[k]
  if (known?.length === draws) return known.fill(0)
  return (sheets[k] = new Float64Array(draws))
}

interface Ready {
  chance: number
  a: number
  width: number
  table: Float64Array | null
  /** ways that it stands in, and whether it costs there or brings */
  ways: number[]
  sale: boolean
}

/**
 * The ways drawn against each other, line by line. A line that stands in several ways with the same words, chance and figures is the
 * same fact, and falls the same in all of them.
 * @param draws how often; the error of a percentile shrinks with its root
 * @returns cost percentiles of each way, and in which share of the draws it left most money
 */
export function simulate(options: SimOption[], policy: ShopPolicy, draws = 10_000, seed = SEED): SimResult[] {
  const facts = new Map<string, Ready>()
  for (const [o, option] of options.entries())
    for (const line of option.lines) {
      const { chance, a, m, b } = lineTerm(line, policy)
      const key = JSON.stringify([line.type, line.text, chance, a, m, b])
      const same = facts.get(key)
      if (same) same.ways.push(o)
      else
        facts.set(key, {
          chance,
          a,
          width: b - a,
          table: b > a ? quantiles((m - a) / (b - a)) : null,
          ways: [o],
          sale: line.type === 'sale',
        })
    }
  const costs = options.map((_, o) => sheetOf(2 * o, draws))
  const brought = options.map((_, o) => sheetOf(2 * o + 1, draws))
  let state = seed >>> 0
  for (const fact of facts.values()) {
    const [first, ...others] = fact.ways.map(o => (fact.sale ? brought[o] : costs[o]) as Float64Array)
    if (!first) continue
    const from = state
    state = addDraws(fact, first, from)
    // the same draws again: one fact falls the same in every way that it stands in
    for (const sums of others) addDraws(fact, sums, from)
  }
  const best = leaders(options, costs, brought, random(state))
  return options.map((o, i) => {
    const drawn = costs[i] as Float64Array
    let sum = 0
    for (let d = 0; d < draws; d++) sum += drawn[d] as number
    const [p10, p50, p90] = percentiles(drawn, [0.1, 0.5, 0.9]) as [number, number, number]
    return {
      id: o.id,
      mean: sum / draws,
      spread: spreadOf(drawn),
      p10,
      p50,
      p90,
      bestShare: (best[i] as number) / draws,
    }
  })
}

const BUCKETS = 1024

/** Percentiles of unsorted figures, exact: counted into buckets, and only the bucket that holds one is sorted. */
export function percentiles(values: Float64Array, shares: number[]): number[] {
  const n = values.length
  let low = Infinity
  let high = -Infinity
  for (let d = 0; d < n; d++) {
    const x = values[d] as number
    if (x < low) low = x
    if (x > high) high = x
  }
  if (!(high > low)) return shares.map(() => low)
  const scale = (BUCKETS - 1) / (high - low)
  const counts = new Uint32Array(BUCKETS)
  for (let d = 0; d < n; d++) {
    const b = (((values[d] as number) - low) * scale) | 0
    counts[b] = (counts[b] as number) + 1
  }
  return shares.map(q => {
    const place = Math.min(n - 1, Math.max(0, Math.ceil(q * n) - 1))
    let below = 0
    let b = 0
    while (below + (counts[b] as number) <= place) below += counts[b++] as number
    const inside = values.filter(x => (((x - low) * scale) | 0) === b).sort()
    return inside[place - below] as number
  })
}

/** A draw is a whole number up to this: a number of the generator makes two of them. */
const EVEN = 0x10000
/** Nine of its sixteen bits name the cell, seven the place inside it. */
const INSIDE = 0x7f
const CELL_BITS = 7

/** Low end and rise of each cell of a line, in money. */
function cellsOf({ a, width, table }: Ready): Float64Array {
  const cells = new Float64Array(2 * NODES)
  for (let k = 0; k < NODES; k++) {
    const low = table ? (table[k] as number) : 0
    const high = table ? (table[k + 1] as number) : 0
    const rise = (width * (high - low)) / (INSIDE + 1)
    // the middle of the part that a draw stands for
    cells[2 * k] = a + width * low + rise / 2
    cells[2 * k + 1] = rise
  }
  return cells
}

/**
 * Adds every draw of one fact to a sum, one after the other; one even number says whether it is needed and what it comes to. The generator is that
 * of `random`, written out: two million draws are made while somebody looks.
 * @returns the generator's state after the last draw
 */
function addDraws(fact: Ready, sums: Float64Array, seed: number): number {
  const { chance, table, a } = fact
  const draws = sums.length
  if (!table && chance >= 1) {
    for (let d = 0; d < draws; d++) sums[d] = (sums[d] as number) + a
    return seed
  }
  const cells = cellsOf(fact)
  // of what is not always needed the draws below this are, stretched to the whole
  const needed = chance >= 1 ? EVEN : chance * EVEN
  const stretch = EVEN / Math.max(needed, 1e-9)
  const sure = chance >= 1
  let state = seed | 0
  for (let d = 0; d < draws; d += 2) {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    t ^= t >>> 14
    const u = t & 0xffff
    const v = t >>> 16
    if (sure) {
      const k = (u >>> CELL_BITS) << 1
      sums[d] = (sums[d] as number) + (cells[k] as number) + (u & INSIDE) * (cells[k + 1] as number)
      if (d + 1 < draws) {
        const n = (v >>> CELL_BITS) << 1
        sums[d + 1] = (sums[d + 1] as number) + (cells[n] as number) + (v & INSIDE) * (cells[n + 1] as number)
      }
    } else {
      if (u < needed) sums[d] = (sums[d] as number) + inCell(cells, (u * stretch) | 0)
      if (v < needed && d + 1 < draws) sums[d + 1] = (sums[d + 1] as number) + inCell(cells, (v * stretch) | 0)
    }
  }
  return state >>> 0
}

function inCell(cells: Float64Array, u: number): number {
  const k = (u >>> CELL_BITS) << 1
  return (cells[k] as number) + (u & INSIDE) * (cells[k + 1] as number)
}

/** How often each way left most. */
function leaders(options: SimOption[], costs: Float64Array[], brought: Float64Array[], next: () => number): number[] {
  const best = options.map(() => 0)
  const draws = costs[0]?.length ?? 0
  for (let d = 0; d < draws; d++) {
    let top = -Infinity
    let leader = 0
    const luck = next()
    for (let o = 0; o < options.length; o++) {
      const { mends } = options[o] as SimOption
      const cost = (costs[o] as Float64Array)[d] as number
      const net = mends
        ? (luck < mends.success ? mends.valueAfter : mends.salvage - mends.comeback) - cost - mends.downtime
        : ((brought[o] as Float64Array)[d] as number) - cost
      if (net > top) {
        top = net
        leader = o
      }
    }
    best[leader] = (best[leader] as number) + 1
  }
  return best
}
