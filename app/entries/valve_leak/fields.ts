import { LEAK_SEEN, MEASURED_WHEN, VALVE_NAMES } from '#core/words/opened'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'measure',
  tab: { label: 'Valve leak test', at: 3, when: ({ facts }) => facts.cycle !== 'two' },
  log: 'Log the leak test',
  how: 'by_eye',
  counts: true,
  intro:
    'Head level, valve under its spring, solvent in the port, one minute by the clock. As found first; again after each change.',
  caution: 'Solvent burns and its vapour harms: aired, no spark, gloves.',
  fields: [
    { type: 'chips', key: 'valve', label: 'Valve', options: VALVE_NAMES },
    { type: 'chips', key: 'when', label: 'When', options: MEASURED_WHEN, start: 'as_found', needed: true },
    { type: 'chips', key: 'look', label: 'Seen', options: LEAK_SEEN },
    { type: 'figure', key: 'dropsPerMin', label: 'Drops a minute', when: d => d.look === 'drops' },
    { type: 'text', key: 'place', label: 'Cylinder' },
    note,
  ],
} satisfies FindingPlan
