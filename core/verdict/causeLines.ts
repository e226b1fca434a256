import type { ShopPolicy } from '../engine/policy'
import type { CauseGroup } from '../catalogue'
import { CAUSE_BY_ID } from '../catalogue'
import type { Entry } from '../entries/types'
import type { EstimateLine } from '../estimate/estimateLine'
import { keptOf } from '../entries/kept'
import { FIT_KEYS } from '../entries/fit_check/judge'
import type { EngineFacts } from '../engine/facts'
import type { EngineClass } from '../engine/words'
import type { Way } from '../words/deciding'
import { FIT_ITEMS, REPOWERING } from '../words/deciding'
import type { BoreJudgement } from '../entries/bore/judge'
import { hasSump } from '../oil/fillMarks'
import type { ProposedLine } from './proposeLines'
import { proposeLines } from './proposeLines'
import { STARTERS, STUCK_LINE } from '../estimate/starters'
import type { StuckHistory } from './stuckAllowance'
import { rustGrade, stuckAllowance } from './stuckAllowance'

/** `offered`: left out again by itself while it has no price, since it is wise and not found. */
export type WayLine = ProposedLine & { cures: boolean; offered?: true }

/** Hours at the bench to cure a cause of each group on a small four-stroke: likely. Rule of thumb, shop judgement. */
const HOURS: Record<CauseGroup, number> = {
  fuel: 0.8,
  air: 0.3,
  ignition: 0.6,
  oil: 0.7,
  top: 2.5,
  bottom: 5,
  leak: 0.8,
  starting: 0.7,
  drive: 1.5,
  cooling: 0.8,
  use: 0.3,
}
/** How much longer the same work takes, by class. Rule of thumb. */
const FACTOR: Record<EngineClass, number> = { H2: 0.8, V2: 1, S4: 1, M4: 1.5, T4: 1.8, D4: 2 }
const round = (h: number): number => Math.round(10 * h) / 10

/** Work takes longer on larger engines and with more cylinders. */
const classFactor = (facts: EngineFacts): number => FACTOR[facts.engineClass] * (1 + 0.3 * (facts.cylinders - 1))

/** Parts that a cure names: "New line, clamps", "filter new", "Diaphragm kit". */
export function partsOfCure(cure: string): string[] {
  const found = [
    ...cure.matchAll(/\bnew ([a-z]+(?:[ -](?!and\b|or\b|in\b|from\b|if\b|with\b|the\b|of\b|when\b|where\b)[a-z]+)?)/gi),
    ...cure.matchAll(/\b([a-z]+) new\b/gi),
    ...cure.matchAll(/\b([A-Z][a-z]+ kit)\b/g),
  ]
    .map(m => (m[1] ?? '').toLowerCase())
    .filter(w => !/^(one|ones|parts|oil|fuel)$/.test(w))
  return [...new Set(found)].map(w => w.charAt(0).toUpperCase() + w.slice(1))
}

const partLine = (text: string, why: string, cures = false): WayLine => ({
  type: 'part',
  text,
  why,
  chance: 1,
  low: null,
  likely: null,
  high: null,
  cures,
})

/** What cures the causes that were named: the work, and the parts that the cure speaks of. */
function cureLines(inForce: Entry[], facts: EngineFacts): WayLine[] {
  const named = keptOf(inForce).cause_found.flatMap(({ body }) =>
    body.proof !== 'unknown' && body.causeId ? (CAUSE_BY_ID.get(body.causeId) ?? []) : [],
  )
  return named.flatMap(cause => {
    const h = HOURS[cause.group] * classFactor(facts)
    return [
      {
        type: 'labour' as const,
        text: cause.cure.replace(/\.$/, ''),
        why: `cures: ${cause.name.toLowerCase()}`,
        chance: 1,
        low: round(0.7 * h),
        likely: round(h),
        high: round(1.6 * h),
        cures: true,
      },
      ...partsOfCure(cause.cure).map((p): WayLine => ({
        ...partLine(p, `cures: ${cause.name.toLowerCase()}`, true),
        offered: true,
      })),
    ]
  })
}

