import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { DEBRIS_AMOUNTS, DEBRIS_MATERIALS, DEBRIS_SOURCES } from '#core/debris/debrisTables'
import { SOURCE_WORDS } from '#core/entries/debris/judge'
import { MATERIAL_WORDS } from '#core/words/looks'
import { compression, entry, file, line, oil, option, terms } from './file'

const maker = [{ item: 'compression_limit', value: 8, unit: 'bar', source: 'maker', note: null } as const]
const saysOf = (dry: number, wet: number | null, more = {}, facts = {}) =>
  assess(file([compression(dry, wet, 'bar', more)], { spec: maker, facts })).newest.compression!

describe('compression in words', () => {
  it('a shut throttle, few pulls and a cold engine are said beside the figure', () => {
    const details = saysOf(5, null, { throttleOpen: false, pulls: 2, temperature: 'cold' }).details.join(' ')
    expect(details).toContain('The throttle was not held open')
    expect(details).toContain('2 pulls are few')
    expect(details).toContain('Cold reads 5 to 10 % under warm')
    expect(details).toContain('a little oil in the cylinder')
  })
  it('whose figure it was is named, and a pass clears no bore', () => {
    expect(saysOf(5, null).details[0]).toContain("the figure used is 8.00 bar (maker's figure)")
    expect(saysOf(9, null).details.join(' ')).toContain('does not clear the bore')
    expect(assess(file([compression(5, null)], { spec: [] })).newest.compression?.details[0]).toContain(
      '(rule of thumb). A rule of thumb makes it doubtful',
    )
  })
  it('a release that nobody knows of is taken to be there', () => {
    expect(saysOf(5, null, { release: 'unknown' }, { release: 'unknown' })).toMatchObject({
      mark: 'open',
      status: 'not_comparable',
    })
    expect(saysOf(5, null, { release: 'unknown' }, { release: 'none' }).status).toBe('fail')
    expect(saysOf(5, null, { release: 'disabled' }, { release: 'automatic' }).status).toBe('fail')
  })
  it('a figure for the release at work is used when there is one', () => {
    const spec = [{ item: 'compression_with_release', value: 60, unit: 'psi', source: 'maker', note: null } as const]
    const at = (psi: number) =>
      assess(file([compression(psi, null, 'psi', { release: 'working' })], { spec, facts: { release: 'automatic' } }))
        .newest.compression?.status
    expect([at(60), at(59)]).toEqual(['pass', 'fail'])
  })
  it('a two-stroke is not read by oil in its cylinder', () => {
    expect(saysOf(5, 5.1, {}, { cycle: 'two' }).details.join(' ')).toContain('A two-stroke is not read by it')
    expect(saysOf(5, 5.1).details.join(' ')).not.toContain('two-stroke')
    expect(saysOf(5, 4).pair).toBe('repeat_test')
    // from under a third of the figure a small rise tells nothing, although it is a large share of so little
    expect(saysOf(2, 2.2).pair).toBe('too_low_to_tell')
    expect(saysOf(2.5, 3.15).pair).toBe('too_low_to_tell')
    expect(saysOf(2.5, 3.3).pair).not.toBe('too_low_to_tell')
    // from any low reading: two thirds of a bar point at no ring, a whole bar does
    expect(saysOf(2.8, 3.45).pair).toBe('too_low_to_tell')
    expect(saysOf(2.8, 3.9).pair).toBe('rings')
  })
  it('kicking back asks for the key, weak by feel for a gauge', () => {
    const feel = (f: 'kicks' | 'weak' | 'normal') =>
      assess(file([compression(null, null, 'bar', { feel: f })])).newest.compression!
    expect(feel('kicks').details[0]).toContain('flywheel key')
    expect(feel('weak').details[0]).toContain('use a gauge')
    expect(feel('normal').details[0]).toContain('does not clear the bore')
  })
  it('the verdict does not change with the unit it was read in', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 14, noNaN: true }), bar => {
        const inBar = assess(file([compression(bar, bar * 1.2)], { spec: maker })).newest.compression!
        const inPsi = assess(file([compression(bar * 14.503773773, bar * 1.2 * 14.503773773, 'psi')], { spec: maker }))
          .newest.compression!
        expect([inPsi.status, inPsi.pair, inPsi.mark]).toEqual([inBar.status, inBar.pair, inBar.mark])
      }),
    )
  })
})

