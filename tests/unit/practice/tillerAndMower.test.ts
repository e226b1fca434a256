import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { heldBack } from '#core/next/allowed'
import { CHECK_BY_ID } from '#core/catalogue'
import type { Entry } from '#core/entries/types'
import { refusal } from '#core/gates'
import { spendNow } from '#core/verdict/spend'
import { entry, figureOf, file, line, option, terms } from '../job/file'
import { part, seen, turned } from '../condition/log'

/** Two whole jobs, row by row, as they are taken at the bench. */
const sized = (item: string, reads: number[]): Entry =>
  entry('measure', {
    item,
    place: null,
    when: 'as_found',
    tool: 'micrometer',
    reads: reads.map(value => ({ value, unit: 'mm' })),
    note: null,
    soldMm: [],
  } as never)

describe('a tiller that knocks', () => {
  const spec = [
    figureOf('rod_play_max', 0.13, 'mm'),
    figureOf('crank_pin_min', 24.95, 'mm'),
    figureOf('crank_pin_oor_max', 0.02, 'mm'),
  ]
  const of = (log: Entry[]) =>
    assess(file(log, { spec, facts: { valves: 'side' }, policy: { labourRateMinor: 4500, taxPct: 0 } }))
  const value = terms(240, null)
  const rock = sized('rod_rim', [1.5, 85, 22])
  const pin = sized('crank_pin', [24.93, 24.88])
  const money = [
    line('part', 3200, { text: 'Rod', parts: ['rod'] }),
    line('part', 1200, { text: 'Gaskets', parts: [] }),
    line('part', 500, { text: 'Oil', parts: [] }),
    line('labour', 3, { text: 'Split, fit, build' }),
  ]
  const ways = [
    option('Rod only', 'repair', money),
    option('Rod and crank', 'rebuild', [...money, line('part', 12_000, { text: 'Crank', parts: ['crank'] })]),
    option('New engine', 'new_engine', [line('part', 18_900, { text: 'Engine' }), line('labour', 1)]),
    option('Part out', 'part_out', [line('sale', 4500), line('labour', 0.6)]),
  ]
  it('rocked by its rim: 0.39 mm, three times the most, and it is not run', () => {
    const a = of([value, rock])
    expect(a.judgements[0]?.headline).toContain('0.388 mm')
    expect(a.judgements[0]?.details.join(' ')).toContain('3.0 times the most')
    expect(a.stops.map(s => [s.id, s.canSign])).toEqual([['knock', false]])
    expect(a.stops[0]?.reason).toContain('the rod may part and throw metal')
    for (const id of ['listen', 'hot', 'smoke']) expect(heldBack(CHECK_BY_ID.get(id)!, a.stops)?.id, id).toBe('knock')
  })
  it('is heard by the diagnosis, which asks for the cap off or the pin next', () => {
    const { likely, next } = diagnoseJob(file([value, rock], { spec, facts: { valves: 'side' } }))
    expect(likely[0]?.cause.id).toMatch(/rod|big_end/)
    expect(next.some(s => s.check.opens)).toBe(true)
  })
  it('the pin is too small and oval: no new rod is fitted on it', () => {
    const a = of([value, rock, pin, ...ways])
    expect(a.judgements[1]?.details.join(' ')).toContain('Out of round 0.050 mm')
    const [rod, crank, engine, parted] = a.decision.options
    expect(rod?.mean).toBeCloseTo(184, 6)
    expect(rod?.ruledOut).toContain('crank pin: 24.880 mm')
    expect([crank?.mean, crank?.sharePct?.toFixed(1), crank?.ruledOut]).toEqual([304, '126.7', null])
    expect([engine?.mean, engine?.sharePct?.toFixed(1), engine?.withinShare]).toEqual([234, '97.5', false])
    expect((parted?.brings ?? 0) - (parted?.mean ?? 0)).toBeCloseTo(18, 6)
    expect(a.decision.verdict?.bestName).not.toBe('Rod only')
  })
  it('cannot be agreed to, handed back as mended or called proved', () => {
    const log = [value, rock, pin, ...ways]
    const shop = file(log, { spec, facts: { valves: 'side' }, policy: { labourRateMinor: 4500, taxPct: 0 } })
    const [rod] = assess(shop).decision.options
    const agreed = entry(
      'approval',
      {
        optionEntryId: rod?.entryId,
        agreedBy: 'D',
        how: 'phone',
        conditions: null,
        frozen: {
          name: 'Rod only',
          way: 'repair',
          lines: money,
          currency: 'EUR',
          labourRateMinor: 4500,
          taxPct: 0,
          mean: rod?.mean,
          p10: rod?.p10,
          p50: rod?.p50,
          p90: rod?.p90,
          reasons: [],
        },
      } as never,
      { how: null },
    )
    expect(refusal(agreed, shop)?.message).toContain('is ruled out')
    const back = (way: string, more = {}): Entry =>
      entry('hand_back', { to: 'D', words: null, way, ...more } as never, { how: null })
    expect(refusal(back('mended'), shop)?.message).toContain('It is not mended')
    expect(refusal(back('as_is', { told: 'at the counter', disabled: 'lead tied off' }), shop)).toBeNull()
  })
})

