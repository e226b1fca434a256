import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { oilReading, oilVolume } from '#core/oil/fillTable'
import type { FillPoint } from '#core/oil/fillTable'
import { calc, refusal } from '../../calc'

const POINTS = [
  [0, 400],
  [12, 540],
  [30, 800],
]

describe('fill table', () => {
  it('reads a volume between the points, in any order of typing', () => {
    expect(
      calc('oil_volume', {
        points: [
          [30, 800],
          [0, 400],
          [12, 540],
        ],
        reading: 18,
      }).volume_ml,
    ).toBeCloseTo(626.667, 3)
    expect(calc('oil_reading', { points: POINTS, volume_ml: 470 }).reading).toBeCloseTo(6, 12)
  })

  it('measures down from a rim too', () => {
    const points = [
      [20, 900],
      [50, 600],
      [80, 150],
    ]
    expect(calc('oil_volume', { points, reading: 35, kind: 'ullage' }).volume_ml).toBe(750)
    expect(calc('oil_reading', { points, volume_ml: 750, kind: 'ullage' }).reading).toBe(35)
  })

  it('stretches a tenth of the span past its ends, says so, and no further', () => {
    expect(calc('oil_volume', { points: POINTS, reading: 33 })).toMatchObject({ extrapolated: true })
    expect(calc('oil_volume', { points: POINTS, reading: 30 })).toEqual({ volume_ml: 800, extrapolated: false })
    expect(refusal('oil_volume', { points: POINTS, reading: 33.1 })).toBe('out_of_range reading')
    expect(refusal('oil_reading', { points: POINTS, volume_ml: 801 })).toBe('out_of_range volume_ml')
    expect(
      calc('oil_volume', {
        points: [
          [0, 5],
          [10, 1000],
        ],
        reading: -1,
      }).volume_ml,
    ).toBe(0)
  })

  it('refuses a table that goes back on itself even where the reading is sound', () => {
    expect(
      refusal('oil_volume', {
        points: [
          [0, 400],
          [12, 540],
          [30, 530],
        ],
        reading: 5,
      }),
    ).toBe('non_monotone points')
    expect(
      refusal('oil_volume', {
        points: [
          [0, 400],
          [0, 540],
        ],
        reading: 0,
      }),
    ).toBe('non_monotone points')
    expect(refusal('oil_volume', { points: [[0, 400]], reading: 0 })).toBe('too_few points')
    expect(refusal('oil_volume', { points: [[0, 400], [1]], reading: 0 })).toBe('too_few points[1]')
    expect(refusal('oil_volume', { points: 'x', reading: 0 })).toBe('not_a_number points')
  })

  it('reading and volume undo each other for any sound table', () => {
    const table = fc
      .array(fc.tuple(fc.double({ min: 0.5, max: 20, noNaN: true }), fc.double({ min: 5, max: 300, noNaN: true })), {
        minLength: 2,
        maxLength: 8,
      })
      .map(steps =>
        steps.reduce<FillPoint[]>(
          (rows, [dr, dv]) => [...rows, [(rows.at(-1)?.[0] ?? 0) + dr, (rows.at(-1)?.[1] ?? 0) + dv]],
          [],
        ),
      )
    fc.assert(
      fc.property(table, fc.double({ min: 0, max: 1, noNaN: true }), (points, t) => {
        const volumeMl = points[0]![1] + t * (points.at(-1)![1] - points[0]![1])
        expect(
          oilVolume({ points, reading: oilReading({ points, volumeMl, kind: 'level' }).reading, kind: 'level' })
            .volumeMl,
        ).toBeCloseTo(volumeMl, 6)
      }),
    )
  })
})

