import { z } from 'zod'
import { day, figureIn, length, moneyMinor } from '../../schema/quantities'
import { keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { OUTWORK_KINDS, OUTWORK_VERDICTS } from '../../words/deciding'

export const schema = z
  .strictObject({
    what: shortText('Work', 200),
    /** absent where nobody was asked */
    kind: nullable(keyOf(OUTWORK_KINDS, 'Kind of work')).optional(),
    shop: shortText('Which shop', 80),
    target: shortText('Target figure', 200),
    sentOn: nullable(day('Sent')),
    dueOn: nullable(day('Due')),
    days: nullable(figureIn('Days', 0, 365, 'days')),
    priceMinor: nullable(moneyMinor('Price')),
    returnedOn: nullable(day('Came back')),
    measured: nullable(length('Measured on return', 500)),
    verdict: keyOf(OUTWORK_VERDICTS, 'It is'),
    note: optionalText('Note', 400),
  })
  .refine(w => w.sentOn === null || w.dueOn === null || w.dueOn >= w.sentOn, {
    path: ['dueOn'],
    message: "It can't be due before it was sent.",
  })
  .refine(w => w.verdict === 'open' || w.returnedOn !== null, {
    path: ['returnedOn'],
    message: 'Say when it came back.',
  })
  .refine(w => w.verdict !== 'accepted' || w.measured !== null || w.note !== null, {
    path: ['measured'],
    message: "Measure it before it is accepted, or write why it can't be measured.",
  })
  .refine(w => w.verdict !== 'sent_back' || w.note !== null, {
    path: ['note'],
    message: 'Say what is wrong with it.',
  })

/** days it takes, where no day is known yet */
export interface OutworkBody extends z.infer<typeof schema> {}
