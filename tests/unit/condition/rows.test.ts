import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { HAZARD_ROWS } from '#core/condition/hazardRows'
import type { JobFile } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import type { Entry } from '#core/entries/types'
import type { Act } from '#core/log/facts'
import { compression, entry, figureOf, file, SHEET } from '../job/file'
import { check, done, fluid, part, seen, size, stick, turned, work } from './log'

const SPECS = [
  ...SHEET,
  figureOf('crank_pin_min', 24.95, 'mm'),
  figureOf('crank_pin_oor_max', 0.02, 'mm'),
  figureOf('crank_runout_max', 0.05, 'mm'),
  figureOf('shaft_runout_max', 0.1, 'mm'),
  figureOf('blade_runout_max', 3, 'mm'),
  figureOf('guide_clearance_max', 0.1, 'mm'),
  figureOf('bore', 65, 'mm'),
  figureOf('piston_clearance_max', 0.18, 'mm'),
  figureOf('rod_play_max', 0.06, 'mm'),
]
const as = <T>(body: object): T => body as T
const lock = (result: string): Entry => entry('lock_step', as({ step: 'plug_out', result, note: null }), seen)
const event = (what: string): Entry => entry('event', as({ what, when: null, note: null }), seen)
const kind = (what: string, wetClutch = 'unknown'): Entry =>
  entry('oil_kind', as({ what, grade: null, wetClutch, antiWear: 'unknown', reason: null }), done)
const tips = (one: number, other: number): Entry =>
  entry(
    'measure',
    as({
      item: 'blade_runout',
      place: null,
      when: 'as_found',
      tool: 'vernier',
      reads: [one, other].map(value => ({ value, unit: 'mm' })),
      note: null,
      soldMm: [],
    }),
  )
const used = (useClass: string): Entry =>
  entry(
    'terms',
    as({
      ...{ useClass, runningValueMinor: null, asIsValueMinor: null, capMinor: null, deadline: null },
      ...{ dayLossMinor: null, boughtMinor: null, ownTimeFree: false },
    }),
    done,
  )
const changed = (atHours: number): Entry =>
  entry('oil_change', as({ amount: null, oil: null, filter: false, atHours }), done)
const reads = (reading: number): Entry =>
  entry('meter', as({ reading, unit: 'h', source: 'measured', pattern: null }), { how: 'measured' })
const rig = (ml: number): Entry =>
  entry(
    'pump_rig',
    as({
      drillRpm: 600,
      ratio: 1,
      amount: { value: ml, unit: 'mL' },
      seconds: 30,
      control: { value: 400, unit: 'mL' },
      pressure: null,
      oilC: null,
      note: null,
    }),
  )
const can = (oilMl: number): Entry =>
  entry(
    'mix',
    as({
      fuel: { value: 5, unit: 'L' },
      oil: { value: oilMl, unit: 'mL' },
      makerRatio: 50,
      fuelType: null,
      fuelDays: null,
      stabilised: false,
      note: null,
    }),
  )
const sample = (place: string, material: string, amount: string, largestUm = 800): Entry =>
  entry(
    'debris',
    as({ place, items: [{ material, amount, largestUm }], hoursSinceOil: 50, hoursSinceRebuild: null, note: null }),
    seen,
  )
const clean = (place: string): Entry => sample(place, 'aluminium', 'none', 0)
const missing = entry('evidence', as({ what: 'circlip', where: 'piston', missing: true, explained: null }), seen)
const found: Entry = {
  ...entry('evidence', as({ what: 'circlip', where: 'piston', missing: true, explained: 'lay in the sump' }), seen),
  supersedes: missing.id,
}
const pin = (a: number, b: number): Entry =>
  entry(
    'measure',
    as({
      item: 'crank_pin',
      place: null,
      when: 'as_found',
      tool: 'micrometer',
      reads: [
        { value: a, unit: 'mm' },
        { value: b, unit: 'mm' },
      ],
      note: null,
      soldMm: [],
    }),
  )
const guide = (wobble: number): Entry =>
  entry(
    'measure',
    as({
      item: 'guide',
      place: null,
      when: 'as_found',
      tool: 'dial',
      reads: [
        { value: wobble, unit: 'mm' },
        { value: 40, unit: 'mm' },
        { value: 10, unit: 'mm' },
      ],
      note: null,
      soldMm: [],
    }),
  )
