import { describe, expect, it } from 'vitest'
import { calculate, curvesOf } from '#core/calculators'

const named = (drawn: ReturnType<typeof curvesOf>, name: string) =>
  drawn?.curves.find(c => c.name === name)?.points ?? []
const at = (points: { x: number; y: number }[], x: number): number =>
  points.find(p => Math.abs(p.x - x) < 1e-9)?.y ?? NaN

describe('curves beside an answer', () => {
  const pump = {
    disp_cc_per_rev: 3,
    pump_rpm: 2000,
    slip_lpm_per_kpa: 0.002,
    bearing_lpm_per_kpa: 0.003,
    orifice_mm2: 3,
    leak_mm2: 1,
    relief_kpa: 400,
    relief_lpm_per_kpa: 5,
  }

  it('goes through the very answer of the calculator', () => {
    const drawn = curvesOf('pump_pressure', pump)
    const answer = calculate('pump_pressure', pump) as { p_kpa: number; p_leak_kpa: number }
    expect(at(named(drawn, 'oil as given'), 2000)).toBeCloseTo(answer.p_kpa, 9)
    expect(at(named(drawn, 'with the leak'), 2000)).toBeCloseTo(answer.p_leak_kpa, 9)
    const heat = {
      ...{ bore20_mm: 65, piston20_mm: 64.95, bore_temp_c: 120, piston_temp_c: 140 },
      ...{ bore_material: 'grey_iron', piston_material: 'piston_al_si' },
    }
    const clearance = named(curvesOf('hot_clearance', heat), 'bore at 120 °C')
    const { hot_mm: hot } = calculate('hot_clearance', heat) as { hot_mm: number }
    const [below, above] = [clearance.findLast(p => p.x <= 140), clearance.find(p => p.x >= 140)]
    expect(hot).toBeLessThanOrEqual(below?.y ?? NaN)
    expect(hot).toBeGreaterThanOrEqual(above?.y ?? NaN)
  })

  it('shows that the relief valve hides a leak at speed, and cold oil hides a worn pump', () => {
    const drawn = curvesOf('pump_pressure', pump)
    const lost = (rpm: number): number =>
      1 - at(named(drawn, 'with the leak'), rpm) / at(named(drawn, 'oil as given'), rpm)
    expect(lost(4000)).toBeLessThan(lost(1000) / 2)
    expect(at(named(drawn, 'cold oil, with the leak'), 1000)).toBeGreaterThan(at(named(drawn, 'with the leak'), 1000))
  })

  it('a piston that is hot in a cold bore has less room than both hot', () => {
    const drawn = curvesOf('hot_clearance', { bore20_mm: 65, piston20_mm: 64.95, bore_temp_c: 120, piston_temp_c: 140 })
    const [warm, cold] = [named(drawn, 'bore at 120 °C'), named(drawn, 'bore still cold')]
    expect(cold.every((p, i) => p.y < (warm[i]?.y ?? 0))).toBe(true)
  })

  it('counts particles by classes of twice the size, an empty class between two standing as none', () => {
    const mask = ['11000000', '11000000', '00000000', '00000011', '00000011']
    const speck = mask.map(r => r.replaceAll('1', '0')).map((r, i) => (i === 0 ? '10000000' : r))
    const drawn = curvesOf('debris_image', { mask: [...mask, ...speck], um_per_px: 10, min_px: 1 })
    // four pixels of 10 µm are a circle of 22.6 µm, one is 11.3: classes from 16 and from 8
    expect(drawn?.powersOfTwo).toBe(true)
    expect(named(drawn, 'particles')).toEqual([
      { x: 3, y: 1 },
      { x: 4, y: 2 },
    ])
  })

  it('nothing is drawn of what can’t be computed, or where nothing runs', () => {
    expect(curvesOf('pump_pressure', { ...pump, orifice_mm2: -1 })).toBeNull()
    expect(
      curvesOf('pump_pressure', {
        ...pump,
        orifice_mm2: 0,
        slip_lpm_per_kpa: 0,
        bearing_lpm_per_kpa: 0,
        relief_kpa: null,
      }),
    ).toBeNull()
    expect(curvesOf('oring_leak', { ring_dia_mm: 20, gap_mm: 0.1 })).toBeNull()
    expect(curvesOf('no_such_thing', {})).toBeNull()
  })
})
