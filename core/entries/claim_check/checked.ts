import type { ClaimCheckBody } from './schema'
import type { Entry } from '../types'
import { keptOf } from '../kept'

/** What became of a claim, by the newest word on it. */
export const checkedAs = (claimId: string, inForce: Entry[]): ClaimCheckBody['state'] | undefined =>
  keptOf(inForce)
    .claim_check.filter(e => e.body.claimId === claimId)
    .at(-1)?.body.state
