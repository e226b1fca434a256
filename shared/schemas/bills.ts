import { lineNet } from '#core/handover/bill'
import { count, idText, keyOf, optionalText, shortText } from '#core/schema/words'
import { PAID_BY, TAX_MODES } from '#core/words/bill'
import { z } from 'zod'

const per100 = (what: string) =>
  z
    .number({ error: `${what}: type a figure in per cent.` })
    .min(0, `${what} can't be negative.`)
    .max(100, `${what} can't be more than 100 %.`)
const minor = (what: string) =>
  z
    .number({ error: `${what}: type an amount.` })
    .int(`${what} has too many decimals.`)
    .min(0, `${what} can't be negative.`)
    .max(1e10, `${what} is too large: check the decimal point.`)

const lineSchema = z.strictObject({
  text: shortText('What is charged', 200),
  detail: optionalText('Beside it', 200),
  minor: minor('Amount'),
  taxPct: per100('Tax of the line'),
  discountPct: per100('Discount on the line'),
})

export const billDraftSchema = z
  .strictObject({
    to: z.strictObject({
      name: shortText('Name of the owner', 120),
      contact: optionalText('Address of the owner', 300),
      taxNumber: optionalText('Tax number of the owner', 40),
    }),
    lines: z.array(lineSchema).min(1, 'A bill has at least one line.').max(200, 'A bill can have 200 lines at most.'),
    discountMinor: minor('Discount in all'),
    tax: keyOf(TAX_MODES, 'Tax'),
    taxWhy: optionalText('Why no tax is charged', 300),
    payDays: count('Days to pay', 0, 365),
    words: optionalText('Words on the bill', 1000),
  })
  .superRefine((bill, check) => {
    const miss = (path: string, message: string): void =>
      check.addIssue({ code: 'custom', path: path.split('.'), message })
    if (bill.tax !== 'charged' && bill.taxWhy === null)
      miss('taxWhy', 'Say why no tax is charged: the words are printed on the bill.')
    if (bill.tax === 'reverse_charge' && bill.to.taxNumber === null)
      miss('to.taxNumber', "Where the buyer owes the tax, the buyer's tax number stands on the bill.")
    const sum = bill.lines.reduce((all, l) => all + lineNet(l), 0)
    if (bill.discountMinor > sum) miss('discountMinor', 'The discount is more than the lines come to.')
  })

/** A bill is given by somebody; its id is the sender's, so that it is given once however often it is sent. */
export const giveBillSchema = z.strictObject({ id: idText('Bill'), by: idText('Person'), bill: billDraftSchema })

export const creditSchema = z.strictObject({
  id: idText('Credit note'),
  by: idText('Person'),
  why: shortText('Why it is taken back', 300),
})

export const paymentSchema = z.strictObject({
  id: idText('Payment'),
  by: idText('Person'),
  /** less than nothing: paid back */
  minor: z
    .number({ error: 'Amount: type what was paid.' })
    .int('Amount has too many decimals.')
    .min(-1e10, 'Amount is too large: check the decimal point.')
    .max(1e10, 'Amount is too large: check the decimal point.')
    .refine(x => x !== 0, 'Amount: type what was paid; nothing is no payment.'),
  paidBy: keyOf(PAID_BY, 'Paid by'),
  note: optionalText('Note', 300),
})