describe('debris in words', () => {
  const sampled = (
    place: 'filter_clean' | 'jet' | 'sump',
    material: (typeof DEBRIS_MATERIALS)[number],
    amount: (typeof DEBRIS_AMOUNTS)[number],
  ) =>
    assess(
      file([
        entry('debris', {
          place,
          items: [{ material, amount, largestUm: 800 }],
          hoursSinceOil: 50,
          hoursSinceRebuild: null,
          note: null,
        }),
      ]),
    )
  const sample = (...said: Parameters<typeof sampled>) => sampled(...said).newest.debris!
  it('every material has a name and every source words', () => {
    for (const material of DEBRIS_MATERIALS) {
      expect(MATERIAL_WORDS[material]).toBeTruthy()
      for (const source of DEBRIS_SOURCES[material]) expect(SOURCE_WORDS[source], source).toBeTruthy()
    }
  })
  it('where it lay changes what it threatens', () => {
    expect(sample('filter_clean', 'grit', 'some').details.join(' ')).toContain('could reach the bearings')
    expect(sample('jet', 'grit', 'some').details.join(' ')).toContain('prove it clear before any rebuild')
  })
  it('more of the same is never less grave', () => {
    const order = ['normal', 'watch', 'investigate', 'stop']
    for (const material of DEBRIS_MATERIALS) {
      const states = DEBRIS_AMOUNTS.map(amount => order.indexOf(sample('sump', material, amount).state))
      expect(
        [...states].sort((a, b) => a - b),
        material,
      ).toEqual(states)
    }
    const nothing = sampled('sump', 'aluminium', 'none')
    expect(nothing.stops).toEqual([])
    expect(nothing.newest.debris).toMatchObject({ state: 'normal', sources: [] })
  })
})

describe('turning in words', () => {
  it.each([
    ['normal', 'good'],
    ['weak', 'open'],
    ['tight_spot', 'near'],
    ['free', 'past'],
    ['locked', 'past'],
  ] as const)('%s is %s', (feel, mark) => {
    expect(
      assess(file([entry('turn_over', { feel, method: 'rope', plugIn: false, note: null })])).newest.turn_over?.mark,
    ).toBe(mark)
  })
  it('weak by hand is expected where a release is fitted', () => {
    const weak = entry('turn_over', { feel: 'weak', method: 'rope', plugIn: true, note: null })
    expect(assess(file([weak], { facts: { release: 'automatic' } })).newest.turn_over?.details.join(' ')).toContain(
      'is expected',
    )
  })
})

describe('laws of the verdict', () => {
  const money = fc.integer({ min: 0, max: 60000 })
  const job = (price: number, cap: number | null, running = 900) =>
    assess(
      file([
        terms(running, 60, cap),
        oil({ by: 'marks', pct: 50 }),
        option('Repair', 'repair', [line('labour', 3, { low: 2, high: 6 }), line('part', price)], {
          successChance: 0.9,
        }),
        option('Engine', 'new_engine', [line('part', 33000), line('labour', 1)]),
      ]),
    ).decision
  it('a dearer part never leaves more', () => {
    fc.assert(
      fc.property(money, money, (price, more) => {
        expect(job(price + more, null).options[0]!.net).toBeLessThanOrEqual(job(price, null).options[0]!.net + 1e-9)
      }),
      { numRuns: 25 },
    )
  })
  it('a lower cap never allows what a higher one forbids', () => {
    fc.assert(
      fc.property(money, fc.integer({ min: 50, max: 900 }), fc.integer({ min: 0, max: 500 }), (price, cap, more) => {
        const [tight, wide] = [job(price, cap).options, job(price, cap + more).options]
        for (const [i, o] of tight.entries()) if (o.allowed) expect(wide[i]!.allowed).toBe(true)
      }),
      { numRuns: 25 },
    )
  })
  it('P10, P50 and P90 stand in order, inside what paper says', () => {
    fc.assert(
      fc.property(money, price => {
        const { p10, p50, p90, paper } = job(price, null).options[0]!
        expect(p10).toBeLessThanOrEqual(p50)
        expect(p50).toBeLessThanOrEqual(p90)
        expect(p10).toBeGreaterThanOrEqual(paper.low - 1e-6)
        expect(p90).toBeLessThanOrEqual(paper.high + 1e-6)
      }),
      { numRuns: 25 },
    )
  })
  it('the leading way is the one that leaves most, or nothing is mended', () => {
    fc.assert(
      fc.property(money, fc.integer({ min: 50, max: 2000 }), (price, running) => {
        const { options, verdict, fallback } = job(price, null, running)
        const most = Math.max(fallback.value, ...options.map(o => o.net))
        const chosen = options.find(o => o.entryId === verdict?.bestId)?.net ?? fallback.value
        expect(chosen).toBeCloseTo(most, 6)
      }),
      { numRuns: 25 },
    )
  })
})
