import type { Entry } from '../entries/types'
import type { OptionBody } from '../entries/option/schema'
import { keptOf } from '../entries/kept'
import { FIT_KEYS } from '../entries/fit_check/judge'
import { REST_KEYS } from '../entries/rest_check/judge'
import type { EngineFacts } from '../engine/facts'
import type { Way } from '../words/deciding'
import { FIT_ITEMS, REPOWERING, REST_CARRIERS, REST_ITEMS } from '../words/deciding'
import type { BoreJudgement } from '../entries/bore/judge'
import type { Stop } from '../judgement'
import type { Condition } from '../condition/fold'
import { notToRun } from '../judgement'
import type { Bad } from './leftIn'
import { leftIn } from './leftIn'

export interface Ruling {
  inForce: Entry[]
  facts: EngineFacts
  bore: BoreJudgement | null
  stops: Stop[]
  known: Condition['known']
  /** what may not stay in */ bad: Bad[]
}

const list = (words: string[]): string => words.slice(0, 3).join(', ')

/**
 * Why a way can't be gone, by what was found, measured or looked at; null where nothing speaks against it. Shown with the way, greyed,
 * never taken off the list.
 */
export function ruledOutBy(option: Pick<OptionBody, 'way' | 'lines'>, ruling: Ruling): string | null {
  const { left, unsaid } = leftIn(option, ruling.bad)
  // which part a line from before is for is asked, and nothing is ruled out until it is said
  return left.length && !unsaid.length
    ? `it leaves in what may not stay: ${list(left.map(b => b.words))}, and no line of it is for that part`
    : byKind(option.way, ruling)
}

function byKind(way: Way, { inForce, facts, bore, stops, known }: Ruling): string | null {
  if (way === 'wait') {
    const running = notToRun(stops).filter(s => !s.signed)
    return running.length
      ? `it must not be run: ${running
          .map(s => s.title.toLowerCase())
          .slice(0, 1)
          .join('')}`
      : null
  }
  if (way === 'rings') {
    if (bore?.mark === 'past') return 'the bore is past its limit: new rings would not seal in it'
    return known.get('piston groove')?.now?.mark === 'past'
      ? 'the ring groove is worn: new rings would break their lands'
      : null
  }
  if (way === 'rebore') {
    const status = bore?.oversize?.status
    if (facts.bore === 'plated') return 'a plating is never bored'
    if (facts.bore === 'bare') return 'an unlined bore has no size that it is cut to: it is sleeved or renewed'
    if (status === 'no_option') return 'no size that is sold cleans the bore up'
    if (status === 'sleeve_or_replace') return 'this bore is sleeved or renewed, not bored'
    return null
  }
  if (way === 'rebuild')
    return facts.head === 'integral' && bore?.mark === 'past' && bore.oversize?.status !== 'ok'
      ? 'head and block are one piece and the bore is past its limit'
      : null
  if (!REPOWERING.includes(way)) return null
  const rest = keptOf(inForce).rest_check.at(-1)?.body
  const bad = rest ? REST_CARRIERS.filter(k => rest[k] === 'bad') : []
  if (bad.length) return `the rest is not worth an engine: ${list(bad.map(k => REST_ITEMS[k].toLowerCase()))}`
  const fit = keptOf(inForce).fit_check.at(-1)?.body
  const no = fit ? FIT_KEYS.filter(k => fit[k] === 'no') : []
  return no.length ? `it does not fit: ${list(no.map(k => FIT_ITEMS[k].toLowerCase()))}` : null
}

/** Lines that have to say which part they are for. */
function unsaidWords(option: Pick<OptionBody, 'way' | 'lines'>, bad: Bad[]): string | null {
  const { left, unsaid } = leftIn(option, bad)
  return unsaid.length
    ? `Say which part ${list(unsaid.map(l => `‘${l.text}’`))} is for: ${list(left.map(b => b.words))} may not stay in.`
    : null
}

/** What nobody has looked at yet and a way rests on. */
export function unlooked(
  option: Pick<OptionBody, 'way' | 'lines'>,
  { inForce, bore, bad }: Pick<Ruling, 'inForce' | 'bore' | 'bad'>,
): string[] {
  const { way } = option
  const doubts: string[] = []
  const unsaid = unsaidWords(option, bad)
  if (unsaid) doubts.push(unsaid)
  if ((way === 'rings' || way === 'rebore') && !bore)
    doubts.push('The bore was not measured: rings alone are right only where it is within its limits.')
  if (way === 'donor' && ![...keptOf(inForce).measure, ...keptOf(inForce).bore].some(e => e.how === 'measured'))
    doubts.push('Nothing of the donor was measured.')
  if (REPOWERING.includes(way)) {
    const rest = keptOf(inForce).rest_check.at(-1)?.body
    const open = rest ? REST_KEYS.filter(k => rest[k] === 'not_looked') : []
    if (!rest)
      doubts.push(
        'The rest of the machine was not looked at: frame, gearbox and drive decide whether it is worth an engine.',
      )
    else if (open.length) doubts.push(`Not looked at: ${open.map(k => REST_ITEMS[k].toLowerCase()).join(', ')}.`)
    const fit = keptOf(inForce).fit_check.at(-1)?.body
    const unchecked = fit ? FIT_KEYS.filter(k => fit[k] === 'not_checked') : []
    if (!fit) doubts.push('Nobody checked whether another engine fits: shaft, key, bolts, rotation, exhaust.')
    else if (unchecked.length)
      doubts.push(`Fit not checked: ${unchecked.map(k => FIT_ITEMS[k].toLowerCase()).join(', ')}.`)
  }
  return doubts
}
