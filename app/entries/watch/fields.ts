import { CALENDAR } from '#core/units/calendar'
import type { FindingPlan } from '../fieldPlan'

export default {
  stage: 'hand_back',
  log: 'Watch it',
  how: null,
  counts: false,
  fields: [
    { type: 'text', key: 'what', label: 'Look again at' },
    { type: 'figure', key: 'afterHours', label: 'After running', suffix: 'h' },
    { type: 'figure', key: 'afterKm', label: 'After a distance of', suffix: 'km' },
    { type: 'figure', key: 'after', label: 'Or after', hint: 'Whichever comes first.' },
    { type: 'chips', key: 'unit', label: 'In', options: CALENDAR },
    { type: 'date', key: 'onDay', label: 'Or on' },
    { type: 'text', key: 'why', label: 'Why' },
  ],
} satisfies FindingPlan
