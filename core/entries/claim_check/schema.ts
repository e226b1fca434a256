import { z } from 'zod'
import { idText, keyOf } from '../../schema/words'
import { CLAIM_STATES } from '../../words/counter'

export const schema = z.strictObject({
  claimId: idText('Claim'),
  state: keyOf(CLAIM_STATES, 'What became of the claim'),
})

/** What the bench found of a claim; the claim itself stays as it was said. */
export interface ClaimCheckBody extends z.infer<typeof schema> {}
