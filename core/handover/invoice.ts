import type { Entry, EntryOf } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { ShopPolicy } from '../engine/policy'
import { minutesOf } from '../entries/spend/minutes'
import { charged } from '../verdict/spend'

/** One line of the bill; smallest money unit, without tax. */
export interface InvoiceLine {
  text: string
  detail: string | null
  minor: number
}
export interface Invoice {
  labour: InvoiceLine[]
  parts: InvoiceLine[]
  netMinor: number
  taxMinor: number
  totalMinor: number
  /** what rounding and the least charge add */ roundingMinor: number
  /** some lines stand as they were agreed, for want of a figure on the log */ asAgreed: boolean
  /** what was agreed, tax in, for comparison; major units */ agreed: { likely: number; high: number } | null
}

/**
 * The bill as the log tells it: each stretch of time with its minutes, each part that came with its price, what was bought. Nothing is
 * lumped together, so that an hour on a stuck pulley reads as one. What was agreed and has no figure of its own on the log stands as agreed:
 * its labour where no time was logged since, its sure parts and outwork where none of that name came. Whole smallest units throughout.
 */
export function invoiceOf(inForce: Entry[], policy: ShopPolicy): Invoice {
  const spends = keptOf(inForce).spend
  const labour = spends.flatMap((e): InvoiceLine[] => {
    const minutes = Math.round(minutesOf(e.body))
    return minutes > 0
      ? [{ text: e.body.what, detail: `${minutes} min`, minor: Math.round((minutes * policy.labourRateMinor) / 60) }]
      : []
  })
  const bought = spends.flatMap(e =>
    e.body.costMinor ? [{ text: e.body.what, detail: null, minor: e.body.costMinor }] : [],
  )
  const came = keptOf(inForce).order.flatMap(e =>
    e.body.state === 'arrived' && e.body.priceMinor !== null
      ? [
          {
            text: e.body.what,
            detail: [e.body.supplier, e.body.number].filter(Boolean).join(', '),
            minor: e.body.priceMinor,
          },
        ]
      : [],
  )
  const works = keptOf(inForce).outwork.flatMap(e =>
    e.body.verdict === 'accepted' && e.body.priceMinor !== null
      ? [{ text: e.body.what, detail: e.body.shop, minor: e.body.priceMinor }]
      : [],
  )
  const approval = keptOf(inForce).approval.at(-1)
  const agreedLines = approval ? asAgreed(approval, inForce) : { labour: [], parts: [] }
  labour.push(...agreedLines.labour)
  const parts = [...came, ...works, ...bought, ...agreedLines.parts]
  const netMinor = [...labour, ...parts].reduce((sum, l) => sum + l.minor, 0)
  const taxMinor = Math.round((netMinor * policy.taxPct) / 100)
  // nothing put in, nothing to pay: the least charge is for work
  const totalMinor = labour.length + parts.length ? charged(netMinor + taxMinor, policy) : 0
  const agreed = approval?.body.frozen
  return {
    asAgreed: agreedLines.labour.length + agreedLines.parts.length > 0,
    labour,
    parts,
    netMinor,
    taxMinor,
    totalMinor,
    roundingMinor: totalMinor - netMinor - taxMinor,
    agreed: agreed ? { likely: agreed.mean, high: agreed.p90 } : null,
  }
}

const AS_AGREED = 'as agreed'

/** The sure lines of what was agreed that nothing on the log took the place of. */
function asAgreed(approval: EntryOf<'approval'>, inForce: Entry[]): Pick<Invoice, 'labour' | 'parts'> {
  const { lines, labourRateMinor } = approval.body.frozen
  const sure = lines.filter(l => l.chance >= 1 && l.likely > 0)
  const since = inForce.slice(inForce.indexOf(approval) + 1)
  const timed = keptOf(since).spend.some(e => minutesOf(e.body) > 0)
  const came = new Set(
    [
      ...keptOf(inForce).order.filter(e => e.body.priceMinor !== null && e.body.state === 'arrived'),
      ...keptOf(inForce).outwork.filter(e => e.body.priceMinor !== null && e.body.verdict === 'accepted'),
      ...keptOf(inForce).spend.filter(e => e.body.costMinor !== null),
    ].map(e => e.body.what.trim().toLowerCase()),
  )
  const labour = timed
    ? []
    : sure
        .filter(l => l.type === 'labour')
        .map(l => ({
          text: l.text,
          detail: `${l.likely} h, ${AS_AGREED}`,
          minor: Math.round(l.likely * labourRateMinor),
        }))
  const parts = sure
    .filter(
      l => (l.type === 'part' || l.type === 'outwork' || l.type === 'charge') && !came.has(l.text.trim().toLowerCase()),
    )
    .map(l => ({ text: l.text, detail: AS_AGREED, minor: Math.round(l.likely) }))
  return { labour, parts }
}
