import type { Before, Refusing } from '../room'
import { keptOf } from '../kept'
import type { EntryOf } from '../types'

/** How a cover lay is written down before it comes off, and stays as it was written once it is off. */
export function refuseAsFound(entry: EntryOf<'as_found'> | EntryOf<'void'>, { inForce }: Before): Refusing | null {
  const target = entry.supersedes === null ? undefined : keptOf(inForce).as_found.find(e => e.id === entry.supersedes)
  const name = (words: string): string => words.trim().toLowerCase()
  const covers = [target?.body.cover, 'cover' in entry.body ? entry.body.cover : undefined].flatMap(c =>
    c === undefined ? [] : [name(c)],
  )
  const off = keptOf(inForce).fasteners.find(e => covers.includes(name(e.body.cover)))
  return off
    ? {
        message: `${off.body.cover} is off already: what it looked like before can't be written down now. Write what is remembered into a note.`,
        field: 'body.cover',
        hint: 'Its fasteners are logged already.',
      }
    : null
}
