/** Units as they stand in a name, and as they are written. */
const WRITTEN: Record<string, string> = {
  ...{ lpm: 'L/min', kpa: 'kPa', ml: 'mL', cc: 'cc', mm: 'mm', n: 'N', kg: 'kg', km: 'km', c: '°C', h: 'h' },
  ...{ day: 'day', rev: 'turn' },
}
const RATE = /^(?:(.*?)_)??(?:([a-z]+)_)?per_([a-z0-9]+)$/

/**
 * What a name that holds a rate is about and counted in: slip_lpm_per_kpa is slip in L/min per kPa. A rate is no pressure, length or heat,
 * and never turned into another unit as one.
 * @returns null for a name without a rate; `about` is empty where the name is nothing but its unit
 */
export function rateOf(name: string): { about: string; unit: string } | null {
  const [all, before, last, under] = RATE.exec(name) ?? []
  if (!all || !under) return null
  const below = WRITTEN[under] ?? under
  const above = last && WRITTEN[last]
  const about = above ? (before ?? '') : [before, last].filter(Boolean).join('_')
  return { about, unit: above ? `${above} per ${below}` : `per ${below}` }
}
