import { z } from 'zod'
import { moneyMinor } from '../../schema/quantities'
import { idText, keyOf, optionalText, shortText } from '../../schema/words'
import { AGREED_HOW, WAYS } from '../../words/deciding'
import { estimateLine } from '../option/schema'

export const frozen = z.strictObject({
  name: shortText('Option', 80),
  way: keyOf(WAYS, 'Way'),
  lines: z.array(estimateLine),
  currency: z.string().length(3),
  labourRateMinor: moneyMinor('Labour rate'),
  taxPct: z.number().min(0).max(100),
  mean: z.number().min(0),
  p10: z.number().min(0),
  p50: z.number().min(0),
  p90: z.number().min(0),
  reasons: z.array(z.string().max(1000)).max(40),
})

export const schema = z.strictObject({
  optionEntryId: idText('Option'),
  frozen,
  agreedBy: shortText('Who agreed', 120),
  how: keyOf(AGREED_HOW, 'How it was agreed'),
  conditions: optionalText('Conditions', 1000),
})

export interface ApprovalBody extends z.infer<typeof schema> {}
/** What the owner agreed to, as it stood on the screen at that moment; money in major units. */
export type FrozenOption = ApprovalBody['frozen']
