import { REST_ITEMS, REST_STATES } from '#core/words/deciding'
import type { FieldPlan, FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'decide',
  tab: { label: 'Rest of the machine', at: 1 },
  log: 'Log the rest of the machine',
  how: 'by_eye',
  counts: true,
  intro: 'A good engine in a bad frame is money lost. Two minutes round the machine before an engine is priced.',
  fields: [
    ...Object.entries(REST_ITEMS).map(([key, label]): FieldPlan => ({
      type: 'chips',
      key,
      label,
      options: REST_STATES,
      start: 'not_looked',
      needed: true,
    })),
    note,
  ],
  normal: { word: 'All of it good', draft: Object.fromEntries(Object.keys(REST_ITEMS).map(k => [k, 'good'])) },
} satisfies FindingPlan
