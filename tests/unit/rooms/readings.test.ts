import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { refusal } from '#core/gates'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import type { BodyOf, Entry } from '#core/entries/types'
import { schema as measureSchema } from '#core/entries/measure/schema'
import { MEASURE_PLANS } from '#core/measure/items'
import type { MeasureItem } from '#core/measure/items'
import { PART_KEYS, PART_PLANS } from '#core/teardown/parts'
import { partsOf } from '#core/teardown/places'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { signsOf } from '#core/entries/signs'
import { entry, FACTS, figureOf, file, option } from '../job/file'

const mm = (value: number) => ({ value, unit: 'mm' })
const size = (item: MeasureItem, reads: number[], more: Partial<BodyOf['measure']> = {}): Entry =>
  entry('measure', {
    item,
    reads: reads.map(mm),
    tool: MEASURE_PLANS[item].tool,
    place: null,
    when: 'as_found',
    note: null,
    soldMm: [],
    ...more,
  })
const bore = (more: Partial<BodyOf['bore']> = {}): Entry =>
  entry('bore', {
    nominal: mm(65),
    unit: 'mm',
    rows: [
      [65.0, 65.0],
      [65.0, 65.0],
    ],
    piston: null,
    tool: 'bore_dial',
    when: 'as_found',
    partC: null,
    sizesMm: [0.25],
    holdCentre: false,
    crossHatch: 'no',
    note: null,
    ...more,
  })
type Options = Parameters<typeof file>[1]
const last = (entries: Entry[], options?: Options) => assess(file(entries, options)).judgements.at(-1)
const words = (entries: Entry[], options?: Options): string => last(entries, options)?.details.join(' ') ?? ''

describe('sizes', () => {
  it('a dial of which half was read is doubled, and which one it was is asked', () => {
    const spec = [figureOf('crank_runout_max', 0.05, 'mm')]
    expect(last([size('crank_runout', [0.04], { swing: 'total' })], { spec })?.mark).toBe('good')
    expect(last([size('crank_runout', [0.04], { swing: 'half' })], { spec })?.mark).toBe('past')
    // a reading from before anybody asked stands as the whole
    expect(last([size('crank_runout', [0.04])], { spec })?.mark).toBe('good')
    const { id: _, ...unsaid } = { id: 0, ...size('crank_runout', [0.04], { swing: null }).body }
    expect(measureSchema.safeParse(unsaid).error?.issues[0]).toMatchObject({ path: ['swing'] })
  })
  it('a keystone ring has no play that is read so; an edge sharp by design is no wear', () => {
    const spec = [figureOf('ring_side_max', 0.1, 'mm')]
    expect(last([size('ring_side', [0.2])], { spec })?.mark).toBe('past')
    expect(last([size('ring_side', [0.2], { shape: 'keystone' })], { spec })?.mark).toBe('open')
    expect(words([size('ring_gap_second', [0.3], { shape: 'scraper' })])).toContain('by design, no wear')
  })
  it('each ring has its own least and most', () => {
    const spec = [
      figureOf('ring_gap_max', 0.8, 'mm'),
      figureOf('ring_gap_second_max', 1.2, 'mm'),
      figureOf('ring_gap_second_min', 0.3, 'mm'),
    ]
    expect(last([size('ring_gap', [1.0])], { spec })?.mark).toBe('past')
    expect(last([size('ring_gap_second', [1.0])], { spec })?.mark).toBe('good')
    expect(assess(file([size('ring_gap_second', [0.1])], { spec })).stops.map(s => s.title)).toContain(
      "Don't put it together",
    )
  })
  it('a cap beside a sound one has lost 0.28 mm, more than the whole play may be', () => {
    const worn = size('rod_cap', [7.62, 7.9])
    expect(last([worn], { spec: [figureOf('rod_play_max', 0.13, 'mm')] })).toMatchObject({
      mark: 'past',
      headline: 'Rod cap beside a sound one: 0.280 mm',
    })
    expect(assess(file([worn], { spec: [figureOf('rod_play_max', 0.13, 'mm')] })).stops.map(s => s.id)).toContain(
      'knock',
    )
  })
  it('an old seal beside a new one says what is left of its squeeze', () => {
    expect(words([size('oring_set', [2.45, 2.62, 2.4])])).toContain('it has lost 6.5 % of its height')
    expect(last([size('oring_set', [2.6, 2.62, 2.3])])?.mark).toBe('good')
    expect(last([size('oring_set', [2.45, 2.62, 2.4])])?.mark).toBe('near')
  })
  it('a coil gap is held against the sheet, with its band or the little it may be off', () => {
    const spec = [figureOf('coil_gap', 0.3, 'mm')]
    expect(last([size('coil_gap', [0.32], { tool: 'feeler' })], { spec })?.mark).toBe('good')
    expect(last([size('coil_gap', [0.45], { tool: 'feeler' })], { spec })?.mark).toBe('past')
    expect(
      last([size('coil_gap', [0.45], { tool: 'feeler' })], {
        spec: [figureOf('coil_gap_min', 0.2, 'mm'), figureOf('coil_gap_max', 0.5, 'mm')],
      })?.mark,
    ).toBe('good')
  })
  it('a spindle of the oil pump has its own most', () => {
    expect(last([size('pump_spindle', [8.2, 8.0])], { spec: [figureOf('pump_spindle_max', 0.1, 'mm')] })?.mark).toBe(
      'past',
    )
  })
})

