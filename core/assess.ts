import type { CompressionJudgement } from './entries/compression/judge'
import { judgeCompression } from './entries/compression/judge'
import { judgeCrankcase } from './entries/crankcase/judge'
import { judgeLeakdown } from './entries/leak_down/judge'
import { judgeTurnOver } from './entries/turn_over/judge'
import type { DebrisJudgement } from './entries/debris/judge'
import { judgeDebris } from './entries/debris/judge'
import type { Entry, EntryKind, EntryOf } from './entries/types'
import { entriesInForce } from './log/entry'
import { latest, ofKind } from './entries/types'
import type { Basis } from './condition/basis'
import { basisOf } from './condition/basis'
import { judgeAirFilter } from './entries/air_filter/judge'
import { judgePlug } from './entries/plug/judge'
import { judgeClues } from './entries/clues/judge'
import { judgeEvent } from './entries/event/judge'
import { judgeEvidence } from './entries/evidence/judge'
import { judgeLeaks } from './entries/leaks/judge'
import { judgeLockStep } from './entries/lock_step/judge'
import { judgeModification } from './entries/modification/judge'
import { judgeSmoke } from './entries/smoke/judge'
import type { JobFile } from './entries/file'
import type { NextLook } from './next/nextLooks'
import { nextLooks } from './next/nextLooks'
import type { StageState, Waiting } from './condition/stages'
import { currentStage, stageStates, waitingNow } from './condition/stages'
import type { Stage } from './log/words'
import type { BoreJudgement } from './entries/bore/judge'
import { judgeBore } from './entries/bore/judge'
import { judgeMeasure } from './entries/measure/judge'
import { judgePumpRig } from './entries/pump_rig/judge'
import { judgeValveLeak } from './entries/valve_leak/judge'
import type { OilMap } from './condition/oilMap'
import type { Owed } from './condition/owed'
import { causeStop } from './condition/cause'
import { judgePart, partsStanding } from './entries/part/judge'
import { oilMapOf } from './condition/oilMap'
import { owedNow } from './condition/owed'
import type { Judgement, Stop, StoppingJudgement } from './judgement'
import type { FuelPath } from './condition/fuelPath'
import { fuelPath } from './condition/fuelPath'
import type { MixJudgement } from './entries/mix/judge'
import { judgeMix } from './entries/mix/judge'
import type { OilJudgement } from './entries/oil/judge'
import { judgeOil } from './entries/oil/judge'
import { judgeOilUse, usedSinceLastVisit } from './entries/oil_use/judge'
import { judgeOilChange } from './entries/oil_change/judge'
import { judgeOilKind } from './entries/oil_kind/judge'
import { judgeFit } from './entries/fit_check/judge'
import { judgeRest } from './entries/rest_check/judge'
import { judgeLash } from './entries/lash/judge'
import { shownIn } from './units/unitRound'
import type { Spend } from './estimate/spend'
import { spendNow, spendStop, termsNow } from './estimate/spend'
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
  turnOver: StoppingJudgement | null
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
 * The judgement of a job: pure, deterministic, without a clock, so that the same log always reads the same.
 * @param file engine facts, spec sheet, shop policy and the whole log, oldest entry first
 */