const bored = (diameter: number, piston: number): Entry =>
  entry(
    'bore',
    as({
      nominal: { value: 65, unit: 'mm' },
      unit: 'mm',
      rows: [
        [diameter, diameter],
        [diameter, diameter],
      ],
      piston: { value: piston, unit: 'mm' },
      tool: 'micrometer',
      when: 'after_hone',
      partC: 20,
      sizesMm: [0.25, 0.5],
      holdCentre: false,
      crossHatch: 'yes',
      note: null,
    }),
  )
const leaks = (site: string, state: string): Entry =>
  entry('leaks', as({ look: 'running', sites: [{ site, state }], note: null }), seen)
const bridged = (state: 'in_place' | 'put_right'): Entry =>
  entry('modification', as({ what: 'kill_switch', state, where: null, note: null }), seen)
const rest = (brakes: string): Entry =>
  entry(
    'rest_check',
    as({
      frame: 'good',
      gearbox: 'good',
      drive: 'good',
      wheels: 'good',
      controls: 'good',
      brakes,
      electrics: 'good',
      tank: 'good',
      note: null,
    }),
    seen,
  )
const bolts = (back: number): Entry =>
  entry(
    'fasteners',
    as({ cover: 'Head', what: 'M8', tool: null, out: 8, back, stuck: [], minutes: null, broke: null }),
    seen,
  )
const governor = (absent: boolean, how: 'by_eye' | 'measured' = 'by_eye'): Entry => ({
  ...check('governor', absent ? [] : ['linkage_off'], absent ? ['linkage_off'] : []),
  how,
})
const cure = entry('cure', as({ path: 'needle', note: null }), done)
const stood = entry(
  'stand_test',
  as({
    startedAt: '2026-05-04T18:00:00.000Z',
    endedAt: '2026-05-05T08:00:00.000Z',
    minimumHours: 12,
    result: 'dry',
    note: null,
  }),
  done,
)

interface Row {
  danger: string
  facts?: Partial<EngineFacts>
  acts: Act[]
  start: Entry[]
  /** each of these alone leaves it standing */
  not: Entry[][]
  end: Entry[]
}
const shed = sample('drain_pan', 'iron_chips', 'some')
const fine = sample('sump', 'bronze', 'much')
const milk = stick(90, { colour: 'milky' })
const naming = entry(
  'cause_found',
  as({ causeId: null, text: 'worn', proof: 'suspected', missing: null, chain: [] }),
  done,
)

