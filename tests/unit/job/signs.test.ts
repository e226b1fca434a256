import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { basisOf } from '#core/condition/basis'
import { basisWords } from '#core/condition/basisWords'
import type { BodyOf, Entry } from '#core/entries/types'
import { signsOf } from '#core/entries/signs'
import { CHECKS } from '#core/catalogue'
import { answerBody, questionsFor } from '#core/entries/claim/questions'
import { hoursPerCalendarDay, meterHours, patternHours } from '#core/entries/meter/runningTime'
import { COMPLAINT_KINDS, MODIFICATIONS } from '#core/words/counter'
import { LEAK_SITES, LOCK_STEPS } from '#core/words/looks'
import type { KeyOf } from '#core/words/keys'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { compression, entry, FACTS, file, figureOf, oil } from './file'

const smoke = (more: Partial<BodyOf['smoke']>) =>
  entry('smoke', { colour: 'blue', moment: null, after: null, smell: null, note: null, ...more }, { how: 'by_eye' })
const leaks = (sites: BodyOf['leaks']['sites'], look: BodyOf['leaks']['look'] = 'as_found') =>
  entry('leaks', { look, sites, note: null }, { how: 'by_eye' })
const lash = (inlet: number | null, exhaust: number | null, more: Partial<BodyOf['lash']> = {}) =>
  entry('lash', {
    state: 'as_found',
    inlet: inlet === null ? null : { value: inlet, unit: 'mm' },
    exhaust: exhaust === null ? null : { value: exhaust, unit: 'mm' },
    rockers: 'not_tried',
    note: null,
    ...more,
  })
const turn = (feel: BodyOf['turn_over']['feel'], plugIn = true) =>
  entry('turn_over', { feel, method: 'rope', plugIn, note: null }, { how: 'by_feel' })
const step = (name: KeyOf<typeof LOCK_STEPS>, result: BodyOf['lock_step']['result']) =>
  entry('lock_step', { step: name, result, note: null }, { how: 'by_feel' })
const first = (e: Entry, options: Parameters<typeof file>[1] = {}) => assess(file([e], options)).judgements[0]!
const words = (e: Entry, options: Parameters<typeof file>[1] = {}) => first(e, options).details.join(' ')

describe('smoke', () => {
  it('after topping up the level comes first, and rings come last', () => {
    expect(words(smoke({ after: 'top_up' }))).toMatch(/level first.*rings and guides/s)
    expect(words(smoke({ after: 'tipped' }))).toContain('Plug out before it is turned')
  })
  it('white is not called oil before it was smelt, black is fuel', () => {
    expect(words(smoke({ colour: 'white' }))).toContain('oil, water or raw fuel')
    expect(words(smoke({ colour: 'black' }))).toContain('Rings are not to blame')
    expect(words(smoke({ colour: 'white', smell: 'sweet' }))).toContain('coolant')
  })
  it('on a two-stroke the mix comes before the rings', () => {
    expect(words(smoke({}), { facts: { cycle: 'two', oiling: 'premix' } })).toMatch(
      /too much oil in the mix, rich setting, choked filter, then rings/,
    )
  })
  it('none is a finding too', () => {
    expect(first(smoke({ colour: 'none' }))).toMatchObject({ mark: 'good', headline: 'No smoke' })
  })
})

