import type { Act, DeedKind, Strength, Subject } from '../log/facts'

/** One step of the way out of a danger: something done, or something seen to be good, after the step before it. */
export interface Step {
  words: string
  /** a deed of one of these kinds */
  did?: readonly DeedKind[]
  /** or a fact of this property, good */
  good?: string
  /** at least known so well */
  strength?: Strength
  /** of the hazard's own subject, of another one, or of whatever answers it */
  of: Subject | 'same' | 'answers'
  /** what may be done again once this step is taken */
  lifts?: readonly Act[]
  /** said with the finding itself it counts as well */
  atOnce?: true
}

export interface HazardRow {
  title: string
  /** what it usually is about: then its name alone says it */
  of?: Subject
  /** once only these acts are left */
  titleLater?: string
  forbids: readonly Act[]
  /** any one of these, each in its order */
  ends: readonly (readonly Step[])[]
  /** `yes`: a named adult may take it on, never for a child's machine; `trial`: a short trial by the shop at most */
  signable: 'yes' | 'no' | 'trial'
}

const RUNNING = ['crank', 'run'] as const
const mended = (words = 'repaired or renewed'): Step => ({ words, did: ['renewed', 'repaired'], of: 'same' })
const measured = (good: string, words = 'measured good after it'): Step => ({
  words,
  good,
  strength: 'measured',
  of: 'same',
})
const looked = (good: string, words: string, of: Step['of'] = 'same'): Step => ({ words, good, of })
const answered = (words: string): Step => ({ words, did: ['renewed', 'repaired', 'cleaned', 'set'], of: 'answers' })

const DRAINED: Step = { words: 'drained', did: ['drained'], of: 'oil' }
const FILLED: Step = { words: 'filled with the right oil', did: ['filled'], of: 'oil' }

