import type { Archetype } from './archetypes'
import { uni } from './seeded'
import type { Figure, State } from './state'

/** What a statement of a fault may read: how bad it is, a draw of its own, the engine and its state so far. */
interface At {
  x: State
  a: Archetype
  /** severity, 0..1 */
  s: number
  /** a fresh draw for each statement */
  u: number
}
type Do = (at: At) => unknown
/** A statement, or one that happens with a chance. */
type Statement = Do | { p: number | ((at: At) => number); then: Do }

interface Fault {
  fits?(a: Archetype): boolean
  does: Statement[]
}

const may = (p: number | ((at: At) => number), then: Do): Statement => ({ p, then })
const on =
  (key: Figure): Do =>
  ({ x }) =>
    (x[key] = 1)
const sometimes = (p: number, key: Figure): Statement => may(p, on(key))
/** 1 where its own draw is under p. */
const flag =
  (key: Figure, p: number): Do =>
  ({ x, u }) =>
    (x[key] = u < p ? 1 : 0)
const slow = on('slow')
const isPetrol = (a: Archetype): boolean => a.petrol === 1
const hasSump = (a: Archetype): boolean => a.sump === 1
const four = (a: Archetype): boolean => a.strokes === 4
const twoStroke = (a: Archetype): boolean => a.strokes === 2
const bowl = (a: Archetype): boolean => a.feed === 'float' || a.feed === 'vacuum_tap' || a.feed === 'pulse'
const keyed = (a: Archetype): boolean => a.ignition === 'key'
const wetClutch = (a: Archetype): boolean => a.clutch === 'wet'
const liquid = (a: Archetype): boolean => a.cooling === 'liquid'
const started = (a: Archetype): boolean => a.start === 'starter' || a.cls === 'M4' || a.cls === 'V2'

/** A wet place, and how much of the oil it may have cost. */
const leak = (key: Figure, cost: number): Do[] => [
  ({ x, s }) => (x[key] = 0.2 + 0.8 * s),
  ({ x, s, u }) => (x.oil *= 1 - cost * s * u),
]

/** Fuel: what is in the tank, how it gets to the engine, and how much of it. */
const FUEL = {
  stale_fuel: {
    does: [
      ({ x, s }) => (x.stale = 0.4 + 0.6 * s),
      ({ x, s, u }) => (x.idlejet *= 1 - 0.8 * s * u),
      ({ x, s, u }) => (x.jet *= 1 - 0.4 * s * u),
      ({ x, a, s, u }) => (x.diaph += a.feed === 'diaphragm' ? 0.5 * s * u : 0),
      sometimes(0.8, 'stood'),
    ],
  },
  jet_blocked: {
    fits: bowl,
    does: [
      ({ x, s }) => (x.jet *= 1 - 0.85 * s),
      ({ x, s, u }) => (x.idlejet *= 1 - 0.9 * s * u),
      ({ x, s }) => (x.jetdirt = 0.3 + 0.7 * s),
      sometimes(0.5, 'stood'),
      may(0.45, ({ x, u }) => (x.stale = 0.2 + 0.6 * u)),
    ],
  },
  diaphragm_stiff: {
    fits: a => a.feed === 'diaphragm',
    does: [({ x, s }) => (x.diaph += 0.25 + 0.75 * s), sometimes(0.5, 'stood')],
  },
  fuel_filter_blocked: {
    does: [({ x, s }) => (x.filt *= 1 - 0.97 * s), ({ x, s }) => (x.filtdirt = 0.3 + 0.7 * s)],
  },
  fuel_line_cracked: {
    does: [({ x, s }) => (x.line = s), ({ x, s, u }) => (x.wfuel += 0.9 * s * u)],
  },
  cap_vent: { does: [({ x, s }) => (x.vent = 1 - s)] },
  tank_empty: { does: [({ x }) => (x.tank = 0)] },
  water_in_fuel: {
    does: [({ x, s }) => (x.water = 0.15 + 0.85 * s), sometimes(0.4, 'stood'), sometimes(0.25, 'rust')],
  },
  wrong_fuel: { does: [({ x, s }) => (x.wrongfuel = 0.3 + 0.7 * s)] },
  needle_leaks: {
    fits: bowl,
    does: [({ x, s }) => (x.needle = 3 + 60 * s * s), ({ x, s }) => (x.needlewear = 0.3 + 0.7 * s)],
  },
  vacuum_tap_dead: {
    fits: a => a.feed === 'vacuum_tap',
    does: [({ x, s }) => (x.tap *= (1 - s) * (1 - s))],
  },
  vacuum_tap_leaks: {
    fits: a => a.feed === 'vacuum_tap',
    does: [({ x, s }) => (x.tapleak = 0.3 + 0.7 * s), ({ x, s, u }) => (x.needle += 8 * s * u)],
  },
  pulse_pump: {
    fits: a => a.feed === 'pulse' || a.feed === 'diaphragm',
    does: [
      ({ x, s }) => (x.pumpf *= (1 - s) * (1 - s)),
      flag('pulsesplit', 0.6),
      ({ x }) => (x.pulsewet = 1 - x.pulsesplit),
    ],
  },
  electric_pump: {
    fits: a => a.feed === 'injection',
    does: [({ x, s }) => (x.pumpf *= (1 - s) * (1 - s))],
  },
  injector: {
    fits: a => a.feed === 'injection',
    does: [({ x, s }) => (x.inj = s), ({ x, s, u }) => (x.jet *= 1 - 0.6 * s * u), sometimes(0.4, 'stood')],
  },
  choke_stuck: { fits: isPetrol, does: [({ x, s }) => (x.choke = 0.2 + 0.8 * s)] },
  set_lean: { fits: isPetrol, does: [({ x, s }) => (x.screw *= 1 - 0.4 * s)] },
  flooded: { fits: isPetrol, does: [({ x, a, s }) => (x.flood += a.cc * (0.008 + 0.03 * s))] },
  mix_lean: {
    fits: a => a.oiling === 'premix',
    does: [({ x, s }) => (x.mixoil = 1 - 0.85 * s), ({ x, u }) => (x.leanh = 40 * u)],
  },
  mix_rich: { fits: a => a.oiling === 'premix', does: [({ x, s }) => (x.mixoil = 1.3 + 1.7 * s)] },
  fuel_leak: {
    does: [({ x, s }) => (x.wfuel += 0.2 + 0.8 * s), ({ x, u }) => (x.line = u < 0.4 ? 0.5 * u : 0)],
  },
} satisfies Record<string, Fault>