describe('leaks', () => {
  it('old residue is age; a trail or wet is a leak, and the worst place marks the whole', () => {
    expect(
      first(
        leaks([
          { site: 'filler', state: 'residue' },
          { site: 'head', state: 'dry' },
        ]),
      ),
    ).toMatchObject({ mark: 'good', headline: 'No leak found' })
    expect(
      first(
        leaks([
          { site: 'filler', state: 'residue' },
          { site: 'sump', state: 'trail' },
        ]),
      ),
    ).toMatchObject({ mark: 'near', headline: 'Leaks: sump joint' })
    expect(
      first(
        leaks([
          { site: 'sump', state: 'trail' },
          { site: 'head', state: 'wet' },
        ]),
      ).mark,
    ).toBe('past')
  })
  it('asks to clean, run and look again, once', () => {
    expect(words(leaks([{ site: 'sump', state: 'wet' }]))).toContain('Clean it, run it, look again')
    expect(words(leaks([{ site: 'sump', state: 'wet' }], 'after_run'))).not.toContain('look again')
  })
  it('fuel is not oil', () => {
    expect(words(leaks([{ site: 'carburettor', state: 'wet' }]))).toContain('no sparks')
  })
  it('a place is named once', () => {
    expect(
      BODY_SCHEMAS.leaks.safeParse({
        look: 'as_found',
        sites: [
          { site: 'sump', state: 'wet' },
          { site: 'sump', state: 'dry' },
        ],
        note: null,
      }).success,
    ).toBe(false)
    expect(Object.keys(LEAK_SITES)).toHaveLength(12)
  })
})

describe('a locked engine', () => {
  const ids = (entries: Entry[]) => assess(file(entries)).stops.map(s => s.id)
  it('the plug comes out first: the stop falls when it did, and comes back with the next locked turn', () => {
    expect(ids([turn('locked')])).toContain('locked_plug_in')
    expect(ids([turn('locked'), step('plug_out', 'no_change')])).not.toContain('locked_plug_in')
    expect(ids([turn('locked'), step('plug_out', 'cant')])).toContain('locked_plug_in')
    expect(ids([turn('locked'), step('plug_out', 'no_change'), turn('locked')])).toContain('locked_plug_in')
  })
  it('liquid in the cylinder stops sparks until it was turned dry', () => {
    const both = ['locked_plug_in', 'cylinder_full']
    expect(ids([turn('locked'), step('plug_out', 'liquid')])).toEqual(both)
    expect(ids([turn('locked'), step('plug_out', 'liquid'), step('brake_off', 'no_change')])).toEqual(both)
    // dry it may be turned again; cranked, run and filled only once the way that it came is cured
    const dry = [turn('locked'), step('plug_out', 'liquid'), turn('normal', false)]
    expect(ids(dry)).toEqual(['cylinder_full'])
    expect(ids([...dry, entry('cure', { path: 'needle', text: null }, { how: null })])).toEqual([])
  })
  it('asks for the steps in their order until it is free', () => {
    const next = (entries: Entry[]) =>
      assess(file(entries)).next.find(n => n.id === 'plug_out' || n.id === 'lock')?.title
    expect(next([turn('locked')])).toBe('Plug out, turn by hand')
    expect(next([turn('locked'), step('plug_out', 'no_change')])).toBe(LOCK_STEPS.driven_off.label)
    expect(next([turn('locked'), step('plug_out', 'no_change'), step('driven_off', 'no_change')])).toBe(
      LOCK_STEPS.brake_off.label,
    )
    expect(next([turn('locked'), step('plug_out', 'no_change'), step('driven_off', 'freed')])).toBeUndefined()
  })
  it('liquid comes only out of a plug hole', () => {
    expect(BODY_SCHEMAS.lock_step.safeParse({ step: 'brake_off', result: 'liquid', note: null }).success).toBe(false)
  })
})

