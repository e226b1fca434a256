import { check } from '../write'
import { PETROL } from './classes'

/** Fuel and mix, from the tank to the jet. */
export const FUEL = [
  check('fuel_tap', 'Tank, tap and cap', {
    minutes: 1,
    tools: 'none',
    how: 'Fuel in it? Tap open? Does it run with the cap loose?',
    signs: `
      tank_empty      Tank empty or tap shut   0.01
      runs_cap_loose  Runs with the cap loose  0.004
    `,
  }),
  check('fuel_smell', 'Look at the fuel in a glass', {
    minutes: 2,
    tools: 'glass',
    how: 'A little from the bowl or tank: smell, colour, layers.',
    caution: 'Outdoors, no flame, can shut.',
    signs: `
      fuel_stale  Fuel stale or varnished       0.05
      fuel_water  Water under the fuel          0.008
      fuel_wrong  Smells of diesel or paraffin  0.002
    `,
  }),
  check('fuel_arrives', 'Does fuel arrive?', {
    minutes: 3,
    tools: 'pan',
    oneOf: true,
    how: 'Line off at the carburettor, or bowl drain open: a steady run?',
    caution: 'Rags, air, no sparks.',
    signs: `
      fuel_none     No fuel arrives     0.006
      fuel_trickle  Fuel only trickles  0.015
    `,
  }),
  check('fuel_floods', 'Bowl drain and overflow', {
    minutes: 3,
    tools: 'pan',
    needs: { fuelFeed: ['float', 'vacuum_tap'] },
    how: 'Fuel on, stand ten minutes: does it run over?',
    caution: 'Never over a hot engine.',
    signs: `
      carb_overflows  Carburettor runs over, fuel on  0.008
    `,
  }),
  check('fuel_line', 'Lines, filter and bulb', {
    minutes: 3,
    tools: 'light',
    how: 'Bend the lines, squeeze the bulb, look at the filter.',
    signs: `
      line_cracked       Fuel line cracked or hard  0.03
      fuel_filter_dirty  Fuel filter dirty          0.04
      bulb_soft          Primer bulb stays soft     0.02
    `,
  }),
  check('vacuum_tap', 'Vacuum tap by mouth', {
    minutes: 4,
    tools: 'hose',
    needs: { fuelFeed: ['vacuum_tap'] },
    how: 'Suck on the vacuum hose: it must open, and shut without.',
    signs: `
      tap_stays_shut  Tap stays shut under vacuum           0.004
      tap_leaks       Tap lets fuel through without vacuum  0.01
    `,
  }),
  check('pulse', 'Pulse line and pump', {
    minutes: 5,
    tools: 'hose',
    needs: { fuelFeed: ['pulse', 'diaphragm'] },
    how: 'Line sound, joints tight, pump clicks when turned.',
    signs: `
      pulse_line_split  Pulse line split or off         0.005
      pulse_pump_wet    Pulse pump wet on its dry side  0.004
    `,
  }),
  check('pump_sound', 'Listen to the pump', {
    minutes: 1,
    tools: 'none',
    needs: { fuelFeed: ['electric', 'injection'] },
    how: 'Key on: a hum for two seconds.',
    signs: `
      pump_silent  Fuel pump silent  0.003
    `,
  }),
  check('spray_test', 'A squirt of fuel into the inlet', {
    minutes: 3,
    cranks: true,
    tools: 'oil can with fuel',
    how: 'A teaspoon into the throat, pull.',
    caution: 'Never near a flame or a hot exhaust; filter back on.',
    signs: `
      fires_on_squirt  Fires for a second on a squirt of fuel  0.02
    `,
  }),
  check('choke', 'Choke on and off', {
    needs: { classes: PETROL },
    minutes: 1,
    tools: 'none',
    runs: true,
    oneOf: true,
    how: 'Running: does it better half choked, or open only?',
    signs: `
      wants_choke  Runs only with the choke on  0.03
      choke_stuck  Choke does not open          0.01
    `,
  }),
  check('throttle', 'Open the throttle', {
    minutes: 1,
    tools: 'none',
    runs: true,
    how: 'From idle, quickly.',
    signs: `
      dies_on_throttle  Dies when the throttle opens         0.03
      four_strokes      Burbles, misfires every second turn  0.02
    `,
  }),
  check('air_leak', 'Spray the joints at idle', {
    minutes: 5,
    cranks: true,
    tools: 'brake cleaner or soap',
    runs: true,
    how: 'A little at inlet joint and seals: does the speed change?',
    caution: 'Not at the exhaust. Extinguisher at hand.',
    signs: `
      speed_changes  Speed changes when a joint is wetted  0.01
    `,
  }),
  check('bowl', 'Bowl off, look at jet and float', {
    minutes: 12,
    tools: 'screwdriver, light',
    needs: { fuelFeed: ['float', 'vacuum_tap'] },
    how: 'Light through the jet; float shaken; needle by lens.',
    caution: 'Fuel runs out: pan, air.',
    signs: `
      jet_dirty    Jet or bowl dirty           0.03
      needle_ring  Needle worn or float heavy  0.01
    `,
  }),
  check('diaphragm', 'Cover off, feel the diaphragm', {
    minutes: 12,
    tools: 'screwdriver',
    needs: { fuelFeed: ['diaphragm'] },
    how: 'It must be soft and flat.',
    signs: `
      diaphragm_hard  Diaphragm stiff or wavy  0.03
    `,
  }),
  check('can', 'Work out the mix in the can', {
    minutes: 2,
    tools: 'measuring glass',
    form: 'mix',
    oneOf: true,
    needs: { oiling: ['premix'] },
    how: 'What went in, or by the glass.',
    signs: `
      can_lean  Can too lean in oil  0.01
      can_rich  Can too rich in oil  0.05
    `,
  }),
  check('injector_oil', 'Oil tank, line and pump mark', {
    minutes: 4,
    tools: 'light',
    needs: { oiling: ['injection'] },
    how: 'Tank full, no air in the line, pump stroke at its mark.',
    signs: `
      oil_line_air    Air in the oil line, or it is cracked  0.01
      oil_stroke_off  Oil pump stroke off its mark           0.01
      oil_tank_dry    Oil tank dry                           0.004
    `,
  }),
  check('shut_off', 'Shut-off at the bowl: does it click?', {
    minutes: 2,
    tools: 'test lamp',
    needs: { fuelFeed: ['float'], classes: ['S4', 'T4'] },
    how: 'Key on and off, a finger on it; then its wire by lamp.',
    signs: `
      shut_off_still  Shut-off does not lift with the key on  0.004
    `,
  }),
  check('mixture', 'Half a turn richer', {
    minutes: 4,
    runs: true,
    tools: 'screwdriver',
    needs: { fuelFeed: ['float', 'vacuum_tap', 'diaphragm', 'pulse'], classes: PETROL },
    before: ['filter'],
    how: 'Count the screw in, set it back, half a turn out: does it take the throttle?',
    caution: 'Outdoors. Blade or chain still.',
    signs: `
      better_richer  Runs better set richer  0.008
    `,
  }),
  check('dry_spin', 'Plug out, dry it, spin it, try again', {
    minutes: 5,
    cranks: true,
    tools: 'plug spanner, rag',
    needs: { classes: PETROL },
    before: ['plug'],
    how: 'Tap shut, throttle open, spun with the plug out, plug dried or new.',
    caution: 'Fuel sprays from the hole: no sparks near.',
    signs: `
      fires_dried  Fires once it was dried  0.006
    `,
  }),
  check('injector_test', 'Injector: spray and drip', {
    minutes: 15,
    tools: 'tester or rail out',
    needs: { fuelFeed: ['injection'] },
    how: 'A fine cone and no drop after; a diesel one on the tester.',
    caution: 'Never a hand in a diesel spray: it goes through the skin.',
    signs: `
      injector_bad  Injector stays shut, drips or sprays a jet  0.005
    `,
  }),
  check('balance', 'Carburettors against each other', {
    minutes: 10,
    runs: true,
    tools: 'vacuum gauges',
    needs: { several: true },
    how: 'Idle and a little above: all alike?',
    caution: 'Outdoors, a fan on it.',
    signs: `
      sync_off  Carburettors out of step  0.01
    `,
  }),
]
