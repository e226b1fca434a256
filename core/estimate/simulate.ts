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
}

const NODES = 512
const tables = new Map<number, Float64Array>()

/** Quantiles of a PERT shape on 0..1, read off its distribution once. */
function quantiles(likely: number): Float64Array {
  const known = tables.get(likely)
  if (known) return known
  const shape = pertShape({ a: 0, m: likely, b: 1 })
  const table = new Float64Array(NODES + 1)
  let x = 0
  for (let i = 0; i <= NODES; i++) {
    const wanted = i / NODES
    let [low, high] = [x, 1]
    for (let k = 0; k < 40 && high - low > 1e-9; k++) {
      const middle = (low + high) / 2
      if (shape.cdf(middle) < wanted) low = middle
      else high = middle
    }
    x = i === NODES ? 1 : (low + high) / 2
    table[i] = x
  }
  if (tables.size > 500) tables.clear()
  tables.set(likely, table)
  return table
}

interface Ready {
  chance: number
  a: number
  width: number
  table: Float64Array | null
  sign: 1 | -1
}

/**
 * The ways drawn against each other, line by line. A line that stands in several ways with the same words, chance and figures is the
 * same fact, and falls the same in all of them.
 * @param draws how often; the error of a percentile shrinks with its root
 * @returns cost percentiles of each way, and in which share of the draws it left most money
 */
export function simulate(options: SimOption[], policy: ShopPolicy, draws = 10_000, seed = SEED): SimResult[] {
  const next = random(seed)
  const facts: Ready[] = []
  const index = new Map<string, number>()
  const of = options.map(o =>
    o.lines.map(line => {
      const { chance, a, m, b } = lineTerm(line, policy)
      const key = JSON.stringify([line.type, line.text, chance, a, m, b])
      const at = index.get(key) ?? facts.length
      if (at === facts.length) {
        index.set(key, at)
        facts.push({
          chance,
          a,
          width: b - a,
          table: b > a ? quantiles((m - a) / (b - a)) : null,
          sign: line.type === 'sale' ? -1 : 1,
        })
      }
      return at
    }),
  )
  const costs = options.map(() => new Float64Array(draws))
  const best = new Float64Array(options.length)
  const drawn = new Float64Array(facts.length)
  const total = facts.length
  for (let d = 0; d < draws; d++) {
    for (let i = 0; i < total; i++) {
      const f = facts[i] as Ready
      if (f.chance < 1 && next() >= f.chance) {
        drawn[i] = 0
        continue
      }
      if (!f.table) {
        drawn[i] = f.a
        continue
      }
      const cell = next() * NODES
      const k = Math.floor(cell)
      const low = f.table[k] as number
      drawn[i] = f.a + f.width * (low + (cell - k) * ((f.table[k + 1] as number) - low))
    }
    let top = -Infinity
    let leader = 0
    const luck = next()
    for (let o = 0; o < options.length; o++) {
      let cost = 0
      let brings = 0
      for (const i of of[o] as number[]) {
        if ((facts[i] as Ready).sign > 0) cost += drawn[i] as number
        else brings += drawn[i] as number
      }
      ;(costs[o] as Float64Array)[d] = cost
      const mends = (options[o] as SimOption).mends
      const net = mends
        ? (luck < mends.success ? mends.valueAfter : mends.salvage - mends.comeback) - cost - mends.downtime
        : brings - cost
      if (net > top) {
        top = net
        leader = o
      }
    }
    best[leader] = (best[leader] as number) + 1
  }
  return options.map((o, i) => {
    const sorted = (costs[i] as Float64Array).sort()
    const at = (q: number): number => sorted[Math.min(draws - 1, Math.ceil(q * draws) - 1)] as number
    return {
      id: o.id,
      mean: sorted.reduce((sum, x) => sum + x, 0) / draws,
      p10: at(0.1),
      p50: at(0.5),
      p90: at(0.9),
      bestShare: (best[i] as number) / draws,
    }
  })
}
