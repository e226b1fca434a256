import { InputError, TIE } from '../errors'
import type { Mark } from '../judgement'
import { roundHalfAway } from '../units/unitRound'
import { mixBlend } from './mixBlend'
import { mixCorrect } from './mixCorrect'
import { mixForTotal, mixRatio } from './mixMake'

/** A can that is this little off the wanted ratio is left as it is, as a share. */
export const MIX_TOLERANCE = 0.02

export type MixAsk =
  | { task: 'make'; makerRatio: number; wantedRatio: number; totalMl: number }
  | { task: 'right'; makerRatio: number; wantedRatio: number; fuelMl: number; oilMl: number; canMl: number }
  | {
      task: 'blend'
      makerRatio: number
      wantedRatio: number
      remainderMl: number
      remainderRatio: number | null
      freshFuelMl: number
      canMl: number
    }

/** What is in the can, what is poured off and in, in mL. */
export interface CanLayers {
  fuelMl: number
  oilMl: number
  drainMl: number
  addMl: number
  addOf: 'oil' | 'fuel' | null
}

export interface MixPlan {
  mark: Mark
  headline: string
  /** the one amount to pour in; null when nothing is poured */
  pourMl: number | null
  pourOf: 'oil' | 'fuel' | null
  steps: string[]
  layers: CanLayers
  /** what the can holds now; null for straight fuel or an empty can */
  ratioNow: number | null
}

export const ratioText = (ratio: number): string => `${roundHalfAway(ratio, ratio < 100 ? 1 : 0)} : 1`

/** The words of a ratio against the maker's: less oil than he asks for stops the machine. */
export function judgeRatio(
  ratio: number | null,
  makerRatio: number,
): { mark: Mark; words: string; tooLean: boolean; tooRich: boolean } {
  if (ratio === null)
    return { mark: 'past', words: "No oil in it: don't run a two-stroke on it", tooLean: true, tooRich: false }
  const share = makerRatio / ratio
  if (share < 1 - MIX_TOLERANCE - TIE)
    return {
      mark: 'past',
      words: `Too lean in oil: ${ratioText(ratio)}, ${Math.round(100 * share)} % of the oil it needs`,
      tooLean: true,
      tooRich: false,
    }
  if (share > 1.5)
    return {
      mark: 'near',
      words: `Rich in oil: ${ratioText(ratio)}; smoke, a fouled plug, carbon`,
      tooLean: false,
      tooRich: true,
    }
  if (share > 1 + MIX_TOLERANCE)
    return {
      mark: 'good',
      words: `A step richer than the maker's: ${ratioText(ratio)}`,
      tooLean: false,
      tooRich: false,
    }
  return { mark: 'good', words: `As the maker asks: ${ratioText(ratio)}`, tooLean: false, tooRich: false }
}

/**
 * What to pour, in what order, for a can of two-stroke mix.
 * @param show a volume in the shop's own unit, for the steps
 * @throws InputError `out_of_range` on wantedRatio when it asks for less oil than the maker does; as mixCorrect and mixBlend otherwise
 */
export function mixPlan(ask: MixAsk, show: (ml: number) => string): MixPlan {
  if (ask.wantedRatio > ask.makerRatio + TIE) {
    throw new InputError(
      'out_of_range',
      'wantedRatio',
      `${ratioText(ask.wantedRatio)} has less oil than the maker's ${ratioText(ask.makerRatio)}. One lean can may end piston, bore and bearings: it is refused.`,
    )
  }
  switch (ask.task) {
    case 'make':
      return make(ask, show)
    case 'right':
      return right(ask, show)
    case 'blend':
      return blend(ask, show)
  }
}

const SHAKE = 'Close the can and turn it over for a minute.'

function make({ totalMl, wantedRatio }: Extract<MixAsk, { task: 'make' }>, show: (ml: number) => string): MixPlan {
  const { oilMl, fuelMl } = mixForTotal({ totalMl, ratio: wantedRatio })
  return {
    mark: 'good',
    headline: `${show(oilMl)} of oil in ${show(fuelMl)} of fuel`,
    pourMl: oilMl,
    pourOf: 'oil',
    steps: [
      `Pour half of the fuel, ${show(fuelMl / 2)}.`,
      `Pour ${show(oilMl)} of two-stroke oil.`,
      SHAKE,
      `Pour the rest of the fuel, to ${show(totalMl)}, and shake again.`,
      'Label it: ratio, oil, date.',
    ],
    layers: { fuelMl, oilMl: 0, drainMl: 0, addMl: oilMl, addOf: 'oil' },
    ratioNow: null,
  }
}

