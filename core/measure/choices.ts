import type { Mark } from '../judgement'
import { JOURNAL_SPAN, journalGrid, journalUndersize } from './crank'
import { baseGasket } from './squish'
import { shimSelect } from './valves'

/** What a reading is held against when a size is to be chosen. mm; `show` writes a length in the unit of the tool. */
export interface ChoiceContext {
  least: number | null
  most: number | null
  show(mm: number): string
}
export interface Advice {
  words: string[]
  /** replaces the mark of the figure where the choice decides */ mark?: Mark
}

/** Nearest sold size may miss the aim by this much, mm. Shop judgement: gaskets are sold in steps of 0.1 mm and crush. */
const NEAR_MM = 0.1

/** Nothing on the list, or no list at all, told apart. */
const noList = (sold: number[], what: string): string[] =>
  sold.length ? [] : [`Type which ${what} are sold, crushed thickness in mm.`]

/** What gasket would be exact; under nothing, no gasket can do it. */
function exact(needed: number, show: (mm: number) => string): Advice | null {
  return needed < -1e-9
    ? {
        mark: 'past',
        words: [
          `No gasket can reach this figure: it would have to be ${show(-needed)} less than nothing. Look at the figure again and ask a second source; else the deck, the base or the rod is not what the book means.`,
        ],
      }
    : null
}

/** The base gasket for a squish. [squish now, gasket now (crushed), squish wanted], mm. */
export function gasketAdvice(
  [now = 0, gasket = 0, aim = 0]: number[],
  sold: number[],
  { least, show }: ChoiceContext,
): Advice {
  const needed = gasket + aim - now
  const never = exact(needed, show)
  if (never) return never
  const chosen = baseGasket({
    squishNowMm: now,
    gasketNowMm: gasket,
    availableMm: sold,
    targetSquishMm: aim,
    minSquishMm: least ?? 0,
    boreMm: null,
    strokeMm: null,
    clearanceNowCc: null,
    crMax: null,
  })
  if (chosen.status === 'no_option' || chosen.gasketMm === null || chosen.squishMm === null)
    return {
      ...(sold.length && { mark: 'past' as const }),
      words: sold.length
        ? [
            `No gasket that is sold keeps the least squish${least === null ? '' : ` of ${show(least)}`}; exact would be ${show(needed)}.`,
          ]
        : noList(sold, 'gaskets'),
    }
  const off = Math.abs(chosen.squishMm - aim)
  return {
    words: [
      `Gasket ${show(chosen.gasketMm)} gives a squish of ${show(chosen.squishMm)}${off > NEAR_MM ? `: ${show(off)} off what is wanted, and nothing sold is nearer` : ''}; exact would be ${show(needed)}.`,
    ],
    ...(off > NEAR_MM && { mark: 'near' as const }),
  }
}

/** The gasket for how far a piston stands out of the block. [stands out now, gasket now, should stand out], mm. */
export function protrusionAdvice(
  [now = 0, gasket = 0, aim = 0]: number[],
  sold: number[],
  { show }: ChoiceContext,
): Advice {
  const needed = gasket + now - aim
  const bare = `With none it would stand out ${show(now + gasket)}.`
  const never = exact(needed, show)
  if (never) return { ...never, words: [bare, ...never.words] }
  // standing out is squish upside down: a thicker gasket lets it stand out less
  const chosen = baseGasket({
    squishNowMm: -now,
    gasketNowMm: gasket,
    availableMm: sold,
    targetSquishMm: -aim,
    minSquishMm: -Infinity,
    boreMm: null,
    strokeMm: null,
    clearanceNowCc: null,
    crMax: null,
  })
  if (chosen.gasketMm === null || chosen.squishMm === null) return { words: [bare, ...noList(sold, 'gaskets')] }
  const off = Math.abs(-chosen.squishMm - aim)
  return {
    words: [
      bare,
      `Exact would be ${show(needed)}; ${off > NEAR_MM ? `no gasket that is sold can reach this figure, the nearest is ${show(chosen.gasketMm)}` : `gasket ${show(chosen.gasketMm)}`}, standing out ${show(-chosen.squishMm)}.`,
    ],
    ...(off > NEAR_MM && { mark: 'past' as const }),
  }
}

