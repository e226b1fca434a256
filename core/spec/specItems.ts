/** What a spec sheet can say of an engine: the item's own unit, and between which figures any sane engine lies. */
export interface SpecItemPlan {
  label: string
  /** internal unit, or a plain count (`ratio`, `deg`) that is never converted */
  unit: string
  group: 'oil' | 'compression' | 'geometry' | 'valves' | 'wear' | 'ignition'
  /** nothing that runs lies outside of these. Shop judgement, wide on purpose */
  sane: readonly [low: number, high: number]
  /** asked of these engines only; absent: of all */
  cycle?: 'two' | 'four'
}

export const SPEC_ITEMS = {
  oil_capacity: { label: 'Whole oil fill', unit: 'mL', group: 'oil', sane: [40, 20000], cycle: 'four' },
  oil_full_mark: { label: 'Oil at the full mark', unit: 'mL', group: 'oil', sane: [40, 20000], cycle: 'four' },
  oil_low_mark: { label: 'Oil at the low mark', unit: 'mL', group: 'oil', sane: [20, 20000], cycle: 'four' },
  oil_change: { label: 'Hours between oil changes', unit: 'h', group: 'oil', sane: [1, 1000], cycle: 'four' },
  oil_change_km: { label: 'Distance between oil changes', unit: 'km', group: 'oil', sane: [200, 30000], cycle: 'four' },
  compression_limit: { label: 'Least compression', unit: 'kPa', group: 'compression', sane: [250, 3500] },
  compression_with_release: {
    label: 'Least compression, release working',
    unit: 'kPa',
    group: 'compression',
    sane: [150, 1500],
  },
  compression_ratio: { label: 'Compression ratio', unit: 'ratio', group: 'geometry', sane: [4, 25] },
  bore: { label: 'Bore', unit: 'mm', group: 'geometry', sane: [20, 140] },
  stroke: { label: 'Stroke', unit: 'mm', group: 'geometry', sane: [15, 160] },
  rod_length: { label: 'Rod, centre to centre', unit: 'mm', group: 'geometry', sane: [30, 350] },
  inlet_closes: {
    label: 'Inlet closes, after bottom dead centre',
    unit: 'deg',
    group: 'geometry',
    sane: [0, 110],
    cycle: 'four',
  },
  exhaust_duration: { label: 'Exhaust port open', unit: 'deg', group: 'geometry', sane: [80, 220], cycle: 'two' },
  lash_inlet_min: { label: 'Inlet lash, least', unit: 'mm', group: 'valves', sane: [0.02, 0.6], cycle: 'four' },
  lash_inlet_max: { label: 'Inlet lash, most', unit: 'mm', group: 'valves', sane: [0.02, 0.6], cycle: 'four' },
  lash_exhaust_min: { label: 'Exhaust lash, least', unit: 'mm', group: 'valves', sane: [0.02, 0.6], cycle: 'four' },
  lash_exhaust_max: { label: 'Exhaust lash, most', unit: 'mm', group: 'valves', sane: [0.02, 0.6], cycle: 'four' },
  bore_wear_max: { label: 'Bore wear, most', unit: 'mm', group: 'wear', sane: [0.01, 0.6] },
  bore_taper_max: { label: 'Bore taper, most', unit: 'mm', group: 'wear', sane: [0.005, 0.4] },
  bore_oor_max: { label: 'Bore out of round, most', unit: 'mm', group: 'wear', sane: [0.005, 0.4] },
  piston_clearance_min: { label: 'Piston clearance, least', unit: 'mm', group: 'wear', sane: [0.005, 0.4] },
  piston_clearance_max: { label: 'Piston clearance, most', unit: 'mm', group: 'wear', sane: [0.02, 0.6] },
  ring_gap_min: { label: 'Ring gap, least', unit: 'mm', group: 'wear', sane: [0.05, 1.5] },
  ring_gap_max: { label: 'Ring gap, most', unit: 'mm', group: 'wear', sane: [0.1, 3] },
  ring_side_min: { label: 'Ring in its groove, least', unit: 'mm', group: 'wear', sane: [0.01, 0.2] },
  ring_side_max: { label: 'Ring in its groove, most', unit: 'mm', group: 'wear', sane: [0.03, 0.5] },
  rod_play_max: { label: 'Big-end play, most', unit: 'mm', group: 'wear', sane: [0.005, 0.5] },
  rod_side_min: { label: 'Big end sideways, least', unit: 'mm', group: 'wear', sane: [0.02, 1] },
  rod_side_max: { label: 'Big end sideways, most', unit: 'mm', group: 'wear', sane: [0.1, 2] },
  crank_runout_max: { label: 'Crank run-out, most', unit: 'mm', group: 'wear', sane: [0.01, 0.3] },
  crank_pin_min: { label: 'Crank pin, least', unit: 'mm', group: 'wear', sane: [8, 80] },
  main_play_max: { label: 'Main bearing play, most', unit: 'mm', group: 'wear', sane: [0.005, 0.5] },
  big_end_clearance_min: { label: 'Big-end oil clearance, least', unit: 'mm', group: 'wear', sane: [0.005, 0.2] },
  big_end_clearance_max: { label: 'Big-end oil clearance, most', unit: 'mm', group: 'wear', sane: [0.01, 0.4] },
  main_clearance_min: { label: 'Main oil clearance, least', unit: 'mm', group: 'wear', sane: [0.005, 0.2] },
  main_clearance_max: { label: 'Main oil clearance, most', unit: 'mm', group: 'wear', sane: [0.01, 0.4] },
  end_float_min: { label: 'Crank end float, least', unit: 'mm', group: 'wear', sane: [0.01, 1] },
  end_float_max: { label: 'Crank end float, most', unit: 'mm', group: 'wear', sane: [0.05, 2] },
  guide_clearance_min: {
    label: 'Valve guide clearance, least',
    unit: 'mm',
    group: 'wear',
    sane: [0.005, 0.2],
    cycle: 'four',
  },
  guide_clearance_max: {
    label: 'Valve guide clearance, most',
    unit: 'mm',
    group: 'wear',
    sane: [0.02, 0.4],
    cycle: 'four',
  },
  seat_width_max: { label: 'Valve seat width, most', unit: 'mm', group: 'wear', sane: [0.8, 4], cycle: 'four' },
  spring_free_min: { label: 'Valve spring free, least', unit: 'mm', group: 'wear', sane: [10, 90], cycle: 'four' },
  squish_min: { label: 'Squish, least', unit: 'mm', group: 'wear', sane: [0.3, 3], cycle: 'two' },
  pump_tip_min: { label: 'Oil pump tip, least', unit: 'mm', group: 'wear', sane: [0.01, 0.3], cycle: 'four' },
  pump_tip_max: { label: 'Oil pump tip, most', unit: 'mm', group: 'wear', sane: [0.05, 0.6], cycle: 'four' },
  pump_side_min: { label: 'Oil pump end, least', unit: 'mm', group: 'wear', sane: [0.005, 0.2], cycle: 'four' },
  pump_side_max: { label: 'Oil pump end, most', unit: 'mm', group: 'wear', sane: [0.03, 0.5], cycle: 'four' },
  pump_body_min: { label: 'Oil pump body, least', unit: 'mm', group: 'wear', sane: [0.02, 0.4], cycle: 'four' },
  pump_body_max: { label: 'Oil pump body, most', unit: 'mm', group: 'wear', sane: [0.05, 0.8], cycle: 'four' },
  plate_min: { label: 'Clutch plate, least', unit: 'mm', group: 'wear', sane: [1, 8] },
  plug_gap: { label: 'Plug gap', unit: 'mm', group: 'ignition', sane: [0.3, 1.5] },
  coil_gap: { label: 'Coil air gap', unit: 'mm', group: 'ignition', sane: [0.1, 1] },
} as const satisfies Record<string, SpecItemPlan>
export type SpecItem = keyof typeof SPEC_ITEMS
export const SPEC_ITEM_NAMES = Object.keys(SPEC_ITEMS) as SpecItem[]

export const SPEC_GROUPS: Record<SpecItemPlan['group'], string> = {
  oil: 'Oil',
  compression: 'Compression',
  geometry: 'Geometry',
  valves: 'Valves',
  wear: 'Wear limits',
  ignition: 'Ignition',
}

/** The units in which an item is usually read, the first one being the default. */
export const UNITS_OF_ITEM: Record<string, readonly string[]> = {
  mL: ['mL', 'L', 'US_floz'],
  h: ['h'],
  km: ['km', 'mi'],
  kPa: ['bar', 'psi', 'kPa'],
  mm: ['mm', 'thou', 'in'],
  ratio: ['ratio'],
  deg: ['deg'],
}
/** Counts that are never converted, with how they are written. */
export const PLAIN_UNITS: Record<string, string> = { ratio: ': 1', deg: '°' }