/** What must not be done, until when, and who may answer for it: every row of the trade. Naming a cause ends none of them. */
export const HAZARDS = {
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
    title: "Don't start it, don't refill yet",
    of: 'oil',
    titleLater: "Don't hand it over yet",
    forbids: ['turn', 'crank', 'run', 'tip', 'refill'],
    ends: [
      [
        { ...DRAINED, atOnce: true },
        { words: 'the way of the fuel cured', did: ['repaired', 'renewed'], of: 'fuel_path' },
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
  debris_hard: {
    title: "Don't run it",
    forbids: ['run'],
    ends: [[answered('its source found and mended'), looked('debris', 'the same place clean after the set time')]],
    signable: 'trial',
  },
  debris: {
    title: "Don't run it",
    forbids: ['run'],
    ends: [[looked('debris', 'the same place read again in its band')], [answered('its source found and mended')]],
    signable: 'yes',
  },
  debris_clean_side: {
    title: "Don't run it",
    forbids: ['run'],
    ends: [[looked('clear', 'passages behind it seen through', 'oilway')]],
    signable: 'no',
  },
  fragment: {
    title: "Don't close it up, don't crank it",
    forbids: ['build', ...RUNNING],
    ends: [[{ words: 'found, or every place it could lie looked at and signed', did: ['explained'], of: 'same' }]],
    signable: 'yes',
  },
  knock: {
    title: "Don't run it",
    of: 'rod',
    forbids: ['run'],
    ends: [
      [mended('rod or crank repaired or renewed'), measured('play', 'play measured good after it')],
      [answered('what knocked mended'), looked('knock', 'listened to again, and not there')],
    ],
    signable: 'trial',
  },
  crank: {
    title: "Don't crank it",
    of: 'crank',
    forbids: RUNNING,
    ends: [[mended(), measured('size')]],
    signable: 'no',
  },
  rod_broken: {
    title: "Don't turn it",
    of: 'rod',
    forbids: ['turn', 'crank'],
    ends: [[mended(), measured('play', 'measured')]],
    signable: 'no',
  },
  piston_broken: {
    title: "Don't crank it",
    of: 'piston',
    forbids: RUNNING,
    ends: [[{ words: 'renewed', did: ['renewed'], of: 'same' }, measured('fit', 'clearance measured')]],
    signable: 'no',
  },
  piston_slap: {
    title: "Don't run it",
    of: 'piston',
    forbids: ['run'],
    ends: [
      [
        { words: 'piston renewed or bore cut', did: ['renewed', 'repaired'], of: 'same' },
        measured('fit', 'clearance measured inside'),
      ],
    ],
    signable: 'trial',
  },
  no_fit: {
    title: "Don't put it together",
    forbids: ['build'],
    ends: [[mended('another size, or made larger'), measured('fit', 'measured inside')]],
    signable: 'no',
  },
  valve_timing: {
    title: "Don't crank it",
    forbids: ['crank'],
    ends: [
      [
        { words: 'set or repaired', did: ['set', 'repaired', 'renewed'], of: 'same' },
        looked('moves', 'turned twice by hand, marks right'),
      ],
    ],
    signable: 'no',
  },
  guide: {
    title: "Don't run it",
    forbids: ['run'],
    ends: [[mended(), measured('size')]],
    signable: 'no',
  },
  flywheel: {
    title: "Don't crank it",
    of: 'key',
    forbids: RUNNING,
    ends: [
      [{ words: 'renewed, or taper and key seen sound and torqued', did: ['renewed', 'repaired', 'set'], of: 'same' }],
    ],
    signable: 'no',
  },
  hit: {
    title: "Don't crank it",
    of: 'crank',
    forbids: RUNNING,
    ends: [
      [
        looked('key', 'key looked at', 'key'),
        looked('runout', 'crank run-out looked at', 'crank'),
        looked('mount', 'blade mount looked at', 'blade'),
      ],
    ],
    signable: 'no',
  },
  cooling: {
    title: "Don't run it",
    forbids: ['run'],
    ends: [
      [
        { words: 'filled or cleaned', did: ['filled', 'cleaned', 'repaired', 'renewed'], of: 'same' },
        looked('flow', 'flow seen'),
      ],
    ],
    signable: 'no',
  },
  fuel_leak: {
    title: "Don't crank it",
    forbids: RUNNING,
    ends: [
      [
        { words: 'mended', did: ['renewed', 'repaired', 'set'], of: 'same' },
        looked('tight', 'tight after standing under fuel'),
      ],
    ],
    signable: 'no',
  },
  safety_device: {
    title: "Don't hand it back like this",
    forbids: ['run', 'hand_back'],
    ends: [[{ words: 'put right', did: ['repaired', 'renewed'], of: 'same' }]],
    signable: 'trial',
  },
  controls: {
    title: "Don't run it",
    forbids: ['run', 'hand_back'],
    ends: [
      [{ words: 'mended', did: ['repaired', 'renewed', 'set'], of: 'same' }, looked('works', 'tried')],
      [looked('works', 'tried and found to work')],
    ],
    signable: 'no',
  },
  governor: {
    title: "Don't run it",
    of: 'governor',
    forbids: ['run'],
    ends: [
      [
        { words: 'set by the book', did: ['set', 'repaired', 'renewed'], of: 'same' },
        measured('speed', 'top speed read'),
      ],
    ],
    signable: 'no',
  },
  filter_off: {
    title: "Don't work it without its filter",
    of: 'air_filter',
    forbids: ['load', 'hand_back'],
    ends: [[looked('filter', 'back on, and named clean', 'air_filter')]],
    signable: 'yes',
  },
  fastener: {
    title: "Don't crank it",
    forbids: RUNNING,
    ends: [[{ words: 'all back, by the plan', did: ['set', 'renewed'], of: 'same' }]],
    signable: 'no',
  },
  batch: {
    title: "Don't fit it",
    forbids: ['fit'],
    ends: [[{ words: 'cleared, with why', did: ['explained'], of: 'same' }]],
    signable: 'no',
  },
  ran_away: {
    title: "Don't run it",
    forbids: ['run'],
    ends: [[answered('its cause found and mended')]],
    signable: 'no',
  },
} as const satisfies Record<string, HazardRow>

export type HazardKey = keyof typeof HAZARDS
export const HAZARD_ROWS: Record<string, HazardRow> = HAZARDS