/** Spark, timing and what turns the engine. */
const SPARK = {
  plug_dead: {
    fits: isPetrol,
    does: [({ x, s }) => (x.plug *= 1 - s), may(0.25, ({ x }) => (x.oilfoul = 0.6)), sometimes(0.25, 'fuelfoul')],
  },
  coil_dead: { fits: isPetrol, does: [({ x, s }) => (x.coil *= Math.max(0, 0.3 - 0.6 * s))] },
  coil_hot: { fits: isPetrol, does: [({ x, s }) => (x.coilhot = 3 + 14 * (1 - s))] },
  coil_gap: {
    fits: keyed,
    does: [({ x, s }) => (x.gapoff = 0.15 + 0.9 * s), sometimes(0.4, 'serviced')],
  },
  stop_wire: {
    fits: isPetrol,
    does: [({ x, s }) => (x.stopearth = s), sometimes(0.3, 'wetcut'), sometimes(0.25, 'serviced')],
  },
  interlock: {
    fits: a => ['S4', 'T4', 'D4', 'M4'].includes(a.cls) && (a.blade === 1 || a.start === 'starter' || a.cls === 'M4'),
    does: [({ x, s }) => (x.switched = s), sometimes(0.25, 'wetcut')],
  },
  earth_bad: {
    does: [({ x, s }) => (x.earth *= 1 - s), sometimes(0.35, 'serviced'), sometimes(0.3, 'wetcut')],
  },
  key_sheared: {
    fits: keyed,
    does: [
      ({ x, s, u }) => (x.key = (3 + 27 * s) * (u < 0.8 ? 1 : -1)),
      may(({ a }) => 0.6 * a.blade, on('hit')),
      ({ x, s }) => (x.hitforce = x.hit ? s : 0),
      ({ x, u }) => (x.driveloose += u < 0.3 ? 0.6 * u : 0),
      ({ x, u }) => (x.stopdead = x.hit && u < 0.6 ? 1 : 0),
    ],
  },
  timing_jumped: {
    fits: a => a.valves === 'overhead_cam',
    does: [
      ({ x, s }) => (x.camoff = s < 0.6 ? 18 : 36),
      may(0.5, ({ x, u }) => (x.chain = 0.4 + 0.6 * u)),
      sometimes(0.25, 'serviced'),
    ],
  },
  battery: {
    fits: started,
    does: [({ x, s }) => (x.batt = 12.3 - 1.9 * s), sometimes(0.4, 'stood')],
  },
  glow: { fits: a => a.cls === 'D4', does: [({ x, s }) => (x.glow = 1 - s)] },
  starter_jam: { does: [({ x }) => (x.lock = 'starter')] },
  starter_weak: { fits: started, does: [({ x, s }) => (x.startw = s), flag('click', 0.6)] },
} satisfies Record<string, Fault>

