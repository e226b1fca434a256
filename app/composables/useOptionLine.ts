import { firmness, priceAge } from '#core/verdict/causeLines'
import type { EstimateLine } from '#core/estimate/estimateLine'
import { partName, placeKey, placesOf } from '#core/teardown/places'
import { HOUR_LINES } from '#core/words/deciding'
import type { LineType } from '#core/words/deciding'

export interface LineDraft {
  id: string
  type: LineType
  text: string
  why: string
  low: string
  likely: string
  high: string
  chance: string
  priceKind: EstimateLine['priceKind']
  cures?: boolean
  source?: string
  pricedOn?: string
  lookMin?: string
  offered?: boolean
  parts?: string[]
  /** somebody said which parts it is for, or that it is for none */ partsSaid?: boolean
}

/** What one line of a way says of itself: its figures, how firm they are, how old its price is, which parts it is for. */
export function useOptionLine() {
  /** said of a line that is for no part of the engine */
  const NO_PART = '-'

  const sheet = useSheet()
  const shop = useShopStore()
  const cur = computed(() => shop.policy.currency)
  const inHours = (type: LineType): boolean => HOUR_LINES.includes(type)

  const lineFigure = (type: LineType, typed: string): number =>
    (inHours(type) ? typedFigure(typed) : moneyTyped(typed, cur.value)) as number

  /** offered and without a price: not counted, and not logged */
  const idle = (l: LineDraft): boolean => l.offered === true && !l.likely.trim()

  function share(typed: string): number {
    const pct = figure(typed)
    return pct === null ? 1 : (sendable(pct / 100, typed) as number)
  }

  const today = new Date().toISOString().slice(0, 10)

  /** parts of this engine, each where it sits; what may not stay in comes first */
  const partOptions = computed(() => {
    const bad = sheet.assessment.value?.bad.flatMap(b => b.parts.map(p => p.part)) ?? []
    return placesOf(sheet.job.value.facts)
      .map(p => ({ key: placeKey(p), name: partName(p.part, p.place), bad: bad.includes(p.part) }))
      .sort((a, b) => Number(b.bad) - Number(a.bad))
  })

  const asksPart = (l: LineDraft): boolean =>
    bought(l.type) || (l.type === 'labour' && Boolean(sheet.assessment.value?.bad.length))

  function sayParts(l: LineDraft, keys: string[]): void {
    const last = keys.at(-1)
    l.parts = last === NO_PART ? [NO_PART] : keys.filter(k => k !== NO_PART)
    l.partsSaid = keys.length > 0
  }

  const bought = (type: LineType): boolean => type === 'part' || type === 'outwork'

  const age = (l: LineDraft) =>
    priceAge({ type: l.type, priceKind: l.priceKind, pricedOn: l.pricedOn || null }, today, shop.policy.priceDays)

  const FIRM_WORDS = { firm: 'firm', estimated: 'estimated', contingent: 'contingent' }

  const firm = (l: LineDraft): string =>
    FIRM_WORDS[
      firmness({
        low: lineFigure(l.type, l.low || l.likely),
        high: lineFigure(l.type, l.high || l.likely),
        chance: share(l.chance),
        priceKind: l.priceKind,
      })
    ]

  return { NO_PART, cur, inHours, lineFigure, idle, share, today, bought, partOptions, asksPart, sayParts, age, firm }
}
