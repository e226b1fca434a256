import type { Archetype } from './archetypes'
import { compressionShare, ramp, releaseWorks } from './compression'
import { clamp } from '../units/clamp'
import type { State } from './state'

/** What liquid stands in the cylinder, mL, the first of them that fills it. */
export function liquidLock(a: Archetype, x: State): 'fuel' | 'oil' | 'water' | null {
  if (x.flood > 0.95 * a.vc) return 'fuel'
  if (x.oilcyl > 0.95 * a.vc) return 'oil'
  return x.watercyl > 0.95 * a.vc ? 'water' : null
}
export const isLocked = (a: Archetype, x: State): boolean => x.lock !== '' || liquidLock(a, x) !== null

/** How much more passes the rings than in a sound engine. */
export const blowby = (a: Archetype, x: State): number =>
  (x.ring + x.score + x.stick + Math.min(x.hole, 5)) / (1.2 * a.ring0)

/** What lies in the sump, mL, and by what share of the fill it is over its mark. */
export const inSump = (x: State): number => x.oil + x.ofuel + x.owater
export const overfull = (a: Archetype, x: State): number => (a.sump ? Math.max(0, inSump(x) - a.oilMax) / a.cap : 0)

/** Oil burnt, mL an hour, by the way it goes. */
export interface Burn {
  /** what a sound engine burns four times over */
  b: number
  /** past the rings, and into the cylinder by the gasket */
  rings: number
  guides: number
  carry: number
  all: number
}
export function burn(a: Archetype, x: State): Burn {
  const b = 0.012 * a.cc * a.cyl
  if (!a.sump) return { b, rings: 0, guides: 0, carry: 0, all: 0 }
  const past = blowby(a, x)
  const rings = b * (0.6 * Math.max(0, past - 1) + 25 * Math.max(0, x.borewear - 0.05) + (1.5 * x.stick) / a.ring0)
  const guides = 60 * b * x.guide
  const carry = b * (40 * overfull(a, x) + 1.2 * Math.max(0, past - 3) + 4 * x.breath)
  const gas = 8 * b * x.goil * (1 - x.gout)
  return { b, rings: rings + gas, guides, carry, all: 0.25 * b + rings + guides + carry + gas }
}

/** Oil lost to the outside, mL an hour. */
export const leakRate = (a: Archetype, x: State): number =>
  0.06 * a.cap * (0.25 * x.wsump + 0.18 * x.wbot + 0.1 * x.wtop + 0.06 * (x.wcover + x.whead + x.wbase))

/** Mixture, spark, power and heat as they follow from a state. */
export interface Derived {
  /** compression against a sound engine's: the first cylinder's, and of the whole engine */
  c1: number
  c: number
  supply: number
  wet: number
  meterMain: number
  meterIdle: number
  rich: number
  phiMain: number
  phiIdle: number
  phiStart: number
  /** at the lead, and at the plug's points */
  e: number
  ep: number
  exh: number
  power: number
  heat: number
}

const pumping = (a: Archetype, x: State, c: number): number => {
  if (a.feed === 'pulse' || a.feed === 'diaphragm')
    return x.pumpf * ramp(c, 0.25, 0.35) * (1 - 0.5 * Math.min(1, x.caseleak / 0.3))
  return a.feed === 'vacuum_tap' && c <= 0.3 ? x.pumpf * 0.3 : x.pumpf
}

function sparkOf(a: Archetype, x: State): { e: number; ep: number } {
  if (!a.petrol) return { e: 0, ep: 0 }
  const weakEarth = x.earth < 0.4 ? 1 - (0.6 * (0.4 - x.earth)) / 0.4 : 1
  let e = x.coil * weakEarth * Math.exp(-1.4 * x.gapoff)
  if (x.stopearth > 0.35 || x.switched > 0.35 || x.earth < 0.12) e = 0
  if (x.batt <= 10.6 && a.start === 'starter' && a.ignition !== 'key') e *= 0.5
  const drowned = 1 - 0.85 * Math.min(1, x.flood / (0.025 * a.cc))
  const oily = 1 - 0.5 * Math.min(1, x.oilcyl / (0.1 * a.vc))
  return { e, ep: e * x.plug * drowned * oily }
}

