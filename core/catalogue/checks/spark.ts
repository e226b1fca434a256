import { check } from '../write'
import { PETROL } from './classes'

/** Spark, timing and what switches it off. */
export const SPARK = [
  check('spark', 'Spark, with a tester', {
    needs: { classes: PETROL },
    minutes: 3,
    cranks: true,
    tools: 'spark tester',
    oneOf: true,
    how: 'Tester on the lead, body to earth, pull or crank.',
    caution: 'No fuel about. The lead bites.',
    signs: `
      spark_none  No spark              0.004
      spark_weak  Weak or yellow spark  0.03
    `,
  }),
  check('spark_hot', 'Spark again when hot', {
    needs: { classes: PETROL },
    minutes: 15,
    cranks: true,
    tools: 'spark tester',
    runs: true,
    how: 'Run it till it stops, test at once.',
    signs: `
      spark_dies_hot  Spark gone when hot  0.004
    `,
  }),
  check('stop_wire', 'Stop wire off, spark again', {
    needs: { classes: PETROL },
    minutes: 3,
    cranks: true,
    tools: 'spark tester',
    how: 'Part the stop wire at the coil.',
    caution: 'Then only the choke or the fuel tap stops it.',
    signs: `
      spark_back  Spark comes back with the stop wire off  0.002
    `,
  }),
  check('interlock', 'Seat, bail and lever switches', {
    minutes: 4,
    tools: 'meter',
    needs: { classes: ['S4', 'T4', 'D4', 'M4'] },
    how: 'Each switch by meter, worked by hand.',
    signs: `
      switch_open  A safety switch stays open  0.004
    `,
  }),
  check('earth', 'Earth wire and connectors', {
    minutes: 3,
    tools: 'meter',
    how: 'Engine to battery, coil to engine: nothing but a hum on the meter.',
    signs: `
      earth_bad  Earth wire loose, rotten or left off  0.005
    `,
  }),
  check('coil_gap', 'Coil air gap', {
    minutes: 4,
    tools: 'feeler',
    needs: { ignition: ['key', 'taper'] },
    how: 'Feeler between coil and magnet.',
    signs: `
      coil_gap_off  Coil gap wrong or rubbing  0.01
    `,
  }),
  check('key', 'Flywheel off, look at the key', {
    minutes: 12,
    tools: 'puller',
    needs: { ignition: ['key', 'taper'] },
    how: 'Nut off, puller, look at key and keyway.',
    caution: 'Puller, never a hammer on the crank. Magnets pinch.',
    signs: `
      key_sheared  Key sheared or half sheared  0.002
    `,
  }),
  check('timing', 'Timing marks', {
    minutes: 25,
    tools: 'spanners',
    before: ['compression'],
    opens: true,
    needs: { valves: ['overhead_cam'] },
    how: 'Cover off, marks at top dead centre.',
    signs: `
      marks_off    Timing marks a tooth or more out   0.001
      chain_slack  Chain slack, tensioner at its end  0.01
    `,
  }),
  check('fault_lamp', 'Read the fault lamp', {
    minutes: 4,
    tools: 'reader',
    needs: { fuelFeed: ['injection'] },
    how: 'Codes read before anything is unplugged.',
    signs: `
      fault_code  A fault code is stored  0.02
    `,
  }),
  check('plug_swap', 'A known good plug', {
    needs: { classes: PETROL },
    minutes: 3,
    cranks: true,
    tools: 'new plug',
    before: ['plug'],
    how: 'Gap set, in or earthed: does it spark and fire now?',
    caution: 'No fuel about. The lead bites.',
    signs: `
      spark_good_plug  Sparks and fires with a known good plug  0.003
    `,
  }),
  check('coil_meter', 'Coil by meter, or another in its place', {
    needs: { classes: PETROL },
    minutes: 8,
    tools: 'meter, spare coil',
    before: ['stop_wire', 'plug_swap'],
    how: 'Everything parted from it; its two windings, cold and warmed.',
    signs: `
      coil_open  Coil dead by meter, or it sparks with another  0.003
    `,
  }),
  check('points', 'Contact points: faces and gap', {
    minutes: 12,
    tools: 'puller, feeler',
    needs: { ignition: ['key', 'taper'] },
    how: 'Cover or flywheel off, faces by light, gap at its widest.',
    caution: 'Puller, never a hammer on the crank.',
    signs: `
      points_bad  Points burnt, greasy or closed up  0.006
    `,
  }),
  check('level_switch', "Level switch's wire off, spark again", {
    needs: { classes: ['S4'], sump: true },
    minutes: 3,
    cranks: true,
    tools: 'spark tester',
    before: ['oil_level', 'spark'],
    how: 'Oil at its mark, stood level, then its wire off at the engine.',
    caution: 'It goes back on: it saves the engine.',
    signs: `
      spark_back_level  Spark comes back with the level switch off  0.003
    `,
  }),
  check('leads', 'Plug leads against the firing order', {
    minutes: 2,
    tools: 'none',
    needs: { several: true, classes: ['S4', 'M4', 'T4', 'V2'] },
    how: 'Follow each lead from coil to cylinder.',
    signs: `
      leads_swapped  Leads on the wrong cylinders  0.003
    `,
  }),
  check('cylinder_off', 'One lead off at a time', {
    minutes: 3,
    runs: true,
    tools: 'insulated pliers',
    needs: { several: true, classes: ['S4', 'M4', 'T4', 'V2'] },
    how: 'Idle: which one makes no difference when it is off?',
    caution: 'Earthed at once: the lead bites, and a coil dies of an open one.',
    signs: `
      one_idle  One cylinder adds nothing  0.01
    `,
  }),
  check('glow', 'Glow plugs by current', {
    needs: { classes: ['D4'] },
    minutes: 4,
    tools: 'clamp meter',
    how: 'Key to heat: amperes into each, or each by meter with its wire off.',
    signs: `
      glow_dead  No current through a glow plug  0.004
    `,
  }),
]
