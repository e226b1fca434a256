import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { refusal } from '#core/gates'
import { leftOwed } from '#core/condition/owed'
import { notToRun } from '#core/judgement'
import { handBackView } from '#core/entries/hand_back/refuse'
import type { BodyOf, Entry } from '#core/entries/types'
import { pouredIn } from '#core/condition/fuelPath'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entry, file, line, oil, option, terms } from './file'

const at = (e: Entry, log: Entry[]): string | null => refusal(e, file(log))?.message ?? null
const done = { how: null } as const
const back = entry('hand_back', { to: 'Nell Brack', words: null }, done)
const check = (name: string, found: string[], absent: string[] = []): Entry =>
  entry('check', { check: name, found, absent, skipped: null, note: null }, { how: 'by_eye' })
const sample = (place: BodyOf['debris']['place'], items: BodyOf['debris']['items']): Entry =>
  entry(
    'debris',
    { place, items, hoursSinceOil: 20, hoursSinceRebuild: null, control: 'none', note: null },
    { how: 'by_eye' },
  )
const FLAKES: BodyOf['debris']['items'] = [{ material: 'bearing_flake', amount: 'much', largestUm: 2000 }]
const smelt = oil({ by: 'volume', amount: { value: 800, unit: 'mL' } }, { smell: 'petrol' })
const sign = (stopId: string): Entry => entry('sign_off', { stopId, reason: 'owner told' }, done)

describe('handing back', () => {
  it('is refused while a stop stands that nobody can sign away, and says which and what ends it', () => {
    expect(at(back, [smelt])).toMatch(/nobody can sign this away.*fuel in the oil/i)
    expect(at(back, [])).toBeNull()
  })
  it('asks that every other stop is taken on by name first', () => {
    const low = [oil({ by: 'dry' })]
    expect(at(back, low)).toMatch(/taken on by name.*too little oil/i)
    expect(at(back, [...low, sign('oil_low')])).toBeNull()
    const { outWith, toSign, held } = handBackView(assess(file([...low, sign('oil_low')])).stops)
    expect([outWith.map(s => s.id), toSign, held]).toEqual([['oil_low'], [], []])
    // a signature answers for what stood when it was given, not for what is found afterwards
    expect(at(back, [...low, sign('oil_low'), oil({ by: 'dry' })])).toMatch(/taken on by name/)
  })
  it('three ways out: mended only when nothing stands, with a test owed only when nothing stands either, as it is at any time', () => {
    const out = (way: 'mended' | 'test_owed' | 'as_is'): Entry =>
      entry(
        'hand_back',
        {
          to: 'Nell',
          words: 'Only looked at',
          way,
          told: 'by telephone',
          disabled: 'plug lead tied off',
          owed: [{ what: 'ride test', due: 'first snow' }],
        },
        done,
      )
    const knock = [check('listen', ['knock_load'])]
    expect(at(out('mended'), [])).toBeNull()
    // asked where the log says of nothing that it was done; whatever was done answers it
    const silent = entry('hand_back', { to: 'Nell', words: null, way: 'mended' }, done)
    expect(at(silent, [])).toMatch(/nothing is logged as done/)
    const cleaned = entry('work', { did: 'cleaned', parts: ['fins'], answers: [], note: null }, done)
    expect(at(silent, [cleaned])).toBeNull()
    expect(at(out('mended'), knock)).toMatch(/not mended.*big-end knock/i)
    expect(at(out('test_owed'), knock)).toMatch(/ready to be delivered/)
    expect(at(out('as_is'), knock)).toBeNull()
    const open = [entry('evidence', { what: 'half a clip', where: 'sump', missing: false, explained: null }, done)]
    // what must be done before it goes is no test that may be owed
    for (const way of ['mended', 'test_owed'] as const)
      expect(at(out(way), open)).toMatch(/before it goes: .*half a clip/)
    expect(at(out('as_is'), open)).toBeNull()
    const noticed = [
      entry('part', {
        ...{ part: 'clutch', place: null, seen: [], disposition: 'reuse', reason: null, orientation: null },
        owed: 'slip under load to be tried',
      } as never),
    ]
    expect(at(out('mended'), noticed)).toMatch(/Still owed: .*slip under load/)
    expect(at(out('test_owed'), noticed)).toBeNull()
    // and it stands at the machine's next visit, the named test with its due and the rest without
    expect(leftOwed([...noticed, out('as_is')])).toEqual([
      { what: 'ride test', due: 'first snow' },
      { what: expect.stringContaining('slip under load'), due: null },
      { what: expect.stringContaining('thinnest not measured'), due: null },
    ])
    expect(leftOwed(noticed)).toEqual([])
    for (const miss of ['told', 'disabled'])
      expect(
        BODY_SCHEMAS.hand_back.safeParse({
          to: 'Nell',
          words: null,
          way: 'as_is',
          told: 'said so',
          disabled: 'tied',
          [miss]: null,
        }).error?.issues[0]?.path,
      ).toEqual([miss])
  })
  it('words of a hand-back that happened are put right at any time', () => {
    expect(at({ ...back, supersedes: 'earlier' }, [smelt])).toBeNull()
  })
  it('a machine that went out with a knock is not to be run; one that only waits for its cause may', () => {
    const part = entry(
      'part',
      {
        part: 'rod',
        disposition: 'replace',
        seen: [],
        oil: 'not_looked',
        role: 'open',
        reason: null,
        orientation: null,
        owed: null,
        place: null,
      },
      { how: 'by_eye' },
    )
    expect(notToRun(assess(file([check('listen', ['knock_load']), sign('knock'), back])).stops).map(s => s.id)).toEqual(
      ['knock'],
    )
    expect(notToRun(assess(file([part])).stops)).toEqual([])
  })
})

