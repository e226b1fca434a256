/** What mending a cause takes: minutes, and a share of the engine's price. Shop judgement, invented. */
const LIST: Readonly<Record<string, [minutes: number, share: number]>> = {
  stale_fuel: [15, 0.02],
  jet_blocked: [30, 0.03],
  diaphragm_stiff: [30, 0.07],
  tank_empty: [2, 0.01],
  flooded: [8, 0],
  plug_dead: [5, 0.02],
  coil_dead: [25, 0.15],
  coil_hot: [25, 0.15],
  coil_gap: [8, 0],
  key_sheared: [30, 0.03],
  needle_leaks: [30, 0.05],
  air_filter: [4, 0.04],
  rings_worn: [180, 0.25],
  bore_scored: [210, 0.45],
  ring_stuck: [150, 0.1],
  piston_holed: [210, 0.5],
  valve_held: [15, 0],
  valve_burnt: [120, 0.15],
  lash_wide: [15, 0],
  head_gasket: [90, 0.08],
  rod_broken: [240, 0.8],
  big_end: [240, 0.4],
  rod_seized: [240, 0.5],
  piston_seized: [200, 0.45],
  main_bearing: [240, 0.25],
  crank_bent: [240, 0.6],
  overfilled: [8, 0.02],
  tipped: [10, 0.03],
  ran_low: [10, 0.03],
  oil_ruined: [20, 0.06],
  fuel_in_oil: [20, 0.04],
  release_open: [60, 0.04],
  battery: [10, 0.1],
  fins: [15, 0],
}
const OTHER: [number, number] = [30, 0.06]

export const repairOf = (cause: string): { minutes: number; share: number } => {
  const [minutes, share] = LIST[cause] ?? OTHER
  return { minutes, share }
}
