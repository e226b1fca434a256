import { describe, expect, it } from 'vitest'
import type { BodyOf, Entry } from '#core/job/entries'
import { assess } from '#core/assess'
import { judgeValveLeak } from '#core/measure/judgeValveLeak'
import { judgeBore, judgeMeasure } from '#core/measure/judgeMeasure'
import { BODY_SCHEMAS } from '#shared/schemas/entry'
import { entry, figureOf, file } from '../job/file'

type Of<K extends 'bore' | 'measure'> = Entry & { kind: K }
const bore = (rows: [number, number][], more: Partial<BodyOf['bore']> = {}) =>
  entry('bore', { nominal: { value: 52, unit: 'mm' }, unit: 'mm', rows, piston: null, tool: 'micrometer', when: 'as_found', partC: 20, sizesMm: [0.25, 0.5], holdCentre: false, crossHatch: 'yes', note: null, ...more }) as Of<'bore'>
const size = (item: BodyOf['measure']['item'], figures: number[], more: Partial<BodyOf['measure']> = {}, how: 'measured' | 'by_feel' = 'measured', unit = 'mm') =>
  entry('measure', { item, reads: figures.map(value => ({ value, unit })), tool: 'dial', place: null, when: 'as_found', note: null, ...more }, { how }) as Of<'measure'>
const IRON = { facts: { bore: 'iron' as const, engineClass: 'V2' as const, cycle: 'two' as const }, spec: [figureOf('bore_wear_max', 0.1, 'mm')] }
const judge = (rows: [number, number][], more: Partial<BodyOf['bore']> = {}, at: Parameters<typeof file>[1] = IRON) => judgeBore(bore(rows, more), file([], at))
const text = (j: { details: string[] }) => j.details.join(' ')

describe('a bore sheet', () => {
  it('first oversize is not enough, second is', () => {
    const j = judge([[52.12, 52.17], [52.06, 52.08], [52.02, 52.02]])
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
  it('a rule of thumb condemns nothing; the maker\'s figure does; too near the limit for the tool is can\'t tell', () => {
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
    expect(both.judgements.filter(x => x.headline.startsWith('Bore')).map(x => x.headline.slice(0, 18))).toEqual(['Bore as found: wea', 'Bore after honing:'])
  })
  it('slipped decimals are caught beside their reading', () => {
    const path = (rows: unknown, more: object = {}) => BODY_SCHEMAS.bore.safeParse({ ...bore([[52, 52]]).body, rows, ...more }).error?.issues[0]?.path
    expect(path([[52, 52], [52.1, 5.21]])).toEqual(['rows', 1, 1])
    expect(path([[52, 52]], { piston: { value: 519.5, unit: 'mm' } })).toEqual(['piston', 'value'])
    expect(path([])).toEqual(['rows'])
    expect(path([[52, null]])).toEqual(['rows', 0, 1])
  })
})

describe('other sizes', () => {
  const at = (entryOf: Of<'measure'>, more: Parameters<typeof file>[1] = {}) => judgeMeasure(entryOf, file([], more))
  it('good, worn but within, can\'t tell, past by the maker\'s figure', () => {
    const spec = [figureOf('rod_side_max', 0.7, 'mm')]
    expect([at(size('rod_side', [0.3]), { spec }).mark, at(size('rod_side', [0.705]), { spec }).mark, at(size('rod_side', [0.9]), { spec }).mark]).toEqual(['good', 'open', 'past'])
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
    expect(text(at(size('squish', [0.9, 1.05], { tool: 'solder' }), { facts: { engineClass: 'V2', cycle: 'two' } }))).toContain('differ by more than 0.1 mm')
    expect(at(size('squish', [0.4, 0.42], { tool: 'solder' }), { facts: { engineClass: 'V2' }, spec: [figureOf('squish_min', 0.8, 'mm')] }).mark).toBe('past')
  })
  it('without any limit nothing is judged', () => {
    expect(at(size('plate', [2.8]))).toMatchObject({ mark: 'open', details: [expect.stringContaining('no limit is known')] })
  })
  it('asks for each figure it needs', () => {
    expect(BODY_SCHEMAS.measure.safeParse({ ...size('rod_shake', [0.8]).body }).error?.issues[0]?.message).toBe('Rod, centre to centre: type a figure.')
    expect(BODY_SCHEMAS.measure.safeParse({ ...size('rod_shake', [0.8, 0, 15]).body }).error?.issues[0]?.path).toEqual(['reads', 1])
  })
})

describe('a valve under solvent', () => {
  const leak = (look: BodyOf['valve_leak']['look'], dropsPerMin: number | null = null, when: BodyOf['valve_leak']['when'] = 'as_found') =>
    judgeValveLeak(entry('valve_leak', { valve: 'exhaust', when, look, dropsPerMin, place: null, note: null }, { how: 'by_eye' }) as Entry & { kind: 'valve_leak' })
  it('dry and damp pass, drops are lapped, more is cut; a seat is not blamed before lash', () => {
    expect([leak('dry').mark, leak('damp').mark, leak('drops', 5).mark, leak('drops', 6).mark, leak('stream').mark]).toEqual(['good', 'good', 'near', 'past', 'past'])
    expect(text(leak('drops', 4))).toContain('before the seat is blamed')
    expect(text(leak('drops', 4, 'after'))).not.toContain('blamed')
    expect(leak('drops', 4).headline).toBe('Exhaust valve as found: 4 drops a minute')
  })
  it('drops are counted, and only drops', () => {
    const path = (body: object) => BODY_SCHEMAS.valve_leak.safeParse({ valve: 'inlet', when: 'as_found', place: null, note: null, dropsPerMin: null, ...body }).error?.issues[0]?.path
    expect([path({ look: 'drops' }), path({ look: 'dry', dropsPerMin: 3 }), path({ look: 'dry' })]).toEqual([['dropsPerMin'], ['look'], undefined])
  })
})
