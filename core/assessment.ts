import { currentStage, stageOf, stageStates, waitingNow } from './condition/stages'
import type { StageState, Waiting } from './condition/stages'
import type { Basis } from './condition/basis'
import { basisOf } from './condition/basis'
import { causeStop } from './condition/cause'
import type { Condition } from './condition/fold'
import { foldCondition } from './condition/fold'
import type { FuelPath } from './condition/fuelPath'
import { fuelPath } from './condition/fuelPath'
import { owedNow } from './condition/owed'
import { stopsOf, withSignatures } from './condition/stops'
import type { JobFile } from './entries/file'
import type { Newest } from './entries/judgements'
import { usedSinceLastVisit } from './entries/oil_use/judge'
import { roomOf, standsAt } from './entries/rooms'
import type { Entry, EntryKind, EntryOf } from './entries/types'
import { keptOf } from './entries/kept'
import type { Spend } from './verdict/spend'
import { spendNow, spendStop, termsNow } from './verdict/spend'
import type { Judgement, Mark, Owed, Stop } from './judgement'
import { entriesInForce } from './log/entry'
import type { Stage } from './log/words'
import { STAGE_ORDER } from './log/words'
import { allowedLooks } from './next/allowed'
import type { NextLook } from './next/look'
import { nextLooks } from './next/nextLooks'
import { shownIn } from './units/unitRound'
import type { Bad } from './verdict/leftIn'
import { badParts } from './verdict/leftIn'
import { rulesHere } from './entries/rule_here/rulesHere'
import type { CrankPath } from './verdict/crankPaths'
import { crankPaths } from './verdict/crankPaths'
import type { Ruling } from './verdict/ruledOut'
import { ruledOutBy, unlooked } from './verdict/ruledOut'
import type { DecisionView, judgeDecision } from './verdict/verdict'
import { asItIs, moneyOf, workPolicy } from './verdict/money'

/** Everything that is shown of a job: computed from its log, never stored. */
export interface Assessment {
  /** ids of the entries that stand */
  inForce: string[]
  /** one for each standing finding, newest last */
  judgements: Judgement[]
  /** how far the job is on the way back from fuel in the oil; null when there was none */
  fuel: FuelPath | null
  /** noticed and not followed up */
  owed: Owed[]
  /** the newest of each kind */
  newest: Newest
  /** what stands side by side: the newest of each kind and place, of some kinds every one; the gravest first, then what lies deepest inside */
  findings: Judgement[]
  /** the mark of each kind of finding: the worst of those that stand side by side */
  marks: Partial<Record<EntryKind, Mark>>
  /** what the verdict rests on */
  basis: Basis
  stops: Stop[]
  /** only told, or past a rule of thumb: look first, nothing is blocked */
  asked: Stop[]
  /** facts, deeds and dangers, folded over the log */
  condition: Condition
  /** what is condemned or past its limit, and may not stay in an engine that runs again */
  bad: Bad[]
  next: NextLook[]
  decision: DecisionView
  /** ways to a sound crank, where one is past its limit or condemned */
  crank: CrankPath[]
  /** what is put in so far, without a clock that still runs */
  spend: Spend
  approved: EntryOf<'approval'> | null
  stages: StageState[]
  stage: Stage
  waiting: Waiting | null
  closed: boolean
}

/** How the ways of a job are weighed. */
export type Weigh = typeof judgeDecision

/** A job without a way to go: nothing to weigh, only what it is worth as it stands. */
export const unweighed: Weigh = (_entries, terms, policy, found = {}) => {
  const money = moneyOf(terms, workPolicy(terms, policy), found.facts, found.spent)
  return { options: [], fallback: asItIs(money), money, verdict: null }
}

/** Whether a log holds ways that are to be weighed: the sums are a script of their own, and only then needed. */
export const hasWays = (entries: Entry[]): boolean => keptOf(entries).option.length > 0

/**
 * As `assess` in assess.ts, with the weighing of ways handed in.
 * @param given engine facts, spec sheet, shop policy and the whole log, oldest entry first
 */
