import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { describe as describeEntry } from '#core/entries/say'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { compression, entry, file, line, oil, option, terms } from './file'

const drained = (value: number, unit = 'mL') => ({ by: 'volume', amount: { value, unit } }) as const

describe('worked cases', () => {
  it('an overfilled mower: draw off the surplus, 330 mL', () => {
    const a = assess(
      file([
        oil(drained(880)),
        terms(260, 60, 120),
        option('Draw off', 'adjust', [line('labour', 0.5)], { successChance: 0.95 }),
      ]),
    )
    // 880 drained of 550: 330 over, 60 % of the fill
    expect(a.newest.oil).toMatchObject({
      state: 'dangerously_over',
      adjust: { action: 'drain', amountMl: 330 },
      ruined: false,
    })
    expect(a.newest.oil?.details.join(' ')).toContain('Draw off 330 mL to reach the full mark')
    expect(a.stops.map(s => s.id)).toEqual(['oil_over'])
    // 0.95·260 + 0.05·60 − 25 = 225
    expect(a.decision.verdict).toMatchObject({ outcome: 'repair', bestName: 'Draw off' })
    expect(a.decision.options[0]?.net).toBeCloseTo(225, 9)
  })

  it('a seized rider: one dear part decides between rebuild and new engine', () => {
    const crank = line('part', 24500, { text: 'Crankshaft', chance: 0.4 })
    const log = [
      terms(1250, 160),
      option('Rebuild', 'rebuild', [line('part', 15000), line('labour', 8), crank], {
        successChance: 0.9,
        hoursOk: 400,
      }),
      option('New engine', 'new_engine', [line('part', 61000), line('labour', 2)], { hoursOk: 700 }),
    ]
    const a = assess(file(log))
    // rebuild: 150 + 400 + 0.4·245 = 648; 0.9·1250 + 0.1·160 − 648 = 493. New engine: 1250 − 710 = 540
    expect(a.decision.options.map(o => o.mean)).toEqual([648, 710])
    expect(a.decision.options.map(o => o.net)).toEqual([expect.closeTo(493, 9), 540])
    expect(a.decision.verdict).toMatchObject({ outcome: 'replace', bestName: 'New engine' })
    // 591 − 0.4·x = 540 at x = 127.50; 591 − 245·p = 540 at p = 51/245
    const price = a.decision.verdict?.flips.find(f => f.lineId === crank.id && f.about === 'price')
    const need = a.decision.verdict?.flips.find(f => f.lineId === crank.id && f.about === 'need')
    expect(price).toMatchObject({
      at: expect.closeTo(127.5, 9),
      direction: 'below',
      from: 'New engine',
      to: 'Rebuild',
      because: 'net',
    })
    expect(need?.at).toBeCloseTo(51 / 245, 9)
    expect(a.decision.verdict?.flipWords[0]).toBe(
      'Chance that ‘Crankshaft’ is needed: below 21 % (now 40 %) it becomes ‘Rebuild’.',
    )
    // hours: 410 over 362 h is 1.84 an hour against 710 over 700 h, 1.01
    expect(a.decision.options.map(o => o.costPerH)).toEqual([
      expect.closeTo(648 / 360, 9),
      expect.closeTo(710 / 700, 9),
    ])
  })

  it('a cheap worn-out trimmer: parting it out beats mending it', () => {
    const a = assess(
      file(
        [
          terms(85, 10),
          compression(62, 79, 'psi'),
          option('Ring and kit', 'repair', [line('part', 3300), line('labour', 1.4)], { successChance: 0.7 }),
          option('Part it out', 'part_out', [
            line('labour', 0.3),
            line('sale', 2800, { chance: 0.8 }),
            line('sale', 2400, { chance: 0.7 }),
          ]),
        ],
        { facts: { engineClass: 'H2', cycle: 'two', oiling: 'premix', oilShows: 'none' }, spec: [] },
      ),
    )
    // parts bring 22.40 + 16.80 − 15 = 24.20; mending leaves 0.7·85 + 0.3·24.20 − 103 = −36.24
    expect(a.decision.fallback).toMatchObject({ way: 'part_out', value: expect.closeTo(24.2, 9) })
    expect(a.decision.options[0]?.net).toBeCloseTo(-36.24, 9)
    expect(a.decision.verdict).toMatchObject({ outcome: 'part_out', bestName: 'Part it out' })
    expect(a.decision.verdict?.reasons.join(' ')).toContain('€60 less')
  })
})

