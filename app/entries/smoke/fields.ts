import {
  COOLANT_LEVELS,
  SMOKE_AFTER,
  SMOKE_COLOURS,
  SMOKE_MOMENTS,
  SMOKE_SMELLS,
  TEMPERATURES,
} from '#core/words/looks'
import type { FindingPlan } from '../fieldPlan'
import { note } from '../fieldPlan'

const swatch = { none: '#fff', blue: '#8fa5c4', white: '#f4f4f2', grey: '#a5a5a2', black: '#2a2724' }

export default {
  stage: 'first_look',
  tab: { label: 'Smoke', at: 9 },
  log: 'Log the smoke',
  how: 'by_eye',
  counts: true,
  intro: 'Outdoors, exhaust away from people. White can be oil, water or raw fuel: smell it.',
  caution: 'Exhaust gas kills indoors. Let it run only outside or under a working extractor.',
  fields: [
    { type: 'chips', key: 'colour', label: 'Colour', options: SMOKE_COLOURS, swatches: swatch },
    { type: 'chips', key: 'moment', label: 'When', options: SMOKE_MOMENTS, when: d => d.colour !== 'none' },
    { type: 'chips', key: 'after', label: 'After what', options: SMOKE_AFTER, when: d => d.colour !== 'none' },
    { type: 'chips', key: 'engine', label: 'The engine is', options: TEMPERATURES, when: d => d.colour === 'white' },
    {
      type: 'chips',
      key: 'coolant',
      label: 'Coolant',
      options: COOLANT_LEVELS,
      when: (d, f) => d.colour === 'white' && f.cooling === 'liquid',
    },
    { type: 'chips', key: 'smell', label: 'Smells of', options: SMOKE_SMELLS, when: d => d.colour !== 'none' },
    note,
  ],
  normal: { word: 'No smoke', draft: { colour: 'none' } },
} satisfies FindingPlan
