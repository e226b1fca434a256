import type { EngineFacts } from '../job/jobFile'
import type { EngineClass, KeyOf } from '../job/vocabulary'
import type { SpecItem } from '../spec/specItems'
import { bigEndFromShake } from './crank'
import { GAP_BANDS, keyShift } from './ignition'
import { PUMP_LIMITS } from './oilPump'
import { guideClearance } from './valves'

/** Expanded uncertainty (k = 2) of a reading in a shop's hands, mm. Rule of thumb; a card of known thickness is an improvised feeler. */
export const TOOLS = {
  micrometer: { label: 'micrometer', uMm: 0.006 }, bore_dial: { label: 'bore dial', uMm: 0.010 }, dial: { label: 'dial gauge', uMm: 0.010 }, feeler: { label: 'feeler', uMm: 0.02 },
  vernier: { label: 'vernier', uMm: 0.04 }, solder: { label: 'solder and micrometer', uMm: 0.02 }, card: { label: 'card of known thickness', uMm: 0.05 },
} as const
export type Tool = KeyOf<typeof TOOLS>
export const TOOL_LABELS = Object.fromEntries(Object.entries(TOOLS).map(([k, v]) => [k, v.label])) as Record<Tool, string>

export interface Limits { lower: number | null, upper: number | null }
export interface MeasurePlan {
  label: string
  /** what is read, in order; all in length units */
  reads: readonly string[]
  tool: Tool
  /** unit of the figure that is judged */
  unit: 'mm' | 'deg'
  /** figure judged, from the readings in mm */
  figure(reads: number[]): number
  /** the sheet's items that limit it */
  least?: SpecItem
  most?: SpecItem
  /** class figure where the sheet says nothing; null where there is no honest one. Rule of thumb */
  thumb(facts: EngineFacts, boreMm: number | null): Limits
  /** from here on it is used, not new; still allowed. Same unit */
  newTo?(facts: EngineFacts, boreMm: number | null): number | null
  fits(facts: EngineFacts): boolean
  /** how it is taken, in a line */
  how: string
  past: string
}

const first = (reads: number[]): number => reads[0] ?? 0
const most = (upper: number) => (): Limits => ({ lower: null, upper })
const none = (): Limits => ({ lower: null, upper: null })
const any = (): boolean => true
const four = (f: EngineFacts): boolean => f.cycle === 'four'
const two = (f: EngineFacts): boolean => f.cycle === 'two'
const pumped = (f: EngineFacts): boolean => f.oiling.startsWith('pump') || f.oiling === 'pump_dry' || f.oiling === 'unknown'
const RUNOUT: Record<EngineClass, number> = { H2: 0.04, V2: 0.05, S4: 0.05, M4: 0.05, T4: 0.05, D4: 0.05 }
const SQUISH: Record<EngineClass, number | null> = { H2: 0.5, V2: 0.8, S4: 1.0, M4: 0.8, T4: null, D4: null }
const ringShare = (f: EngineFacts): number => f.cycle === 'two' ? 0.007 : f.cooling === 'liquid' ? 0.006 : 0.007