describe('oil', () => {
  it('a full engine may hold ruined oil', () => {
    const a = assess(file([oil({ by: 'marks', pct: 80 }, { colour: 'black', thickness: 'thick' })]))
    expect(a.newest.oil).toMatchObject({ state: 'ok', ruined: true, mark: 'past' })
  })

  it('a high level is no overfill before it was smelt, and fuel stops a refill', () => {
    expect(assess(file([oil(drained(800), { smell: 'not_smelt' })])).newest.oil?.details.join(' ')).toContain(
      'Change all of it, not only the surplus: it was not smelt',
    )
    expect(assess(file([oil(drained(600), { smell: 'petrol' })])).stops.map(s => s.id)).toEqual(['oil_fuel'])
  })

  it('dry means at most what lies under the tip of the stick', () => {
    const a = assess(file([oil({ by: 'dry' }, { colour: 'silvery' })]))
    // tip at 0.55 of 550 = 302.5
    expect(a.newest.oil).toMatchObject({
      state: 'dangerously_low',
      atMost: true,
      volumeMl: expect.closeTo(302.5, 9),
      headline: 'Dry, short by at least 248 mL, metal in it',
    })
    expect(assess(file([oil({ by: 'dry' })], { spec: [], facts: { engineClass: 'H2' } })).newest.oil).toMatchObject({
      state: null,
      mark: 'past',
    })
  })

  it('asks where it went every time it is low, until it is named', () => {
    const said = (more: Parameters<typeof oil>[1], pct = -20) =>
      assess(file([oil({ by: 'marks', pct }, more)])).newest.oil?.details.join(' ')
    expect(said({})).toContain('Where did it go? Not named yet')
    expect(said({ whereGone: 'cant_tell' })).toContain('Not named yet')
    expect(said({ whereGone: 'leaked' })).toContain('It went: leaked.')
    expect(said({}, 60)).not.toContain('Where did it go')
  })

  it('reads the stick in any unit of the shop, with the same verdict', () => {
    for (const volumeUnit of ['mL', 'L', 'US_floz'] as const) {
      expect(assess(file([oil(drained(29.7561, 'US_floz'))], { policy: { volumeUnit } })).newest.oil).toMatchObject({
        state: 'dangerously_over',
        adjust: { amountMl: expect.closeTo(330, 1) },
      })
    }
  })

  it("the shop's fill aim and surplus rule are followed", () => {
    expect(
      assess(file([oil({ by: 'marks', pct: -20 })], { policy: { fillAim: 'middle' } })).newest.oil?.adjust?.amountMl,
    ).toBeCloseTo(475 - assess(file([oil({ by: 'marks', pct: -20 })])).newest.oil!.volumeMl!, 6)
    expect(
      assess(file([oil(drained(800))], { policy: { surplusRule: 'change_all' } })).newest.oil?.details.join(' '),
    ).toContain('All of it is changed')
  })
})

describe('compression', () => {
  const maker = [{ item: 'compression_limit', value: 8, unit: 'bar', source: 'maker', note: null } as const]
  it('dry 4.0, wet 5.4 points at rings; dry 0.5, wet 0.8 is not conclusive', () => {
    expect(assess(file([compression(4, 5.4)], { spec: maker })).newest.compression).toMatchObject({
      status: 'fail',
      pair: 'rings',
      mark: 'past',
    })
    expect(assess(file([compression(0.5, 0.8)], { spec: maker })).newest.compression?.pair).toBe('too_low_to_tell')
    expect(assess(file([compression(0.5, 2)], { spec: maker })).newest.compression?.pair).toBe('rings')
    expect(assess(file([compression(0, 0)], { spec: maker })).newest.compression).toMatchObject({
      status: 'no_compression',
      pair: 'no_compression',
      headline: 'No compression',
    })
  })

  it("a rule of thumb makes it doubtful, only a maker's or measured figure condemns", () => {
    expect(assess(file([compression(4, null)], { spec: [] })).newest.compression).toMatchObject({
      mark: 'near',
      status: 'fail',
    })
    expect(assess(file([compression(4, null)], { spec: maker })).newest.compression?.mark).toBe('past')
  })

  it('is honest about a release and about height', () => {
    expect(
      assess(file([compression(60, null, 'psi', { release: 'working' })], { facts: { release: 'automatic' } })).newest
        .compression,
    ).toMatchObject({ mark: 'open', status: 'not_comparable' })
    expect(
      assess(file([compression(7.3, null)], { spec: maker, policy: { altitudeM: 1000 } })).newest.compression,
    ).toMatchObject({ mark: 'good', pStdKpa: expect.closeTo(823, 0) })
  })

  it('by feel, only none is believed', () => {
    expect(assess(file([compression(null, null, 'bar', { feel: 'none' })])).newest.compression?.mark).toBe('past')
    expect(assess(file([compression(null, null, 'bar', { feel: 'weak' })])).newest.compression?.mark).toBe('open')
  })
})

