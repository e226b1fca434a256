import { InputError, TIE } from '../errors'

/** Money left by an option as a straight line in one uncertain figure x: net0 − k·x. */
export interface NetLine {
  name: string
  net0: number
  k: number
}
export interface Flip {
  x: number
  from: string
  to: string
}

/**
 * Where the best option changes as one figure rises: the upper envelope of the lines.
 * @param lo, hi the span looked at; flips lie strictly inside
 * @returns bestAtLo just above lo; flips in rising x; ties to the first listed
 * @throws  InputError `inconsistent` unless hi > lo
 */
export function crossover({ options, lo, hi }: { options: NetLine[]; lo: number; hi: number }): {
  bestAtLo: string
  flips: Flip[]
} {
  const [first, ...rest] = envelope(options, lo, hi)
  const flips = rest.map(({ from, line }, i) => ({
    x: from,
    from: (rest[i - 1]?.line ?? first.line).name,
    to: line.name,
  }))
  return { bestAtLo: first.line.name, flips }
}

interface Stretch {
  from: number
  line: NetLine
}

/** The best line from each x on, in rising x; the first stretch starts at lo. */
export function envelope(options: NetLine[], lo: number, hi: number): [Stretch, ...Stretch[]] {
  if (!(hi > lo))
    throw new InputError('inconsistent', 'hi', `The upper end (${hi}) must lie above the lower end (${lo}).`)
  let here = options.reduce((a, b) => {
    const ahead = b.net0 - b.k * lo - (a.net0 - a.k * lo)
    return ahead > TIE || (Math.abs(ahead) <= TIE && b.k < a.k - TIE) ? b : a
  })
  const stretches: [Stretch, ...Stretch[]] = [{ from: lo, line: here }]
  for (let x = lo; ;) {
    let next: Stretch | undefined
    for (const line of options) {
      if (!(line.k < here.k)) continue
      const meet = (here.net0 - line.net0) / (here.k - line.k)
      if (meet <= x - TIE || meet <= lo + TIE || meet >= hi - TIE) continue
      if (!next || meet < next.from - TIE || (Math.abs(meet - next.from) <= TIE && line.k < next.line.k))
        next = { from: meet, line }
    }
    if (!next) return stretches
    stretches.push(next)
    x = next.from
    here = next.line
  }
}
