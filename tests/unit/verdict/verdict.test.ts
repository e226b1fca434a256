import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import type { Entry } from '#core/entries/types'
import { file, line, option, terms } from '../job/file'

const repair = (more = {}) =>
  option(
    'Repair',
    'repair',
    [line('part', 20000, { text: 'Pump', low: 15000, high: 40000, chance: 0.5 }), line('labour', 4)],
    { hoursOk: 300, ...more },
  )
const engine = (more = {}) =>
  option('Engine', 'new_engine', [line('part', 33000), line('labour', 1)], { hoursOk: 900, ...more })
const verdictOf = (entries: Entry[], policy = {}) => assess(file(entries, { policy })).decision

describe('rules', () => {
  it('each rule may choose otherwise, and says so', () => {
    const log = [terms(600, 50), repair(), engine()]
    // net: 600 − 200 − ~112 against 600 − 380; by the hour: 312/300 against 380/900
    expect(verdictOf(log).verdict).toMatchObject({ bestName: 'Repair', rule: 'net_value' })
    expect(verdictOf(log).verdict?.disagreements.join(' ')).toContain(
      'least cost for each hour it will run, ‘Engine’ would lead',
    )
    expect(verdictOf(log, { leadRule: 'cost_per_hour' }).verdict?.bestName).toBe('Engine')
    // half of 600 is 300: neither repair (about 312) nor engine (380) may be mended by that rule
    const byShare = verdictOf(log, { leadRule: 'share_of_value' })
    expect(byShare.options.map(o => o.withinShare)).toEqual([false, false])
    expect(byShare.verdict).toMatchObject({ outcome: 'leave', bestName: 'Leave it as it is' })
  })

  it('the cap is held against nine chances in ten, and the flip is where that breaks', () => {
    const pump = line('part', 20000, { text: 'Pump', chance: 0.5 })
    const log = [terms(900, 50, 450), option('Repair', 'repair', [line('labour', 4), pump]), engine()]
    // 200 sure, 200 more at 50 %: P90 is 400, within 450. The pump may cost 250 before it is not
    const { options, verdict } = verdictOf(log)
    expect(options[0]).toMatchObject({ p90: 400, allowed: true, pWithinCap: 1 })
    expect(verdict?.bestName).toBe('Repair')
    expect(verdict?.flips.find(f => f.lineId === pump.id && f.because === 'cap')).toMatchObject({
      at: expect.closeTo(250, 9),
      direction: 'above',
      to: 'Engine',
    })
    const tighter = verdictOf([terms(900, 50, 399), log[1]!, log[2]!])
    expect(tighter.options[0]?.allowed).toBe(false)
    expect(tighter.verdict?.reasons.join(' ')).toContain('‘Repair’ is out')
  })

  it('a chance of being needed flips where the cap is no longer met nine times in ten', () => {
    const part = line('part', 30000, { text: 'Head', chance: 0.05 })
    const { verdict } = verdictOf([
      terms(900, 50, 450),
      option('Repair', 'repair', [line('labour', 4), part]),
      engine(),
    ])
    expect(verdict?.flips.find(f => f.lineId === part.id && f.about === 'need')).toMatchObject({
      at: expect.closeTo(0.1, 9),
      because: 'cap',
    })
  })

  it('just beyond a flip the choice is really the other one', () => {
    const log = (price: number) => [
      terms(800, 60),
      option(
        'Repair',
        'repair',
        [line('labour', 5), line('part', price, { id: 'X', text: 'Crank', chance: 0.6, priceKind: 'estimate' })],
        { successChance: 0.9 },
      ),
      engine(),
    ]
    const { verdict } = verdictOf(log(5000))
    const flip = verdict!.flips.find(f => f.lineId === 'X' && f.about === 'price')!
    expect(flip).toMatchObject({ at: expect.closeTo(280 / 3, 9), direction: 'above' })
    expect(verdictOf(log(flip.at * 100 - 1)).verdict?.bestName).toBe(flip.from)
    expect(verdictOf(log(flip.at * 100 + 1)).verdict?.bestName).toBe(flip.to)
  })

  it('a way that is ruled out is shown and never chosen', () => {
    const { options, verdict } = verdictOf([terms(600, 50), repair({ ruledOut: 'bore through its plating' }), engine()])
    expect(options[0]?.allowed).toBe(false)
    expect(verdict?.bestName).toBe('Engine')
    expect(verdict?.reasons.join(' ')).toContain('ruled out: bore through its plating')
  })

  it('without a value nothing mended is rated, and the doubt is named', () => {
    expect(verdictOf([terms(null, 50), repair()]).verdict).toBeNull()
    const { verdict } = verdictOf([terms(null, 50), repair({ valueAfterMinor: 70000 })])
    expect(verdict?.bestName).toBe('Repair')
    expect(verdict?.doubts[0]).toContain('worth running has not been said')
  })

  it('tax is in every sum', () => {
    const [o] = verdictOf([terms(900, 50), option('R', 'repair', [line('part', 10000), line('labour', 2)])], {
      taxPct: 20,
    }).options
    expect(o?.mean).toBeCloseTo(240, 9)
  })
})
