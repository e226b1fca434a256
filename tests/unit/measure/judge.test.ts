import { describe, expect, it } from 'vitest'
import type { BodyOf, Entry } from '#core/entries/types'
import { assess } from '#core/assess'
import { judgeValveLeak } from '#core/entries/valve_leak/judge'
import { groupOf, MEASURE_PLANS } from '#core/measure/items'
import { judgePumpRig } from '#core/entries/pump_rig/judge'
import { judgeBore } from '#core/entries/bore/judge'
import { placesOfSize } from '#core/entries/measure/dangers'
import { judgeMeasure } from '#core/entries/measure/judge'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entry, figureOf, file } from '../job/file'

type Of<K extends 'bore' | 'measure'> = Entry & { kind: K }
const bore = (rows: [number, number][], more: Partial<BodyOf['bore']> = {}) =>
  entry('bore', {
    nominal: { value: 52, unit: 'mm' },
    unit: 'mm',
    rows,
    piston: null,
    tool: 'micrometer',
    when: 'as_found',
    partC: 20,
    sizesMm: [0.25, 0.5],
    holdCentre: false,
    crossHatch: 'yes',
    note: null,
    ...more,
  }) as Of<'bore'>
const size = (
  item: BodyOf['measure']['item'],
  figures: number[],
  more: Partial<BodyOf['measure']> = {},
  how: 'measured' | 'by_feel' = 'measured',
  unit = 'mm',
) =>
  entry(
    'measure',
    {
      item,
      reads: figures.map(value => ({ value, unit })),
      tool: 'dial',
      place: null,
      when: 'as_found',
      soldMm: [],
      note: null,
      ...more,
    },
    { how },
  ) as Of<'measure'>
const IRON = {
  facts: { bore: 'iron' as const, engineClass: 'V2' as const, cycle: 'two' as const },
  spec: [figureOf('bore_wear_max', 0.1, 'mm')],
}
const judge = (rows: [number, number][], more: Partial<BodyOf['bore']> = {}, at: Parameters<typeof file>[1] = IRON) =>
  judgeBore(bore(rows, more), file([], at))
const text = (j: { details: string[] }) => j.details.join(' ')

