import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { watchesOf, watchWords } from '#core/condition/watches'
import type { BodyOf, Entry } from '#core/entries/types'
import { meterThatCounts } from '#core/entries/meter/runningTime'
import { keptOf } from '#core/entries/kept'
import { oilRhythm, rhythmWords } from '#core/entries/oil_change/rhythm'
import { schema as standTest } from '#core/entries/stand_test/schema'
import { careText } from '#core/handover/careText'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { describe as inWords } from '#core/entries/say'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { oilAccount } from '#core/oil/oilAccount'
import { addCalendar, daysBetween } from '#core/units/calendar'
import { compression, entry, figureOf, file, oil } from '../job/file'

/** 150 cc mower: fill 0.45 to 0.52 L, nominal 0.50. */
const PLUM = [
  figureOf('oil_capacity', 500, 'mL'),
  figureOf('oil_full_mark', 520, 'mL'),
  figureOf('oil_low_mark', 450, 'mL'),
]
const moved = (
  action: BodyOf['fluid']['action'],
  litres: number,
  onTop: NonNullable<BodyOf['fluid']['onTop']> | null = null,
): Entry =>
  entry(
    'fluid',
    { action, amount: { value: litres, unit: 'L' }, what: null, onTop, to: null },
    { how: action === 'owner_poured' ? 'claimed' : 'measured' },
  )
const at = (e: Entry, when: string): Entry => ({ ...e, at: when })
const said = (entries: Entry[], options: Parameters<typeof file>[1] = { spec: PLUM }) => {
  const { judgements } = assess(file(entries, options))
  return judgements.at(-1)
}

