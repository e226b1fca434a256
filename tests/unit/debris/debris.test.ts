import { describe, expect, it } from 'vitest'
import { calc, refusal } from '../../calc'

const item = (material: string, amount: string, largest_um: number | null = 250) => ({ material, amount, largest_um })

describe('debris score', () => {
  it('adds independent warnings up without passing a hundred', () => {
    // 100·0.7·0.65·1·1 = 45.5 and 100·0.9·0.4·1·1 = 36: 100·(1 − 0.545·0.64) = 65.12
    const found = calc('debris_score', {
      items: [item('aluminium', 'some', 1000), item('iron_chips', 'trace', 1000)],
      hours_since_oil: 50,
    })
    expect(found.item_scores).toEqual([expect.closeTo(45.5, 9), expect.closeTo(36, 9)])
    expect(found.score).toBeCloseTo(65.12, 9)
    expect(found.state).toBe('stop')
    expect(found.sources[0]).toBe('piston_scuff')
  })

  it('forgives a new engine its fine glitter, but not its chips', () => {
    const worn = calc('debris_score', { items: [item('aluminium', 'some', 60)], hours_since_oil: 50 }).score
    const young = calc('debris_score', {
      items: [item('aluminium', 'some', 60)],
      hours_since_oil: 50,
      hours_since_rebuild: 0,
    }).score
    expect(young).toBeCloseTo(worn * 0.4, 9)
    expect(
      calc('debris_score', { items: [item('iron_chips', 'trace', 30)], hours_since_oil: 500, hours_since_rebuild: 0 })
        .state,
    ).toBe('watch')
    expect(calc('debris_score', { items: [item('babbitt', 'some', 30)], hours_since_oil: 5000 }).state).toBe(
      'investigate',
    )
    expect(calc('debris_score', { items: [item('iron_paste', 'mass', 30)], hours_since_oil: 5000 }).state).toBe('watch')
  })

  it('the same dirt sooner is worse, within bounds', () => {
    const at = (hours: number) =>
      calc('debris_score', { items: [item('bronze', 'trace', 1000)], hours_since_oil: hours }).score
    expect(at(10)).toBeCloseTo(48, 9)
    expect(at(50)).toBeCloseTo(32, 9)
    expect(at(400)).toBeCloseTo(22.4, 9)
  })

  it('an empty tray scores nothing, water has no size, and the rest must say theirs', () => {
    expect(calc('debris_score', { items: [], hours_since_oil: 0 })).toEqual({
      score: 0,
      state: 'normal',
      item_scores: [],
      sources: [],
    })
    expect(calc('debris_score', { items: [item('emulsion', 'some', null)], hours_since_oil: 50 }).score).toBeCloseTo(
      26,
      9,
    )
    // a size given with it changes nothing
    for (const um of [1, 40, 50000])
      expect(calc('debris_score', { items: [item('emulsion', 'some', um)], hours_since_oil: 50 }).score).toBeCloseTo(
        26,
        9,
      )
    expect(refusal('debris_score', { items: [item('grit', 'some', null)], hours_since_oil: 50 })).toBe(
      'missing items[0].largest_um',
    )
    expect(refusal('debris_score', { items: [item('gold', 'some')], hours_since_oil: 50 })).toBe(
      'bad_choice items[0].material',
    )
    expect(refusal('debris_score', { items: [item('grit', 'some', 0.5)], hours_since_oil: 50 })).toBe(
      'out_of_range items[0].largest_um',
    )
  })
})

describe('growth', () => {
  it('compares the last rate with the middle of the earlier ones', () => {
    expect(calc('debris_growth', { amounts_mm2: [10, 20, 15, 60], hours: [10, 10, 10, 10] })).toEqual({
      rates: [1, 2, 1.5, 6],
      ratio: 4,
      state: 'rising_fast',
      raise_one_level: true,
    })
    expect(calc('debris_growth', { amounts_mm2: [10, 15], hours: [10, 10] }).state).toBe('rising')
    expect(calc('debris_growth', { amounts_mm2: [0, 0, 8], hours: [10, 10, 10] })).toMatchObject({
      ratio: null,
      state: 'rising_fast',
    })
    expect(calc('debris_growth', { amounts_mm2: [1, 5], hours: [10, 10] }).state).toBe('steady')
    expect(refusal('debris_growth', { amounts_mm2: [1, 5, 6], hours: [10, 10] })).toBe('inconsistent hours')
  })
})
