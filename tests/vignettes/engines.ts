import type { EngineFacts } from '#core/job/jobFile'
import { UNASKED } from '#core/job/jobFile'

const small: EngineFacts = { engineClass: 'S4', cycle: 'four', displacementCc: 150, cylinders: 1, oiling: 'splash', oilShows: 'stick_screwed', release: 'automatic', bore: 'bare', fuelFeed: 'float', cooling: 'air', mixRatio: null, ...UNASKED, clutch: 'none', valves: 'push_rod', ignition: 'key', governor: 'mechanical' }
const hand: EngineFacts = { ...small, engineClass: 'H2', cycle: 'two', displacementCc: 30, oiling: 'premix', oilShows: 'none', release: 'none', bore: 'plated', fuelFeed: 'diaphragm', mixRatio: 50, clutch: 'centrifugal', valves: 'unknown', governor: 'none' }
const moto: EngineFacts = { ...small, engineClass: 'M4', displacementCc: 125, oiling: 'pump_wet', oilShows: 'window', release: 'none', bore: 'iron', fuelFeed: 'vacuum_tap', clutch: 'wet', valves: 'overhead_cam', ignition: 'electronic', governor: 'none' }

/** The engines that the cases are told of. */
export const ENGINES: Record<string, EngineFacts> = {
  mower: small,
  rider: { ...small, displacementCc: 344, bore: 'iron' },
  plant: { ...small, displacementCc: 196, bore: 'iron', release: 'automatic' },
  saw: hand,
  trimmer: { ...hand, displacementCc: 25 },
  moto,
  inject: { ...moto, fuelFeed: 'injection', cooling: 'liquid' },
  dry: { ...moto, oiling: 'pump_dry', oilShows: 'stick_resting' },
  cross: { ...hand, engineClass: 'V2', displacementCc: 125, fuelFeed: 'float', cooling: 'liquid', clutch: 'wet', ignition: 'electronic' },
  sled: { ...hand, engineClass: 'V2', displacementCc: 599, cylinders: 2, oiling: 'injection', fuelFeed: 'electric', cooling: 'liquid', ignition: 'electronic' },
  tractor: { ...small, engineClass: 'T4', displacementCc: 1250, cylinders: 4, oiling: 'pump_wet', release: 'none', bore: 'iron', cooling: 'liquid', clutch: 'dry', ignition: 'electronic' },
  diesel: { ...small, engineClass: 'D4', displacementCc: 900, cylinders: 2, oiling: 'pump_wet', release: 'none', bore: 'iron', fuelFeed: 'injection', cooling: 'liquid', clutch: 'dry', ignition: 'unknown' },
}
