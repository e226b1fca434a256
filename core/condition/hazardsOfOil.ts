import type { HazardRow } from './hazardRow'
import { mended, measured, looked, answered, DRAINED, FILLED } from './hazardSteps'

/** What fluids forbid: oil, fuel, what lies in the cylinder. */
export const OIL_HAZARDS = {
  locked_plug_in: {
    title: "Don't crank it",
    of: 'engine',
    forbids: ['turn', 'crank'],
    ends: [
      [looked('liquid', 'plug out, turned by hand, dry', 'cylinder')],
      [looked('turns', 'turned by hand, plug out', 'engine')],
    ],
    signable: 'no',
  },
  wet_test_oil: {
    title: "Don't turn it with the plug in",
    of: 'engine',
    forbids: ['turn', 'crank'],
    ends: [[looked('turns', 'plug out and spun until nothing more comes', 'engine')]],
    signable: 'no',
  },
  cylinder_full: {
    title: "Don't spark or crank it",
    of: 'engine',
    forbids: ['crank', 'run', 'refill'],
    ends: [
      [
        looked('turns', 'turned by hand, plug out and dry', 'engine'),
        { words: 'the way that it came cured', did: ['repaired', 'renewed', 'drained', 'explained'], of: 'fuel_path' },
      ],
      [
        { words: 'the way that it came cured', did: ['repaired', 'renewed', 'drained', 'explained'], of: 'fuel_path' },
        looked('turns', 'turned by hand, plug out and dry', 'engine'),
      ],
      [looked('turns', 'turned by hand, plug out and dry', 'engine'), looked('level', 'the level put right', 'oil')],
      [looked('turns', 'turned by hand, plug out and dry', 'engine'), DRAINED],
      [answered('the way that it came cured'), looked('turns', 'turned by hand, plug out and dry', 'engine')],
      [looked('turns', 'turned by hand, plug out and dry', 'engine'), answered('the way that it came cured')],
    ],
    signable: 'no',
  },
  oil_low: {
    title: "Don't start it",
    of: 'oil',
    forbids: ['run'],
    ends: [
      [
        { words: 'said where it went', did: ['explained'], of: 'oil', atOnce: true },
        looked('level', 'read at or over the low mark', 'oil'),
      ],
      [
        looked('level', 'read at or over the low mark', 'oil'),
        { words: 'said where it went', did: ['explained'], of: 'oil' },
      ],
    ],
    signable: 'yes',
  },
  oil_over: {
    title: "Don't turn it with the plug in",
    of: 'oil',
    forbids: ['turn', 'crank', 'run', 'tip'],
    ends: [
      [looked('level', 'level read inside the marks', 'oil')],
      [{ ...DRAINED, atOnce: true, lifts: ['tip'] }, FILLED, looked('level', 'level read inside the marks', 'oil')],
    ],
    signable: 'yes',
  },
  oil_fuel: {
    instead: ['oil_over'],
    title: "Don't start it, don't refill yet",
    of: 'oil',
    titleLater: "Don't hand it over yet",
    forbids: ['turn', 'crank', 'run', 'tip', 'refill'],
    ends: [
      [
        { ...DRAINED, atOnce: true },
        { words: 'the way of the fuel cured', did: ['repaired', 'renewed'], of: 'fuel_path', again: 'dry' },
        { ...looked('dry', 'stood dry, fuel on, long enough', 'fuel_path'), lifts: ['refill', 'tip', 'turn'] },
        { ...FILLED, lifts: ['crank'] },
        looked('smell', 'smelt again after a short run: plain', 'oil'),
      ],
      [
        { ...DRAINED, atOnce: true },
        { words: 'rings or bore mended', did: ['repaired', 'renewed'], of: 'blow_by' },
        {
          ...looked('compression', 'compression or leak-down good after the work', 'engine'),
          lifts: ['refill', 'tip', 'turn'],
        },
        { ...FILLED, lifts: ['crank'] },
        looked('smell', 'smelt again after a short run: plain', 'oil'),
      ],
    ],
    signable: 'no',
  },
  oil_milky: {
    title: "Don't run it",
    of: 'oil',
    forbids: ['run'],
    ends: [
      [answered('where the water came from found and cured'), DRAINED, FILLED],
      [{ words: 'where the water came from found', did: ['explained'], of: 'water' }, DRAINED, FILLED],
    ],
    signable: 'no',
  },
  oil_ruined: {
    title: "Don't run it on this oil",
    of: 'oil',
    forbids: ['run'],
    ends: [
      [{ ...DRAINED, atOnce: true }, looked('clear', 'passages seen through', 'oilway'), FILLED],
      [{ ...DRAINED, atOnce: true }, FILLED, looked('clear', 'passages seen through', 'oilway')],
    ],
    signable: 'yes',
  },
  wrong_fluid: {
    title: "Don't run it on this",
    of: 'oil',
    forbids: ['run'],
    ends: [[DRAINED, { words: 'flushed as its kind asks', did: ['cleaned'], of: 'oilway' }, FILLED]],
    signable: 'no',
  },
  oil_unsuitable: {
    title: "Don't run it on this oil",
    of: 'oil',
    forbids: ['run'],
    ends: [[DRAINED, FILLED]],
    signable: 'yes',
  },
  oil_tap: {
    title: "Don't run it with a tap in the oil line",
    of: 'mod:oil_tap',
    forbids: ['run'],
    ends: [[{ words: 'taken out again', did: ['repaired'], of: 'same' }]],
    signable: 'yes',
  },
  passage_blocked: {
    title: "Don't run it, don't close it up",
    forbids: ['run', 'build'],
    ends: [
      [
        { words: 'cleaned', did: ['cleaned', 'renewed', 'repaired'], of: 'same' },
        looked('clear', 'seen through, or its flow measured'),
      ],
    ],
    signable: 'no',
  },
  pump_weak: {
    title: "Don't run it",
    of: 'pump',
    forbids: ['run'],
    ends: [[mended(), measured('flow', 'flow or pressure measured good')]],
    signable: 'no',
  },
  mix_lean: {
    title: "Don't run it on this can",
    of: 'fuel',
    forbids: ['run'],
    ends: [[looked('mix', "a can at the maker's ratio or richer", 'fuel')]],
    signable: 'no',
  },
  injection_dry: {
    title: "Don't run it",
    of: 'injector_pump',
    forbids: ['run'],
    ends: [[mended('bled or mended'), looked('delivery', 'line seen full, delivery measured')]],
    signable: 'no',
  },
  ran_short: {
    title: "Don't work it yet",
    of: 'cylinder',
    forbids: ['load'],
    ends: [[looked('sound', 'piston and bore seen', 'cylinder')], [looked('size', 'bore measured', 'cylinder')]],
    signable: 'yes',
  },
} as const satisfies Record<string, HazardRow>
