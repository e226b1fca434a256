import { check } from '../write'
import { PETROL } from './classes'

/** The first ten minutes: what the owner says, and what can be seen, smelt and turned from outside. */
export const FIRST = [
  check('story', 'Ask the owner', {
    minutes: 2,
    tools: 'none',
    form: 'claim',
    how: 'What it does, since when, and what happened just before. An answer is a claim until it was checked.',
    signs: `
      says_wont_turn   Owner says: won't turn                    0.02
      says_wont_start  Owner says: won't start                   0.05
      says_dies        Owner says: starts and dies               0.04
      says_no_power    Owner says: no power                      0.05
      says_smoke       Owner says: smokes                        0.04
      says_noise       Owner says: knocks or rattles             0.04
      says_leak        Owner says: leaks                         0.04
      says_uses_oil    Owner says: uses oil                      0.03
      says_oil_rises   Owner says: oil level rises               0.01
      says_hot         Owner says: runs hot                      0.02
      says_clutch      Owner says: clutch or gears               0.02
      stood_long       It stood for months                       0.15
      was_tipped       It was tipped or carried lying            0.06
      was_hit          It hit something just before              0.03
      was_serviced     It began right after a service or repair  0.05
      was_topped       Oil was topped up just before             0.06
      ran_low          It ran low on oil                         0.04
      stopped_dead     It stopped dead while running             0.04
      slow_loss        It got weaker over months                 0.1
      bang_heard       There was a bang                          0.01
      hot_only         Only when hot                             0.05
      surges           Surges up and down                        0.03
      kicks_back       Kicks back at the rope                    0.01
      cuts_out_wet     Stops in wet grass or rain                0.02
      vibrates         Shakes more than it did                   0.04
    `,
  }),
  check('oil_level', 'Read the oil level', {
    minutes: 1,
    tools: 'rag',
    form: 'oil',
    oneOf: true,
    needs: { sump: true },
    how: 'Machine level, stick wiped, as this engine wants it read.',
    signs: `
      oil_high  Oil over the full mark  0.03
      oil_low   Oil under the low mark  0.06
      oil_dry   Nothing on the stick    0.015
    `,
  }),
  check('oil_smell', 'Smell the oil', {
    minutes: 1,
    tools: 'none',
    oneOf: true,
    needs: { sump: true },
    how: 'Wipe the stick on a rag and smell it before a high level is called an overfill.',
    signs: `
      oil_petrol  Oil smells of petrol  0.02
      oil_burnt   Oil smells burnt      0.04
      oil_sweet   Oil smells sweet      0.003
      over_plain  Over the mark, and smells of oil only  0.015
    `,
  }),
  check('oil_look', 'Look at the oil', {
    minutes: 1,
    tools: 'white rag, light',
    form: 'oil',
    needs: { sump: true },
    how: 'Colour, thickness and glitter on a white rag in daylight.',
    signs: `
      oil_treacle  Black as treacle      0.03
      oil_milky    Milky                 0.01
      oil_metal    Metal glitters in it  0.02
      oil_thin     Thin as water         0.02
    `,
  }),
  check('turn', 'Turn it by hand', {
    turns: true,
    minutes: 1,
    tools: 'hand on rope, kick or flywheel',
    form: 'turn_over',
    oneOf: true,
    how: 'Slowly, two turns.',
    caution: 'Plug lead off, blade and belt free, before a hand goes near.',
    signs: `
      turns_locked  Locked                      0.005
      turns_free    Spins free, no bump at all  0.005
      turns_tight   Tight spot once a turn      0.01
      turns_weak    Weak bump                   0.08
      turns_hard    Stops hard at compression   0.008
    `,
  }),
  check('plug_out_turn', 'Plug out, turn by hand', {
    minutes: 3,
    tools: 'plug spanner, rags',
    form: 'lock_step',
    how: 'Rag over the hole, turn slowly. Even when there is no oil.',
    caution: 'Fuel may spray: no sparks, no switch.',
    signs: `
      liquid_fuel    Fuel comes out of the plug hole   0.003
      liquid_oil     Oil comes out of the plug hole    0.003
      liquid_water   Water comes out of the plug hole  0.001
      free_plug_out  Free with the plug out            0.01
    `,
  }),
  check('drive_off', 'Belt, blade or chain off, turn again', {
    minutes: 5,
    tools: 'spanners, block of wood',
    form: 'lock_step',
    how: 'Part the engine from what it drives and try again.',
    caution: 'Block the blade. Gloves.',
    signs: `
      free_drive_off  Free with the drive off  0.005
    `,
  }),
  check('brake_off', 'Hold the brake off', {
    minutes: 2,
    tools: 'none',
    form: 'lock_step',
    how: 'Bail or pedal held, turn again.',
    signs: `
      free_brake_off  Free with the brake held off  0.003
    `,
  }),
  check('starter_off', 'Starter cover off, wiggle the gear', {
    minutes: 8,
    tools: 'screwdriver',
    form: 'lock_step',
    how: 'Battery earth off. See whether the gear is stuck in the ring.',
    caution: 'Recoil springs hold energy.',
    signs: `
      starter_in_ring  Starter gear stuck in the ring  0.003
    `,
  }),
  check('piston_moves', 'Watch the piston through the plug hole', {
    minutes: 3,
    tools: 'light, drinking straw',
    how: 'Straw in the hole, turn slowly: it must rise and fall.',
    signs: `
      piston_still  Piston does not move         0.002
      crown_hole    Hole or crater in the crown  0.002
      bore_marks    Deep marks on the bore wall  0.02
      carbon_crown  Thick carbon on the crown    0.04
      rust_bore     Rust on the bore wall        0.01
    `,
  }),
  check('plug', 'Read the plug', {
    needs: { classes: PETROL },
    minutes: 3,
    tools: 'plug spanner',
    form: 'plug',
    oneOf: true,
    how: 'Look at the tip before it is wiped.',
    caution: 'Lead off, dirt blown away first.',
    signs: `
      plug_pale   Plug dry and pale   0.06
      plug_sooty  Plug sooty          0.08
      plug_fuel   Plug wet with fuel  0.05
      plug_oily   Plug wet with oil   0.03
      plug_new    Plug new            0.1
    `,
  }),
  check('plug_seat', "Try the plug's seat", {
    minutes: 1,
    tools: 'plug spanner',
    how: 'Is it tight, is the thread sound, is there soot around it?',
    signs: `
      plug_loose  Plug loose or thread stripped  0.004
    `,
  }),
  check('filter', 'Look at the air filter', {
    minutes: 2,
    tools: 'none',
    form: 'air_filter',
    oneOf: true,
    how: 'Out, against the light, and into its box.',
    signs: `
      filter_choked  Air filter choked           0.05
      filter_oily    Air filter soaked with oil  0.03
      filter_torn    Air filter torn or missing  0.03
      filter_wet     Air filter soaked with water  0.008
    `,
  }),
  check('breather', 'Look at the breather', {
    minutes: 2,
    tools: 'none',
    form: 'air_filter',
    oneOf: true,
    needs: { cycle: 'four' },
    how: 'Hose off, look and blow.',
    signs: `
      breather_oily     Oil in the breather  0.05
      breather_blocked  Breather blocked     0.01
    `,
  }),
  check('throat', 'Throat and muffler: has oil run in?', {
    minutes: 3,
    tools: 'rag, light',
    needs: { sump: true },
    how: 'Filter off, a rag into the throat; look under the muffler.',
    signs: `
      oil_in_throat  Oil has run into throat or muffler  0.01
    `,
  }),
  check('outside', 'Look at it from outside', {
    minutes: 2,
    tools: 'light',
    form: 'clues',
    how: 'Blade, shaft, bolts, paint, tread, underside.',
    signs: `
      blow_outside  Blow to blade, shaft or case  0.03
      rust_outside  Rust, stood wet               0.06
      burnt_paint   Burnt paint                   0.01
      fins_packed   Cooling fins packed           0.05
      bolts_loose   Bolts loose                   0.04
      sealant_seen  Sealant squeezed out          0.05
    `,
  }),
  check('smoke', 'Watch the smoke', {
    minutes: 5,
    tools: 'none',
    form: 'smoke',
    runs: true,
    oneOf: true,
    how: 'Cold start, warm, throttle open and shut.',
    caution: 'Outdoors: exhaust gas kills.',
    signs: `
      smoke_blue     Blue or grey all the time  0.02
      smoke_white    White all the time         0.02
      smoke_start    A puff at the start only   0.03
      smoke_overrun  When the throttle shuts    0.01
      smoke_black    Black                      0.03
      smoke_sweet    White and sweet            0.003
    `,
  }),
  check('leaks', 'Map the leaks', {
    minutes: 5,
    tools: 'rag, light',
    form: 'leaks',
    runs: true,
    how: 'Clean, run, look again: where it starts is the leak.',
    signs: `
      wet_sump         Sump joint wet                   0.01
      wet_top_seal     Wet behind the flywheel          0.01
      wet_bottom_seal  Wet at the shaft                 0.015
      wet_cover        Valve cover wet                  0.03
      wet_head         Head joint wet                   0.01
      wet_base         Cylinder base wet                0.01
      wet_fuel         Fuel wet at carburettor or line  0.01
      wet_drain        Drain plug or filter joint wet   0.008
    `,
  }),
  check('joint_bolts', "A spanner on the joint's bolts", {
    minutes: 3,
    tools: 'spanner',
    needs: { sump: true },
    before: ['leaks'],
    how: 'Each in turn, to its torque: loose ones, or tight and wet all the same?',
    signs: `
      joint_tight_wet  Wet at a joint with its bolts tight  0.005
    `,
  }),
  check('cap', 'Look under the filler cap', {
    minutes: 1,
    tools: 'light',
    needs: { sump: true },
    how: 'Milk under the cap alone, and clean oil on the stick, is water that condensed.',
    signs: `
      milk_under_cap  Milk under the cap, the oil below it clean  0.01
    `,
  }),
  check('oil_bottle', 'Which oil is in it? Read the bottle', {
    minutes: 1,
    tools: 'none',
    form: 'oil_kind',
    needs: { sump: true },
    how: 'Grade and ratings against wet clutch and followers.',
    signs: `
      oil_kind_wrong  The oil in it is the wrong kind  0.01
    `,
  }),
  check('by_book', 'Start it by the book', {
    minutes: 5,
    cranks: true,
    tools: "maker's card",
    how: 'Fresh fuel, tap, switch, choke, throttle: as it is written, once, with the owner watching.',
    caution: 'Outdoors, blade or belt free.',
    signs: `
      as_described  Starts and runs as its maker describes  0.004
    `,
  }),
  check('coolant', 'Coolant level and look', {
    minutes: 2,
    tools: 'light',
    needs: { cooling: 'liquid' },
    how: 'Cold, cap off slowly.',
    caution: 'Never hot: it scalds.',
    signs: `
      coolant_low   Coolant low         0.04
      coolant_oily  Oil in the coolant  0.003
    `,
  }),
  check('fins', 'Shroud off, look at the fins', {
    minutes: 10,
    tools: 'spanner',
    needs: { cooling: 'air' },
    how: 'Grass, nests, oil cake.',
    signs: `
      fins_blocked  Fins blocked under the shroud  0.02
    `,
  }),
]