/** What burns well at a mixture, 0..1. */
function efficiency(a: Archetype, x: State, p: number): number {
  if (!a.petrol) return Math.min(1, p) * (1 - 0.25 * x.inj)
  if (p <= 0.45) return 0
  const eta = p < 0.95 ? 1 - 3 * (0.95 - p) ** 2 : p > 1.15 ? 1 - 0.8 * (p - 1.15) ** 2 : 1
  return Math.max(0, eta)
}

const liftOf = (a: Archetype, x: State): number => {
  if (a.strokes === 2) return 1
  const lift = Math.min(1, 0.4 + 0.6 * x.liftIn) * Math.min(1, 0.4 + 0.6 * x.liftEx)
  return a.cyl === 2 ? 0.5 * lift + 0.5 : lift
}

export function derive(a: Archetype, x: State): Derived {
  const { first: c1, all: c } = compressionShare(a, x)
  const supply = 1.6 * x.tank * Math.min(x.filt * (1 - 0.2 * x.filtdirt), x.tap, pumping(a, x, c), 1 - 0.75 * x.line)
  const volat = 1 - 0.6 * x.stale
  const wet = 1 - 0.45 * x.water
  const meterMain = x.jet * (1 - 0.5 * Math.min(1, x.diaph)) * x.screw
  const meterIdle = x.idlejet * (1 - 0.6 * Math.min(1, x.diaph)) * (0.5 + 0.5 * x.screw)
  const dirty = 0.8 * Math.max(0, x.afilt - 0.3) ** 1.5
  const rich = a.petrol ? 1 + 0.9 * x.choke + dirty + (x.tank ? 0.4 * Math.min(1, x.needle / 40) : 0) : 1 + dirty
  const al = x.aleak + 0.35 * x.reed
  const body = rich * (0.5 + 0.5 * volat) * wet
  const phiMain = (Math.min(meterMain, supply) * body) / (1 + 0.22 * al)
  const phiIdle = (Math.min(meterIdle, supply / 0.2) * body) / (1 + 0.9 * al)
  const wrong = a.petrol ? 1 - 0.8 * x.wrongfuel : 1
  const phiStart = (Math.min(meterIdle, supply / 0.2) * volat * (1 - 0.85 * x.water) * rich * wrong) / (1 + 0.5 * al)
  const { e, ep } = sparkOf(a, x)
  const exh = Math.max(x.exh, 0.97 * x.screen, 0.9 * x.portcarbon)
  const power =
    efficiency(a, x, phiMain) *
    Math.min(1.05, c) ** 0.6 *
    (1 - 0.55 * Math.max(0, x.afilt - 0.25)) *
    Math.min(1, 3 * (1 - exh)) *
    (1 - 0.35 * x.pvalve) *
    (1 - 0.25 * x.reed) *
    liftOf(a, x) *
    (1 - 0.012 * Math.max(0, Math.abs(x.key) - 2)) *
    (1 - 0.3 * x.drag) *
    (1 - 0.18 * x.carbon ** 2) *
    (1 - 0.006 * x.camoff)
  const film = Math.min(x.mixoil, x.injoil)
  const heat =
    1 +
    (a.petrol ? 0.8 * clamp(0.97 - phiMain, 0, 0.3) : 0) +
    0.5 * Math.max(0, exh - 0.3) +
    0.012 * Math.max(0, -x.key) +
    0.008 * Math.max(0, x.key) +
    0.3 * x.drag +
    0.25 * Math.max(0, x.carbon - 0.3) +
    (a.sump ? 0.35 * Math.max(0, 1 - x.oil / a.oilMin) : 0.5 * Math.max(0, 0.6 - film)) +
    0.15 * x.ruin +
    0.02 * Math.min(6, x.seatEx + x.gasket)
  return { c1, c, supply, wet, meterMain, meterIdle, rich, phiMain, phiIdle, phiStart, e, ep, exh, power, heat }
}

