/** The words that forms offer and the log keeps, each with what people read. */

export const HOW_GOT = {
  measured: 'measured',
  by_feel: 'by feel',
  by_eye: 'by eye',
  claimed: 'claimed',
  estimated: 'estimated',
} as const
export type HowGot = keyof typeof HOW_GOT

export const STAGES = {
  book_in: 'Book in',
  first_look: 'First look',
  narrow_down: 'Narrow down',
  open_up: 'Open up',
  measure: 'Measure',
  decide: 'Decide',
  build: 'Build',
  prove: 'Prove',
  hand_back: 'Hand back',
} as const
export type Stage = keyof typeof STAGES
export const STAGE_ORDER = Object.keys(STAGES) as Stage[]

/** Groups of engines that share rules of thumb. */
export const ENGINE_CLASSES = {
  H2: 'hand-held two-stroke',
  V2: 'vehicle two-stroke',
  S4: 'small air-cooled four-stroke',
  M4: 'motorcycle four-stroke',
  T4: 'tractor petrol',
  D4: 'small diesel',
} as const
export type EngineClass = keyof typeof ENGINE_CLASSES

export const MACHINE_KINDS = {
  walk_behind_mower: { label: 'Walk-behind mower', engineClass: 'S4' },
  riding_mower: { label: 'Riding mower', engineClass: 'S4' },
  trimmer: { label: 'Trimmer or brush cutter', engineClass: 'H2' },
  chainsaw: { label: 'Chainsaw', engineClass: 'H2' },
  blower: { label: 'Blower', engineClass: 'H2' },
  generator: { label: 'Generator', engineClass: 'S4' },
  pressure_washer: { label: 'Pressure washer', engineClass: 'S4' },
  tiller: { label: 'Tiller', engineClass: 'S4' },
  pump: { label: 'Pump', engineClass: 'S4' },
  motorcycle: { label: 'Motorcycle', engineClass: 'M4' },
  step_through: { label: 'Step-through or scooter', engineClass: 'M4' },
  offroad_motorcycle: { label: 'Off-road motorcycle', engineClass: 'V2' },
  three_wheeler: { label: 'Three-wheeled carrier', engineClass: 'M4' },
  quad: { label: 'Quad or utility', engineClass: 'M4' },
  tractor: { label: 'Tractor', engineClass: 'T4' },
  snow_machine: { label: 'Snow machine', engineClass: 'V2' },
  watercraft: { label: 'Watercraft', engineClass: 'V2' },
  kart: { label: 'Kart', engineClass: 'S4' },
  other: { label: 'Something else', engineClass: 'S4' },
} as const satisfies Record<string, { label: string; engineClass: EngineClass }>
export type MachineKind = keyof typeof MACHINE_KINDS

export const OILING = {
  splash: 'splash',
  pump_wet: 'pump, oil in the sump',
  pump_dry: 'pump, oil in a tank',
  premix: 'oil in the fuel',
  injection: 'oil injection',
  unknown: 'unknown',
} as const
export const OIL_SHOWS = {
  stick_screwed: 'stick, read screwed in',
  stick_resting: 'stick, read resting',
  window: 'sight glass',
  drained: 'only by draining',
  none: 'nothing to read',
  unknown: 'unknown',
} as const
export const RELEASE = { none: 'none', automatic: 'automatic', manual: 'by hand', unknown: 'unknown' } as const
export const BORE = { bare: 'unlined aluminium', iron: 'iron liner', plated: 'plated', unknown: 'unknown' } as const
export const FUEL_FEED = {
  float: 'float bowl',
  diaphragm: 'diaphragm',
  pulse: 'pulse pump',
  vacuum_tap: 'vacuum tap',
  electric: 'electric pump',
  injection: 'injection',
  unknown: 'unknown',
} as const
export const COOLING = { air: 'air', liquid: 'liquid', unknown: 'unknown' } as const
/** Facts asked only where they change a finding; `unknown` is always an answer. */
export const CLUTCH = {
  none: 'none',
  dry: 'dry',
  wet: 'in the engine oil',
  centrifugal: 'centrifugal',
  unknown: 'unknown',
} as const
export const FOLLOWERS = { flat: 'flat', roller: 'roller', rocker: 'rocker on the cam', unknown: 'unknown' } as const
export const BEARINGS = {
  plain_shells: 'plain shells',
  plain_rod: 'plain aluminium rod',
  rolling: 'rolling',
  unknown: 'unknown',
} as const
export const HEAD = { separate: 'bolted on', integral: 'cast with the block', unknown: 'unknown' } as const
export const VALVES = {
  side: 'beside the bore',
  push_rod: 'overhead, push rods',
  overhead_cam: 'overhead cam',
  unknown: 'unknown',
} as const
export const IGNITION = {
  key: 'flywheel on a key',
  taper: 'flywheel on a taper',
  electronic: 'electronic',
  unknown: 'unknown',
} as const
export const DRAIN_PLUG = { yes: 'yes', no: 'no, tilt or suck', unknown: 'unknown' } as const
export const GOVERNOR = {
  mechanical: 'weights inside',
  air: 'air vane',
  electronic: 'electronic',
  none: 'none',
  unknown: 'unknown',
} as const
export const OIL_FILTER = {
  none: 'none',
  screen: 'screen or strainer',
  paper: 'paper',
  spin_on: 'spin-on',
  unknown: 'unknown',
} as const
export const CYCLES = { four: 'four-stroke', two: 'two-stroke' } as const

