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

/** Whether what is in it can be trusted: unknown oil is changed, never only drawn off. */
export const OIL_HISTORY = { known: 'Known, and when it went in', unknown: 'Nobody knows' } as const

export const OIL_READ_WHEN = { after_run: 'Just after running', standing: 'After standing' } as const

/** Oil that goes in or comes out, told apart: what the owner poured is a claim until it is read. */
export const OIL_MOVES = {
  owner_poured: 'Poured in by the owner',
  drawn_off: 'Drawn off, a part of it',
  drained: 'Drained, all of it',
  filled: 'Filled in here',
} as const

/** What stood in it when more was poured in. */
export const POURED_ONTO = {
  empty: 'Into it, drained',
  some: 'On top of what was in it',
  unknown: 'Nobody knows',
} as const

/** How far it was filled. */
export const FILLED_TO = {
  thread: 'Bottom of the thread',
  low: 'Low mark',
  middle: 'Middle',
  mark: 'Full mark',
  over: 'Over the mark',
  not_read: 'Not read again',
} as const

export const OIL_CHANGE_FOR = {
  service: 'A service',
  pre_delivery: 'Before delivery',
  repair: 'After a repair',
} as const

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
  wet: 'Wet with water',
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

/** The same five where there is room for two words. */
export const SAFE_SHORT = {
  plug_lead: 'Lead off',
  battery: 'Battery off',
  fuel: 'Fuel shut',
  free: 'Blade free',
  stable: 'Stable, cool',
} as const satisfies Record<keyof typeof SAFE_STEPS, string>

export const SEEN = { none: 'Dry', damp: 'Damp', liquid: 'Liquid' } as const

export const TURN_FEELS = {
  normal: 'Normal bump',
  weak: 'Weak bump',
  hard: 'Stops hard',
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
  magnet: 'Magnet of the plug',
  tray: 'Settling tray',
  sump_corner: 'Corner of the sump',
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
  lint: 'Lint of a rag',
  fibre: 'Fibre of paper or gasket',
  glue: 'Glue, soft strands',
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

export const SMOKE_COLOURS = { none: 'None', blue: 'Blue', white: 'White', grey: 'Grey', black: 'Black' } as const

export const SMOKE_MOMENTS = {
  start: 'At the start only',
  warming: 'While cold',
  always: 'All the time',
  overrun: 'Closing the throttle',
  load: 'Under load',
  idle: 'After idling long',
} as const

export const SMOKE_AFTER = {
  nothing: 'Nothing known',
  top_up: 'Topping up the oil',
  tipped: 'Tipping it',
  standing: 'Standing long',
  repair: 'A repair',
  hot: 'Running hot',
} as const

/** Coolant beside white smoke. */
export const COOLANT_LEVELS = { full: 'Full', low: 'Low', none: 'Nothing in it' } as const

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

/** What ran out of a cylinder. */
export const LIQUIDS = { fuel: 'Fuel', oil: 'Oil', water: 'Water or coolant', cant_tell: "Can't tell" } as const

export const OIL_KINDS = {
  engine: 'Engine oil',
  motorcycle: 'Motorcycle oil',
  two_stroke: 'Two-stroke oil',
  diesel: 'Diesel engine oil',
  gear: 'Gear oil',
  hydraulic: 'Hydraulic oil',
  kitchen: 'Cooking oil',
  additive: 'Thick additive on top',
  unknown: 'Nobody knows',
} as const

export const RATED = { yes: 'Yes', no: 'No', unknown: 'Not on the label' } as const

/** What oil pressure is read by. */
export const PRESSURE_BY = { gauge: 'Gauge screwed in', own: 'Its own gauge', lamp: 'Its lamp only' } as const

/** How something was that was looked at again. */
export const WATCH_RESULTS = {
  fine: 'As it should be',
  not_fine: 'Not as it should be',
  dropped: 'No longer watched',
} as const

/** Whose words a claim is. */
export const CLAIM_FROM = {
  owner: 'The owner',
  other_shop: 'Another shop',
  second_opinion: 'A second opinion',
  earlier_owner: 'An earlier owner',
  maker: 'The maker or dealer',
} as const

/** How a fastener was as it was undone. */
export const FOUND_TIGHT = {
  tight: 'Tight',
  loose: 'Loose',
  finger: 'Finger tight',
  broke: 'Broke',
  missing: 'Missing',
} as const