describe('a score in a bore', () => {
  const scored = bore({ scoreDepth: mm(0.18), scoreSide: 'exhaust' })
  it('in an unlined bore no size is cut: not repairable, and rings are out with it', () => {
    expect(last([scored])?.mark).toBe('past')
    expect(words([scored])).toContain('it is gone at +0.36 mm')
    expect(words([scored])).toContain('the largest sold is +0.25, short by 0.110 mm')
    expect(words([scored])).toContain('unlined: no size is cut in it, so it is not repairable')
    const ways = (['rings', 'rebore', 'new_engine'] as const).map(way => option(way, way, []))
    const { options } = assess(file([scored, ...ways])).decision
    expect(Object.fromEntries(options.map(o => [o.way, o.ruledOut !== null]))).toEqual({
      rings: true,
      rebore: true,
      new_engine: false,
    })
  })
  it('in an iron bore the size that clears it is named', () => {
    const iron = { facts: { bore: 'iron' as const } }
    expect(words([bore({ scoreDepth: mm(0.18), sizesMm: [0.25, 0.5] })], iron)).toContain('+0.5 cleans up')
    expect(last([bore({ scoreDepth: mm(0.18), sizesMm: [0.25, 0.5] })], iron)?.mark).toBe('near')
    expect(last([bore({ scoreDepth: mm(0.18), sizesMm: [0.25] })], iron)?.mark).toBe('past')
  })
  it('is heard by the diagnosis, and none that was measured speaks against it', () => {
    const p = (entries: Entry[]): number =>
      diagnoseJob(file(entries)).likely.find(l => l.cause.id === 'bore_scored')?.p ?? 0
    expect(p([scored])).toBeGreaterThan(0.3)
  })
  it('boring is not sent out without the piston; with it in hand its size follows', () => {
    const out = entry(
      'outwork',
      {
        what: 'Bore and hone',
        kind: 'bore',
        shop: 'Cylinder shop',
        target: 'by the piston',
        sentOn: '2026-05-04',
        dueOn: null,
        days: null,
        priceMinor: null,
        returnedOn: null,
        measured: null,
        verdict: 'open',
        note: null,
      },
      { how: null },
    )
    const iron = { facts: { bore: 'iron' as const } }
    expect(refusal(out, file([bore()], iron))?.message).toContain('not sent out without the piston')
    const inHand = bore({ pistonInHand: mm(65.2) })
    expect(refusal(out, file([inHand], iron))).toBeNull()
    const spec = [figureOf('piston_clearance_new_min', 0.03, 'mm'), figureOf('piston_clearance_new_max', 0.05, 'mm')]
    expect(words([inHand], { ...iron, spec })).toContain('65.200 mm + 0.040 mm = 65.240 mm')
  })
  it('after honing what goes together is held against the band of new parts, and the figure before is asked for', () => {
    const spec = [
      figureOf('piston_clearance_new_min', 0.03, 'mm'),
      figureOf('piston_clearance_new_max', 0.05, 'mm'),
      figureOf('piston_clearance_max', 0.15, 'mm'),
    ]
    const honed = bore({ when: 'after_hone', piston: mm(64.9) })
    expect(words([honed], { spec, facts: { bore: 'iron' } })).toContain('outside it; within its limit it may still run')
    expect(assess(file([honed])).owed.map(o => o.text)).toContainEqual(
      expect.stringContaining('no figure from before honing'),
    )
    expect(assess(file([bore({ when: 'before_hone' }), honed])).owed.map(o => o.text)).not.toContainEqual(
      expect.stringContaining('no figure from before honing'),
    )
    expect(assess(file([bore({ when: 'after_hone', noBefore: 'came so' })])).owed).toEqual([])
  })
})