export const USE_CLASSES = {
  private: 'private',
  working: 'working',
  hire: 'hire',
  race: 'race',
  resale: 'to sell on',
  toy: 'for fun',
  child: 'ridden by a child',
} as const
export type UseClass = keyof typeof USE_CLASSES

export const OIL_COLOURS = {
  honey: 'Honey',
  brown: 'Brown',
  black: 'Black',
  silvery: 'Silvery',
  milky: 'Milky',
} as const
export const OIL_THICKNESS = { thin: 'Thin', normal: 'Normal', thick: 'Treacle' } as const
export const OIL_SMELLS = {
  plain: 'Plain',
  petrol: 'Petrol',
  burnt: 'Burnt',
  sweet: 'Sweet',
  not_smelt: 'Not smelt',
} as const
export const OIL_GLITTER = { none: 'None', fine: 'Fine haze', flakes: 'Flakes', magnetic: 'Magnet takes it' } as const

export const FUEL_WORDS = {
  e10: 'petrol with up to 10 % ethanol',
  e0: 'petrol without ethanol',
  alkylate: 'alkylate',
} as const

/** Where missing oil went: asked every time it is low. */
export const WHERE_GONE = {
  never_filled: 'Never filled',
  burnt: 'Burnt',
  leaked: 'Leaked',
  shut_off: 'Tap shut',
  not_reaching: 'Not reaching',
  ruined: 'Never changed',
  not_topped: 'Used, not topped up',
  cant_tell: "Can't tell yet",
} as const
/** What the complaint is about: it picks the questions that are asked. */
export const COMPLAINT_KINDS = {
  wont_turn: "Won't turn",
  wont_start: "Won't start",
  dies: 'Starts, dies',
  no_power: 'No power',
  smoke: 'Smokes',
  noise: 'Knocks or rattles',
  leak: 'Leaks',
  uses_oil: 'Uses oil',
  oil_rises: 'Oil level rises',
  overheats: 'Runs hot',
  clutch: 'Clutch or gears',
  in_pieces: 'Came in pieces',
  service: 'Service',
  other: 'Something else',
} as const
/** What became of something that was only said. */
export const CLAIM_STATES = {
  confirmed: 'Confirmed',
  partly: 'Partly',
  contradicted: 'Contradicted',
  never_checked: 'Never checked',
} as const

export const PLUG_STATES = {
  normal: 'Light brown',
  pale: 'Dry and pale',
  sooty: 'Sooty',
  fuel_wet: 'Wet with fuel',
  oil_wet: 'Wet with oil',
  new: 'New',
} as const
export const FILTER_STATES = {
  sound: 'Sound',
  choked: 'Choked',
  soaked: 'Soaked',
  torn: 'Torn or loose',
  missing: 'Missing',
} as const
export const BREATHER_STATES = { clear: 'Clear', oily: 'Oily', blocked: 'Blocked', missing: 'Missing' } as const

