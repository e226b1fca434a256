import type { Cause, CauseGroup, Check, LinkWord, Sign } from './types'
import { LINK_WORDS } from './types'

/** A cause as it is written down: the signs it shows stand behind the word for how often, with a space between. */
export interface WrittenCause
  extends Omit<Cause, 'id' | 'name' | 'group' | 'shows' | 'madeBy'>, Partial<Record<LinkWord, string>> {
  /** a state: ids of the causes that make it, with a space between */
  madeBy?: string
}

/** A check as it is written down; its signs are a table: sign, what is seen, how often it shows without a known cause. */
export interface WrittenCheck extends Omit<Check, 'id' | 'name' | 'shows'> {
  signs: string
}

const words = (list: string): string[] => list.split(/\s+/).filter(Boolean)

/** One cause: its id, its name, and what is known of it. The group comes from the file that it stands in. */
export function cause(id: string, name: string, written: WrittenCause): Omit<Cause, 'group'> {
  const { always, often, sometimes, seldom, hardly, madeBy, ...rest } = written
  const said = { always, often, sometimes, seldom, hardly }
  const shows = Object.fromEntries(
    (Object.keys(LINK_WORDS) as LinkWord[]).flatMap(word => (said[word] ? [[word, words(said[word])]] : [])),
  )
  return { id, name, ...rest, ...(madeBy && { madeBy: words(madeBy) }), shows }
}

/** The causes of one file, all of one part of the engine. */
export const inGroup = (group: CauseGroup, causes: Omit<Cause, 'group'>[]): Cause[] =>
  causes.map(c => ({ ...c, group }))

/**
 * One check: its id, its name, how it is done, and a table of the signs that it can show, a line each. Two spaces or more stand between
 * the columns.
 * @throws RangeError for a line that is no sign: a slip of the pen is found when the program starts, not when it judges
 */
export function check(id: string, name: string, { signs, ...rest }: WrittenCheck): Check {
  const shows = signs
    .split('\n')
    .filter(line => line.trim())
    .map((line): Sign => {
      const [sign = '', seen = '', leak = ''] = line.trim().split(/\s{2,}/)
      const chance = Number(leak)
      if (!/^[a-z_]+$/.test(sign) || !seen || !(chance > 0 && chance < 1))
        throw new RangeError(
          `Check ${id}: “${line.trim()}” is no sign. Write: sign  what is seen  how often by itself.`,
        )
      return { id: sign, seen, leak: chance }
    })
  return { id, name, ...rest, shows }
}
