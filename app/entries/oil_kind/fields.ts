import { OIL_KINDS, RATED } from '#core/words/looks'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'first_look',
  tab: { label: 'Kind of oil', at: 11 },
  log: 'Log the oil',
  how: null,
  counts: true,
  intro: "The label against what this engine asks. Which brand is nobody's business here.",
  fields: [
    { type: 'chips', key: 'what', label: 'It is', options: OIL_KINDS },
    { type: 'text', key: 'grade', label: 'Grade and ratings, as on the label' },
    {
      type: 'chips',
      key: 'wetClutch',
      label: 'Wet clutch',
      options: RATED,
      start: 'unknown',
      needed: true,
      when: (_, f) => f.cycle === 'four',
    },
    {
      type: 'chips',
      key: 'antiWear',
      label: 'Anti-wear',
      options: RATED,
      start: 'unknown',
      needed: true,
      when: (_, f) => f.cycle === 'four',
    },
    { type: 'text', key: 'reason', label: 'Why this one' },
  ],
} satisfies FindingPlan
