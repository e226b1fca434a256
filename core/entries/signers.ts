import type { ShopPolicy } from '../engine/policy'
import type { Refusing } from './room'
import type { Role } from '../people/roles'

/** Somebody at the bench, as far as it decides what they may log. */
export interface Logger {
  role: Role
  /** signs what asks for a senior */
  senior: boolean
}

/** Why somebody may not take a stop on by their name, by the shop's rule; null where they may. */
export function signerRefusal({ senior }: Logger, { signers }: Pick<ShopPolicy, 'signers'>): Refusing | null {
  if (signers !== 'senior' || senior) return null
  return {
    message: 'A stop is signed by a senior of this shop. Let a senior come to the bench and sign it.',
    field: 'by',
  }
}
