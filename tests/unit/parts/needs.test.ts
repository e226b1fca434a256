import { describe, expect, it } from 'vitest'
import type { BodyOf, Entry } from '#core/entries/types'
import { linesInHand, missing, needs, partsMove, readyBy } from '#core/parts/needs'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entry, line, option } from '../job/file'

const order = (what: string, more: Partial<BodyOf['order']> = {}): Entry =>
  entry(
    'order',
    {
      what,
      number: null,
      supplier: 'Tollbrook',
      priceMinor: null,
      state: 'ordered',
      orderedOn: '2026-06-01',
      dueOn: '2026-06-05',
      note: null,
      ...more,
    },
    { how: null },
  )
const outwork = (more: Partial<BodyOf['outwork']> = {}): Entry =>
  entry(
    'outwork',
    {
      what: 'Bore',
      shop: 'Grinding Co',
      target: '52.50',
      sentOn: null,
      dueOn: null,
      days: null,
      priceMinor: null,
      returnedOn: null,
      measured: null,
      verdict: 'open',
      note: null,
      ...more,
    },
    { how: null },
  )
const LINES = [
  line('part', 100, { text: 'Piston' }),
  line('part', 100, { text: 'Gasket' }),
  line('outwork', 100, { text: 'Bore' }),
  line('part', 100, { text: 'Crank', chance: 0.4 }),
  line('labour', 3),
]
const TODAY = '2026-06-01'

describe('what a way needs', () => {
  it('parts and outwork of its lines; labour is not bought, what may be needed is told apart', () => {
    const all = needs(LINES, [])
    expect(all.map(n => [n.text, n.state])).toEqual([
      ['Piston', 'missing'],
      ['Gasket', 'missing'],
      ['Bore', 'missing'],
      ['Crank', 'missing'],
    ])
    expect(missing(all).map(n => n.text)).toEqual(['Piston', 'Gasket', 'Bore'])
  })
  it("one supplier who hasn't got it does not undo another's order", () => {
    const [piston] = needs(LINES, [
      order('Piston', { state: 'ordered' }),
      order('Piston', { supplier: 'Alder', state: 'none', dueOn: null, note: 'out of print' }),
    ])
    expect(piston).toMatchObject({ state: 'ordered', dueOn: '2026-06-05', orders: [{}, {}] })
  })
  it('comes from what was agreed, else from the way that leads', () => {
    const way = option('Rebuild', 'rebuild', LINES)
    expect(linesInHand([way], way.id)).toHaveLength(5)
    expect(linesInHand([way], null)).toEqual([])
    const agreed = entry(
      'approval',
      {
        optionEntryId: way.id,
        agreedBy: 'N',
        how: 'phone',
        conditions: null,
        frozen: {
          name: 'R',
          way: 'rebuild',
          lines: LINES.slice(0, 1),
          currency: 'EUR',
          labourRateMinor: 0,
          taxPct: 0,
          mean: 0,
          p10: 0,
          p50: 0,
          p90: 0,
          reasons: [],
        },
      },
      { how: null },
    )
    expect(linesInHand([way, agreed], way.id)).toHaveLength(1)
  })
})

describe('by when it can be ready', () => {
  it('the last part, then the longest outwork, then the build', () => {
    const all = needs(LINES, [
      order('Piston'),
      order('Gasket', { dueOn: '2026-06-10' }),
      outwork({ sentOn: '2026-06-02', dueOn: '2026-06-06' }),
    ])
    // the gasket on the 10th, four days of boring after the piston, two days of building
    expect(readyBy(all, TODAY, 8)).toBe('2026-06-16')
  })
  it('is not known while a part has no day, or outwork neither day nor length', () => {
    expect(readyBy(needs(LINES, [order('Piston')]), TODAY, 1)).toBeNull()
    expect(readyBy(needs(LINES, [order('Piston'), order('Gasket'), outwork()]), TODAY, 1)).toBeNull()
    expect(readyBy(needs(LINES, [order('Piston'), order('Gasket'), outwork({ days: 3 })]), TODAY, 5)).toBe('2026-06-09')
  })
  it('is today and the build when all of it is here', () => {
    const here = [
      order('Piston', { state: 'arrived' }),
      order('Gasket', { state: 'arrived' }),
      outwork({ verdict: 'accepted', returnedOn: TODAY }),
    ]
    expect(readyBy(needs(LINES, here), TODAY, 5)).toBe('2026-06-02')
  })
})

describe('whose move it is', () => {
  const move = (log: Entry[], waits: string | null) => partsMove(needs(LINES, log), waits)
  it("parts' until all is here; outwork's when only that is out; never the owner's or the clock's", () => {
    const here = [order('Piston', { state: 'arrived' }), order('Gasket', { state: 'arrived' })]
    expect(move([order('Piston')], null)).toBe('parts')
    expect(move([order('Piston')], 'owner')).toBeNull()
    expect(move([...here, outwork({ sentOn: TODAY })], 'parts')).toBe('outwork')
    expect(move([...here, outwork({ verdict: 'accepted', returnedOn: TODAY })], 'outwork')).toBe('nobody')
    expect(move([...here, outwork({ verdict: 'accepted', returnedOn: TODAY })], 'nobody')).toBeNull()
    expect(move([], null)).toBeNull()
  })
})

describe('what may be written down', () => {
  const path = (kind: 'order' | 'outwork', body: object) =>
    BODY_SCHEMAS[kind].safeParse(body).error?.issues.map(i => i.path.join('.'))
  it('an order has its day; outwork is measured before it is accepted, and what is wrong is said', () => {
    const o = order('Piston').body as object
    expect(path('order', { ...o, dueOn: null })).toEqual(['dueOn'])
    expect(path('order', { ...o, dueOn: '2026-05-01' })).toEqual(['dueOn'])
    expect(path('order', { ...o, state: 'none', dueOn: null })).toBeUndefined()
    const w = outwork().body as object
    expect(path('outwork', { ...w, verdict: 'accepted' })).toEqual(['returnedOn', 'measured'])
    expect(path('outwork', { ...w, verdict: 'sent_back', returnedOn: TODAY })).toEqual(['note'])
    expect(
      path('outwork', { ...w, verdict: 'accepted', returnedOn: TODAY, measured: { value: 52.5, unit: 'mm' } }),
    ).toBeUndefined()
  })
})