describe('what was in it adds up by itself', () => {
  it('a whole bottle into a drained engine is 0.45 L too much, and drawn off 0.43 L it is in its band', () => {
    const poured = moved('owner_poured', 0.95, 'empty')
    expect(said([poured])?.headline).toContain('far over full with 950 mL in it')
    expect(said([poured])?.details.join(' ')).toContain('90 % over')
    expect(said([poured])?.details.join(' ')).toContain('450 mL more than its fill of 500 mL')
    const off = said([poured, moved('drawn_off', 0.43)])
    expect(off).toMatchObject({ mark: 'good' })
    expect(off?.details.join(' ')).toContain('holds 520 mL (950 mL − 430 mL)')
  })
  it('what only the owner says blocks nothing, and is heard by the diagnosis', () => {
    const poured = moved('owner_poured', 0.95, 'empty')
    const { stops, asked } = assess(file([poured], { spec: PLUM }))
    expect(stops.map(s => s.id)).not.toContain('oil_over')
    expect(asked.map(s => s.id)).toContain('oil_over')
    const over = (entries: Entry[]): number =>
      diagnoseJob(file(entries, { spec: PLUM })).likely.find(l => l.cause.id === 'overfilled')?.p ?? 0
    expect(over([poured])).toBeGreaterThan(0.15)
  })
  it('far over the stick, what was poured in says how much it is; one that disagrees is shown beside it', () => {
    const far = oil({ by: 'marks', pct: 290 }, { smell: 'plain', history: 'known' })
    expect(said([moved('owner_poured', 0.95, 'empty'), far])?.details.join(' ')).toContain('950 mL, 190 % of the fill')
    const inside = oil({ by: 'marks', pct: 50 }, { smell: 'plain', history: 'known' })
    const apart = said([moved('owner_poured', 0.95, 'empty'), inside])
    expect(apart?.details.join(' ')).toContain('read it again')
    expect(apart?.mark).toBe('near')
  })
  it('the same judgement whatever door it came in by: a refill, an oil change, a reading', () => {
    const drained = moved('drained', 0.4)
    const change = entry('oil_change', { amount: { value: 0.95, unit: 'L' }, oil: null, filter: false, atHours: null })
    for (const log of [[drained, moved('filled', 0.95)], [change], [oil({ by: 'marks', pct: 290 })]])
      expect([log.at(-1)?.kind, assess(file(log, { spec: PLUM })).stops.map(s => s.id)]).toEqual([
        log.at(-1)?.kind,
        expect.arrayContaining(['oil_over']),
      ])
  })
  it('onto nobody knows what it adds up to nothing, and says so', () => {
    expect(said([moved('owner_poured', 0.3)])).toMatchObject({ mark: 'open' })
    expect(oilAccount([{ did: 'poured', ml: 300, onTop: 'unknown' }], 500).nowMl).toBeNull()
  })
  it('never holds less than nothing, and what came out begins it anew', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.boolean(), fc.integer({ min: 0, max: 900 })), { maxLength: 8 }), rows => {
        const moves = rows.map(([pour, ml]) =>
          pour ? ({ did: 'poured', ml, onTop: 'some' } as const) : ({ did: 'drawn_off', ml } as const),
        )
        const { nowMl } = oilAccount([{ did: 'emptied', ml: 500 }, ...moves], 500)
        expect(nowMl).toBeGreaterThanOrEqual(0)
        expect(
          oilAccount([...moves, { did: 'emptied', ml: 500 }, { did: 'poured', ml: 480, onTop: 'some' }], 500).nowMl,
        ).toBe(480)
      }),
    )
  })
  it('unknown oil is changed and never only drawn off; a reading from before anybody asked is judged as it was', () => {
    const over = (more: object) =>
      said([oil({ by: 'marks', pct: 150 }, { smell: 'plain', ...more })])?.details.join(' ')
    expect(over({ history: 'unknown' })).toContain(
      'Change all of it, not only the surplus: nobody knows what oil it is',
    )
    expect(over({ history: 'known' })).toContain('Draw off')
    expect(over({})).toContain('Draw off')
  })
  it('a tank that stood is read after running: dry it is looked at first, and blocks nothing', () => {
    const tank = { facts: { oiling: 'pump_dry' as const }, spec: PLUM }
    const dry = (readWhen?: string) => assess(file([oil({ by: 'dry' }, readWhen ? { readWhen } : {})], tank))
    expect(dry('standing').stops.map(s => s.id)).not.toContain('oil_low')
    expect(dry('standing').asked.map(s => s.id)).toContain('oil_low')
    expect(dry('after_run').stops.map(s => s.id)).toContain('oil_low')
    expect(dry().stops.map(s => s.id)).toContain('oil_low')
  })
  it('a stand test keeps what it caught, and how fast; caught and dry do not go together', () => {
    const test = {
      startedAt: '2026-05-04T17:10:00Z',
      endedAt: '2026-05-05T08:10:00Z',
      seen: 'liquid' as const,
      caught: { value: 20, unit: 'mL' },
      minimumHours: 12,
    }
    expect(inWords(entry('stand_test', test), DEFAULT_POLICY).text).toContain('20 mL caught, 1.3 mL an hour')
    expect(standTest.safeParse({ ...test, seen: 'none' }).error?.issues[0]?.path).toEqual(['seen'])
  })
  it('the card has the fill of the sheet, also where the marks are not known, and lays a hand-held tank flat', () => {
    const words = (spec = PLUM, machineKind: 'walk_behind_mower' | 'trimmer' = 'walk_behind_mower') =>
      careText(file([], { spec, kind: machineKind })).join(' ')
    expect(words()).toContain('It takes 500 mL in all, 450 mL at the low mark and 520 mL at the full mark')
    expect(words([figureOf('oil_capacity', 500, 'mL')])).toContain('It takes 500 mL in all.')
    expect(words([figureOf('oil_capacity', 80, 'mL')], 'trimmer')).toContain(
      'Lay the tank flat and fill to the bottom of the thread: 80 mL',
    )
  })
})

