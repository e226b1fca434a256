import type { EngineFacts } from '../engine/facts'
import type { EngineClass } from '../engine/words'
import type { KeyOf } from '../words/keys'
import { gasketAdvice, journalAdvice, journalFault, protrusionAdvice, shimAdvice } from './choices'
import { bigEndFromShake } from './crank'
import { GAP_BANDS, keyShift } from './ignition'
import type { Limits, MeasurePlan } from './measurePlan'
import { PUMP_LIMITS } from './oilPump'
import { ringRadialWear } from './rings'
import { guideClearance } from './valves'

const first = (reads: number[]): number => reads[0] ?? 0

const most = (upper: number) => (): Limits => ({ lower: null, upper })

const none = (): Limits => ({ lower: null, upper: null })

const any = (): boolean => true

const four = (f: EngineFacts): boolean => f.cycle === 'four'

const two = (f: EngineFacts): boolean => f.cycle === 'two'

const pumped = (f: EngineFacts): boolean =>
  f.oiling.startsWith('pump') || f.oiling === 'pump_dry' || f.oiling === 'unknown'

const RUNOUT: Record<EngineClass, number> = { H2: 0.04, V2: 0.05, S4: 0.05, M4: 0.05, T4: 0.05, D4: 0.05 }

const SQUISH: Record<EngineClass, number | null> = { H2: 0.5, V2: 0.8, S4: 1.0, M4: 0.8, T4: null, D4: null }

const PLAIN_SHARE = 0.0025

const shells = (f: EngineFacts): boolean => f.bearings === 'plain_shells' || f.bearings === 'unknown'

const plainRod = (f: EngineFacts): boolean => f.bearings !== 'rolling'

const gap = ([outer = 0, inner = 0]: number[]): number => outer - inner

/** Cold lash by class, mm: inlet, exhaust. Rule of thumb, general workshop-manual practice. */
const LASH_THUMB = {
  inlet: { S4: [0.1, 0.15], M4: [0.08, 0.17] },
  exhaust: { S4: [0.15, 0.25], M4: [0.17, 0.3] },
} as const

const lashThumb =
  (valve: 'inlet' | 'exhaust') =>
  ({ engineClass: c }: EngineFacts): Limits =>
    c === 'S4' || c === 'M4' ? { lower: LASH_THUMB[valve][c][0], upper: LASH_THUMB[valve][c][1] } : none()

const ringShare = (f: EngineFacts): number => (f.cycle === 'two' ? 0.007 : f.cooling === 'liquid' ? 0.006 : 0.007)

