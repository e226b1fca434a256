import { keptOf } from '../kept'
import type { Before, Refusing } from '../room'
import type { EntryOf } from '../types'

/** Lash as found is written down before anybody turns a screw, and stays as it was once it was set. */
export function refuseLash(entry: EntryOf<'lash'>, { inForce }: Before): Refusing | null {
  const standing = keptOf(inForce).lash
  const asFound = standing.find(e => e.body.state === 'as_found')
  if (entry.body.state === 'set' && (!asFound || asFound.id === entry.supersedes))
    return {
      message: 'Read the lash as found and log it first: once a screw is turned, nobody can know what it was.',
      field: 'body.state',
      hint: 'Log it as found first.',
    }
  const locked =
    entry.supersedes !== null && entry.supersedes === asFound?.id && standing.some(e => e.body.state === 'set')
  return locked
    ? { message: 'The lash as found is locked: it has been set since. Write what is to be said into a note.' }
    : null
}