/** Air in, gas out, and what holds compression. */
const AIR = {
  air_filter: { does: [({ x, s }) => (x.afilt = 0.35 + 0.65 * s)] },
  dust_in: {
    does: [
      on('torn'),
      ({ x, s }) => (x.grit += 8 * s),
      ({ x, s, u }) => (x.ring *= 1 + 3 * s * u),
      ({ x, s, u }) => (x.borewear += 0.1 * s * u),
      on('usehist'),
    ],
  },
  air_leak: {
    fits: isPetrol,
    does: [
      ({ x, s }) => (x.aleak += 0.15 + 0.85 * s),
      ({ x, a, s, u }) => (x.caseleak += a.strokes === 2 ? 0.02 * s * u : 0),
    ],
  },
  exhaust_blocked: {
    does: [
      ({ x, s }) => (x.exh = 0.3 + 0.65 * s),
      ({ x, a, s, u }) => (x.portcarbon = a.strokes === 2 && u < 0.75 ? 0.3 + 0.7 * s : 0),
      slow,
    ],
  },
  screen: {
    fits: a => ['H2', 'V2', 'S4', 'T4'].includes(a.cls),
    does: [({ x, s }) => (x.screen = 0.35 + 0.65 * s), slow],
  },
  reed: {
    fits: twoStroke,
    does: [({ x, s }) => (x.reed = s), ({ x, s, u }) => (x.afoil += 0.6 * s * u), sometimes(0.15, 'bang')],
  },
  power_valve: { fits: a => a.cls === 'V2', does: [({ x, s }) => (x.pvalve = s), slow] },
  breather: { fits: four, does: [({ x, s }) => (x.breath = 0.3 + 0.7 * s)] },
  rings_worn: {
    does: [
      ({ x, s }) => (x.ring *= 1 + 8 * s),
      ({ x, s }) => (x.borewear += 0.02 + 0.12 * s),
      ({ x, s }) => (x.ringgap += 0.15 + 0.8 * s),
      slow,
      on('usehist'),
    ],
  },
  bore_scored: {
    does: [
      ({ x, a, s, u }) => (x.score += a.ring0 * 5 * s * u),
      ({ x, s }) => (x.marks = 0.3 + 0.7 * s),
      ({ x, s }) => (x.skirt += 0.03 * s),
      ({ x, s, u }) => (x.al += 6 * s * u),
      ({ x, s, u }) => (x.smear = u < 0.6 ? 0.2 + 0.8 * s : 0),
      sometimes(0.3, 'stopdead'),
    ],
  },
  ring_stuck: {
    does: [({ x, a, s }) => (x.stick += a.ring0 * (1 + 6 * s)), on('stuckseen'), sometimes(0.4, 'stood'), slow],
  },
  piston_holed: {
    does: [
      ({ x, s }) => (x.hole += 2 + 25 * s),
      ({ x, u }) => (x.al += 4 + 8 * u),
      flag('stopdead', 0.6),
      ({ x, u }) => (x.smear = 0.5 * u),
    ],
  },
  head_gasket: {
    does: [
      ({ x, s }) => (x.gasket += 0.2 + 4 * s),
      ({ x, u }) => (x.gout = u),
      ({ x, a, s, u }) => (x.gcool = liquid(a) && u < 0.45 ? 0.5 * s : 0),
      ({ x, a, s, u }) => (x.goil = four(a) && u < 0.45 ? s : 0),
    ],
  },
  plug_thread: {
    fits: isPetrol,
    does: [({ x, s }) => (x.plugleak += 0.2 + 3.5 * s), sometimes(0.3, 'serviced')],
  },
  crank_seal: {
    fits: twoStroke,
    does: [({ x, s }) => (x.caseleak += 0.01 + 0.3 * s), ({ x, s }) => (x.aleak += 0.7 * s), flag('sealside', 0.5)],
  },
  base_gasket: {
    does: [
      ({ x, s }) => (x.wbase = 0.2 + 0.8 * s),
      ({ x, a, s }) => (x.caseleak += twoStroke(a) ? 0.15 * s : 0),
      ({ x, a, s }) => (x.aleak += twoStroke(a) ? 0.4 * s : 0),
      sometimes(0.25, 'serviced'),
    ],
  },
  carbon: { does: [({ x, s }) => (x.carbon = s), flag('slow', 0.5)] },
} satisfies Record<string, Fault>

