import type { PartKey } from './parts'

/** Signs of the catalogue that a look at a part shows. */
export const PART_SIGNS: Partial<Record<PartKey, Record<string, string>>> = {
  cylinder: { nail: 'bore_scored_seen', plating: 'bore_scored_seen' },
  piston: { scuffed: 'bore_scored_seen', four_corners: 'bore_scored_seen', coked: 'rings_loose_seen' },
  rings: { no_spring: 'rings_loose_seen', feathered: 'rings_loose_seen', broken: 'rings_loose_seen' },
  head: { track: 'gasket_track' },
  exhaust_valve: { burnt: 'valve_burnt_seen' },
  rod: { blue: 'rod_damaged', smeared: 'rod_damaged', bent: 'rod_damaged', loose: 'rod_slack' },
  crank: { scored: 'rod_damaged', aluminium: 'rod_damaged', bent: 'crank_bent' },
  cam: { lobe: 'cam_worn_seen', scored: 'cam_worn_seen' },
  rockers: { pad: 'cam_worn_seen', stuck: 'rocker_stuck' },
  strainer: { blocked: 'strainer_blocked_seen' },
  jet: { blocked: 'strainer_blocked_seen', sealant: 'strainer_blocked_seen' },
  pump: { scored: 'pump_worn_seen', worn: 'pump_worn_seen', drive: 'pump_worn_seen' },
  gear: { cup: 'governor_broken_seen' },
  carburettor: { jet: 'jet_dirty', needle: 'needle_ring' },
  key: { sheared: 'key_sheared' },
  clutch: { thin: 'plates_thin', blue: 'plates_thin', grooved: 'basket_grooved' },
  chain: { stretched: 'chain_slack' },
  injector_pump: { air: 'oil_line_air', line: 'oil_line_air', stroke: 'oil_stroke_off' },
}
