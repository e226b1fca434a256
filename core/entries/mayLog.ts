import type { ShopPolicy } from '../engine/policy'
import type { Role } from '../people/roles'
import { may, whoMay } from '../people/roles'
import type { Refusing } from './room'
import { rightFor } from './rooms'
import type { EntryKind } from './types'

/** Somebody at the bench, as far as it decides what they may log. */
export interface Logger {
  role: Role
  /** signs what asks for a senior */
  senior: boolean
}

/** Whether somebody may log entries of a kind at all; a page shows no way to others. */
export const mayLog = ({ role }: Logger, kind: EntryKind): boolean => may(role, rightFor(kind))

/**
 * Why somebody may not log an entry; null where they may.
 * @param kind of the entry; for an undoing, of what it undoes
 */
export function loggerRefusal(who: Logger, kind: EntryKind, { signers }: Pick<ShopPolicy, 'signers'>): Refusing | null {
  if (!mayLog(who, kind))
    return { message: `This is logged by ${whoMay(rightFor(kind))}. Let one of them log it.`, field: 'kind' }
  if (kind === 'sign_off' && signers === 'senior' && !who.senior)
    return {
      message: 'A stop is signed by a senior of this shop. Let a senior come to the bench and sign it.',
      field: 'by',
    }
  return null
}
