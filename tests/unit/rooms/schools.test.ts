import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { DEFAULT_POLICY } from '#core/engine/policy'
import type { SchoolKey } from '#core/engine/schools'
import { SCHOOL_KEYS, SCHOOLS, schoolOf, schoolWords } from '#core/engine/schools'
import type { BodyOf, Entry } from '#core/entries/types'
import { schema as ruleHere } from '#core/entries/rule_here/schema'
import { rulesHere } from '#core/entries/rule_here/rulesHere'
import { oilRhythm } from '#core/entries/oil_change/rhythm'
import { refusal } from '#core/gates'
import { careText } from '#core/handover/careText'
import { choiceFault } from '#core/spec/choosing'
import { proposeLines } from '#core/verdict/proposeLines'
import { unlooked } from '#core/verdict/ruledOut'
import { policySchema } from '#shared/schemas/shop'
import { entry, figureOf, file, oil, option, terms } from '../job/file'

const here = (rule: SchoolKey, choice: string): Entry =>
  entry('rule_here', { rule, choice, reason: 'the owner asked for it' }, { how: null })
const shop = (rule: SchoolKey, choice: string) => ({ policy: { schools: { [rule]: choice } } })
const part = (name: string, disposition: string, seen: string[]): Entry =>
  entry(
    'part',
    {
      part: name,
      place: null,
      disposition,
      seen,
      oil: 'not_looked',
      role: 'open',
      reason: null,
      orientation: null,
      owed: null,
    } as never,
    { how: 'by_eye' },
  )
const use = (useClass: BodyOf['terms']['useClass']): Entry => {
  const t = terms(500, 20)
  return { ...t, body: { ...(t.body as BodyOf['terms']), useClass } } as Entry
}

describe('where good shops differ', () => {
  it('each point has its schools with their reasons, a default with its own, and what a maker says', () => {
    for (const key of SCHOOL_KEYS) {
      const s = SCHOOLS[key]
      expect([key, Object.hasOwn(s.choices, s.start)]).toEqual([key, true])
      for (const words of [s.question, s.because, s.maker, s.acts, ...Object.values(s.choices).map(c => c.why)])
        expect([key, words.length > 3]).toEqual([key, true])
    }
  })
  it('a shop holds its default until it chooses; an answer that is none is refused', () => {
    expect(schoolOf(DEFAULT_POLICY, 'knock')).toBe('never')
    expect(schoolOf({ schools: { knock: 'toy_signed' } }, 'knock')).toBe('toy_signed')
    expect(schoolOf({ schools: { knock: 'nonsense' } }, 'knock')).toBe('never')
    const { rulesHere: _, ...policy } = { ...DEFAULT_POLICY, shopName: 'The shed', rulesHere: undefined }
    expect(policySchema.safeParse({ ...policy, schools: { hone: 'hone' }, version: 'v' }).success).toBe(true)
    expect(policySchema.safeParse({ ...policy, schools: { hone: 'no' }, version: 'v' }).success).toBe(false)
    expect(policySchema.safeParse({ ...policy, mixRatio: 5, version: 'v' }).error?.issues[0]?.path).toEqual([
      'mixRatio',
    ])
  })
  it('how full, and what becomes of a surplus, may be another thing on one job too', () => {
    const low = oil({ by: 'marks', pct: -40 }, { smell: 'plain' })
    const words = (entries: Entry[]) => assess(file(entries)).newest.oil?.details.join(' ')
    expect(words([low])).toContain("short of the full mark (shop's rule)")
    expect(words([low, here('fill_aim', 'middle')])).toContain(
      'short of the middle (on this job: the owner asked for it)',
    )
  })
  it('a job may hold another rule, with its reason, and says so where it acts', () => {
    const policy = rulesHere(DEFAULT_POLICY, [here('seals_age', 'look')])
    expect(schoolOf(policy, 'seals_age')).toBe('look')
    expect(schoolWords(policy, 'seals_age')).toContain('on this job: the owner asked for it')
    expect(schoolWords(DEFAULT_POLICY, 'seals_age')).toContain("shop's rule")
    expect(ruleHere.safeParse({ rule: 'hone', choice: 'gauge', reason: 'x' }).error?.issues[0]?.path).toEqual([
      'choice',
    ])
  })
})

