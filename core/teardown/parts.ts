import type { EngineFacts } from '../job/jobFile'
import type { KeyOf } from '../job/vocabulary'
import type { MeasureItem } from '../measure/items'
import { hasSump } from '../oil/fillMarks'

export const PART_GROUPS = {
  top: 'Top end',
  valves: 'Valves and cam',
  bottom: 'Bottom end',
  oil: 'Oil',
  fuel: 'Fuel and air',
  spark: 'Spark and starting',
  drive: 'Drive',
} as const
export type PartGroup = KeyOf<typeof PART_GROUPS>

/** What becomes of a part. */
export const DISPOSITIONS = {
  reuse: 'Use again',
  clean: 'Clean',
  machine: 'Machine',
  replace: 'Replace',
  unknown: "Don't know yet",
  not_here: 'Not here',
} as const
/** How a part stands as to oil: the oil map is drawn from it. */
export const OIL_STATES = {
  sound: 'Oiled, sound',
  dry: 'Dry',
  hurt: 'Hurt by want of oil',
  not_looked: 'Not looked at',
} as const

export interface PartPlan {
  name: string
  group: PartGroup
  /** what to look for, each a finding of its own when it is there */
  look: Record<string, string>
  /** used again on a look or a feel alone, it asks for one of these figures */
  asks?: readonly (MeasureItem | 'bore')[]
  fits(facts: EngineFacts): boolean
  /** there is one for each cylinder */
  each?: true
  /** which way round it goes, or goes back */
  orientation?: string
}

const any = (): boolean => true
const four = (f: EngineFacts): boolean => f.cycle === 'four'
const two = (f: EngineFacts): boolean => f.cycle === 'two'
const pumped = (f: EngineFacts): boolean => hasSump(f) && f.oiling !== 'splash'
const cam = (f: EngineFacts): boolean => four(f) && f.valves !== 'push_rod' && f.valves !== 'side'