describe('debris of several places', () => {
  const stops = (log: Entry[]) =>
    assess(file(log))
      .stops.filter(s => s.id.startsWith('debris'))
      .map(s => s.id)
  const mended = (answers: Entry): Entry =>
    entry('work', { did: 'renewed', parts: ['rod'], answers: [answers.id], note: null }, done)
  it('each place stands for itself: a clean one elsewhere ends nothing, nor does the same place clean without a repair', () => {
    const first = sample('filter_clean', FLAKES)
    expect(stops([first])).toEqual(['debris_hard:sample:filter_clean'])
    expect(stops([first, sample('drain_pan', [])])).toHaveLength(1)
    expect(stops([first, sample('filter_clean', [])])).toHaveLength(1)
    expect(stops([first, mended(first)])).toHaveLength(1)
    expect(stops([first, mended(first), sample('drain_pan', [])])).toHaveLength(1)
    expect(stops([first, mended(first), sample('filter_clean', [])])).toEqual([])
    // found again after the repair it begins anew
    expect(stops([first, mended(first), sample('filter_clean', FLAKES), sample('filter_clean', [])])).toHaveLength(1)
    expect(stops([first, sample('sump', FLAKES)])).toEqual([
      'debris_hard:sample:filter_clean',
      'debris_hard:sample:sump',
    ])
  })
  it('a cause ends none of them; a score that falls back into its band at the same place does end its own', () => {
    const cause = entry(
      'cause_found',
      { causeId: 'big_end', text: null, proof: 'proved', missing: null, chain: [] },
      done,
    )
    expect(stops([sample('sump', FLAKES), cause])).toHaveLength(1)
    const bronze: BodyOf['debris']['items'] = [{ material: 'bronze', amount: 'much', largestUm: 1500 }]
    expect(stops([sample('sump', bronze)])).toEqual(['debris:sample:sump'])
    expect(stops([sample('sump', bronze), sample('sump', [])])).toEqual([])
  })
  it('a trace of flakes is looked at again, and blocks nothing; the same in a sound engine clears, in an unused part of the batch it convicts', () => {
    expect(stops([sample('sump', [{ material: 'bearing_flake', amount: 'trace', largestUm: 300 }])])).toEqual([])
    const beside = (controlOf: 'sound_engine' | 'unused_part'): Entry => {
      const e = sample('sump', FLAKES) as Entry & { body: BodyOf['debris'] }
      return { ...e, body: { ...e.body, control: 'same', controlOf } }
    }
    expect(stops([beside('sound_engine')])).toEqual([])
    expect(stops([beside('unused_part')])).toHaveLength(1)
  })
})

