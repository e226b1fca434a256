import type { Entry, EntryOf } from '../entries/types'
import type { DecisionView } from '../verdict/verdict'
import type { FrozenOption } from '../entries/approval/schema'
import { entriesInForce, standsFor } from '../log/entry'
import { keptOf } from '../entries/kept'
import type { ShopPolicy } from '../engine/policy'
import type { Judgement } from '../judgement'
import type { KeyOf } from '../words/keys'
import type { QUOTE_STAGES } from '../words/deciding'
import { charged } from '../verdict/spend'
import { toMajor, toMinor } from '../units/money'

/** One way as an owner is shown it. Money in major units, tax in, as it is charged. */
export interface QuoteOption {
  id: string
  name: string
  mends: boolean
  low: number
  likely: number
  high: number
  brings: number
  hours: number
  daysDown: number
  past: 'cap' | null
  best: boolean
}
export interface Quote {
  stage: KeyOf<typeof QUOTE_STAGES>
  /** what looking or opening costs, before anything is decided; null for a choice of ways */
  fee: number | null
  currency: string
  words: string | null
  complaint: string | null
  /** what it was, with how sure that is */
  cause: string | null
  options: QuoteOption[]
  /** what was found and picked to be shown, each with its figure; absent on quotes from before */
  findings?: string[]
  /** what is not known yet */
  notKnown: string[]
  cap: number | null
  running: number | null
  /** what was agreed before, where this asks for more */
  agreedBefore: number | null
  refusedBefore: { what: string; risk: string }[]
  photos: { id: string; caption: string | null }[]
  /** the figures that an answer agrees to */
  frozen: Record<string, FrozenOption>
}

export interface QuoteAsk {
  stage: KeyOf<typeof QUOTE_STAGES>
  feeMinor: number | null
  words: string | null
  photoIds: string[]
  /** entries whose finding is shown */
  findingIds: string[]
}

/** What a job came to: its ways weighed, and which of them was agreed. */
interface Decided {
  decision: DecisionView
  approved: EntryOf<'approval'> | null
}

/** Whether the likely cost has passed what was agreed: then the owner is asked again before more is done. */
export function changeOrder({ approved, decision }: Decided, entries: Entry[]): { agreed: number; now: number } | null {
  if (!approved) return null
  const { frozen, optionEntryId } = approved.body
  // the way that was agreed, as it stands after every correction
  const stands = standsFor(entries, optionEntryId)
  const now = decision.options.find(o => o.entryId === stands?.id)
  return now && now.mean > frozen.p90 + 1e-9 ? { agreed: frozen.p90, now: now.mean } : null
}

/** A quote from what a job's log says: only ways that can be gone, plainly, with what is not known. */
export function quoteOf(
  { decision, approved, findings }: Decided & { findings: readonly Judgement[] },
  entries: Entry[],
  policy: ShopPolicy,
  { stage, feeMinor, words, photoIds, findingIds }: QuoteAsk,
  cause: string | null,
): Quote {
  const inForce = entriesInForce(entries)
  const { currency, labourRateMinor, taxPct } = policy
  const charge = (major: number): number => toMajor(charged(toMinor(major, currency), policy), currency)
  const live =
    stage === 'look' || stage === 'strip'
      ? []
      : decision.options.filter(o => o.ruledOut === null && (!o.mends || o.valueAfter !== null))
  const bodies = new Map(keptOf(inForce).option.map(e => [e.id, e.body]))
  const options = live.map((o): QuoteOption => ({
    id: o.entryId,
    name: o.name,
    mends: o.mends,
    low: charge(o.p10),
    likely: charge(o.mean),
    high: charge(o.p90),
    brings: o.brings - o.mean,
    hours: 10 * Math.round((o.successChance * o.hoursOk + (1 - o.successChance) * o.hoursFail) / 10),
    daysDown: bodies.get(o.entryId)?.daysDown ?? 0,
    past: o.allowed ? null : 'cap',
    best: o.entryId === decision.verdict?.bestId,
  }))
  return {
    stage,
    words,
    currency,
    cause,
    options,
    fee: feeMinor === null ? null : toMajor(feeMinor, currency),
    complaint: keptOf(inForce).complaint.at(-1)?.body.words ?? null,
    findings: findings.filter(j => findingIds.includes(j.entryId)).map(j => j.headline),
    notKnown: [
      ...new Set([
        ...(decision.verdict?.looks ?? [])
          .filter(l => l.about === 'need')
          .slice(0, 3)
          .map(l => `Whether it is needed: ${l.text.charAt(0).toLowerCase()}${l.text.slice(1)}.`),
        ...(decision.verdict?.doubts ?? []),
      ]),
    ],
    cap: decision.money.cap,
    running: decision.money.running,
    agreedBefore: approved ? (changeOrder({ approved, decision }, entries)?.agreed ?? null) : null,
    refusedBefore: keptOf(inForce).refused.map(e => ({ what: e.body.what, risk: e.body.risk })),
    photos: keptOf(inForce)
      .photo.filter(e => photoIds.includes(e.body.photoId))
      .map(e => ({ id: e.body.photoId, caption: e.body.caption })),
    frozen: Object.fromEntries(
      live.map((o): [string, FrozenOption] => {
        const body = bodies.get(o.entryId)
        return [
          o.entryId,
          {
            name: o.name,
            way: o.way,
            lines: body?.lines ?? [],
            currency,
            labourRateMinor,
            taxPct,
            mean: o.mean,
            p10: o.p10,
            p50: o.p50,
            p90: o.p90,
            reasons: o.entryId === decision.verdict?.bestId ? decision.verdict.reasons : [],
          },
        ]
      }),
    ),
  }
}
