import type { OptionBody } from '../entries/option/schema'
import type { ShopPolicy } from '../engine/policy'
import { schoolOf, schoolWords } from '../engine/schools'
import type { EngineFacts } from '../engine/facts'
import type { Way } from '../words/deciding'
import { REPOWERING, REST_CARRIERS } from '../words/deciding'
import type { BoreJudgement } from '../entries/bore/judge'
import type { Stop } from '../judgement'
import type { Condition } from '../condition/fold'
import { lastOfEach, pastNow } from '../condition/known'
import { notToRun } from '../judgement'
import type { Fact, FactMark } from '../log/facts'
import type { Bad } from './leftIn'
import { leftIn, takenSize } from './leftIn'

export interface Ruling {
  facts: EngineFacts
  bore: BoreJudgement | null
  stops: Stop[]
  known: Condition['known']
  policy: ShopPolicy
  /** what may not stay in */ bad: Bad[]
}

/** Of the top, the second and the oil ring. */
const GROOVES = ['groove', 'groove_second', 'groove_oil']

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

function byKind(way: Way, { facts, bore, stops, known }: Ruling): string | null {
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
    return GROOVES.some(groove => pastNow({ known }, 'piston', groove))
      ? 'the ring groove is worn: new rings would break their lands'
      : null
  }
  if (way === 'rebore') {
    const status = bore?.oversize?.status
    if (facts.bore === 'plated') return 'a plating is never bored'
    if (facts.bore === 'bare') return 'an unlined bore has no size that it is cut to: it is sleeved or renewed'
    if (status === 'no_option' && !bore?.unsold) return 'no size that is sold cleans the bore up'
    if (status === 'sleeve_or_replace') return 'this bore is sleeved or renewed, not bored'
    return null
  }
  if (way === 'rebuild')
    return facts.head === 'integral' && bore?.mark === 'past' && bore.oversize?.status !== 'ok' && !bore.unsold
      ? 'head and block are one piece and the bore is past its limit'
      : null
  if (!REPOWERING.includes(way)) return null
  const rest = lastOfEach({ known }, 'rest')
  const bad = REST_CARRIERS.flatMap(k => said(rest.get(k), 'past'))
  if (bad.length) return `the rest is not worth an engine: ${list(bad)}`
  const no = [...lastOfEach({ known }, 'fit').values()].flatMap(f => said(f, 'past'))
  return no.length ? `it does not fit: ${list(no)}` : null
}

/** A fact's words where its mark is this one. */
const said = (fact: Fact | undefined, mark: FactMark): string[] => (fact?.mark === mark ? [fact.value] : [])

/** Lines that have to say which part they are for. */
function unsaidWords(option: Pick<OptionBody, 'way' | 'lines'>, bad: Bad[]): string | null {
  const { left, unsaid } = leftIn(option, bad)
  return unsaid.length
    ? `Say which part ${list(unsaid.map(l => `‘${l.text}’`))} is for: ${list(left.map(b => b.words))} may not stay in.`
    : null
}

/** Ways that rest on the engine being worn. */
const WORN: readonly Way[] = ['rings', 'rebore', 'rebuild', 'exchange', 'new_engine']

/** Whether compression or leakage was measured, or the bore itself. */
const gauged = (known: Condition['known']): boolean =>
  [...known.values()].some(
    k => ['compression', 'leak', 'size'].includes(k.property) && k.all.some(f => f.strength === 'measured'),
  )

/** What nobody has looked at yet and a way rests on. */
export function unlooked(
  option: Pick<OptionBody, 'way' | 'lines'>,
  { known, bore, bad, policy }: Pick<Ruling, 'known' | 'bore' | 'bad' | 'policy'>,
): string[] {
  const { way } = option
  const doubts: string[] = []
  const unsaid = unsaidWords(option, bad)
  if (unsaid) doubts.push(unsaid)
  if ((way === 'rings' || way === 'rebore') && !bore)
    doubts.push('The bore was not measured: rings alone are right only where it is within its limits.')
  if (WORN.includes(way) && schoolOf(policy, 'worn_proof') === 'gauge' && !gauged(known))
    doubts.push(`Nobody took compression by gauge, or a leak-down. ${schoolWords(policy, 'worn_proof')}.`)
  if (way === 'donor' && ![...known.values()].some(takenSize)) doubts.push('Nothing of the donor was measured.')
  if (REPOWERING.includes(way)) {
    const rest = [...lastOfEach({ known }, 'rest').values()]
    const open = rest.flatMap(f => said(f, 'open'))
    if (!rest.length)
      doubts.push(
        'The rest of the machine was not looked at: frame, gearbox and drive decide whether it is worth an engine.',
      )
    else if (open.length) doubts.push(`Not looked at: ${open.join(', ')}.`)
    const fit = [...lastOfEach({ known }, 'fit').values()]
    const unchecked = fit.flatMap(f => said(f, 'open'))
    if (!fit.length) doubts.push('Nobody checked whether another engine fits: shaft, key, bolts, rotation, exhaust.')
    else if (unchecked.length) doubts.push(`Fit not checked: ${unchecked.join(', ')}.`)
  }
  return doubts
}
