/**
 * What a master takes next: an engine, what is known of it so far, and the looks any of which he would take now. Written down from the trade
 * before the rules that choose were touched. Their misses were read while those were written: no blind measure.
 *
 * Known: a sign that shows; `-sign` for one looked for and not there; `ok:check` for a check that showed nothing of it.
 * Looks: a check of the catalogue, or `drain`, `cause` (name what began it), `lock` (one way of freeing after the other), `measure`.
 */
export type Next = readonly [engine: string, known: string, taken: string]

export const WHAT_NEXT: readonly Next[] = [
  // smoke: level, then smell, then tipped, then filter and breather, then leaks, head, rings
  ['mower', 'says_smoke', 'oil_level'],
  ['mower', 'says_smoke oil_high', 'oil_smell'],
  ['mower', 'says_smoke oil_high ok:oil_smell', 'filter breather'],
  ['mower', 'says_smoke was_tipped ok:oil_level ok:oil_smell', 'filter plug'],
  ['mower', 'says_smoke ok:oil_level ok:oil_smell ok:filter ok:breather', 'leaks plug smoke compression'],
  ['cross', 'says_smoke', 'can'],
  ['cross', 'says_smoke ok:can', 'plug filter choke'],
  // locked: plug out before anything, then one thing after the other from outside in
  ['mower', 'says_wont_turn', 'oil_level turn'],
  ['rider', 'says_wont_turn turns_locked', 'plug_out_turn'],
  ['mower', 'says_wont_turn turns_locked oil_dry', 'plug_out_turn'],
  ['rider', 'says_wont_turn turns_locked ok:plug_out_turn', 'drive_off starter_off brake_off'],
  ['mower', 'says_wont_turn turns_locked ok:plug_out_turn ok:drive_off', 'brake_off starter_off'],
  [
    'rider',
    'says_wont_turn turns_locked ok:plug_out_turn ok:drive_off ok:brake_off ok:starter_off ok:oil_level',
    'lock oil_look piston_moves',
  ],
  ['mower', 'says_wont_turn turns_locked liquid_fuel', 'oil_smell oil_level drain fuel_floods'],
  // no resistance: oil and its look, the underside, the valves, the piston
  ['mower', 'says_wont_start turns_free', 'oil_level piston_moves outside valves_move'],
  ['mower', 'says_wont_start bang_heard turns_free oil_dry', 'piston_moves oil_look outside'],
  ['mower', 'says_wont_start turns_free ok:oil_level ok:oil_look ok:piston_moves', 'valves_move lash leakdown'],
  ['moto', 'says_wont_start turns_free comp_none ok:oil_level ok:oil_smell', 'lash leakdown valves_move'],
  // three essentials: the one that is plainly missing is followed
  ['mower', 'says_wont_start', 'oil_level turn spark'],
  ['mower', 'says_wont_start was_hit kicks_back ok:oil_level ok:oil_smell ok:turn', 'key'],
  ['mower', 'says_wont_start stood_long ok:oil_level ok:oil_smell ok:turn', 'fuel_smell spark'],
  ['mower', 'says_wont_start spark_none ok:oil_level ok:oil_smell ok:turn', 'stop_wire plug'],
  [
    'mower',
    'says_wont_start was_serviced spark_none ok:oil_level ok:oil_smell ok:turn ok:plug',
    'stop_wire earth coil_gap',
  ],
  [
    'rider',
    'says_wont_start spark_none ok:stop_wire ok:plug ok:oil_level ok:oil_smell ok:turn',
    'interlock earth coil_gap',
  ],
  ['mower', 'says_wont_start fuel_none ok:spark ok:oil_level ok:oil_smell ok:turn', 'fuel_tap fuel_line'],
  ['moto', 'says_wont_start fuel_none ok:spark ok:oil_level ok:oil_smell ok:turn', 'compression vacuum_tap fuel_tap'],
  ['moto', 'says_wont_start fuel_none comp_none ok:oil_level ok:oil_smell', 'lash leakdown'],
  [
    'mower',
    'says_wont_start ok:spark ok:fuel_arrives ok:fuel_smell ok:compression ok:turn ok:oil_level ok:oil_smell',
    'lash key plug',
  ],
  [
    'mower',
    'says_wont_start ok:spark ok:fuel_arrives ok:fuel_smell ok:compression ok:lash ok:turn ok:oil_level ok:oil_smell ok:plug',
    'key earth',
  ],
  [
    'mower',
    'says_wont_start plug_fuel ok:spark ok:turn ok:oil_level ok:oil_smell',
    'choke fuel_floods filter fuel_smell',
  ],
  ['inject', 'says_wont_start fuel_none ok:spark ok:turn ok:oil_level ok:oil_smell', 'pump_sound fuel_tap'],
  ['saw', 'says_wont_start stood_long ok:spark ok:turn ok:can', 'fuel_smell fuel_line diaphragm spray_test'],
  ['diesel', 'says_wont_start smoke_white ok:oil_level ok:oil_smell ok:turn', 'glow compression fuel_line'],
  // compression: lash before a seat, wet before anything is opened
  ['mower', 'says_no_power comp_low ok:oil_level ok:oil_smell ok:turn', 'lash wet'],
  ['mower', 'says_no_power comp_low wet_same ok:oil_level ok:oil_smell', 'lash'],
  ['mower', 'says_no_power comp_low wet_same ok:lash ok:oil_level ok:oil_smell', 'leakdown pour'],
  ['moto', 'says_no_power comp_low wet_same hiss_exhaust ok:lash ok:oil_level ok:oil_smell', 'pour head_off cause'],
  ['moto', 'says_no_power comp_low wet_same lash_none ok:oil_level ok:oil_smell', 'valves_move cause'],
  ['mower', 'says_smoke slow_loss comp_low wet_rises ok:oil_level ok:oil_smell', 'leakdown breather plug piston_moves'],
  ['saw', 'says_no_power comp_low ok:can', 'muffler'],
  // noise: oil, what is loose outside, rock before it is run
  ['moto', 'says_noise', 'oil_level rock'],
  ['mower', 'says_noise was_hit ok:oil_level ok:oil_smell', 'drive_tight runout outside key'],
  ['plant', 'says_noise ok:oil_level ok:oil_smell ok:drive_tight', 'rock'],
  ['plant', 'says_noise rod_slack ok:oil_level ok:oil_smell', 'measure debris oil_look cause'],
  ['moto', 'says_noise tick_half ok:oil_level ok:oil_smell', 'lash'],
  ['moto', 'says_noise tick_half ok:lash ok:oil_level ok:oil_smell', 'valves_move'],
  ['plant', 'says_noise oil_treacle ok:oil_level ok:oil_smell', 'rock debris'],
  // heat and power
  ['tractor', 'says_hot', 'coolant oil_level'],
  ['plant', 'says_hot ok:oil_level ok:oil_smell', 'fins outside oil_look'],
  ['inject', 'says_hot coolant_low ok:oil_level ok:oil_smell', 'leaks leakdown oil_look'],
  ['saw', 'says_no_power', 'can filter screen'],
  ['saw', 'says_no_power ok:can', 'muffler filter screen plug'],
  ['saw', 'stopped_dead says_no_power can_lean', 'muffler turn'],
  ['trimmer', 'says_no_power dies_on_throttle ok:can', 'screen filter fuel_line diaphragm choke'],
  ['rider', 'says_no_power slips ok:oil_level ok:oil_smell', 'drive_tight'],
  // oil that rises, goes or leaks
  ['mower', 'says_oil_rises', 'oil_level oil_smell'],
  ['mower', 'says_oil_rises oil_high oil_petrol', 'drain fuel_floods'],
  ['mower', 'says_leak', 'oil_level leaks'],
  ['mower', 'says_uses_oil ok:oil_level ok:oil_smell', 'leaks breather smoke plug'],
  ['dry', 'says_uses_oil stood_long oil_low ok:oil_smell', 'tank_sump'],
  // surging, lean and smoky by turns, after a blow, clutch, starter
  ['mower', 'surges was_serviced ok:oil_level ok:oil_smell', 'governor'],
  ['mower', 'surges ok:oil_level ok:oil_smell', 'filter choke governor fuel_smell'],
  ['sled', 'smoke_blue plug_pale', 'injector_oil'],
  ['sled', 'says_dies plug_pale ok:injector_oil', 'crankcase air_leak reeds'],
  ['mower', 'was_hit vibrates', 'drive_tight runout outside key'],
  ['mower', 'says_wont_start was_hit kicks_back key_sheared', 'runout drive_tight'],
  ['moto', 'says_clutch slips', 'clutch_play'],
  ['moto', 'says_clutch slips ok:clutch_play', 'clutch_open'],
  ['rider', 'says_wont_turn click_lamp', 'turn earth'],
  ['rider', 'says_wont_turn no_click ok:turn', 'earth interlock'],
]
