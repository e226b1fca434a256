import type { Archetype } from './archetypes'
import { rnd, uni } from './seeded'

/** What holds an engine fast. */
export type Lock = '' | 'rod' | 'piston' | 'rust' | 'gear' | 'starter' | 'drive' | 'brake'

/** At one in a sound engine: shares of what should pass, fire or lift. */
const WHOLE = {
  ...{ tank: 1, vent: 1, filt: 1, tap: 1, pumpf: 1, jet: 1, idlejet: 1, screw: 1, mixoil: 1, plug: 1, coil: 1 },
  ...{ earth: 1, glow: 1, injoil: 1, liftIn: 1, liftEx: 1, gout: 1 },
}
/** Small in a sound engine. Areas mm², run-out and clearance mm. */
const SMALL = { seatIn: 0.02, seatEx: 0.02, caseleak: 0.0003, run: 0.015, pumpclr: 0.06, coilhot: 1e9 }
/** Nothing in a sound engine: leaks and plays over the normal, dirt, liquids where none belongs, and flags. */
const NONE = {
  ...{ stale: 0, water: 0, wrongfuel: 0, diaph: 0, jetdirt: 0, line: 0, needle: 0, needlewear: 0, tapleak: 0 },
  ...{ pulsesplit: 0, pulsewet: 0, inj: 0, choke: 0, flood: 0, floodt: 0, leanh: 0, oilfoul: 0, fuelfoul: 0 },
  ...{ gapoff: 0, stopearth: 0, switched: 0, wetcut: 0, key: 0, hit: 0, hitforce: 0, driveloose: 0, camoff: 0 },
  ...{ chain: 0, startw: 0, click: 0, torn: 0, grit: 0, aleak: 0, exh: 0, portcarbon: 0, screen: 0, reed: 0 },
  ...{ afoil: 0, bang: 0, pvalve: 0, breath: 0, ringgap: 0, score: 0, marks: 0, smear: 0, stick: 0, stuckseen: 0 },
  ...{ hole: 0, hx: 0, rocker: 0, burnt: 0, openEx: 0, openIn: 0, still: 0, rodbent: 0, guide: 0, gasket: 0, gcool: 0 },
  ...{ goil: 0, relOpen: 0, relDead: 0, plugleak: 0, sealside: 0, rodbroken: 0, blow: 0, tight: 0, softcam: 0 },
  ...{ gov: 0, govlink: 0, govhunt: 0, gear: 0, pitting: 0, rust: 0, smell: 0, ruin: 0, strain: 0, seal: 0 },
  ...{ al: 0, fe: 0, brg: 0, shell: 0, plas: 0, fib: 0, ofuel: 0, owater: 0, glycol: 0, oilcyl: 0, watercyl: 0 },
  ...{ pipeoil: 0, slipf: 0, dragc: 0, cable: 0, plates: 0, basket: 0, injair: 0, stroke: 0, bolts: 0 },
  ...{ wfuel: 0, wbase: 0, wsump: 0, wbot: 0, wtop: 0, wcover: 0, whead: 0, wcool: 0, cool: 0, stat: 0, drag: 0 },
  ...{ belt: 0, stood: 0, serviced: 0, topped: 0, tipped: 0, stopdead: 0, slow: 0, usehist: 0, plugNew: 0 },
  ...{ carbon: 0, afilt: 0, fins: 0, filtdirt: 0 },
}
/** What every engine has of its own. */
export interface Own {
  hours: number
  since: number
  ring: number
  borewear: number
  skirt: number
  be: number
  main: number
  lashIn: number
  lashEx: number
  oil: number
  standh: number
  tankml: number
  batt: number
  temp: number
}
export type State = typeof WHOLE & typeof SMALL & typeof NONE & Own & { lock: Lock }
/** Everything of a state that is a figure. */
export type Figure = Exclude<keyof State, 'lock'>

/** How its seed has made this engine, by name, 0..1. */
export type Latent = (name: string) => number
export const latentOf =
  (seed: number): Latent =>
  name =>
    uni(seed, 'l', name)

/** A sound engine as it stands on the bench, some hours old. */
export function soundState(a: Archetype, seed: number, temp: number): State {
  const L = latentOf(seed)
  const hours = rnd(20 + 380 * L('hours'), 1)
  const w = hours / 400
  return {
    ...WHOLE,
    ...SMALL,
    ...NONE,
    lock: '',
    hours,
    since: rnd(2 + 38 * L('since'), 1),
    ring: a.ring0 * (0.85 + 0.3 * L('ring')) * (1 + 0.5 * w),
    borewear: 0.03 * w,
    skirt: a.skirt0 * (1 + 0.4 * w),
    be: a.be0 * (1 + 0.15 * w),
    main: a.main0 * (1 + 0.2 * w),
    lashIn: a.lashIn * (0.9 + 0.3 * L('lash_in')),
    lashEx: a.lashEx * (0.9 + 0.3 * L('lash_ex')),
    oil: a.sump ? a.oilMin + (a.oilMax - a.oilMin) * (0.25 + 0.7 * L('oil')) : 0,
    standh: 3 + 69 * L('stand') ** 2,
    tankml: (a.cc < 60 ? 300 : a.cc < 200 ? 1200 : 6000) * (0.2 + 0.7 * L('tank')),
    batt: 12.35 + 0.4 * L('batt'),
    carbon: 0.1 + 0.15 * L('carbon'),
    afilt: 0.25 * L('afilt'),
    fins: 0.12 * L('fins'),
    filtdirt: 0.25 * L('filt'),
    temp,
    stood: L('stood') < 0.12 ? 1 : 0,
    serviced: L('serviced') < 0.05 ? 1 : 0,
    topped: L('topped') < 0.06 ? 1 : 0,
    tipped: L('tipped') < 0.05 && a.blade ? 1 : 0,
  }
}

/** What its maker would call right: the engine that every reading is held against. */
export const referenceState = (a: Archetype, temp = 20): State => ({
  ...WHOLE,
  ...SMALL,
  ...NONE,
  lock: '',
  ...{ hours: 100, since: 20, ring: 1.1 * a.ring0, borewear: 0.01, skirt: a.skirt0, be: a.be0, main: a.main0 },
  ...{
    lashIn: a.lashIn,
    lashEx: a.lashEx,
    oil: (a.oilMin + a.oilMax) / 2,
    standh: 0,
    tankml: 0,
    batt: 12.6,
    temp,
    carbon: 0.1,
  },
})