describe('by cylinder and place', () => {
  const rings = [
    figureOf('ring_gap_min', 0.2, 'mm'),
    figureOf('ring_gap_max', 0.8, 'mm'),
    figureOf('ring_gap_second_min', 0.3, 'mm'),
    figureOf('ring_gap_second_max', 1, 'mm'),
    figureOf('ring_gap_oil_max', 1.2, 'mm'),
    figureOf('ring_side_second_max', 0.1, 'mm'),
  ]
  const parts = ({ bad }: ReturnType<typeof assess>) => bad.map(b => b.parts.map(p => p.part))
  const now = (log: Entry[], at: Parameters<typeof file>[1] = { spec: rings }) => assess(file(log, at))
  it('each ring has a least and a most of its own', () => {
    const marks = (item: BodyOf['measure']['item'], ...gaps: number[]) =>
      gaps.map(gap => now([size(item, [gap], { tool: 'feeler' })]).judgements[0]?.mark)
    expect(marks('ring_gap', 0.1, 0.5, 0.95)).toEqual(['past', 'good', 'past'])
    expect(marks('ring_gap_second', 0.1, 0.5, 0.95, 1.1)).toEqual(['past', 'good', 'good', 'past'])
    expect(marks('ring_gap_oil', 0.95, 1.3)).toEqual(['good', 'past'])
    expect(marks('ring_side_second', 0.06, 0.2)).toEqual(['good', 'past'])
  })
  it('a second ring that is good takes nothing back of a top ring that is not', () => {
    const bad = now([size('ring_gap', [0.95]), size('ring_gap_second', [0.5])])
    expect(parts(bad)).toEqual([['rings', 'cylinder']])
    expect(bad.marks.measure).toBe('past')
  })
  it('a rule of thumb asks to look, too tight as well as too wide', () => {
    const at = { spec: [figureOf('bore', 60, 'mm')] }
    for (const gap of [0.08, 0.8]) expect(now([size('ring_gap', [gap])], at).judgements[0]?.mark).toBe('near')
    expect(now([size('ring_gap', [0.3])], at).judgements[0]?.mark).toBe('good')
  })
  it('the clearance of a groove never ends the slap of a piston', () => {
    const slap = [
      bore(
        [
          [52.3, 52.3],
          [52.3, 52.3],
        ],
        { piston: { value: 52, unit: 'mm' } },
      ),
      entry('work', { did: 'renewed', parts: ['piston'], answers: [], note: null } as never, { how: null }),
      size('ring_side', [0.05]),
    ]
    const spec = [figureOf('piston_clearance_max', 0.1, 'mm'), figureOf('ring_side_max', 0.1, 'mm')]
    expect(now(slap, { facts: { bore: 'iron' }, spec }).stops.map(s => s.id)).toContain('piston_slap')
  })
  it('inlet and exhaust, drive and flywheel side are places of their own, in either order', () => {
    const wobble = (place: string, mm: number): Entry => size('guide', [mm, 35, 10], { place })
    const spec = [figureOf('guide_clearance_max', 0.1, 'mm'), figureOf('main_play_max', 0.05, 'mm')]
    for (const log of [
      [wobble('inlet', 0.3), wobble('exhaust', 0.05)],
      [wobble('exhaust', 0.05), wobble('inlet', 0.3)],
    ])
      expect(parts(now(log, { spec }))).toEqual([['inlet_valve', 'head']])
    const play = (place: string, mm: number): Entry => size('main_play', [mm], { place })
    expect(parts(now([play('flywheel side', 0.2), play('drive side', 0.01)], { spec }))).toEqual([
      ['main_flywheel', 'crank'],
    ])
    const springs = [figureOf('spring_free_min', 30, 'mm')]
    const free = (place: string, mm: number): Entry => size('spring_free', [mm], { place })
    expect(parts(now([free('inlet', 28), free('exhaust', 31)], { spec: springs }))).toEqual([['springs']])
  })
  it('where it can be taken is picked, by this engine', () => {
    const { facts } = file([])
    expect(placesOfSize('guide', facts)).toEqual(['inlet', 'exhaust'])
    expect(placesOfSize('ring_gap', facts)).toEqual([])
    expect(placesOfSize('ring_gap', { ...facts, cylinders: 2 })).toEqual(['cylinder 1', 'cylinder 2'])
    expect(placesOfSize('guide', { ...facts, cylinders: 2 })).toContain('cylinder 2, exhaust')
  })
})

describe('a fit has a least as well as a most', () => {
  const taken = (item: BodyOf['measure']['item'], ...reads: number[]): Entry =>
    size(item, reads, { tool: 'micrometer' })
  const mark = (e: Entry, spec = [figureOf('big_end_clearance_max', 0.13, 'mm')]) =>
    assess(file([e], { spec })).judgements[0]!
  it('none and less than none are past it, whatever the most is', () => {
    for (const [e, words] of [
      [taken('big_end_oil', 25, 25), 'no clearance'],
      [taken('big_end_oil', 24.98, 25), 'less than no clearance'],
      [taken('ring_gap', 0), 'no clearance'],
      [taken('ring_side', 0), 'no clearance'],
      [taken('end_float', 0), 'no clearance'],
      [taken('pump_side', 0), 'no clearance'],
    ] as const) {
      expect(mark(e).mark, words).toBe('past')
      expect(mark(e).details.join(' ')).toContain(words)
    }
    expect(mark(taken('big_end_oil', 25.06, 25)).mark).toBe('good')
  })
  it("under the sheet's least is past, so near to none that the tool can't tell is open, felt is never condemned", () => {
    const spec = [figureOf('big_end_clearance_min', 0.03, 'mm'), figureOf('big_end_clearance_max', 0.13, 'mm')]
    expect(mark(taken('big_end_oil', 25.015, 25), spec)).toMatchObject({ mark: 'past' })
    expect(mark(taken('big_end_oil', 25.015, 25), spec).details.join(' ')).toContain('least 0.030 mm')
    expect(mark(taken('big_end_oil', 25.003, 25)).mark).toBe('open')
    expect(mark({ ...taken('ring_gap', 0), how: 'by_feel' }).mark).toBe('near')
  })
  it('a piston as large as its bore, or larger, never goes together', () => {
    const fit = (piston: number): Entry =>
      bore(
        [
          [52.01, 52.02],
          [52.01, 52.02],
        ],
        { piston: { value: piston, unit: 'mm' }, when: 'after_hone' },
      )
    const at = (piston: number, least?: number) =>
      assess(
        file([fit(piston)], {
          facts: { bore: 'iron' },
          spec: [
            figureOf('piston_clearance_max', 0.1, 'mm'),
            ...(least ? [figureOf('piston_clearance_min', least, 'mm')] : []),
          ],
        }),
      ).newest.bore!
    expect(at(51.96).mark).toBe('good')
    for (const piston of [52.01, 52.1]) expect(at(piston), String(piston)).toMatchObject({ mark: 'past' })
    expect(at(52.1).details.join(' ')).toContain('less than no clearance')
    // and tighter than the sheet allows is past as well
    expect(at(51.98, 0.05)).toMatchObject({ mark: 'past' })
    expect(at(51.98).mark).toBe('good')
  })
})

