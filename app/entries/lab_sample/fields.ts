import { DEBRIS_PLACES } from '#core/words/looks'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

export default {
  stage: 'open_up',
  tab: { label: 'Laboratory', at: 6 },
  log: 'Log the sample',
  how: d => ((d.results as unknown[]).length ? 'measured' : null),
  counts: true,
  intro:
    'Clean bottle, warm oil, from the middle of the stream. Its answer goes in as figures, each with the laboratory’s own limit.',
  caution: 'Keep a part of the sample until it is explained.',
  fields: [
    { type: 'chips', key: 'place', label: 'Taken from', options: DEBRIS_PLACES },
    { type: 'text', key: 'lab', label: 'Laboratory' },
    { type: 'text', key: 'mark', label: 'Mark on the bottle' },
    { type: 'date', key: 'sentOn', label: 'Sent' },
    { type: 'date', key: 'dueOn', label: 'Due' },
    {
      type: 'rows',
      key: 'results',
      label: 'Its figures',
      add: 'Another figure',
      columns: [
        { key: 'what', label: 'What' },
        { key: 'value', label: 'Figure', figure: true },
        { key: 'unit', label: 'Unit' },
        { key: 'limit', label: 'Its limit', figure: true },
      ],
    },
    { type: 'text', key: 'says', label: 'It says' },
    note,
  ],
} satisfies FindingPlan