describe('running time', () => {
  const meter = (reading: number, source: 'measured' | 'claimed' = 'measured', unit: 'h' | 'km' = 'h'): Entry =>
    entry('meter', { reading, unit, source, pattern: null }, { how: source === 'claimed' ? 'claimed' : 'measured' })
  const visit = (number: number, when: string, entries: Entry[]) => ({
    number,
    at: when,
    entries: entries.map(e => at(e, when)),
  })
  it('one that is told never takes the place of one that was read', () => {
    const log = [meter(120), meter(300, 'claimed')]
    expect(meterThatCounts(keptOf(log).meter)?.body.reading).toBe(120)
    expect(meterThatCounts(keptOf([meter(300, 'claimed')]).meter)?.body.reading).toBe(300)
    expect(said(log)?.details.join(' ')).toContain("120 h was read before: that stays the machine's figure")
  })
  it('one that counts back is shown, and no trend is drawn over it', () => {
    const dry = (bar: number) => compression(bar, null)
    const history = [
      visit(1, '2026-01-04T09:00:00.000Z', [meter(100), dry(9)]),
      visit(2, '2026-03-04T09:00:00.000Z', [meter(200), dry(8)]),
    ]
    const options = { history, spec: [...PLUM, figureOf('compression_limit', 600, 'kPa')] }
    expect(said([meter(300), dry(7)], options)?.details.join(' ')).toContain('It falls')
    const back = assess(file([meter(40), dry(7)], options))
    expect(back.judgements.find(j => j.headline.startsWith('Running time'))).toMatchObject({ mark: 'near' })
    const words = back.judgements.at(-1)?.details.join(' ')
    expect(words).toContain('counts back')
    expect(words).not.toContain('It falls')
  })
  it('is due by hours, km and months, whichever comes first; km count as km', () => {
    const change = entry('oil_change', { amount: null, oil: null, filter: false, atHours: null }, { how: null })
    const spec = [...PLUM, figureOf('oil_change_km', 3000, 'km'), figureOf('oil_change_months', 12, 'months')]
    const history = [visit(1, '2026-01-31T09:00:00.000Z', [meter(10_000, 'measured', 'km'), change])]
    const now = (km: number, day: string) => {
      const log = [at(meter(km, 'measured', 'km'), day)]
      const f = file(log, { history, spec, facts: { engineClass: 'M4' } })
      return { rhythm: oilRhythm(f, log), words: rhythmWords(oilRhythm(f, log)).join(' ') }
    }
    expect(now(11_500, '2026-05-01T09:00:00.000Z')).toMatchObject({
      rhythm: { sinceKm: 1500, sinceH: null, overdue: false },
      words: expect.stringContaining('1,500 km of 3,000 km, 90 days of 12 months'),
    })
    expect(now(13_000, '2026-05-01T09:00:00.000Z').rhythm).toMatchObject({ overdue: true, mostUsed: 'km' })
    expect(now(10_500, '2027-02-01T09:00:00.000Z').rhythm).toMatchObject({ overdue: true, mostUsed: 'days' })
  })
  it('months and years count as the calendar does', () => {
    expect(addCalendar('2026-01-31', 1, 'months')).toBe('2026-02-28')
    expect(addCalendar('2028-02-29', 1, 'years')).toBe('2029-02-28')
    expect(addCalendar('2026-12-15', 2, 'weeks')).toBe('2026-12-29')
    expect(daysBetween('2026-03-01', '2027-03-01')).toBe(365)
  })
})

describe('what is to be looked at again', () => {
  const watch = (more: Partial<BodyOf['watch']>, id?: string): Entry =>
    entry(
      'watch',
      { what: 'Strainer', afterHours: null, afterKm: null, after: null, unit: null, onDay: null, why: null, ...more },
      { how: null, ...(id && { id }) },
    )
  const hours = (reading: number): Entry => entry('meter', { reading, unit: 'h', source: 'measured', pattern: null })
  const before = (entries: Entry[]) => ({ history: [{ number: 7, at: '2026-05-04T09:00:00.000Z', entries }] })

  it('is due by its hours from what the meter stood at then, on a later visit, and says from which job', () => {
    const then = before([hours(50), watch({ afterHours: 10 })])
    expect(watchesOf(then, [hours(59)], '2026-05-05')[0]).toMatchObject({ now: false, number: 7 })
    const due = watchesOf(then, [hours(60)], '2026-05-05')[0]
    expect(due).toMatchObject({ now: true, due: { hours: 60 } })
    expect(due && watchWords(due)).toBe('Strainer: after 10 h, at 60 h, from T 7')
  })
  it('is due by the calendar, whichever comes first', () => {
    const then = before([watch({ after: 2, unit: 'weeks', afterKm: 500 })])
    expect(watchesOf(then, [], '2026-05-17')[0]).toMatchObject({ now: false, due: { day: '2026-05-18' } })
    expect(watchesOf(then, [], '2026-05-18')[0]?.now).toBe(true)
  })
  it('is closed by the entry that answers it, on this visit or a later one, and by no other', () => {
    const item = watch({ afterHours: 10 })
    const done = (watchId: string) => entry('watch_done', { watchId, result: 'fine', found: null })
    expect(watchesOf(before([hours(50), item]), [done(item.id)], '2026-05-05')).toEqual([])
    expect(watchesOf(before([hours(50), item]), [done(hours(1).id)], '2026-05-05')).toHaveLength(1)
  })
})