/** Parts by name, with what a practised hand looks for on each. */
export const PARTS = {
  piston: {
    name: 'Piston',
    group: 'top',
    look: {
      scuffed: 'Scuffed on the thrust side',
      four_corners: 'Scored on four sides',
      hole: 'Holed or crown melted',
      wash: 'Crown washed clean by fuel',
      ring_land: 'Ring land broken',
      coked: 'Rings coked fast',
    },
    asks: ['ring_side'],
    each: true,
    fits: any,
    orientation: 'Arrow or large valve pocket',
  },
  rings: {
    name: 'Rings',
    group: 'top',
    look: { no_spring: 'No spring left', feathered: 'Edges feathered', broken: 'Broken' },
    asks: ['ring_gap'],
    each: true,
    fits: any,
    orientation: 'Mark up',
  },
  cylinder: {
    name: 'Cylinder and bore',
    group: 'top',
    look: {
      nail: 'Nail catches on a score',
      step: 'Ridge at the top',
      no_hatch: 'No cross-hatch',
      plating: 'Bare metal through the plating',
      rust: 'Rust pits',
    },
    asks: ['bore'],
    each: true,
    fits: any,
  },
  pin: {
    name: 'Piston pin and its bearing',
    group: 'top',
    look: { blue: 'Blue from heat', stepped: 'Stepped', needles: 'Needles flat or loose' },
    each: true,
    fits: any,
  },
  head: {
    name: 'Head and its face',
    group: 'top',
    look: {
      track: 'Dark track across the face',
      warped: 'Light under the straight edge',
      cracked: 'Cracked by the seat or plug',
    },
    fits: any,
  },
  exhaust_valve: {
    name: 'Exhaust valve and seat',
    group: 'valves',
    look: { burnt: 'Burnt at the edge', pitted: 'Seat pitted', stem: 'Stem tight or bent' },
    asks: ['seat_width', 'guide'],
    each: true,
    fits: four,
  },
  inlet_valve: {
    name: 'Inlet valve and seat',
    group: 'valves',
    look: { pitted: 'Seat pitted', carbon: 'Carbon on the back', stem: 'Stem tight or bent' },
    asks: ['seat_width', 'guide'],
    each: true,
    fits: four,
  },
  springs: {
    name: 'Valve springs',
    group: 'valves',
    look: { broken: 'Broken', leaning: 'Leaning', rust: 'Rust pits' },
    asks: ['spring_free'],
    fits: four,
    orientation: 'Close coils down',
  },
  rockers: {
    name: 'Rockers and followers',
    group: 'valves',
    look: { pad: 'Pad worn through', stuck: 'Stuck on its shaft', dished: 'Face dished' },
    fits: four,
  },
  cam: {
    name: 'Cam and its bearings',
    group: 'valves',
    look: { lobe: 'Lobe worn or flat', scored: 'Bearing scored', teeth: 'Teeth gone' },
    fits: four,
    orientation: 'Timing marks',
  },
  chain: {
    name: 'Cam chain and tensioner',
    group: 'valves',
    look: { stretched: "At the tensioner's end", guide: 'Guide worn through' },
    fits: cam,
  },
  rod: {
    name: 'Rod and big end',
    group: 'bottom',
    look: { blue: 'Blue from heat', smeared: 'Smeared', bent: 'Bent or twisted', loose: 'Loose by feel' },
    asks: ['rod_play', 'rod_shake'],
    each: true,
    fits: any,
    orientation: 'Mark to the cam or dipper down',
  },
  crank: {
    name: 'Crank and pin',
    group: 'bottom',
    look: { scored: 'Pin scored', aluminium: 'Rod metal on the pin', bent: 'Runs out', key: 'Keyway damaged' },
    asks: ['crank_runout'],
    fits: any,
  },
  main_drive: {
    name: 'Main bearing, drive side',
    group: 'bottom',
    look: { rough: 'Rough when turned', dry: 'Dry', loose: 'Spins in its seat' },
    asks: ['main_play'],
    fits: any,
  },
  main_flywheel: {
    name: 'Main bearing, flywheel side',
    group: 'bottom',
    look: { rough: 'Rough when turned', dry: 'Dry', loose: 'Spins in its seat' },
    asks: ['main_play'],
    fits: any,
  },
  seals: {
    name: 'Crank seals',
    group: 'bottom',
    look: {
      hard: 'Hard',
      age: 'Age unknown',
      moves: 'Moves under the thumb',
      count: 'One too few or too many',
      lip: 'Lip worn or torn',
      proud: 'Stands proud or tilted',
      groove: 'Groove on the shaft',
    },
    fits: any,
    orientation: 'Lip to what it holds back',
  },
  gear: {
    name: 'Timing and governor gears',
    group: 'bottom',
    look: { teeth: 'Teeth gone', cup: 'Governor cup broken' },
    fits: f => four(f),
  },
  dipper: {
    name: 'Dipper or slinger',
    group: 'oil',
    look: { broken: 'Broken off', bent: 'Bent' },
    fits: f => f.oiling === 'splash',
  },
  pump: {
    name: 'Oil pump',
    group: 'oil',
    look: { scored: 'Scored', worn: 'Loose by feel', drive: 'Drive sheared' },
    asks: ['pump_side', 'pump_tip'],
    fits: pumped,
    orientation: 'Marks of the rotors to one side',
  },
  strainer: {
    name: 'Strainer',
    group: 'oil',
    look: { blocked: 'Blocked', torn: 'Torn', sealant: 'Sealant on it' },
    fits: hasSump,
  },
  oil_filter: {
    name: 'Oil filter',
    group: 'oil',
    look: { blocked: 'Blocked', collapsed: 'Collapsed', metal: 'Metal in the folds' },
    fits: f => f.oilFilter !== 'none' && pumped(f),
  },
  jet: {
    name: 'Oil jet or passage to the head',
    group: 'oil',
    look: { blocked: 'Blocked', sealant: 'Sealant in it', washer: 'Washer missing or swapped' },
    fits: pumped,
  },
  orings: {
    name: 'O-rings and washers of the oil way',
    group: 'oil',
    look: { flat: 'Flat on one side', cut: 'Cut', count: 'One too few or too many', swapped: 'Washer swapped' },
    asks: ['oring'],
    fits: pumped,
  },
  injector_pump: {
    name: 'Injection pump and lines',
    group: 'oil',
    look: { air: 'Air in the line', stroke: 'Stroke off its mark', line: 'Line cracked' },
    fits: f => f.oiling === 'injection',
  },
  carburettor: {
    name: 'Carburettor',
    group: 'fuel',
    look: { jet: 'Jet dirty', needle: 'Needle ringed', gum: 'Gum or water' },
    fits: f => f.fuelFeed !== 'injection',
  },
  reed: { name: 'Reeds or inlet valve', group: 'fuel', look: { chipped: 'Chipped', open: 'Stands open' }, fits: two },
  intake: {
    name: 'Intake pipe and joint',
    group: 'fuel',
    look: { cracked: 'Cracked', track: 'Track across the face' },
    fits: any,
  },
  exhaust: {
    name: 'Exhaust and screen',
    group: 'fuel',
    look: { coked: 'Coked up', broken: 'Broken inside' },
    fits: any,
  },
  key: {
    name: 'Flywheel and key',
    group: 'spark',
    look: { sheared: 'Sheared or stepped', taper: 'Taper marked', magnet: 'Magnet loose' },
    asks: ['key_shift'],
    fits: any,
  },
  coil: {
    name: 'Coil and stop wire',
    group: 'spark',
    look: { cracked: 'Cracked', rubbed: 'Wire rubbed through', rubbed_wheel: 'Rubs on the wheel' },
    asks: ['coil_gap'],
    fits: any,
  },
  starter: {
    name: 'Starter and ring',
    group: 'spark',
    look: { teeth: 'Teeth gone', stuck: 'Stuck in mesh' },
    fits: any,
  },
  clutch: {
    name: 'Clutch plates and basket',
    group: 'drive',
    look: { thin: 'Thin', blue: 'Blue', grooved: 'Basket grooved' },
    asks: ['plate'],
    fits: f => f.clutch !== 'none' && f.clutch !== 'unknown',
    orientation: 'Order of plates',
  },
} as const satisfies Record<string, PartPlan>
export type PartKey = KeyOf<typeof PARTS>
export const PART_PLANS: Record<PartKey, PartPlan> = PARTS
export const PART_KEYS = Object.keys(PARTS) as PartKey[]

