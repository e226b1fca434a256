import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { expectedFromSheet } from '#core/compression/expectedFromSheet'
import { compressionOf, trendWords } from '#core/entries/compression/visits'
import type { Entry, EntryOf } from '#core/entries/types'
import { judgeDebris } from '#core/entries/debris/judge'
import { compression, entry, FACTS, file, figureOf } from '../job/file'

const GEOMETRY = [
  figureOf('compression_ratio', 9.2, 'ratio'),
  figureOf('bore', 67, 'mm'),
  figureOf('stroke', 70.6, 'mm'),
  figureOf('rod_length', 128, 'mm'),
  figureOf('inlet_closes', 48, 'deg'),
]
const meter = (reading: number): Entry => entry('meter', { reading, unit: 'h', source: 'measured', pattern: null })

describe('compression from the geometry', () => {
  it('counts the ratio from where the inlet closes', () => {
    const found = expectedFromSheet(FACTS, GEOMETRY)!
    // travel at 48° after bottom: 35.3(1 + cos 48°) + 128 − √(128² − (35.3 sin 48°)²) = 61.63 mm of 70.6
    expect(found.effCr).toBeCloseTo(1 + (8.2 * 61.63) / 70.6, 2)
    expect(found.lowKpa).toBeLessThan(found.pKpa)
    expect(found.highKpa).toBeGreaterThan(found.pKpa)
    expect(found.pKpa).toBeCloseTo(101.325 * found.effCr ** 1.25 - 101.325, 6)
    expect(found.sweptEffMl! / found.clearanceMl!).toBeCloseTo(found.effCr - 1, 9)
  })
  it('says nothing when a figure is missing, or the rod could not turn', () => {
    expect(expectedFromSheet(FACTS, GEOMETRY.slice(1))).toBeNull()
    expect(
      expectedFromSheet(
        FACTS,
        GEOMETRY.map(v => (v.item === 'rod_length' ? { ...v, value: 30 } : v)),
      ),
    ).toBeNull()
    expect(expectedFromSheet({ ...FACTS, cycle: 'two' }, GEOMETRY)).toBeNull()
    expect(
      expectedFromSheet({ ...FACTS, cycle: 'two' }, [...GEOMETRY, figureOf('exhaust_duration', 180, 'deg')])?.effCr,
    ).toBeLessThan(7)
  })
  it("stands in for the rule of thumb, looks further and never condemns; a maker's limit goes before it", () => {
    const low = assess(file([compression(7.5, null)], { spec: GEOMETRY })).newest.compression!
    expect(low).toMatchObject({ mark: 'near', status: 'below_expected' })
    expect(low.details.join(' ')).toMatch(/three quarters of what the geometry gives.*can't condemn/s)
    expect(
      assess(file([compression(7.5, null)], { spec: [...GEOMETRY, figureOf('compression_limit', 8, 'bar')] })).newest
        .compression,
    ).toMatchObject({ mark: 'past', status: 'fail' })
  })
  it('corrects for the hose where the volumes are known, and leaves the reading alone where not', () => {
    const with20 = assess(file([compression(9, null, 'bar', { hoseMl: 8 })], { spec: GEOMETRY })).newest.compression!
    expect(with20.pStdKpa).toBeGreaterThan(1050)
    expect(with20.details.join(' ')).toContain('The hose hides some')
    expect(assess(file([compression(9, null, 'bar', { hoseMl: 8 })])).newest.compression?.pStdKpa).toBeCloseTo(900, 6)
  })
  it("uses the height where it was read before the shop's own", () => {
    const at = (altitudeM: number | null) =>
      assess(file([compression(8, null, 'bar', { altitudeM })], { policy: { altitudeM: 1500 } })).newest.compression!
        .pStdKpa!
    expect(at(0)).toBeCloseTo(800, 6)
    expect(at(null)).toBeGreaterThan(940)
  })
})

describe('over the visits', () => {
  const visit = (number: number, hours: number | null, bar: number) => ({
    number,
    at: '2026-01-01',
    entries: [compression(bar, null), ...(hours === null ? [] : [meter(hours)])],
  })
  const limit = [figureOf('compression_limit', 8, 'bar')]
  it('falls so much in 100 hours, and meets its limit then', () => {
    const now = assess(
      file([compression(9, null), meter(300)], { spec: limit, history: [visit(201, 100, 10), visit(207, 200, 9.5)] }),
    ).newest.compression!
    expect(now.visits).toMatchObject({ slopeKpaPer100h: expect.closeTo(-50, 6), hoursToLimit: expect.closeTo(200, 6) })
    expect(now.details.join(' ')).toContain(
      'It falls 0.50 bar in 100 h over 3 visits; at that pace it meets its limit in about 200 h',
    )
  })
  it('what rises and is under its limit is still said to be at it', () => {
    const words = (slopeKpaPer100h: number, hoursToLimit: number | null) =>
      trendWords({ points: [], slopeKpaPer100h, hoursToLimit, significant: true, back: false }, k => `${k} kPa`)
    expect(words(20, 0)).toEqual(['It does not fall over the visits; it is at its limit now.'])
    expect(words(20, null)).toEqual(['It does not fall over the visits.'])
  })
  it('without running time it only sets them side by side', () => {
    const now = assess(file([compression(9, null)], { spec: limit, history: [visit(201, null, 10)] })).newest
      .compression!
    expect(now.visits?.slopeKpaPer100h).toBeNull()
    expect(now.details.join(' ')).toContain('On T 201 it read 10.00 bar at sea level, now 9.00 bar.')
  })
  it('of a whole machine: its newest reading says what is alike, cylinder by cylinder, and a release at work is held against no limit', () => {
    const of = (entries: Entry[], history: ReturnType<typeof visit>[]) =>
      compressionOf(file(entries, { spec: limit, history }))
    const all = of([compression(9, null), meter(300)], [visit(201, 100, 10), visit(207, 200, 9.5)])
    expect(all?.points.map(p => [p.hours, p.pStdKpa])).toEqual([
      [100, 1000],
      [200, 950],
      [300, 900],
    ])
    expect(all).toMatchObject({ limitKpa: 800, limitBy: 'maker', slopeKpaPer100h: expect.closeTo(-50, 6) })
    expect(of([compression(9, null)], [])).toBeNull()
    expect(of([meter(300)], [visit(201, 100, 10)])).toBeNull()
    const second = (bar: number) => compression(bar, null, 'bar', { ofCylinder: 2 })
    expect(of([second(6)], [visit(201, 100, 10)])).toBeNull()
    const helped = (bar: number) => compression(bar, null, 'bar', { release: 'working' })
    const working = of([helped(4)], [{ number: 201, at: '2026-01-01', entries: [helped(5), meter(10)] }])
    expect(working).toMatchObject({ limitKpa: null, slopeKpaPer100h: null })
    expect(working?.points).toHaveLength(2)
  })
  it('never compares a release at work with one held off', () => {
    const history = [
      { number: 201, at: '2026-01-01', entries: [compression(5, null, 'bar', { release: 'working' }), meter(10)] },
    ]
    expect(
      assess(file([compression(9, null), meter(20)], { spec: limit, history })).newest.compression?.visits,
    ).toBeNull()
  })
})

describe('debris beside earlier samples', () => {
  const sample = (amount: 'trace' | 'some' | 'much', hours: number, more: object = {}) =>
    entry(
      'debris',
      {
        place: 'strainer',
        items: [{ material: 'iron_paste', amount, largestUm: 60 }],
        hoursSinceOil: hours,
        hoursSinceRebuild: null,
        control: 'none',
        note: null,
        ...more,
      },
      { how: 'by_eye' },
    ) as EntryOf<'debris'>
  const before = (e: Entry) => [{ number: 201, at: '2026-01-01', entries: [e] }]
  it('the same dirt in a quarter of the hours counts one level graver', () => {
    const alone = judgeDebris(sample('much', 20), file([]))
    const grown = judgeDebris(sample('much', 20), file([], { history: before(sample('some', 40)) }))
    expect([alone.state, grown.state]).toEqual(['normal', 'watch'])
    expect(grown.details.join(' ')).toContain('rising fast')
  })
  it('steady stays as it is, another place is no comparison', () => {
    expect(
      judgeDebris(sample('some', 40), file([], { history: before(sample('some', 40)) })).details.join(' '),
    ).toContain('steady, 1.0 times')
    expect(
      judgeDebris(
        sample('much', 20),
        file([], {
          history: before({ ...sample('some', 40), body: { ...sample('some', 40).body, place: 'drain_pan' } }),
        }),
      ).details.join(' '),
    ).not.toContain('earlier samples')
  })
  it('fine glitter of an engine that beds in is allowed for, by hours, by km, or by months where nothing counts', () => {
    const score = (more: object): number =>
      judgeDebris(
        sample('much', 5, { items: [{ material: 'aluminium', amount: 'some', largestUm: 80 }], ...more }),
        file([]),
      ).score
    const old = score({})
    for (const young of [{ hoursSinceRebuild: 2 }, { kmSinceRebuild: 100 }, { monthsSinceRebuild: 0.5 }])
      expect(score(young), JSON.stringify(young)).toBeLessThan(old * 0.8)
    for (const aged of [{ hoursSinceRebuild: 60 }, { kmSinceRebuild: 3000 }, { monthsSinceRebuild: 14 }])
      expect(score(aged), JSON.stringify(aged)).toBeCloseTo(old, 9)
    // what was run is heard before the calendar: a month in daily hire is long
    expect(score({ hoursSinceRebuild: 60, monthsSinceRebuild: 1 })).toBeCloseTo(old, 9)
  })
  it("says that bedding in can't be told from wear without a control", () => {
    const glitter = (control: 'none' | 'same') =>
      judgeDebris(
        sample('much', 5, {
          items: [{ material: 'aluminium', amount: 'some', largestUm: 200 }],
          hoursSinceRebuild: 4,
          control,
        }),
        file([]),
      ).details.join(' ')
    expect(glitter('none')).toContain("can't be told apart yet")
    expect(glitter('same')).toContain('not a finding by itself')
  })
  it('doubts what the magnet contradicts', () => {
    const item = (material: 'aluminium' | 'iron_chips', magnet: 'takes' | 'leaves') =>
      judgeDebris(
        sample('some', 40, { items: [{ material, amount: 'some', largestUm: 300, magnet }] }),
        file([]),
      ).details.join(' ')
    expect(item('aluminium', 'takes')).toContain('Written down as aluminium flakes, but the magnet takes it')
    expect(item('aluminium', 'leaves')).not.toContain('look again what it is')
    expect(item('iron_chips', 'leaves')).toContain('the magnet leaves it')
  })
})