describe('plug and air filter', () => {
  it('oil on the plug means another thing on a two-stroke, and a new plug nothing', () => {
    const plug = (state: 'oil_wet' | 'new' | 'normal') => entry('plug', { state, note: null }, { how: 'by_eye' })
    expect(assess(file([plug('oil_wet')])).newest.plug?.mark).toBe('past')
    expect(assess(file([plug('oil_wet')], { facts: { cycle: 'two' } })).newest.plug).toMatchObject({
      mark: 'near',
      details: [expect.stringContaining('too much oil in the mix')],
    })
    expect([assess(file([plug('new')])).newest.plug?.mark, assess(file([plug('normal')])).newest.plug?.mark]).toEqual([
      'open',
      'good',
    ])
  })
  it('the worse of filter and breather counts', () => {
    const look = (filter: 'sound' | 'missing', breather: 'clear' | 'oily' | null) =>
      assess(file([entry('air_filter', { filter, breather, note: null }, { how: 'by_eye' })])).newest.air_filter?.mark
    expect([look('sound', null), look('sound', 'clear'), look('sound', 'oily'), look('missing', 'clear')]).toEqual([
      'good',
      'good',
      'near',
      'past',
    ])
  })
})

describe('leak-down and crankcase', () => {
  const leak = (cylinder: number, heard: ('exhaust' | 'intake' | 'oil_filler' | 'crankcase')[] = []) =>
    entry('leak_down', {
      regulator: { value: 7, unit: 'bar' },
      cylinder: { value: cylinder, unit: 'bar' },
      orificeMm: 1,
      heard,
      note: null,
    })
  it('the ear names the part, the per cent alone only makes it doubtful', () => {
    // 7 → 5.6 bar is 20 %: fair on an air-cooled four-stroke
    expect(assess(file([leak(5.6)])).newest.leak_down).toMatchObject({ mark: 'good', headline: 'Leak-down 20 %, fair' })
    expect(assess(file([leak(3.5)])).newest.leak_down?.mark).toBe('near')
    expect(assess(file([leak(3.5, ['exhaust'])])).newest.leak_down).toMatchObject({
      mark: 'past',
      headline: 'Leak-down 50 %, bad: the exhaust valve',
    })
    expect(assess(file([leak(3.5, ['exhaust'])])).newest.leak_down?.details.join(' ')).toContain(
      'Read the lash before a seat is blamed',
    )
    expect(assess(file([leak(6.9, ['intake'])])).newest.leak_down?.mark).toBe('near')
    expect(assess(file([leak(0)])).newest.leak_down?.details.join(' ')).toContain('not at top dead centre')
  })
  it('the same air at the same place means another part on a two-stroke', () => {
    expect(
      assess(file([leak(5.6, ['exhaust'])], { facts: { cycle: 'two', engineClass: 'H2' } })).newest.leak_down?.headline,
    ).toContain('rings, bore or piston')
  })
  it('a crankcase is judged by its kind, and never by one way alone', () => {
    const pumped = entry('crankcase', {
      start: { value: 40, unit: 'kPa' },
      end: { value: 30, unit: 'kPa' },
      seconds: 60,
      note: null,
    })
    expect(assess(file([pumped], { facts: { cycle: 'two', engineClass: 'H2' } })).newest.crankcase).toMatchObject({
      mark: 'good',
      headline: 'Crankcase pressure: holds',
    })
    expect(assess(file([pumped], { facts: { cycle: 'two', engineClass: 'V2' } })).newest.crankcase?.mark).toBe('open')
    expect(
      assess(file([pumped], { facts: { cycle: 'two', engineClass: 'H2' } })).newest.crankcase?.details.join(' '),
    ).toContain('do vacuum too')
  })
  it('counts as narrowed down', () => {
    expect(assess(file([leak(6)])).stages.find(s => s.stage === 'narrow_down')?.state).toBe('done')
  })
})

