import { AS_FOUND } from '#core/words/opened'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'open_up',
  tab: { label: 'As found', at: 2 },
  log: 'Log it as found',
  how: null,
  counts: false,
  intro: 'Before it is disturbed. Once the fasteners of that cover are logged, this is locked as it stands.',
  fields: [
    { type: 'text', key: 'cover', label: 'Cover or joint' },
    { type: 'chips', key: 'about', label: 'What of it', options: AS_FOUND },
    {
      type: 'area',
      key: 'words',
      label: 'How it lay',
      hint: 'Governor spring in the third hole from the pivot, long hook outwards.',
    },
  ],
} satisfies FindingPlan
