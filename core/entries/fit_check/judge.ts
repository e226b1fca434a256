import type { Judgement } from '../../judgement'
import { FIT_ITEMS } from '../../words/deciding'
import { words } from '../rest_check/judge'
import type { Logged } from '../../log/entry'
import type { FitCheckBody } from './schema'

export type FitKey = keyof typeof FIT_ITEMS

export const FIT_KEYS = Object.keys(FIT_ITEMS) as FitKey[]

/** Whether another engine goes into this frame. */
export function judgeFit(entry: Logged<FitCheckBody>): Judgement {
  const at = (state: string): FitKey[] => FIT_KEYS.filter(k => entry.body[k] === state)
  const [no, adapt, open] = [at('no'), at('adapt'), at('not_checked')]
  const details = [
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
