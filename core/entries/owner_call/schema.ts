import { z } from 'zod'
import { moneyMinor } from '../../schema/quantities'
import { keyOf, nullable, optionalText } from '../../schema/words'
import { CALL_RESULTS } from '../../words/deciding'

export const schema = z
  .strictObject({
    result: keyOf(CALL_RESULTS, 'How the call ended'),
    answer: optionalText('What was said', 500),
    capMinor: nullable(moneyMinor('New cap')),
  })
  .refine(c => c.result === 'answered' || c.capMinor === null, {
    path: ['capMinor'],
    message: 'Nobody answered: the cap stays.',
  })
  .refine(c => c.result === 'no_answer' || c.answer !== null || c.capMinor !== null, {
    path: ['answer'],
    message: 'Write down what the owner said.',
  })

/** A call to the owner about money, whether or not anybody answered. */
export interface OwnerCallBody extends z.infer<typeof schema> {}
