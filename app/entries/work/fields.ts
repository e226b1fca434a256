import { WORK_DONE } from '#core/words/work'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'build',
  tab: { label: 'Work done', at: 1 },
  log: 'Log the work',
  intro:
    'A danger ends by what was done to that very part, and then by its proof: measured good, seen clear, read clean.',
  how: null,
  counts: false,
  fields: [
    { type: 'chips', key: 'did', label: 'What was done', options: WORK_DONE, needed: true },
    { type: 'parts', key: 'parts', label: 'To what' },
    { type: 'answers', key: 'answers', label: 'It answers' },
    note,
  ],
} satisfies FindingPlan
