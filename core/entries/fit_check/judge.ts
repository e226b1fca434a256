import type { Judgement } from '../../judgement'
import { FIT_ITEMS } from '../../words/deciding'
import { convert } from '../../units/unitConvert'
import { quantityText } from '../../units/unitRound'
import { words } from '../rest_check/judge'
import type { Logged } from '../../log/entry'
import type { FitCheckBody } from './schema'

export type FitKey = keyof typeof FIT_ITEMS

export const FIT_KEYS = Object.keys(FIT_ITEMS) as FitKey[]

/** A shaft goes into its hub within this, mm; longer than needed is shortened, shorter is not made longer. Shop judgement. */
const SHAFT_MM = 0.1

const mm = (q: FitCheckBody['shaftHas']): number | null => (q ? convert(q.value, q.unit, 'mm') : null)

/** What its figures say by themselves: a shaft of another size, or one too short. */
export function figuresSay({ shaftHas, shaftNeeds, lengthHas, lengthNeeds }: FitCheckBody): {
  shaft: boolean | null
  length: boolean | null
} {
  const [has, needs] = [mm(shaftHas), mm(shaftNeeds)]
  const [long, wanted] = [mm(lengthHas), mm(lengthNeeds)]
  return {
    shaft: has === null || needs === null ? null : Math.abs(has - needs) <= SHAFT_MM + 1e-9,
    length: long === null || wanted === null ? null : long >= wanted - 1e-9,
  }
}

/** How one point stands: a figure speaks over a chip, a shaft of another size fits by no tick. */
export function fitState(body: FitCheckBody, key: FitKey): FitCheckBody[FitKey] {
  const by: Partial<Record<FitKey, boolean | null>> = figuresSay(body)
  return by[key] === false ? 'no' : by[key] && body[key] === 'not_checked' ? 'fits' : body[key]
}

function figureWords(body: FitCheckBody): string[] {
  const { shaft, length } = figuresSay(body)
  const show = (q: FitCheckBody['shaftHas']): string => (q ? quantityText(q.value, q.unit) : '')
  return [
    ...(shaft === null
      ? []
      : [`Shaft ${show(body.shaftHas)}, needed ${show(body.shaftNeeds)}: ${shaft ? 'fits' : 'another size'}.`]),
    ...(length === null
      ? []
      : [`Length ${show(body.lengthHas)}, needed ${show(body.lengthNeeds)}: ${length ? 'long enough' : 'too short'}.`]),
  ]
}

/** Whether another engine goes into this frame. */
export function judgeFit(entry: Logged<FitCheckBody>): Judgement {
  const at = (state: string): FitKey[] => FIT_KEYS.filter(k => fitState(entry.body, k) === state)
  const [no, adapt, open] = [at('no'), at('adapt'), at('not_checked')]
  const details = [
    ...figureWords(entry.body),
    ...(no.length ? [`Doesn't fit: ${words(no, FIT_ITEMS)}.`] : []),
    ...(adapt.length ? [`With an adapter: ${words(adapt, FIT_ITEMS)}. Price it.`] : []),
    ...(open.length ? [`Not checked: ${words(open, FIT_ITEMS)}. Measure before it is ordered.`] : []),
  ]
  return {
    entryId: entry.id,
    mark: no.length ? 'past' : open.length ? 'open' : adapt.length ? 'near' : 'good',
    headline: `${entry.body.engine}: ${no.length ? 'does not fit' : open.length ? 'fit not all checked' : adapt.length ? 'fits with adapters' : 'fits'}`,
    details,
  }
}
