import type { Judgement } from '../../judgement'
import { REST_CARRIERS, REST_ITEMS } from '../../words/deciding'
import type { Logged } from '../../log/entry'
import type { RestCheckBody } from './schema'

export type RestKey = keyof typeof REST_ITEMS

export const REST_KEYS = Object.keys(REST_ITEMS) as RestKey[]

export const words = (keys: string[], of: Record<string, string>): string =>
  keys.map(k => of[k]?.toLowerCase()).join(', ')

/** The rest of the machine: whether it is worth an engine. */
export function judgeRest(entry: Logged<RestCheckBody>): Judgement {
  const at = (state: string): RestKey[] => REST_KEYS.filter(k => entry.body[k] === state)
  const [bad, worn, open] = [at('bad'), at('worn'), at('not_looked')]
  const carrier = bad.some(k => REST_CARRIERS.includes(k))
  const details = [
    ...(carrier ? ['Frame, gearbox or drive is bad: another engine in it is money lost.'] : []),
    ...(bad.includes('brakes')
      ? ['Brakes or guards are bad: it must not go back like that, whatever the engine does.']
      : []),
    ...(worn.length ? [`Worn: ${words(worn, REST_ITEMS)}. Put its price into the way that keeps the machine.`] : []),
    ...(open.length ? [`Not looked at: ${words(open, REST_ITEMS)}.`] : []),
  ]
  return {
    entryId: entry.id,
    mark: bad.length ? 'past' : open.length ? 'open' : worn.length ? 'near' : 'good',
    headline: `Rest of the machine: ${bad.length ? `bad ${words(bad, REST_ITEMS)}` : worn.length ? `worn ${words(worn, REST_ITEMS)}` : open.length ? 'not all looked at' : 'good'}`,
    details,
  }
}