function right(
  { fuelMl, oilMl, canMl, wantedRatio, makerRatio }: Extract<MixAsk, { task: 'right' }>,
  show: (ml: number) => string,
): MixPlan {
  const now = fuelMl > 0 ? mixRatio({ fuelMl, oilMl }).ratio : null
  const judged = fuelMl > 0 ? judgeRatio(now, makerRatio) : { mark: 'near' as const, words: 'Oil without fuel' }
  const { action, addMl, drainMl, finalTotalMl } = mixCorrect({
    fuelMl,
    oilMl,
    targetRatio: wantedRatio,
    capacityMl: canMl,
    tolFrac: MIX_TOLERANCE,
  })
  const what = action.endsWith('fuel') ? ('fuel' as const) : ('oil' as const)
  const steps =
    action === 'none'
      ? ['Nothing to do: it is as wanted.']
      : [
          ...(drainMl > 0
            ? [
                `Shake it, then pour ${show(drainMl)} off into a can of its own and label that: it is kept, not thrown away.`,
              ]
            : []),
          `Pour in ${show(addMl)} of ${what === 'oil' ? 'two-stroke oil' : 'fresh fuel'}.`,
          SHAKE,
          `It is now ${ratioText(wantedRatio)}, ${show(finalTotalMl)}${drainMl > 0 ? ', and full' : `; ${show(canMl - finalTotalMl)} of room is left`}.`,
          ...(judged.mark === 'past'
            ? [
                'Drain the tank of every machine that was filled from it. Look at the exhaust side of the piston, at the mains and the big end, before it goes back to work.',
              ]
            : []),
        ]
  return {
    mark: judged.mark,
    headline: judged.words,
    pourMl: action === 'none' ? null : addMl,
    pourOf: action === 'none' ? null : what,
    steps,
    layers: { fuelMl, oilMl, drainMl, addMl, addOf: action === 'none' ? null : what },
    ratioNow: now,
  }
}

function blend(
  { remainderMl, remainderRatio, freshFuelMl, canMl, wantedRatio }: Extract<MixAsk, { task: 'blend' }>,
  show: (ml: number) => string,
): MixPlan {
  const { oilAddMl, finalRatio, status, extraFuelMl, totalMl } = mixBlend({
    remainderMl,
    remainderRatio,
    freshFuelMl,
    targetRatio: wantedRatio,
    tolFrac: MIX_TOLERANCE,
  })
  const oilThere = remainderRatio === null ? 0 : remainderMl / (remainderRatio + 1)
  const over = totalMl - canMl
  if (over > TIE)
    throw new InputError(
      'inconsistent',
      'freshFuelMl',
      `That is ${show(totalMl)} in a can that holds ${show(canMl)}: pour in ${show(over)} less fuel.`,
    )
  const rich = status === 'too_rich'
  const layers: CanLayers = {
    fuelMl: remainderMl - oilThere + freshFuelMl,
    oilMl: oilThere,
    drainMl: 0,
    addMl: rich ? extraFuelMl : oilAddMl,
    addOf: rich ? 'fuel' : oilAddMl > 0 ? 'oil' : null,
  }
  return {
    mark: rich ? 'near' : 'good',
    headline: rich
      ? `No oil needed: ${ratioText(finalRatio)} is rich already`
      : oilAddMl > 0
        ? `${show(oilAddMl)} of oil onto the remainder`
        : 'The remainder carries enough oil',
    pourMl: rich ? extraFuelMl : oilAddMl > 0 ? oilAddMl : null,
    pourOf: layers.addOf,
    steps: [
      `Pour in ${show(freshFuelMl)} of fresh fuel.`,
      ...(rich
        ? [`Add no oil. ${show(extraFuelMl)} more fuel would bring it to ${ratioText(wantedRatio)}.`]
        : oilAddMl > 0
          ? [`Pour in ${show(oilAddMl)} of two-stroke oil.`]
          : []),
      SHAKE,
      `It is now ${ratioText(finalRatio)}, ${show(totalMl)}. Label it by the older of its two dates.`,
    ],
    layers,
    ratioNow: remainderRatio,
  }
}

/** How a year's work compares under the maker's ratio and the richer school; a step richer costs about one plug more a year (shop judgement). */
export function compareSchools({
  makerRatio,
  richerRatio,
  fuelLPerYear,
  oilPerL,
  plugPrice,
  plugsPerYear,
}: {
  makerRatio: number
  richerRatio: number
  fuelLPerYear: number
  oilPerL: number
  plugPrice: number
  plugsPerYear: number
}) {
  const year = (ratio: number, plugs: number) => {
    const oilL = fuelLPerYear / ratio
    return { ratio, oilL, plugs, money: oilL * oilPerL + plugs * plugPrice, fuelSharePct: (100 * ratio) / (ratio + 1) }
  }
  const maker = year(makerRatio, plugsPerYear)
  const richer = year(richerRatio, plugsPerYear + (richerRatio < makerRatio ? 1 : 0))
  return { maker, richer, morePerYear: richer.money - maker.money }
}