export function assessWith(given: JobFile, weigh: Weigh): Assessment {
  const inForce = entriesInForce(given.entries)
  // a rule that holds on this job only is heard everywhere
  const file = { ...given, policy: rulesHere(given.policy, inForce) }
  const condition = foldCondition(file, inForce)
  const { judged } = condition
  const judgements = judged.map(j => j.judgement)
  const newest = Object.fromEntries(judged.map(j => [j.entry.kind, j.judgement])) as Newest
  const since = newest.oil && usedSinceLastVisit(file, inForce)
  if (since) newest.oil?.details.push(usedSinceWords(since, ml => shownIn(ml, 'mL', file.policy.volumeUnit)))
  const sideBySide = sideBySideOf(judged)
  const spend = spendNow(inForce, file.policy)
  const held = stopsOf(condition, inForce, file.policy)
  const fuel = fuelPath(inForce, file.facts)
  // the way back from fuel says itself how far it is
  for (const stop of held.stops) if (stop.id === FUEL && fuel?.why) stop.reason = fuel.why
  const stops = [
    ...held.stops,
    ...withSignatures(causeStop(inForce), inForce),
    ...spendStop(spend, inForce, file.policy),
  ]
  const bad = badParts(condition)
  const findings = sideBySide.map(j => j.judgement)
  const kept = keptOf(inForce)
  // of several bores the gravest speaks
  const bore = sideBySide.find(j => j.entry.kind === 'bore')?.judgement ?? null
  const ruling: Ruling = {
    facts: file.facts,
    bore: bore as Ruling['bore'],
    stops,
    bad,
    known: condition.known,
    policy: file.policy,
  }
  const stages = stageStates(inForce, file.facts)
  return {
    inForce: inForce.map(e => e.id),
    judgements,
    fuel,
    newest,
    findings,
    marks: marksOf(sideBySide),
    crank: crankPaths(file.facts, condition),
    owed: owedNow(inForce, file.policy),
    basis: basisOf(inForce, file.facts),
    stops,
    asked: held.asked,
    condition,
    bad,
    next: allowedLooks(
      nextLooks(condition, {
        facts: file.facts,
        fuel: fuel?.step ?? null,
        settled: kept.approval.length > 0 || kept.hand_back.length > 0,
        valued: (kept.terms.at(-1)?.body.runningValueMinor ?? null) !== null,
        ways: kept.option.length > 0,
      }),
      stops,
    ),
    decision: weigh(kept.option, termsNow(inForce), file.policy, {
      ruledOut: option => ruledOutBy(option, ruling),
      unlooked: option => unlooked(option, ruling),
      facts: file.facts,
      spent: spend.total + spend.purchase,
    }),
    spend,
    approved: kept.approval.at(-1) ?? null,
    stages,
    stage: currentStage(stages),
    waiting: waitingNow(inForce),
    closed: kept.hand_back.length > 0,
  }
}

const FUEL = 'oil_fuel'

const DEPTH = [...STAGE_ORDER].reverse()

/** Those of a kind that all stand count, of the others the newest of each place; the gravest come first, and of those what lies deepest inside. */
function sideBySideOf(judged: Condition['judged']): Condition['judged'] {
  const last = new Map(judged.map(j => [standsAt(j.entry), j.entry.id]))
  return judged
    .filter(j => roomOf(j.entry).all || last.get(standsAt(j.entry)) === j.entry.id)
    .sort((a, b) => grave(a.judgement) - grave(b.judgement) || depth(a.entry) - depth(b.entry))
}

function depth(entry: Entry): number {
  const stage = stageOf(entry)
  return stage === null ? DEPTH.length : DEPTH.indexOf(stage)
}

const GRAVEST: readonly Mark[] = ['past', 'near', 'open', 'good']
const grave = ({ mark }: Judgement): number => GRAVEST.indexOf(mark)

/** The worst of those that stand side by side speaks for their kind. */
function marksOf(sideBySide: Condition['judged']): Assessment['marks'] {
  const marks: Assessment['marks'] = {}
  // the gravest stand first
  for (const { entry, judgement } of sideBySide) marks[entry.kind] ??= judgement.mark
  return marks
}

function usedSinceWords(
  { number, usedMl, hours, mlPerH }: NonNullable<ReturnType<typeof usedSinceLastVisit>>,
  show: (ml: number) => string,
): string {
  return usedMl < 0
    ? `Since T ${number} it rose by ${show(-usedMl)} in ${Math.round(hours)} h: topped up, or fuel. Smell it.`
    : `Since T ${number} it used ${show(usedMl)} in ${Math.round(hours)} h, ${show(mlPerH)} an hour, top-ups not counted.`
}
