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

/** Ridden, on wheels, snow or water: what gives way throws whoever sits on it. */
export const RIDDEN: readonly MachineKind[] = [
  ...(['motorcycle', 'step_through', 'offroad_motorcycle', 'three_wheeler', 'quad', 'snow_machine'] as const),
  ...(['watercraft', 'kart'] as const),
]

/** Held in the hands while they work: a little oil is a lot, and they run any way up. */
export const HAND_HELD: readonly MachineKind[] = ['trimmer', 'chainsaw', 'blower']

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
