export const DEBRIS_MATERIALS = [
  'iron_paste',
  'carbon',
  'friction_fibre',
  'sealant',
  'emulsion',
  'plastic',
  'unknown',
  'grit',
  'aluminium',
  'bronze',
  'iron_chips',
  'babbitt',
  'bearing_flake',
  'lint',
  'fibre',
  'glue',
] as const
export type DebrisMaterial = (typeof DEBRIS_MATERIALS)[number]
export const DEBRIS_AMOUNTS = ['none', 'trace', 'some', 'much', 'mass'] as const
export type DebrisAmount = (typeof DEBRIS_AMOUNTS)[number]
export type DebrisState = 'normal' | 'watch' | 'investigate' | 'stop'

/** How grave a material is in itself. Rule of thumb, shop judgement. */
export const MATERIAL_WEIGHT: Record<DebrisMaterial, number> = {
  iron_paste: 0.2,
  carbon: 0.25,
  friction_fibre: 0.3,
  sealant: 0.35,
  emulsion: 0.4,
  plastic: 0.5,
  unknown: 0.5,
  grit: 0.6,
  aluminium: 0.7,
  bronze: 0.8,
  iron_chips: 0.9,
  babbitt: 0.9,
  bearing_flake: 1.0,
  lint: 0.35,
  fibre: 0.4,
  glue: 0.35,
}

/** trace a few specks; some a thin film or under 20 specks; much a full magnet cap; mass a lump. Rule of thumb, shop judgement. */
export const AMOUNT_WEIGHT: Record<DebrisAmount, number> = { none: 0, trace: 0.4, some: 0.65, much: 0.85, mass: 1.0 }

/** Score from which a sample is no longer normal, is to be investigated, and stops the engine. Rule of thumb, shop judgement. */
export const DEBRIS_LIMITS = { watch: 15, investigate: 35, stop: 60 } as const

/** Materials that a new or rebuilt engine sheds while it beds in, if the pieces are fine. */
export const BREAK_IN_MATERIALS: ReadonlySet<DebrisMaterial> = new Set([
  'iron_paste',
  'aluminium',
  'sealant',
  'friction_fibre',
  'carbon',
])
export const BREAK_IN_LARGEST_UM = 500

/** Where a material most likely comes from. */
export const DEBRIS_SOURCES: Record<DebrisMaterial, string[]> = {
  iron_paste: ['normal_wear', 'bore_and_rings', 'gears'],
  iron_chips: ['gear_teeth', 'camshaft_or_lifter', 'broken_part'],
  bearing_flake: ['rolling_bearing_spall', 'big_end_cage_or_race'],
  aluminium: ['piston_scuff', 'bare_bore', 'case_or_head_rub'],
  bronze: ['small_end_bush', 'thrust_washer', 'bearing_cage', 'oil_pump_or_worm'],
  babbitt: ['plain_bearing_overlay'],
  friction_fibre: ['wet_clutch', 'brake_in_oil'],
  carbon: ['blow_by', 'overdue_oil'],
  sealant: ['excess_gasket_sealant'],
  plastic: ['timing_chain_guide', 'governor_or_cam_gear'],
  grit: ['air_filter_bypass', 'dirty_rebuild'],
  emulsion: ['coolant_leak', 'condensation'],
  unknown: ['lab_sample'],
  lint: ['rag_or_wipe'],
  fibre: ['filter_material', 'gasket_or_seal'],
  glue: ['filter_batch', 'excess_gasket_sealant'],
}
