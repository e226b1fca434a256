import type { Entry } from '../job/entries'
import { latest, ofKind } from '../job/entries'
import type { ShopPolicy } from '../job/jobFile'
import { charged, minutesOf } from './spend'

/** One line of the bill; smallest money unit, without tax. */
export interface InvoiceLine { text: string, detail: string | null, minor: number }
export interface Invoice { labour: InvoiceLine[], parts: InvoiceLine[], netMinor: number, taxMinor: number, totalMinor: number, /** what rounding and the least charge add */ roundingMinor: number, /** what was agreed, tax in, for comparison; major units */ agreed: { likely: number, high: number } | null }

/**
 * The bill as the log tells it: each stretch of time with its minutes, each part that came with its price, what was bought. Nothing is
 * lumped together, so that an hour on a stuck pulley reads as one. Whole smallest units throughout.
 */
export function invoiceOf(inForce: Entry[], policy: ShopPolicy): Invoice {
  const spends = ofKind(inForce, 'spend')
  const labour = spends.flatMap((e): InvoiceLine[] => {
    const minutes = Math.round(minutesOf(e.body))
    return minutes > 0 ? [{ text: e.body.what, detail: `${minutes} min`, minor: Math.round(minutes * policy.labourRateMinor / 60) }] : []
  })
  const bought = spends.flatMap(e => e.body.costMinor ? [{ text: e.body.what, detail: null, minor: e.body.costMinor }] : [])
  const came = ofKind(inForce, 'order').flatMap(e => e.body.state === 'arrived' && e.body.priceMinor !== null ? [{ text: e.body.what, detail: [e.body.supplier, e.body.number].filter(Boolean).join(', '), minor: e.body.priceMinor }] : [])
  const works = ofKind(inForce, 'outwork').flatMap(e => e.body.verdict === 'accepted' && e.body.priceMinor !== null ? [{ text: e.body.what, detail: e.body.shop, minor: e.body.priceMinor }] : [])
  const parts = [...came, ...works, ...bought]
  const netMinor = [...labour, ...parts].reduce((sum, l) => sum + l.minor, 0)
  const taxMinor = Math.round(netMinor * policy.taxPct / 100)
  // nothing put in, nothing to pay: the least charge is for work
  const totalMinor = labour.length + parts.length ? charged(netMinor + taxMinor, policy) : 0
  const agreed = latest(inForce, 'approval')?.body.frozen
  return { labour, parts, netMinor, taxMinor, totalMinor, roundingMinor: totalMinor - netMinor - taxMinor, agreed: agreed ? { likely: agreed.mean, high: agreed.p90 } : null }
}