const ROWS: Row[] = [
  {
    danger: 'wet_test_oil',
    facts: { engineClass: 'H2', cycle: 'two' },
    acts: ['turn', 'crank'],
    start: [compression(6, 7)],
    not: [[naming]],
    end: [turned('normal', false)],
  },
  {
    danger: 'cylinder_full',
    acts: ['crank', 'refill'],
    start: [lock('liquid')],
    not: [[turned('normal', false)], [cure]],
    end: [turned('normal', false), cure],
  },
  {
    danger: 'oil_over',
    acts: ['turn', 'crank', 'run', 'tip'],
    start: [stick(400, { smell: 'plain' })],
    not: [[naming], [fluid('drained')]],
    end: [fluid('drained'), fluid('filled'), stick(90)],
  },
  {
    danger: 'oil_fuel',
    acts: ['turn', 'crank', 'run', 'tip', 'refill'],
    start: [stick(180, { smell: 'petrol' })],
    not: [[fluid('drained'), cure], [cure, stood], [stick(90, { smell: 'plain' })]],
    end: [fluid('drained'), cure, stood, fluid('filled'), stick(95, { smell: 'plain' })],
  },
  {
    danger: 'oil_milky',
    acts: ['run'],
    start: [milk],
    not: [[fluid('drained'), fluid('filled')], [stick(90, { colour: 'honey' })]],
    end: [work('renewed', ['head'], [milk.id]), fluid('drained'), fluid('filled')],
  },
  {
    danger: 'oil_ruined',
    acts: ['run'],
    start: [stick(95, { colour: 'black', thickness: 'thick' })],
    not: [[fluid('drained'), fluid('filled')], [part('jet', 'reuse')]],
    end: [fluid('drained'), part('strainer', 'reuse'), fluid('filled')],
  },
  {
    danger: 'wrong_fluid',
    acts: ['run'],
    start: [kind('hydraulic')],
    not: [[kind('engine')], [fluid('drained'), fluid('filled')]],
    end: [fluid('drained'), work('cleaned', ['oilway']), fluid('filled')],
  },
  {
    danger: 'oil_unsuitable',
    facts: { clutch: 'wet' },
    acts: ['run'],
    start: [kind('engine', 'no')],
    not: [[fluid('filled')], [naming]],
    end: [fluid('drained'), fluid('filled')],
  },
  {
    danger: 'pump_weak',
    facts: { oiling: 'pump_wet' },
    acts: ['run'],
    start: [rig(0)],
    not: [[rig(390)], [work('renewed', ['pump'])]],
    end: [work('renewed', ['pump']), rig(390)],
  },
  {
    danger: 'mix_lean',
    facts: { cycle: 'two', oiling: 'premix', engineClass: 'H2' },
    acts: ['run'],
    start: [can(60)],
    not: [[naming], [work('cleaned', ['carburettor'])]],
    end: [can(100)],
  },
  {
    danger: 'injection_dry',
    facts: { cycle: 'two', oiling: 'injection' },
    acts: ['run'],
    start: [check('injector_oil', ['oil_line_air'])],
    not: [[work('repaired', ['injector_pump'])], [check('injector_oil', [], ['oil_line_air'])]],
    end: [work('repaired', ['injector_pump']), check('injector_oil', [], ['oil_line_air'])],
  },
  {
    danger: 'life_over',
    acts: ['hand_back'],
    start: [used('race'), changed(10), reads(90)],
    not: [[stick(95)], [reads(91)]],
    end: [changed(90)],
  },
  {
    danger: 'ran_short',
    acts: ['load'],
    start: [event('ran_dry')],
    not: [[stick(95)], [part('piston', 'reuse')]],
    end: [part('cylinder', 'reuse')],
  },
  {
    danger: 'debris_hard:sample:drain_pan',
    acts: ['run'],
    start: [shed],
    not: [
      [clean('drain_pan')],
      [clean('sump'), clean('filter_dirty')],
      [work('renewed', ['rod'], [shed.id])],
      [naming],
    ],
    end: [work('renewed', ['rod'], [shed.id]), clean('drain_pan')],
  },
  {
    danger: 'debris:sample:sump',
    acts: ['run'],
    start: [fine],
    not: [[clean('drain_pan')], [naming]],
    end: [clean('sump')],
  },
  {
    danger: 'debris_clean_side:sample:filter_clean',
    acts: ['run'],
    start: [sample('filter_clean', 'sealant', 'some')],
    not: [[clean('filter_clean')], [work('cleaned', ['oilway'])]],
    end: [part('strainer', 'reuse')],
  },
  {
    danger: 'passages_unseen',
    facts: { oiling: 'pump_wet' },
    acts: ['run', 'build'],
    start: [shed],
    not: [[work('cleaned', ['oilway'])], [work('renewed', ['rod'], [shed.id]), clean('drain_pan')]],
    end: [part('strainer', 'reuse')],
  },
  {
    danger: `fragment:evidence:${missing.id}`,
    acts: ['build', 'crank', 'run'],
    start: [missing],
    not: [[naming], [work('renewed', ['piston'])]],
    end: [found],
  },
  {
    danger: 'crank',
    acts: ['crank', 'run'],
    start: [pin(24.93, 24.9)],
    not: [[pin(24.97, 24.96)], [work('renewed', ['crank'])], [work('renewed', ['crank']), size('crank_runout', 0.01)]],
    end: [work('renewed', ['crank']), pin(24.98, 24.98)],
  },
  {
    danger: 'crank_bent',
    acts: ['crank', 'run'],
    start: [size('crank_runout', 0.3)],
    not: [[size('crank_runout', 0.01)], [work('renewed', ['crank']), pin(24.98, 24.98)]],
    end: [work('renewed', ['crank']), size('crank_runout', 0.01)],
  },
  {
    danger: 'shaft_bent:runout_shaft',
    acts: ['crank', 'run'],
    start: [size('shaft_runout', 0.4)],
    not: [
      [size('shaft_runout', 0.01)],
      [work('renewed', ['crank']), size('crank_runout', 0.01)],
      [work('renewed', ['blade']), size('shaft_runout', 0.01)],
    ],
    end: [work('renewed', ['crank']), size('shaft_runout', 0.01)],
  },
  {
    danger: 'blade_bent:plane',
    acts: ['crank', 'run'],
    start: [tips(60, 70)],
    not: [[tips(60, 60)], [work('renewed', ['crank']), tips(60, 60)]],
    end: [work('renewed', ['blade']), tips(60, 60)],
  },
  {
    danger: 'rod_bent',
    acts: ['crank', 'run'],
    start: [part('rod', 'replace', ['bent'])],
    not: [[work('renewed', ['rod'])], [size('rod_play', 0.02)]],
    end: [work('renewed', ['rod']), size('rod_play', 0.02)],
  },
  {
    danger: 'mount',
    acts: ['crank', 'run'],
    start: [check('drive_tight', ['drive_loose'])],
    not: [[check('drive_tight', [], ['drive_loose'])], [work('set', ['blade'])]],
    end: [work('set', ['blade']), check('drive_tight', [], ['drive_loose'])],
  },
  {
    danger: 'piston_slap',
    acts: ['run'],
    start: [bored(65.3, 65)],
    not: [[bored(65.1, 65)], [work('renewed', ['rings'])], [work('renewed', ['piston'])]],
    end: [work('renewed', ['piston']), bored(65.1, 65)],
  },
  {
    danger: 'no_fit:piston:fit',
    acts: ['build'],
    start: [bored(65, 65.05)],
    not: [[bored(65.1, 65.05)], [work('renewed', ['piston'])]],
    end: [work('renewed', ['piston']), bored(65.1, 65)],
  },
  {
    danger: 'no_fit:rings:fit ring_gap',
    acts: ['build'],
    start: [size('ring_gap', 0)],
    not: [[size('ring_gap', 0.3)], [work('renewed', ['rings']), size('ring_gap_second', 0.3)]],
    end: [work('renewed', ['rings']), size('ring_gap', 0.3)],
  },
  {
    danger: 'valve_timing:chain',
    acts: ['crank'],
    start: [check('timing', ['marks_off'])],
    not: [[check('timing', [], ['marks_off'])], [turned('normal', false)]],
    end: [work('set', ['chain']), check('timing', [], ['marks_off'])],
  },
  {
    danger: 'valve_timing:springs',
    acts: ['crank'],
    start: [part('springs', 'replace', ['broken'])],
    not: [[work('renewed', ['springs'])]],
    end: [work('renewed', ['springs']), check('timing', [], ['marks_off'])],
  },
  {
    danger: 'guide:exhaust_valve',
    acts: ['run'],
    start: [guide(2)],
    not: [[guide(0.05)], [work('renewed', ['exhaust_valve'])]],
    end: [work('renewed', ['exhaust_valve']), guide(0.1)],
  },
  {
    danger: 'hit',
    acts: ['crank', 'run'],
    start: [event('hit')],
    not: [[check('drive_tight', [], ['drive_loose']), check('key', [], ['key_sheared'])], [turned('normal', false)]],
    end: [
      check('drive_tight', [], ['drive_loose']),
      check('key', [], ['key_sheared']),
      check('runout', [], ['crank_bent']),
    ],
  },
  {
    danger: 'cooling:fins',
    acts: ['run'],
    start: [check('fins', ['fins_blocked'])],
    not: [[work('cleaned', ['fins'])], [naming]],
    end: [work('cleaned', ['fins']), check('fins', [], ['fins_blocked'])],
  },
  {
    danger: 'fuel_leak:carburettor',
    acts: ['crank', 'run'],
    start: [leaks('carburettor', 'wet')],
    not: [[leaks('carburettor', 'dry')], [work('renewed', ['carburettor'])]],
    end: [work('renewed', ['carburettor']), leaks('carburettor', 'dry')],
  },
  {
    danger: 'safety_device:mod:kill_switch',
    acts: ['run', 'hand_back'],
    start: [bridged('in_place')],
    not: [[naming]],
    end: [bridged('put_right')],
  },
  {
    danger: 'controls:brakes',
    acts: ['run', 'hand_back'],
    start: [rest('bad')],
    not: [[naming], [work('repaired', ['brakes'])]],
    end: [work('repaired', ['brakes']), rest('good')],
  },
  {
    danger: 'governor',
    acts: ['run'],
    start: [governor(false)],
    not: [[governor(true)], [work('set', ['governor'])], [work('set', ['governor']), governor(true)]],
    end: [work('set', ['governor']), governor(true, 'measured')],
  },
  {
    danger: 'fastener:cover:head',
    acts: ['crank', 'run'],
    start: [bolts(6)],
    not: [[naming]],
    end: [bolts(8)],
  },
]

