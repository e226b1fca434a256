import type { JobFile } from '../file'
import type { Judgement } from '../../judgement'
import { fuelAge } from '../../mix/fuelAge'
import { mixRatio } from '../../mix/mixMake'
import { judgeRatio, ratioText } from '../../mix/mixPlan'
import { convert } from '../../units/unitConvert'
import { quantityText } from '../../units/unitRound'
import type { Logged } from '../../log/entry'
import type { MixBody } from './schema'

export interface MixJudgement extends Judgement {
  ratio: number | null
  tooLean: boolean
  tooRich: boolean
}

const AGE_WORDS = {
  fresh: 'Fuel is fresh.',
  use_soon: 'Fuel is getting old: use it soon.',
  discard: 'Fuel is too old to trust: not for this engine. Old fuel to its own can: follow your local rules.',
} as const

/** The can that a two-stroke was fed from, against the maker's ratio. */
export function judgeMix(entry: Logged<MixBody>, file: JobFile): MixJudgement {
  const { fuel, oil, makerRatio, fuelType, fuelDays, stabilised } = entry.body
  const ratio = mixRatio({
    fuelMl: convert(fuel.value, fuel.unit, 'mL'),
    oilMl: convert(oil.value, oil.unit, 'mL'),
  }).ratio
  const judged = judgeRatio(ratio, makerRatio)
  const details = [
    `${quantityText(oil.value, oil.unit)} of oil in ${quantityText(fuel.value, fuel.unit)} of fuel; the maker asks ${ratioText(makerRatio)}.`,
  ]
  const shop = file.policy.mixRatio
  if (shop !== null)
    details.push(
      shop > makerRatio
        ? `This shop mixes ${ratioText(shop)}: leaner than the maker's, so the maker's is used.`
        : `This shop mixes ${ratioText(shop)}, the maker ${ratioText(makerRatio)}: used is ${ratioText(Math.min(shop, makerRatio))}.`,
    )
  if (judged.tooLean) details.push('Look at piston and bore, and at the mains and the big end too.')
  if (file.facts.oiling === 'injection')
    details.push(
      'This engine pumps its own oil: mix in the tank only where the maker asks for it (running in, a dry pump).',
    )
  const age = fuelType && fuelDays !== null ? fuelAge({ days: fuelDays, fuelType, stabilised }).state : null
  if (age) details.push(AGE_WORDS[age])
  const mark =
    judged.mark === 'good' && age === 'discard'
      ? 'past'
      : judged.mark === 'good' && age === 'use_soon'
        ? 'near'
        : judged.mark
  return {
    entryId: entry.id,
    mark,
    headline: judged.words,
    details,
    ratio,
    tooLean: judged.tooLean,
    tooRich: judged.tooRich,
  }
}
