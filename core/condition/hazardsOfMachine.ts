import type { HazardRow } from './hazardRow'
import { RUNNING, measured, looked, answered } from './hazardSteps'

/** What the rest of the machine forbids. */
export const MACHINE_HAZARDS = {
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
  life_over: {
    title: "Don't hand it over past its hours",
    of: 'oil',
    forbids: ['hand_back'],
    ends: [[{ words: 'changed', did: ['filled'], of: 'same' }]],
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