/** The shim for a lash. [lash as found, shim now], mm; least and most are the band. */
export function shimAdvice(
  [lash = 0, shim = 0]: number[],
  sold: number[],
  { least, most, show }: ChoiceContext,
): Advice {
  if (least === null || most === null)
    return { words: ['The band is not known: put it on the sheet before a shim is chosen.'] }
  const chosen = shimSelect({
    oldShimMm: shim,
    measuredMm: lash,
    loMm: least,
    hiMm: most,
    availableMm: sold,
    targetMm: null,
  })
  switch (chosen.status) {
    case 'in_spec':
      return { words: [`In its band: the shim of ${show(shim)} stays.`] }
    case 'zero_lash':
      return {
        words: [
          'No lash can be felt: what is under nothing is not known.',
          chosen.tryShimMm
            ? `Fit ${show(chosen.tryShimMm)}, turn it over by hand and measure again.`
            : 'Type which shims are at hand.',
        ],
      }
    case 'ok':
      return {
        words: [
          `Shim ${show(chosen.newShimMm ?? 0)} gives ${show(chosen.lashMm ?? 0)}; exact would be ${show(chosen.idealMm)}. Read it again after it is fitted.`,
        ],
      }
    case 'no_option':
      return {
        words: [
          sold.length
            ? `No shim at hand brings it into its band; exact would be ${show(chosen.idealMm)}.`
            : `Exact would be ${show(chosen.idealMm)}. Type which shims are at hand.`,
        ],
      }
  }
}

type Pair = [number, number]
const rowsOf = ([a = 0, b = 0, c = 0, d = 0]: number[]): [Pair, Pair] => [
  [a, b],
  [c, d],
]

/** Out-of-round and taper of a small journal, mm. Rule of thumb, general engine-machining practice; near, never condemned. */
const ROUND_MM = 0.02

/** A pin or journal at both ends, two ways each, and its standard size. mm; sold are the undersizes of shells or rods. */
export function journalAdvice(reads: number[], sold: number[], { show }: ChoiceContext): Advice {
  const nominalMm = reads[4] ?? 0
  const { smallestMm, wearMm, outOfRoundMm, taperMm } = journalGrid({
    readingsMm: rowsOf(reads),
    nominalMm,
    housingMm: null,
  })
  const uneven = Math.max(outOfRoundMm, taperMm ?? 0) > ROUND_MM + 1e-9
  const words = [`Worn ${show(wearMm)}, out of round ${show(outOfRoundMm)}, taper ${show(taperMm ?? 0)}.`]
  if (!uneven) return { words }
  const next = journalUndersize({ nominalMm, smallestMm, sizesMm: sold, minGrindDiaMm: 0.05 })
  words.push(
    next.status === 'ok'
      ? `It cleans up at −${next.undersizeMm} mm, ground to ${show(next.grindToMm ?? 0)}: only with shells or a rod of that size in hand, and the hard skin deep enough.`
      : sold.length
        ? 'No undersize that is sold cleans it up: another crank, or a new pin and rod.'
        : 'Uneven: type which undersizes are sold. A pressed-up small crank is not ground; it gets a new pin and rod.',
  )
  return { words, mark: 'near' }
}

/** Whether readings of a journal are of that size at all. */
export function journalFault(reads: number[]): { at: number; message: string } | null {
  const nominal = reads[4] ?? 0
  const at = reads.slice(0, 4).findIndex(r => r < JOURNAL_SPAN[0] * nominal || r > JOURNAL_SPAN[1] * nominal)
  return at < 0 ? null : { at, message: 'That is no size near the standard one: look at the decimal point.' }
}

/** A seal or ring squeezed by less than this share of its height seals no more when it is hot. Rule of thumb. */
const SQUEEZE = 0.08

/** What squeezes a seal or an O-ring, the old one beside a new one. [old, new, seat or groove], mm. */
export function squeezeAdvice([old = 0, fresh = 0, seat = 0]: number[], _: number[], { show }: ChoiceContext): Advice {
  const lost = fresh > 0 ? (100 * (fresh - old)) / fresh : 0
  const share = (height: number): number => (height > 0 ? Math.round((100 * (height - seat)) / height) : 0)
  const words = [
    `The old one is squeezed by ${show(Math.max(0, old - seat))} (${Math.max(0, share(old))} %), a new one by ${show(fresh - seat)} (${share(fresh)} %); it has lost ${lost.toFixed(1)} % of its height.`,
  ]
  return share(old) / 100 < SQUEEZE ? { words, mark: 'near' } : { words }
}