/** What is measured beside the bore. Limits: the sheet's first, the class rule of thumb after. Ranges of general workshop practice. */
export const MEASURES = {
  ring_gap: {
    label: 'Ring end gap',
    reads: ['Gap'],
    tool: 'feeler',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'ring_gap_min',
    most: 'ring_gap_max',
    thumb: (_, bore) => ({ lower: null, upper: bore === null ? null : 0.012 * bore }),
    newTo: (f, bore) => (bore === null ? null : ringShare(f) * bore),
    fits: any,
    how: 'Square in the least worn part of the bore, pushed down with the piston.',
    past: 'New rings; measure the bore before they are bought.',
  },
  ring_wear: {
    label: 'Ring wear from its gap',
    reads: ['Gap now', 'Bore now', 'Gap when new', 'Bore when new'],
    tool: 'feeler',
    unit: 'mm',
    figure: ([gap = 0, bore = 1, gapNew = 0, boreNew = 1]) =>
      ringRadialWear({ gapNowMm: gap, gapNewMm: gapNew, boreNowMm: bore, boreNewMm: boreNew }).radialWearMm,
    thumb: none,
    fits: any,
    how: 'Gap growth split into what the bore gave and what the ring lost off its face.',
    past: 'New rings.',
  },
  ring_side: {
    label: 'Ring in its groove',
    reads: ['Clearance'],
    tool: 'feeler',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'ring_side_min',
    most: 'ring_side_max',
    thumb: most(0.15),
    newTo: () => 0.08,
    fits: any,
    how: 'Groove cleaned, ring in place, all round. Not for keystone rings.',
    past: 'The groove is worn: a new piston, not new rings.',
  },
  rod_shake: {
    label: 'Big end by a rock of the rod',
    reads: ['Tip moves, side to side', 'Rod, centre to centre', 'Bearing width'],
    tool: 'dial',
    unit: 'mm',
    figure: ([tip = 0, rod = 1, width = 0]) =>
      bigEndFromShake({ tipTotalMm: tip, rodMm: rod, bearingWidthMm: width }).radialClearanceMm,
    most: 'rod_play_max',
    thumb: most(0.05),
    newTo: () => 0.025,
    fits: any,
    how: 'Crank at bottom, rod rocked sideways, whole movement at the small end. An upper bound where the washers stop it.',
    past: 'Rod, pin and bearing.',
  },
  rod_play: {
    label: 'Big end, up and down',
    reads: ['Play'],
    tool: 'dial',
    unit: 'mm',
    figure: first,
    most: 'rod_play_max',
    thumb: most(0.05),
    newTo: () => 0.025,
    fits: any,
    how: 'Dial on the rod, pushed and pulled along it.',
    past: 'Rod, pin and bearing. Felt play in a roller big end is enough to ask for a figure, not to condemn.',
  },
  rod_side: {
    label: 'Big end, sideways',
    reads: ['Clearance'],
    tool: 'feeler',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'rod_side_min',
    most: 'rod_side_max',
    thumb: most(0.8),
    newTo: () => 0.6,
    fits: any,
    how: 'Feeler between rod and web.',
    past: 'Washers or rod kit.',
  },
  crank_runout: {
    label: 'Crank run-out',
    reads: ['Dial, whole swing'],
    tool: 'dial',
    unit: 'mm',
    figure: first,
    most: 'crank_runout_max',
    thumb: f => ({ lower: null, upper: RUNOUT[f.engineClass] }),
    fits: any,
    how: 'On the main bearing seats, dial at the taper. Whole swing of the needle.',
    past: 'True it or change it. Over 0.10 after a blow to the blade: scrap.',
  },
  crank_pin: {
    label: 'Crank pin',
    reads: ['Largest', 'Smallest'],
    tool: 'micrometer',
    unit: 'mm',
    figure: ([a = 0, b = 0]) => Math.min(a, b),
    least: 'crank_pin_min',
    thumb: none,
    fits: any,
    how: 'Cleaned of smeared metal first, at several places; largest and smallest.',
    past: 'Grind under size with shells, a new pin and rod kit, or another crank.',
  },
  rod_rim: {
    label: 'Big end by the flywheel',
    reads: ['Rim moves, piston still', 'Radius of the rim', 'Throw of the crank'],
    tool: 'vernier',
    unit: 'mm',
    figure: ([travel = 0, rim = 1, throwMm = 0]) => (travel * throwMm) / rim,
    most: 'rod_play_max',
    thumb: most(0.05),
    newTo: () => 0.025,
    fits: any,
    how: 'Piston held half way down, wheel rocked: how far its rim moves before the piston does. Rod and pin bearings together; it sorts, the dial decides.',
    past: 'Take the dial to rod and pin, each by itself.',
  },
  journal: {
    label: 'Crank pin or journal, both ends',
    reads: ['One end, one way', 'One end, across', 'Other end, one way', 'Other end, across', 'Standard size'],
    tool: 'micrometer',
    unit: 'mm',
    figure: ([a = 0, b = 0, c = 0, d = 0]) => Math.min(a, b, c, d),
    least: 'crank_pin_min',
    thumb: none,
    sold: 'Undersizes that are sold',
    advise: journalAdvice,
    fault: journalFault,
    fits: any,
    how: 'Smeared metal off first. Both ends, two ways each, clear of the oil hole.',
    past: 'Under its least: grind with shells, a new pin and rod kit, or another crank.',
  },
  big_end_oil: {
    label: 'Big-end oil clearance',
    reads: ['Rod bore, bolts torqued', 'Crank pin'],
    tool: 'micrometer',
    unit: 'mm',
    fit: true,
    figure: gap,
    least: 'big_end_clearance_min',
    most: 'big_end_clearance_max',
    thumb: (_, __, reads) => ({ lower: null, upper: reads ? PLAIN_SHARE * (reads[1] ?? 0) : null }),
    fits: plainRod,
    how: 'Shells in and bolts at their torque, or plastic strip; pin at the same place.',
    past: 'Rod or shells; look at the pin.',
  },
  main_oil: {
    label: 'Main bearing oil clearance',
    reads: ['Housing, shells torqued', 'Journal'],
    tool: 'micrometer',
    unit: 'mm',
    fit: true,
    figure: gap,
    least: 'main_clearance_min',
    most: 'main_clearance_max',
    thumb: (_, __, reads) => ({ lower: null, upper: reads ? PLAIN_SHARE * (reads[1] ?? 0) : null }),
    fits: shells,
    how: 'Shells in, caps at their torque, two ways each.',
    past: 'Shells, or the next undersize after grinding.',
  },
  main_play: {
    label: 'Main bearing, up and down',
    reads: ['Play'],
    tool: 'dial',
    unit: 'mm',
    figure: first,
    most: 'main_play_max',
    thumb: most(0.05),
    newTo: () => 0.028,
    fits: any,
    how: 'Dial on the shaft beside the bearing.',
    past: 'Bearing, and its seal with it.',
  },
  end_float: {
    label: 'Crank end float',
    reads: ['Float'],
    tool: 'dial',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'end_float_min',
    most: 'end_float_max',
    thumb: most(0.5),
    fits: any,
    how: "Dial on the shaft's end, pushed and pulled.",
    past: 'Thrust washer or shim; look where the missing metal went.',
  },
  guide: {
    label: 'Valve guide by its wobble',
    reads: ['Head moves, side to side', 'Guide length', 'Height over the guide'],
    tool: 'dial',
    unit: 'mm',
    fit: true,
    figure: ([wobble = 0, length = 1, height = 0]) =>
      guideClearance({ wobbleMm: wobble, guideLengthMm: length, heightMm: height, limitMm: 1 }).clearanceMm,
    least: 'guide_clearance_min',
    most: 'guide_clearance_max',
    thumb: most(0.1),
    newTo: () => 0.06,
    fits: four,
    how: 'Valve lifted a little, dial at its rim.',
    past: 'Guide, and the valve if its stem is under size.',
  },
  seat_width: {
    label: 'Valve seat width',
    reads: ['Width'],
    tool: 'vernier',
    unit: 'mm',
    figure: first,
    most: 'seat_width_max',
    thumb: most(2),
    newTo: () => 1.5,
    fits: four,
    how: 'Blue on the seat, valve turned once.',
    past: 'Recut and narrow.',
  },
  spring_free: {
    label: 'Valve spring, free',
    reads: ['Length'],
    tool: 'vernier',
    unit: 'mm',
    figure: first,
    least: 'spring_free_min',
    thumb: none,
    fits: four,
    how: 'Standing free, and square.',
    past: 'New spring.',
  },
  squish: {
    label: 'Squish',
    reads: ['Left', 'Right'],
    tool: 'solder',
    unit: 'mm',
    figure: ([left = 0, right = 0]) => Math.min(left, right),
    least: 'squish_min',
    thumb: f => ({ lower: SQUISH[f.engineClass], upper: null }),
    fits: two,
    how: 'Solder along the pin axis, both sides, turned over once by hand.',
    past: 'A thicker base gasket; the piston would touch.',
  },
  gasket: {
    label: 'Gasket for a squish',
    reads: ['Squish now', 'Gasket now, crushed', 'Squish wanted'],
    tool: 'solder',
    unit: 'mm',
    figure: first,
    least: 'squish_min',
    thumb: f => ({ lower: SQUISH[f.engineClass], upper: null }),
    sold: 'Gaskets that are sold',
    advise: gasketAdvice,
    fits: any,
    how: 'Solder along the pin axis. A paper gasket crushes to about nine tenths: type what it is after crushing.',
    past: 'Choose a thicker gasket; the piston would touch.',
  },
  protrusion: {
    label: 'Gasket for how far the piston stands out',
    reads: ['Stands out now', 'Gasket now, crushed', 'Should stand out'],
    tool: 'dial',
    unit: 'mm',
    figure: first,
    thumb: none,
    sold: 'Gaskets that are sold',
    advise: protrusionAdvice,
    fits: four,
    how: 'Dial on the crown over the pin at top dead centre, zeroed on the block; each cylinder by itself.',
    past: 'Another gasket.',
  },
  shim_inlet: {
    label: 'Shim, inlet',
    reads: ['Lash as found', 'Shim now'],
    tool: 'feeler',
    unit: 'mm',
    figure: first,
    least: 'lash_inlet_min',
    most: 'lash_inlet_max',
    thumb: lashThumb('inlet'),
    sold: 'Shims at hand',
    advise: shimAdvice,
    fits: four,
    how: 'Cold, valve shut, heel of the cam. Shim by micrometer, not by its print.',
    past: 'Another shim.',
  },
  shim_exhaust: {
    label: 'Shim, exhaust',
    reads: ['Lash as found', 'Shim now'],
    tool: 'feeler',
    unit: 'mm',
    figure: first,
    least: 'lash_exhaust_min',
    most: 'lash_exhaust_max',
    thumb: lashThumb('exhaust'),
    sold: 'Shims at hand',
    advise: shimAdvice,
    fits: four,
    how: 'Cold, valve shut, heel of the cam. Seats sink: the wide end is the safe one.',
    past: 'Another shim.',
  },
  seal_proud: {
    label: 'Seal, out of its seat',
    reads: ['Stands out, or in, unevenly by'],
    tool: 'vernier',
    unit: 'mm',
    figure: first,
    thumb: most(0.5),
    newTo: () => 0.2,
    fits: any,
    how: 'Depth at four places: largest less smallest. Pushed with the thumb it must not move.',
    past: 'Tilted or pressed out: a new seal; ask what pressed it. An unknown age and a low price speak for renewing it anyway.',
  },
  oring: {
    label: 'O-ring, over its groove',
    reads: ['Ring, thinnest', 'Groove, depth'],
    tool: 'vernier',
    unit: 'mm',
    figure: gap,
    thumb: () => ({ lower: 0.2, upper: null }),
    fits: any,
    how: 'Wiped dry, not stretched. Flat on one side is set: it seals no more. Count them out and in.',
    past: 'New rings, all of the set. In the oil way a flat one costs pressure most at a hot idle.',
  },
  pump_tip: {
    label: 'Oil pump, tip',
    reads: ['Clearance'],
    tool: 'feeler',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'pump_tip_min',
    most: 'pump_tip_max',
    thumb: most(PUMP_LIMITS.tip[1]),
    newTo: () => PUMP_LIMITS.tip[0],
    fits: pumped,
    how: 'Wiped dry: oil bridges the gap. Rotor tip against rotor tip.',
    past: 'Both rotors.',
  },
  pump_side: {
    label: 'Oil pump, end',
    reads: ['Clearance'],
    tool: 'feeler',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'pump_side_min',
    most: 'pump_side_max',
    thumb: most(PUMP_LIMITS.side[1]),
    newTo: () => PUMP_LIMITS.side[0],
    fits: pumped,
    how: 'Straight edge over the body, wiped dry.',
    past: 'This gap costs most flow: new pump, or face the body.',
  },
  pump_body: {
    label: 'Oil pump, body',
    reads: ['Clearance'],
    tool: 'feeler',
    unit: 'mm',
    fit: true,
    figure: first,
    least: 'pump_body_min',
    most: 'pump_body_max',
    thumb: most(PUMP_LIMITS.body[1]),
    newTo: () => PUMP_LIMITS.body[0],
    fits: pumped,
    how: 'Outer rotor against the body, wiped dry.',
    past: 'New pump or body.',
  },
  plate: {
    label: 'Clutch plate, thinnest',
    reads: ['Thickness'],
    tool: 'vernier',
    unit: 'mm',
    figure: first,
    least: 'plate_min',
    thumb: none,
    fits: f => f.clutch !== 'none',
    how: 'Each plate, at its thinnest; count them.',
    past: 'All friction plates together.',
  },
  plug_gap: {
    label: 'Plug gap',
    reads: ['Gap'],
    tool: 'feeler',
    unit: 'mm',
    figure: first,
    thumb: () => ({ lower: GAP_BANDS.plug[0], upper: GAP_BANDS.plug[1] }),
    fits: any,
    how: 'Wire gauge; bend the side electrode only.',
    past: 'Set it.',
  },
  coil_gap: {
    label: 'Coil air gap',
    reads: ['Gap'],
    tool: 'card',
    unit: 'mm',
    figure: first,
    thumb: () => ({ lower: GAP_BANDS.coil[0], upper: GAP_BANDS.coil[1] }),
    fits: any,
    how: 'Magnet under the coil, card of known thickness between.',
    past: 'Set it with the card in, screws tight, turned once by hand.',
  },
  key_shift: {
    label: 'Flywheel against its key',
    reads: ['Offset at the rim', 'Radius there'],
    tool: 'vernier',
    unit: 'deg',
    figure: ([offset = 0, radius = 1]) =>
      keyShift({ offsetMm: offset, radiusMm: radius, measured: 'arc', flywheelAhead: true }).shiftDeg,
    thumb: most(3),
    newTo: () => 1,
    fits: any,
    how: 'Marks of crank and wheel, along the rim. A stepped key is replaced whatever this says.',
    past: 'New key; look at the taper, and at the crank for a bend.',
  },
} as const satisfies Record<string, MeasurePlan>

