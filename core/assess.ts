import { stageStates, currentStage, waitingNow } from './condition/stages'
import type { StageState, Waiting } from './condition/stages'
import type { Basis } from './condition/basis'
import { basisOf } from './condition/basis'
import { causeStop } from './condition/cause'
import type { Condition } from './condition/fold'
import { foldCondition } from './condition/fold'
import type { FuelPath } from './condition/fuelPath'
import { fuelPath } from './condition/fuelPath'
import type { OilMap } from './condition/oilMap'
import { oilMapOf } from './condition/oilMap'
import type { Owed } from './condition/owed'
import { owedNow } from './condition/owed'
import { stopsOf, withSignatures } from './condition/stops'
import type { BoreJudgement } from './entries/bore/judge'
import type { CompressionJudgement } from './entries/compression/judge'
import type { DebrisJudgement } from './entries/debris/judge'
import type { JobFile } from './entries/file'
import type { MixJudgement } from './entries/mix/judge'
import type { OilJudgement } from './entries/oil/judge'
import { usedSinceLastVisit } from './entries/oil_use/judge'
import { partsStanding } from './entries/part/judge'
import { roomOf } from './entries/rooms'
import type { EntryKind, EntryOf } from './entries/types'
import { latest, ofKind } from './entries/types'
import type { Spend } from './estimate/spend'
import { spendNow, spendStop, termsNow } from './estimate/spend'
import type { Judgement, Stop } from './judgement'
import { entriesInForce } from './log/entry'
import type { Stage } from './log/words'
import { allowedLooks } from './next/allowed'
import type { NextLook } from './next/nextLooks'
import { nextLooks } from './next/nextLooks'
import { shownIn } from './units/unitRound'
import type { Bad } from './verdict/leftIn'
import { badParts } from './verdict/leftIn'
import type { Ruling } from './verdict/ruledOut'
import { ruledOutBy, unlooked } from './verdict/ruledOut'
import type { DecisionView } from './verdict/verdict'
import { judgeDecision } from './verdict/verdict'

/** Everything that is shown of a job: computed from its log, never stored. */
export interface Assessment {
  /** ids of the entries that stand */
  inForce: string[]
  /** one for each standing finding, newest last */
  judgements: Judgement[]
  oil: OilJudgement | null
  mix: MixJudgement | null
  turnOver: Judgement | null
  /** how far the job is on the way back from fuel in the oil; null when there was none */
  fuel: FuelPath | null
  compression: CompressionJudgement | null
  plug: Judgement | null
  airFilter: Judgement | null
  leakDown: Judgement | null
  crankcase: Judgement | null
  debris: DebrisJudgement | null
  /** the newest bore sheet */
  bore: BoreJudgement | null
  /** noticed and not followed up */
  owed: Owed[]
  /** the oil's way through this engine, and where it stopped */
  oilMap: OilMap | null
  /** every other finding, the newest of its kind and place; open evidence and modifications in place all of them */
  others: Judgement[]
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
  /** what is put in so far, without a clock that still runs */
  spend: Spend
  approved: EntryOf<'approval'> | null
  stages: StageState[]
  stage: Stage
  waiting: Waiting | null
  closed: boolean
}

/**
 * The judgement of a job: pure, deterministic, without a clock, so that the same log always reads the same. Log, then condition, then what
 * follows from the condition.
 * @param file engine facts, spec sheet, shop policy and the whole log, oldest entry first
 */
