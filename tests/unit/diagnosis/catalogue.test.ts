import { describe, expect, it } from 'vitest'
import { CAUSES, CHECK_BY_ID, CHECKS, fits, GROUP_WORDS, LINK_WORDS, SIGNS } from '#core/catalogue'
import { cause, check, inGroup } from '#core/catalogue/write'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { ENGINES } from '../../vignettes/engines'

const linked = (id: string): string[] => Object.values(CAUSES.find(c => c.id === id)!.shows).flat()

describe('the catalogue', () => {
  it('is as large as a bench needs: causes, signs, checks', () => {
    expect(CAUSES.length).toBeGreaterThanOrEqual(70)
    expect(SIGNS.size).toBeGreaterThanOrEqual(150)
    expect(CHECKS.length).toBeGreaterThanOrEqual(60)
  })
  it('names nothing twice and links only what exists', () => {
    expect(new Set(CAUSES.map(c => c.id)).size).toBe(CAUSES.length)
    expect(CHECK_BY_ID.size).toBe(CHECKS.length)
    expect(CHECKS.flatMap(c => c.shows)).toHaveLength(SIGNS.size)
    for (const cause of CAUSES) {
      const all = linked(cause.id)
      expect(
        all.filter(id => !SIGNS.has(id)),
        cause.id,
      ).toEqual([])
      expect(new Set(all).size, cause.id).toBe(all.length)
      expect(all.length, cause.id).toBeGreaterThanOrEqual(2)
    }
    for (const check of CHECKS)
      for (const id of check.before ?? []) expect(CHECK_BY_ID.has(id), `${check.id} before`).toBe(true)
  })
  it('every cause says what it is and what cures it, and is somewhere; every check how it is done and how long', () => {
    for (const c of CAUSES) {
      expect([c.what.length > 8, c.cure.length > 8, Math.max(...c.base) > 0, Math.max(...c.base) < 0.3], c.id).toEqual([
        true,
        true,
        true,
        true,
      ])
    }
    for (const c of CHECKS)
      expect([c.how.length > 8, c.minutes > 0, c.shows.length > 0], c.id).toEqual([true, true, true])
  })
  it('links grow weaker word by word', () => {
    const q = Object.values(LINK_WORDS)
    expect(q).toEqual([...q].sort((a, b) => b - a))
  })
  it("every kind of engine has causes that fit it, and none that can't be on it", () => {
    for (const [name, facts] of Object.entries(ENGINES))
      expect(CAUSES.filter(c => fits(c.needs, facts)).length, name).toBeGreaterThan(30)
    const on = (engine: string, id: string): boolean => fits(CAUSES.find(c => c.id === id)!.needs, ENGINES[engine]!)
    expect([
      on('saw', 'valve_held'),
      on('saw', 'overfilled'),
      on('mower', 'mix_lean'),
      on('mower', 'coolant_lost'),
      on('saw', 'needle_leaks'),
      on('inject', 'jet_blocked'),
    ]).toEqual([false, false, false, false, false, false])
    expect([
      on('saw', 'diaphragm_stiff'),
      on('moto', 'vacuum_tap_dead'),
      on('dry', 'dry_tank'),
      on('sled', 'oil_line'),
      on('mower', 'release_open'),
    ]).toEqual([true, true, true, true, true])
  })
  it('what is not known rules nothing out', () => {
    expect(fits({ fuelFeed: ['float'] }, { ...ENGINES.mower!, fuelFeed: 'unknown' })).toBe(true)
    expect(fits({ cooling: 'liquid' }, { ...ENGINES.mower!, cooling: 'unknown' })).toBe(true)
    expect(fits({ release: true }, { ...ENGINES.mower!, release: 'none' })).toBe(false)
  })
  it('nobody opens an engine before its quick checks: the order says so', () => {
    for (const check of CHECKS.filter(c => c.opens)) expect(check.before?.length, check.id).toBeGreaterThan(0)
  })
})

describe('how it is written down', () => {
  it('a cause is one call, its signs behind the word for how often', () => {
    const [written] = inGroup('fuel', [
      cause('x', 'X', { base: [0, 0, 0.1, 0, 0, 0], what: 'w', cure: 'c', often: 'a b', seldom: 'c' }),
    ])
    expect(written).toEqual({
      id: 'x',
      name: 'X',
      group: 'fuel',
      base: [0, 0, 0.1, 0, 0, 0],
      what: 'w',
      cure: 'c',
      shows: { often: ['a', 'b'], seldom: ['c'] },
    })
  })
  it('a check is one call, its signs a table; a line that is no sign is said at once', () => {
    const at = (signs: string) => check('c', 'C', { minutes: 1, tools: 'none', how: 'look', signs })
    expect(at('\n  one_sign  Seen, with a comma   0.02\n  two       Also  0.5\n').shows).toEqual([
      { id: 'one_sign', seen: 'Seen, with a comma', leak: 0.02 },
      { id: 'two', seen: 'Also', leak: 0.5 },
    ])
    for (const slip of ['one Seen 0.02', 'one  Seen', 'One  Seen  0.02', 'one  Seen  2', 'one  Seen  0'])
      expect(() => at(slip), slip).toThrow('is no sign')
  })
  it('every word of it is known: signs, checks that come first, groups, classes, forms', () => {
    const forms = new Set(Object.keys(BODY_SCHEMAS))
    for (const c of CHECKS) expect(c.form === undefined || forms.has(c.form), c.id).toBe(true)
    for (const c of CAUSES) {
      expect(Object.hasOwn(GROUP_WORDS, c.group), c.id).toBe(true)
      expect(
        Object.keys(c.shows).every(w => Object.hasOwn(LINK_WORDS, w)),
        c.id,
      ).toBe(true)
      expect([c.base.length, c.base.every(b => b >= 0 && b < 1)], c.id).toEqual([6, true])
    }
    const told = new Set(CAUSES.flatMap(c => Object.values(c.shows).flat()))
    // a sign that no cause shows is asked for and never heard: a new plug says only that somebody guessed, bronze asks for the bush itself
    expect([...SIGNS.keys()].filter(id => !told.has(id)).sort()).toEqual(['d_bronze', 'plug_new'])
  })
})
