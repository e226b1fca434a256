import { z } from 'zod'
import { keyOf, longText, optionalText, shortText } from '../../schema/words'
import { HAND_BACK_WAYS } from '../../words/deciding'

export const schema = z
  .strictObject({
    to: shortText('Handed to', 120),
    words: longText('What was said'),
    /** how it goes out; absent where nobody was asked */
    way: keyOf(HAND_BACK_WAYS, 'How it goes out').optional(),
    /** as it is: how the owner was told, and how it was made unable to run */
    told: optionalText('How the owner was told', 300).optional(),
    disabled: optionalText('How it was made unable to run', 300).optional(),
    /** tests that are owed, with the day or the running time at which they are due */
    owed: z
      .array(z.strictObject({ what: shortText('Owed test', 200), due: shortText('When it is due', 120) }))
      .max(20)
      .optional(),
  })
  .superRefine((b, check) => {
    const miss = (path: string, message: string): void => check.addIssue({ code: 'custom', path: [path], message })
    if (b.way === 'as_is' && !b.told) miss('told', 'Say how the owner was told that it must not be run.')
    if (b.way === 'as_is' && !b.disabled)
      miss('disabled', 'Say how it was made unable to run: plug lead off and tied, belt off, key kept.')
    if (b.way === 'test_owed' && !b.owed?.length) miss('owed', 'Say which tests are owed, and when each is due.')
  })

export interface HandBackBody extends z.infer<typeof schema> {}
