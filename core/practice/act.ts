import { InputError } from '../errors'
import type { Archetype } from './archetypes'
import type { Value } from './checks/ctx'
import type { Done, PracticeEngine } from './engine'
import { applyFault, FAULTS } from './faults'
import { derive, inSump, isLocked, liquidLock, runsFor, startScore, heatOf, tempAfter } from './physics'
import { figure } from './inputs'
import { pastNeedle, runsToSump, TO_SUMP } from './settle'
import { repairOf } from './repairs'
import { RULE } from './rules'
import { ranWords, runIt } from './running'
import { rnd } from './seeded'
import type { Figure, State } from './state'
import { latentOf, soundState } from './state'

export interface Harm {
  rule: string
  money: number
  what: string
}
export interface Acted {
  /** a copy, as it is after */
  engine: PracticeEngine
  minutes: number
  money: number
  harm: Harm[]
  /** what went well by luck */
  near: { rule: string; what: string }[]
  events: Value[]
}

/** What an act may change and add to, while it is done. */
interface Doing {
  a: Archetype
  x: State
  seed: number
  amb: number
  faults: Record<string, number>
  done: Done
  out: { minutes: number; money: number; harm: Harm[]; near: Acted['near']; events: Value[] }
}
const hurt = (d: Doing, rule: string, share: number, what: string): void => {
  d.out.harm.push({ rule, money: rnd(share * d.a.price, 2), what })
}
/** Counted once, however long it goes on. */
const hurtOnce = (d: Doing): ((rule: string, share: number, what: string) => void) => {
  const hurtNow = new Set<string>()
  return (rule, share, what) => {
    if (hurtNow.has(what)) return
    hurtNow.add(what)
    hurt(d, rule, share, what)
  }
}
const near = (d: Doing, rule: string, what: string): void => {
  d.out.near.push({ rule, what })
}

const BOUNDS = { minutes: 240, hours: 720, ml: 6000 } as const
const amount = (options: Record<string, unknown>, field: keyof typeof BOUNDS): number =>
  figure(options[field], field, { low: 0, high: BOUNDS[field], above: true })

/** Turned under power, or by a pull: what breaks on the way. False: it never turned. */
function cranked(d: Doing): boolean {
  const { a, x, out } = d
  if (x.wfuel > 0.5) near(d, RULE.fuel, 'cranked over spilt fuel')
  if (liquidLock(a, x)) {
    hurt(d, RULE.liquid, 0.35, 'rod bent against liquid')
    x.run += 0.1
    x.be += 0.05
    x.tight += 0.3
    out.events.push('locked')
    return false
  }
  if (x.lock === 'piston' || x.lock === 'rust' || x.lock === 'rod') {
    hurt(d, RULE.liquid, 0.05, 'forced a locked engine')
    x.marks += 0.2
    out.minutes = 2
    out.events.push('locked')
    return false
  }
  if (x.lock !== '') {
    out.events.push('locked')
    return false
  }
  if (x.rodbroken) hurt(d, RULE.rod, 0.1, 'cranked with a broken rod')
  if (x.openEx + x.openIn > 1.5 || x.camoff > 30) hurt(d, RULE.valve, 0.15, 'valve met the piston')
  return true
}
/** A start, with what fires at the wrong time. */
function startIt(d: Doing): boolean {
  const { a, x, out } = d
  if (!cranked(d)) return false
  if (x.key > 5 && (a.start === 'rope' || a.start === 'kick')) {
    hurt(d, RULE.key, 0.08, 'kicked back: hand and rope')
    out.events.push('kicked_back')
  }
  const { z } = startScore(a, x)
  if (z < 0.15) {
    x.flood += 0.004 * a.cc * derive(a, x).phiStart
    out.events.push('does_not_start')
    return false
  }
  out.events.push('starts')
  return true
}

/** Liquids and time: they stay as they are when a part is mended. */
const STAYS: readonly Figure[] = [
  ...(['oil', 'ofuel', 'owater', 'oilcyl', 'watercyl', 'flood', 'pipeoil', 'tankml', 'hours', 'since'] as const),
  ...(['temp', 'standh'] as const),
]
/** Causes that are liquids where they don't belong, or not where they do: mending one is putting them right. */
const OF_LIQUID = new Set([
  ...['flooded', 'lock_fuel', 'lock_oil', 'lock_water', 'overfilled', 'tipped', 'ran_low', 'fuel_in_oil'],
  ...['coolant_in_oil', 'condensation'],
])

