/** What was done to a part: it changes what the engine is now, never what it was as found. */
export const WORK_DONE = {
  renewed: 'Renewed',
  repaired: 'Repaired',
  cleaned: 'Cleaned, seen through',
  set: 'Set',
  drained: 'Drained',
  explained: 'Found out, explained',
} as const

/** What is worked on besides the parts that are taken out. */
export const WORK_SUBJECTS = {
  oilway: 'Oil passages and jets',
  fuel_path: 'The way that fuel came into the oil',
  water: 'Where water came from',
  fuel: 'Fuel and can',
  fins: 'Fins and fan',
  coolant: 'Coolant',
  tank: 'Tank and cap',
  blade: 'Blade and its mount',
  brakes: 'Brakes and guards',
  throttle: 'Throttle and cables',
  governor: 'Governor',
} as const