describe('a mower with a rusted pulley', () => {
  const shop = { labourRateMinor: 5200, taxPct: 0 }
  const worth = (() => {
    const said = terms(640, 60, 110)
    return { ...said, body: { ...said.body, useClass: 'working' } } as Entry
  })()
  const worked = (minutes: number): Entry =>
    entry('spend', { what: 'Pulley', startedAt: null, endedAt: null, minutes, costMinor: null } as never, {
      how: null,
    })
  const spend = (minutes: number) => spendNow([worth, worked(minutes)], file([], { policy: shop }).policy)
  it('the clock: quiet at 1.9 h, warned at 2.0 h, past the cap at 2.3 h until the owner answers', () => {
    expect([spend(114).total.toFixed(2), spend(114).sharePct?.toFixed(1), spend(114).state]).toEqual([
      '98.80',
      '89.8',
      'ok',
    ])
    expect([spend(120).sharePct?.toFixed(1), spend(120).state]).toEqual(['94.5', 'near_cap'])
    const over = spend(138)
    expect([(over.total - (over.cap ?? 0)).toFixed(2), over.state]).toEqual(['9.60', 'over_cap'])
    const clock = entry(
      'spend',
      {
        what: 'Bore',
        startedAt: '2026-05-04T09:00:00Z',
        endedAt: null,
        minutes: null,
        costMinor: null,
      } as never,
      { how: null },
    )
    const log = [worth, worked(138)]
    expect(refusal(clock, file(log, { policy: shop }))?.message).toContain('Call the owner first')
    const answered = entry('owner_call', { result: 'answered', answer: 'go on', capMinor: 40_000 } as never, {
      how: null,
    })
    expect(refusal(clock, file([...log, answered], { policy: shop }))).toBeNull()
  })
  it('an unlined bore that a nail catches in is not repairable; the engine is renewed, and the sums say so', () => {
    const scored = part('cylinder', 'replace', ['nail'])
    const rings = option('Rings', 'rings', [line('part', 2400, { parts: ['rings'] }), line('labour', 2)])
    const bored = option('Rebore', 'rebore', [line('outwork', 6000, { parts: ['cylinder'] }), line('labour', 2)])
    const engine = option('Repower', 'new_engine', [
      line('part', 14_900, { text: 'Engine' }),
      line('part', 1800, { text: 'Hub' }),
      line('labour', 1.4),
    ])
    const fit = entry(
      'fit_check',
      {
        shaft: 'fits',
        length: 'fits',
        key: 'fits',
        bolts: 'fits',
        rotation: 'fits',
        tank: 'fits',
        brake: 'fits',
        exhaust: 'fits',
        wiring: 'fits',
        note: null,
      } as never,
      seen,
    )
    const log = [worth, turned('free', false), scored, fit, rings, bored, engine]
    const a = assess(file(log, { policy: shop, facts: { bore: 'bare', valves: 'side' } }))
    const [r, b, e] = a.decision.options
    expect(r?.ruledOut).toContain('cylinder and bore')
    expect(b?.ruledOut).toContain('an unlined bore has no size')
    expect([e?.mean.toFixed(2), e?.sharePct?.toFixed(1), e?.ruledOut]).toEqual(['239.80', '37.5', null])
  })
})