export const GATES = ['compression', 'fuel', 'exhaust', 'timing', 'liquid', 'spark', 'turn'] as const
export type Gate = (typeof GATES)[number]

/** How well it starts, 0..1, and what stands in its way the most. */
export function startScore(a: Archetype, x: State, d = derive(a, x)): { z: number; worst: Gate } {
  const least = Math.min(x.liftIn, x.liftEx)
  const lifted = a.cyl === 1 && a.strokes === 4 && least <= 0.02 ? 0.1 : a.strokes === 4 ? clamp(0.3 + least) : 1
  const starter = ramp(x.batt, 11.2, 0.9) * (x.startw >= 0.5 ? 0 : 1) * ramp(x.earth, 0.1, 0.3)
  const rope = a.start === 'rope' && a.release === 'automatic' && !releaseWorks(a, x) ? 0.6 : 1
  const gate: Record<Gate, number> = {
    compression: ramp(d.c, 0.25, 0.3) * lifted,
    fuel: ramp(d.phiStart, 0.3, 0.3) * clamp((2.3 - d.phiStart) / 0.5) * (!a.petrol && x.switched > 0.35 ? 0 : 1),
    exhaust: clamp((1 - d.exh) / 0.06),
    timing: clamp((24 - Math.abs(x.key)) / 12) * clamp((42 - x.camoff) / 20),
    liquid: liquidLock(a, x) ? 0 : 1,
    spark: a.petrol
      ? ramp(d.ep, 0.15, 0.35)
      : clamp(1 - (1 - x.glow) * (1.15 - x.temp / 60)) * ramp(d.c, 0.35, 0.3) * (x.inj >= 0.9 ? 0.3 : 1),
    turn: isLocked(a, x) || x.rodbroken ? 0 : a.start === 'starter' ? starter : rope,
  }
  return {
    z: GATES.reduce((product, g) => product * gate[g], 1),
    worst: GATES.reduce((worst, g) => (gate[g] < gate[worst] ? g : worst), GATES[0] as Gate),
  }
}

/** Whether it runs, and after how many minutes it dies. */
export function runsFor(a: Archetype, x: State, d = derive(a, x)): { runs: boolean; dies: number } {
  const { z } = startScore(a, x, d)
  return {
    runs: z >= 0.15,
    dies: Math.min(
      x.vent < 0.75 ? 25 - 20 * (1 - x.vent) : Infinity,
      x.coilhot >= 1e9 ? Infinity : x.coilhot,
      d.phiIdle < 0.5 || d.phiMain < 0.42 ? 0.6 : Infinity,
    ),
  }
}

/** Heat of a run: where it ends, °C, and how fast, minutes. */
export function heatOf(
  a: Archetype,
  x: State,
  load: number,
  amb: number,
  d = derive(a, x),
): { end: number; tau: number } {
  const q = (0.35 + 0.65 * load) * d.heat * (0.7 + 0.3 * Math.min(1, d.power))
  if (a.cooling === 'air') {
    const k = 1 - 0.6 * x.fins
    return { end: amb + (a.rise * q) / k, tau: a.tau / k }
  }
  const k = (1 - 0.8 * x.cool) * (1 - 0.85 * x.stat)
  return { end: q <= 0.1 ? amb : Math.max(82, amb + (a.rise * q) / k), tau: a.tau / Math.max(k, 0.3) }
}
/** Temperature after so many minutes, °C. */
export const tempAfter = ({ end, tau }: { end: number; tau: number }, from: number, minutes: number): number =>
  end + (from - end) * Math.exp(-minutes / tau)
/** What is usual at full work, °C. */
export const usualTemp = (a: Archetype, amb: number): number => (a.cooling === 'air' ? amb + 1.08 * a.rise : 95)