describe('a bore sheet', () => {
  it('first oversize is not enough, second is', () => {
    const j = judge([
      [52.12, 52.17],
      [52.06, 52.08],
      [52.02, 52.02],
    ])
    expect(j).toMatchObject({ mark: 'past', oversize: { status: 'ok', oversizeMm: 0.5 } })
    expect(text(j)).toContain('First oversize +0.25 is not enough: it needs 52.270 mm.')
    expect(text(j)).toContain('+0.5 cleans up: bore to 52.450 mm, hone to 52.500 mm, 0.230 mm to spare')
  })
  it('no size that is sold reaches it, or none is known', () => {
    expect(text(judge([[52.6, 52.6]]))).toContain('no size that is sold reaches it: sleeve or a new cylinder')
    expect(text(judge([[52.6, 52.6]], { sizesMm: [] }))).toContain('Type which oversizes are sold')
  })
  it('a plating is never bored, an unknown bore is asked about', () => {
    expect(text(judge([[52.2, 52.2]], {}, { facts: { bore: 'plated' } }))).toContain('A plating is never bored')
    expect(text(judge([[52.2, 52.2]], {}, { facts: { bore: 'unknown' } }))).toContain('Say what the bore is made of')
  })
  it("a rule of thumb condemns nothing; the maker's figure does; too near the limit for the tool is can't tell", () => {
    expect(judge([[52.3, 52.3]], {}, { facts: { bore: 'iron', engineClass: 'V2' }, spec: [] }).mark).toBe('near')
    expect(judge([[52.3, 52.3]]).mark).toBe('past')
    expect(judge([[52.102, 52.1]]).mark).toBe('open')
    expect(judge([[52.102, 52.1]], { tool: 'vernier' }).mark).toBe('open')
    expect(judge([[52.04, 52.04]]).mark).toBe('good')
  })
  it('a warm barrel is brought back to 20 °C, inches are read as inches', () => {
    expect(judge([[52.11, 52.11]], { partC: 60 }).grid.wearMm).toBeLessThan(0.09)
    const inch = judge([[2.05, 2.0512]], { unit: 'in', nominal: { value: 2.0472, unit: 'in' } })
    expect(inch.grid.wearMm).toBeCloseTo(0.1016, 3)
    expect(inch.headline).toContain('in')
  })
  it('piston clearance is measured, cross-hatch asked for, before and after honing kept apart', () => {
    const j = judge([[52.02, 52.02]], { piston: { value: 51.95, unit: 'mm' }, crossHatch: 'no', when: 'after_hone' })
    expect(j.clearanceMaxMm).toBeCloseTo(0.07)
    expect(text(j)).toContain('No cross-hatch')
    const both = assess(file([bore([[52.3, 52.3]]), bore([[52.5, 52.5]], { when: 'after_hone' })], IRON))
    expect(both.judgements.filter(x => x.headline.startsWith('Bore')).map(x => x.headline.slice(0, 18))).toEqual([
      'Bore as found: wea',
      'Bore after honing:',
    ])
  })
  it('slipped decimals are caught beside their reading', () => {
    const path = (rows: unknown, more: object = {}) =>
      BODY_SCHEMAS.bore.safeParse({ ...bore([[52, 52]]).body, rows, ...more }).error?.issues[0]?.path
    expect(
      path([
        [52, 52],
        [52.1, 5.21],
      ]),
    ).toEqual(['rows', 1, 1])
    expect(path([[52, 52]], { piston: { value: 519.5, unit: 'mm' } })).toEqual(['piston', 'value'])
    expect(path([])).toEqual(['rows'])
    expect(path([[52, null]])).toEqual(['rows', 0, 1])
  })
})