describe('lash', () => {
  const book = {
    spec: [
      figureOf('lash_inlet_min', 0.05, 'mm'),
      figureOf('lash_inlet_max', 0.1, 'mm'),
      figureOf('lash_exhaust_min', 4, 'thou'),
      figureOf('lash_exhaust_max', 6, 'thou'),
    ],
  }
  it('against the sheet, each valve by its own figure', () => {
    expect(first(lash(0.08, 0.12), book)).toMatchObject({
      mark: 'good',
      headline: 'Lash as found: inlet 0.080 mm, exhaust 0.120 mm',
    })
    expect(first(lash(0.08, 0.3), book).mark).toBe('past')
    expect(words(lash(0.08, 0.3), book)).toContain('2.0 times the most')
    expect(first(lash(0.03, 0.12), book).mark).toBe('past')
  })
  it('none at all holds a valve open: free the rocker before a seat is blamed', () => {
    expect(first(lash(0.02, 0), book)).toMatchObject({ mark: 'past', tight: true })
    expect(words(lash(0.02, 0))).toContain('before a seat is blamed')
    expect(words(lash(null, 0, { rockers: 'stuck' }))).toContain('A rocker is stuck')
  })
  it('once it is set, compression is asked for again before anything else is blamed', () => {
    const [low, found, set] = [compression(4, 4.1), lash(0.1, 0), lash(0.1, 0.12, { state: 'set' })]
    const ids = (entries: Entry[]) => assess(file(entries)).next.map(n => n.id)
    expect(ids([low, found])).not.toContain('retest')
    expect(ids([low, found, set])).toContain('retest')
    expect(ids([low, found, set, compression(9, null)])).not.toContain('retest')
  })
  it('a rule of thumb makes it doubtful and never condemns', () => {
    expect(first(lash(0.4, 0.1)).mark).toBe('near')
    expect(words(lash(0.4, 0.1))).toContain('rule of thumb')
  })
  it('is asked for before a valve is blamed by the gauge', () => {
    const low = compression(4, 4.1)
    expect(assess(file([low])).newest.compression?.details.join(' ')).toContain('lash was not read')
    expect(assess(file([low])).next.map(n => n.id)).toContain('lash')
    const tight = assess(file([low, lash(0.1, 0)]))
    expect(tight.newest.compression?.details.join(' ')).toContain('no lash as found: set it and test again')
    expect(tight.next.map(n => n.id)).not.toContain('lash')
    expect(
      assess(file([low], { facts: { cycle: 'two', oiling: 'premix' } })).newest.compression?.details.join(' '),
    ).not.toContain('lash')
  })
})

describe('changes, happenings, evidence', () => {
  const change = (what: KeyOf<typeof MODIFICATIONS>, state: BodyOf['modification']['state'] = 'in_place') =>
    entry('modification', { what, text: null, why: null, state }, { how: null })
  it('what can hurt a person stops the handing back until it is put right', () => {
    expect(assess(file([change('blade_brake')])).stops.map(s => s.id)).toEqual(['safety_device:mod:blade_brake'])
    expect(assess(file([change('blade_brake', 'put_right')])).stops).toEqual([])
    expect(assess(file([change('exhaust')])).stops).toEqual([])
  })
  it('every change carries its risk and asks why', () => {
    for (const what of Object.keys(MODIFICATIONS) as KeyOf<typeof MODIFICATIONS>[])
      expect(words(change(what)), what).toMatch(/\w.*Why was it done\?/)
  })
  it('evidence stays open, and asked for, until it is explained', () => {
    const rag = (explained: string | null) =>
      entry('evidence', { what: 'blue rag', where: 'strainer', missing: false, explained }, { how: null })
    expect(assess(file([rag(null)])).next.map(n => n.id)).toContain('evidence')
    expect(first(rag(null)).mark).toBe('open')
    expect(first(rag('left by the last shop'))).toMatchObject({
      mark: 'good',
      headline: expect.stringContaining('explained'),
    })
    expect(assess(file([rag('x')])).next.map(n => n.id)).not.toContain('evidence')
  })
  it('a dry run is graver than a tip', () => {
    const event = (what: BodyOf['event']['what']) => entry('event', { what, when: null, note: null }, { how: null })
    expect([first(event('ran_dry')).mark, first(event('tipped')).mark]).toEqual(['past', 'near'])
  })
  it('clues say what to look at; a cracked case is the gravest', () => {
    const clues = (outside: BodyOf['clues']['outside'], hands: BodyOf['clues']['hands'] = []) =>
      entry('clues', { outside, hands, ageYears: null, note: null }, { how: 'by_eye' })
    expect(first(clues([]))).toMatchObject({ mark: 'good', headline: 'Nothing to see from outside' })
    expect(words(clues(['blow_shaft'], ['sealant']))).toMatch(/sheared key.*squeezes inward/s)
    expect(first(clues(['cracked_case'])).mark).toBe('past')
    expect(first(clues(['rust', 'loose_bolts', 'stale_fuel', 'burnt_paint'])).headline).toContain('and 1 more')
  })
})

