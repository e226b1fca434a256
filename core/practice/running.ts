import type { Archetype } from './archetypes'
import { burn, heatOf, inSump, leakRate, tempAfter } from './physics'
import { rnd } from './seeded'
import type { State } from './state'
import { RULE } from './rules'

/** Harm as a share of what the engine costs. */
export type Hurt = (rule: string, share: number, what: string) => void

export interface Run {
  minutes: number
  ranMin: number
  burnt: number
  leaked: number
  stopped: 'rod_broke' | 'seized' | 'died' | null
}

const LIMITS = { air: { hot: 250, seizes: 300 }, liquid: { hot: 110, seizes: 130 } } as const
const ROD_LETS_GO = 0.42

/** One step of the oil: burnt, lost, and the fuel that boils out of it. */
function oilStep(x: State, a: Archetype, dt: number, load: number): { burnt: number; leaked: number } {
  const burnt = Math.min(x.oil, (burn(a, x).all * dt * (0.4 + 0.8 * load)) / 60)
  x.oil -= burnt
  const leaked = Math.min(x.oil, (leakRate(a, x) * dt) / 60)
  x.oil -= leaked
  if (x.temp > 80) x.ofuel *= 1 - 0.01 * dt
  return { burnt, leaked }
}

/** What running with too little, too much, thinned or ruined oil does. */
function oilHarm(x: State, a: Archetype, dt: number, load: number, hurt: Hurt): void {
  if (!a.sump) return
  const tot = inSump(x)
  const level = x.oil / a.oilMin
  const f = tot > 0 ? x.ofuel / tot : 0
  if (level < 0.6) {
    hurt(RULE.low, 0.05 + 0.5 * (0.6 - level), 'ran short of oil: big end hurt')
    x.be += 0.004 * (0.6 - level) * dt * (0.4 + load)
  }
  if (f > 0.08) {
    hurt(RULE.fuelInOil, 0.1 + 0.5 * f, 'ran on thinned oil: big end hurt')
    x.be += 0.004 * f * dt * (0.4 + load)
  }
  if (x.ruin > 0.6) hurt(RULE.ruined, 0.05, 'ran on ruined oil')
  if (tot > a.oilMax + 0.25 * a.cap) {
    hurt(RULE.over, 0.03, 'smoked and soaked its filter')
    x.afoil += 0.05 * dt
  }
}

/** What running with hurt metal does; the word where it stops. */
function metalHarm(x: State, a: Archetype, dt: number, load: number, hurt: Hurt): Run['stopped'] {
  const film = Math.min(x.mixoil, x.injoil)
  if (a.strokes === 2 && film < 0.6) {
    hurt(RULE.lean, 0.1 + 0.4 * (0.6 - film), 'scuffed the piston')
    x.smear += 0.02 * dt * load
    x.score += 0.02 * a.ring0 * dt * load
  }
  if (x.be > 2.2 * a.be0 + 0.05) {
    hurt(RULE.knock, 0.1, 'ran with a knock')
    x.be += 0.0015 * dt * (0.3 + load)
    if (x.be >= ROD_LETS_GO) {
      hurt(RULE.rod, 0.8, 'the rod let go')
      x.rodbroken = 1
      return 'rod_broke'
    }
  }
  if (x.hole > 0) hurt(RULE.holed, 0.2, 'ran with a holed piston')
  if (x.driveloose > 0.3 || x.run > 0.12) hurt(RULE.bent, 0.08, 'ran with the shaft or blade out of true')
  const { hot, seizes } = LIMITS[a.cooling]
  if (x.temp > hot) {
    hurt(RULE.hot, 0.25, 'overheated')
    x.gasket += 0.05 * dt
  }
  if (x.temp <= seizes) return null
  hurt(RULE.seized, 0.45, 'the piston seized')
  x.lock = 'piston'
  return 'seized'
}

/** Runs it, in steps of a minute at the most, until its time is up, it dies or it breaks. Changes the state. */
export function runIt(
  x: State,
  a: Archetype,
  minutes: number,
  dies: number,
  load: number,
  amb: number,
  hurt: Hurt,
): Run {
  // heat as it was when it was started
  const heat = heatOf(a, x, load, amb)
  const run: Run = { minutes: 0, ranMin: 0, burnt: 0, leaked: 0, stopped: null }
  while (run.minutes < minutes) {
    if (run.minutes >= dies) {
      run.stopped = 'died'
      break
    }
    const dt = Math.min(1, minutes - run.minutes)
    x.temp = tempAfter(heat, x.temp, dt)
    const { burnt, leaked } = oilStep(x, a, dt, load)
    run.burnt += burnt
    run.leaked += leaked
    oilHarm(x, a, dt, load, hurt)
    run.stopped = metalHarm(x, a, dt, load, hurt)
    run.minutes += dt
    if (run.stopped) break
    run.ranMin += dt
    x.hours += dt / 60
    x.since += dt / 60
    x.pipeoil = Math.max(0, x.pipeoil - 0.12 * dt)
    x.oilcyl = Math.max(0, x.oilcyl - 0.3 * a.vc * dt)
    if (x.needle < 20) x.flood = Math.max(0, x.flood - 0.02 * a.cc * dt)
  }
  return run
}

export const ranWords = (run: Run, temp: number): Record<string, number> => ({
  burnt_ml: rnd(run.burnt, 3),
  leaked_ml: rnd(run.leaked, 3),
  temp_c: rnd(temp),
})
