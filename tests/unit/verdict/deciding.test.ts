import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import type { Entry } from '#core/entries/types'
import { FIT_KEYS } from '#core/entries/fit_check/judge'
import { REST_KEYS } from '#core/entries/rest_check/judge'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { shareLimit } from '#core/verdict/money'
import { savePays } from '#core/verdict/lookFirst'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entry, figureOf, file, line, option, terms } from '../job/file'

const bore = (x: number, sizesMm: number[] = [0.25, 0.5]): Entry =>
  entry('bore', {
    nominal: { value: 52, unit: 'mm' },
    unit: 'mm',
    rows: [[x, x]],
    piston: null,
    tool: 'micrometer',
    when: 'as_found',
    partC: 20,
    sizesMm,
    holdCentre: false,
    crossHatch: 'yes',
    note: null,
  })
const IRON = {
  facts: { bore: 'iron' as const, head: 'separate' as const },
  spec: [figureOf('bore_wear_max', 0.1, 'mm')],
}
const rest = (more: Record<string, string> = {}): Entry =>
  entry('rest_check', { ...Object.fromEntries(REST_KEYS.map(k => [k, 'good'])), note: null, ...more } as never, {
    how: 'by_eye',
  })
const fit = (more: Record<string, string> = {}): Entry =>
  entry('fit_check', {
    engine: 'Same shaft',
    ...Object.fromEntries(FIT_KEYS.map(k => [k, 'fits'])),
    note: null,
    ...more,
  } as never)
const way = (name: string, kind: Parameters<typeof option>[1], cost = 100): Entry =>
  option(name, kind, [line('part', cost * 100)])
const decided = (log: Entry[], at: Parameters<typeof file>[1] = IRON) =>
  assess(file([terms(1000, 50), ...log], at)).decision
const out = (log: Entry[], at: Parameters<typeof file>[1] = IRON) =>
  Object.fromEntries(decided(log, at).options.map(o => [o.name, o.ruledOut]))