/** The state by its faults alone, before anything came of them. */
function withFaults(d: Doing, ids: string[]): State {
  const x = soundState(d.a, d.seed, d.amb)
  for (const id of ids) applyFault(x, d.a, d.seed, id, d.faults[id] ?? 0)
  return x
}

function repair(d: Doing, cause: unknown): void {
  if (cause === null || cause === undefined) throw new InputError('missing', 'cause', 'Say which cause is mended.')
  if (typeof cause !== 'string' || !(cause in FAULTS))
    throw new InputError('bad_choice', 'cause', `There is no cause called ${String(cause)}.`)
  const { minutes, share } = repairOf(cause)
  d.out.minutes = minutes
  d.out.money = rnd(share * d.a.price, 2)
  if (!(cause in d.faults)) {
    d.out.events.push('not_it')
    return
  }
  const ids = Object.keys(d.faults)
  const bad = withFaults(d, ids)
  const good = withFaults(
    d,
    ids.filter(id => id !== cause),
  )
  for (const key of Object.keys(good) as (keyof State)[]) {
    if (bad[key] === good[key]) continue
    if (key === 'lock') d.x.lock = good.lock
    else if (!STAYS.includes(key) || OF_LIQUID.has(cause)) d.x[key] = good[key]
  }
  d.faults = Object.fromEntries(Object.entries(d.faults).filter(([id]) => id !== cause))
  d.out.events.push('right')
}

function tip(d: Doing, which: unknown): void {
  const { a, x } = d
  if (which === null || which === undefined) throw new InputError('missing', 'way', 'Say which side goes down.')
  if (which !== 'carb_down' && which !== 'carb_up' && which !== 'exhaust_down')
    throw new InputError('bad_choice', 'way', 'way: carb_down, carb_up or exhaust_down.')
  if (!a.sump || which === 'carb_up') return
  const rule = x.ofuel > 0.05 * a.cap ? RULE.fuelInOil : RULE.over
  if (which === 'exhaust_down') x.oilcyl += 0.1 * a.vc
  else {
    hurt(d, rule, 0.05, 'smoked and soaked its filter')
    x.afoil += 0.6
    x.oilcyl += 0.15 * a.vc
  }
}

function fill(d: Doing, ml: number): void {
  const { a, x, out } = d
  const price = rnd(0.008 * ml, 2)
  out.money = price
  const leaking = x.needle > 0 && x.tank > 0 && runsToSump(a, latentOf(d.seed))
  if (leaking || x.ofuel > 0.05 * a.cap)
    out.harm.push({
      rule: RULE.fuelInOil,
      money: rnd(price + 4, 2),
      what: 'fresh oil before the path was cured: wasted',
    })
  x.oil += ml
  if (inSump(x) > a.oilMax + 0.25 * a.cap) near(d, RULE.over, 'overfilled')
}

function stand(d: Doing, hours: number): void {
  const { a, x, out } = d
  const lost = pastNeedle(x, hours)
  if (runsToSump(a, latentOf(d.seed))) x.ofuel += TO_SUMP * lost
  x.flood += Math.min(0.06 * lost, 1.6 * a.vc)
  x.tankml -= lost
  const { tau } = heatOf(a, x, 0, d.amb)
  x.temp = tempAfter({ end: d.amb, tau: 2 * tau }, x.temp, 60 * hours)
  out.events.push({ seen: lost < 0.5 ? 'none' : lost < 5 ? 'damp' : 'liquid' })
}

interface ActPlan {
  minutes: number
  money?: number
  fits?(a: Archetype): boolean
  does?(d: Doing, options: Record<string, unknown>): void
}
const sump = (a: Archetype): boolean => a.sump === 1