describe('stops, log and stages', () => {
  const turn = (plugIn: boolean) =>
    entry('turn_over', { feel: 'locked', method: 'flywheel', plugIn, note: null }, { how: 'by_feel' })
  it('locked with the plug in must not be cranked, until it was turned with the plug out', () => {
    expect(assess(file([turn(true)])).stops.map(s => s.id)).toEqual(['locked_plug_in'])
    expect(assess(file([turn(true)])).next[0]?.id).toBe('plug_out')
    expect(assess(file([turn(true), turn(false)])).stops).toEqual([])
  })

  it('a correction takes the place of what it corrects, a void takes it out, both stay in the log', () => {
    const wrong = oil(drained(88))
    const right = { ...oil(drained(880)), supersedes: wrong.id }
    const log = [wrong, right]
    expect(assess(file(log)).newest.oil?.entryId).toBe(right.id)
    expect(
      assess(file([...log, entry('void', { reason: 'Undone' }, { how: null, supersedes: right.id })])).newest.oil,
    ).toBeUndefined()
    expect(log).toHaveLength(2)
  })

  it('putting an old reading right does not make it the newest', () => {
    const [first, second] = [oil(drained(880)), oil(drained(520))]
    const right = { ...oil(drained(870)), supersedes: first.id }
    expect(assess(file([first, second, right])).newest.oil?.entryId).toBe(second.id)
    const offers = [option('A', 'repair', []), option('B', 'repair', [])]
    const dearer = { ...option('A, dearer', 'repair', []), supersedes: offers[0]!.id }
    expect(assess(file([...offers, dearer])).decision.options.map(o => o.name)).toEqual(['A, dearer', 'B'])
  })

  it('a flake in the strainer stops it and names where it comes from', () => {
    const a = assess(
      file([
        entry('debris', {
          place: 'strainer',
          items: [{ material: 'bearing_flake', amount: 'some', largestUm: 1200 }],
          hoursSinceOil: null,
          hoursSinceRebuild: null,
          note: null,
        }),
      ]),
    )
    expect(a.newest.debris).toMatchObject({ state: 'stop', sources: ['rolling_bearing_spall', 'big_end_cage_or_race'] })
    expect(a.newest.debris?.details.join(' ')).toContain('taken as one interval')
  })

  it('stages follow the log unless somebody says otherwise', () => {
    const skip = entry('stage', { stage: 'narrow_down', state: 'skipped', reason: 'level explains it' }, { how: null })
    const a = assess(file([entry('complaint', { words: 'Smokes', since: null }), oil(drained(880)), turn(false), skip]))
    expect(a.stages.map(s => s.state)).toEqual([
      'done',
      'done',
      'skipped',
      'open',
      'open',
      'open',
      'open',
      'open',
      'open',
    ])
    expect(a.stage).toBe('open_up')
    expect(assess(file([entry('hand_back', { to: 'Her', words: null }, { how: null })])).closed).toBe(true)
  })

  it('the same log always reads the same', () => {
    const f = file([
      oil(drained(880)),
      compression(4, 5.4),
      terms(260, 60),
      option('A', 'repair', [line('labour', 2, { low: 1, high: 4 })]),
    ])
    expect(JSON.stringify(assess(f))).toBe(JSON.stringify(assess(JSON.parse(JSON.stringify(f)))))
  })

  it('tells the log in the units it was read in', () => {
    expect(describeEntry(compression(62, null, 'psi'), DEFAULT_POLICY).text).toBe(
      'dry 62 psi (4.27 bar); throttle open, 6 pulls, warm, no release',
    )
    expect(describeEntry(oil({ by: 'marks', pct: 120 }), DEFAULT_POLICY).text).toContain(
      '20 % of the mark gap over full',
    )
  })
})