describe('oil pressure, drain-down, laboratory', () => {
  const pressure = (more: Partial<BodyOf['oil_pressure']>): Entry =>
    entry('oil_pressure', {
      by: 'gauge',
      coldIdle: null,
      coldSpeed: null,
      warmIdle: null,
      warmSpeed: null,
      rpm: null,
      oilC: null,
      note: null,
      ...more,
    })
  const bar = (value: number) => ({ value, unit: 'bar' })
  const pumped = { facts: { oiling: 'pump_wet' as const, bearings: 'plain_shells' as const } }
  it('under the least of the sheet it must not be run; under a rule of thumb it is looked at first', () => {
    const spec = [figureOf('oil_pressure_idle_min', 0.5, 'bar')]
    const low = pressure({ warmIdle: bar(0.2) })
    expect(assess(file([low], { ...pumped, spec })).stops.map(s => s.id)).toContain('pump_weak')
    expect(assess(file([low], pumped)).stops.map(s => s.id)).not.toContain('pump_weak')
    expect(assess(file([low], pumped)).asked.map(s => s.id)).toContain('pump_weak')
    // rolling bearings are content with a little
    expect(last([low], { facts: { oiling: 'pump_wet', bearings: 'rolling' } })?.mark).toBe('good')
  })
  it('too much of it at speed is looked into, and is neither low nor a weak pump', () => {
    const spec = [figureOf('oil_pressure_speed_max', 4, 'bar')]
    const much = pressure({ warmSpeed: bar(6) })
    expect(last([much], { ...pumped, spec })).toMatchObject({ mark: 'near', low: false })
    const { stops, asked } = assess(file([much], { ...pumped, spec }))
    expect([...stops, ...asked]).toEqual([])
    expect(signsOf(much, file([], { ...pumped, spec }), [])).toEqual([['pressure_low', false]])
  })
  it('cold alone says nothing, and what falls away warm is a sign', () => {
    expect(last([pressure({ coldIdle: bar(3) })], pumped)?.mark).toBe('open')
    expect(signsOf(pressure({ coldIdle: bar(3), warmIdle: bar(0.55) }), file([], pumped), [])).toContainEqual([
      'pressure_falls_hot',
      true,
    ])
    // oil gets about six times thinner: a third of it is what a sound one keeps
    expect(signsOf(pressure({ coldIdle: bar(3), warmIdle: bar(1) }), file([], pumped), [])).toContainEqual([
      'pressure_falls_hot',
      false,
    ])
  })
  it('a tank may lose a tenth in a night', () => {
    const down = (ml: number) => entry('drain_down', { ran: { value: ml, unit: 'mL' }, hours: 12, note: null })
    const dry = { facts: { oiling: 'pump_dry' as const }, spec: [figureOf('oil_capacity', 2000, 'mL')] }
    expect(last([down(200)], dry)?.mark).toBe('good')
    expect(last([down(260)], dry)?.mark).toBe('near')
    expect(signsOf(down(260), file([], dry), [])).toEqual([['tank_comes_back', true]])
  })
  it('a laboratory is heard by its own limits; over one, the source is looked for first', () => {
    const lab = (value: number, limit: number | null) =>
      entry('lab_sample', {
        place: 'sump',
        lab: 'Quay laboratory',
        mark: null,
        sentOn: '2026-05-01',
        dueOn: '2026-05-20',
        results: [{ what: 'Iron', value, unit: 'mg/kg', limit }],
        says: null,
        note: null,
      })
    expect(last([lab(50, 60)])?.mark).toBe('good')
    expect(last([lab(500, null)])?.mark).toBe('open')
    const over = assess(file([lab(120, 60)]))
    expect(over.judgements.at(-1)?.details[0]).toContain('2.0 times as much')
    expect([over.stops.length, over.asked.length]).toEqual([0, 1])
    const sent = lab(0, null)
    const waits = { ...sent, body: { ...(sent.body as BodyOf['lab_sample']), results: [] } } as Entry
    expect(assess(file([waits])).owed.map(o => o.text)).toContainEqual(expect.stringContaining('has not answered'))
  })
})

