import { describe, expect, it } from 'vitest'
import { alwaysRenewed, firmness, partsOfCure, priceAge, proposeWay } from '#core/verdict/causeLines'
import { NO_HISTORY } from '#core/verdict/stuckAllowance'
import type { BodyOf, Entry } from '#core/entries/types'
import { FIT_KEYS } from '#core/entries/fit_check/judge'
import type { Way } from '#core/words/deciding'
import { WAYS } from '#core/words/deciding'
import { entry, FACTS } from '../job/file'

const cause = (causeId: string, proof: BodyOf['cause_found']['proof'] = 'proved'): Entry =>
  entry('cause_found', { causeId, text: null, proof, missing: null, chain: [] }, { how: null })
const rod = entry(
  'part',
  {
    part: 'rod',
    disposition: 'replace',
    seen: ['smeared'],
    oil: 'hurt',
    role: 'open',
    reason: null,
    orientation: null,
    owed: null,
    place: null,
  },
  { how: 'by_eye' },
)
const lines = (way: Way, log: Entry[], facts = FACTS) =>
  proposeWay(way, { inForce: log, facts, bore: null, stuck: NO_HISTORY })

describe('from cause to lines', () => {
  it('a named cause proposes its work, marked as its cure, and the parts it speaks of', () => {
    const found = lines('repair', [cause('fuel_line_cracked')])
    expect(found.filter(l => l.cures).map(l => `${l.type}: ${l.text}`)).toEqual([
      'labour: New line, clamps',
      'part: Line',
    ])
    expect(found.find(l => l.cures)?.why).toBe('cures: fuel line cracked')
    expect(lines('repair', [cause('fuel_line_cracked', 'unknown')]).some(l => l.cures)).toBe(false)
    expect(lines('part_out', [cause('fuel_line_cracked')]).some(l => l.cures)).toBe(false)
  })
  it('reads the parts out of a cure', () => {
    expect(partsOfCure('Diaphragm kit, needle, screen.')).toEqual(['Diaphragm kit'])
    expect(partsOfCure('Carburettor off, jets through, bowl clean, filter new.')).toEqual(['Filter'])
    expect(partsOfCure('New filter; clean the tank it came from.')).toEqual(['Filter'])
    expect(partsOfCure('Drain tank and bowl, fresh fuel.')).toEqual([])
  })
  it('condemned parts stand in the ways that mend parts, not in another engine', () => {
    expect(lines('rebuild', [rod]).map(l => l.text)).toContain('Rod and big end')
    expect(lines('new_engine', [rod]).map(l => l.text)).not.toContain('Rod and big end')
  })
  it('what is always renewed depends on how far it is opened and on the engine', () => {
    expect(alwaysRenewed('rings', { ...FACTS, head: 'separate' })).toEqual(['Head gasket', 'Plug', 'Oil'])
    expect(alwaysRenewed('rings', { ...FACTS, head: 'integral' })).not.toContain('Head gasket')
    expect(alwaysRenewed('rebuild', { ...FACTS, cycle: 'two', oiling: 'premix', oilShows: 'none' })).toEqual([
      'Head gasket',
      'Base gasket',
      'Gasket set',
      'Crank seals',
      'Plug',
    ])
    expect(alwaysRenewed('rebuild', { ...FACTS, oilFilter: 'paper' })).toContain('Oil filter')
    expect(alwaysRenewed('repair', FACTS)).toEqual([])
  })
  it('work takes longer on a larger engine and with more cylinders; hours stay in order', () => {
    const work = (more: object) =>
      lines('rebuild', [], { ...FACTS, ...more }).find(l => l.text === 'Strip, wash, build')?.likely ?? 0
    expect(work({ engineClass: 'T4' })).toBeGreaterThan(work({}))
    expect(work({ cylinders: 2 })).toBe(8.5)
    for (const way of Object.keys(WAYS) as Way[])
      for (const l of lines(way, [rod, cause('jet_blocked')]))
        if (l.likely !== null) expect((l.low ?? 0) <= l.likely && l.likely <= (l.high ?? 0)).toBe(true)
  })
  it("stuck fasteners come from the shop's own counts; adapters from the fit check", () => {
    expect(
      lines('repair', [
        entry('clues', { outside: ['rust'], hands: [], ageYears: null, note: null }, { how: 'by_eye' }),
      ]).find(l => l.text === 'Stuck fasteners'),
    ).toMatchObject({ chance: 0.35, high: 4 })
    const fit = entry('fit_check', {
      engine: 'E',
      ...Object.fromEntries(FIT_KEYS.map(k => [k, k === 'exhaust' ? 'adapt' : 'fits'])),
      note: null,
    } as never)
    expect(lines('new_engine', [fit])[0]?.text).toBe('Adapter: exhaust')
  })
})

describe('how a line stands', () => {
  it('firm, estimated or contingent', () => {
    const l = { low: 1, high: 1, chance: 1, priceKind: 'retail' as const }
    expect([
      firmness(l),
      firmness({ ...l, high: 2 }),
      firmness({ ...l, priceKind: 'estimate' }),
      firmness({ ...l, chance: 0.5 }),
    ]).toEqual(['firm', 'estimated', 'estimated', 'contingent'])
  })
  it("a price is stale past the shop's limit, on the day after it", () => {
    const priced = (pricedOn: string | null, type: 'part' | 'labour' = 'part') =>
      priceAge({ pricedOn, type, priceKind: 'retail' }, '2026-06-01', 30)
    expect(
      [priced('2026-05-02'), priced('2026-05-01'), priced(null), priced('2020-01-01', 'labour')].map(p => p.stale),
    ).toEqual([false, true, false, false])
    expect(priced('2026-05-01').days).toBe(31)
  })
})
