import type { Cause, Check } from '../catalogue'
import type { Diagnosis } from '../diagnosis/diagnose'
import type { Outcome, Suggestion } from '../diagnosis/suggest'
import type { EntryKind } from '../entries/types'
import type { Stop } from '../judgement'
import type { MeasureItem } from '../measure/items'
import { moneyText } from '../units/money'
import type { LookFirst } from '../verdict/lookFirst'
import { heldBack } from './allowed'
import type { NextLook } from './look'

/** One thing that could be done next: a look that is owed, a check of the catalogue, or one fact that the choice may hang on. */
export interface Move {
  id: string
  title: string
  minutes: number
  why: string
  caution: string | null
  check: Check | null
  look: NextLook | null
  fact: LookFirst | null
  /** the two answers that count, and what each would do, in a sentence; null where it is no check */
  thought: string | null
  /** what each answer of a check would do */
  outcomes: Outcome[]
  /** why it has to wait */
  waits: string | null
  /** what it is logged as */
  kind: EntryKind
}

/** Danger and duty first; after that, what tells most in a minute. */
const DUTY: readonly NextLook['id'][] = [
  ...(['plug_out', 'fuel', 'lock', 'oil', 'smell', 'mix', 'lash', 'retest', 'evidence'] as const),
]

/** The checks of the catalogue that a look of its own asks already. */
const COVERED: Partial<Record<NextLook['id'], readonly string[]>> = {
  oil: ['oil_level', 'oil_smell', 'oil_look'],
  smell: ['oil_smell'],
  mix: ['can'],
  lash: ['lash'],
  plug_out: ['plug_out_turn'],
  'follow:breather': ['filter', 'breather'],
  'follow:piston': ['piston_moves'],
  'follow:plug': ['plug'],
  lock: ['drive_off', 'brake_off', 'starter_off', 'starter'],
  turn_over: ['turn'],
  compression: ['compression', 'wet'],
  retest: ['compression'],
  debris: ['debris'],
}

/** Sizes that a check of the catalogue asks too. */
const ITEM_CHECKS: Partial<Record<MeasureItem, readonly string[]>> = {
  shaft_runout: ['runout'],
  crank_runout: ['runout'],
}

/** The checks of the catalogue that a move answers. */
export const checksOf = ({ check, look }: Move): readonly string[] =>
  check
    ? [check.id]
    : look
      ? [
          ...(COVERED[look.id] ?? []),
          ...(look.check ? [look.check] : []),
          ...(look.item ? (ITEM_CHECKS[look.item] ?? []) : []),
        ]
      : []

const plain = { thought: null, caution: null, check: null, look: null, fact: null, outcomes: [], waits: null }
const ofLook = (look: NextLook): Move => ({
  ...plain,
  ...{ id: look.id, title: look.title, minutes: look.minutes, why: look.why, look, kind: look.form },
})

/** Under this nothing leads that is worth a name. */
const OPEN = 0.3
/** From this on a cause that leads is called what it is. */
const LEADS_CLEARLY = 0.6

/** One line of thought: the likeliest answer that shows something, and the answer that shows nothing of it. */
function thoughtOf({ outcomes, proves }: Suggestion): string | null {
  const shown = outcomes.filter(o => o.sign !== null).sort((x, y) => y.p - x.p)[0]
  const none = outcomes.find(o => o.sign === null)
  if (!shown) return null
  const says = (o: Outcome): string => `${o.lead.name.toLowerCase()} (${Math.round(100 * o.pLead)} %)`
  const yes = proves
    ? `${shown.seen}: that proves ${says(shown)}`
    : `${shown.seen}: then ${shown.pLead >= LEADS_CLEARLY ? `it is ${says(shown)}` : `${says(shown)} leads`}`
  if (!none) return `${yes}.`
  if (none.pLead < OPEN) return `${yes}. If not, it is still open.`
  return none.lead === shown.lead
    ? `${yes}. If not, it still leads, with ${Math.round(100 * none.pLead)} %.`
    : `${yes}. If not, ${says(none)}.`
}

const ofCheck = (s: Suggestion): Move => ({
  ...plain,
  ...{ id: s.check.id, title: s.check.name, minutes: s.check.minutes, why: s.check.how },
  thought: thoughtOf(s),
  caution: s.check.caution ?? null,
  check: s.check,
  outcomes: s.outcomes
    .filter(o => o.p > 0.03)
    .sort((x, y) => y.p - x.p)
    .slice(0, 4),
  waits: s.waits,
  kind: 'check',
})

/** One fact that is worth more than its look: before anything is agreed it comes first. */
function ofFact(fact: LookFirst, currency: string): Move {
  const cash = (x: number): string => moneyText(x, currency)
  return {
    ...plain,
    id: `fact:${fact.lineId}`,
    title: `${fact.about === 'need' ? 'Look' : 'Ask the price'}: ${fact.text}`,
    minutes: fact.minutes,
    why: `The choice may hang on it: knowing it saves ${cash(fact.worth)} on average, finding out costs ${cash(fact.cost)}.`,
    fact,
    kind: fact.about === 'need' ? 'measure' : 'option',
  }
}

/** What a job asks next, besides the diagnosis. */
export interface Asks {
  looks: readonly NextLook[]
  stops: Stop[]
  /** a fact of the ways to go that pays for its look; null once a way is agreed */
  fact: LookFirst | null
  currency: string
  /** what began it was named already */
  named: boolean
}

/** Asked of every engine, whatever it does. */
const ROUTINE: readonly NextLook['id'][] = ['oil', 'mix']
const isRoutine = ({ look }: Move): boolean => look !== null && ROUTINE.includes(look.id)

/** What leads was shown by a sign of its own: then it is named, with what would still contradict it. */
const ofCause = (cause: Cause): Move =>
  ofLook({
    id: 'cause',
    form: 'cause_found',
    stage: 'open_up',
    title: `Name what began it: ${cause.name.toLowerCase()}?`,
    minutes: 2,
    why: 'It leads, and a sign of its own was seen. What began it is written down before money is spent on it.',
  })

/**
 * What comes next, in one line: danger and duty, one fact that money hangs on, what tells most in a minute, then the decision. What a standing
 * danger forbids is not in it.
 */
export function lineOf(
  { looks, stops, fact, currency, named }: Asks,
  { next: suggestions, proved }: Pick<Diagnosis, 'next' | 'proved'>,
): Move[] {
  const facts = fact ? [ofFact(fact, currency)] : []
  if (!looks.length) return facts
  const duty = looks.filter(n => DUTY.includes(n.id) || n.id.startsWith('follow:'))
  const moves = duty.map(ofLook)
  const covered = new Set(moves.flatMap(checksOf))
  const checks = suggestions.filter(s => !covered.has(s.check.id) && !heldBack(s.check, stops))
  const rest = looks.filter(n => n.id === 'value' || n.id === 'option')
  const [waiting, ready] = [checks.filter(s => s.waits), checks.filter(s => !s.waits)]
  // nearly sure: the look that proves it, then its name, come before what is looked at on every engine
  const proof = ready.filter(s => s.proves).slice(0, 1)
  return [
    ...moves.filter(m => !isRoutine(m)),
    ...proof.map(ofCheck),
    ...(proved && !named ? [ofCause(proved)] : []),
    ...moves.filter(isRoutine),
    ...facts,
    ...ready
      .filter(s => !proof.includes(s))
      .slice(0, 4 - proof.length)
      .map(ofCheck),
    ...rest.map(ofLook),
    ...waiting.slice(0, 1).map(ofCheck),
  ]
}
