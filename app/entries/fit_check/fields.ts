import { FIT_ITEMS, FIT_STATES } from '#core/words/deciding'
import type { FieldPlan, FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'decide',
  tab: { label: 'Does another engine fit?', at: 2 },
  log: 'Log the fit',
  how: 'measured',
  counts: true,
  intro: 'Another engine held against this frame, before it is ordered.',
  fields: [
    { type: 'text', key: 'engine', label: 'Which engine' },
    ...(
      [
        ['shaftHas', 'Its shaft'],
        ['shaftNeeds', 'Shaft that is needed'],
        ['lengthHas', 'Its length'],
        ['lengthNeeds', 'Length that is needed'],
      ] as const
    ).map(([key, label]): FieldPlan => ({ type: 'quantity', key, label, units: ['mm', 'in'], kind: 'length' })),
    ...Object.entries(FIT_ITEMS).map(([key, label]): FieldPlan => ({
      type: 'chips',
      key,
      label,
      options: FIT_STATES,
      start: 'not_checked',
      needed: true,
    })),
    note,
  ],
} satisfies FindingPlan
