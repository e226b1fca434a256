import type { ShopPolicy } from '../engine/policy'
import type { PAID_BY, TAX_MODES } from '../words/bill'
import type { KeyOf } from '../words/keys'
import { charged } from '../verdict/spend'

/** One line as it is put on a bill; smallest money units, without tax. */
export interface BillLine {
  text: string
  detail: string | null
  minor: number
  taxPct: number
  discountPct: number
}

/** A bill as it is put together at the counter. */
export interface BillDraft {
  /** the owner as it is printed */
  to: { name: string; contact: string | null; taxNumber: string | null }
  lines: BillLine[]
  /** off the sum of the lines; smallest money units */
  discountMinor: number
  tax: KeyOf<typeof TAX_MODES>
  /** why no tax is charged; null where it is */
  taxWhy: string | null
  /** days until it is to be paid; 0: at once */
  payDays: number
  words: string | null
}

/** What a bill comes to; smallest money units. */
export interface BillSum {
  /** each line after its own discount */
  lines: number[]
  /** sum of those */
  linesMinor: number
  netMinor: number
  taxes: { pct: number; baseMinor: number; taxMinor: number }[]
  taxMinor: number
  /** what rounding and the least charge add */
  roundingMinor: number
  totalMinor: number
}

/** The shop as it stands at the head of a bill that was given. */
export interface BillHead {
  shopName: string
  shopAddress: string
  taxNumber: string
  currency: string
}

/** A bill that was given: nothing of it changes any more. A credit note takes one back, whole. */
export interface GivenBill {
  id: string
  /** of the shop's one row of bills and credit notes, without a gap */
  number: number
  kind: 'invoice' | 'credit'
  /** the bill that a credit note takes back */
  answers: string | null
  answersNumber: number | null
  by: string
  givenAt: string
  totalMinor: number
  head: BillHead
  draft: BillDraft
  sum: BillSum
  /** why it was taken back; null on a bill */
  why: string | null
}

/** Money that came over the counter, or went back over it (less than nothing). */
export interface Payment {
  id: string
  at: string
  by: string
  minor: number
  paidBy: KeyOf<typeof PAID_BY>
  note: string | null
}

/** A line after its own discount; smallest money units. */
export const lineNet = ({ minor, discountPct }: Pick<BillLine, 'minor' | 'discountPct'>): number =>
  Math.round((minor * (100 - discountPct)) / 100)

/**
 * What a bill comes to. A discount on a line is taken off it and rounded; one in all is shared out over the rates of tax by what each has to bear,
 * to the last unit. Tax is rounded once for each rate.
 * @param draft  smallest money units without tax; discounts 0..100 % and no more than the lines come to
 * @param policy least charge and step of rounding, tax in
 */
export function billSum(draft: BillDraft, policy: Pick<ShopPolicy, 'minChargeMinor' | 'roundToMinor'>): BillSum {
  const lines = draft.lines.map(lineNet)
  const linesMinor = lines.reduce((sum, minor) => sum + minor, 0)
  const rates = [...new Set(draft.lines.map(l => l.taxPct))].sort((a, b) => b - a)
  const gross = rates.map(pct => lines.reduce((sum, minor, i) => sum + (draft.lines[i]?.taxPct === pct ? minor : 0), 0))
  const off = sharedOut(Math.min(draft.discountMinor, linesMinor), gross)
  const taxes = rates
    .map((pct, i) => {
      const baseMinor = (gross[i] as number) - (off[i] as number)
      return { pct, baseMinor, taxMinor: draft.tax === 'charged' ? Math.round((baseMinor * pct) / 100) : 0 }
    })
    .filter(t => t.pct > 0 && draft.tax === 'charged')
  const netMinor = linesMinor - Math.min(draft.discountMinor, linesMinor)
  const taxMinor = taxes.reduce((sum, t) => sum + t.taxMinor, 0)
  const totalMinor = draft.lines.length ? charged(netMinor + taxMinor, policy) : 0
  return {
    ...{ lines, linesMinor, netMinor, taxes, taxMinor, totalMinor },
    roundingMinor: totalMinor - netMinor - taxMinor,
  }
}

/** A whole amount in the proportion of parts: the largest rests get what rounding leaves. */
function sharedOut(amount: number, parts: readonly number[]): number[] {
  const all = parts.reduce((sum, p) => sum + p, 0)
  if (all <= 0) return parts.map(() => 0)
  const exact = parts.map(p => (amount * p) / all)
  const out = exact.map(Math.floor)
  const order = exact.map((x, i) => ({ i, rest: x - Math.floor(x) })).sort((a, b) => b.rest - a.rest || a.i - b.i)
  let left = amount - out.reduce((sum, x) => sum + x, 0)
  for (const { i } of order) {
    if (left <= 0) break
    out[i] = (out[i] as number) + 1
    left--
  }
  return out
}

/** A credit note over a whole bill: the same figures, each less than nothing. */
export const creditSum = (sum: BillSum): BillSum => ({
  lines: sum.lines.map(negative),
  taxes: sum.taxes.map(t => ({ pct: t.pct, baseMinor: negative(t.baseMinor), taxMinor: negative(t.taxMinor) })),
  linesMinor: negative(sum.linesMinor),
  netMinor: negative(sum.netMinor),
  taxMinor: negative(sum.taxMinor),
  roundingMinor: negative(sum.roundingMinor),
  totalMinor: negative(sum.totalMinor),
})
const negative = (x: number): number => (x === 0 ? 0 : -x)

/** Bills of a job that stand: those that no credit note took back. */
export const standing = (bills: readonly GivenBill[]): GivenBill[] =>
  bills.filter(b => b.kind === 'invoice' && !bills.some(c => c.answers === b.id))

/** What is still to be paid of a job; less than nothing: what is to be paid back. Before a bill every payment is a deposit. */
export const stillDue = (bills: readonly GivenBill[], payments: readonly Payment[]): number =>
  bills.reduce((sum, b) => sum + b.totalMinor, 0) - payments.reduce((sum, p) => sum + p.minor, 0)
