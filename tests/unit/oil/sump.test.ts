import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import type { OilUseJudgement } from '#core/entries/oil_use/judge'
import { judgeOilUse, usedSinceLastVisit } from '#core/entries/oil_use/judge'
import { careText } from '#core/handover/careText'
import type { FillTable } from '#core/oil/fillMarks'
import { fillMarks, positionOf, readingAt, TOP_PCT } from '#core/oil/fillMarks'
import { oilVolume } from '#core/oil/fillTable'
import { judgeOil } from '#core/entries/oil/judge'
import { oilFits } from '#core/entries/oil_kind/oilFits'
import { oilRhythm, rhythmWords } from '#core/entries/oil_change/rhythm'
import { tiltGuide } from '#core/oil/tiltGuide'
import type { Entry, EntryOf } from '#core/entries/types'
import type { EngineFacts } from '#core/engine/facts'
import { entry, FACTS, file, figureOf, oil, SHEET } from '../job/file'

const TABLE: FillTable = {
  kind: 'level',
  unit: 'mm',
  points: [
    [8, 380],
    [15, 450],
    [24, 560],
    [27, 600],
    [33, 690],
  ],
  lowAt: 15,
  fullAt: 27,
}
const ULLAGE: FillTable = {
  kind: 'ullage',
  unit: 'mm',
  points: [
    [40, 380],
    [33, 450],
    [21, 600],
  ],
  lowAt: 33,
  fullAt: 21,
}
const use = (topped: number, over: number, more: object = {}) =>
  entry(
    'oil_use',
    { topped: { value: topped, unit: 'mL' }, over, unit: 'h', perWeek: null, note: null, ...more },
    { how: 'claimed' },
  ) as EntryOf<'oil_use'>

describe('the fill table of one engine', () => {
  it('gives its own marks, whatever the sheet or the class says', () => {
    expect(fillMarks(FACTS, [], TABLE)).toMatchObject({
      lowMl: 450,
      fullMl: 600,
      capacityMl: 600,
      tipMl: 380,
      source: 'measured',
    })
    expect(fillMarks(FACTS, SHEET, TABLE)?.capacityMl).toBe(550)
    expect(fillMarks(FACTS, [], ULLAGE)).toMatchObject({ lowMl: 450, fullMl: 600 })
  })
  it('reads mm of stick, and mm from the rim, to the same oil as its own points', () => {
    const at = (mm: number, fill: FillTable) =>
      judgeOil(oil({ by: 'scale', mm }) as EntryOf<'oil'>, file([], { fill, spec: [] }))
    expect(at(24, TABLE)).toMatchObject({ volumeMl: 560, state: 'ok', positionPct: 75 })
    expect(at(33, ULLAGE)).toMatchObject({ volumeMl: 450, positionPct: 0 })
    expect(at(27, ULLAGE).volumeMl).toBeCloseTo(525, 9)
    expect(at(11, TABLE).volumeMl).toBeCloseTo(410, 9)
    expect(at(11, TABLE).details[0]).toContain('fill table of this machine')
  })
  it('marks on the stick go by the table, not by a straight line', () => {
    const half = judgeOil(oil({ by: 'marks', pct: 50 }) as EntryOf<'oil'>, file([], { fill: TABLE, spec: [] }))
    expect(half.volumeMl).toBeCloseTo(450 + (110 * 6) / 9, 6)
  })
  it('a reading in mm without a table is kept and not judged', () => {
    expect(judgeOil(oil({ by: 'scale', mm: 20 }) as EntryOf<'oil'>, file([]))).toMatchObject({
      state: null,
      volumeMl: null,
    })
  })
  it('position and reading undo each other, and the scale never goes back or below nothing', () => {
    fc.assert(
      fc.property(fc.double({ min: -20, max: 80, noNaN: true }), fc.constantFrom(TABLE, ULLAGE), (mm, table) => {
        expect(readingAt(positionOf(mm, table), table)).toBeCloseTo(mm, 9)
      }),
    )
    const points = fillMarks(FACTS, [], TABLE)!.points
    for (const [i, [r, ml]] of points.entries()) {
      expect(ml).toBeGreaterThan(0)
      if (i) expect([r > points[i - 1]![0], ml > points[i - 1]![1]]).toEqual([true, true])
    }
    expect(oilVolume({ points, reading: TOP_PCT, kind: 'level' }).extrapolated).toBe(false)
  })
})

describe('fuel in a high level', () => {
  it('says how much of it would be fuel, and nothing of the kind when it smells plain', () => {
    const over = (smell: 'petrol' | 'plain') =>
      judgeOil(
        oil({ by: 'volume', amount: { value: 660, unit: 'mL' } }, { smell }) as EntryOf<'oil'>,
        file([]),
      ).details.join(' ')
    expect(over('petrol')).toContain('110 mL of it is fuel, 17 %')
    expect(over('plain')).not.toContain('is fuel,')
  })
})