describe('questions at the counter', () => {
  const ids = (about: KeyOf<typeof COMPLAINT_KINDS> | null, facts: Partial<typeof FACTS> = {}) =>
    questionsFor(about, { ...FACTS, ...facts }).map(q => q.id)
  it('oil is asked of every sump, whatever the complaint, and of no two-stroke', () => {
    for (const about of Object.keys(COMPLAINT_KINDS) as KeyOf<typeof COMPLAINT_KINDS>[]) {
      expect(ids(about), about).toContain('last_oil')
      expect(ids(about, { cycle: 'two', oiling: 'premix' }), about).toContain('mix')
      expect(ids(about, { cycle: 'two', oiling: 'premix' }), about).not.toContain('last_oil')
    }
  })
  it('the complaint picks the rest', () => {
    expect(ids('smoke')).toContain('tipped')
    expect(ids('wont_start')).toContain('hit')
    expect(ids('service')).not.toContain('hit')
    expect(ids('overheats')).not.toContain('coolant')
    expect(ids('overheats', { cooling: 'liquid' })).toContain('coolant')
  })
  it('not knowing is always an answer, and an answer reads as a claim', () => {
    for (const q of questionsFor('in_pieces', FACTS).filter(q => q.id !== 'pieces'))
      expect(q.answers, q.id).toContain("doesn't know")
    const [first] = questionsFor(null, FACTS)
    expect(answerBody(first!, 'never')).toMatchObject({ text: 'Last oil change: never', answer: 'never' })
    expect(answerBody(first!, 'when dad was alive').answer).toBeNull()
  })
})

describe('answers that were chosen', () => {
  const claim = (topic: string, answer: string | null | undefined, text = 'x: y'): Entry =>
    entry('claim', { text, howKnown: null, topic, ...(answer !== undefined && { answer }) } as never, {
      how: 'claimed',
    })
  const says = (e: Entry) => signsOf(e, file([e]), [e])
  it('decide by themselves; words of their own decide nothing, whatever stands in them', () => {
    expect(says(claim('tipped', 'tail down'))).toEqual([['was_tipped', true]])
    expect(says(claim('tipped', 'no'))).toEqual([['was_tipped', false]])
    expect(says(claim('tipped', "doesn't know"))).toEqual([])
    expect(says(claim('tipped', null, 'Tipped: upside down in the van'))).toEqual([])
    // a claim from before is read as it always was
    expect(says(claim('tipped', undefined, 'Tipped: upside down in the van'))).toEqual([['was_tipped', true]])
  })
  it('every answer that decides is one that is offered', () => {
    for (const q of questionsFor('noise', FACTS).concat(questionsFor('wont_start', FACTS)))
      for (const answer of q.answers) expect(() => says(claim(q.id, answer)), `${q.id} ${answer}`).not.toThrow()
    expect(says(claim('stood', 'over the winter'))).toEqual([['stood_long', true]])
    expect(questionsFor('wont_start', FACTS).find(q => q.id === 'stood')?.answers).toContain('over the winter')
  })
  it('whatever an owner can tell of the catalogue is a touch at the counter: a complaint, or an answer that is offered', () => {
    const kinds = Object.keys(COMPLAINT_KINDS) as KeyOf<typeof COMPLAINT_KINDS>[]
    const reached = new Set(
      kinds
        .flatMap(about => [
          ...says(entry('complaint', { words: 'x', since: null, about }, { how: 'claimed' })),
          ...questionsFor(about, { ...FACTS, cooling: 'liquid' }).flatMap(q =>
            q.answers.flatMap(a => says(claim(q.id, a))),
          ),
        ])
        .flatMap(([sign, there]) => (there ? [sign] : [])),
    )
    const told = CHECKS.find(c => c.id === 'story')!.shows.map(s => s.id)
    expect(told.filter(sign => !reached.has(sign))).toEqual([])
  })
  it('one of several signs says nothing of its neighbours; that there is none says so of each', () => {
    expect(says(claim('runs_how', 'surges up and down'))).toEqual([['surges', true]])
    expect(says(claim('runs_how', 'evenly'))).toEqual([
      ['surges', false],
      ['vibrates', false],
      ['cuts_out_wet', false],
    ])
    expect(says(claim('came_on', 'weaker over months'))).toEqual([['slow_loss', true]])
    expect(says(claim('kicks', 'no'))).toEqual([['kicks_back', false]])
  })
  it('what ran out of a cylinder is chosen', () => {
    const step = (more: object): Entry =>
      entry('lock_step', { step: 'plug_out', result: 'liquid', note: 'smelt of oil', ...more } as never, {
        how: 'by_eye',
      })
    const there = (e: Entry) =>
      says(e)
        .filter(([sign, is]) => is && sign.startsWith('liquid'))
        .map(([sign]) => sign)
    expect(there(step({ liquid: 'water' }))).toEqual(['liquid_water'])
    expect(there(step({ liquid: 'cant_tell' }))).toEqual([])
    expect(there(step({}))).toEqual(['liquid_oil'])
  })
})

