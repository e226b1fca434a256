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
]