describe('other sizes', () => {
  const at = (entryOf: Of<'measure'>, more: Parameters<typeof file>[1] = {}) => judgeMeasure(entryOf, file([], more))
  it("good, worn but within, can't tell, past by the maker's figure", () => {
    const spec = [figureOf('rod_side_max', 0.7, 'mm')]
    expect([
      at(size('rod_side', [0.3]), { spec }).mark,
      at(size('rod_side', [0.705]), { spec }).mark,
      at(size('rod_side', [0.9]), { spec }).mark,
    ]).toEqual(['good', 'open', 'past'])
    expect(text(at(size('rod_side', [0.65]), { spec }))).toContain('worn, and still within its limit')
    expect(text(at(size('rod_side', [0.9]), { spec }))).toContain('1.3 times the most')
  })
  it('a feel asks for a figure, and stays marked', () => {
    const felt = at(size('main_play', [0.3], {}, 'by_feel'), { spec: [figureOf('main_play_max', 0.05, 'mm')] })
    expect([felt.mark, text(felt)]).toEqual(['near', expect.stringContaining('Not measured')])
  })
  it('works out what the dial does not show: rock of the rod, wobble of a valve, degrees of a key', () => {
    expect(at(size('rod_shake', [0.8, 90, 15])).headline).toContain('0.067 mm')
    expect(at(size('guide', [0.18, 35, 10])).headline).toContain('0.115 mm')
    expect(at(size('key_shift', [4, 75])).headline).toContain('3.1°')
    expect(at(size('rod_shake', [31.5, 3543, 590], {}, 'measured', 'thou')).headline).toContain('thou')
  })
  it('squish has a least, and sides that must agree', () => {
    expect(
      text(at(size('squish', [0.9, 1.05], { tool: 'solder' }), { facts: { engineClass: 'V2', cycle: 'two' } })),
    ).toContain('differ by more than 0.1 mm')
    expect(
      at(size('squish', [0.4, 0.42], { tool: 'solder' }), {
        facts: { engineClass: 'V2' },
        spec: [figureOf('squish_min', 0.8, 'mm')],
      }).mark,
    ).toBe('past')
  })
  it('without any limit nothing is judged', () => {
    expect(at(size('plate', [2.8]))).toMatchObject({
      mark: 'open',
      details: [expect.stringContaining('no limit is known')],
    })
  })
  it('asks for each figure it needs', () => {
    expect(BODY_SCHEMAS.measure.safeParse({ ...size('rod_shake', [0.8]).body }).error?.issues[0]?.message).toBe(
      'Rod, centre to centre: type a figure.',
    )
    expect(BODY_SCHEMAS.measure.safeParse({ ...size('rod_shake', [0.8, 0, 15]).body }).error?.issues[0]?.path).toEqual([
      'reads',
      1,
    ])
  })
})