describe('a joint as it came apart', () => {
  const joint = (more: Partial<BodyOf['fasteners']>): Entry =>
    entry(
      'fasteners',
      {
        cover: 'Pulley',
        what: 'one bolt',
        tool: null,
        out: 1,
        back: null,
        stuck: [],
        minutes: null,
        broke: null,
        ...more,
      },
      { how: null },
    )
  it('what it took beyond the usual is said in hours and in money', () => {
    const stuck = joint({ stuck: ['soak'], minutes: 66, usualMinutes: 18, broke: 'hex key' })
    const said = words([stuck], { policy: { labourRateMinor: 5200 } })
    expect(said).toContain('1.1 h, usually 0.3 h: 0.8 h more')
    expect(said).toContain('41.60')
    expect(said).toContain("the shop's own cost")
  })
  it('what was loose as it was undone is a finding, and heard', () => {
    const loose = joint({ found: [{ where: 'rod bolt', state: 'loose', torque: { value: 50, unit: 'in.lbf' } }] })
    expect(last([loose])).toMatchObject({ mark: 'near', headline: expect.stringContaining('found loose') })
    expect(words([loose])).toContain('50 in-lb (5.65 N·m)')
    expect(signsOf(loose, file([]), [])).toEqual([['bolts_loose', true]])
    expect(signsOf(joint({ found: [{ where: 'x', state: 'tight', torque: null }] }), file([]), [])).toEqual([
      ['bolts_loose', false],
    ])
  })
})