describe('each of them acts', () => {
  it('seals of an unknown age are an exception where they are renewed, and good enough where they are looked at', () => {
    const old = part('seals', 'reuse', ['age'])
    const words = (entries: Entry[]) => assess(file(entries)).judgements.find(j => j.headline.startsWith('Crank seals'))
    expect(words([old])?.details.join(' ')).toContain('that is an exception')
    expect(words([old, here('seals_age', 'look')])?.details.join(' ')).not.toContain('that is an exception')
  })
  it('a seal of a two-stroke is cleared by test or by look, and which one is said', () => {
    const two = { facts: { cycle: 'two' as const, oiling: 'premix' as const, engineClass: 'H2' as const } }
    const dry = part('seals', 'reuse', [])
    const judged = (options: object) => assess(file([dry], { ...two, ...options })).judgements[0]
    expect(judged({})).toMatchObject({ mark: 'open', details: [expect.stringContaining('not by test')] })
    expect(judged(shop('seals', 'look'))?.mark).not.toBe('open')
  })
  it('the owner of a toy may sign for a knock once the big end is measured good, never for a child', () => {
    const knock = entry('check', {
      check: 'knock',
      found: ['knock_load'],
      absent: [],
      skipped: null,
      note: null,
    } as never)
    const good = entry('measure', {
      item: 'rod_play',
      reads: [{ value: 0.02, unit: 'mm' }],
      tool: 'dial',
      place: null,
      when: 'as_found',
      note: null,
      soldMm: [],
    })
    const spec = [figureOf('rod_play_max', 0.1, 'mm')]
    const canSign = (log: Entry[], options: object) =>
      assess(file(log, { spec, ...options })).stops.find(s => s.id === 'knock')?.canSign
    const toy = shop('knock', 'toy_signed')
    expect(canSign([use('toy'), good, knock], toy)).toBe(true)
    expect(canSign([use('toy'), knock], toy)).toBe(false)
    expect(canSign([use('toy'), good, knock], {})).toBe(false)
    expect(canSign([use('child'), good, knock], toy)).toBe(false)
    expect(canSign([use('private'), good, knock], toy)).toBe(false)
  })
  it('what was only set goes back as mended with a recheck, or opened, as the shop holds it', () => {
    const lash = (state: 'as_found' | 'set') =>
      entry('lash', {
        inlet: { value: state === 'set' ? 0.12 : 0.4, unit: 'mm' },
        exhaust: { value: state === 'set' ? 0.2 : 0.5, unit: 'mm' },
        rockers: 'free',
        state,
        note: null,
      } as never)
    const dead = entry('complaint', { words: 'dead', since: null, about: 'wont_start' }, { how: 'claimed' })
    const back = entry('hand_back', {
      to: 'Ilse',
      words: 'Set, nothing else',
      way: 'mended',
      told: null,
      disabled: null,
      owed: [],
    } as never)
    const watch = entry('watch', {
      what: 'Lash',
      afterHours: 5,
      afterKm: null,
      after: null,
      unit: null,
      onDay: null,
      why: null,
    })
    const says = (log: Entry[], options = {}) => refusal(back, file([dead, ...log], options))?.message ?? null
    const set = [lash('as_found'), lash('set')]
    expect(says(set)).toContain('what moved once may move on')
    expect(says([...set, watch])).toBeNull()
    expect(says([...set, watch], shop('revived', 'open'))).toContain('nothing was opened')
    expect(says([])).toBeNull()
  })
  it('worn is proved by a gauge, or a practised hand is enough', () => {
    const way = option('Rings', 'rings', []).body as BodyOf['option']
    const doubts = (policy: object) =>
      unlooked(way, { known: new Map(), bore: null, bad: [], policy: { ...DEFAULT_POLICY, ...policy } }).join(' ')
    expect(doubts({})).toContain('Nobody took compression by gauge')
    expect(doubts({ schools: { worn_proof: 'feel' } })).not.toContain('by gauge')
  })
  it('locked or dead, a shop may open at once', () => {
    const dead = entry('turn_over', {
      feel: 'free',
      plugIn: false,
      by: 'rope',
      compression: null,
      note: null,
    } as never)
    const opens = (policy: object) =>
      diagnoseJob(file([dead], { policy }))
        .next.filter(s => s.check.opens)
        .map(s => s.waits)
    expect(opens({})).not.toContain(null)
    expect(opens({ schools: { look_first: 'open' } })).toContain(null)
  })
  it('oil that works hard is changed twice as often where the shop holds it so', () => {
    const log = [use('hire')]
    const spec = [figureOf('oil_change', 50, 'h')]
    const interval = (options: object) => oilRhythm(file(log, { spec, ...options }), log).intervalH
    expect(interval({})).toBe(50)
    expect(interval(shop('oil_interval', 'hard_half'))).toBe(25)
    expect(
      oilRhythm(file([use('private')], { spec, ...shop('oil_interval', 'hard_half') }), [use('private')]).intervalH,
    ).toBe(50)
  })
  it('worn and kept is proposed where it is renewed while it is open', () => {
    const worn = part('rockers', 'reuse', ['dished'])
    expect(proposeLines([worn], null)).toEqual([])
    expect(proposeLines([worn], null, { ...DEFAULT_POLICY, schools: { worn_kept: 'renew' } })).toHaveLength(1)
  })
  it('a filter that nobody looked into is owed where they are looked into', () => {
    const filter = entry(
      'fitted',
      {
        what: 'Oil filter',
        batch: null,
        from: null,
        origin: 'other',
        is: 'part',
        lookedInto: false,
        parts: ['oil_filter'],
      },
      { how: null },
    )
    const owed = (options: object) => assess(file([filter], options)).owed.map(o => o.text)
    expect(owed({})).toContainEqual(expect.stringContaining('nobody looked into it first'))
    expect(owed(shop('filters', 'as_it_is'))).not.toContainEqual(expect.stringContaining('nobody looked'))
  })
  it('thick additive cures nothing: what knocked stands', () => {
    const additive = entry('oil_kind', {
      what: 'additive',
      grade: null,
      wetClutch: 'unknown',
      antiWear: 'unknown',
      reason: null,
    })
    const knock = entry('check', {
      check: 'knock',
      found: ['knock_load'],
      absent: [],
      skipped: null,
      note: null,
    } as never)
    const { stops, judgements } = assess(file([knock, additive]))
    expect(stops.map(s => s.id)).toContain('knock')
    expect(judgements.at(-1)?.details.join(' ')).toContain('no cure')
  })
  it('the shop’s own oil stands on the card beside the label', () => {
    const card = (policy: object) => careText(file([], { policy })).join(' ')
    expect(card({})).toContain('the grade on its label')
    expect(card({ schools: { which_oil: 'shop' }, ownOil: 'SAE 30 from the drum' })).toContain(
      'This shop fills SAE 30 from the drum; the grade on its label',
    )
  })
  it('one of two figures that disagree is chosen with a reason, and by a senior', () => {
    const two = [figureOf('bore', 65, 'mm'), figureOf('bore', 66, 'mm', 'book', { chosen: true })]
    const said = two.map(v => (v.chosen ? { ...v, chosenWhy: 'the newer book' } : v))
    expect(choiceFault(two, [], DEFAULT_POLICY, true)).toMatchObject({ at: 1, field: 'chosenWhy' })
    expect(choiceFault(said, [], DEFAULT_POLICY, false)).toMatchObject({ at: 1, field: 'chosen' })
    expect(choiceFault(said, [], DEFAULT_POLICY, true)).toBeNull()
    expect(choiceFault(said, [], { schools: { spec_conflict: 'bench' } }, false)).toBeNull()
    // what was chosen before anybody asked stays
    expect(choiceFault(two, two, DEFAULT_POLICY, false)).toBeNull()
  })
  it('a crank past its limit has its ways, each with the figures it stands by', () => {
    const bent = entry('measure', {
      item: 'crank_runout',
      reads: [{ value: 0.3, unit: 'mm' }],
      tool: 'dial',
      place: null,
      when: 'as_found',
      note: null,
      soldMm: [],
    })
    const spec = [figureOf('crank_runout_max', 0.05, 'mm')]
    const { crank } = assess(file([bent], { spec, facts: { bearings: 'rolling' } }))
    expect(crank.map(p => p.id)).toEqual(['new', 'pressed'])
    expect(crank[0]?.figures).toEqual([
      { name: 'run-out, whole swing', taken: 'past' },
      { name: 'side clearance of the rod', taken: null },
    ])
    expect(assess(file([])).crank).toEqual([])
  })
})
