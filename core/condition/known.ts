import type { Fact } from '../log/facts'
import type { Condition } from './fold'
import { partOfSubject } from './fold'

/** What is known of one property of a part, at whichever place, in the order of the log. */
export const saidOf = ({ known }: Pick<Condition, 'known'>, part: string, property: string): Fact[] =>
  [...known.values()]
    .filter(k => k.property === property && partOfSubject(k.subject) === part)
    .flatMap(k => k.all)
    .sort((a, b) => a.seq - b.seq)

/** The newest word on it; null: nobody has looked. */
export const lastSaid = (condition: Pick<Condition, 'known'>, part: string, property: string): Fact | null =>
  saidOf(condition, part, property).at(-1) ?? null

/** The newest word on each of a list that is gone through as one, by its key: `rest:frame` under `frame`. */
export const lastOfEach = ({ known }: Pick<Condition, 'known'>, list: string): Map<string, Fact> =>
  new Map(
    [...known.values()].flatMap(({ subject, all }) => {
      const last = all.at(-1)
      return last && subject.startsWith(`${list}:`) ? [[subject.slice(list.length + 1), last] as const] : []
    }),
  )

/** Whether it stands past its limit now, at any place. */
export const pastNow = ({ known }: Pick<Condition, 'known'>, part: string, property: string): boolean =>
  [...known.values()].some(k => k.property === property && partOfSubject(k.subject) === part && k.now?.mark === 'past')
