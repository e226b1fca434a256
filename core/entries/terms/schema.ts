import { z } from 'zod'
import { USE_CLASSES } from '../../engine/words'
import { moneyMinor } from '../../schema/quantities'
import { keyOf, nullable } from '../../schema/words'
import { CAP_FOR } from '../../words/deciding'

export const schema = z
  .strictObject({
    useClass: keyOf(USE_CLASSES, 'Use'),
    runningValueMinor: nullable(moneyMinor('Value running')),
    asIsValueMinor: nullable(moneyMinor('Value as it is')),
    capMinor: nullable(moneyMinor('Spending cap')),
    /** what the cap is for; absent where nobody asked */
    capFor: keyOf(CAP_FOR, 'What the cap is for').nullish(),
    deadline: nullable(z.iso.date({ error: 'Wanted by: give a date, for example 2026-12-24.' })),
    dayLossMinor: nullable(moneyMinor('A day without it')),
    boughtMinor: nullable(moneyMinor('Bought for')),
    ownTimeFree: z
      .boolean()
      .nullish()
      .transform(free => free ?? false),
  })
  .refine(t => !t.ownTimeFree || t.boughtMinor !== null, {
    path: ['ownTimeFree'],
    message: "Own time is free only on the shop's own machine: say what it was bought for.",
  })

/** own time costs nothing, on the shop's own machine */
export interface TermsBody extends z.infer<typeof schema> {}