/** Oil pressure at a speed and a temperature, kPa: what the pump gives against what the bearings, its own clearance and the valve let go. */
export function oilPressure(a: Archetype, x: State, rpm: number, temp: number): number {
  const tot = inSump(x)
  const f = tot > 0 ? x.ofuel / tot : 0
  const mu = (1 + 1.5 * Math.max(0, x.ruin - 0.3)) * Math.exp(-9 * f) * Math.exp(-0.028 * (temp - 20))
  const size = (a.cc * a.cyl) / 150
  const flow = ((0.006 * a.cc * a.cyl * rpm) / 2000) * (1 - 0.9 * clamp(x.strain)) * (x.oil <= 0.3 * a.oilMin ? 0.1 : 1)
  const b = a.cls === 'D4' || a.cls === 'T4' ? Math.min(5, x.be / a.be0) ** 3 : 1
  const g =
    (0.5 * (0.00035 * b + 0.00035 * Math.min(5, x.main / a.main0) ** 2 + 0.0004 * (x.pumpclr / 0.06) ** 3) * size) / mu
  const k = 0.65 * 0.3e-6 * Math.sqrt(2000 / 860) * 60000 * Math.sqrt(size)
  let [low, high] = [0, 2000]
  for (let i = 0; i < 60; i++) {
    const p = (low + high) / 2
    if (g * p + k * Math.sqrt(p) + 0.5 * Math.max(0, p - 350) > flow) high = p
    else low = p
  }
  return (low + high) / 2
}

/** How much of each smoke; 1 is plain to see. */
export interface Smoke {
  blue: number
  white: number
  sweet: number
  black: number
  start: number
  overrun: number
}
export function smoke(a: Archetype, x: State, d = derive(a, x)): Smoke {
  const { b, rings, guides, carry } = burn(a, x)
  const two =
    1.2 * Math.max(0, x.mixoil - 1.25) +
    Math.max(0, x.injoil - 1.3) +
    (a.oiling === 'injection' ? 0.5 * x.injair : 0) +
    (x.sealside && a.clutch === 'wet' ? 1.2 * Math.min(1, x.caseleak / 0.3) : 0)
  const diesel = a.petrol ? 0 : 1
  return {
    blue: a.strokes === 2 ? two : (rings + 0.12 * guides + 0.5 * carry) / (4 * b),
    white:
      carry / (9 * b) +
      (3 * x.oilcyl) / a.vc +
      x.pipeoil +
      0.8 * x.wrongfuel +
      0.6 * x.water +
      diesel * (1.2 * (1 - x.glow) + 0.8 * x.inj),
    sweet: 2.2 * x.gcool,
    black: 3.2 * Math.max(0, d.phiMain - 1.22) + diesel * 0.7 * x.inj,
    start: guides / (8 * b) + diesel * 0.4 * (1 - x.glow),
    overrun: (0.45 * guides) / (4 * b),
  }
}

/** How loud each knock; from about a half it is heard. */
export interface Knocks {
  rod: number
  slap: number
  main: number
  tick: number
  chain: number
  drive: number
  gear: number
  pink: number
  gov: number
  basket: number
}
export function knocks(a: Archetype, x: State): Knocks {
  const lash = Math.max(x.lashIn - 1.4 * a.lashIn, x.lashEx - 1.4 * a.lashEx)
  return {
    rod: clamp((x.be - 2.5 * a.be0) / 0.12, 0, 2.5),
    slap: clamp((x.skirt - 0.0017 * a.bore) / (0.0012 * a.bore), 0, 2),
    main: clamp((x.main - 3 * a.main0) / 0.1, 0, 2),
    tick: a.strokes === 4 ? clamp(lash / 0.15, 0, 2) * (x.still >= 0.5 ? 0.6 : 1) : 0,
    chain: 1.4 * x.chain,
    drive: clamp(x.driveloose / 0.8, 0, 2),
    gear: 1.3 * x.gear,
    pink: 1.2 * Math.max(0, x.carbon - 0.4) + 0.03 * Math.max(0, x.key - 4),
    gov: 0.6 * x.gov,
    basket: 0.7 * x.basket,
  }
}
