import type { EngineFacts } from '../engine/facts'
import { UNASKED } from '../engine/facts'

/** An engine as its maker gives it. Lengths mm, volumes mL, areas mm², minutes, °C. All of it invented. */
export interface Archetype {
  id: string
  cls: EngineFacts['engineClass']
  strokes: 2 | 4
  cyl: number
  oiling: 'splash' | 'premix' | 'pump_wet' | 'injection'
  feed: 'float' | 'diaphragm' | 'vacuum_tap' | 'injection' | 'pulse'
  cooling: 'air' | 'liquid'
  valves: 'side' | 'push_rod' | 'overhead_cam' | 'none'
  ignition: 'key' | 'electronic' | 'unknown'
  release: 'none' | 'automatic' | 'manual'
  clutch: 'none' | 'wet' | 'centrifugal'
  governor: 'none' | 'air' | 'mechanical'
  blade: 0 | 1
  start: 'rope' | 'kick' | 'starter'
  bore: number
  strokeMm: number
  rod: number
  cr: number
  /** where the cylinder closes, degrees after bottom dead centre */
  close: number
  /** rpm of a pull, at rated speed and idling */
  pull: number
  rated: number
  idle: number
  ring0: number
  inletDia: number
  exhaustDia: number
  lashIn: number
  lashEx: number
  /** lift that an automatic release gives, mm, and where the cylinder then closes, degrees */
  bump: number
  relClose: number
  oilMin: number
  oilMax: number
  cap: number
  /** °C over the air at full load, and the minutes that it takes */
  rise: number
  tau: number
  /** what another one costs, plain units */
  price: number
  /** big end, skirt and main when new, mm */
  be0: number
  skirt0: number
  main0: number
  /** one cylinder, mL; its clearance, mL */
  cc: number
  vc: number
  sump: 0 | 1
  petrol: 0 | 1
}

type Words = [
  Archetype['cls'],
  2 | 4,
  number,
  Archetype['oiling'],
  Archetype['feed'],
  Archetype['cooling'],
  Archetype['valves'],
  Archetype['ignition'],
  Archetype['release'],
  Archetype['clutch'],
  Archetype['governor'],
  0 | 1,
  Archetype['start'],
]
type Geometry = [bore: number, stroke: number, rod: number, cr: number, close: number, ...rpm: [number, number, number]]
type Seal = [ring0: number, inlet: number, exhaust: number, lashIn: number, lashEx: number, bump: number, rel: number]
type Rest = [
  ...oil: [number, number, number],
  ...heat: [number, number],
  price: number,
  ...new_: [number, number, number],
]

function archetype(id: string, words: Words, geometry: Geometry, seal: Seal, rest: Rest): Archetype {
  const [cls, strokes, cyl, oiling, feed, cooling, valves, ignition, release, clutch, governor, blade, start] = words
  const [bore, strokeMm, rod, cr, close, pull, rated, idle] = geometry
  const [ring0, inletDia, exhaustDia, lashIn, lashEx, bump, relClose] = seal
  const [oilMin, oilMax, cap, rise, tau, price, be0, skirt0, main0] = rest
  const cc = ((Math.PI / 4) * bore ** 2 * strokeMm) / 1000
  return {
    ...{ id, cls, strokes, cyl, oiling, feed, cooling, valves, ignition, release, clutch, governor, blade, start },
    ...{ bore, strokeMm, rod, cr, close, pull, rated, idle },
    ...{ ring0, inletDia, exhaustDia, lashIn, lashEx, bump, relClose },
    ...{ oilMin, oilMax, cap, rise, tau, price, be0, skirt0, main0 },
    ...{ cc, vc: cc / (cr - 1), sump: strokes === 4 ? 1 : 0, petrol: cls === 'D4' ? 0 : 1 },
  }
}

