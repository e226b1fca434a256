import { FOUND_TIGHT } from '#core/words/looks'
import { HOT_METHODS, STUCK_METHODS } from '#core/words/opened'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'open_up',
  tab: { label: 'Fasteners', at: 4 },
  log: 'Log the fasteners',
  how: null,
  counts: true,
  intro: 'A line for each cover or joint. Corrected with what went back, the counts must come out even.',
  caution: "Heat and penetrating oil don't go together. Fuel away, eyes covered.",
  fields: [
    { type: 'text', key: 'cover', label: 'Cover or joint' },
    {
      type: 'text',
      key: 'what',
      label: 'Size, length or shoulder, and where each sits',
      hint: 'Two M6 × 45 at the front, four M6 × 30; the shouldered one by the tensioner.',
    },
    { type: 'text', key: 'tool', label: 'Tool' },
    { type: 'figure', key: 'out', label: 'Came out' },
    { type: 'figure', key: 'back', label: 'Went back', hint: 'Empty until it goes together.' },
    { type: 'many', key: 'stuck', label: 'Stuck: what was tried, in order', options: STUCK_METHODS },
    {
      type: 'switch',
      key: 'fireAway',
      label: 'Before heat or sparks: tank away, fuel shut, rags out',
      when: d => (d.stuck as string[]).some(m => (HOT_METHODS as readonly string[]).includes(m)),
    },
    {
      type: 'rows',
      key: 'found',
      label: 'As each was when it was undone',
      add: 'A bolt, as it was found',
      columns: [
        { key: 'where', label: 'Which one' },
        { key: 'state', label: 'It was', options: FOUND_TIGHT, start: 'tight' },
        { key: 'torque', label: 'Came loose at', figure: true, units: ['N.m', 'in.lbf', 'ft.lbf', 'kgf.cm'] },
      ],
    },
    {
      type: 'figure',
      key: 'usualMinutes',
      label: 'Usually takes',
      suffix: 'min',
      when: d => (d.stuck as string[]).length > 0,
    },
    { type: 'figure', key: 'minutes', label: 'It took', suffix: 'min', when: d => (d.stuck as string[]).length > 0 },
    { type: 'text', key: 'broke', label: 'What broke', when: d => (d.stuck as string[]).length > 0 },
  ],
} satisfies FindingPlan
