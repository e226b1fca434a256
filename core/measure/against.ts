import type { EngineFacts } from '../engine/facts'
import type { Mark } from '../judgement'
import type { HowGot } from '../log/words'
import type { SpecItem } from '../spec/specItems'
import type { SpecLookup, SpecSource, SpecValue } from '../spec/specValue'
import { SPEC_SOURCES, sourceWords, specFor } from '../spec/specValue'
import { shownIn } from '../units/unitRound'
import { guardBand } from '../wear/uncertainty'

/** What a figure is held against: the engine and its sheet. */
export interface Sheet {
  facts: EngineFacts
  spec: SpecValue[]
}

export interface Limit {
  value: number
  source: SpecSource
  words: string
}

/** The sheet's figure for an item, else a rule of thumb, else nothing. */
export function limitOf(file: Sheet, item: SpecItem | undefined, thumb: number | null, unit: string): Limit | null {
  const found: SpecLookup | undefined =
    item && specFor(item, file.spec, file.facts.engineClass, file.facts.displacementCc)
  if (found)
    return {
      value: found.value,
      source: found.source,
      words: `${shownIn(found.value, 'mm', unit)} (${sourceWords(found, 'mm', unit)})`,
    }
  return thumb === null
    ? null
    : {
        value: thumb,
        source: 'rule_of_thumb',
        words: `${unit === 'deg' ? `${thumb}°` : shownIn(thumb, 'mm', unit)} (${SPEC_SOURCES.rule_of_thumb})`,
      }
}

export interface Verdict {
  mark: Mark
  words: string
}

/**
 * A figure against its limits with the gauge's doubt counted: good, near, past, or can't tell. A rule of thumb never condemns,
 * and a look or a feel never does.
 */
export function against(
  value: number,
  lower: Limit | null,
  upper: Limit | null,
  U: number,
  how: HowGot | null,
): Verdict {
  if (!lower && !upper) return { mark: 'open', words: 'no limit is known for it: put one on the sheet' }
  const { state } = guardBand({ value, lower: lower?.value ?? null, upper: upper?.value ?? null, U, g: 1 })
  if (state === 'gauge_unfit') return { mark: 'open', words: 'this tool is too coarse for that limit' }
  if (state === 'accept') return { mark: 'good', words: 'within its limit' }
  if (state === 'doubtful')
    return { mark: 'open', words: 'too near the limit for this tool: read again, or take a finer one' }
  const crossed = upper && value > upper.value ? upper : lower
  if (how !== 'measured')
    return { mark: 'near', words: 'past its limit as it looks: take a figure before it is condemned' }
  return crossed?.source === 'rule_of_thumb'
    ? { mark: 'near', words: "past a rule of thumb, which condemns nothing: find the maker's figure" }
    : { mark: 'past', words: 'past its limit' }
}

/** A fit without clearance binds or seizes, whatever its most is; so near to none that the tool can't tell is read again. */
export function fitAgainst(
  value: number,
  lower: Limit | null,
  upper: Limit | null,
  U: number,
  how: HowGot | null,
): Verdict {
  if (value <= 1e-9)
    return {
      mark: how === 'measured' ? 'past' : 'near',
      words: `${value < -1e-9 ? 'less than no clearance' : 'no clearance'}: it binds or seizes, nothing goes together like that`,
    }
  if (lower === null && value < U - 1e-9)
    return { mark: 'open', words: "so near to no clearance that this tool can't tell: take a finer one" }
  return against(value, lower, upper, U, how)
}

/** The bore's size as far as the job knows it, mm: the sheet's. */
export const boreOf = (file: Sheet): number | null =>
  specFor('bore', file.spec, file.facts.engineClass, file.facts.displacementCc)?.value ?? null

/** Where nothing limits the figure itself, the choice speaks; otherwise the graver of the two. */
export function graver(figure: Mark, choice: Mark | undefined): Mark {
  const rank: readonly Mark[] = ['good', 'open', 'near', 'past']
  return choice && rank.indexOf(choice) > rank.indexOf(figure) ? choice : figure
}
