import type { EngineFacts } from '../engine/facts'
import type { StandState } from '../entries/stand_test/judge'
import { judgeStand } from '../entries/stand_test/judge'
import { roomOf } from '../entries/rooms'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { Cure } from '../oil/cures'
import { CURES } from '../oil/cures'

export type FuelStep = 'drain' | 'cure' | 'stand' | 'refill' | 'smell' | 'done'

export interface StandTest {
  entryId: string
  startedAt: string
  endedAt: string | null
  minimumHours: number
  state: StandState
}

/** The way back from fuel in the oil. The order is compulsory: a refill before the test wastes oil and hides the fault. */
export interface FuelPath {
  step: FuelStep
  stand: StandTest | null
  /** where the fuel most likely came from on this kind of carburettor */
  likely: string[]
  /** why it still must not be started or filled, and what comes next */
  why: string | null
}

/** Whether an entry says that oil went into the engine, whatever it is called: a refill, an oil change, oil among the parts fitted. */
export const pouredIn = (entry: Entry): boolean => roomOf(entry).acts?.(entry).includes('refill') ?? false

const LIKELY: Partial<Record<EngineFacts['fuelFeed'], Cure[]>> = {
  float: ['needle', 'tap', 'tipped'],
  diaphragm: ['diaphragm', 'blow_by', 'tipped'],
  pulse: ['diaphragm', 'blow_by', 'tipped'],
  vacuum_tap: ['tap', 'needle', 'tipped'],
  injection: ['injector', 'blow_by'],
}

/** What an entry says of the smell: with a reading, or as a sniff of its own. */
function smelt(entry: Entry): string | null {
  if (entry.kind === 'oil') return entry.body.smell
  if (entry.kind !== 'check' || entry.body.check !== 'oil_smell' || entry.body.skipped !== null) return null
  if (entry.body.found.includes('oil_petrol')) return 'petrol'
  return entry.body.absent.includes('oil_petrol') && !entry.body.found.length ? 'plain' : null
}

/**
 * How far a job is on that way; null when no oil was ever found to smell of petrol.
 * Everything counts only after the last reading that smelled of it.
 */
export function fuelPath(inForce: Entry[], facts: EngineFacts): FuelPath | null {
  const found = inForce.findLast(e => smelt(e) === 'petrol')
  if (!found) return null
  const after = inForce.slice(inForce.indexOf(found) + 1)
  const likely = (LIKELY[facts.fuelFeed] ?? ['needle', 'diaphragm', 'blow_by', 'tipped']).map(c => CURES[c])
  const fluids = keptOf(after).fluid
  const drained =
    (found.kind === 'oil' && found.body.reading.by === 'volume') || fluids.some(f => f.body.action === 'drained')
  // a test that leaked makes the cure due again: only what was cured after it counts
  const firstCure = keptOf(after).cure[0]
  const leaked = firstCure
    ? keptOf(after.slice(after.indexOf(firstCure))).stand_test.findLast(e => judgeStand(e.body) === 'leaked')
    : undefined
  const from = leaked ? after.indexOf(leaked) : -1
  const cured = keptOf(after.slice(from + 1)).cure[0]
  const cure = cured ? after.indexOf(cured) : -1
  const last = cure < 0 ? leaked : (keptOf(after.slice(cure + 1)).stand_test.at(-1) ?? leaked)
  const stand: StandTest | null = last
    ? {
        entryId: last.id,
        startedAt: last.body.startedAt,
        endedAt: last.body.endedAt,
        minimumHours: last.body.minimumHours,
        state: judgeStand(last.body),
      }
    : null
  const passed = cure >= 0 && stand?.state === 'passed'
  const testAt = last ? after.indexOf(last) : -1
  const filled = passed ? after.findIndex((e, i) => i > testAt && pouredIn(e)) : -1
  const smeltAgain = filled >= 0 && after.slice(filled + 1).some(e => smelt(e) === 'plain')
  const step: FuelStep = !drained
    ? 'drain'
    : cure < 0
      ? 'cure'
      : !passed
        ? 'stand'
        : filled < 0
          ? 'refill'
          : smeltAgain
            ? 'done'
            : 'smell'
  return { step, stand, likely, why: whyNot(step, stand) }
}

const NEXT: Partial<Record<FuelStep, string>> = {
  drain: 'Drain all of it, outdoors, with the plug lead off.',
  cure: 'Cure the way that the fuel came before anything else.',
  stand: 'Fuel on, stand it over a dry paper, and wait.',
}

function whyNot(step: FuelStep, stand: StandTest | null): string | null {
  const next = NEXT[step]
  if (!next) return null
  const failed =
    stand?.state === 'leaked'
      ? ' The last test leaked.'
      : stand?.state === 'too_short'
        ? ' The last test was too short.'
        : ''
  return `There was fuel in the oil. ${next}${failed} Never crank it with the plug in while fuel may lie inside. No sparks near.`
}

/** Why fresh oil may not go in yet; null when it may. */
export function refillRefusal(path: FuelPath | null): string | null {
  if (!path || path.step === 'refill' || path.step === 'smell' || path.step === 'done') return null
  const wait = {
    drain: 'drain the old oil first',
    cure: 'cure the way that the fuel came first',
    stand: path.stand?.state === 'running' ? 'the stand test is still running' : 'a stand test has to pass first',
  }[path.step]
  return `No refill yet: there was fuel in the oil, and ${wait}.`
}