describe('a valve under solvent', () => {
  const leak = (
    look: BodyOf['valve_leak']['look'],
    dropsPerMin: number | null = null,
    when: BodyOf['valve_leak']['when'] = 'as_found',
  ) =>
    judgeValveLeak(
      entry(
        'valve_leak',
        { valve: 'exhaust', when, look, dropsPerMin, place: null, note: null },
        { how: 'by_eye' },
      ) as Entry & { kind: 'valve_leak' },
    )
  it('dry and damp pass, drops are lapped, more is cut; a seat is not blamed before lash', () => {
    expect([
      leak('dry').mark,
      leak('damp').mark,
      leak('drops', 5).mark,
      leak('drops', 6).mark,
      leak('stream').mark,
    ]).toEqual(['good', 'good', 'near', 'past', 'past'])
    expect(text(leak('drops', 4))).toContain('before the seat is blamed')
    expect(text(leak('drops', 4, 'after'))).not.toContain('blamed')
    expect(leak('drops', 4).headline).toBe('Exhaust valve as found: 4 drops a minute')
  })
  it('drops are counted, and only drops', () => {
    const path = (body: object) =>
      BODY_SCHEMAS.valve_leak.safeParse({
        valve: 'inlet',
        when: 'as_found',
        place: null,
        note: null,
        dropsPerMin: null,
        ...body,
      }).error?.issues[0]?.path
    expect([path({ look: 'drops' }), path({ look: 'dry', dropsPerMin: 3 }), path({ look: 'dry' })]).toEqual([
      ['dropsPerMin'],
      ['look'],
      undefined,
    ])
  })
})

describe('sizes that are chosen from what is sold', () => {
  const at = (entryOf: Of<'measure'>, more: Parameters<typeof file>[1] = {}) => judgeMeasure(entryOf, file([], more))
  const chosen = (
    item: BodyOf['measure']['item'],
    figures: number[],
    soldMm: number[],
    more: Parameters<typeof file>[1] = {},
  ) => at(size(item, figures, { soldMm }), more)
  const TWO = {
    facts: { cycle: 'two' as const, engineClass: 'V2' as const },
    spec: [figureOf('squish_min', 0.9, 'mm')],
  }

  it('a base gasket: the one nearest to the squish wanted that keeps the least', () => {
    expect(text(chosen('gasket', [1.3, 0.5, 1], [0.2, 0.3, 0.5], TWO))).toContain(
      'Gasket 0.200 mm gives a squish of 1.000 mm',
    )
    expect(chosen('gasket', [1, 0.5, 1], [0.2, 0.3], TWO)).toMatchObject({
      mark: 'past',
      details: expect.arrayContaining([
        expect.stringContaining('No gasket that is sold keeps the least squish of 0.900 mm'),
      ]),
    })
    expect(text(chosen('gasket', [1.3, 0.5, 1], [], TWO))).toContain('Type which gaskets are sold')
    expect(chosen('gasket', [1.3, 0.5, 0.95], [0.3], TWO).mark).toBe('near')
  })
  it('no gasket can reach this figure: told by arithmetic, with a second source asked for', () => {
    const never = chosen('gasket', [2, 0.3, 1], [0.2, 0.3], TWO)
    expect(never.mark).toBe('past')
    expect(text(never)).toContain('No gasket can reach this figure: it would have to be 0.700 mm less than nothing')
  })
  it('a piston that stands out: what it does with none, the exact gasket, the nearest sold', () => {
    const j = chosen('protrusion', [0.7, 0.4, 0.62], [0.3, 0.4, 0.5])
    expect(text(j)).toContain('With none it would stand out 1.100 mm.')
    expect(text(j)).toContain('Exact would be 0.480 mm; gasket 0.500 mm, standing out 0.600 mm.')
    expect(chosen('protrusion', [0.7, 0.4, 0.62], [0.2])).toMatchObject({
      mark: 'past',
      details: expect.arrayContaining([expect.stringContaining('no gasket that is sold can reach this figure')]),
    })
  })
  it('a shim into its band; none felt says nothing of what lies under it', () => {
    const band = { spec: [figureOf('lash_inlet_min', 0.1, 'mm'), figureOf('lash_inlet_max', 0.16, 'mm')] }
    expect(text(chosen('shim_inlet', [0.05, 2.6], [2.45, 2.5, 2.55, 2.6], band))).toContain(
      'Shim 2.500 mm gives 0.150 mm',
    )
    expect(text(chosen('shim_inlet', [0, 2.6], [2.4, 2.45, 2.5], band))).toContain('Fit 2.450 mm')
    expect(text(chosen('shim_inlet', [0.12, 2.6], [], band))).toContain('stays')
    expect(text(chosen('shim_inlet', [0.05, 2.6], [], { facts: { engineClass: 'T4' } }))).toContain(
      'The band is not known',
    )
  })
  it('a pin at both ends: wear, roundness, the undersize that cleans it, never for one that is even', () => {
    const pin = chosen('journal', [24.96, 24.95, 24.94, 24.93, 25], [0.25, 0.5])
    expect(text(pin)).toContain('Worn 0.070 mm, out of round 0.010 mm, taper 0.020 mm')
    expect(text(chosen('journal', [24.98, 24.95, 24.96, 24.93, 25], [0.25, 0.5]))).toContain(
      'It cleans up at −0.25 mm, ground to 24.750 mm',
    )
    expect(text(chosen('journal', [24.98, 24.95, 24.96, 24.93, 25], []))).toContain('type which undersizes are sold')
    const slipped = BODY_SCHEMAS.measure.safeParse({ ...size('journal', [24.98, 2.495, 24.9, 24.9, 25]).body })
    expect(slipped.error?.issues[0]?.path).toEqual(['reads', 1])
  })
  it('a gap that grew is told apart into bore and ring', () => {
    expect(at(size('ring_wear', [0.65, 52.05, 0.2, 52])).headline).toBe('Ring wear from its gap: 0.047 mm')
  })
  it('every size belongs to a part of the engine', () => {
    expect((Object.keys(MEASURE_PLANS) as (keyof typeof MEASURE_PLANS)[]).filter(k => groupOf(k) === 'rest')).toEqual([
      'plate',
      'clutch_spring',
      'plug_gap',
      'coil_gap',
      'key_shift',
    ])
  })
  it('oil clearance of plain bearings is limited by the journal it runs on; a rim tells of the throw', () => {
    expect(at(size('main_oil', [25.05, 25]), { facts: { bearings: 'plain_shells' } })).toMatchObject({
      mark: 'good',
      headline: expect.stringContaining('0.050 mm'),
    })
    expect(at(size('main_oil', [25.09, 25])).mark).toBe('near')
    expect(at(size('rod_rim', [2, 100, 25])).headline).toContain('0.500 mm')
    expect(at(size('oring', [2.6, 2.5])).mark).toBe('near')
  })
})

