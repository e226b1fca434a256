import type { ShopPolicy } from '../engine/policy'
import { keptOf } from '../entries/kept'
import type { Entry } from '../entries/types'
import { toMinor } from '../units/money'
import type { BillLine } from './bill'
import { invoiceOf } from './invoice'

/** Lines to begin a bill with. */
export interface ProposedBill {
  /** as it was worked: the time that was put in, the parts that came; what has no figure of its own as agreed */
  worked: BillLine[]
  /** the price that was agreed, in one line; null where none was */
  fixed: BillLine[] | null
  /** some of what was worked stands as agreed, for want of a figure on the log */
  asAgreed: boolean
}

/** What a bill may begin with, from a job's log: what was put in, or the price that was agreed. Smallest money units, without tax. */
export function proposedBill(inForce: Entry[], policy: ShopPolicy): ProposedBill {
  const { labour, parts, asAgreed } = invoiceOf(inForce, policy)
  const taxed = (lines: Omit<BillLine, 'taxPct' | 'discountPct'>[]): BillLine[] =>
    lines.map(l => ({ text: l.text, detail: l.detail, minor: l.minor, taxPct: policy.taxPct, discountPct: 0 }))
  const frozen = keptOf(inForce).approval.at(-1)?.body.frozen
  const net = frozen ? Math.round(toMinor(frozen.mean, frozen.currency) / (1 + frozen.taxPct / 100)) : 0
  return {
    worked: taxed([...labour, ...parts]),
    fixed: frozen && net > 0 ? taxed([{ text: frozen.name, detail: 'price as agreed', minor: net }]) : null,
    asAgreed,
  }
}