describe('a way is ruled out by what was found, and stays on the list', () => {
  it('rings and boring by the bore, before and after it is measured', () => {
    const ways = [way('Rings', 'rings'), way('Rebore', 'rebore')]
    expect(out(ways)).toEqual({ Rings: null, Rebore: null })
    expect(decided(ways).verdict?.doubts.join()).toContain('The bore was not measured')
    expect(out([...ways, bore(52.17)])).toEqual({
      Rings: 'the bore is past its limit: new rings would not seal in it',
      Rebore: null,
    })
    expect(out([...ways, bore(52.9)]).Rebore).toBe('no size that is sold cleans the bore up')
    expect(out(ways, { facts: { bore: 'plated' } }).Rebore).toBe('a plating is never bored')
    expect(decided([...ways, bore(52.17)]).verdict?.bestName).toBe('Rebore')
  })
  it('a worn ring groove, a condemned part, one piece of head and block', () => {
    const groove = entry('measure', {
      item: 'ring_side',
      reads: [{ value: 0.3, unit: 'mm' }],
      tool: 'feeler',
      place: null,
      when: 'as_found',
      soldMm: [],
      note: null,
    })
    expect(
      out([way('Rings', 'rings'), groove], { ...IRON, spec: [figureOf('ring_side_max', 0.15, 'mm')] }).Rings,
    ).toContain('groove is worn')
    // of whichever cylinder and ring; a sound second one takes nothing back
    const twin = { ...IRON, facts: { bore: 'iron' as const, cylinders: 2 } }
    const of = (item: 'ring_side' | 'ring_side_second', mm: number, place: string) => ({
      ...groove,
      id: `${item}${place}`,
      body: { ...groove.body, item, place, reads: [{ value: mm, unit: 'mm' }] },
    })
    const sheet = [figureOf('ring_side_max', 0.15, 'mm'), figureOf('ring_side_second_max', 0.15, 'mm')]
    const log = [of('ring_side_second', 0.3, 'cylinder 2'), of('ring_side_second', 0.05, 'cylinder 1')] as Entry[]
    expect(out([way('Rings', 'rings'), ...log], { ...twin, spec: sheet }).Rings).toContain('groove is worn')
    expect(
      out([way('Rebuild', 'rebuild'), bore(52.9)], { ...IRON, facts: { bore: 'iron', head: 'integral' } }).Rebuild,
    ).toContain('one piece')
  })
  it('whatever kind of way leaves in what is condemned or measured out, unless a line of it is for that very part', () => {
    const rod = entry(
      'part',
      {
        part: 'rod',
        disposition: 'replace',
        seen: ['smeared'],
        oil: 'not_looked',
        role: 'open',
        reason: null,
        orientation: null,
        owed: null,
        place: null,
      },
      { how: 'by_eye' },
    )
    const pin = entry('measure', {
      item: 'crank_pin',
      reads: [
        { value: 24.93, unit: 'mm' },
        { value: 24.88, unit: 'mm' },
      ],
      tool: 'micrometer',
      place: null,
      when: 'as_found',
      soldMm: [],
      note: null,
    })
    const spec = [figureOf('crank_pin_min', 24.95, 'mm')]
    const work = (...parts: string[]) => [line('labour', 1), line('part', 3000, { text: 'Part', parts })]
    for (const kind of ['adjust', 'repair', 'rings', 'rebore', 'rebuild', 'donor', 'wait'] as const) {
      expect(out([option('W', kind, work()), rod]).W, kind).toContain('rod and big end (condemned)')
      expect(out([option('W', kind, work('rod')), rod]).W ?? '', kind).not.toContain('rod and big end')
      // a rod on a pin that is measured out
      // leaving it and watching is out already: it must not be run
      if (kind === 'wait') continue
      expect(out([option('W', kind, work('rod')), rod, pin], { spec }).W, kind).toMatch(
        /crank pin: 24\.880? mm \(past its limit\)/i,
      )
      expect(out([option('W', kind, work('crank')), pin], { spec }).W ?? '', kind).not.toMatch(/crank pin/i)
    }
    for (const kind of ['scrap', 'part_out', 'new_engine', 'exchange'] as const)
      expect(out([option('W', kind, [line('labour', 1)]), rod, pin], { spec }).W, kind).toBeNull()
  })
  it("can't lead; another word on the part, or a line for it, brings it back", () => {
    const rod = (disposition: 'replace' | 'reuse') =>
      entry(
        'part',
        {
          part: 'rod',
          disposition,
          seen: [],
          oil: 'not_looked',
          role: 'own',
          reason: null,
          orientation: null,
          owed: null,
          place: null,
        },
        { how: 'by_eye' },
      )
    const lead = (log: Entry[]) => decided(log).verdict?.bestName
    const clean = option('Clean', 'adjust', [line('labour', 1)])
    expect(lead([clean])).toBe('Clean')
    expect(lead([clean, rod('replace')])).toBe('Leave it as it is')
    expect(lead([clean, rod('replace'), rod('reuse')])).toBe('Clean')
  })
  it('a line from before, whose part nobody said, puts its way in doubt and rules nothing out', () => {
    const rod = entry(
      'part',
      {
        part: 'rod',
        disposition: 'replace',
        seen: [],
        oil: 'not_looked',
        role: 'own',
        reason: null,
        orientation: null,
        owed: null,
        place: null,
      },
      { how: 'by_eye' },
    )
    const said = decided([option('Kit', 'repair', [line('part', 3000, { text: 'Kit' })]), rod])
    expect(said.options[0]?.ruledOut).toBeNull()
    expect(said.verdict?.doubts[0]).toBe('Say which part ‘Kit’ is for: rod and big end (condemned) may not stay in.')
    // the part's own name, as the page proposes it, needs no asking
    expect(
      decided([option('Kit', 'repair', [line('part', 3000, { text: 'Rod and big end' })]), rod]).verdict?.doubts.join(),
    ).not.toContain('Say which part')
  })
  it('another engine by the rest of the machine and by its fit', () => {
    const engine = way('Engine', 'new_engine')
    expect(decided([engine]).verdict?.doubts.join()).toContain('The rest of the machine was not looked at')
    expect(out([engine, rest(), fit()]).Engine).toBeNull()
    expect(out([engine, rest({ gearbox: 'bad' })]).Engine).toBe('the rest is not worth an engine: gearbox')
    expect(out([engine, rest({ tank: 'bad' })]).Engine).toBeNull()
    expect(out([engine, fit({ rotation: 'no' })]).Engine).toBe('it does not fit: turns the same way')
    expect(
      decided([engine, rest({ wheels: 'not_looked' }), fit({ wiring: 'not_checked' })]).verdict?.doubts.join(),
    ).toMatch(/Not looked at: wheels and axles.*Fit not checked: wiring/)
  })
  it('leaving and watching is no way for a machine that must not run; it is worth what it is', () => {
    const watch = option('Watch', 'wait', [line('labour', 0.2)])
    expect(decided([watch]).options[0]).toMatchObject({ valueAfter: 50, ruledOut: null })
    const sample = entry(
      'debris',
      {
        place: 'sump',
        items: [{ material: 'bearing_flake', amount: 'mass', largestUm: 4000 }],
        hoursSinceOil: 5,
        hoursSinceRebuild: null,
        control: 'none',
        note: null,
      },
      { how: 'by_eye' },
    )
    expect(out([watch, sample]).Watch).toContain('must not be run')
  })
  it('what somebody wrote by hand stands before what was found', () => {
    expect(decided([option('Rings', 'rings', [], { ruledOut: 'no time' }), bore(52.17)]).options[0]).toMatchObject({
      ruledOut: 'no time',
      byFinding: false,
    })
    expect(decided([way('Rings', 'rings'), bore(52.17)]).options[0]?.byFinding).toBe(true)
  })
  it('judges the lists by themselves', () => {
    const said = assess(file([rest({ brakes: 'bad' }), fit({ exhaust: 'adapt' })])).judgements
    expect(said.map(j => j.mark)).toEqual(['past', 'near'])
    expect(said[0]?.details.join()).toContain('must not go back like that')
    expect(said[1]?.headline).toBe('Same shaft: fits with adapters')
    expect(BODY_SCHEMAS.rest_check.safeParse({ ...rest().body, frame: undefined }).success).toBe(false)
  })
})

