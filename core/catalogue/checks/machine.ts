import { check } from '../write'

/** What it drives, and what is seen with it opened. */
export const MACHINE = [
  check('drive_tight', 'Blade, pulley and flywheel tight?', {
    minutes: 3,
    tools: 'spanner',
    how: 'By hand, then by spanner.',
    caution: 'Lead off, blade blocked.',
    signs: `
      drive_loose  Blade, pulley or flywheel loose  0.01
      belt_bad     Belt glazed, cracked or off      0.03
    `,
  }),
  check('governor', 'Governor spring and linkage', {
    minutes: 3,
    tools: 'light',
    needs: { governor: true },
    how: 'Throttle springs back, arm free, nothing rubs.',
    signs: `
      linkage_off  Spring or link off, bent or sticky  0.015
    `,
  }),
  check('starter', 'One click, or none?', {
    minutes: 2,
    cranks: true,
    tools: 'test lamp',
    oneOf: true,
    needs: { classes: ['S4', 'M4', 'T4', 'D4', 'V2'] },
    how: 'Lamp at the starter, key over.',
    signs: `
      click_lamp   One click, lamp lights  0.01
      no_click     No click, no lamp       0.01
      battery_low  Battery under 12.2 V    0.04
    `,
  }),
  check('clutch_play', 'Clutch lever and cable', {
    minutes: 2,
    tools: 'none',
    needs: { clutch: true },
    how: 'Free play, and drag in gear.',
    signs: `
      no_free_play  No free play at the lever       0.02
      creeps        Creeps with the lever pulled    0.02
      slips         Engine races, machine does not  0.01
    `,
  }),
  check('clutch_open', 'Clutch cover off', {
    minutes: 45,
    tools: 'spanners, gasket',
    before: ['clutch_play'],
    opens: true,
    needs: { clutch: true },
    how: 'Plates by micrometer, springs by length, basket by nail.',
    signs: `
      plates_thin     Plates thin or blue  0.01
      basket_grooved  Basket grooved       0.01
    `,
  }),
  check('head_off', 'Head off', {
    minutes: 70,
    tools: 'torque wrench, gasket',
    before: ['compression', 'lash'],
    opens: true,
    how: 'Gasket track, seats, bore, crown.',
    caution: 'Eye protection at stuck bolts.',
    signs: `
      gasket_track      Dark track across the gasket  0.003
      valve_burnt_seen  Valve burnt at its edge       0.004
      bore_scored_seen  Bore scored                   0.01
      rings_loose_seen  Wide ring gap or stuck rings  0.02
      bore_over         Bore or rings past their size  0.01
      head_warped       Head warped, cracked or burnt through  0.006
      guide_loose       A valve is loose in its guide  0.01
    `,
  }),
  check('sump_off', 'Sump or case open', {
    minutes: 90,
    tools: 'spanners, gaskets',
    before: ['oil_look', 'turn'],
    opens: true,
    how: 'Rod, pin, cam, pump, strainer, jet.',
    caution: 'Lift with help.',
    signs: `
      rod_damaged            Rod or pin damaged       0.004
      cam_worn_seen          Cam or follower worn     0.008
      strainer_blocked_seen  Strainer or jet blocked  0.006
      pump_worn_seen         Oil pump worn            0.006
      governor_broken_seen   Governor broken          0.002
      rod_welded             Rod fast on its pin      0.001
      teeth_chipped          Gear teeth chipped       0.003
      sludge_seen            Sludge lies in it        0.02
    `,
  }),
  check('piston_out', 'Piston out', {
    minutes: 60,
    tools: 'circlip pliers, gaskets',
    before: ['compression'],
    opens: true,
    how: 'Rings by hand in their grooves, skirt by light, pin.',
    caution: 'Eye protection: circlips fly.',
    signs: `
      ring_fast        Ring fast in its groove        0.01
      skirt_picked_up  Skirt picked up, metal smeared  0.006
    `,
  }),
  check('recoil', 'Does the rope take the shaft along?', {
    minutes: 2,
    tools: 'none',
    needs: { classes: ['H2', 'S4', 'V2'] },
    how: 'Slowly: pawls out, drum turns, rope comes back?',
    caution: 'The spring holds energy when it is opened.',
    signs: `
      recoil_slips  Rope slips, hangs or turns nothing  0.005
    `,
  }),
  check('charging', 'Volts while it runs', {
    minutes: 4,
    runs: true,
    tools: 'meter',
    needs: { classes: ['S4', 'M4', 'T4', 'D4', 'V2'] },
    before: ['starter'],
    how: 'Over the battery, still, then at speed with the lamps on.',
    signs: `
      charge_none  Volts do not rise when it runs  0.006
    `,
  }),
  check('starter_volts', 'Volts at the starter while it is cranked', {
    minutes: 4,
    cranks: true,
    tools: 'meter',
    needs: { classes: ['S4', 'M4', 'T4', 'D4', 'V2'] },
    before: ['starter'],
    how: 'Meter on its own post and body, key over: full volts, and it hardly turns?',
    caution: 'Blade and belt free, plug lead to earth.',
    signs: `
      starter_drags  Full volts at the starter, and it hardly turns  0.004
    `,
  }),
  check('seal_lip', 'The seal by its lip', {
    minutes: 15,
    tools: 'spanners, light',
    how: 'Blade or pulley off: lip soft and whole, shaft smooth where it runs?',
    caution: 'Lead off, blade blocked.',
    signs: `
      seal_worn  Lip hard, cut or worn, or a groove in the shaft  0.006
    `,
  }),
]