describe('how much, how bad', () => {
  it('draws off a surplus and tops up a shortfall, and leaves a spoonful alone', () => {
    expect(calc('oil_adjust', { volume_now_ml: 880, target_ml: 550 })).toEqual({ action: 'drain', amount_ml: 330 })
    expect(calc('oil_adjust', { volume_now_ml: 280, target_ml: 700 })).toEqual({ action: 'add', amount_ml: 420 })
    expect(calc('oil_adjust', { volume_now_ml: 555, target_ml: 550 })).toEqual({ action: 'none', amount_ml: 0 })
    expect(calc('oil_adjust', { volume_now_ml: 0, target_ml: 500 }).amount_ml).toBe(500)
  })

  it.each([
    [400, 'ok_low', 0],
    [440, 'ok', 0],
    [550, 'ok', 0],
    [345, 'low', 10],
    [344, 'very_low', 10.18],
    [262.5, 'very_low', 25],
    [262, 'dangerously_low', 25.09],
    [577.5, 'slightly_over', 5],
    [578, 'over', 5.09],
    [632.5, 'over', 15],
    [633, 'dangerously_over', 15.09],
  ])('%d mL between 400 and 550 of 550 is %s', (volume_ml, state, off) => {
    const found = calc('oil_severity', { volume_ml, min_ml: 400, max_ml: 550, capacity_ml: 550 })
    expect(found.state).toBe(state)
    expect(found.off_capacity_pct).toBeCloseTo(off, 2)
  })

  it('refuses marks that contradict each other', () => {
    expect(refusal('oil_severity', { volume_ml: 1, min_ml: 500, max_ml: 500, capacity_ml: 500 })).toBe(
      'inconsistent min_ml',
    )
    expect(refusal('oil_severity', { volume_ml: 1, min_ml: 500, max_ml: 900, capacity_ml: 500 })).toBe(
      'inconsistent max_ml',
    )
    expect(refusal('oil_severity', { volume_ml: 1, min_ml: 500, max_ml: 900, capacity_ml: 0 })).toBe(
      'out_of_range capacity_ml',
    )
  })

  it('takes a slope out of a reading, and says when the floor is dry', () => {
    expect(calc('oil_tilt', { reading_mm: 25, tilt_deg: 5, offset_mm: -40 }).level_reading_mm).toBeCloseTo(28.4995, 4)
    expect(calc('oil_tilt', { reading_mm: 2, tilt_deg: 10, offset_mm: 40 }).status).toBe('not_valid')
    expect(calc('oil_tilt', { reading_mm: 10, tilt_deg: 10, offset_mm: 0, sump_length_mm: 150 }).status).toBe(
      'not_valid',
    )
    expect(calc('oil_tilt', { reading_mm: 14, tilt_deg: 10, offset_mm: 0, sump_length_mm: 150 }).status).toBe('ok')
    expect(refusal('oil_tilt', { reading_mm: 10, tilt_deg: 31, offset_mm: 0 })).toBe('out_of_range tilt_deg')
  })

  it('counts oil used by hour, distance and fuel', () => {
    expect(
      calc('oil_consumption', { v0_ml: 500, v1_ml: 450, added_ml: 250, hours: 40, km: 2000, fuel_ml: 60000 }),
    ).toEqual({ used_ml: 300, ml_per_h: 7.5, ml_per_1000km: 150, pct_of_fuel: 0.5, state: 'used' })
    expect(calc('oil_consumption', { v0_ml: 500, v1_ml: 530, hours: 5, u_reading_ml: 10 }).state).toBe('level_rose')
    expect(calc('oil_consumption', { v0_ml: 500, v1_ml: 480, hours: 5, u_reading_ml: 10 }).state).toBe(
      'within_reading_error',
    )
    expect(refusal('oil_consumption', { v0_ml: 500, v1_ml: 480 })).toBe('missing hours')
    expect(refusal('oil_consumption', { v0_ml: 500, v1_ml: 480, hours: 0 })).toBe('out_of_range hours')
  })

  it('finds fuel behind a steady level once the known use is counted', () => {
    expect(calc('oil_dilution', { v0_ml: 1000, v1_ml: 1000, hours: 10, normal_use_ml_per_h: 6 })).toEqual({
      fuel_ml: 60,
      dilution_pct: 6,
      state: 'change_oil',
    })
    expect(calc('oil_dilution', { v0_ml: 1000, v1_ml: 1000, hours: 10 }).state).toBe('normal')
    expect(calc('oil_dilution', { v0_ml: 960, v1_ml: 1000, hours: 10 }).state).toBe('watch')
    expect(refusal('oil_dilution', { v0_ml: 1000, v1_ml: 0, hours: 10 })).toBe('out_of_range v1_ml')
  })

  it('knows which limit of the oil comes first', () => {
    expect(
      calc('oil_due', {
        interval_h: 50,
        interval_days: 365,
        used_h: 20,
        used_days: 300,
        rate_h_per_day: 1,
        duty_factor: 0.5,
      }),
    ).toEqual({ used_fraction: 300 / 365, overdue: false, most_used: 'days', first_by: 'hours', days_left: 5 })
    expect(calc('oil_due', { interval_h: 50, used_h: 50 })).toEqual({
      used_fraction: 1,
      overdue: true,
      most_used: 'hours',
      first_by: 'hours',
      days_left: 0,
    })
    expect(calc('oil_due', { interval_km: 6000, used_km: 100, rate_km_per_day: 0 })).toMatchObject({
      first_by: null,
      days_left: null,
    })
    expect(refusal('oil_due', {})).toBe('missing interval_h')
    expect(refusal('oil_due', { interval_h: 50, duty_factor: 0 })).toBe('out_of_range duty_factor')
  })
})