/** Before turning, tipping or opening. */
export const SAFE_STEPS = {
  plug_lead: 'Plug lead off and earthed',
  battery: 'Battery earth off, or none; on only to crank',
  fuel: 'Fuel shut or clamped',
  free: 'Blade, belt or chain free or blocked',
  stable: 'Stable on the bench, cool',
} as const
export const SEEN = { none: 'Dry', damp: 'Damp', liquid: 'Liquid' } as const

export const TURN_FEELS = {
  normal: 'Normal bump',
  weak: 'Weak bump',
  free: 'Spins free',
  tight_spot: 'Tight spot',
  locked: 'Locked',
} as const
export const TURN_METHODS = {
  rope: 'rope',
  flywheel: 'flywheel by hand',
  kick: 'kick',
  starter: 'starter',
  blade: 'blade or shaft',
} as const

export const COMPRESSION_FEELS = { none: 'None', weak: 'Weak', normal: 'Normal', kicks: 'Kicks back' } as const
export const RELEASE_STATES = {
  none: 'no release',
  working: 'release working',
  disabled: 'release held off',
  unknown: 'not known',
} as const
export const TEMPERATURES = { cold: 'cold', warm: 'warm' } as const

/** Where air may be heard getting away, and on which engines. */
export const HEARD: Record<HeardPlace, { label: string; strokes: readonly number[] }> = {
  intake: { label: 'Inlet', strokes: [2, 4] },
  exhaust: { label: 'Exhaust', strokes: [2, 4] },
  breather: { label: 'Breather', strokes: [4] },
  oil_filler: { label: 'Oil filler', strokes: [4] },
  crankcase: { label: 'Crankcase', strokes: [2] },
  base_joint: { label: 'Base joint', strokes: [2] },
  head_joint: { label: 'Head joint', strokes: [2, 4] },
  plug_thread: { label: 'Plug thread', strokes: [2, 4] },
  next_cylinder: { label: 'Next cylinder', strokes: [2, 4] },
  coolant_bubbles: { label: 'Bubbles in coolant', strokes: [2, 4] },
}
export type HeardPlace =
  | 'intake'
  | 'exhaust'
  | 'breather'
  | 'oil_filler'
  | 'crankcase'
  | 'base_joint'
  | 'head_joint'
  | 'plug_thread'
  | 'next_cylinder'
  | 'coolant_bubbles'

export const DEBRIS_PLACES = {
  drain_pan: 'Drain pan',
  strainer: 'Strainer',
  sump: 'Sump',
  filter_dirty: 'Filter, dirty side',
  filter_clean: 'Filter, clean side',
  jet: 'Jet or passage',
} as const
export const MATERIAL_WORDS = {
  iron_paste: 'Iron paste',
  iron_chips: 'Iron chips',
  bearing_flake: 'Bearing flakes',
  aluminium: 'Aluminium flakes',
  bronze: 'Bronze',
  babbitt: 'Shell metal',
  friction_fibre: 'Clutch fibre',
  carbon: 'Carbon',
  sealant: 'Sealant',
  plastic: 'Plastic',
  grit: 'Grit',
  emulsion: 'Milky emulsion',
  unknown: "Can't tell",
} as const
export const AMOUNT_WORDS = {
  none: 'None',
  trace: 'A few specks',
  some: 'A thin film',
  much: 'Magnet or pleat full',
  mass: 'A lump',
} as const

export const WAYS = {
  adjust: 'Clean and adjust',
  repair: 'Repair',
  rings: 'Rings only',
  rebore: 'Rebore',
  rebuild: 'Rebuild',
  donor: 'Donor build',
  exchange: 'Exchange engine',
  new_engine: 'New engine',
  wait: 'Leave and watch',
  part_out: 'Part out',
  scrap: 'Scrap',
} as const
export type Way = keyof typeof WAYS
/** Ways that mend the machine; the others only bring money for it. */
export const MENDING: readonly Way[] = [
  'adjust',
  'repair',
  'rings',
  'rebore',
  'rebuild',
  'donor',
  'exchange',
  'new_engine',
  'wait',
]
/** Ways that put new parts or another engine where the old one died: held back until its cause is cured. */
export const RENEWING: readonly Way[] = ['rings', 'rebore', 'rebuild', 'donor', 'exchange', 'new_engine']
/** Ways that put another engine into the old frame. */
export const REPOWERING: readonly Way[] = ['exchange', 'new_engine']