describe('one fact worth finding out first', () => {
  const crank = line('part', 60000, { text: 'Crank', chance: 0.3, lookMin: 60 })
  const rebuild = option('Rebuild', 'rebuild', [crank], { valueAfterMinor: 50000 })
  const engine = option('Engine', 'new_engine', [line('part', 25000)], { valueAfterMinor: 50000 })
  const looks = (log: Entry[]) =>
    assess(file([terms(500, 0), ...log], { policy: { labourRateMinor: 6000 } })).decision.verdict?.looks ?? []

  it('is worth its expected value of perfect information, against the minutes it takes', () => {
    // good 500, bad −100, engine 250: now 320; knowing 0.7 · 500 + 0.3 · 250 = 425
    expect(looks([rebuild, engine])[0]).toMatchObject({
      text: 'Crank',
      about: 'need',
      chanceGood: 0.7,
      minutes: 60,
      minutesKnown: true,
      cost: 60,
      pays: true,
      atGood: 500,
      atBad: -100,
      rival: { name: 'Engine', net: 250 },
    })
    expect(looks([rebuild, engine])[0]?.worth).toBeCloseTo(105)
    expect(looks([rebuild, engine])[0]?.paysAbove).toBeCloseTo(350 / 600)
  })
  it('agrees with the flip of the same chance', () => {
    const { verdict } = assess(file([terms(500, 0), rebuild, engine])).decision
    const flip = verdict?.flips.find(f => f.about === 'need')
    expect(1 - (verdict?.looks[0]?.paysAbove ?? 0)).toBeCloseTo(flip?.at ?? 0)
  })
  it('does not pay when looking costs more, and is not named when nothing hangs on it', () => {
    expect(
      looks([option('Rebuild', 'rebuild', [{ ...crank, lookMin: 120 }], { valueAfterMinor: 50000 }), engine])[0],
    ).toMatchObject({ cost: 120, pays: false })
    expect(
      looks([
        option('Rebuild', 'rebuild', [{ ...crank, low: 1000, likely: 1000, high: 1000 }], { valueAfterMinor: 50000 }),
        engine,
      ]),
    ).toEqual([])
  })
  it('a price that is only estimated is asked for when the choice may hang on it', () => {
    const wide = option('Rebuild', 'rebuild', [line('part', 24000, { text: 'Crank', low: 10000, high: 60000 })], {
      valueAfterMinor: 50000,
    })
    expect(looks([wide, engine])[0]).toMatchObject({ about: 'price', minutes: 10, pays: true })
  })
  it('trying to save a costly part pays above a chance', () => {
    expect(savePays({ tryCost: 40, fallbackCost: 600, goodCost: 480 })).toBeCloseTo(0.25)
    expect(savePays({ tryCost: 40, fallbackCost: 100, goodCost: 480 })).toBeNull()
    expect(savePays({ tryCost: 0, fallbackCost: 600, goodCost: 480 })).toBe(0)
  })
})

