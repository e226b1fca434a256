import { EVENTS } from '#core/words/counter'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'book_in',
  tab: { label: 'Happened to it', at: 2 },
  log: 'Log it',
  how: null,
  counts: false,
  fields: [
    { type: 'chips', key: 'what', label: 'It', options: EVENTS },
    { type: 'text', key: 'when', label: 'When' },
    note,
  ],
} satisfies FindingPlan