describe('an oil pump on the rig', () => {
  const rig = (more: Partial<BodyOf['pump_rig']>) =>
    judgePumpRig(
      entry(
        'pump_rig',
        {
          drillRpm: 900,
          ratio: 0.5,
          amount: { value: 0.6, unit: 'L' },
          seconds: 40,
          control: null,
          pressure: null,
          oilC: 80,
          note: null,
          ...more,
        },
        { how: 'measured' },
      ) as Of<'pump_rig'>,
      file([]),
    )
  it('flow and the speed that the drill stands for; a control decides', () => {
    expect(rig({})).toMatchObject({ mark: 'open', headline: 'Oil pump on the rig: 0.90 L/min' })
    expect(text(rig({}))).toContain('as at 1800 rpm')
    expect(rig({ control: { value: 700, unit: 'mL' } }).mark).toBe('good')
    expect(rig({ control: { value: 800, unit: 'mL' } })).toMatchObject({
      mark: 'near',
      details: expect.arrayContaining([expect.stringContaining('75 % of what a sound one gave')]),
    })
    expect(rig({ amount: { value: 0, unit: 'mL' } }).mark).toBe('past')
  })
  it('stands among the findings of the job', () => {
    expect(
      assess(
        file([
          entry(
            'pump_rig',
            {
              drillRpm: 900,
              ratio: 0.5,
              amount: { value: 0, unit: 'mL' },
              seconds: 40,
              control: null,
              pressure: null,
              oilC: null,
              note: null,
            },
            { how: 'measured' },
          ),
        ]),
      ).judgements.map(j => j.mark),
    ).toEqual(['past'])
  })
})
