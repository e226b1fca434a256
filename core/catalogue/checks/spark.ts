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
]