/** The valves and what moves them: `hx` says which of the two it is. */
const widen = (by: (at: At) => number): [Do, Do] => [
  at => (at.x.lashEx += by(at) * at.x.hx),
  at => (at.x.lashIn += by(at) * (1 - at.x.hx)),
]
const VALVES = {
  valve_held: {
    fits: four,
    does: [
      flag('hx', 0.65),
      ({ x, s }) => (x.lashEx = x.hx ? -0.01 - 0.14 * s : x.lashEx),
      ({ x, s }) => (x.lashIn = x.hx ? x.lashIn : -0.01 - 0.14 * s),
      ({ x, a, u }) => (x.rocker = u < 0.2 && a.valves !== 'side' ? 1 : 0),
      ({ x, s, u }) => (x.seatEx += x.hx ? 1.5 * s * u : 0),
      sometimes(0.2, 'serviced'),
      flag('slow', 0.7),
    ],
  },
  valve_burnt: {
    fits: four,
    does: [
      flag('hx', 0.75),
      ({ x, s }) => (x.seatEx += x.hx ? 0.2 + 4.5 * s : 0),
      ({ x, s }) => (x.seatIn += x.hx ? 0 : 0.2 + 4.5 * s),
      ({ x, s }) => (x.burnt = s),
      flag('slow', 0.7),
    ],
  },
  valve_stuck: {
    fits: four,
    does: [
      flag('hx', 0.5),
      ({ x, s }) => (x.openEx += (0.3 + 2.5 * s) * x.hx),
      ({ x, s }) => (x.openIn += (0.3 + 2.5 * s) * (1 - x.hx)),
      ({ x, s }) => (x.still = s),
      may(0.5, ({ x, a, s }) => (x.rodbent = a.valves === 'push_rod' ? s : 0)),
      sometimes(0.65, 'stood'),
      may(0.5, ({ x, u }) => (x.stale = 0.3 + 0.5 * u)),
    ],
  },
  lash_wide: {
    fits: four,
    does: [flag('hx', 0.6), ...widen(({ s }) => 0.1 + 0.6 * s), slow],
  },
  push_rod: {
    fits: a => a.valves === 'push_rod',
    does: [
      flag('hx', 0.6),
      ({ x }) => (x.liftEx *= 1 - x.hx),
      ({ x }) => (x.liftIn *= x.hx),
      on('still'),
      on('rodbent'),
      ...widen(() => 1.2),
      flag('stopdead', 0.5),
    ],
  },
  guides: { fits: four, does: [({ x, s }) => (x.guide = 0.03 + 0.15 * s), slow] },
  release_open: { fits: a => a.release !== 'none', does: [({ x, s }) => (x.relOpen = 1.5 + 7 * s)] },
  release_dead: {
    fits: a => a.release !== 'none',
    does: [on('relDead'), ({ x, a, s, u }) => (x.lashEx += u < 0.35 && a.release === 'automatic' ? 0.5 * s : 0)],
  },
  cam_worn: {
    fits: four,
    does: [
      flag('hx', 0.5),
      ({ x, s }) => (x.liftEx *= 1 - 0.5 * s * x.hx),
      ({ x, s }) => (x.liftIn *= 1 - 0.5 * s * (1 - x.hx)),
      ({ x, s, u }) => (x.lashEx += 0.35 * s * u * x.hx),
      ({ x, s, u }) => (x.lashIn += 0.35 * s * u * (1 - x.hx)),
      ({ x, a, u }) => (x.softcam = a.oiling === 'splash' && a.valves === 'push_rod' && u < 0.5 ? 1 : 0),
      ({ x, s }) => (x.fe += x.softcam ? 0 : 4 * s),
      ({ x, s }) => (x.plas += x.softcam ? 3 * s : 0),
      may(0.25, ({ x, u }) => (x.oil *= 1 - 0.6 * u)),
      slow,
    ],
  },
  chain_slack: {
    fits: a => a.valves === 'overhead_cam',
    does: [
      ({ x, s }) => (x.chain = 0.3 + 0.7 * s),
      ({ x, s, u }) => (x.plas += 3 * s * u),
      may(
        ({ s }) => 0.2 * s,
        ({ x }) => (x.camoff = 18),
      ),
    ],
  },
} satisfies Record<string, Fault>

