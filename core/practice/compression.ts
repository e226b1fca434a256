import { leakingStroke } from '../compression/crankingLeakSim'
import { leakdownPercentFor } from '../compression/leakdown'
import { clamp } from '../units/clamp'
import { STANDARD_KPA } from '../units/gaugeToAbs'
import type { Archetype } from './archetypes'
import type { State } from './state'
import { referenceState } from './state'

const T0 = 293.15
const N = 1.25
const END_DEG = 370

/** Where a cylinder loses its charge at top dead centre, effective areas in mm². */
export interface Paths {
  ring: number
  inlet: number
  exhaust: number
  joint: number
  plug: number
}

/** Oil on the rings closes a part of their gaps, and a little of a side valve's seat. */
const WET = {
  hanging: { ring: 0.35, score: 0.6, stick: 0.55, seat: 1 },
  lying: { ring: 0.65, score: 0.8, stick: 0.55, seat: 0.85 },
} as const

/** @param wet with oil in the cylinder */
export function paths(a: Archetype, x: State, wet = false): Paths {
  const oiled = wet ? WET[a.valves === 'side' ? 'lying' : 'hanging'] : { ring: 1, score: 1, stick: 1, seat: 1 }
  const ring = x.ring * oiled.ring + x.score * oiled.score + x.stick * oiled.stick + x.hole
  if (a.strokes === 2) return { ring, inlet: 0, exhaust: x.relOpen, joint: x.gasket, plug: x.plugleak }
  const valve = (seat: number, dia: number, open: number, lash: number): number =>
    (seat + 0.6 * Math.PI * dia * Math.max(0, open, -lash)) * oiled.seat
  return {
    ring,
    inlet: valve(x.seatIn, a.inletDia, x.openIn, x.lashIn),
    exhaust: valve(x.seatEx, a.exhaustDia, x.openEx, x.lashEx) + x.relOpen,
    joint: x.gasket,
    plug: x.plugleak,
  }
}
export const totalLeak = (p: Paths): number => p.ring + p.inlet + p.exhaust + p.joint + p.plug

/** A release that lifts its valve while the engine is pulled, and closes later. */
export const releaseWorks = (a: Archetype, x: State): boolean =>
  x.relDead === 0 && (a.release === 'manual' || (a.release === 'automatic' && x.lashEx < a.bump - 0.15))

/**
 * Peak pressure of one stroke, kPa absolute: equal steps of about two degrees up to ten past top dead centre.
 * @param clearance  mL over the piston at the top
 * @param leak       effective area of everything that leaks, mm²
 */
function peak(a: Archetype, closeDeg: number, rpm: number, leak: number, clearance: number): number {
  const startDeg = 180 + closeDeg
  return leakingStroke({
    ...{ boreMm: a.bore, strokeMm: a.strokeMm, rodMm: a.rod, clearanceMm3: clearance * 1000 },
    ...{ startDeg, endDeg: END_DEG, steps: Math.max(1, Math.ceil((END_DEG - startDeg) / 2)) },
    ...{ rpm, leakMm2: leak, pAmbKpa: STANDARD_KPA, tempK: T0, n: N },
  }).peakKpa
}

/** How a reading is taken. */
export interface Pull {
  rpm?: number
  /** a release is held off, or does not act on so slow a pull */
  releaseOff?: boolean
  /** mL: of a hose before the check valve, and of oil poured in */
  hose?: number
  oil?: number
  wet?: boolean
}

/** What the state over the piston is: where it closes and how much room there is. */
function chamber(
  a: Archetype,
  x: State,
  { releaseOff, hose = 0, oil = 0 }: Pull,
): { close: number; clearance: number } {
  const own = a.close + x.camoff
  const released = !releaseOff && a.release === 'automatic' && releaseWorks(a, x)
  const close = Math.min(110, released ? Math.max(own, a.relClose) : own)
  const liquid = Math.min(x.flood + x.oilcyl + x.watercyl, 0.5 * a.vc)
  const extra = Math.max(-0.7 * a.vc, hose - oil - 0.06 * a.vc * x.carbon - liquid)
  return { close, clearance: a.vc + extra }
}

/** Compression of the first cylinder, kPa over the air. */
export function compression(a: Archetype, x: State, pull: Pull = {}): number {
  if (x.rodbroken) return 0
  const { close, clearance } = chamber(a, x, pull)
  const p = peak(a, close, pull.rpm ?? a.pull, totalLeak(paths(a, x, pull.wet)), clearance)
  const fill = x.liftIn <= 0.02 ? 0.15 : x.liftEx <= 0.02 ? 0.8 : Math.sqrt(x.liftIn)
  return Math.max(0, p * fill - STANDARD_KPA)
}

/** The second cylinder of a twin is always sound. */
export const secondCylinder = (a: Archetype, temp = 20): State => ({
  ...referenceState(a, temp),
  ring: 1.15 * a.ring0,
})

/** Of a few engines and a few ways to pull them: no more than can be asked. */
const REFERENCES = new Map<string, number>()

/** Compression that a sound engine of this kind has, kPa. */
export function reference(a: Archetype, pull: Pull = {}): number {
  const key = `${a.id} ${pull.rpm ?? ''} ${pull.releaseOff ? 'off' : ''} ${pull.hose ?? ''} ${pull.oil ?? ''} ${pull.wet ? 'wet' : ''}`
  const known = REFERENCES.get(key)
  if (known !== undefined) return known
  const kpa = compression(a, referenceState(a), pull)
  REFERENCES.set(key, kpa)
  return kpa
}

/** What a leak-down tester with a 1 mm orifice shows at 600 kPa, %. */
export const leakdownPct = (areaMm2: number): number =>
  leakdownPercentFor({ areaMm2, pRegKpa: 600, orificeMm: 1, pAmbKpa: STANDARD_KPA }).leakPct

/** The engine's compression as a share of a sound one's, releases off. */
export function compressionShare(a: Archetype, x: State): { first: number; all: number } {
  const first = compression(a, x, { releaseOff: true }) / reference(a, { releaseOff: true })
  return { first, all: a.cyl === 2 ? 0.35 * first + 0.65 : first }
}

/** 0 below a band, 1 over it. */
export const ramp = (value: number, from: number, width: number): number => clamp((value - from) / width)
