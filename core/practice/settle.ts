import type { Archetype } from './archetypes'
import { blowby, burn, derive, leakRate } from './physics'
import type { Latent, State } from './state'

/** Fuel that runs past a needle in so many hours, mL. */
export const pastNeedle = (x: State, hours: number): number => Math.min(x.needle * hours * (x.tank ? 1 : 0), x.tankml)
/** Whether it finds its way into the sump, and the share of it that does. */
export const runsToSump = (a: Archetype, L: Latent): boolean => a.sump === 1 && L('needle_way') > 0.5
export const TO_SUMP = 0.35

/** Fuel past a needle that does not shut: into the cylinder, the sump, or on the floor. */
function floodedBy(x: State, a: Archetype, L: Latent): void {
  const lost = pastNeedle(x, x.standh)
  if (lost > 0) {
    const inward = (a.strokes === 2 && L('needle_way') < 0.5) || L('valve_pos') < 0.3
    x.flood += inward ? Math.min(0.06 * lost, 1.6 * a.vc) : Math.min(0.01 * lost, 0.035 * a.cc)
    if (runsToSump(a, L)) x.ofuel += TO_SUMP * lost
    x.wfuel += 0.8 * Math.min(1, lost / 400)
  }
  x.flood += x.floodt
}

/** What running with too little oil in the fuel did to piston and bore. */
function scuffed(x: State, a: Archetype, L: Latent): void {
  const film = Math.min(x.mixoil, x.injoil)
  if (a.strokes !== 2 || film >= 0.5) return
  const scuff = 2 * (0.5 - film) * L('scuff') * (x.leanh || a.oiling === 'injection' ? 1 : 0.5)
  x.score += 4 * a.ring0 * scuff ** 2
  x.marks = Math.max(x.marks, scuff)
  x.smear = Math.max(x.smear, scuff)
  if (scuff > 0.55) x.stopdead = 1
  if (scuff > 0.8 && L('scuff_lock') < 0.5 && x.lock === '') x.lock = 'piston'
}

/** What running lean, dry or on ruined oil did. */
function ranBadly(x: State, a: Archetype, L: Latent): void {
  const { phiMain } = derive(a, x)
  if (a.petrol && phiMain > 0.55 && phiMain < 0.75 && L('lean_hurt') < 0.18) {
    x.smear = Math.max(x.smear, 0.5)
    x.marks = Math.max(x.marks, 0.35)
  }
  if (a.sump && x.oil < 0.45 * a.oilMin && !x.rodbroken) {
    const dry = (0.45 - x.oil / a.oilMin) * L('starve')
    x.be += 0.25 * dry
    if (a.oiling === 'splash') x.al += 8 * dry
    else x.fe += 8 * dry
    if (dry > 0.3) x.stopdead = 1
  }
  if (x.ruin > 0.6) {
    x.be += 0.08 * (x.ruin - 0.6) * L('ruinwear')
    x.stick += 1.5 * a.ring0 * (x.ruin - 0.6) * L('ruinstick')
  }
}

/** A shaft that wanders opens its seals; pressure in the case finds the weakest. */
function seals(x: State, a: Archetype, L: Latent): void {
  const wander = 3 * Math.max(0, x.main - 3 * a.main0) + 1.2 * Math.max(0, x.run - 0.12)
  if (a.sump) {
    x.wbot = Math.max(x.wbot, Math.min(1, wander * (0.4 + L('wb'))))
    x.wtop = Math.max(x.wtop, Math.min(1, 0.7 * wander * L('wt')))
  } else {
    x.caseleak += 0.25 * Math.min(1, wander)
    x.aleak += 0.4 * Math.min(1, wander)
  }
  if (a.ignition === 'key') x.gapoff += 1.2 * Math.max(0, x.main - 3 * a.main0)
  const cp = a.sump ? x.breath * (0.5 + 0.5 * Math.min(2, blowby(a, x))) : 0
  x.wbot = Math.max(x.wbot, cp * L('cp1'))
  x.wtop = Math.max(x.wtop, 0.8 * cp * L('cp2'))
  x.wcover = Math.max(x.wcover, 0.8 * cp * L('cp3'))
  x.whead = Math.max(x.whead, x.goil * x.gout)
  if (x.gcool > 0) {
    x.cool = Math.max(x.cool, 0.8 * x.gcool * (0.5 + L('gc')))
    x.owater += 0.12 * a.cap * x.gcool * L('gco')
  }
  if (x.gov) x.govhunt = L('govhunt') < 0.5 ? 1 : 0
}

/** What came of its faults before it was brought in. Changes the state. */
export function settle(x: State, a: Archetype, L: Latent): void {
  floodedBy(x, a, L)
  scuffed(x, a, L)
  ranBadly(x, a, L)
  seals(x, a, L)
  if (x.hit) {
    x.blow = L('blow') < 0.35 + 0.5 * x.hitforce ? 1 : x.blow
    if (L('hitrun') < 0.3) x.run += 0.25 * x.hitforce
  }
  if (L('tops') < 0.5 && !x.topped)
    x.oil = Math.max(0, x.oil - 0.4 * burn(a, x).all * x.since - 0.25 * leakRate(a, x) * x.since)
}
