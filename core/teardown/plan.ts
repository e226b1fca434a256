import type { EngineFacts } from '../engine/facts'
import { hasSump } from '../oil/fillMarks'

/** One cover on the way in: what must be written down before, which tool, what runs out, what to beware of. */
export interface Cover {
  name: string
  first: string | null
  tool: string
  fluid: string | null
  caution: string | null
  special: boolean
}

type Plan = Omit<Cover, 'special'> & { special?: true; fits(facts: EngineFacts): boolean }
const any = (): boolean => true
const four = (f: EngineFacts): boolean => f.cycle === 'four'
const two = (f: EngineFacts): boolean => f.cycle === 'two'

/** In the order in which an engine usually comes apart. General workshop practice; the engine's own book comes first. */
const COVERS: readonly Plan[] = [
  {
    name: 'Tank, cowl and fan housing',
    first: 'Photograph wires, hoses and linkage; which hole each spring sits in',
    tool: 'sockets',
    fluid: 'Fuel in the tank and line',
    caution: 'Fuel vapour: outdoors or well aired, no spark, no flame.',
    fits: any,
  },
  {
    name: 'Exhaust',
    first: 'Which way the gasket lay; studs cold and soaked',
    tool: 'sockets, penetrating oil',
    fluid: null,
    caution: 'Hot until proved cold.',
    fits: any,
  },
  {
    name: 'Carburettor and intake',
    first: 'Governor spring and link holes; screw turns counted out',
    tool: 'screwdrivers that fit',
    fluid: 'A bowl full of fuel',
    caution: 'Into a clean tray: what lies in the bowl is evidence.',
    fits: f => f.fuelFeed !== 'injection',
  },
  {
    name: 'Injection rail or body',
    first: 'Plugs marked',
    tool: 'sockets',
    fluid: 'Fuel under pressure',
    caution: 'Let the pressure off first, eyes covered.',
    fits: f => f.fuelFeed === 'injection',
  },
  {
    name: 'Oil drain',
    first: 'Amount, colour, smell and what lies in the tray',
    tool: 'drain pan, measuring can',
    fluid: 'All of the oil; warm flows best, hot burns',
    caution: 'Used oil: gloves, and to the collection point. Follow your local rules.',
    fits: hasSump,
  },
  {
    name: 'Coolant',
    first: 'Level and colour as found',
    tool: 'clamp pliers',
    fluid: 'Coolant, poisonous',
    caution: 'Never a hot cap.',
    fits: f => f.cooling === 'liquid',
  },
  {
    name: 'Coil, flywheel and key',
    first: 'Coil gap by card; marks of key and crank',
    tool: 'flywheel puller and holder',
    special: true,
    fluid: null,
    caution: 'Puller, never a hammer on the shaft.',
    fits: any,
  },
  {
    name: 'Valve cover',
    first: 'Lash as found, before a screw is turned',
    tool: 'feeler',
    fluid: 'A little oil',
    caution: null,
    fits: four,
  },
  {
    name: 'Cam cover, chain and cam',
    first: 'Timing marks photographed at top dead centre; tensioner position',
    tool: 'wire for the chain',
    fluid: null,
    caution: 'The chain drops: wire it up before the cam moves.',
    fits: f => four(f) && f.valves === 'overhead_cam',
  },
  {
    name: 'Head',
    first: 'Order and length of the bolts; any dark track',
    tool: 'torque wrench for later',
    fluid: 'What stands on the piston',
    caution: 'Loosen crosswise, cold, a quarter turn at a time.',
    fits: f => f.head !== 'integral',
  },
  {
    name: 'Barrel or cylinder',
    first: 'Base gasket thickness; squish by solder',
    tool: 'ring compressor for later',
    fluid: null,
    caution: 'Rag in the crankcase mouth before the clip comes out. Eyes covered.',
    fits: f => two(f) || f.engineClass === 'M4',
  },
  {
    name: 'Clutch cover',
    first: 'Order of plates; screw lengths',
    tool: 'clutch holder',
    special: true,
    fluid: 'A cup of oil, even when drained',
    caution: null,
    fits: f => f.clutch === 'wet',
  },
  {
    name: 'Oil pump',
    first: 'Marks of the rotors; which side out',
    tool: 'feeler, straight edge',
    fluid: 'Oil behind it',
    caution: 'Washers and O-rings of the oil way: counted.',
    fits: f => f.oiling === 'pump_wet' || f.oiling === 'pump_dry',
  },
  {
    name: 'Sump or case half',
    first: 'End float by dial; bolts in a card by place',
    tool: 'case splitter or lugs and wood',
    special: true,
    fluid: 'Sludge and what fell into it',
    caution: 'Never a screwdriver in the joint. What lies in there is evidence until it is named.',
    fits: any,
  },
  {
    name: 'Seals and bearings',
    first: 'Depth and which way the lip looks',
    tool: 'seal puller, bearing heater',
    special: true,
    fluid: null,
    caution: 'Hot bearings burn; pressed parts fly.',
    fits: any,
  },
]

/** The way into this engine, cover by cover. */
export const coversOf = (facts: EngineFacts): Cover[] =>
  COVERS.filter(c => c.fits(facts)).map(({ name, first, tool, fluid, caution, special }) => ({
    name,
    first,
    tool,
    fluid,
    caution,
    special: special ?? false,
  }))