describe('oil that goes', () => {
  const full = oil({ by: 'marks', pct: 100 })
  it('says rate, hours left and the day it meets the low mark', () => {
    const judged = judgeOilUse(use(60, 10, { perWeek: 5 }), file([]), [full])
    expect(judged).toMatchObject({ rate: 6, left: 25, mark: 'near', lowOn: '2026-06-08' })
    expect(judged.headline).toBe('Uses 6 mL of oil an hour')
  })
  it('takes the weekly use from the pattern that was logged', () => {
    const pattern = entry(
      'meter',
      { reading: 60, unit: 'h', source: 'estimated', pattern: { hoursPerDay: 2.5, daysPerWeek: 2, months: 3 } },
      { how: 'estimated' },
    )
    expect(judgeOilUse(use(60, 10), file([]), [pattern, full]).lowOn).toBe('2026-06-08')
  })
  it('counts distance in 1,000 km, and has no day without a level', () => {
    const judged = judgeOilUse(use(200, 2000, { unit: 'km' }), file([]), [])
    expect(judged).toMatchObject({ rate: 100, left: null, lowOn: null, headline: 'Uses 100 mL of oil in 1,000 km' })
    expect(judged.details.join(' ')).toContain('Read the level')
  })
  it('is at the low mark already when it is', () => {
    expect(judgeOilUse(use(60, 10, { perWeek: 5 }), file([]), [oil({ by: 'marks', pct: -10 })])).toMatchObject({
      left: 0,
      lowOn: '2026-05-04',
    })
  })
  it('more used is never judged milder', () => {
    const rank = ['good', 'near', 'past']
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 0, max: 200 }), (ml, more) => {
        const mark = (m: number): number => rank.indexOf(judgeOilUse(use(m, 10), file([]), []).mark)
        expect(mark(ml + more)).toBeGreaterThanOrEqual(mark(ml))
      }),
    )
  })
  it('is worked out between two visits where both levels and both meters are known', () => {
    const meter = (reading: number): Entry => entry('meter', { reading, unit: 'h', source: 'measured', pattern: null })
    const history = [{ number: 203, at: '2026-03-01', entries: [oil({ by: 'marks', pct: 100 }), meter(40)] }]
    const now = [oil({ by: 'marks', pct: 20 }), meter(52)]
    expect(usedSinceLastVisit(file([], { history }), now)).toMatchObject({
      number: 203,
      usedMl: 120,
      hours: 12,
      mlPerH: 10,
    })
    expect(usedSinceLastVisit(file([], { history }), [oil({ by: 'marks', pct: 20 })])).toBeNull()
    expect(assess(file(now, { history })).newest.oil?.details.at(-1)).toBe(
      'Since T 203 it used 120 mL in 12 h, 10 mL an hour, top-ups not counted.',
    )
    expect(assess(file([oil({ by: 'marks', pct: 120 }), meter(52)], { history })).newest.oil?.details.at(-1)).toContain(
      'rose by 30 mL',
    )
  })
  it('stands among the findings of the job', () => {
    const a = assess(file([full, use(60, 10)]))
    expect(a.findings.filter(j => 'rate' in j).map(j => (j as OilUseJudgement).rate)).toEqual([6])
    expect(a.basis.guessed).toContain('oil use')
  })
})

describe('whether an oil fits', () => {
  const fit = (
    what: Parameters<typeof oilFits>[0]['what'],
    facts: Partial<EngineFacts>,
    rated: Partial<Parameters<typeof oilFits>[0]> = {},
  ) => oilFits({ what, wetClutch: 'unknown', antiWear: 'unknown', ...rated }, { ...FACTS, ...facts }).fit
  it('a clutch in the oil asks for its rating', () => {
    expect(fit('engine', { clutch: 'wet' }, { wetClutch: 'yes' })).toBe('fits')
    expect(fit('engine', { clutch: 'wet' })).toBe('check')
    expect(fit('engine', { clutch: 'wet' }, { wetClutch: 'no' })).toBe('does_not_fit')
    expect(fit('engine', { clutch: 'unknown', engineClass: 'M4' })).toBe('check')
  })
  it('flat followers ask for an anti-wear additive', () => {
    expect(fit('engine', { followers: 'flat' }, { antiWear: 'no' })).toBe('does_not_fit')
    expect(fit('engine', { followers: 'flat' })).toBe('check')
    expect(fit('engine', { followers: 'roller' }, { antiWear: 'no' })).toBe('fits')
  })
  it('a two-stroke burns only its own oil, and a sump takes none of it', () => {
    expect(fit('two_stroke', { cycle: 'two', oiling: 'premix' })).toBe('fits')
    expect(fit('two_stroke', { cycle: 'two', oiling: 'injection' })).toBe('check')
    expect(fit('engine', { cycle: 'two', oiling: 'premix' })).toBe('does_not_fit')
    expect(fit('two_stroke', {})).toBe('does_not_fit')
  })
  it('a wrong fluid never fits, stops the engine and brings the way back', () => {
    for (const what of ['gear', 'hydraulic', 'kitchen'] as const) expect(fit(what, {})).toBe('does_not_fit')
    const a = assess(
      file([
        entry(
          'oil_kind',
          { what: 'hydraulic', grade: null, wetClutch: 'unknown', antiWear: 'unknown', reason: null },
          { how: null },
        ),
      ]),
    )
    expect(a.stops.map(s => s.id)).toEqual(['wrong_fluid'])
    expect(a.newest.oil_kind?.details.join(' ')).toContain('drain it')
  })
  it('names every reason, the gravest first', () => {
    const { reasons } = oilFits(
      { what: 'engine', wetClutch: 'no', antiWear: 'unknown' },
      { ...FACTS, clutch: 'wet', followers: 'flat', bearings: 'plain_shells' },
    )
    expect(reasons.map(r => r.fit)).toEqual(['does_not_fit', 'check', 'fits'])
  })
})