/** What is measured beside the bore. Limits: the sheet's first, the class rule of thumb after. Ranges of general workshop practice. */
export const MEASURES = {
  ring_gap: { label: 'Ring end gap', reads: ['Gap'], tool: 'feeler', unit: 'mm', figure: first, most: 'ring_gap_max', thumb: (_, bore) => ({ lower: null, upper: bore === null ? null : 0.012 * bore }), newTo: (f, bore) => bore === null ? null : ringShare(f) * bore, fits: any, how: 'Square in the least worn part of the bore, pushed down with the piston.', past: 'New rings; measure the bore before they are bought.' },
  ring_side: { label: 'Ring in its groove', reads: ['Clearance'], tool: 'feeler', unit: 'mm', figure: first, most: 'ring_side_max', thumb: most(0.15), newTo: () => 0.08, fits: any, how: 'Groove cleaned, ring in place, all round. Not for keystone rings.', past: 'The groove is worn: a new piston, not new rings.' },
  rod_shake: { label: 'Big end by a rock of the rod', reads: ['Tip moves, side to side', 'Rod, centre to centre', 'Bearing width'], tool: 'dial', unit: 'mm', figure: ([tip = 0, rod = 1, width = 0]) => bigEndFromShake({ tipTotalMm: tip, rodMm: rod, bearingWidthMm: width }).radialClearanceMm, most: 'rod_play_max', thumb: most(0.05), newTo: () => 0.025, fits: any, how: 'Crank at bottom, rod rocked sideways, whole movement at the small end. An upper bound where the washers stop it.', past: 'Rod, pin and bearing.' },
  rod_play: { label: 'Big end, up and down', reads: ['Play'], tool: 'dial', unit: 'mm', figure: first, most: 'rod_play_max', thumb: most(0.05), newTo: () => 0.025, fits: any, how: 'Dial on the rod, pushed and pulled along it.', past: 'Rod, pin and bearing. Felt play in a roller big end is enough to ask for a figure, not to condemn.' },
  rod_side: { label: 'Big end, sideways', reads: ['Clearance'], tool: 'feeler', unit: 'mm', figure: first, most: 'rod_side_max', thumb: most(0.8), newTo: () => 0.6, fits: any, how: 'Feeler between rod and web.', past: 'Washers or rod kit.' },
  crank_runout: { label: 'Crank run-out', reads: ['Dial, whole swing'], tool: 'dial', unit: 'mm', figure: first, most: 'crank_runout_max', thumb: f => ({ lower: null, upper: RUNOUT[f.engineClass] }), fits: any, how: 'On the main bearing seats, dial at the taper. Whole swing of the needle.', past: 'True it or change it. Over 0.10 after a blow to the blade: scrap.' },
  crank_pin: { label: 'Crank pin', reads: ['Largest', 'Smallest'], tool: 'micrometer', unit: 'mm', figure: ([a = 0, b = 0]) => Math.min(a, b), least: 'crank_pin_min', thumb: none, fits: any, how: 'Cleaned of smeared metal first, at several places; largest and smallest.', past: 'Grind under size with shells, a new pin and rod kit, or another crank.' },
  main_play: { label: 'Main bearing, up and down', reads: ['Play'], tool: 'dial', unit: 'mm', figure: first, most: 'main_play_max', thumb: most(0.05), newTo: () => 0.028, fits: any, how: 'Dial on the shaft beside the bearing.', past: 'Bearing, and its seal with it.' },
  end_float: { label: 'Crank end float', reads: ['Float'], tool: 'dial', unit: 'mm', figure: first, most: 'end_float_max', thumb: most(0.5), fits: any, how: 'Dial on the shaft\'s end, pushed and pulled.', past: 'Thrust washer or shim; look where the missing metal went.' },
  guide: { label: 'Valve guide by its wobble', reads: ['Head moves, side to side', 'Guide length', 'Height over the guide'], tool: 'dial', unit: 'mm', figure: ([wobble = 0, length = 1, height = 0]) => guideClearance({ wobbleMm: wobble, guideLengthMm: length, heightMm: height, limitMm: 1 }).clearanceMm, most: 'guide_clearance_max', thumb: most(0.10), newTo: () => 0.06, fits: four, how: 'Valve lifted a little, dial at its rim.', past: 'Guide, and the valve if its stem is under size.' },
  seat_width: { label: 'Valve seat width', reads: ['Width'], tool: 'vernier', unit: 'mm', figure: first, most: 'seat_width_max', thumb: most(2), newTo: () => 1.5, fits: four, how: 'Blue on the seat, valve turned once.', past: 'Recut and narrow.' },
  spring_free: { label: 'Valve spring, free', reads: ['Length'], tool: 'vernier', unit: 'mm', figure: first, least: 'spring_free_min', thumb: none, fits: four, how: 'Standing free, and square.', past: 'New spring.' },
  squish: { label: 'Squish', reads: ['Left', 'Right'], tool: 'solder', unit: 'mm', figure: ([left = 0, right = 0]) => Math.min(left, right), least: 'squish_min', thumb: f => ({ lower: SQUISH[f.engineClass], upper: null }), fits: two, how: 'Solder along the pin axis, both sides, turned over once by hand.', past: 'A thicker base gasket; the piston would touch.' },
  pump_tip: { label: 'Oil pump, tip', reads: ['Clearance'], tool: 'feeler', unit: 'mm', figure: first, most: 'pump_tip_max', thumb: most(PUMP_LIMITS.tip[1]), newTo: () => PUMP_LIMITS.tip[0], fits: pumped, how: 'Wiped dry: oil bridges the gap. Rotor tip against rotor tip.', past: 'Both rotors.' },
  pump_side: { label: 'Oil pump, end', reads: ['Clearance'], tool: 'feeler', unit: 'mm', figure: first, most: 'pump_side_max', thumb: most(PUMP_LIMITS.side[1]), newTo: () => PUMP_LIMITS.side[0], fits: pumped, how: 'Straight edge over the body, wiped dry.', past: 'This gap costs most flow: new pump, or face the body.' },
  pump_body: { label: 'Oil pump, body', reads: ['Clearance'], tool: 'feeler', unit: 'mm', figure: first, most: 'pump_body_max', thumb: most(PUMP_LIMITS.body[1]), newTo: () => PUMP_LIMITS.body[0], fits: pumped, how: 'Outer rotor against the body, wiped dry.', past: 'New pump or body.' },
  plate: { label: 'Clutch plate, thinnest', reads: ['Thickness'], tool: 'vernier', unit: 'mm', figure: first, least: 'plate_min', thumb: none, fits: f => f.clutch !== 'none', how: 'Each plate, at its thinnest; count them.', past: 'All friction plates together.' },
  plug_gap: { label: 'Plug gap', reads: ['Gap'], tool: 'feeler', unit: 'mm', figure: first, thumb: () => ({ lower: GAP_BANDS.plug[0], upper: GAP_BANDS.plug[1] }), fits: any, how: 'Wire gauge; bend the side electrode only.', past: 'Set it.' },
  coil_gap: { label: 'Coil air gap', reads: ['Gap'], tool: 'card', unit: 'mm', figure: first, thumb: () => ({ lower: GAP_BANDS.coil[0], upper: GAP_BANDS.coil[1] }), fits: any, how: 'Magnet under the coil, card of known thickness between.', past: 'Set it with the card in, screws tight, turned once by hand.' },
  key_shift: { label: 'Flywheel against its key', reads: ['Offset at the rim', 'Radius there'], tool: 'vernier', unit: 'deg', figure: ([offset = 0, radius = 1]) => keyShift({ offsetMm: offset, radiusMm: radius, measured: 'arc', flywheelAhead: true }).shiftDeg, thumb: most(3), newTo: () => 1, fits: any, how: 'Marks of crank and wheel, along the rim. A stepped key is replaced whatever this says.', past: 'New key; look at the taper, and at the crank for a bend.' },
} as const satisfies Record<string, MeasurePlan>
export type MeasureItem = KeyOf<typeof MEASURES>
export const MEASURE_PLANS: Record<MeasureItem, MeasurePlan> = MEASURES
