import { z } from 'zod'
import { day, moneyMinor } from '../../schema/quantities'
import { keyOf, nullable, optionalText, shortText } from '../../schema/words'
import { ORDER_STATES } from '../../words/deciding'

export const schema = z
  .strictObject({
    what: shortText('Part', 200),
    number: optionalText('Number', 60),
    supplier: shortText('Supplier', 80),
    priceMinor: nullable(moneyMinor('Price')),
    state: keyOf(ORDER_STATES, 'It is'),
    orderedOn: day('Ordered'),
    dueOn: nullable(day('Due')),
    note: optionalText('What they answered', 400),
  })
  .refine(o => o.state !== 'ordered' || o.dueOn !== null, {
    path: ['dueOn'],
    message: 'Say when it is due: the day the job can be ready hangs on it.',
  })
  .refine(o => o.dueOn === null || o.dueOn >= o.orderedOn, {
    path: ['dueOn'],
    message: "It can't be due before it was ordered.",
  })

/** A part asked for or ordered of one supplier; `what` is the line's own words. */
export interface OrderBody extends z.infer<typeof schema> {}