/** The rest of the machine: a good engine in a bad frame is money lost. */
export const REST_ITEMS = {
  frame: 'Frame and deck',
  gearbox: 'Gearbox',
  drive: 'Drive and belts',
  wheels: 'Wheels and axles',
  controls: 'Controls and adjusters',
  brakes: 'Brakes and guards',
  electrics: 'Electrics',
  tank: 'Tank and tin',
} as const
export const REST_STATES = { good: 'Good', worn: 'Worn', bad: 'Bad', not_looked: 'Not looked at' } as const
/** Without these a machine is not worth an engine. */
export const REST_CARRIERS: readonly (keyof typeof REST_ITEMS)[] = ['frame', 'gearbox', 'drive']
/** Whether another engine goes in. */
export const FIT_ITEMS = {
  shaft: 'Shaft diameter',
  length: 'Shaft length',
  key: 'Keyway',
  bolts: 'Bolt pattern',
  rotation: 'Turns the same way',
  tank: 'Tank and lines',
  brake: 'Brake and controls',
  exhaust: 'Exhaust',
  wiring: 'Wiring',
} as const
export const FIT_STATES = {
  fits: 'Fits',
  adapt: 'With an adapter',
  no: "Doesn't fit",
  not_checked: 'Not checked',
} as const
/** What the owner's word is asked for: each stage by itself. */
export const QUOTE_STAGES = {
  look: 'Look at it',
  strip: 'Open it',
  decide: 'Choose a way',
  build: 'More than was agreed',
} as const
export const OWNER_CHOICES = { agree: 'Agreed', ask: 'Asks', none: 'None of it' } as const
/** How an order stands; a supplier who hasn't got it is written down too. */
export const ORDER_STATES = { asked: 'Asked for', ordered: 'Ordered', arrived: 'Here', none: 'Not to be had' } as const
export const OUTWORK_VERDICTS = { open: 'Not back yet', accepted: 'Accepted', sent_back: 'Sent back' } as const
/** How good a part of the shelf is. */
export const SHELF_GRADES = { good: 'As good as new', used: 'Used, sound', core: 'To be rebuilt' } as const
/** What is written down before a cover or joint is disturbed; lash has its own form. */
export const AS_FOUND = {
  marks: 'Marks',
  gap: 'Gap',
  linkage: 'Linkage and springs',
  wires: 'Wires and hoses',
  order: 'Order and which way round',
} as const
/** How a call to the owner ended. */
export const CALL_RESULTS = { answered: 'Answered', no_answer: 'No answer' } as const

export const LINE_TYPES = {
  part: 'Part',
  labour: 'Labour',
  outwork: 'Outwork',
  risk: 'Risk, hours',
  charge: 'Charge',
  sale: 'Sells for',
} as const
export type LineType = keyof typeof LINE_TYPES
/** Lines whose figures are hours; the others are money. */
export const HOUR_LINES: readonly LineType[] = ['labour', 'risk']
export const PRICE_KINDS = { retail: 'retail', trade: 'trade', donor: 'donor', estimate: 'estimate' } as const

export const WAITING_FOR = {
  owner: 'the owner',
  parts: 'parts',
  outwork: 'outwork',
  clock: 'the clock',
  nobody: 'nobody',
} as const
export const AGREED_HOW = { in_person: 'in person', phone: 'by telephone', written: 'in writing' } as const

export const METER_UNITS = { h: 'hours', km: 'km', mi: 'miles' } as const
export const METER_SOURCES = { measured: 'read off the meter', claimed: 'claimed', estimated: 'estimated' } as const

