/** What is written down before a cover or joint is disturbed; lash has its own form. */
export const AS_FOUND = {
  marks: 'Marks',
  gap: 'Gap',
  linkage: 'Linkage and springs',
  wires: 'Wires and hoses',
  order: 'Order and which way round',
} as const

export const LASH_STATES = { as_found: 'As found', set: 'Set' } as const

export const ROCKERS = { free: 'Both move freely', stuck: 'One is stuck', not_tried: 'Not tried' } as const

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

/** Methods with a flame, a torch or sparks. */
export const HOT_METHODS: readonly (keyof typeof STUCK_METHODS)[] = ['heat', 'quench', 'grip', 'cut']

export const ORIGINS = { maker: "Maker's part", other: 'Other make', donor: 'From a donor', made: 'Made here' } as const

export const VALVE_NAMES = { inlet: 'Inlet', exhaust: 'Exhaust' } as const

export const LEAK_SEEN = {
  dry: 'Dry for a minute',
  damp: 'Damp edge, no drop',
  drops: 'Drops',
  stream: 'A stream',
} as const

export const MEASURED_WHEN = { as_found: 'As found', after: 'After work' } as const

/** What a dial reading is: limits are of the whole swing. */
export const DIAL_SWING = { total: 'Whole swing', half: 'Half of it' } as const

/** What a ring's shape is by design: then its edge or its clearance is no wear. */
export const RING_SHAPES = {
  plain: 'Plain, square sides',
  keystone: 'Keystone, sloping sides',
  taper: 'Tapered face',
  scraper: 'Lower edge sharp by design',
  spring_rails: 'Spring and two rails',
} as const

/** Where in a bore a score runs. */
export const SCORE_SIDES = {
  thrust: 'Thrust side',
  other_thrust: 'Opposite the thrust side',
  exhaust: 'Exhaust side',
  inlet: 'Inlet side',
  pin_ends: "Along the pin's ends",
  all_round: 'All round',
} as const

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
/** What went in, as far as its filling goes. */
export const FITTED_IS = { part: 'A part', oil: 'Oil, filled in' } as const

export const PROOFS = { proved: 'Proved', probable: 'Probable', suspected: 'Suspected', unknown: 'Unknown' } as const

export const THEORY_STATES = {
  open: 'Open',
  weakened: 'Weakened',
  ruled_out: 'Ruled out',
  suspected: 'Suspected',
  probable: 'Probable',
  proved: 'Proved',
} as const
