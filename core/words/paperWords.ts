import type { Locale } from './locale'

/** Every standing word of the papers that an owner gets. A shop may write its own in other languages; what stands in braces is filled in. */
export const PAPER_WORDS = {
  page: '{page} of {pages}',
  not_to_run: 'Not to be run',
  not_to_do: 'Not to be done',
  job: 'Job {tag}',
  tax_number: 'Tax number {number}',
  quote: 'Quote {tag}',
  change: 'Change to what was agreed {tag}',
  open_until: '{day}, open until {until}',
  you_said: 'You said: ‘{words}’',
  what_did_it: 'What did it: {cause}.',
  found: 'What was found',
  passes: 'It is likely to pass the {sum} that were agreed. Nothing more is done before you answer.',
  fee_look: 'Look at it',
  fee_strip: 'Open it',
  fee: '{sum}, whatever is decided after it.',
  costs: '{low} to {high}, likely {likely}.',
  spread: 'Eight times in ten the bill falls between the first two.',
  brings: 'Brings about {sum}.',
  hours: 'Buys about {hours} hours of running.',
  days: 'It stands {days} days.',
  passes_limit: 'It may pass your limit.',
  advised: 'This is what we would do.',
  labour: '{hours} h at {rate}',
  only_if: 'only if needed, {pct} %',
  sells: 'sells with {pct} %',
  not_known: 'Not known yet',
  refused_before: 'Refused before, and what it risks',
  photos: 'Photos',
  answer: 'Answer',
  agreed_to: '{name}: agreed to ‘{way}’',
  agreed: '{name}: agreed',
  none_of_it: '{name}: none of it',
  agree_line: 'I agree to: {line} up to: {limit}',
  sign: 'Date, name',
  tax_in: 'Likely costs are estimates. Tax {pct} % is in them.',
  tax_none: 'Likely costs are estimates. No tax is charged on them.',
  ask_again: 'We ask again before anything over {sum}.',
  invoice: 'Invoice {number}',
  credit: 'Credit note {number}',
  pay_by: 'To be paid by {day}',
  pay_at_once: 'To be paid at once',
  takes_back: 'Takes back invoice {number}, all of it: {why}',
  what: 'What',
  tax: 'Tax',
  without_tax: 'Without tax',
  less: '{sum} less {pct} %',
  discount: 'Discount in all',
  net: 'Net',
  tax_of: 'Tax {pct} % of {sum}',
  rounding: 'Rounding, least charge',
  credited: 'Credited',
  total: 'Total',
  exempt: 'No tax is charged: exempt.',
  reverse_charge: 'No tax is charged: the buyer owes it (reverse charge).',
  paid: 'Paid',
  paid_back: 'paid back',
  by_cash: 'cash',
  by_card: 'card',
  by_transfer: 'transfer',
  by_other: 'otherwise',
  due: 'Still due for this job',
  given: 'Given {day}. Its number and figures do not change; what was wrong is answered by a credit note.',
  care: 'Care card: {machine}',
  care_oil: 'Oil and fuel',
  care_back: 'When back, what to look at first',
  care_again: 'To be looked at again',
  care_owed: 'Still owed',
  care_refused: 'Put off, and what it risks',
  care_caution:
    "A knock, smoke, a rising oil level or a smell of fuel: stop it and ring us. Follow the machine's own book and your local rules.",
} as const
export type PaperWord = keyof typeof PAPER_WORDS

/** A language that the shop's papers are written in for owners who want it. */
export interface PaperLanguage {
  name: string
  /** how figures, money and days are written in it */
  locale: Locale
  /** what the shop has written; the rest stays as it is here */
  words: Partial<Record<PaperWord, string>>
}

const BRACES = /\{(\w+)\}/g
/** What a standing word is filled in with. */
export const bracesOf = (text: string): string[] => [...text.matchAll(BRACES)].map(m => m[1] ?? '')

/** What a shop's own wording of a standing word lacks or has too much; empty where it can be used. */
export function bracesWrong(word: PaperWord, own: string): string[] {
  const [wanted, has] = [bracesOf(PAPER_WORDS[word]), bracesOf(own)]
  return [
    ...wanted.filter(b => !has.includes(b)).map(b => `{${b}} is missing`),
    ...has.filter(b => !wanted.includes(b)).map(b => `{${b}} is nothing that this is filled in with`),
  ]
}

/**
 * A standing word of the papers, filled in.
 * @param own the shop's wording of them
 * @param values what stands in braces; a figure or a day as it is to be written
 */
export function paperWord(
  own: PaperLanguage['words'],
  word: PaperWord,
  values: Record<string, string | number> = {},
): string {
  // one left empty stays as it is here
  const text = own[word]?.trim() ? (own[word] as string) : PAPER_WORDS[word]
  return text.replace(BRACES, (braces, name: string) => String(values[name] ?? braces))
}
