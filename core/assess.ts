import type { CompressionJudgement } from './compression/judgeCompression'
import { judgeCompression } from './compression/judgeCompression'
import { judgeCrankcase, judgeLeakdown } from './compression/judgeTightness'
import type { TurnOverJudgement } from './compression/judgeTurnOver'
import { judgeTurnOver } from './compression/judgeTurnOver'
import type { DebrisJudgement } from './debris/judgeDebris'
import { judgeDebris } from './debris/judgeDebris'
import type { EntryOf } from './job/entries'
import { entriesInForce, latest, ofKind } from './job/entries'
import { judgeAirFilter, judgePlug } from './job/judgeLook'
import type { JobFile } from './job/jobFile'
import type { NextLook } from './job/nextLooks'
import { nextLooks } from './job/nextLooks'
import type { StageState, Waiting } from './job/stages'
import { currentStage, stageStates, waitingNow } from './job/stages'
import type { Stage } from './job/vocabulary'
import type { Judgement, Stop } from './judgement'
import type { FuelPath } from './oil/fuelPath'
import { fuelPath } from './oil/fuelPath'
import type { MixJudgement } from './mix/judgeMix'
import { judgeMix } from './mix/judgeMix'
import type { OilJudgement } from './oil/judgeOil'
import { judgeOil } from './oil/judgeOil'
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
  turnOver: TurnOverJudgement | null
  /** how far the job is on the way back from fuel in the oil; null when there was none */
  fuel: FuelPath | null
  compression: CompressionJudgement | null
  plug: Judgement | null
  airFilter: Judgement | null
  leakDown: Judgement | null
  crankcase: Judgement | null
  debris: DebrisJudgement | null
  stops: Stop[]
  next: NextLook[]
  decision: DecisionView
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
  const oils = ofKind(inForce, 'oil').map(e => judgeOil(e, file))
  const mixes = ofKind(inForce, 'mix').map(e => judgeMix(e, file))
  const turns = ofKind(inForce, 'turn_over').map(e => judgeTurnOver(e, file))
  const compressions = ofKind(inForce, 'compression').map(e => judgeCompression(e, file))
  const samples = ofKind(inForce, 'debris').map(e => judgeDebris(e, file))
  const [oil, mix, turnOver, compression, debris] = [oils.at(-1) ?? null, mixes.at(-1) ?? null, turns.at(-1) ?? null, compressions.at(-1) ?? null, samples.at(-1) ?? null]
  const leaks = ofKind(inForce, 'leak_down').map(e => judgeLeakdown(e, file))
  const cases = ofKind(inForce, 'crankcase').map(e => judgeCrankcase(e, file))
  const plugs = ofKind(inForce, 'plug').map(e => judgePlug(e, file))
  const filters = ofKind(inForce, 'air_filter').map(e => judgeAirFilter(e))
  const fuel = fuelPath(inForce, file.facts)
  // a level that was fuel is dealt with by the way back from it
  const levelStops = (oil?.stops ?? []).filter(s => !(fuel && s.id === 'oil_over'))
  const stages = stageStates(inForce, file.facts)
  const order = new Map(inForce.map((e, i) => [e.id, i]))
  const judgements: Judgement[] = [...oils, ...mixes, ...turns, ...compressions, ...plugs, ...filters, ...leaks, ...cases, ...samples].sort((a, b) => (order.get(a.entryId) ?? 0) - (order.get(b.entryId) ?? 0))
  return {
    inForce: inForce.map(e => e.id),
    judgements,
    oil, mix, fuel, turnOver, compression, debris,
    plug: plugs.at(-1) ?? null,
    airFilter: filters.at(-1) ?? null,
    leakDown: leaks.at(-1) ?? null,
    crankcase: cases.at(-1) ?? null,
    stops: [...(turnOver?.stops ?? []), ...(fuel?.stop ? [fuel.stop] : []), ...levelStops, ...(mix?.stops ?? []), ...(debris?.stops ?? [])],
    next: nextLooks(inForce, file.facts),
    decision: judgeDecision(ofKind(inForce, 'option'), latest(inForce, 'terms')?.body, file.policy),
    approved: latest(inForce, 'approval') ?? null,
    stages,
    stage: currentStage(stages),
    waiting: waitingNow(inForce),
    closed: latest(inForce, 'hand_back') !== undefined,
  }
}
