import type { EngineFacts } from '../engine/facts'
import type { KeyOf } from '../words/keys'
import { hasSump } from '../oil/fillMarks'
import type { PartPlan } from './partPlan'
import { OUTER_PARTS } from './partsOutside'

export const any = (): boolean => true

export const four = (f: EngineFacts): boolean => f.cycle === 'four'

export const two = (f: EngineFacts): boolean => f.cycle === 'two'

export const pumped = (f: EngineFacts): boolean => hasSump(f) && f.oiling !== 'splash'

export const cam = (f: EngineFacts): boolean => four(f) && f.valves !== 'push_rod' && f.valves !== 'side'

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
      coked: 'Rings coked fast', picked_up: 'Metal of the bore picked up', cracked: 'Skirt cracked', worn_shape: 'Skirt worn to shape' },
    asks: ['ring_side'],
    each: true,
    fits: any,
    orientation: 'Arrow or large valve pocket',
  },
  rings: {
    name: 'Rings',
    group: 'top',
    look: { no_spring: 'No spring left', feathered: 'Edges feathered', broken: 'Broken', stuck: 'Stuck in the groove', dull: 'Top edge gone from dull to sharp near its gap', by_design: 'Lower edge sharp by design' },
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
      rust: 'Rust pits', picked_up: 'Aluminium picked up', holed: 'Holed', cracked: 'Cracked', blued: 'Blued by heat' },
    asks: ['bore'],
    each: true,
    fits: any,
  },
  pin: {
    name: 'Piston pin and its bearing',
    group: 'top',
    look: { blue: 'Blue from heat', stepped: 'Stepped', needles: 'Needles flat or loose', picked_up: 'Metal picked up', bent: 'Bent', broken: 'Clip broken or missing' },
    each: true,
    fits: any,
  },
  head: {
    name: 'Head and its face',
    group: 'top',
    look: {
      track: 'Dark track across the face',
      warped: 'Light under the straight edge',
      cracked: 'Cracked by the seat or plug', bent: 'Bent', holed: 'Burnt through', stud: 'Stud or thread pulled out' },
    fits: f => f.head !== 'integral',
  },
  exhaust_valve: {
    name: 'Exhaust valve and seat',
    group: 'valves',
    look: { burnt: 'Burnt at the edge', pitted: 'Seat pitted', stem: 'Stem tight or bent', bent: 'Bent', broken: 'Head broken off', worn_shape: 'Stem end worn to shape', rust: 'Rust on the stem' },
    asks: ['seat_width', 'guide'],
    each: true,
    fits: four,
  },
  inlet_valve: {
    name: 'Inlet valve and seat',
    group: 'valves',
    look: { pitted: 'Seat pitted', carbon: 'Carbon on the back', stem: 'Stem tight or bent', burnt: 'Burnt at the edge', bent: 'Bent', broken: 'Head broken off', worn_shape: 'Stem end worn to shape', rust: 'Rust on the stem' },
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
    look: { pad: 'Pad worn through', stuck: 'Stuck on its shaft', dished: 'Face dished', broken: 'Broken', bent: 'Push rod bent', worn_shape: 'Shaft worn to shape', blued: 'Blued by heat' },
    fits: four,
  },
  cam: {
    name: 'Cam and its bearings',
    group: 'valves',
    look: { lobe: 'Lobe worn or flat', scored: 'Bearing scored', teeth: 'Teeth gone', broken: 'Broken', soft: 'Plastic gone soft', worn_shape: 'Decompressor worn to shape' },
    fits: four,
    orientation: 'Timing marks',
  },
  chain: {
    name: 'Cam chain and tensioner',
    group: 'valves',
    look: { stretched: "At the tensioner's end", guide: 'Guide worn through', broken: 'Broken', picked_up: 'Guide cut into' },
    fits: cam,
  },
  rod: {
    name: 'Rod and big end',
    group: 'bottom',
    look: {
      blue: 'Blue from heat',
      smeared: 'Smeared',
      bent: 'Bent or twisted',
      loose: 'Loose by feel',
      broken: 'Broken', picked_up: 'Metal picked up', worn_shape: 'Cap worn to shape', bolt: 'Rod bolt loose or broken' },
    asks: ['rod_play', 'rod_shake'],
    each: true,
    fits: any,
    orientation: 'Mark to the cam or dipper down',
  },
  crank: {
    name: 'Crank and pin',
    group: 'bottom',
    look: { scored: 'Pin scored', aluminium: 'Rod metal on the pin', bent: 'Runs out', key: 'Keyway damaged', blued: 'Blued by heat', broken: 'Broken', worn_shape: 'Pin worn to shape', twisted: 'Webs twisted' },
    asks: ['crank_runout'],
    fits: any,
  },
  main_drive: {
    name: 'Main bearing, drive side',
    group: 'bottom',
    look: { rough: 'Rough when turned', dry: 'Dry', loose: 'Spins in its seat', blued: 'Blued by heat', broken: 'Cage or ball broken', rust: 'Rust on the balls' },
    asks: ['main_play'],
    fits: any,
  },
  main_flywheel: {
    name: 'Main bearing, flywheel side',
    group: 'bottom',
    look: { rough: 'Rough when turned', dry: 'Dry', loose: 'Spins in its seat', blued: 'Blued by heat', broken: 'Cage or ball broken', rust: 'Rust on the balls' },
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
    look: { teeth: 'Teeth gone', cup: 'Governor cup broken', worn_shape: 'Teeth worn to shape', picked_up: 'Metal picked up', soft: 'Plastic gone soft' },
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
    look: { scored: 'Scored', worn: 'Loose by feel', drive: 'Drive sheared', broken: 'Rotor broken', picked_up: 'Metal picked up', blued: 'Blued by heat' },
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
    look: { jet: 'Jet dirty', needle: 'Needle ringed', gum: 'Gum or water', bent: 'Float bent or holed', worn_shape: 'Throttle shaft worn to shape', corroded: 'Corroded' },
    fits: f => f.fuelFeed !== 'injection',
  },
  reed: { name: 'Reeds or inlet valve', group: 'fuel', each: true, look: { chipped: 'Chipped', open: 'Stands open', broken: 'A petal broken off', worn_shape: 'Seat worn to shape' }, fits: two },
  intake: {
    name: 'Intake pipe and joint',
    group: 'fuel',
    look: { cracked: 'Cracked', track: 'Track across the face', blocked: 'Reducer or port blocked', loose: 'Loose' },
    fits: any,
  },
  exhaust: {
    name: 'Exhaust and screen',
    group: 'fuel',
    look: { coked: 'Coked up', broken: 'Broken inside', cracked: 'Cracked or blowing', holed: 'Holed', port: 'Port closed with carbon' },
    fits: any,
  },
  key: {
    name: 'Flywheel and key',
    group: 'spark',
    look: { sheared: 'Sheared or stepped', taper: 'Taper marked', magnet: 'Magnet loose', broken: 'Wheel cracked', blued: 'Blued by heat', worn_shape: 'Keyway worn to shape' },
    asks: ['key_shift'],
    fits: any,
  },
  coil: {
    name: 'Coil and stop wire',
    group: 'spark',
    look: { cracked: 'Cracked', rubbed: 'Wire rubbed through', rubbed_wheel: 'Rubs on the wheel', gap: 'Gap wrong', burnt: 'Burnt' },
    asks: ['coil_gap'],
    fits: any,
  },
  starter: {
    name: 'Starter and ring',
    group: 'spark',
    look: { teeth: 'Teeth gone', stuck: 'Stuck in mesh', broken: 'Spring or rope broken', worn_shape: 'Dogs worn to shape', bent: 'Bent', burnt: 'Burnt' },
    fits: any,
  },
  clutch: {
    name: 'Clutch plates and basket',
    group: 'drive',
    look: { thin: 'Thin', blue: 'Blue', grooved: 'Basket grooved', worn_shape: 'Basket or shoes worn to shape', broken: 'Spring broken', bent: 'Plates warped', picked_up: 'Metal picked up' },
    asks: ['plate'],
    fits: f => f.clutch !== 'none' && f.clutch !== 'unknown',
    orientation: 'Order of plates',
  },
  ...OUTER_PARTS,
} as const satisfies Record<string, PartPlan>

export type PartKey = KeyOf<typeof PARTS>

export const PART_PLANS: Record<PartKey, PartPlan> = PARTS

export const PART_KEYS = Object.keys(PARTS) as PartKey[]
