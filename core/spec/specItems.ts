/** What a spec sheet can say of an engine: the item's own unit, and between which figures any sane engine lies. */
export interface SpecItemPlan {
  label: string
  /** internal unit, or a plain count (`ratio`, `deg`) that is never converted */
  unit: string
  group: 'oil' | 'compression' | 'geometry' | 'valves' | 'wear' | 'ignition'
  /** asked of these engines only; absent: of all */
  cycle?: 'two' | 'four'
}

export const SPEC_ITEMS = {
  oil_capacity: { label: 'Whole oil fill', unit: 'mL', group: 'oil', cycle: 'four' },
  oil_full_mark: { label: 'Oil at the full mark', unit: 'mL', group: 'oil', cycle: 'four' },
  oil_low_mark: { label: 'Oil at the low mark', unit: 'mL', group: 'oil', cycle: 'four' },
  oil_change: { label: 'Hours between oil changes', unit: 'h', group: 'oil', cycle: 'four' },
  oil_change_km: { label: 'Distance between oil changes', unit: 'km', group: 'oil', cycle: 'four' },
  oil_change_months: { label: 'Months between oil changes', unit: 'months', group: 'oil', cycle: 'four' },
  compression_limit: { label: 'Least compression', unit: 'kPa', group: 'compression' },
  compression_with_release: {
    label: 'Least compression, release working',
    unit: 'kPa',
    group: 'compression',
  },
  compression_ratio: { label: 'Compression ratio', unit: 'ratio', group: 'geometry' },
  bore: { label: 'Bore', unit: 'mm', group: 'geometry' },
  stroke: { label: 'Stroke', unit: 'mm', group: 'geometry' },
  rod_length: { label: 'Rod, centre to centre', unit: 'mm', group: 'geometry' },
  inlet_closes: {
    label: 'Inlet closes, after bottom dead centre',
    unit: 'deg',
    group: 'geometry',
    cycle: 'four',
  },
  exhaust_duration: { label: 'Exhaust port open', unit: 'deg', group: 'geometry', cycle: 'two' },
  lash_inlet_min: { label: 'Inlet lash, least', unit: 'mm', group: 'valves', cycle: 'four' },
  lash_inlet_max: { label: 'Inlet lash, most', unit: 'mm', group: 'valves', cycle: 'four' },
  lash_exhaust_min: { label: 'Exhaust lash, least', unit: 'mm', group: 'valves', cycle: 'four' },
  lash_exhaust_max: { label: 'Exhaust lash, most', unit: 'mm', group: 'valves', cycle: 'four' },
  bore_wear_max: { label: 'Bore wear, most', unit: 'mm', group: 'wear' },
  bore_taper_max: { label: 'Bore taper, most', unit: 'mm', group: 'wear' },
  bore_oor_max: { label: 'Bore out of round, most', unit: 'mm', group: 'wear' },
  piston_clearance_min: { label: 'Piston clearance, least', unit: 'mm', group: 'wear' },
  piston_clearance_max: { label: 'Piston clearance, most', unit: 'mm', group: 'wear' },
  piston_clearance_new_min: { label: 'Piston clearance of new parts, least', unit: 'mm', group: 'wear' },
  piston_clearance_new_max: { label: 'Piston clearance of new parts, most', unit: 'mm', group: 'wear' },
  ring_gap_min: { label: 'Top ring gap, least', unit: 'mm', group: 'wear' },
  ring_gap_max: { label: 'Top ring gap, most', unit: 'mm', group: 'wear' },
  ring_gap_second_min: { label: 'Second ring gap, least', unit: 'mm', group: 'wear' },
  ring_gap_second_max: { label: 'Second ring gap, most', unit: 'mm', group: 'wear' },
  ring_gap_oil_min: { label: 'Oil ring gap, least', unit: 'mm', group: 'wear', cycle: 'four' },
  ring_gap_oil_max: { label: 'Oil ring gap, most', unit: 'mm', group: 'wear', cycle: 'four' },
  ring_side_min: { label: 'Top ring in its groove, least', unit: 'mm', group: 'wear' },
  ring_side_max: { label: 'Top ring in its groove, most', unit: 'mm', group: 'wear' },
  ring_side_second_min: { label: 'Second ring in its groove, least', unit: 'mm', group: 'wear' },
  ring_side_second_max: { label: 'Second ring in its groove, most', unit: 'mm', group: 'wear' },
  ring_side_oil_min: { label: 'Oil ring in its groove, least', unit: 'mm', group: 'wear', cycle: 'four' },
  ring_side_oil_max: { label: 'Oil ring in its groove, most', unit: 'mm', group: 'wear', cycle: 'four' },
  rod_play_max: { label: 'Big-end play, most', unit: 'mm', group: 'wear' },
  rod_side_min: { label: 'Big end sideways, least', unit: 'mm', group: 'wear' },
  rod_side_max: { label: 'Big end sideways, most', unit: 'mm', group: 'wear' },
  crank_runout_max: { label: 'Crank run-out, most', unit: 'mm', group: 'wear' },
  main_runout_max: { label: 'Main journal run-out, most', unit: 'mm', group: 'wear' },
  shaft_runout_max: { label: 'Output shaft run-out, most', unit: 'mm', group: 'wear' },
  blade_runout_max: { label: 'Blade tips out of one plane, most', unit: 'mm', group: 'wear' },
  crank_pin_min: { label: 'Crank pin, least', unit: 'mm', group: 'wear' },
  crank_pin_oor_max: { label: 'Crank pin out of round, most', unit: 'mm', group: 'wear' },
  main_play_max: { label: 'Main bearing play, most', unit: 'mm', group: 'wear' },
  big_end_clearance_min: { label: 'Big-end oil clearance, least', unit: 'mm', group: 'wear' },
  big_end_clearance_max: { label: 'Big-end oil clearance, most', unit: 'mm', group: 'wear' },
  main_clearance_min: { label: 'Main oil clearance, least', unit: 'mm', group: 'wear' },
  main_clearance_max: { label: 'Main oil clearance, most', unit: 'mm', group: 'wear' },
  end_float_min: { label: 'Crank end float, least', unit: 'mm', group: 'wear' },
  end_float_max: { label: 'Crank end float, most', unit: 'mm', group: 'wear' },
  guide_clearance_min: {
    label: 'Valve guide clearance, least',
    unit: 'mm',
    group: 'wear',
    cycle: 'four',
  },
  guide_clearance_max: {
    label: 'Valve guide clearance, most',
    unit: 'mm',
    group: 'wear',
    cycle: 'four',
  },
  seat_width_max: { label: 'Valve seat width, most', unit: 'mm', group: 'wear', cycle: 'four' },
  spring_free_min: { label: 'Valve spring free, least', unit: 'mm', group: 'wear', cycle: 'four' },
  squish_min: { label: 'Squish, least', unit: 'mm', group: 'wear', cycle: 'two' },
  pump_tip_min: { label: 'Oil pump tip, least', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_tip_max: { label: 'Oil pump tip, most', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_side_min: { label: 'Oil pump end, least', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_side_max: { label: 'Oil pump end, most', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_body_min: { label: 'Oil pump body, least', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_body_max: { label: 'Oil pump body, most', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_spindle_max: { label: 'Oil pump spindle, most', unit: 'mm', group: 'wear', cycle: 'four' },
  pump_flow_min: { label: 'Oil pump flow on the rig, least', unit: 'lpm', group: 'oil', cycle: 'four' },
  oil_pressure_idle_min: { label: 'Oil pressure warm, idling, least', unit: 'kPa', group: 'oil', cycle: 'four' },
  oil_pressure_speed_min: { label: 'Oil pressure warm, at speed, least', unit: 'kPa', group: 'oil', cycle: 'four' },
  oil_pressure_speed_max: { label: 'Oil pressure warm, at speed, most', unit: 'kPa', group: 'oil', cycle: 'four' },
  clutch_spring_min: { label: 'Clutch spring free, least', unit: 'mm', group: 'wear' },
  plate_min: { label: 'Clutch plate, least', unit: 'mm', group: 'wear' },
  plug_gap: { label: 'Plug gap', unit: 'mm', group: 'ignition' },
  plug_gap_min: { label: 'Plug gap, least', unit: 'mm', group: 'ignition' },
  plug_gap_max: { label: 'Plug gap, most', unit: 'mm', group: 'ignition' },
  coil_gap_min: { label: 'Coil air gap, least', unit: 'mm', group: 'ignition' },
  coil_gap_max: { label: 'Coil air gap, most', unit: 'mm', group: 'ignition' },
  coil_gap: { label: 'Coil air gap', unit: 'mm', group: 'ignition' },
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
  months: ['months'],
  kPa: ['bar', 'psi', 'kPa'],
  mm: ['mm', 'thou', 'in'],
  ratio: ['ratio'],
  deg: ['deg'],
  lpm: ['lpm'],
}
/** Counts that are never converted, with how they are written. */
export const PLAIN_UNITS: Record<string, string> = { ratio: ': 1', deg: '°', months: 'months', lpm: 'L/min' }
