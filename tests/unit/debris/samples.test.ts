import { describe, expect, it } from 'vitest'
import { sizesOverSamples } from '#core/entries/debris/samples'
import type { DebrisBody } from '#core/entries/debris/schema'
import type { Entry } from '#core/entries/types'

const piece = (
  material: 'aluminium' | 'bronze' | 'emulsion',
  largestUm: number | null,
): DebrisBody['items'][number] => ({
  ...{ magnet: null, material, amount: 'some', per100Ml: null, largestUm },
})
const sample = (at: string, place: DebrisBody['place'], ...items: DebrisBody['items']): Entry =>
  ({ id: at, kind: 'debris', at, by: 'p', how: 'by_eye', body: { place, items } }) as unknown as Entry

describe('pieces from sample to sample', () => {
  const [first, second] = ['2026-05-01T10:00:00Z', '2026-05-02T10:00:00Z']

  it('keeps the largest of each material, of one place only', () => {
    const log = [
      sample(first, 'filter_dirty', piece('aluminium', 60), piece('aluminium', 90), piece('bronze', 40)),
      sample(second, 'filter_dirty', piece('aluminium', 400), piece('emulsion', null)),
      sample(second, 'magnet', piece('aluminium', 5000)),
    ]
    expect(sizesOverSamples(log, 'filter_dirty')).toEqual([
      {
        material: 'aluminium',
        points: [
          { at: first, largestUm: 90 },
          { at: second, largestUm: 400 },
        ],
      },
      { material: 'bronze', points: [{ at: first, largestUm: 40 }] },
    ])
  })

  it('one sample shows no growth', () => {
    expect(sizesOverSamples([sample(first, 'filter_dirty', piece('aluminium', 60))], 'filter_dirty')).toEqual([])
    expect(sizesOverSamples([], null)).toEqual([])
  })
})