/** What owners and earlier shops change or switch off, with what it risks. */
export const MODIFICATIONS = {
  low_oil_switch: {
    label: 'Low-oil switch unplugged',
    risk: 'It runs on until it seizes: nothing stops it when the oil is gone.',
  },
  oil_tap: {
    label: 'Tap in the oil line',
    risk: 'Shut, the engine is destroyed in a minute. Tag it, couple it to the ignition, or take it out.',
  },
  blade_brake: {
    label: 'Blade brake or seat switch bridged',
    risk: "The blade goes on turning: a person can be hurt. Don't hand it back so.",
  },
  kill_switch: {
    label: 'Stop switch cut',
    risk: "It can't be stopped in need: a person can be hurt. Don't hand it back so.",
  },
  governor: { label: 'Governor changed or tied', risk: 'Over-speed breaks rods with good oil in the sump.' },
  limiter: { label: 'Carburettor limiter or jet changed', risk: 'A leaner setting runs hot and scores the bore.' },
  filter_left_out: { label: 'Air filter left out or changed', risk: 'Dust wears bore and rings within hours.' },
  exhaust: { label: 'Exhaust changed', risk: 'It changes the mixture: read the plug again under load.' },
  thermostat: { label: 'Thermostat or fan taken out', risk: 'Cold running dilutes the oil; no fan overheats it.' },
  oil_pump: {
    label: 'Oil injection shut off',
    risk: 'Without mix in the tank it seizes; with both it fouls. Prove which is done.',
  },
  guard: { label: 'Guard taken off', risk: "Hands and stones: a person can be hurt. Don't hand it back so." },
  other: { label: 'Something else', risk: 'Ask why it was done: the reason is a finding.' },
} as const
export const MODIFICATION_LABELS = Object.fromEntries(
  Object.entries(MODIFICATIONS).map(([k, v]) => [k, v.label]),
) as Record<keyof typeof MODIFICATIONS, string>
/** Changes that can hurt somebody: the machine must not go back with one of these in place. */
export const DANGEROUS_MODIFICATIONS: readonly (keyof typeof MODIFICATIONS)[] = ['blade_brake', 'kill_switch', 'guard']
export const MODIFICATION_STATES = { in_place: 'Still so', put_right: 'Put right' } as const

/** Happenings that an engine carries for life. */
export const EVENTS = {
  ran_low: 'Ran low on oil',
  ran_dry: 'Ran dry',
  tipped: 'Tipped or carried lying',
  wrong_fluid: 'Wrong fluid in it',
  over_rev: 'Over-revved',
  overheated: 'Overheated',
  submerged: 'Under water',
  hit: 'Hit something hard',
} as const

export const SMOKE_COLOURS = { none: 'None', blue: 'Blue', white: 'White', grey: 'Grey', black: 'Black' } as const
export const SMOKE_MOMENTS = {
  start: 'At the start only',
  warming: 'While cold',
  always: 'All the time',
  overrun: 'Closing the throttle',
  load: 'Under load',
  idle: 'After idling',
} as const
export const SMOKE_AFTER = {
  nothing: 'Nothing known',
  top_up: 'Topping up the oil',
  tipped: 'Tipping it',
  standing: 'Standing long',
  repair: 'A repair',
  hot: 'Running hot',
} as const
export const SMOKE_SMELLS = {
  oil: 'Burnt oil',
  fuel: 'Raw fuel',
  sweet: 'Sweet',
  none: 'Nothing',
  not_smelt: 'Not smelt',
} as const

export const LEAK_SITES = {
  filler: 'Filler seal',
  valve_cover: 'Valve cover',
  head: 'Head joint',
  breather: 'Breather hose',
  top_seal: 'Seal behind the flywheel',
  bottom_seal: 'Seal at the shaft',
  sump: 'Sump joint',
  drain: 'Drain plug or hose',
  base: 'Cylinder base',
  carburettor: 'Carburettor',
  tank: 'Tank or fuel line',
  coolant: 'Coolant hose or pump',
} as const
export const LEAK_STATES = { dry: 'Dry', residue: 'Old residue', trail: 'Trail', wet: 'Wet' } as const
export const LEAK_LOOKS = { as_found: 'As found', after_run: 'Cleaned and run' } as const