/** What turns: rod, crank, bearings, gears, and what locks them. */
const METAL = {
  rod_broken: {
    does: [
      on('rodbroken'),
      ({ x, s }) => (x.al += 12 * s),
      on('stopdead'),
      flag('bang', 0.8),
      flag('blow', 0.45),
      ({ x, u }) => (x.oil *= u < 0.5 ? u : 1),
      on('usehist'),
    ],
  },
  big_end: {
    does: [
      ({ x, a, s }) => (x.be += a.be0 + 0.25 * s),
      ({ x, a, s }) => (x.shell += a.cls === 'D4' || a.cls === 'T4' ? 3 * s : 0),
      ({ x, a, s }) => (x.al += a.oiling === 'splash' ? 4 * s : 0),
      ({ x, a, s }) => (x.brg += a.oiling !== 'splash' && a.cls !== 'D4' && a.cls !== 'T4' ? 2 * s : 0),
      may(0.3, ({ x, u }) => (x.oil *= 1 - 0.6 * u)),
    ],
  },
  rod_seized: {
    fits: four,
    does: [
      ({ x }) => (x.lock = 'rod'),
      ({ x, s }) => (x.al += 8 * s),
      ({ x }) => (x.be += 0.1),
      on('stopdead'),
      ({ x, u }) => (x.oil *= 0.9 * u * u),
      ({ x, u }) => (x.smell = 0.6 * u),
      may(0.3, ({ x }) => (x.ruin = 0.6)),
    ],
  },
  piston_seized: {
    does: [
      ({ x, s }) => (x.lock = s > 0.3 ? 'piston' : ''),
      ({ x, s }) => (x.tight += 0.3 + s),
      ({ x, s }) => (x.marks = 0.4 + 0.6 * s),
      ({ x, s }) => (x.smear = 0.5 + 0.5 * s),
      ({ x, a, s, u }) => (x.score += a.ring0 * 4 * s * u),
      ({ x, s, u }) => (x.al += 4 * s * u),
      on('stopdead'),
      ({ x, a, u }) => (x.mixoil *= a.oiling === 'premix' && u < 0.4 ? 0.4 : 1),
    ],
  },
  main_bearing: {
    does: [
      ({ x, s }) => (x.main += 0.03 + 0.3 * s),
      ({ x, a, s }) => (x.brg += a.oiling !== 'splash' || a.strokes === 2 ? 4 * s : 0),
      ({ x, a, s, u }) => (x.al += a.oiling === 'splash' ? 2 * s * u : 0),
    ],
  },
  crank_bent: {
    fits: a => a.blade === 1,
    does: [
      ({ x, s }) => (x.run += 0.06 + 0.7 * s),
      flag('hit', 0.9),
      ({ x, s }) => (x.hitforce = s),
      may(
        ({ s }) => 0.35 * s,
        ({ x, u }) => (x.key = 12 * u + 3),
      ),
    ],
  },
  piston_slap: {
    does: [({ x, a, s }) => (x.skirt += 0.0016 * a.bore * (0.4 + s)), ({ x, s }) => (x.borewear += 0.05 * s)],
  },
  governor_inside: {
    fits: a => a.governor === 'mechanical',
    does: [on('gov'), ({ x, s, u }) => (x.plas += 1 + 6 * s * u), sometimes(0.15, 'bang')],
  },
  gears: {
    does: [
      ({ x, s }) => (x.gear = 0.2 + 0.8 * s),
      ({ x, s }) => (x.fe += 8 * s),
      ({ x, s, u }) => (x.tight += 0.9 * s * u),
      ({ x, s, u }) => (x.lock = s > 0.8 && u < 0.4 ? 'gear' : x.lock),
    ],
  },
  rust_stuck: {
    does: [
      ({ x }) => (x.lock = 'rust'),
      flag('stood', 0.9),
      flag('rust', 0.6),
      ({ x, a, u }) => (x.stick += a.ring0 * 2 * u),
      ({ x, u }) => (x.marks = 0.5 * u),
      ({ x, s }) => (x.pitting = s),
    ],
  },
  lock_fuel: {
    fits: isPetrol,
    does: [
      ({ x, a, s }) => (x.flood = a.vc * (1.2 + 0.8 * s)),
      ({ x, a, u }) => (x.needle += bowl(a) ? 10 + 50 * u : 0),
      ({ x, a, s, u }) => (x.ofuel += a.cap * 0.4 * s * u),
    ],
  },
  lock_oil: {
    fits: hasSump,
    does: [
      ({ x, a, s }) => (x.oilcyl = a.vc * (1.2 + 0.8 * s)),
      flag('tipped', 0.7),
      ({ x }) => (x.topped = 1 - x.tipped),
      ({ x, a, s }) => (x.oil = x.tipped ? x.oil : a.oilMax + a.cap * (0.3 + 0.5 * s)),
    ],
  },
  lock_water: {
    does: [
      ({ x, a, s }) => (x.watercyl = a.vc * (1.2 + s)),
      ({ x, a, u }) => (x.owater += a.cap * 0.2 * u),
      flag('stood', 0.6),
      flag('rust', 0.5),
      ({ x, a, u }) => (x.cool = liquid(a) ? 0.5 * u : 0),
    ],
  },
  drive_jam: {
    does: [
      ({ x }) => (x.lock = 'drive'),
      may(({ a }) => 0.3 * a.blade, on('hit')),
      may(0.2, ({ x }) => (x.belt = 0.6)),
    ],
  },
  brake_stuck: {
    fits: a => a.blade === 1 || a.cls === 'H2',
    does: [({ x, s }) => (x.lock = s > 0.35 ? 'brake' : ''), ({ x, s }) => (x.drag += 0.5 * s)],
  },
  drive_loose: {
    does: [
      ({ x, s }) => (x.driveloose += 0.3 + 2 * s),
      may(({ a }) => 0.35 * a.blade, on('hit')),
      may(
        ({ s }) => 0.2 * s,
        ({ x, u }) => (x.key = 6 + 8 * u),
      ),
    ],
  },
  belt: { does: [({ x, s }) => (x.belt = 0.3 + 0.7 * s)] },
  clutch_cable: {
    fits: a => wetClutch(a) && a.cls === 'V2',
    does: [
      ({ x, s }) => (x.cable = s),
      ({ x, s, u }) => (x.slipf += s * (u < 0.75 ? 1 : 0)),
      ({ x, s, u }) => (x.dragc += 0.8 * s * (u < 0.75 ? 0 : 1)),
      sometimes(0.35, 'serviced'),
    ],
  },
  clutch_plates: {
    fits: wetClutch,
    does: [
      ({ x, s }) => (x.plates = s),
      ({ x, s }) => (x.slipf += 0.9 * s),
      ({ x, s, u }) => (x.fib += 4 * s * u),
      flag('slow', 0.6),
    ],
  },
  basket: {
    fits: wetClutch,
    does: [({ x, s }) => (x.basket = 0.2 + 0.8 * s), ({ x, s }) => (x.dragc += s)],
  },
  governor_link: {
    fits: a => a.governor === 'mechanical' || a.governor === 'air',
    does: [({ x, s }) => (x.govlink = s), sometimes(0.3, 'serviced')],
  },
} satisfies Record<string, Fault>

