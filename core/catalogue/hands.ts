/** Checks for which hands go where something turns, falls, sprays or springs. A list of its own: a gate asks it without the whole catalogue. */
export const HANDS_IN: readonly string[] = [
  'clutch_open',
  'coil_gap',
  'drive_tight',
  'fins',
  'head_off',
  'key',
  'muffler',
  'piston_moves',
  'pour',
  'power_valves',
  'reeds',
  'rock',
  'runout',
  'sump_off',
  'timing',
  'valves_move',
]
