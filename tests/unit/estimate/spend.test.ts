import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { charged, protectShare, spendNow, termsNow } from '#core/verdict/spend'
import { minutesOf } from '#core/entries/spend/minutes'
import { protectors } from '#core/verdict/protectors'
import type { BodyOf, Entry } from '#core/entries/types'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entry, FACTS, file, line, terms } from '../job/file'

const POLICY = { ...DEFAULT_POLICY, labourRateMinor: 6000, taxPct: 0 }
const spend = (more: Partial<BodyOf['spend']>): Entry =>
  entry(
    'spend',
    { what: 'Pulley', startedAt: null, endedAt: null, minutes: null, costMinor: null, ...more },
    { how: null },
  )
const call = (more: Partial<BodyOf['owner_call']>): Entry =>
  entry('owner_call', { result: 'answered', answer: 'go on', capMinor: null, ...more }, { how: null })
const stop = (log: Entry[]) => assess(file(log, { policy: POLICY })).stops.find(s => s.id === 'spend')

describe('what is put into a job', () => {
  it("adds time at the shop's rate and what was bought, tax in", () => {
    expect(
      spendNow([terms(500, 0, 200), spend({ minutes: 90 }), spend({ costMinor: 1500 })], { ...POLICY, taxPct: 10 }),
    ).toMatchObject({ minutes: 90, labour: 99, bought: 16.5, cap: 200, state: 'ok' })
    expect(spendNow([spend({ minutes: 60 })], POLICY)).toMatchObject({
      total: 60,
      cap: null,
      sharePct: null,
      state: 'ok',
    })
  })
  it('a clock counts from start to stop; one that runs counts only up to a moment that is given', () => {
    const clock = { what: 'x', startedAt: '2026-05-04T09:00:00Z', endedAt: null, minutes: null, costMinor: null }
    expect([
      minutesOf(clock),
      minutesOf(clock, '2026-05-04T09:45:00Z'),
      minutesOf({ ...clock, endedAt: '2026-05-04T10:30:00Z' }),
    ]).toEqual([0, 45, 90])
    expect(spendNow([spend(clock)], POLICY).running?.body.what).toBe('x')
  })
  it("warns at the shop's share of the cap, and asks for a call before more is spent", () => {
    const cap = terms(500, 0, 100)
    expect(stop([cap, spend({ minutes: 89 })])).toBeUndefined()
    expect(stop([cap, spend({ minutes: 90 })])).toMatchObject({ title: 'Call the owner first', canSign: false })
    expect(stop([cap, spend({ minutes: 130 })])?.reason).toContain(
      '€130 of the cap of €100 is put in already, €30 past it',
    )
    expect(stop([cap, spend({ minutes: 90 }), call({ result: 'no_answer', answer: null })])?.reason).toContain(
      'the last call was not answered',
    )
    expect(stop([cap, spend({ minutes: 90 }), call({})])).toBeUndefined()
    expect(stop([cap, spend({ minutes: 90 }), call({}), spend({ minutes: 5 })])).toBeDefined()
  })
  it('a new cap from a call counts from then on, until the terms are written anew', () => {
    const log = [terms(500, 0, 100), spend({ minutes: 90 }), call({ capMinor: 30000 }), spend({ minutes: 60 })]
    expect(stop(log)).toBeUndefined()
    expect(assess(file(log, { policy: POLICY })).decision.money.cap).toBe(300)
    expect(termsNow([...log, terms(500, 0, 120)])?.capMinor).toBe(12000)
    expect(termsNow([])).toBeUndefined()
  })
  it('bad entries name their field', () => {
    const bad = (kind: 'spend' | 'owner_call', body: object) =>
      BODY_SCHEMAS[kind].safeParse(body).error?.issues[0]?.path
    expect(bad('spend', { what: 'x', startedAt: null, endedAt: null, minutes: null, costMinor: null })).toEqual([
      'minutes',
    ])
    expect(
      bad('spend', {
        what: 'x',
        startedAt: '2026-05-04T09:00:00Z',
        endedAt: '2026-05-04T08:00:00Z',
        minutes: null,
        costMinor: null,
      }),
    ).toEqual(['endedAt'])
    expect(bad('owner_call', { result: 'no_answer', answer: null, capMinor: 5 })).toEqual(['capMinor'])
    expect(bad('owner_call', { result: 'answered', answer: null, capMinor: null })).toEqual(['answer'])
  })
  it("a total is charged in the shop's steps, and never under its least", () => {
    expect([
      charged(10101, { minChargeMinor: 0, roundToMinor: 100 }),
      charged(10100, { minChargeMinor: 0, roundToMinor: 100 }),
      charged(1200, { minChargeMinor: 2500, roundToMinor: 1 }),
    ]).toEqual([10200, 10100, 2500])
  })
})

describe('a small part against what it protects', () => {
  it('is a share of what is put in', () => {
    expect(protectShare(4, 400)).toBe(1)
    expect(protectShare(4, 0)).toBeNull()
  })
  it("lists small parts that are kept and not in the way's lines, those with a sign first", () => {
    const part = (
      name: BodyOf['part']['part'],
      disposition: BodyOf['part']['disposition'],
      seen: string[] = [],
    ): Entry =>
      entry(
        'part',
        {
          part: name,
          disposition,
          seen,
          oil: 'not_looked',
          role: 'open',
          reason: null,
          orientation: null,
          owed: null,
          place: null,
        },
        { how: 'by_eye' },
      )
    const all = protectors([part('seals', 'reuse', ['hard']), part('key', 'replace')], FACTS, [])
    expect(all[0]).toMatchObject({ part: 'seals', why: 'hard', destroys: 'bearings and piston' })
    expect(all.map(p => p.part)).not.toContain('key')
    expect(protectors([], FACTS, [line('part', 100, { text: 'Gasket and seal set' })]).map(p => p.part)).not.toContain(
      'seals',
    )
  })
})