describe('parts', () => {
  const part = (name: string, seen: string[]): Entry =>
    entry(
      'part',
      {
        part: name,
        place: null,
        disposition: 'replace',
        seen,
        oil: 'not_looked',
        role: 'open',
        reason: null,
        orientation: null,
        owed: null,
      } as never,
      { how: 'by_eye' },
    )
  it('every part has something to look for, and every look is judged and said', () => {
    for (const key of PART_KEYS)
      for (const look of Object.keys(PART_PLANS[key].look)) {
        const judged = last([part(key, [look])])
        expect([key, look, judged?.mark]).toEqual([key, look, 'past'])
      }
  })
  it.each([
    ['governor', 'broken', 'governor'],
    ['tank', 'holed', 'fuel_leak:tank'],
    ['guard', 'missing', 'safety_device:guard'],
    ['blade', 'loose', 'mount'],
    ['hub', 'sheared', 'mount:hub'],
    ['case', 'holed', 'rod_broken:case'],
    ['fan', 'packed', 'cooling:fan'],
    ['crank', 'twisted', 'crank_bent'],
  ])('%s %s is a danger', (name, seen, danger) => {
    expect(assess(file([part(name, [seen])])).stops.map(s => s.id)).toContain(danger)
  })
  it('an engine shows the parts it has', () => {
    const has = (facts: Partial<typeof FACTS>) => partsOf({ ...FACTS, ...facts })
    expect(has({ head: 'integral' })).not.toContain('head')
    expect(has({})).toContain('head')
    expect(has({ cooling: 'liquid' })).toEqual(expect.arrayContaining(['radiator', 'water_pump']))
    expect(has({ cooling: 'air' })).not.toContain('radiator')
    expect(has({ governor: 'none' })).not.toContain('governor')
    expect(has({ engineClass: 'H2', cycle: 'four' })).not.toContain('gears')
    expect(has({ engineClass: 'V2', cycle: 'two' })).toEqual(expect.arrayContaining(['power_valve', 'reed']))
  })
  it('sharp by design is no fault; a scuff on the exhaust side says what made it', () => {
    const sharp = {
      ...part('rings', ['by_design']),
      body: { ...part('rings', ['by_design']).body, disposition: 'reuse' },
    }
    expect(last([sharp as Entry, size('ring_gap', [0.3])])?.mark).not.toBe('past')
    const scuff = { ...part('piston', ['scuffed']), body: { ...part('piston', ['scuffed']).body, side: 'exhaust' } }
    expect(words([scuff as Entry])).toContain('On the exhaust side: lean, or too hot')
  })
})

describe('debris that is counted, smoke after what', () => {
  const sample = (count: number, control: number | null): Entry =>
    entry(
      'debris',
      {
        place: 'sump',
        items: [{ magnet: null, material: 'lint', amount: 'some', largestUm: 500, per100Ml: count }],
        hoursSinceOil: 20,
        hoursSinceRebuild: null,
        control: control === null ? 'none' : 'more',
        controlOf: control === null ? null : 'sound_engine',
        controlPer100Ml: control,
        note: null,
      } as never,
      { how: 'by_eye' },
    )
  it('is set against the control and the sample before', () => {
    expect(words([sample(10, null), sample(40, 4)])).toContain(
      '40 pieces in 100 mL; the control has 4, so 10.0 times as many; the sample before had 10, so 4.0 times as many',
    )
  })
  it('lint on the clean side stops it like sealant does', () => {
    const clean = { ...sample(4, null), body: { ...sample(4, null).body, place: 'filter_clean' } } as Entry
    expect(assess(file([clean])).stops.map(s => s.id)).toContain('debris_clean_side:sample:filter_clean')
  })
  it.each([
    ['tipped', 'was_tipped'],
    ['top_up', 'was_topped'],
    ['repair', 'was_serviced'],
  ])('smoke after: %s', (after, sign) => {
    const smoke = entry('smoke', { colour: 'white', moment: 'idle', after, smell: null, note: null } as never)
    const there = signsOf(smoke, file([]), []).filter(([, is]) => is)
    expect(there).toEqual(
      expect.arrayContaining([
        [sign, true],
        ['smoke_overrun', true],
      ]),
    )
  })
})

describe('a plug that can not come out', () => {
  const step = (note: string | null) =>
    entry('lock_step', { step: 'plug_out', result: 'cant', liquid: null, note }, { how: 'by_eye' })
  it('is written down with why; a step from before anybody was asked is read as it stands', () => {
    const safe = entry('made_safe', { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] }, { how: null })
    expect(refusal(step(null), file([safe]))).toMatchObject({ fields: [{ field: 'body.note' }] })
    expect(refusal(step('rusted in, breaks off'), file([safe]))).toBeNull()
    expect(BODY_SCHEMAS.lock_step.safeParse(step(null).body).success).toBe(true)
  })
})
