import type { EngineFacts } from '../engine/facts'
import { hasSump } from '../oil/fillMarks'
import type { PartPlan } from './partPlan'

const any = (): boolean => true
const four = (f: EngineFacts): boolean => f.cycle === 'four'
const two = (f: EngineFacts): boolean => f.cycle === 'two'
const liquid = (f: EngineFacts): boolean => f.cooling === 'liquid'
/** Machines that stand on wheels of their own and have a gearbox. */
const geared = (f: EngineFacts): boolean => f.engineClass !== 'H2'

/** What sits round the engine: cases and covers, fuel and air, cooling, electrics, and what it drives. */
export const OUTER_PARTS = {
  case: {
    name: 'Crankcase or sump half',
    group: 'bottom',
    look: {
      holed: 'Holed from inside',
      cracked: 'Cracked',
      face: 'Joint face marked or bent',
      thread: 'Thread pulled out',
      worn_seat: 'Bearing seat worn to shape',
    },
    fits: any,
  },
  cover: {
    name: 'Valve cover and case covers',
    group: 'bottom',
    look: {
      residue: 'Residue, soft and black',
      varnish: 'Varnish, brown and hard',
      rust: 'Rust inside',
      dry: 'Dry inside',
      milky: 'Milky film',
      bent: 'Bent, does not seal',
    },
    fits: any,
  },
  governor: {
    name: 'Governor weights, cup and arm',
    group: 'bottom',
    look: {
      broken: 'Weight or cup broken',
      worn_shape: 'Arm or cup worn to shape',
      bent: 'Arm bent',
      missing: 'A piece missing',
    },
    fits: f => four(f) && f.governor !== 'none' && f.governor !== 'electronic',
    orientation: 'Arm as it lay on its shaft',
  },
  choke: {
    name: 'Choke',
    group: 'fuel',
    look: { stuck: 'Does not open', bent: 'Bent', worn_shape: 'Shaft worn to shape' },
    fits: f => f.fuelFeed !== 'injection',
  },
  tap: {
    name: 'Fuel tap',
    group: 'fuel',
    look: { leaks: 'Lets fuel through shut', stuck: 'Stays shut', blocked: 'Blocked' },
    fits: any,
  },
  tank: {
    name: 'Fuel tank and cap',
    group: 'fuel',
    look: { holed: 'Holed or weeping', rust: 'Rust inside', vent: 'Vent of the cap blocked', loose: 'Loose, chafes' },
    fits: any,
  },
  hoses: {
    name: 'Hoses and lines',
    group: 'fuel',
    look: {
      cracked: 'Fuel line cracked or hard',
      pulse: 'Pulse line split',
      soft: 'Swollen and soft',
      chafed: 'Chafed',
    },
    fits: any,
  },
  power_valve: {
    name: 'Exhaust valve of a two-stroke',
    group: 'fuel',
    look: { gummed: 'Gummed up', broken: 'Broken', worn_shape: 'Worn to shape', slow: 'Slow over its travel' },
    each: true,
    fits: f => two(f) && f.engineClass === 'V2',
  },
  links: {
    name: 'Throttle and governor springs, links',
    group: 'fuel',
    look: { stretched: 'Spring stretched', bent: 'Link bent', off: 'Off, or in another hole', broken: 'Broken' },
    fits: any,
    orientation: 'Which hole each spring sits in',
  },
  charging: {
    name: 'Charging coil and rectifier',
    group: 'spark',
    look: { burnt: 'Burnt', rubbed: 'Rubbed by the wheel', wire: 'Wire off or rotten' },
    fits: any,
  },
  wiring: {
    name: 'Wiring, earth and switches',
    group: 'spark',
    look: {
      earth: 'Earth loose, rotten or left off',
      chafed: 'Chafed through',
      corroded: 'Corroded',
      bridged: 'A switch is bridged',
    },
    fits: any,
  },
  radiator: {
    name: 'Radiator and thermostat',
    group: 'cooling',
    look: { blocked: 'Blocked', leaks: 'Leaks', bent: 'Fins bent', stuck: 'Thermostat stuck' },
    fits: liquid,
  },
  water_pump: {
    name: 'Water pump and its seal',
    group: 'cooling',
    look: {
      leaks: 'Weeps at its hole',
      worn_shape: 'Impeller worn to shape',
      loose: 'Shaft loose',
      broken: 'Impeller broken',
    },
    fits: liquid,
  },
  fan: {
    name: 'Fan, shroud and fins',
    group: 'cooling',
    look: { packed: 'Fins packed', broken: 'Fan broken', missing: 'Shroud missing' },
    fits: f => f.cooling !== 'liquid',
  },
  blade: {
    name: 'Blade or driven tool',
    group: 'drive',
    look: { bent: 'Bent', cracked: 'Cracked', worn_shape: 'Worn to shape', loose: 'Loose', blow: 'Marks of a blow' },
    fits: f => hasSump(f) || f.engineClass === 'H2',
  },
  hub: {
    name: 'Hub of the blade or pulley',
    group: 'drive',
    look: {
      sheared: 'Sheared',
      worn_shape: 'Bore worn to shape',
      cracked: 'Cracked',
      picked_up: 'Metal picked up from the shaft',
    },
    fits: any,
  },
  pulley: {
    name: 'Pulley and belts',
    group: 'drive',
    look: {
      rusted: 'Rusted fast',
      bent: 'Bent',
      worn_shape: 'Groove worn to shape',
      belt: 'Belt glazed or cracked',
      cracked: 'Cracked',
    },
    fits: any,
  },
  gears: {
    name: 'Gears and shafts of the gearbox',
    group: 'drive',
    look: {
      teeth: 'Teeth chipped or gone',
      blued: 'Blued by heat',
      picked_up: 'Metal picked up',
      worn_shape: 'Dogs or forks worn to shape',
      bent: 'Fork bent',
    },
    fits: geared,
    orientation: 'Chamfer of each gear',
  },
  guard: {
    name: 'Guards and covers of moving parts',
    group: 'drive',
    look: { missing: 'Missing', broken: 'Broken', bent: 'Bent onto what turns' },
    fits: any,
  },
} as const satisfies Record<string, PartPlan>