export const ACTS: Readonly<Record<string, ActPlan>> = {
  make_safe: { minutes: 2, does: d => (d.done = { ...d.done, safe: true }) },
  record: { minutes: 1, does: d => (d.done = { ...d.done, recorded: true }) },
  plug_out_dry: { minutes: 6, does: ({ x }) => Object.assign(x, { flood: 0, oilcyl: 0, watercyl: 0 }) },
  turn: {
    minutes: 1,
    does: d => {
      if (!d.done.safe) near(d, RULE.unsafe, 'hands in before it was made safe')
      if (liquidLock(d.a, d.x)) near(d, RULE.liquid, 'turned against liquid')
      d.out.events.push(isLocked(d.a, d.x) ? 'locked' : 'turns')
    },
  },
  crank: { minutes: 1, does: d => void (cranked(d) && d.out.events.push('turns')) },
  start: { minutes: 1, does: d => void startIt(d) },
  run: {
    minutes: 1,
    does: (d, options) => {
      const minutes = amount(options, 'minutes')
      const load = figure(options.load ?? 0.5, 'load', { low: 0, high: 1 })
      const { a, x, out } = d
      if (!cranked(d)) return
      const { runs, dies } = runsFor(a, x)
      if (!runs) {
        out.events.push('does_not_run')
        return
      }
      const run = runIt(x, a, minutes, dies, load, d.amb, hurtOnce(d))
      out.minutes = rnd(run.minutes, 2)
      if (run.stopped) out.events.push(run.stopped)
      out.events.push(ranWords(run, x.temp))
      d.done = { ...d.done, ranMin: d.done.ranMin + run.ranMin }
    },
  },
  stand: { minutes: 0, does: (d, o) => stand(d, amount(o, 'hours')) },
  drain: {
    minutes: 6,
    fits: sump,
    does: ({ x, out }) => {
      out.events.push({ volume_ml: rnd(0.96 * inSump(x)) })
      for (const key of ['oil', 'ofuel', 'owater'] as const) x[key] *= 0.04
      x.al *= 0.1
      x.fe *= 0.1
      x.plas *= 0.3
    },
  },
  fill: { minutes: 3, fits: sump, does: (d, o) => fill(d, amount(o, 'ml')) },
  tip: { minutes: 1, does: (d, o) => tip(d, o.way) },
  set_lash: {
    minutes: 8,
    fits: a => a.strokes === 4,
    does: d => {
      if (!d.done.recorded) near(d, RULE.asFound, 'lash turned before it was written down')
      Object.assign(d.x, { lashIn: d.a.lashIn, lashEx: d.a.lashEx })
    },
  },
  mix_can: { minutes: 4, money: 3, fits: a => a.oiling === 'premix', does: ({ x }) => (x.mixoil = 1) },
  repair: { minutes: 30, does: (d, o) => repair(d, o.cause) },
  spark_test_fuel_about: {
    minutes: 3,
    does: d => {
      const { a, x } = d
      if (liquidLock(a, x) === 'fuel' || x.wfuel > 0.6 || x.flood > 0.04 * a.cc) hurt(d, RULE.fuel, 1, 'fire')
      else near(d, RULE.fuel, 'fire')
    },
  },
}

/**
 * Does something to an engine: what it took, what it cost, and what it broke. The engine that was given is not changed.
 * @param action   one of `ACTS`
 * @param options  minutes (0, 240] and load 0..1 of a run, hours (0, 720] of a stand, ml (0, 6000] of a fill, way of a tip, cause of a repair
 * @throws InputError with the field that is missing or wrong; `inconsistent` for an act that this engine has no use for
 */
export function act(engine: PracticeEngine, action: unknown, options: Record<string, unknown> = {}): Acted {
  const { a, hidden } = engine
  if (action === null || action === undefined) throw new InputError('missing', 'action', 'Say what is done.')
  const plan = typeof action === 'string' && Object.hasOwn(ACTS, action) ? ACTS[action] : undefined
  if (!plan) throw new InputError('bad_choice', 'action', `Nothing is called ${String(action)}.`)
  if (plan.fits && !plan.fits(a))
    throw new InputError('inconsistent', 'action', 'There is nothing on this engine to do that to.')
  const d: Doing = {
    ...{ a, seed: hidden.seed, amb: hidden.amb, done: hidden.done },
    x: { ...hidden.x },
    faults: { ...hidden.faults },
    out: { minutes: plan.minutes, money: plan.money ?? 0, harm: [], near: [], events: [] },
  }
  plan.does?.(d, options)
  return { engine: { a, hidden: { ...hidden, x: d.x, faults: d.faults, done: d.done } }, ...d.out }
}