describe('which way up, and care', () => {
  it('a mower goes tail down, a rider stays upright, a two-stroke has nothing to spill', () => {
    expect(tiltGuide('walk_behind_mower', FACTS).best).toContain('Tail down')
    expect(tiltGuide('riding_mower', FACTS).best).toContain('Upright')
    expect(tiltGuide('generator', FACTS).best).toContain('Upright')
    expect(tiltGuide('chainsaw', { ...FACTS, cycle: 'two', oiling: 'premix' }).drain).toBe('No sump to drain.')
    expect(tiltGuide('walk_behind_mower', { ...FACTS, drainPlug: 'no' }).drain).toContain('No drain plug')
  })
  it("care speaks in this engine's own figures, and says when it has none", () => {
    const lines = careText(file([])).join(' ')
    expect(lines).toContain('Between the marks lie 150 mL')
    expect(careText(file([], { spec: [] })).join(' ')).toContain('not on record')
    expect(careText(file([], { spec: [...SHEET, figureOf('oil_change', 25, 'h')] })).join(' ')).toContain(
      'every 25 hours,',
    )
    expect(careText(file([], { spec: [] })).join(' ')).toContain('every 50 hours (rule of thumb)')
  })
  it('a mix is told by the litre, never leaner', () => {
    expect(careText(file([], { facts: { cycle: 'two', oiling: 'premix', mixRatio: 50 } }))[0]).toBe(
      'Mix 50 : 1: 20 mL of two-stroke oil for each litre of fuel, never less oil.',
    )
    expect(careText(file([], { facts: { cycle: 'two', oiling: 'injection' } }))[0]).toContain('its own tank')
  })
})

describe('the rhythm of oil changes', () => {
  const meter = (
    reading: number,
    pattern: { hoursPerDay: number; daysPerWeek: number; months: number } | null = null,
  ): Entry => entry('meter', { reading, unit: 'h', source: pattern ? 'estimated' : 'measured', pattern })
  const change = (atHours: number | null = null): Entry =>
    entry('oil_change', { amount: null, oil: null, filter: false, atHours }, { how: null })
  const visit = (number: number, hours: number) => ({ number, at: '2026-01-01', entries: [meter(hours), change()] })
  const history = [visit(201, 30), visit(205, 80), visit(209, 105)]
  it('average and longest gap come out of the visits, and what is left from the sheet', () => {
    const rhythm = oilRhythm(file([], { history, spec: [...SHEET, figureOf('oil_change', 50, 'h')] }), [
      meter(125, { hoursPerDay: 1, daysPerWeek: 7, months: 3 }),
    ])
    expect(rhythm).toMatchObject({
      at: [30, 80, 105],
      averageH: 37.5,
      longestH: 50,
      sinceH: 20,
      overdue: false,
      daysLeft: 30,
    })
    expect(rhythmWords(rhythm).join(' ')).toBe(
      '3 changes on record: every 38 h on average, the longest gap 50 h. 20 h on this oil of 50 h, due in about 30 days as it is used.',
    )
  })
  it('is overdue at the interval, not before', () => {
    const at = (now: number) =>
      oilRhythm(file([], { history, spec: [figureOf('oil_change', 50, 'h')] }), [meter(now)]).overdue
    expect([at(154), at(155)]).toEqual([false, true])
  })
  it('a change that was done elsewhere counts at its own hours, one without hours not at all', () => {
    expect(oilRhythm(file([]), [change(60)]).at).toEqual([60])
    expect(oilRhythm(file([]), [change()])).toMatchObject({ at: [], averageH: null, sinceH: null })
    expect(assess(file([change()])).findings[0]).toMatchObject({ mark: 'open', headline: 'Oil changed' })
  })
})
