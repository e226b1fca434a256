import { cause, inGroup } from '../write'

/** Head, valves, bore: what can be wrong. Shares of jobs and links are shop judgement; a shop's own counts take over. */
export const TOP = inGroup('top', [
  cause('rings_worn', 'Rings or bore worn', {
    base: [0.06, 0.07, 0.045, 0.05, 0.07, 0.07],
    what: 'Wear, slowly.',
    damages: 'Burns oil, dilutes it.',
    cure: 'Measure first: rings, or the next size.',
    often: 'comp_low wet_rises hiss_breather slow_loss',
    sometimes:
      'smoke_blue breather_oily says_no_power says_wont_start turns_weak says_uses_oil oil_low plug_oily ' +
      'rings_loose_seen says_smoke',
    seldom: 'oil_petrol filter_oily',
  }),
  cause('bore_scored', 'Piston and bore scored', {
    base: [0.06, 0.07, 0.025, 0.02, 0.015, 0.015],
    what: 'Metal went from one to the other: lean, hot, dry or dirty. Good compression does not clear it.',
    damages: 'Seizes next time.',
    cure: 'First the cause, then measure: piston, hone, or next size.',
    often: 'bore_marks bore_scored_seen wet_rises',
    sometimes:
      'comp_low d_aluminium piston_smeared turns_tight smoke_blue says_no_power hiss_breather stopped_dead ' +
      'turns_weak',
  }),
  cause('ring_stuck', 'Ring stuck in its groove', {
    base: [0.025, 0.03, 0.02, 0.02, 0.02, 0.02],
    what: 'Carbon or rust holds it.',
    cure: 'Soak and work it, else piston out.',
    often: 'wet_rises comp_low',
    sometimes:
      'ring_stuck_seen smoke_blue stood_long hiss_breather rings_loose_seen plug_oily says_smoke says_uses_oil',
  }),
  cause('piston_holed', 'Hole in the piston', {
    base: [0.012, 0.02, 0.006, 0.008, 0.003, 0.004],
    what: 'Lean, early or the wrong plug burnt through.',
    damages: 'Metal everywhere.',
    cure: 'Cause first; piston, and clean the whole bottom end.',
    always: 'crown_hole',
    often: 'comp_none hiss_breather d_aluminium',
    sometimes: 'turns_free stopped_dead says_no_power wet_same says_wont_start',
  }),
  cause('valve_held', 'Valve held open, no lash', {
    needs: { cycle: 'four' },
    base: [0, 0, 0.05, 0.055, 0.03, 0.025],
    what: 'Lash gone or the rocker stuck: the seat is not proved guilty.',
    damages: 'Burns the valve in the end.',
    cure: 'Free the rocker, set the lash, test again.',
    always: 'lash_none',
    often: 'comp_low wet_same says_wont_start turns_weak',
    sometimes: 'hiss_exhaust hiss_inlet comp_none turns_free rocker_stuck says_no_power slow_loss was_serviced',
  }),
  cause('valve_burnt', 'Valve burnt or seat leaking', {
    needs: { cycle: 'four' },
    base: [0, 0, 0.035, 0.035, 0.04, 0.03],
    what: 'Gas blows past the seat with lash on it.',
    cure: 'Lap or cut; measure the guide; lash again after.',
    often: 'seat_drips comp_low wet_same hiss_exhaust valve_burnt_seen',
    sometimes: 'says_no_power turns_weak hiss_inlet says_wont_start runs_hot slow_loss',
    seldom: 'comp_none lash_none',
  }),
  cause('valve_stuck', 'Valve stuck in its guide', {
    needs: { cycle: 'four' },
    base: [0, 0, 0.03, 0.008, 0.01, 0.008],
    what: 'Gum or rust holds it open.',
    damages: 'Bends the push rod, meets the piston.',
    cure: 'Free it, clean the guide, look at the push rod.',
    often: 'valve_still comp_none stood_long wet_same',
    sometimes:
      'push_rod_bent turns_free comp_low lash_wide fuel_stale hiss_inlet hiss_exhaust says_wont_start ' +
      'says_dies hot_only',
  }),
  cause('lash_wide', 'Lash too wide', {
    needs: { cycle: 'four' },
    base: [0, 0, 0.035, 0.025, 0.02, 0.02],
    what: 'Wear, a loose adjuster or a softened cam wheel: too little lift, and the release does not work.',
    damages: 'Hammers the tip.',
    cure: 'Set, lock, read again; read once more after an hour.',
    always: 'lash_wide',
    often: 'tick_half',
    sometimes: 'says_wont_start lift_small release_dead kicks_back says_no_power says_noise',
  }),
  cause('push_rod', 'Push rod bent or rocker off', {
    needs: { cycle: 'four', valves: ['push_rod'] },
    base: [0, 0, 0.02, 0.005, 0.01, 0.01],
    what: 'One valve does nothing.',
    damages: 'Ask what bent it: a stuck valve.',
    cure: 'New rod; free the valve first.',
    always: 'push_rod_bent valve_still',
    often: 'says_wont_start lash_wide',
    sometimes: 'tick_half says_dies says_no_power turns_weak comp_low stopped_dead',
  }),
  cause('guides', 'Guides or stem seals worn', {
    needs: { cycle: 'four' },
    base: [0, 0, 0.025, 0.04, 0.03, 0.02],
    what: 'Oil runs down the stems.',
    cure: 'Seals; guides by measure.',
    often: 'smoke_start smoke_overrun says_uses_oil',
    sometimes: 'plug_oily oil_low says_smoke plug_sooty smoke_blue',
  }),
  cause('head_gasket', 'Head gasket blown', {
    base: [0.008, 0.035, 0.05, 0.025, 0.05, 0.045],
    what: 'Gas, oil or coolant gets past the joint.',
    damages: 'Burns head and block.',
    cure: 'Head flat by edge, new gasket, torque in steps.',
    often: 'hiss_joint gasket_track comp_low wet_same',
    sometimes:
      'wet_head smoke_blue smoke_white bubbles coolant_low runs_hot breather_oily comp_none smoke_sweet ' +
      'says_no_power says_smoke says_hot',
    seldom: 'oil_milky coolant_oily',
  }),
  cause('release_open', 'Release stuck open', {
    needs: { release: true },
    base: [0.005, 0.003, 0.015, 0.006, 0.003, 0.003],
    what: 'It holds the exhaust off the seat at every speed.',
    cure: 'Pin and spring; clean the button.',
    always: 'release_stays',
    often: 'comp_low turns_weak wet_same',
    sometimes: 'says_no_power says_wont_start hiss_exhaust',
  }),
  cause('plug_thread', 'Plug loose or thread stripped', {
    base: [0.008, 0.006, 0.008, 0.006, 0.004, 0],
    what: 'Gas blows past the plug.',
    cure: 'Insert, or tighten as asked.',
    always: 'plug_loose',
    sometimes: 'comp_low says_no_power was_serviced wet_same hiss_joint',
  }),
  cause('crank_seal', 'Crank seal leaks', {
    needs: { cycle: 'two' },
    base: [0.05, 0.055, 0, 0, 0, 0],
    what: 'It draws air, or gear oil, into the crankcase.',
    damages: 'Lean: scores the piston.',
    cure: 'Both seals, by pressure and vacuum.',
    always: 'case_leaks',
    often: 'speed_changes plug_pale',
    sometimes: 'runs_hot says_dies surges says_wont_start smoke_blue says_no_power wet_top_seal piston_smeared',
  }),
  cause('base_gasket', 'Base gasket leaks', {
    base: [0.02, 0.02, 0.006, 0.01, 0.004, 0.004],
    what: 'Air in on a two-stroke, oil out on a four-stroke.',
    cure: 'New gasket, faces clean, nuts in steps.',
    often: 'wet_base',
    sometimes: 'case_leaks speed_changes says_leak was_serviced plug_pale',
  }),
  cause('carbon', 'Carbon on crown and head', {
    base: [0.015, 0.015, 0.02, 0.015, 0.02, 0.015],
    what: 'It glows and knocks, and its flakes score.',
    cure: 'Clean; why did it burn oil?',
    sometimes: 'says_noise runs_hot knock_load says_no_power hot_only port_carbon',
  }),
])