describe('oil goes in by one door', () => {
  const ways: [string, Entry][] = [
    ['a refill', entry('fluid', { action: 'filled', amount: { value: 0.5, unit: 'L' }, what: null }, done)],
    [
      'an oil change',
      entry('oil_change', { amount: { value: 0.5, unit: 'L' }, oil: '10W-30', filter: false, atHours: null }, done),
    ],
    [
      'oil among the parts fitted',
      entry('fitted', { what: 'Engine oil 10W-30', batch: null, from: null, origin: 'other' }, done),
    ],
  ]
  it('whatever it is called, not before the way of the fuel is proved dry', () => {
    const drained = entry('fluid', { action: 'drained', amount: { value: 0.8, unit: 'L' }, what: null }, done)
    const cure = entry('cure', { path: 'needle', text: null }, done)
    const stand = entry(
      'stand_test',
      { startedAt: '2026-05-04T18:00:00Z', endedAt: '2026-05-05T08:00:00Z', seen: 'none', minimumHours: 12 },
      done,
    )
    for (const [name, pour] of ways) {
      expect(at(pour, []), name).toBeNull()
      // to let it out is the way out, and is never refused
      expect(at(drained, [smelt]), name).toMatch(/^Make it safe first/)
      expect(at(pour, [smelt]), name).toContain('No refill yet')
      expect(at(pour, [smelt, drained, cure]), name).toContain('stand test')
      expect(at(pour, [smelt, drained, cure, stand]), name).toBeNull()
      // and it counts as the filling that the way back asks for
      expect(assess(file([smelt, drained, cure, stand, pour])).fuel?.step, name).toBe('smell')
    }
  })
  it('parts that are named after the oil are no oil', () => {
    const fitted = (what: string): Entry => entry('fitted', { what, batch: null, from: null, origin: 'other' }, done)
    for (const what of ['Oil filter', 'Oil pump', 'Oil seal, drive side', 'O-ring, oil drain', 'Oil pan gasket'])
      expect(pouredIn(fitted(what)), what).toBe(false)
    for (const what of ['Oil', 'Oil, 0.6 L', 'two-stroke oil', 'SAE 30 oil'])
      expect(pouredIn(fitted(what)), what).toBe(true)
  })
})

describe('agreeing', () => {
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
  const agreed = (way: Entry, log: Entry[]): string | null => {
    const { decision } = assess(file(log))
    const o = decision.options.find(x => x.entryId === way.id)!
    const { lines, name, way: kind } = (way as Entry & { body: BodyOf['option'] }).body
    return at(
      entry(
        'approval',
        {
          optionEntryId: way.id,
          frozen: {
            name,
            way: kind,
            lines,
            currency: 'EUR',
            labourRateMinor: 5000,
            taxPct: 0,
            mean: o.mean,
            p10: o.p10,
            p50: o.p50,
            p90: o.p90,
            reasons: [],
          },
          agreedBy: 'Nell',
          how: 'phone',
          conditions: null,
        },
        done,
      ),
      log,
    )
  }
  it('is refused for a way that leaves a condemned part in, by name, unless a line is for it', () => {
    const keeps = option('Clean', 'adjust', [line('labour', 1)])
    expect(agreed(keeps, [terms(500, 10), keeps])).toBeNull()
    expect(agreed(keeps, [terms(500, 10), rod, keeps])).toMatch(/ruled out.*rod and big end/)
    const said = option('Kit', 'repair', [line('part', 3000, { text: 'Kit', parts: ['rod'] })])
    expect(agreed(said, [terms(500, 10), rod, said])).toBeNull()
  })
})
