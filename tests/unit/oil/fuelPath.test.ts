import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import type { Entry } from '#core/entries/types'
import { judgeStand } from '#core/entries/stand_test/judge'
import { refillRefusal } from '#core/condition/fuelPath'
import { entry, file, oil } from '../job/file'

const petrolDrained = oil({ by: 'volume', amount: { value: 690, unit: 'mL' } }, { smell: 'petrol' })
const petrolOnStick = oil({ by: 'marks', pct: 150 }, { smell: 'petrol' })
const drained = entry('fluid', { action: 'drained', amount: { value: 690, unit: 'mL' }, what: null })
const filled = entry('fluid', { action: 'filled', amount: { value: 500, unit: 'mL' }, what: null })
const cure = entry('cure', { path: 'needle', text: null }, { how: null })
const stand = (hours: number | null, seen: 'none' | 'damp' | 'liquid' | null = 'none', more = {}) =>
  entry(
    'stand_test',
    {
      startedAt: '2026-05-04T18:20:00.000Z',
      endedAt:
        hours === null ? null : new Date(Date.parse('2026-05-04T18:20:00.000Z') + hours * 3_600_000).toISOString(),
      seen: hours === null ? null : seen,
      minimumHours: 12,
    },
    { how: null, ...more },
  )
const plain = oil({ by: 'marks', pct: 90 })
const stepOf = (entries: Entry[], facts = {}) => assess(file(entries, { facts })).fuel?.step

describe('fuel in the oil', () => {
  it('is drained, cured, stood and only then filled, in that order', () => {
    expect(stepOf([plain])).toBeUndefined()
    expect(stepOf([petrolOnStick])).toBe('drain')
    expect(stepOf([petrolOnStick, drained])).toBe('cure')
    expect(stepOf([petrolDrained])).toBe('cure')
    expect(stepOf([petrolDrained, cure])).toBe('stand')
    expect(stepOf([petrolDrained, cure, stand(null)])).toBe('stand')
    expect(stepOf([petrolDrained, cure, stand(12.75)])).toBe('refill')
    expect(stepOf([petrolDrained, cure, stand(12.75), filled])).toBe('smell')
    expect(stepOf([petrolDrained, cure, stand(12.75), filled, plain])).toBe('done')
  })

  it('a test before the cure, a refill before the test and a plain smell before the refill prove nothing', () => {
    expect(stepOf([petrolDrained, stand(20), cure])).toBe('stand')
    expect(stepOf([petrolDrained, cure, filled, stand(20)])).toBe('refill')
    expect(stepOf([petrolDrained, cure, plain])).toBe('stand')
    expect(stepOf([petrolDrained, cure, stand(20), filled, petrolDrained])).toBe('cure')
  })

  it('any liquid fails whatever the time, and too short is not long enough', () => {
    const test = (hours: number | null, seen: 'none' | 'damp' | 'liquid' | null) =>
      judgeStand({
        ...(stand(hours, seen).body as {
          startedAt: string
          endedAt: string | null
          seen: 'none'
          minimumHours: number
        }),
      })
    expect([test(12, 'none'), test(11.99, 'none'), test(30, 'liquid'), test(30, 'damp'), test(null, null)]).toEqual([
      'passed',
      'too_short',
      'leaked',
      'leaked',
      'running',
    ])
    expect(assess(file([petrolDrained, cure, stand(30, 'liquid')])).stops[0]?.reason).toContain('The last test leaked')
    expect(stepOf([petrolDrained, cure, stand(30, 'liquid'), cure, stand(13)])).toBe('refill')
  })

  it('a test that leaked makes the cure due again: the next dry night proves nothing before it', () => {
    const leaked = [petrolDrained, cure, stand(30, 'liquid')]
    expect(stepOf(leaked)).toBe('cure')
    expect(stepOf([...leaked, stand(13)])).toBe('cure')
    const held = (log: Entry[]) => assess(file(log)).stops[0]?.forbids ?? []
    expect(held([...leaked, stand(13)])).toContain('refill')
    expect(held([...leaked, cure, stand(13)])).not.toContain('refill')
    expect(refillRefusal(assess(file([...leaked, stand(13)])).fuel)).toContain('cure the way')
    // one after the other, as often as it leaks
    expect(stepOf([...leaked, cure, stand(30, 'damp')])).toBe('cure')
    expect(stepOf([...leaked, cure, stand(30, 'damp'), cure, stand(12)])).toBe('refill')
  })

  it('an ended test is the same test, corrected', () => {
    const running = stand(null)
    expect(stepOf([petrolDrained, cure, running, stand(13, 'none', { supersedes: running.id })])).toBe('refill')
  })

  it("correcting the smell's note keeps what was done since", () => {
    const noted = { ...petrolDrained, id: '01ARZ3NDEKTSV4RRFFQ69G5FAV', supersedes: petrolDrained.id }
    expect(stepOf([petrolDrained, cure, stand(13), noted])).toBe('refill')
    expect(assess(file([petrolDrained, cure])).next.map(l => l.id)).not.toContain('compression')
  })

  it('stops the job until the test has passed, and says where this carburettor leaks', () => {
    const a = assess(file([petrolDrained]))
    expect(a.stops.map(s => s.id)).toEqual(['oil_fuel'])
    expect(a.next[0]?.id).toBe('fuel')
    expect(a.fuel?.likely[0]).toBe('Needle, seat or float')
    expect(assess(file([petrolDrained], { facts: { fuelFeed: 'diaphragm' } })).fuel?.likely).not.toContain(
      'Needle, seat or float',
    )
    // dry: it may be filled and tipped again; it goes out only once it was smelt after a run
    const [left] = assess(file([petrolDrained, cure, stand(13)])).stops
    expect(left).toMatchObject({ id: 'oil_fuel', title: "Don't hand it over yet" })
    expect(left?.forbids).not.toContain('refill')
    expect(left?.forbids).toEqual(expect.arrayContaining(['run', 'hand_back']))
  })

  it('refuses the refill with the step that is missing', () => {
    const why = (entries: Entry[]) => refillRefusal(assess(file(entries)).fuel)
    expect(why([petrolOnStick])).toContain('drain the old oil first')
    expect(why([petrolDrained])).toContain('cure the way')
    expect(why([petrolDrained, cure])).toContain('has to pass first')
    expect(why([petrolDrained, cure, stand(null)])).toContain('still running')
    expect(why([petrolDrained, cure, stand(13)])).toBeNull()
    expect(why([plain])).toBeNull()
  })
})
