/** A cause as the recursion sees it: what is left of it by the negative findings, and the positives that it can make show. */
export interface Coverer {
  prior: number
  /** Π(1 − q) over the negative findings */
  keep: number
  /** index of each linked positive, with the chance that this cause makes it show */
  links: { bit: number; q: number }[]
}

/** Sums of products, every one of them ≥ 0: nothing cancels, whatever the size. */
export interface Cover {
  /** P(all positives are covered, no negative shows), without the factor of the negatives' leaks */
  total: number
  /** the same with cause k there, by cause */
  joint: Float64Array
  /** T itself: by the set of positives that are covered, bit by bit, the chance that it is just those */
  reached: Float64Array
  /** by the same sets, the chance that what is lone covers the others */
  ends: Float64Array
  /** the same with positive f left out: [f].total, [f].joint by cause; empty unless asked for */
  without: { total: number; joint: Float64Array }[]
}

/** Room for forward tables, bytes: where they don't all fit, one in so many is kept, and the rest are computed again on the way back. */
const ROOM = 8e6

/** One piece of memory for the tables of every sum, made larger when one needs it: what each threw away would be given back late. */
let room = new Float64Array(0)
function tablesOf(count: number, size: number): Float64Array[] {
  if (room.length < count * size) room = new Float64Array(count * size)
  return Array.from({ length: count }, (_, i) => room.subarray(i * size, (i + 1) * size))
}

/**
 * Exact noisy-OR by covered sets: T[U] is the chance that exactly the positives in U are covered so far and no negative shows. One pass
 * forward over the causes gives P, one pass backward every marginal and every "without this finding".
 * Cost: (links into the positives) · 2^positives; where forward tables would take more than `ROOM`, some are computed twice instead of kept.
 * @param leaks    of each positive: the chance that it shows with no cause there
 * @param coverers only causes that are linked to several positives; the others have a closed form
 * @param lone     of each positive: the chance that some cause shows it that shows no other of them
 * @param weigh    also every "without"
 */
export function cover(
  leaks: readonly number[],
  lone: readonly number[],
  coverers: readonly Coverer[],
  weigh: boolean,
): Cover {
  const size = 2 ** leaks.length
  const n = coverers.length
  const apart = Math.max(1, Math.ceil((n * size * 8) / ROOM))
  const kept = Math.ceil(n / apart)
  const tables = tablesOf(kept + apart + 2, size)
  const [table, scratch] = tables.slice(kept + apart) as [Float64Array, Float64Array]
  table.fill(0)
  table[0] = 1
  for (const [bit, leak] of leaks.entries()) spread(table, bit, leak)
  for (let k = 0; k < n; k++) {
    if (k % apart === 0) tables[k / apart]?.set(table)
    forward(table, scratch, coverers[k] as Coverer)
  }
  const reached = table.slice()
  const ends = endsOf(lone)
  const total = dot(reached, ends)
  const without = (weigh ? leaks : []).map((_, f) => ({
    total: dotWithout(reached, ends, 1 << f),
    joint: new Float64Array(n),
  }))
  const joint = new Float64Array(n)

  // rest[U]: the chance that the causes still to come cover what U lacks
  const rest = ends.slice()
  for (let from = Math.floor((n - 1) / apart) * apart; from >= 0; from -= apart) {
    const to = Math.min(n, from + apart)
    const block = [tables[from / apart] as Float64Array, ...tables.slice(kept, kept + apart)]
    for (let k = from; k < to - 1; k++) {
      const next = block[k - from + 1] as Float64Array
      next.set(block[k - from] as Float64Array)
      forward(next, scratch, coverers[k] as Coverer)
    }
    for (let k = to - 1; k >= from; k--) {
      const cause = coverers[k] as Coverer
      const there = partThere(block[k - from] as Float64Array, scratch, cause)
      joint[k] = dot(there, rest)
      for (let f = 0; f < without.length; f++)
        (without[f] as { joint: Float64Array }).joint[k] = dotWithout(there, rest, 1 << f)
      backward(rest, scratch, cause)
    }
  }
  return { total, joint, reached, ends, without }
}

/** Π of the lone chances over what a set lacks. */
function endsOf(lone: readonly number[]): Float64Array {
  const ends = new Float64Array(2 ** lone.length).fill(1)
  for (const [bit, chance] of lone.entries()) {
    const step = 1 << bit
    for (let base = 0; base < ends.length; base += 2 * step)
      for (let u = base; u < base + step; u++) ends[u] = (ends[u] as number) * chance
  }
  return ends
}

/**
 * P(all is covered) in two parts, by whether others than the lone causes of positive `bit` cover it: that it is covered by them, and that it is
 * not, and all else is. `free`: a positive that may be covered or not.
 */
export function byOthers(
  { reached, ends }: Pick<Cover, 'reached' | 'ends'>,
  bit: number,
  free: number | null,
): { covered: number; open: number } {
  const mask = 1 << bit
  const also = free === null ? 0 : 1 << free
  let [covered, open] = [0, 0]
  for (let u = 0; u < reached.length; u++) {
    if (u & mask) covered += (reached[u] as number) * (ends[u | also] as number)
    else open += (reached[u] as number) * (ends[u | also | mask] as number)
  }
  return { covered, open }
}

/** The part of T in which this cause is there and what it is linked to is covered or not. */
function partThere(table: Float64Array, into: Float64Array, { prior, keep, links }: Coverer): Float64Array {
  const share = prior * keep
  for (let u = 0; u < table.length; u++) into[u] = (table[u] as number) * share
  for (const { bit, q } of links) spread(into, bit, q)
  return into
}

function forward(table: Float64Array, scratch: Float64Array, cause: Coverer): void {
  partThere(table, scratch, cause)
  const absent = 1 - cause.prior
  for (let u = 0; u < table.length; u++) table[u] = absent * (table[u] as number) + (scratch[u] as number)
}

/** The steps of `forward`, transposed. */
function backward(rest: Float64Array, scratch: Float64Array, { prior, keep, links }: Coverer): void {
  scratch.set(rest)
  for (const { bit, q } of links) {
    const step = 1 << bit
    for (let base = 0; base < scratch.length; base += 2 * step) {
      for (let u = base; u < base + step; u++)
        scratch[u] = (1 - q) * (scratch[u] as number) + q * (scratch[u + step] as number)
    }
  }
  const [absent, share] = [1 - prior, prior * keep]
  for (let u = 0; u < rest.length; u++) rest[u] = absent * (rest[u] as number) + share * (scratch[u] as number)
}

/** Positive `bit` gets covered with chance q, whatever is covered already. */
function spread(table: Float64Array, bit: number, q: number): void {
  const step = 1 << bit
  for (let base = 0; base < table.length; base += 2 * step) {
    for (let u = base; u < base + step; u++) {
      const open = table[u] as number
      table[u + step] = (table[u + step] as number) + q * open
      table[u] = (1 - q) * open
    }
  }
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0
  for (let u = 0; u < a.length; u++) sum += (a[u] as number) * (b[u] as number)
  return sum
}

/** Where a positive may be covered or not: both halves against what still has to be covered besides it. */
function dotWithout(there: Float64Array, rest: Float64Array, step: number): number {
  let sum = 0
  for (let base = 0; base < there.length; base += 2 * step) {
    for (let u = base; u < base + step; u++)
      sum += ((there[u] as number) + (there[u + step] as number)) * (rest[u + step] as number)
  }
  return sum
}
