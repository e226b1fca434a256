import { PRESSURE_BY } from '#core/words/looks'
import { hasSump } from '#core/oil/fillMarks'
import type { FieldPlan, FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

const read = (key: string, label: string): FieldPlan => ({
  type: 'quantity',
  key,
  label,
  units: ['bar', 'psi', 'kPa'],
  kind: 'pressure',
})

export default {
  stage: 'narrow_down',
  tab: { label: 'Oil pressure', at: 8, when: ({ facts }) => hasSump(facts) && facts.oiling !== 'splash' },
  log: 'Log the pressure',
  how: 'measured',
  counts: true,
  intro: 'Gauge in place of the switch. Cold first, then warmed through: what it loses on the way tells most.',
  caution: 'It runs: outdoors or well aired, hands off what turns. Hot oil sprays where a union is loose.',
  fields: [
    { type: 'chips', key: 'by', label: 'Read by', options: PRESSURE_BY, start: 'gauge', needed: true },
    read('coldIdle', 'Cold, idling'),
    read('coldSpeed', 'Cold, at speed'),
    read('warmIdle', 'Warm, idling'),
    read('warmSpeed', 'Warm, at speed'),
    { type: 'figure', key: 'rpm', label: 'Speed', suffix: 'rpm' },
    { type: 'figure', key: 'oilC', label: 'Oil at', suffix: '°C' },
    note,
  ],
} satisfies FindingPlan