export const partName = (part: PartKey, place: string | null): string =>
  `${PART_PLANS[part].name}${place ? `, ${place}` : ''}`
/** One part where it sits; `place` only on an engine that has several. */
export interface PartPlace {
  part: PartKey
  place: string | null
}
export const placeKey = ({ part, place }: PartPlace): string => (place ? `${part}:${place}` : part)
/** The parts of this engine, each cylinder's own by itself. */
export const placesOf = (facts: EngineFacts): PartPlace[] =>
  partsOf(facts).flatMap((part): PartPlace[] =>
    PART_PLANS[part].each && facts.cylinders > 1
      ? Array.from({ length: facts.cylinders }, (_, i) => ({ part, place: `cylinder ${i + 1}` }))
      : [{ part, place: null }],
  )

/** The parts of this engine, in the order in which it comes apart. */
export const partsOf = (facts: EngineFacts): PartKey[] => PART_KEYS.filter(k => PART_PLANS[k].fits(facts))

/** Signs of the catalogue that a look at a part shows. */
export const PART_SIGNS: Partial<Record<PartKey, Record<string, string>>> = {
  cylinder: { nail: 'bore_scored_seen', plating: 'bore_scored_seen' },
  piston: { scuffed: 'bore_scored_seen', four_corners: 'bore_scored_seen', coked: 'rings_loose_seen' },
  rings: { no_spring: 'rings_loose_seen', feathered: 'rings_loose_seen', broken: 'rings_loose_seen' },
  head: { track: 'gasket_track' },
  exhaust_valve: { burnt: 'valve_burnt_seen' },
  rod: { blue: 'rod_damaged', smeared: 'rod_damaged', bent: 'rod_damaged', loose: 'rod_slack' },
  crank: { scored: 'rod_damaged', aluminium: 'rod_damaged', bent: 'crank_bent' },
  cam: { lobe: 'cam_worn_seen', scored: 'cam_worn_seen' },
  rockers: { pad: 'cam_worn_seen', stuck: 'rocker_stuck' },
  strainer: { blocked: 'strainer_blocked_seen' },
  jet: { blocked: 'strainer_blocked_seen', sealant: 'strainer_blocked_seen' },
  pump: { scored: 'pump_worn_seen', worn: 'pump_worn_seen', drive: 'pump_worn_seen' },
  gear: { cup: 'governor_broken_seen' },
  carburettor: { jet: 'jet_dirty', needle: 'needle_ring' },
  key: { sheared: 'key_sheared' },
  clutch: { thin: 'plates_thin', blue: 'plates_thin', grooved: 'basket_grooved' },
  chain: { stretched: 'chain_slack' },
  injector_pump: { air: 'oil_line_air', line: 'oil_line_air', stroke: 'oil_stroke_off' },
}