/** Where on the engine a size is taken. */
export const MEASURE_GROUPS = {
  top: 'Top end',
  bottom: 'Bottom end',
  valves: 'Valves',
  oil: 'Oil',
  rest: 'Spark and drive',
} as const

export type MeasureGroup = keyof typeof MEASURE_GROUPS

const GROUP_ITEMS: Record<MeasureGroup, readonly string[]> = {
  top: ['ring_gap', 'ring_wear', 'ring_side', 'squish', 'gasket', 'protrusion'],
  bottom: [
    'rod_shake',
    'rod_play',
    'rod_side',
    'rod_rim',
    'crank_pin',
    'journal',
    'big_end_oil',
    'main_oil',
    'main_play',
    'end_float',
    'crank_runout',
    'seal_proud',
  ],
  valves: ['guide', 'seat_width', 'spring_free', 'shim_inlet', 'shim_exhaust'],
  oil: ['pump_tip', 'pump_side', 'pump_body', 'oring'],
  rest: ['plug_gap', 'coil_gap', 'key_shift', 'plate'],
}

/** The part of the engine that a size belongs to. */
export const groupOf = (item: MeasureItem): MeasureGroup =>
  (Object.keys(GROUP_ITEMS) as MeasureGroup[]).find(g => GROUP_ITEMS[g].includes(item)) ?? 'rest'

export type MeasureItem = KeyOf<typeof MEASURES>

export const MEASURE_PLANS: Record<MeasureItem, MeasurePlan> = MEASURES