/** What is renewed whenever an engine is opened so far, because it is cheap beside opening it again. */
export function alwaysRenewed(way: Way, facts: EngineFacts): string[] {
  const top = way === 'rings' || way === 'rebore'
  const all = way === 'rebuild' || way === 'donor'
  if (!top && !all) return []
  return [
    ...(facts.head !== 'integral' ? ['Head gasket'] : []),
    ...(facts.cycle === 'two' || facts.engineClass === 'M4' ? ['Base gasket'] : []),
    ...(all ? ['Gasket set', 'Crank seals'] : []),
    ...(all && facts.cycle === 'four' && facts.valves !== 'side' ? ['Valve stem seals'] : []),
    'Plug',
    ...(hasSump(facts) ? ['Oil'] : []),
    ...(hasSump(facts) && facts.oilFilter !== 'none' && facts.oilFilter !== 'unknown' ? ['Oil filter'] : []),
  ]
}

/** Ways that mend what was found, part by part. */
const MENDS_PARTS: readonly Way[] = ['repair', 'rings', 'rebore', 'rebuild', 'donor']

export interface WayContext {
  inForce: Entry[]
  facts: EngineFacts
  bore: BoreJudgement | null
  stuck: StuckHistory
  policy?: ShopPolicy
}

/**
 * The lines a way begins with on this job: what the named causes and the condemned parts ask for, what is always renewed, the usual work
 * scaled to the engine, and the allowance for stuck fasteners from the shop's own joints. Prices are for the technician to fill in.
 */
export function proposeWay(way: Way, { inForce, facts, bore, stuck, policy }: WayContext): WayLine[] {
  const factor = classFactor(facts)
  const allowance = stuckAllowance(stuck, rustGrade(inForce))
  const found: WayLine[] = MENDS_PARTS.includes(way)
    ? proposeLines(inForce, bore, policy).map(l => ({ ...l, cures: false }))
    : []
  const oversized = found.some(l => /oversize|Piston and rings \+/.test(l.text))
  const starters = STARTERS[way].lines.flatMap((l): WayLine[] => {
    if (l.text === STUCK_LINE)
      return [
        {
          ...l,
          chance: allowance.chance,
          low: allowance.low,
          likely: allowance.likely,
          high: allowance.high,
          why: allowance.why,
          cures: false,
        },
      ]
    // a size from the bore sheet takes the place of the blank lines for it
    if (way === 'rebore' && oversized && l.type !== 'labour') return []
    return [
      l.type === 'labour' && l.likely !== null && MENDS_PARTS.includes(way)
        ? {
            ...l,
            low: round((l.low ?? 0) * factor),
            likely: round(l.likely * factor),
            high: round((l.high ?? 0) * factor),
            why: '',
            cures: false,
          }
        : { ...l, why: '', cures: false },
    ]
  })
  const cures = way === 'part_out' || way === 'scrap' || way === 'wait' ? [] : cureLines(inForce, facts)
  const has = new Set([...found, ...starters, ...cures].map(l => l.text.toLowerCase()))
  const renewed = alwaysRenewed(way, facts)
    .filter(text => !has.has(text.toLowerCase()))
    .map((text): WayLine => ({ ...partLine(text, 'always renewed when it is open'), offered: true }))
  return [...adapters(way, inForce), ...found, ...cures, ...starters, ...renewed]
}

/** What another engine needs to go in, from the fit check. */
function adapters(way: Way, inForce: Entry[]): WayLine[] {
  const fit = REPOWERING.includes(way) ? keptOf(inForce).fit_check.at(-1)?.body : undefined
  return fit
    ? FIT_KEYS.filter(k => fit[k] === 'adapt').map(k =>
        partLine(`Adapter: ${FIT_ITEMS[k].toLowerCase()}`, 'from the fit check'),
      )
    : []
}

/** Whether a price is older than the shop's limit, or nobody wrote down its day. */
export function priceAge(
  { pricedOn, type, priceKind }: Pick<EstimateLine, 'pricedOn' | 'type' | 'priceKind'>,
  today: string,
  limitDays: number,
): { days: number | null; stale: boolean } {
  if ((type !== 'part' && type !== 'outwork') || priceKind === 'estimate' || pricedOn === null)
    return { days: null, stale: false }
  const days = Math.round((Date.parse(today) - Date.parse(pricedOn)) / 86_400_000)
  return { days, stale: days > limitDays }
}

export type Firmness = 'firm' | 'estimated' | 'contingent'
/** How a line stands: sure at a known price, sure at a guessed one, or only with a chance. */
export const firmness = (l: Pick<EstimateLine, 'low' | 'high' | 'chance' | 'priceKind'>): Firmness =>
  l.chance < 1 ? 'contingent' : l.high > l.low || l.priceKind === 'estimate' ? 'estimated' : 'firm'
