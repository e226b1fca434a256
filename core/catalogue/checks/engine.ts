import { check } from '../write'
import { NOT_HAND_HELD } from './classes'

/** The engine itself: compression, valves, bearings, how it runs. */
export const ENGINE = [
  check('compression', 'Compression, dry', {
    minutes: 6,
    cranks: true,
    tools: 'gauge',
    form: 'compression',
    oneOf: true,
    how: 'Throttle open, pull until the needle stops.',
    caution: 'Lead to earth, hands clear of the blade.',
    signs: `
      comp_none  No compression   0.003
      comp_low   Compression low  0.03
    `,
  }),
  check('wet', 'Compression, wet', {
    needs: { cycle: 'four', classes: NOT_HAND_HELD },
    minutes: 3,
    cranks: true,
    tools: 'gauge, oil can',
    form: 'compression',
    before: ['compression'],
    oneOf: true,
    how: 'Oil in, a tenth of the chamber, then the same pulls.',
    signs: `
      wet_rises  Rises clearly with oil in  0.02
      wet_same   Hardly moves with oil in   0.02
    `,
  }),
  check('leakdown', 'Leak-down, listen', {
    minutes: 10,
    tools: 'compressor, tester',
    form: 'leak_down',
    how: 'Top of compression, air in, ear to inlet, exhaust, filler.',
    caution: 'It may turn: hold it. Eye protection.',
    signs: `
      hiss_inlet     Hisses at the inlet                     0.01
      hiss_exhaust   Hisses at the exhaust                   0.01
      hiss_breather  Hisses at breather or filler            0.02
      hiss_joint     Hisses at a joint or the next cylinder  0.005
      bubbles        Bubbles in the coolant                  0.003
    `,
  }),
  check('release', 'Watch the release', {
    minutes: 5,
    cranks: true,
    tools: 'light',
    needs: { release: true },
    how: 'Does it lift at pulling speed and shut above?',
    signs: `
      release_stays  Release stays open   0.004
      release_dead   Release never lifts  0.005
    `,
  }),
  check('lash', 'Read the lash, touch nothing', {
    minutes: 8,
    tools: 'feeler',
    form: 'lash',
    oneOf: true,
    needs: { cycle: 'four' },
    how: 'Both valves shut, cold. Written down before anyone turns a screw.',
    signs: `
      lash_none  No lash at a valve  0.006
      lash_wide  Lash far too wide   0.02
    `,
  }),
  check('valves_move', 'Cover off, watch the valves', {
    minutes: 8,
    tools: 'spanner',
    needs: { cycle: 'four', valves: ['push_rod', 'overhead_cam'] },
    how: 'Turn slowly: both must open and shut, alike.',
    signs: `
      valve_still    A valve does not move  0.002
      rocker_stuck   A rocker is stuck      0.003
      push_rod_bent  Push rod bent or off   0.002
      lift_small     One valve lifts less   0.005
    `,
  }),
  check('pour', 'Petrol in the port, look from the chamber', {
    minutes: 10,
    tools: 'petrol, light',
    before: ['lash'],
    needs: { cycle: 'four' },
    how: 'Weep, drip or stream: which valve?',
    caution: 'No flame. Done outdoors.',
    signs: `
      seat_drips  A seat drips with lash on it  0.01
    `,
  }),
  check('muffler', 'Muffler off, look into the port', {
    minutes: 8,
    tools: 'spanner, light',
    needs: { cycle: 'two' },
    how: 'Piston skirt and ring through the exhaust port.',
    caution: 'Cold only.',
    signs: `
      piston_smeared   Piston smeared at the exhaust side  0.01
      ring_stuck_seen  Ring stuck in its groove            0.01
      port_carbon      Exhaust port closed with carbon     0.02
    `,
  }),
  check('screen', 'Spark screen', {
    minutes: 4,
    tools: 'screwdriver',
    how: 'Out, look, try without it outdoors.',
    caution: 'Never run dry grass without it.',
    signs: `
      screen_blocked  Spark screen blocked  0.02
    `,
  }),
  check('back_pressure', 'Feel the exhaust', {
    minutes: 2,
    tools: 'hand at a distance',
    runs: true,
    how: 'Free pulses, or a choked hiss?',
    caution: 'Hot. Outdoors.',
    signs: `
      exhaust_choked  Exhaust hardly breathes  0.005
    `,
  }),
  check('crankcase', 'Crankcase under pressure and vacuum', {
    minutes: 15,
    tools: 'hand pump, plugs',
    form: 'crankcase',
    needs: { cycle: 'two' },
    how: 'Ports plugged, both ways: a lip may hold one and not the other.',
    signs: `
      case_leaks  Crankcase does not hold  0.01
    `,
  }),
  check('reeds', 'Reeds out', {
    minutes: 12,
    tools: 'screwdriver',
    needs: { cycle: 'two', classes: ['V2', 'H2'] },
    how: 'Against the light: shut, and whole?',
    signs: `
      reed_bad  Reed chipped or standing open  0.006
    `,
  }),
  check('power_valves', 'Exhaust valves', {
    minutes: 20,
    tools: 'spanners',
    needs: { classes: ['V2'] },
    how: 'Out from outside, by hand: free?',
    signs: `
      power_valve_stuck  Exhaust valve gummed  0.01
    `,
  }),
  check('rock', 'Rock the flywheel', {
    minutes: 4,
    tools: 'hand',
    how: 'To and fro at the top: does the crank move before the piston?',
    caution: 'Plug lead off.',
    signs: `
      rod_slack  Crank moves, rod follows late  0.01
      main_play  Flywheel has radial play       0.008
    `,
  }),
  check('listen', 'Listen to the knock', {
    minutes: 4,
    tools: 'rod to the ear',
    runs: true,
    before: ['rock'],
    how: 'Cold, warm, load; plug shorted; half speed or every turn?',
    caution: 'A big-end knock is not run any longer than it takes to hear it.',
    signs: `
      knock_load    Dull knock, gone with the plug shorted  0.008
      tick_half     Tick at half speed                      0.02
      slap_cold     Slap when cold, gone warm               0.02
      rattle_drive  Rattle goes with the drive off          0.02
      rumble        Rumble at every speed                   0.008
    `,
  }),
  check('runout', 'Crank run-out', {
    minutes: 10,
    tools: 'dial gauge',
    needs: { classes: ['S4'] },
    how: "Dial at the shaft's end, one slow turn.",
    signs: `
      crank_bent  Shaft runs out of true  0.004
    `,
  }),
  check('hot', 'Temperature after ten minutes', {
    minutes: 12,
    tools: 'infra-red',
    runs: true,
    how: 'The same point as last time, highest of several.',
    signs: `
      runs_hot  Hotter than it should be  0.02
    `,
  }),
  check('oil_pressure', 'Oil pressure, cold and hot', {
    minutes: 12,
    cranks: true,
    tools: 'gauge',
    runs: true,
    needs: { oiling: ['pump_wet', 'pump_dry'] },
    how: "At the switch's place, idle and fast.",
    signs: `
      pressure_low        Oil pressure low         0.005
      pressure_falls_hot  Pressure falls away hot  0.01
    `,
  }),
  check('tank_sump', 'Oil tank against sump', {
    minutes: 4,
    tools: 'pan',
    runs: true,
    needs: { oiling: ['pump_dry'] },
    how: 'Run one minute, read the tank again.',
    signs: `
      tank_comes_back  Tank was low and comes back when run  0.01
    `,
  }),
  check('debris', 'Drain through a cloth', {
    minutes: 10,
    tools: 'cloth, magnet, tray',
    form: 'debris',
    needs: { sump: true },
    how: 'Magnet over it, lens, by place.',
    caution: 'Hot oil burns. Gloves.',
    signs: `
      d_aluminium  Aluminium flakes    0.008
      d_iron       Iron chips          0.004
      d_bearing    Bearing flakes      0.002
      d_bronze     Bronze              0.003
      d_shell      Shell metal         0.002
      d_fibre      Clutch fibre        0.01
      d_plastic    Plastic             0.002
      d_grit       Grit                0.01
      d_sealant    Strings of sealant  0.008
    `,
  }),
  check('water_flow', 'Does the water go round?', {
    minutes: 6,
    runs: true,
    tools: 'hand, light',
    needs: { cooling: 'liquid' },
    how: 'Outlet, tell-tale or radiator neck: a steady stream, warm all over?',
    caution: 'Never open a hot cap: it scalds.',
    signs: `
      water_none  Water does not go round  0.004
    `,
  }),
  check('thermostat_test', 'Thermostat in hot water', {
    minutes: 20,
    tools: 'pan, thermometer',
    needs: { cooling: 'liquid' },
    before: ['coolant'],
    how: 'Out, into water that warms: does it open, and at what? Look at the impeller.',
    caution: 'Cold engine only.',
    signs: `
      thermostat_shut  Thermostat stays shut, or the impeller is gone  0.005
    `,
  }),
  check('back_flush', 'Flush it backwards', {
    minutes: 12,
    tools: 'hose',
    needs: { cooling: 'liquid' },
    how: 'Water in where it goes out: what comes, and how freely?',
    signs: `
      water_blocked  Sand, weed or scale in the water path  0.006
    `,
  }),
  check('coolant_pressure', 'Cooling under pressure', {
    minutes: 10,
    tools: 'pressure pump',
    needs: { cooling: 'liquid' },
    before: ['coolant'],
    how: "Pumped to the cap's figure, cold: does it hold, and where does it drip?",
    caution: 'Cold only.',
    signs: `
      coolant_drips  It drips under pressure  0.006
    `,
  }),
]
