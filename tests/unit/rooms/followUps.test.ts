import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import type { BodyOf, Entry } from '#core/entries/types'
import type { MeasureItem } from '#core/measure/items'
import { MEASURE_PLANS } from '#core/measure/items'
import { REST_KEYS } from '#core/entries/rest_check/judge'
import { compression, entry, figureOf, file, oil } from '../job/file'

const mm = (value: number) => ({ value, unit: 'mm' })
const size = (item: MeasureItem, reads: number[]): Entry =>
  entry('measure', {
    ...{ item, reads: reads.map(mm), tool: MEASURE_PLANS[item].tool, place: null, when: 'as_found' },
    ...{ note: null, soldMm: [] },
  })
const looked = (part: BodyOf['part']['part'], seen: string[]): Entry =>
  entry(
    'part',
    {
      ...{ part, place: null, disposition: 'replace', seen, oil: 'not_looked', role: 'own' },
      ...{ reason: null, orientation: null, owed: null },
    },
    { how: 'by_eye' },
  )
const bore = (more: Partial<BodyOf['bore']> = {}): Entry =>
  entry('bore', {
    ...{ nominal: mm(65), unit: 'mm', rows: [[65, 65]], piston: null, tool: 'bore_dial', when: 'as_found' },
    ...{ partC: null, sizesMm: [], holdCentre: false, crossHatch: 'no', note: null, scoreDepth: mm(0.18), ...more },
  } as BodyOf['bore'])
const turn = (feel: BodyOf['turn_over']['feel']): Entry =>
  entry('turn_over', { feel, method: 'blade', plugIn: true, note: null }, { how: 'by_feel' })

type Options = Parameters<typeof file>[1]
const next = (entries: Entry[], options?: Options): string | undefined => assess(file(entries, options)).next[0]?.id

describe('what a finding asks next', () => {
  it('oil far over its mark: the filter, the surplus, and nothing more once it is right', () => {
    const over = oil({ by: 'marks', pct: 300 }, { smell: 'plain' })
    const filter = entry('air_filter', { filter: 'soaked', breather: null, note: null }, { how: 'by_eye' })
    expect(next([over])).toBe('follow:breather')
    expect(next([over, filter])).toBe('follow:surplus')
    const right = oil({ by: 'marks', pct: 100 }, { smell: 'plain' })
    expect(next([over, filter, right])).not.toContain('follow')
    // and it is not offered by hand while the plug may not be in
    expect(assess(file([over])).next.map(n => n.id)).not.toContain('turn_over')
  })
  it('a look that was done and showed nothing is not asked again', () => {
    const watched = (found: string[]): Entry =>
      entry(
        'check',
        { check: 'piston_moves', found, absent: found.length ? [] : ['piston_still'], skipped: null, note: null },
        { how: 'by_eye' },
      )
    const ids = (...entries: Entry[]) => assess(file(entries)).next.map(n => n.id)
    expect(ids(turn('free'))).toContain('follow:piston')
    expect(ids(turn('free'), watched([]))).not.toContain('follow:piston')
  })
  it('fuel in the oil is dealt with by its own way back, before anything that a finding asks', () => {
    const petrol = oil({ by: 'marks', pct: 300 }, { smell: 'petrol' })
    expect(next([petrol])).toBe('fuel')
  })
  it('what was let out and smelt plain is filled again, unless the engine is in pieces', () => {
    const out = oil(
      { by: 'volume', amount: { value: 130, unit: 'mL' } },
      {
        smell: 'plain',
      },
    )
    const spec = [figureOf('oil_capacity', 80, 'mL')]
    expect(next([out], { spec })).toBe('follow:fill')
    expect(assess(file([out, looked('piston', ['scuffed'])], { spec })).next.map(n => n.id)).not.toContain(
      'follow:fill',
    )
  })
  it('a mix too rich asks for the plug, a lean one does not', () => {
    const mix = (ml: number): Entry =>
      entry('mix', {
        ...{ fuel: { value: 5, unit: 'L' }, oil: { value: ml, unit: 'mL' }, makerRatio: 50, fuelType: null },
        ...{ fuelDays: null, stabilised: false, note: null },
      } as BodyOf['mix'])
    const two: Options = { facts: { cycle: 'two', oiling: 'premix', engineClass: 'H2', oilShows: 'none' }, spec: [] }
    expect(next([mix(200)], two)).toBe('follow:plug')
    expect(next([mix(200), entry('plug', { state: 'oil_wet', note: null }, { how: 'by_eye' })], two)).not.toBe(
      'follow:plug',
    )
    expect(next([mix(50)], two)).not.toBe('follow:plug')
  })
  it('a slack big end: cap beside a sound one, then the pin; rolling bearings have no cap to look at', () => {
    const spec = [figureOf('rod_play_max', 0.13, 'mm'), figureOf('crank_pin_min', 24.95, 'mm')]
    const rock = size('rod_rim', [1.5, 85, 22])
    const cap = size('rod_cap', [7.62, 7.9])
    expect(assess(file([rock], { spec })).next[0]).toMatchObject({ id: 'follow:cap', form: 'measure', item: 'rod_cap' })
    expect(next([rock, cap], { spec })).toBe('follow:pin')
    expect(next([rock, cap, size('crank_pin', [24.93, 24.88])], { spec })).not.toContain('follow')
    expect(next([rock], { spec, facts: { bearings: 'rolling' } })).toBe('follow:pin')
  })
  it('spins free: the piston is watched; a look at it, or the lid off, answers that', () => {
    expect(next([turn('free')])).toBe('follow:piston')
    expect(next([turn('normal')])).not.toBe('follow:piston')
    // what a gauge read above nothing was pumped by a piston that moves
    expect(next([turn('free'), compression(0.9, null)])).not.toBe('follow:piston')
    expect(next([turn('free'), compression(0, null)])).toBe('follow:piston')
    expect(next([turn('free'), looked('rod', ['broken'])])).not.toBe('follow:piston')
  })
  it('a bad top end asks for the bore, a bore to be cut for its oversizes, one past saving for the rest and the fit', () => {
    const iron: Options = { facts: { bore: 'iron' } }
    const head = looked('head', ['track'])
    expect(next([head], iron)).toBe('follow:bore')
    expect(next([head, bore()], iron)).toBe('follow:oversize')
    // nobody has said which are sold: that is no verdict on the cylinder
    expect(assess(file([bore()], iron)).judgements[0]?.mark).toBe('near')
    expect(assess(file([bore({ sizesMm: [0.25] })], iron)).judgements[0]?.mark).toBe('past')
    expect(next([head, bore({ sizesMm: [0.25] })], iron)).toBe('follow:rest')
    expect(next([head, bore({ sizesMm: [0.5] })], iron)).not.toContain('follow')
    const rest = (worst: 'good' | 'bad'): Entry =>
      entry('rest_check', { ...Object.fromEntries(REST_KEYS.map(k => [k, worst])), note: null } as never, {
        how: 'by_eye',
      })
    expect(next([bore(), rest('good')])).toBe('follow:fit')
    expect(next([bore(), rest('bad')])).not.toBe('follow:fit')
  })
})