export const OUTSIDE_CLUES = {
  blow_shaft: 'Blow to blade or shaft',
  bent_guard: 'Bent guard or frame',
  fresh_grass: 'Fresh grass or dirt',
  worn_tread: 'Tread worn out',
  rust: 'Rust inside or out',
  loose_bolts: 'Loose bolts',
  stale_fuel: 'Stale fuel smell',
  burnt_paint: 'Burnt paint',
  blocked_fins: 'Fins blocked',
  cracked_case: 'Cracked case',
} as const
/** Signs that somebody was inside before. */
export const EARLIER_HANDS = {
  sealant: 'Sealant squeezed out',
  tool_marks: 'Tool marks',
  new_plug: 'New plug',
  mixed_bolts: 'Mixed or missing bolts',
  new_parts: 'New parts fitted',
  wires_changed: 'Wires changed',
} as const

export const LASH_STATES = { as_found: 'As found', set: 'Set' } as const
export const ROCKERS = { free: 'Both move freely', stuck: 'One is stuck', not_tried: 'Not tried' } as const

/** What a locked engine is asked, in this order; the plug comes out before anything turns it. */
export const LOCK_STEPS = {
  plug_out: {
    label: 'Plug out, rag over the hole, turned by hand',
    note: 'Even when there is no oil. Fuel may spray: no sparks, no switch, rags ready.',
  },
  driven_off: {
    label: 'Belt, blade or chain off, tried again',
    note: 'A jammed gearbox or spindle locks a sound engine. Block the blade.',
  },
  brake_off: { label: 'Brake held off', note: 'Cable out of adjustment or shoe rusted on.' },
  starter_gear: { label: 'Starter cover off, gear wiggled out of the ring', note: 'Battery earth off first.' },
  click_light: { label: 'One click, lamp lights at the starter', note: 'Power reaches it: not the switch side.' },
  soaked: { label: 'Soaked, then rocked gently', note: "Never forced. Penetrating oil and heat don't go together." },
} as const
export const LOCK_RESULTS = {
  freed: 'It came free',
  no_change: 'No change',
  liquid: 'Liquid came out',
  cant: "Can't be done",
} as const

/** The ladder for a fastener that will not come, gentle first. */
export const STUCK_METHODS = {
  soak: 'Soaked',
  shock: 'Shocked with a drift',
  heat: 'Heated',
  quench: 'Heated and quenched',
  grip: 'Gripped or welded a nut on',
  cut: 'Cut or ground',
  drill: 'Drilled out',
} as const
export const ORIGINS = { maker: "Maker's part", other: 'Other make', donor: 'From a donor', made: 'Made here' } as const
export const VALVE_NAMES = { inlet: 'Inlet', exhaust: 'Exhaust' } as const
export const LEAK_SEEN = {
  dry: 'Dry for a minute',
  damp: 'Damp edge, no drop',
  drops: 'Drops',
  stream: 'A stream',
} as const
export const MEASURED_WHEN = { as_found: 'As found', after: 'After work' } as const
export const BORE_WHEN = { as_found: 'As found', before_hone: 'Before honing', after_hone: 'After honing' } as const
export const CROSS_HATCH = { yes: 'Seen', no: 'Gone', not_looked: 'Not looked for' } as const
/** Wrecking damages others: what failed first is sorted from what it took with it. */
export const PART_ROLES = {
  cause: 'Failed first',
  consequence: 'Taken with it',
  own: 'A fault of its own',
  open: "Can't tell yet",
} as const

/** How sure a first cause is. */
export const PROOFS = { proved: 'Proved', probable: 'Probable', suspected: 'Suspected', unknown: 'Unknown' } as const
export const THEORY_STATES = {
  open: 'Open',
  weakened: 'Weakened',
  ruled_out: 'Ruled out',
  suspected: 'Suspected',
  probable: 'Probable',
  proved: 'Proved',
} as const

export const OIL_KINDS = {
  engine: 'Engine oil',
  motorcycle: 'Motorcycle oil',
  two_stroke: 'Two-stroke oil',
  diesel: 'Diesel engine oil',
  gear: 'Gear oil',
  hydraulic: 'Hydraulic oil',
  kitchen: 'Cooking oil',
  unknown: 'Nobody knows',
} as const
export const RATED = { yes: 'Yes', no: 'No', unknown: 'Not on the label' } as const

export type KeyOf<T> = Extract<keyof T, string>
