import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import type { Entry } from '#core/entries/types'
import { refusal } from '#core/gates'
import { entry, figureOf, file, oil } from '../job/file'
import { done, fluid, stick } from '../condition/log'

const litres = (value: number) => ({ by: 'volume' as const, amount: { value, unit: 'L' } })
const capacity = (ml: number) => [figureOf('oil_capacity', ml, 'mL')]

describe('a washer that was carried on its side', () => {
  const spec = capacity(600)
  const facts = { fuelFeed: 'float' as const }
  const cure = (): Entry => entry('cure', { path: 'needle', note: null } as never, done)
  const stood = (startedAt: string, endedAt: string, seen: string): Entry =>
    entry('stand_test', { startedAt, endedAt, minimumHours: 12, seen, note: null } as never, done)
  const drained = oil(litres(1.05), { smell: 'petrol' })
  const leaked = stood('2026-05-04T17:10:00Z', '2026-05-05T08:10:00Z', 'liquid')
  const dry = stood('2026-05-05T09:30:00Z', '2026-05-05T21:45:00Z', 'nothing')
  const of = (log: Entry[]) => assess(file(log, { spec, facts }))
  const refill = (log: Entry[]): string | null => refusal(fluid('filled'), file(log, { spec, facts }))?.message ?? null

  it('0.45 L of what came out is fuel, 43 %; it is not run and not filled', () => {
    const a = of([drained])
    expect(a.newest.oil?.details.join(' ')).toContain('450 mL of it is fuel, 43 %')
    expect(a.stops.map(s => s.id)).toEqual(['oil_fuel'])
    expect(a.stops[0]?.forbids).toEqual(expect.arrayContaining(['run', 'refill', 'turn', 'tip']))
    expect(a.fuel?.likely.join(' ').toLowerCase()).toContain('needle')
    expect(refill([drained])).toContain('No refill yet')
  })
  it('a test that leaked keeps it shut, however long it stood', () => {
    const log = [drained, cure(), leaked]
    expect(of(log).fuel?.stand?.state).toBe('leaked')
    expect(refill(log)).toContain('cure the way that the fuel came first')
    expect(of(log).stops[0]?.reason).toContain('The last test leaked')
  })
  it('a dry night opens the refill, and only a plain smell after a run closes it', () => {
    const log = [drained, cure(), leaked, cure(), dry]
    expect(of(log).fuel?.step).toBe('refill')
    expect(refill(log)).toBeNull()
    const filled = [...log, fluid('filled')]
    expect(of(filled).stops.map(s => s.id)).toEqual(['oil_fuel'])
    expect(of([...filled, stick(95, { smell: 'plain' })]).stops).toEqual([])
  })
})

describe('a trimmer filled head up', () => {
  it('holds 50 mL too much, 62.5 % over', () => {
    const a = assess(file([oil(litres(0.13))], { spec: capacity(80) }))
    expect(a.newest.oil?.details[0]).toContain('62.5 % over')
    expect(a.newest.oil?.adjust).toEqual({ action: 'drain', amountMl: expect.closeTo(50, 6) as number })
  })
})

describe('a mower that got the whole bottle', () => {
  const of = (log: Entry[]) =>
    assess(
      file(log, {
        spec: [...capacity(500), figureOf('oil_full_mark', 520, 'mL'), figureOf('oil_low_mark', 450, 'mL')],
      }),
    )
  it('holds 0.95 L, 90 % over: the plug comes out before it is turned, and the surplus may go alone', () => {
    const a = of([oil(litres(0.95), { smell: 'plain' })])
    expect(a.newest.oil?.details[0]).toContain('90 % over')
    expect(a.newest.oil?.details.join(' ')).toContain('the oil itself is sound, so the surplus is enough')
    expect(a.stops.map(s => s.id)).toEqual(['oil_over'])
    expect(a.stops[0]?.forbids).toEqual(expect.arrayContaining(['turn', 'crank', 'run']))
  })
  it('drawn off to the mark it may be started again', () => {
    const over = oil(litres(0.95), { smell: 'plain' })
    expect(of([over, fluid('drained'), stick(100, { smell: 'plain' })]).stops).toEqual([])
  })
})

describe('a can that was mixed too rich', () => {
  it('harms no metal, and is no stop', () => {
    const can = entry('mix', {
      fuel: { value: 5, unit: 'L' },
      oil: { value: 200, unit: 'mL' },
      makerRatio: 50,
      fuelType: null,
      fuelDays: null,
      stabilised: false,
      note: null,
    } as never)
    const a = assess(file([can], { spec: [], facts: { cycle: 'two', oiling: 'premix', engineClass: 'H2' } }))
    expect(a.newest.mix).toMatchObject({ ratio: 25, tooLean: false })
    expect([...a.stops, ...a.asked]).toEqual([])
  })
})