/** Oil and heat. */
const OIL = {
  overfilled: {
    fits: hasSump,
    does: [
      ({ x, a, s }) => (x.oil = a.oilMax + a.cap * (0.03 + 0.6 * s)),
      flag('topped', 0.8),
      ({ x }) => (x.serviced = 1 - x.topped),
    ],
  },
  tipped: {
    does: [
      on('tipped'),
      ({ x, a, s, u }) => (x.oilcyl = 0.12 * a.vc * (0.3 + s) * u * a.sump),
      ({ x, a, u }) => (x.floodt = 0.03 * a.cc * u),
      ({ x, a, s }) => (x.afoil += (0.2 + 0.8 * s) * a.sump),
      ({ x, a, s }) => (x.pipeoil = a.sump ? 0.3 + 0.7 * s : 0),
    ],
  },
  ran_low: {
    fits: hasSump,
    does: [
      ({ x, a, s }) => (x.oil = a.oilMin * (1 - 0.85 * s)),
      ({ x, s, u }) => (x.be += 0.08 * s * s * u),
      ({ x, s, u }) => (x.smell = 0.7 * s * u),
      on('usehist'),
    ],
  },
  oil_ruined: {
    fits: hasSump,
    does: [
      ({ x, s }) => (x.ruin = 0.3 + 0.7 * s),
      ({ x }) => (x.since += 120),
      ({ x, s, u }) => (x.strain += 0.5 * s * u),
      flag('slow', 0.5),
    ],
  },
  fuel_in_oil: {
    fits: hasSump,
    does: [
      ({ x, a, s }) => (x.ofuel += a.cap * (0.03 + 0.5 * s)),
      ({ x, a, u }) => (x.needle += (a.feed === 'float' || a.feed === 'vacuum_tap') && u < 0.5 ? 15 * u : 0),
    ],
  },
  coolant_in_oil: {
    fits: a => liquid(a) && hasSump(a),
    does: [
      ({ x, a, s }) => (x.owater += a.cap * (0.04 + 0.3 * s)),
      on('glycol'),
      ({ x, s }) => (x.cool = 0.2 + 0.6 * s),
      ({ x, s, u }) => (x.gcool = 0.5 * s * u),
    ],
  },
  condensation: { fits: hasSump, does: [({ x, a, s }) => (x.owater += a.cap * (0.005 + 0.04 * s))] },
  oil_pump: {
    fits: a => a.oiling === 'pump_wet',
    does: [({ x, s }) => (x.pumpclr += 0.08 + 0.15 * s), ({ x, s, u }) => (x.fe += 2 * s * u)],
  },
  strainer: {
    fits: a => a.oiling === 'pump_wet',
    does: [
      ({ x, s }) => (x.strain += 0.3 + 0.65 * s),
      ({ x, s, u }) => (x.seal += 4 * s * u),
      may(0.3, ({ x }) => (x.ruin = 0.5)),
      sometimes(0.3, 'serviced'),
    ],
  },
  wrong_oil: {
    fits: wetClutch,
    does: [({ x, s }) => (x.slipf += 0.15 + 0.85 * s), flag('serviced', 0.75)],
  },
  oil_line: {
    fits: a => a.oiling === 'injection',
    does: [({ x, s }) => (x.injair = s), ({ x, s }) => (x.injoil = 1 - 0.8 * s)],
  },
  oil_stroke: {
    fits: a => a.oiling === 'injection',
    does: [on('stroke'), ({ x, s, u }) => (x.injoil = u < 0.5 ? 1 - 0.7 * s : 1 + 1.5 * s), sometimes(0.4, 'serviced')],
  },
  sump_bolts: {
    fits: hasSump,
    does: [({ x, s }) => (x.wsump = 0.2 + 0.8 * s), flag('bolts', 0.7), ({ x, s, u }) => (x.oil *= 1 - 0.75 * s * u)],
  },
  bottom_seal: { fits: hasSump, does: leak('wbot', 0.45) },
  top_seal: { fits: hasSump, does: leak('wtop', 0.35) },
  cover_leak: { fits: hasSump, does: leak('wcover', 0.2) },
  fins: { fits: a => a.cooling === 'air', does: [({ x, s }) => (x.fins = 0.2 + 0.8 * s)] },
  coolant_lost: {
    fits: liquid,
    does: [({ x, s }) => (x.cool = 0.2 + 0.8 * s), ({ x, s, u }) => (x.wcool = s * u)],
  },
  thermostat: { fits: liquid, does: [({ x, s }) => (x.stat = 0.3 + 0.7 * s)] },
} satisfies Record<string, Fault>

export const FAULTS: Readonly<Record<string, Fault>> = { ...FUEL, ...SPARK, ...AIR, ...VALVES, ...METAL, ...OIL }

/** Whether an engine can have a fault at all. */
export const canHave = (a: Archetype, id: string): boolean => FAULTS[id]?.fits?.(a) ?? id in FAULTS

/** Puts one fault into a state, in the order of its statements. */
export function applyFault(x: State, a: Archetype, seed: number, id: string, s: number): void {
  FAULTS[id]?.does.forEach((statement, i) => {
    const at: At = { x, a, s, u: uni(seed, 'f', id, i) }
    if (typeof statement === 'function') statement(at)
    else {
      const p = typeof statement.p === 'function' ? statement.p(at) : statement.p
      if (uni(seed, 'p', id, i) < p) statement.then(at)
    }
  })
}
