import type { ShopPolicy } from '../engine/policy'
import type { Logger } from './signers'
import { signerRefusal } from './signers'
import { may, whoMay } from '../people/roles'
import type { Refusing } from './room'
import { KINDS, rightFor } from './rooms'
import type { EntryKind } from './types'

/** Whether somebody may log entries of a kind at all; a page shows no way to others. */
export const mayLog = ({ role }: Logger, kind: EntryKind): boolean => may(role, rightFor(kind))

/** All kinds that somebody may log, for a page that does not hold the rooms themselves. */
export const kindsFor = (who: Logger): EntryKind[] => KINDS.filter(kind => mayLog(who, kind))

/**
 * Why somebody may not log an entry; null where they may.
 * @param kind of the entry; for an undoing, of what it undoes
 */
export function loggerRefusal(who: Logger, kind: EntryKind, { signers }: Pick<ShopPolicy, 'signers'>): Refusing | null {
  if (!mayLog(who, kind))
    return { message: `This is logged by ${whoMay(rightFor(kind))}. Let one of them log it.`, field: 'kind' }
  return kind === 'sign_off' ? signerRefusal(who, { signers }) : null
}
