import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { SPEC_SOURCES, specFor } from '../../spec/specValue'
import type { Quantity } from '../../units/quantity'
import { convert } from '../../units/unitConvert'
import { quantityText, shownIn } from '../../units/unitRound'
import type { Logged } from '../../log/entry'
import { schoolWords } from '../../engine/schools'
import type { LashBody } from './schema'

export interface LashJudgement extends Judgement {
  asFound: boolean
  /** a valve may be held open */ tight: boolean
  /** a valve has more than the most it may have */ wide: boolean
  /** the widest, as a factor of its most; null where none was read */ times: number | null
  /** each valve that was read, by itself */ read: { valve: 'inlet' | 'exhaust'; mark: Mark; words: string }[]
}

/** Below this a feeler says nothing: the valve may be held open. mm. Shop judgement. */
const NOTHING_MM = 0.015

/** No lash that a feeler could find. */
export const noLash = ({ value, unit }: Quantity): boolean => convert(value, unit, 'mm') <= NOTHING_MM

/** Band for engines whose book is not at hand, mm. General workshop-manual practice. */
export const LASH_BAND = { low: 0.05, high: 0.25 } as const

interface Side {
  valve: 'inlet' | 'exhaust'
  mark: Mark
  words: string
  details: string[]
  tight: boolean
  wide: boolean
  times: number
}

/** Clearance at both valves, against the sheet where it says so. */
export function judgeLash(entry: Logged<LashBody>, file: JobFile): LashJudgement {
  const { inlet, exhaust, rockers, state } = entry.body
  const sides = [side('inlet', inlet, file), side('exhaust', exhaust, file)].filter(s => s !== null)
  const tight = sides.some(s => s.tight)
  const details = sides.flatMap(s => s.details)
  if (tight)
    details.push(
      rockers === 'stuck'
        ? 'A rocker is stuck: free it and test again before a seat is blamed.'
        : 'A valve held open reads as no compression. Free the rocker, slacken the adjuster, test again before a seat is blamed.',
    )
  else if (rockers === 'stuck') details.push('A rocker that does not move holds its valve: free it first.')
  if (state === 'as_found')
    details.push('As found: written down before anything was turned.', `${schoolWords(file.policy, 'valve_position')}.`)
  else details.push('Set, locked and measured again. Read it once more after the first run.')
  if (file.facts.release === 'automatic')
    details.push('Automatic release: go a little past top of compression, off its ramp, before the exhaust is read.')
  const marks = sides.map(s => s.mark)
  const mark: Mark =
    rockers === 'stuck' || marks.includes('past')
      ? 'past'
      : marks.includes('near')
        ? 'near'
        : marks.length
          ? 'good'
          : 'open'
  return {
    entryId: entry.id,
    mark,
    headline: `Lash ${state === 'set' ? 'set' : 'as found'}: ${sides.map(s => s.words).join(', ') || 'not read'}`,
    details,
    asFound: state === 'as_found',
    tight,
    wide: sides.some(s => s.wide),
    times: sides.length ? Math.max(...sides.map(s => s.times)) : null,
    read: sides.map(({ valve, mark: own, words }) => ({ valve, mark: own, words })),
  }
}

function side(valve: 'inlet' | 'exhaust', read: Quantity | null, file: JobFile): Side | null {
  if (!read) return null
  const mm = convert(read.value, read.unit, 'mm')
  const look = (end: 'min' | 'max') =>
    specFor(`lash_${valve}_${end}`, file.spec, file.facts.engineClass, file.facts.displacementCc)
  const [min, max] = [look('min'), look('max')]
  const source = min ?? max
  const low = min?.value ?? LASH_BAND.low
  const high = max?.value ?? (min ? min.value + 0.05 : LASH_BAND.high)
  const said = `${valve} ${quantityText(read.value, read.unit)}`
  const band = `${shownIn(low, 'mm', read.unit)} to ${shownIn(high, 'mm', read.unit)} (${source ? SPEC_SOURCES[source.source] : SPEC_SOURCES.rule_of_thumb})`
  const name = valve[0]?.toUpperCase() + valve.slice(1)
  if (noLash(read))
    return {
      valve,
      mark: 'past',
      words: `${valve} nothing`,
      details: [`${name} has no lash at all, expected ${band}.`],
      tight: true,
      wide: false,
      times: 0,
    }
  // a rule of thumb can make it doubtful, never condemn
  const out: Mark = source && source.source !== 'rule_of_thumb' ? 'past' : 'near'
  if (mm < low - 1e-9)
    return {
      valve,
      mark: out,
      words: said,
      details: [`${name} ${quantityText(read.value, read.unit)} is tight, expected ${band}.`],
      tight: false,
      wide: false,
      times: mm / high,
    }
  if (mm > high + 1e-9)
    return {
      valve,
      mark: out,
      words: said,
      details: [
        `${name} ${quantityText(read.value, read.unit)} is wide, ${(mm / high).toFixed(1)} times the most, expected ${band}: wear, a softened cam wheel, a loose adjuster or a bent rod; the release may not lift.`,
      ],
      tight: false,
      wide: true,
      times: mm / high,
    }
  return {
    valve,
    mark: 'good',
    words: said,
    details: [`${name} ${quantityText(read.value, read.unit)}, expected ${band}.`],
    tight: false,
    wide: false,
    times: mm / high,
  }
}