describe('running time', () => {
  it('comes out of hours a day, days a week and months', () => {
    // half a year is 26 weeks and half a day
    expect(patternHours({ hoursPerDay: 2, daysPerWeek: 3, months: 6 })).toBe(157)
    expect(hoursPerCalendarDay({ hoursPerDay: 7, daysPerWeek: 1, months: 1 })).toBe(1)
  })
  it('a distance counts as hours at the usual speed, an unknown as nothing', () => {
    const meter = (reading: number | null, unit: 'h' | 'km' | 'mi') =>
      entry('meter', { reading, unit, source: 'measured', pattern: null }) as Extract<Entry, { kind: 'meter' }>
    expect(meterHours(meter(120, 'h'))).toBe(120)
    expect(meterHours(meter(3500, 'km'))).toBe(100)
    expect(meterHours(meter(1000, 'mi'))).toBeCloseTo(45.98, 2)
    expect(meterHours(meter(null, 'h'))).toBeNull()
    expect(meterHours(undefined)).toBeNull()
  })
  it('worked out from use it is never a reading', () => {
    const body = { reading: 156, unit: 'h', source: 'measured', pattern: { hoursPerDay: 2, daysPerWeek: 3, months: 6 } }
    expect(BODY_SCHEMAS.meter.safeParse(body).error?.issues[0]?.message).toContain('estimate, not a reading')
    expect(BODY_SCHEMAS.meter.safeParse({ ...body, source: 'estimated' }).success).toBe(true)
  })
})

describe('what a verdict rests on', () => {
  it('a look is not a measurement, and what was not done is named', () => {
    const basis = basisOf(
      [oil({ by: 'marks', pct: 50 }), compression(8, null), turn('normal')].map((e, i) =>
        i === 0 ? { ...e, how: 'by_eye' as const } : e,
      ),
      FACTS,
    )
    expect(basis).toEqual({
      measured: ['compression'],
      felt: ['oil', 'turning'],
      guessed: [],
      notDone: ['plug', 'lash', 'leak-down'],
    })
    expect(basisWords(basis)).toBe(
      'Measured: compression; by feel or eye: oil, turning; not done: plug, lash, leak-down.',
    )
  })
  it('a two-stroke is asked for its crankcase and its can', () => {
    expect(basisOf([], { ...FACTS, cycle: 'two', oiling: 'premix' }).notDone).toEqual([
      'mix',
      'plug',
      'turning',
      'compression',
      'crankcase',
      'leak-down',
    ])
  })
})
