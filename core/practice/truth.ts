import type { Archetype } from './archetypes'
import { releaseWorks } from './compression'
import { burn, derive, heatOf, isLocked, knocks, leakRate, runsFor, smoke, startScore, usualTemp } from './physics'
import type { State } from './state'

/** What an owner could complain of, in the order in which he would. */
export const COMPLAINTS = [
  ...['says_wont_turn', 'says_wont_start', 'says_dies', 'says_noise', 'says_smoke', 'says_oil_rises', 'says_hot'],
  ...['says_leak', 'says_clutch', 'says_uses_oil', 'says_no_power'],
] as const
/** Everything that is asked at the counter. */
export const ASKED = [
  ...COMPLAINTS,
  ...['stood_long', 'was_tipped', 'was_hit', 'was_serviced', 'was_topped', 'ran_low', 'stopped_dead', 'slow_loss'],
  ...['bang_heard', 'hot_only', 'surges', 'kicks_back', 'cuts_out_wet', 'vibrates'],
] as const

/** What its owner could have noticed of it, as signs of the catalogue, sorted. */
export function truth(a: Archetype, x: State): string[] {
  const d = derive(a, x)
  const { z } = startScore(a, x, d)
  const { runs, dies } = runsFor(a, x, d)
  const ran = runs || x.stopdead > 0
  const starter = a.start === 'starter' && (x.batt < 11.5 || x.startw > 0.5 || x.earth < 0.15)
  const wontTurn = isLocked(a, x) || starter
  const sm = smoke(a, x, d)
  const noises = Object.values(knocks(a, x))
  const wet = [x.wsump, x.wbot, 0.7 * x.wtop, x.wcover, x.whead, x.wbase, x.wfuel, x.wcool]
  const usedUp = (burn(a, x).all + leakRate(a, x)) * x.since
  const hot = (): boolean => heatOf(a, x, 0.8, 25, d).end > usualTemp(a, 25) + (a.cooling === 'liquid' ? 14 : 35)
  const kicks =
    (a.start === 'rope' || a.start === 'kick') &&
    ((z > 0.02 && x.key > 5) || (z > 0.15 && a.release === 'automatic' && !releaseWorks(a, x)))
  const says: Record<string, boolean> = {
    says_wont_turn: wontTurn,
    says_wont_start: !wontTurn && z < 0.4,
    says_dies: z >= 0.15 && (dies < 30 || d.phiIdle < 0.62),
    says_no_power: z >= 0.15 && ((d.power > 0.03 && d.power < 0.78) || x.slipf > 0.4 || x.belt > 0.4),
    says_smoke: ran && Object.values(sm).some(v => v > 0.8),
    says_noise: ran && noises.some(v => v > 0.55),
    says_leak: wet.some(w => w > 0.55),
    says_uses_oil: a.sump === 1 && usedUp > 0.25 * a.cap && x.ofuel < 0.03 * a.cap && x.oil <= a.oilMax,
    says_oil_rises: a.sump === 1 && x.ofuel + x.owater > 0.08 * a.cap,
    says_hot: hot(),
    says_clutch: a.clutch === 'wet' && (x.slipf > 0.35 || x.dragc > 0.35),
    ran_low: a.sump === 1 && x.oil < 0.6 * a.oilMin,
    slow_loss: x.slow > 0 && (d.power < 0.85 || z < 0.5),
    hot_only: (dies >= 2 && dies <= 30) || (hot() && d.power > 0.5) || x.carbon > 0.6,
    surges:
      z >= 0.15 &&
      ((d.phiIdle > 0.5 && d.phiIdle < 0.82) ||
        (d.phiMain > 0.5 && d.phiMain < 0.8 && a.governor !== 'none') ||
        x.govlink > 0.35 ||
        x.govhunt > 0),
    kicks_back: kicks,
    vibrates: x.run > 0.15 || x.driveloose > 0.5 || x.main > 6 * a.main0,
    stood_long: x.stood > 0,
    was_tipped: x.tipped > 0,
    was_hit: x.hit > 0,
    was_serviced: x.serviced > 0,
    was_topped: x.topped > 0,
    stopped_dead: x.stopdead > 0,
    bang_heard: x.bang > 0,
    cuts_out_wet: x.wetcut > 0,
  }
  return Object.keys(says)
    .filter(sign => says[sign])
    .sort()
}