describe("what it costs its owner, and the shop's own machine", () => {
  it('days that it stands count for a machine that earns, and not against the cap', () => {
    const at = (daysDown: number) =>
      assess(
        file([
          entry(
            'terms',
            {
              useClass: 'working',
              runningValueMinor: 100000,
              asIsValueMinor: 0,
              capMinor: 20000,
              deadline: null,
              dayLossMinor: 5000,
              boughtMinor: null,
              ownTimeFree: false,
            },
            { how: null },
          ),
          option('Repair', 'repair', [line('part', 10000)], { daysDown }),
        ]),
      ).decision
    expect(at(4).options[0]).toMatchObject({ mean: 100, downtime: 200, net: 700, allowed: true })
    expect(at(0).options[0]?.net).toBe(900)
    expect(at(4).verdict?.reasons.join()).toContain('loses €200 more')
    // a flip moves with the money that is lost: at 900 − 200 nothing is left over
    expect(at(4).verdict?.flips.some(f => f.about === 'success' && Math.abs(f.at - 0.3) < 1e-9)).toBe(false)
  })
  it("own time is free only on the shop's own machine; the margin is sale less purchase less work", () => {
    const own = (ownTimeFree: boolean) =>
      assess(
        file([
          entry(
            'terms',
            {
              useClass: 'resale',
              runningValueMinor: 40000,
              asIsValueMinor: 5000,
              capMinor: null,
              deadline: null,
              dayLossMinor: null,
              boughtMinor: 6000,
              ownTimeFree,
            },
            { how: null },
          ),
          option('Repair', 'repair', [line('labour', 2), line('part', 5000)]),
        ]),
      ).decision
    expect(own(false).options[0]).toMatchObject({ mean: 150, margin: 190 })
    expect(own(true).options[0]).toMatchObject({ mean: 50, margin: 290 })
    expect(own(true).verdict?.reasons.join()).toContain('margin of €290, own time free')
    expect(
      BODY_SCHEMAS.terms.safeParse({
        useClass: 'private',
        runningValueMinor: null,
        asIsValueMinor: null,
        capMinor: null,
        deadline: null,
        ownTimeFree: true,
      }).error?.issues[0]?.path,
    ).toEqual(['ownTimeFree'])
  })
})

describe('the share of value', () => {
  it('by use, by what the bore is made of and by class of engine', () => {
    const bare = { bore: 'bare' as const, engineClass: 'S4' as const }
    const policy = {
      ...DEFAULT_POLICY,
      shareBore: { ...DEFAULT_POLICY.shareBore, bare: 80 },
      shareClass: { ...DEFAULT_POLICY.shareClass, S4: 50 },
    }
    expect([
      shareLimit('private', DEFAULT_POLICY, bare),
      shareLimit('private', policy, bare),
      shareLimit('private', policy, { ...bare, bore: 'iron' }),
      shareLimit('private', policy, null),
    ]).toEqual([50, 20, 25, 50])
    expect(
      assess(file([terms(1000, 0), way('Repair', 'repair', 300)], { facts: { bore: 'bare' }, policy })).decision
        .options[0]?.withinShare,
    ).toBe(false)
  })
})