// one engine a block: words, then lengths, then what seals it, then oil, heat and price
// prettier-ignore
const ALL = [
  archetype('side_valve_mower',
    ['S4', 4, 1, 'splash', 'float', 'air', 'side', 'key', 'none', 'none', 'air', 1, 'rope'],
    [65.1, 44.4, 98, 6.2, 45, 350, 3200, 1800], [0.33, 24, 24, 0.15, 0.22, 0, 0],
    [480, 600, 600, 165, 6, 210, 0.035, 0.055, 0.02]),
  archetype('ohv_mower',
    ['S4', 4, 1, 'splash', 'float', 'air', 'push_rod', 'key', 'automatic', 'none', 'mechanical', 1, 'rope'],
    [70, 43, 90, 8.3, 50, 350, 3200, 1800], [0.35, 27, 24, 0.12, 0.18, 0.75, 100],
    [450, 550, 550, 160, 6, 260, 0.035, 0.055, 0.02]),
  archetype('handheld_two_stroke',
    ['H2', 2, 1, 'premix', 'diaphragm', 'air', 'none', 'key', 'none', 'centrifugal', 'none', 0, 'rope'],
    [36, 30, 60, 13, 105, 600, 9000, 2800], [0.1, 0, 0, 0, 0, 0, 0],
    [0, 0, 0, 185, 3.5, 230, 0.018, 0.04, 0.012]),
  archetype('handheld_four_stroke',
    ['S4', 4, 1, 'splash', 'diaphragm', 'air', 'push_rod', 'key', 'automatic', 'centrifugal', 'none', 0, 'rope'],
    [39, 30, 60, 8.5, 50, 550, 7500, 3000], [0.12, 15, 13, 0.09, 0.12, 0.6, 95],
    [60, 80, 80, 170, 3.5, 290, 0.02, 0.04, 0.012]),
  archetype('step_through',
    ['M4', 4, 1, 'pump_wet', 'vacuum_tap', 'air', 'overhead_cam', 'electronic', 'none', 'wet', 'none', 0, 'kick'],
    [50, 56, 92, 9.3, 35, 450, 7500, 1400], [0.22, 23, 20, 0.06, 0.06, 0, 0],
    [800, 1000, 1000, 150, 7, 420, 0.018, 0.03, 0.015]),
  archetype('sport_two_stroke',
    ['V2', 2, 1, 'injection', 'float', 'liquid', 'none', 'electronic', 'none', 'wet', 'none', 0, 'kick'],
    [66.4, 72, 128, 10.8, 85, 400, 8000, 1800], [0.28, 0, 0, 0, 0, 0, 0],
    [0, 0, 0, 48, 4, 950, 0.02, 0.06, 0.015]),
  archetype('small_diesel',
    ['D4', 4, 1, 'pump_wet', 'injection', 'liquid', 'push_rod', 'unknown', 'manual', 'none', 'mechanical', 0, 'starter'],
    [78, 70, 120, 19, 40, 250, 3000, 1100], [0.3, 32, 28, 0.18, 0.18, 0, 0],
    [1150, 1400, 1400, 50, 7, 1100, 0.05, 0.08, 0.04]),
  archetype('twin_garden_tractor',
    ['T4', 4, 2, 'pump_wet', 'pulse', 'air', 'push_rod', 'key', 'automatic', 'none', 'mechanical', 1, 'starter'],
    [77, 67, 115, 8.4, 50, 350, 3300, 1500], [0.38, 34, 29, 0.1, 0.15, 0.7, 95],
    [1500, 1800, 1800, 155, 8, 780, 0.045, 0.06, 0.03]),
] as const

export const ARCHETYPES: ReadonlyMap<string, Archetype> = new Map(ALL.map(a => [a.id, a]))

/** What a booking sheet says of it: nothing hidden. */
export const factsOf = (a: Archetype): EngineFacts => ({
  ...UNASKED,
  engineClass: a.cls,
  cycle: a.strokes === 4 ? 'four' : 'two',
  displacementCc: Math.round(a.cc * a.cyl),
  cylinders: a.cyl,
  oiling: a.oiling,
  oilShows: a.sump ? 'stick_screwed' : 'none',
  release: a.release,
  bore: 'unknown',
  fuelFeed: a.feed,
  cooling: a.cooling,
  mixRatio: a.oiling === 'premix' ? 50 : null,
  valves: a.valves === 'none' ? 'unknown' : a.valves,
  ignition: a.ignition,
  clutch: a.clutch,
  governor: a.governor === 'none' ? 'none' : 'unknown',
})