interface Trap {
  title: string
  text: string
  fits(facts: EngineFacts): boolean
}
/** What catches people out on the way in. */
const TRAPS: Trap[] = [
  {
    title: 'Cam chain',
    text: 'Wire it up before the cam comes off: it drops into the case and jams at the first turn.',
    fits: cam,
  },
  {
    title: 'Pin clip',
    text: 'Rag in the crankcase mouth first. A clip is used once; eyes covered, it flies.',
    fits: any,
  },
  {
    title: 'Shim and cap',
    text: 'Caps, shims and collets in a marked tray, each with its valve. Compressed springs fly: eyes covered.',
    fits: four,
  },
  {
    title: 'Two-stroke rings',
    text: 'Ends at their pegs, never through a port: press them in with the fingers while the barrel goes on.',
    fits: two,
  },
  {
    title: 'Head and cylinder in one',
    text: 'Valves come out through the bore or the plug side; no head joint to blame.',
    fits: f => f.head === 'integral',
  },
  {
    title: 'Governor arm',
    text: 'Mark arm to shaft before the clamp is loosened: set wrong, it over-speeds and breaks the rod.',
    fits: f => f.governor !== 'none' && four(f),
  },
  {
    title: 'Flywheel nut and key',
    text: 'Puller, never a hammer on the shaft. Some nuts are left-handed: look before you lean.',
    fits: any,
  },
  {
    title: 'Washers and O-rings of the oil way',
    text: 'Count them out and count them in. A washer swapped or left out shuts the way to the head.',
    fits: pumped,
  },
  {
    title: 'Dowels and selector pin',
    text: 'Which half they stay in, written down. Fluid comes out behind the clutch cover even when drained.',
    fits: f => f.clutch === 'wet',
  },
  {
    title: 'Joint faces',
    text: 'Lugs and wood, never a screwdriver in the joint. A levered face is not evidence of a good seal.',
    fits: any,
  },
]
export const trapsOf = (facts: EngineFacts): { title: string; text: string }[] =>
  TRAPS.filter(t => t.fits(facts)).map(({ title, text }) => ({ title, text }))

/** Parts whose loss decides a small engine: what is stripped after that must have a purpose. */
export const DECIDING: readonly PartKey[] = ['rod', 'crank', 'cylinder']
