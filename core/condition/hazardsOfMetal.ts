import type { HazardRow } from './hazardRow'
import { RUNNING, inAnyOrder, mended, measured, looked, answered } from './hazardSteps'

/** What metal forbids: what was shed, what is loose, bent or broken. */
export const METAL_HAZARDS = {
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
  passages_unseen: {
    title: "Don't close it up: passages not seen through",
    of: 'oilway',
    forbids: ['run', 'build'],
    ends: [[looked('clear', 'passages seen through, after they were cleaned', 'oilway')]],
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
  crank_bent: {
    title: "Don't crank it",
    of: 'crank',
    forbids: RUNNING,
    ends: [[mended(), measured('runout', 'run-out measured good after it')]],
    signable: 'no',
  },
  rod_bent: {
    title: "Don't crank it",
    of: 'rod',
    forbids: RUNNING,
    ends: [[mended(), measured('play', 'play measured good after it')]],
    signable: 'no',
  },
  shaft_bent: {
    title: "Don't crank it",
    of: 'crank',
    forbids: RUNNING,
    ends: [[mended(), measured('same', 'that run-out measured good after it')]],
    signable: 'no',
  },
  blade_bent: {
    title: "Don't crank it",
    of: 'blade',
    forbids: RUNNING,
    ends: [[mended(), measured('same', 'its tips measured in one plane after it')]],
    signable: 'no',
  },
  mount: {
    title: "Don't crank it",
    of: 'blade',
    forbids: RUNNING,
    ends: [
      [
        { words: 'renewed, or tightened by its figure', did: ['renewed', 'repaired', 'set'], of: 'same' },
        looked('mount', 'tried by hand and by spanner: tight'),
      ],
    ],
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
    ends: [[mended('another size, or made larger'), measured('same', 'measured inside')]],
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
      [
        { words: 'set or repaired', did: ['set', 'repaired', 'renewed'], of: 'same' },
        looked('moves', 'marks of the whole valve drive right', 'valve_drive'),
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
    ends: inAnyOrder([
      looked('key', 'key looked at', 'key'),
      looked('runout', 'crank run-out looked at', 'crank'),
      looked('mount', 'blade mount looked at', 'blade'),
    ]),
    signable: 'no',
  },
} as const satisfies Record<string, HazardRow>