const judged = (log: Entry[], facts: Partial<EngineFacts> = {}) => assess(file(log, { spec: SPECS, facts }))

describe('what a size says of the engine', () => {
  it('a pin within its least and oval past its most is as condemned as one that is too small', () => {
    const spec = SPECS
    expect(assess(file([pin(24.98, 24.98)], { spec })).stops).toEqual([])
    const oval = assess(file([pin(25.05, 24.97)], { spec }))
    expect(oval.stops.map(s => s.id)).toEqual(['crank'])
    expect(oval.judgements[0]?.details.join(' ')).toContain('Out of round 0.080 mm')
  })
  it('what is only told, or past a rule of thumb, is asked after, and stops a machine that a child rides', () => {
    const hit = { ...event('hit'), how: 'claimed' } as Entry
    expect(judged([used('private'), hit]).stops).toEqual([])
    expect(judged([used('private'), hit]).asked.map(s => s.id)).toEqual(['hit'])
    expect(judged([used('child'), hit]).stops.map(s => s.id)).toEqual(['hit'])
    expect(judged([rig(100)], { oiling: 'pump_wet' }).asked.map(s => s.id)).toEqual(['pump_weak'])
  })
})

describe('past its hours', () => {
  const stops = (use: string, kind: JobFile['machineKind'], log: Entry[] = [changed(10), reads(90)]) =>
    assess({ ...file([used(use), ...log], { spec: SPECS }), machineKind: kind }).stops.map(s => s.id)
  it('holds what is raced, ridden or a child’s, and no lawn; within its hours it holds nothing', () => {
    expect(stops('race', 'walk_behind_mower')).toEqual(['life_over'])
    expect(stops('child', 'quad')).toEqual(['life_over'])
    expect(stops('private', 'motorcycle')).toEqual(['life_over'])
    expect(stops('private', 'walk_behind_mower')).toEqual([])
    expect(stops('race', 'kart', [changed(10), reads(20)])).toEqual([])
  })
})