export function assess(file: JobFile): Assessment {
  const inForce = entriesInForce(file.entries)
  const condition = foldCondition(file, inForce)
  const standingParts = new Set(partsStanding(inForce).map(e => e.id))
  const judged = condition.judged.filter(({ entry }) => !isPart(entry.kind) || standingParts.has(entry.id))
  const judgements = judged.map(j => j.judgement)
  const newest = <J extends Judgement>(kind: EntryKind): J | null =>
    (judged.filter(j => j.entry.kind === kind).at(-1)?.judgement ?? null) as J | null
  const oil = newest<OilJudgement>('oil')
  const since = oil && usedSinceLastVisit(file, inForce)
  if (since) oil.details.push(usedSinceWords(since, ml => shownIn(ml, 'mL', file.policy.volumeUnit)))
  const bore = newest<BoreJudgement>('bore')
  const spend = spendNow(inForce, file.policy)
  const held = stopsOf(condition, inForce)
  const fuel = fuelPath(inForce, file.facts)
  // the way back from fuel says itself how far it is
  for (const stop of held.stops) if (stop.id === FUEL && fuel?.why) stop.reason = fuel.why
  const stops = [
    ...held.stops,
    ...withSignatures(causeStop(inForce), inForce),
    ...spendStop(spend, inForce, file.policy),
  ]
  const bad = badParts(condition)
  const ruling: Ruling = { inForce, facts: file.facts, bore, stops, bad, known: condition.known }
  const stages = stageStates(inForce, file.facts)
  return {
    inForce: inForce.map(e => e.id),
    judgements,
    oil,
    mix: newest<MixJudgement>('mix'),
    fuel,
    turnOver: newest('turn_over'),
    compression: newest<CompressionJudgement>('compression'),
    debris: newest<DebrisJudgement>('debris'),
    plug: newest('plug'),
    airFilter: newest('air_filter'),
    leakDown: newest('leak_down'),
    crankcase: newest('crankcase'),
    bore,
    owed: owedNow(inForce),
    oilMap: oilMapOf(inForce, file),
    others: othersOf(judged),
    basis: basisOf(inForce, file.facts),
    stops,
    asked: held.asked,
    condition,
    bad,
    next: allowedLooks(nextLooks(inForce, file.facts), stops),
    decision: judgeDecision(ofKind(inForce, 'option'), termsNow(inForce), file.policy, {
      ruledOut: option => ruledOutBy(option, ruling),
      unlooked: option => unlooked(option, ruling),
      facts: file.facts,
    }),
    spend,
    approved: latest(inForce, 'approval') ?? null,
    stages,
    stage: currentStage(stages),
    waiting: waitingNow(inForce),
    closed: latest(inForce, 'hand_back') !== undefined,
  }
}

const FUEL = 'oil_fuel'
const isPart = (kind: EntryKind): boolean => kind === PART
const PART: EntryKind = 'part'

/** Shown by name of their own beside the rest. */
const NAMED: readonly EntryKind[] = [
  'oil',
  'mix',
  'turn_over',
  'plug',
  'air_filter',
  'compression',
  'leak_down',
  'crankcase',
]

/** Every other finding: all of those that stand side by side, the newest of the rest; of samples the newest of each place. */
function othersOf(judged: Condition['judged']): Judgement[] {
  const lastOf = new Map(judged.map(j => [`${j.entry.kind} ${roomOf(j.entry).place?.(j.entry) ?? ''}`, j.entry.id]))
  const newestSample = judged.filter(j => j.entry.kind === SAMPLE).at(-1)?.entry.id
  return judged
    .filter(j => !NAMED.includes(j.entry.kind) && j.entry.id !== newestSample)
    .filter(j => {
      const room = roomOf(j.entry)
      return room.all || lastOf.get(`${j.entry.kind} ${room.place?.(j.entry) ?? ''}`) === j.entry.id
    })
    .map(j => j.judgement)
}
const SAMPLE: EntryKind = 'debris'

function usedSinceWords(
  { number, usedMl, hours, mlPerH }: NonNullable<ReturnType<typeof usedSinceLastVisit>>,
  show: (ml: number) => string,
): string {
  return usedMl < 0
    ? `Since T ${number} it rose by ${show(-usedMl)} in ${Math.round(hours)} h: topped up, or fuel. Smell it.`
    : `Since T ${number} it used ${show(usedMl)} in ${Math.round(hours)} h, ${show(mlPerH)} an hour, top-ups not counted.`
}