export function assess(file: JobFile): Assessment {
  const inForce = entriesInForce(file.entries)
  const of = <K extends EntryKind, J>(kind: K, judge: (entry: EntryOf<K>, file: JobFile, inForce: Entry[]) => J): J[] =>
    ofKind(inForce, kind).map(e => judge(e, file, inForce))
  const oils = of('oil', judgeOil)
  const mixes = of('mix', judgeMix)
  const turns = of('turn_over', judgeTurnOver)
  const compressions = of('compression', judgeCompression)
  const samples = of('debris', judgeDebris)
  const [oil, mix, turnOver, compression, debris] = [
    oils.at(-1) ?? null,
    mixes.at(-1) ?? null,
    turns.at(-1) ?? null,
    compressions.at(-1) ?? null,
    samples.at(-1) ?? null,
  ]
  const since = oil && usedSinceLastVisit(file, inForce)
  if (since) oil.details.push(usedSinceWords(since, ml => shownIn(ml, 'mL', file.policy.volumeUnit)))
  const leakDowns = of('leak_down', judgeLeakdown)
  const cases = of('crankcase', judgeCrankcase)
  const plugs = of('plug', judgePlug)
  const filters = of('air_filter', judgeAirFilter)
  const smokes = of('smoke', judgeSmoke)
  const leaks = of('leaks', judgeLeaks)
  const clues = of('clues', judgeClues)
  const lashes = of('lash', judgeLash)
  const locks = of('lock_step', judgeLockStep)
  const uses = of('oil_use', judgeOilUse)
  const kinds = of('oil_kind', judgeOilKind)
  const oilChanges = of('oil_change', judgeOilChange)
  const events = of('event', judgeEvent)
  const changes = of('modification', judgeModification)
  const evidence = of('evidence', judgeEvidence)
  const bores = of('bore', judgeBore)
  const measures = of('measure', judgeMeasure)
  const valveLeaks = of('valve_leak', judgeValveLeak)
  const rigs = of('pump_rig', judgePumpRig)
  const rests = of('rest_check', judgeRest)
  const fits = of('fit_check', judgeFit)
  const standing = new Set(partsStanding(inForce).map(e => e.id))
  const parts = of('part', judgePart).filter(p => standing.has(p.entryId))
  const fuel = fuelPath(inForce, file.facts)
  // a level that was fuel is dealt with by the way back from it
  const levelStops = (oil?.stops ?? []).filter(s => !(fuel && s.id === 'oil_over'))
  const stages = stageStates(inForce, file.facts)
  const order = new Map(inForce.map((e, i) => [e.id, i]))
  const placeOf = (j: Judgement): number => order.get(j.entryId) ?? 0
  const judgements: Judgement[] = [
    ...oils,
    ...mixes,
    ...turns,
    ...compressions,
    ...plugs,
    ...filters,
    ...leakDowns,
    ...cases,
    ...samples,
    ...smokes,
    ...leaks,
    ...clues,
    ...lashes,
    ...locks,
    ...uses,
    ...kinds,
    ...oilChanges,
    ...events,
    ...changes,
    ...evidence,
    ...bores,
    ...measures,
    ...valveLeaks,
    ...rigs,
    ...rests,
    ...fits,
    ...parts,
  ].sort((a, b) => placeOf(a) - placeOf(b))
  // each place stands for itself: the newest sample of every other one
  const elsewhere = newestByPlace(samples, inForce).filter(s => s !== debris)
  const others = [
    ...elsewhere,
    smokes.at(-1),
    leaks.at(-1),
    clues.at(-1),
    lashes.at(-1),
    locks.at(-1),
    uses.at(-1),
    kinds.at(-1),
    oilChanges.at(-1),
    ...events,
    ...changes,
    ...evidence,
    ...bores.slice(-1),
    ...measures,
    ...valveLeaks,
    ...rigs,
    ...rests.slice(-1),
    ...fits.slice(-1),
    ...parts,
  ].filter(j => j !== undefined)
  // turned with the plug out after the step that let the liquid out, and the step is done with
  const lastLock = locks.at(-1)
  const turnedSince =
    lastLock !== undefined &&
    ofKind(inForce, 'turn_over').some(e => (order.get(e.id) ?? 0) > placeOf(lastLock) && e.body.feel !== 'locked')
  const lockStops = turnedSince ? [] : locks.flatMap(l => l.stops).slice(-1)
  const plugOut = ofKind(inForce, 'lock_step').some(
    e =>
      e.body.step === 'plug_out' &&
      e.body.result !== 'cant' &&
      turnOver !== null &&
      (order.get(e.id) ?? 0) > placeOf(turnOver),
  )
  const turnStops = plugOut ? [] : (turnOver?.stops ?? [])
  const bore = bores.at(-1) ?? null
  const spend = spendNow(inForce, file.policy)
  const stops = signed(
    [
      ...turnStops,
      ...lockStops,
      ...(fuel?.stop ? [fuel.stop] : []),
      ...levelStops,
      ...(mix?.stops ?? []),
      ...debrisStops(samples, inForce),
      ...(kinds.at(-1)?.stops ?? []),
      ...changes.flatMap(c => c.stops),
      ...knockStops(inForce),
      ...tipStops(oil, fuel, inForce),
      ...causeStop(inForce),
      ...spendStop(spend, inForce, file.policy),
    ],
    inForce,
  )
  const past = new Set(measures.filter(m => m.mark === 'past').map(m => m.entryId))
  const ruling: Ruling = {
    inForce,
    facts: file.facts,
    bore,
    stops,
    pastSizes: ofKind(inForce, 'measure')
      .filter(e => past.has(e.id))
      .map(e => e.body.item),
    bad: badParts(inForce, measures, bore),
  }
  return {
    inForce: inForce.map(e => e.id),
    judgements,
    oil,
    mix,
    fuel,
    turnOver,
    compression,
    debris,
    plug: plugs.at(-1) ?? null,
    airFilter: filters.at(-1) ?? null,
    leakDown: leakDowns.at(-1) ?? null,
    crankcase: cases.at(-1) ?? null,
    bore,
    owed: owedNow(inForce),
    oilMap: oilMapOf(inForce, file),
    others,
    basis: basisOf(inForce, file.facts),
    stops,
    bad: ruling.bad,
    next: nextLooks(inForce, file.facts),
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

function usedSinceWords(
  { number, usedMl, hours, mlPerH }: NonNullable<ReturnType<typeof usedSinceLastVisit>>,
  show: (ml: number) => string,
): string {
  return usedMl < 0
    ? `Since T ${number} it rose by ${show(-usedMl)} in ${Math.round(hours)} h: topped up, or fuel. Smell it.`
    : `Since T ${number} it used ${show(usedMl)} in ${Math.round(hours)} h, ${show(mlPerH)} an hour, top-ups not counted.`
}

/** Stops that an adult may take on with a reason. Fuel in the engine, a liquid lock, a wrong can or fluid and a guard that is off are never among them. */
const SIGNABLE: readonly string[] = ['oil_low', 'oil_over', 'debris', 'knock', 'tip', 'cause']

/** Nothing is signed away on a machine that a child rides. */
function signed(stops: Stop[], inForce: Entry[]): Stop[] {
  const child = latest(inForce, 'terms')?.body.useClass === 'child'
  return stops.map(stop => {
    const canSign = SIGNABLE.includes(stop.id) && !child
    const signature = canSign
      ? ofKind(inForce, 'sign_off')
          .filter(e => e.body.stopId === stop.id)
          .at(-1)
      : undefined
    return {
      ...stop,
      canSign,
      signed: signature ? { by: signature.by, at: signature.at, reason: signature.body.reason } : null,
    }
  })
}

/** Oil far over its mark, or fuel lying in it, runs into filter, carburettor and cylinder as soon as it is laid over. */
function tipStops(oil: OilJudgement | null, fuel: FuelPath | null, inForce: Entry[]): Stop[] {
  const over = oil?.state === 'over' || oil?.state === 'dangerously_over'
  // what was measured in a can is out of the engine
  const drained = latest(inForce, 'oil')?.body.reading.by === 'volume' || (fuel !== null && fuel.step !== 'drain')
  if (drained || !(over || fuel)) return []
  return [
    {
      id: 'tip',
      title: "Don't tip it",
      reason: `${fuel ? 'Oil with fuel in it' : 'Oil far over its mark'} runs into the filter, the carburettor and the cylinder, and locks it.`,
      clearedBy: fuel ? 'Drained.' : 'A later reading at or under the full mark, or drained.',
    },
  ]
}

/** A knock that was heard or felt: until the place is listened to or rocked again and it is not there. Naming its cause, or suspecting one, mends nothing. */
function knockStops(inForce: Entry[]): Stop[] {
  const heard = ofKind(inForce, 'check').filter(e => e.body.check === 'listen' || e.body.check === 'rock')
  const last = (sign: string): boolean =>
    heard
      .filter(e => e.body.found.includes(sign) || e.body.absent.includes(sign))
      .at(-1)
      ?.body.found.includes(sign) ?? false
  return last('knock_load') || last('rod_slack')
    ? [
        {
          id: 'knock',
          title: "Don't run it",
          reason: 'A big-end knock breaks the rod and throws metal.',
          clearedBy: 'Mended, then looked at again and not there. Naming its cause ends nothing.',
        },
      ]
    : []
}

/** The newest sample of each place. */
function newestByPlace(samples: DebrisJudgement[], inForce: Entry[]): DebrisJudgement[] {
  const placeOf = new Map(ofKind(inForce, 'debris').map(e => [e.id, e.body.place]))
  return [...new Map(samples.map(s => [placeOf.get(s.entryId), s])).values()]
}

/** What stops it by the newest sample of each place: what was found in one says nothing of another. */
function debrisStops(samples: DebrisJudgement[], inForce: Entry[]): Stop[] {
  const stops = newestByPlace(samples, inForce).flatMap(s => s.stops)
  const [first] = stops
  return first ? [{ ...first, reason: stops.map(s => s.reason).join(' ') }] : []
}