describe('cylinder by cylinder', () => {
  const of = (n: number, e: Entry): Entry => ({ ...e, body: { ...e.body, ofCylinder: n } }) as Entry
  const spec = [...SPECS, figureOf('compression_limit', 8, 'bar')]
  const twin = { cylinders: 2 }
  it('each stands beside the other, and the worst speaks', () => {
    const a = assess(file([of(1, compression(3, null)), of(2, compression(10, null))], { spec, facts: twin }))
    expect(a.findings.map(f => f.headline.slice(-10))).toEqual(['cylinder 1', 'cylinder 2'])
    expect(a.marks.compression).toBe('past')
    // a second reading of one takes the place of its own first, and of no other's
    const b = assess(
      file([of(1, compression(3, null)), of(2, compression(3, null)), of(1, compression(10, null))], {
        spec,
        facts: twin,
      }),
    )
    expect(b.findings.map(f => [f.headline.slice(-10), f.mark])).toEqual([
      ['cylinder 2', 'past'],
      ['cylinder 1', 'good'],
    ])
  })
  it('a piston that slaps in one is mended in that one', () => {
    const ids = (log: Entry[]): string[] => judged(log, twin).stops.map(s => s.id)
    const loose = of(2, bored(65.3, 65))
    expect(ids([loose, of(1, bored(65.1, 65))])).toEqual(['piston_slap:piston:cylinder 2'])
    const mended = (where: string): Entry[] => [loose, work('renewed', [`piston:${where}`]), of(2, bored(65.1, 65))]
    expect(ids(mended('cylinder 1'))).toEqual(['piston_slap:piston:cylinder 2'])
    expect(ids(mended('cylinder 2'))).toEqual([])
  })
})

describe('every row of the table', () => {
  it.each(ROWS)('$danger: starts, is ended by nothing less, and ends', ({ danger, facts, acts, start, not, end }) => {
    const ids = (log: Entry[]): string[] => judged(log, facts).stops.map(s => s.id)
    const [stop] = judged(start, facts).stops.filter(s => s.id === danger)
    expect(stop?.forbids ?? ids(start), 'starts').toEqual(expect.arrayContaining(acts))
    for (const [i, log] of not.entries()) expect(ids([...start, ...log]), `not by ${i + 1}`).toContain(danger)
    expect(ids([...start, ...end]), 'ends').not.toContain(danger)
  })

  it('has a story here or among the dangers; a batch is held at the shelf', () => {
    const told =
      'ran_away rod_broken locked_plug_in knock passage_blocked oil_low oil_tap filter_off flywheel piston_broken'
    const rows = new Set([...ROWS.map(r => r.danger.split(':')[0] ?? ''), ...told.split(' '), 'batch'])
    expect(Object.keys(HAZARD_ROWS).filter(key => !rows.has(key))).toEqual([])
  })
})
