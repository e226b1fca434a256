import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { causeCured } from '#core/condition/cause'
import type { BodyOf, Entry } from '#core/entries/types'
import { refusal } from '#core/gates'
import { entry, file, line, option, terms } from '../job/file'

const done = { how: null } as const
const purse = (more: Partial<BodyOf['terms']>): Entry => {
  const said = terms(640, 60, 110)
  return { ...said, body: { ...said.body, ...more } } as Entry
}
const spent = (minutes: number): Entry =>
  entry('spend', { what: 'Pulley', startedAt: null, endedAt: null, minutes, costMinor: null } as never, done)
const mend = (money: number, more: object = {}): Entry =>
  option('Mend it', 'repair', [line('labour', 1), line('part', money * 100)], { valueAfterMinor: 64_000, ...more })
const cause = (causeId: string, more: object = {}): Entry =>
  entry('cause_found', { causeId, text: null, proof: 'probable', missing: null, chain: [], ...more } as never, done)

describe("what an owner's cap is for", () => {
  const way = (log: Entry[]) => assess(file(log)).decision
  it('for what is to come, what is spent is not held against it; for everything it is, and the purchase too', () => {
    // 50 for the hour and 30 for the part: 80 of 110
    const toCome = way([purse({ capFor: 'to_come' }), spent(60), mend(30)])
    expect([toCome.money.cap, toCome.options[0]?.allowed]).toEqual([110, true])
    const inAll = way([purse({ capFor: 'in_all' }), spent(60), mend(30)])
    expect([inAll.money.cap, inAll.options[0]?.allowed]).toEqual([60, false])
    expect(inAll.verdict?.reasons.join(' ')).toContain('in all, €60 of it left')
    expect(way([purse({ capFor: 'in_all', boughtMinor: 3000 }), spent(60), mend(5)]).money.cap).toBe(30)
  })
  it('nobody said which: the verdict says so once anything is spent', () => {
    const doubts = (log: Entry[]): string => way(log).verdict?.doubts.join(' ') ?? ''
    expect(doubts([purse({}), spent(60), mend(30)])).toContain('Nobody said whether the cap is for everything')
    expect(doubts([purse({}), mend(30)])).not.toContain('Nobody said whether the cap')
  })
  it('the purchase counts in what is put in, where the cap is for everything', () => {
    const { spend } = assess(file([purse({ capFor: 'in_all', boughtMinor: 9000 }), spent(60)]))
    expect([spend.total, spend.purchase, spend.state]).toEqual([50, 90, 'over_cap'])
  })
})

describe('ways', () => {
  it("a new machine's share is taken on what the new one is worth", () => {
    const bought = option('Another', 'new_machine', [line('part', 115_000)], { valueAfterMinor: 115_000 })
    const [o] = assess(file([terms(640, 60), bought])).decision.options
    expect(o?.sharePct).toBeCloseTo(100, 6)
  })
  it('what was put in already is said beside the share of what is to come', () => {
    const engine = option('Repower', 'new_engine', [line('part', 16_700), line('labour', 1)], {
      valueAfterMinor: 64_000,
    })
    const reasons = (log: Entry[]): string => assess(file(log)).decision.verdict?.reasons.join(' ') ?? ''
    // 167 and an hour of 50; an hour is in it already
    expect(reasons([terms(640, 60), spent(60), engine])).toContain(
      'With €50.00 put in already it comes to €267.00, 41.7 % of its value.',
    )
    expect(reasons([terms(640, 60), engine])).not.toContain('put in already')
  })
  it('parts without a minute of work are doubted out loud', () => {
    const parts = option('Parts only', 'repair', [line('part', 3000)])
    const both = option('Both', 'repair', [line('part', 3000), line('labour', 1)])
    const doubts = assess(file([terms(640, 60), parts, both])).decision.verdict?.doubts.join(' ') ?? ''
    expect(doubts).toContain('‘Parts only’ has parts and not a minute of work')
    expect(doubts).not.toContain('‘Both’ has parts')
  })
  it('two first causes want two cures', () => {
    const cures = (n: number): Entry =>
      option('Rebuild', 'rebuild', [
        ...Array.from({ length: n }, (_, i) => line('labour', 1 + i, { cures: true })),
        line('part', 100),
      ])
    expect(causeCured([cause('dust_in'), cures(1)])).toMatchObject({ named: true, cured: true })
    expect(causeCured([cause('dust_in'), cause('sump_bolts'), cures(1)])).toMatchObject({ causes: 2, cured: false })
    expect(causeCured([cause('dust_in'), cause('sump_bolts'), cures(2)]).cured).toBe(true)
    // the same cause said twice is one
    expect(causeCured([cause('dust_in'), cause('dust_in'), cures(1)]).cured).toBe(true)
  })
})

describe('what is refused', () => {
  const held = (e: Entry, log: Entry[] = []): string | null => refusal(e, file(log))?.message ?? null
  it('heat and sparks ask for the tank away, and name a tank that is not its own', () => {
    const safe = entry('made_safe', { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] } as never, done)
    const tank = entry('modification', { what: 'fuel_tank', text: 'tied to the shroud', state: 'in_place' } as never)
    const pulley = (stuck: string[], fireAway?: boolean): Entry =>
      entry('fasteners', {
        ...{ cover: 'Pulley', what: 'grub screw', tool: null, out: 1, back: null, minutes: 66, broke: 'hex key' },
        ...{ stuck, fireAway },
      } as never)
    for (const hot of ['heat', 'quench', 'grip', 'cut'])
      expect(held(pulley([hot]), [safe]), hot).toMatch(/tank away, fuel shut, rags out/)
    expect(held(pulley(['heat']), [safe, tank])).toContain('Its tank is not its own')
    expect(held(pulley(['soak', 'shock']), [safe, tank])).toBeNull()
    expect(held(pulley(['soak', 'heat'], true), [safe, tank])).toBeNull()
  })
  it('a theory is ruled out only by a trial with its limits', () => {
    const theory = (more: object): Entry =>
      entry(
        'theory',
        {
          statement: 'Needle leaks',
          causeId: null,
          proves: null,
          disproves: null,
          trial: null,
          limits: null,
          state: 'ruled_out',
          ...more,
        } as never,
        done,
      )
    expect(held(theory({}))).toContain('only by a trial that is named')
    expect(held(theory({ trial: 'Stood over night' }))).toContain("what that trial can't show")
    expect(held(theory({ trial: 'Stood over night', limits: 'cold only' }))).toBeNull()
    expect(held(theory({ state: 'weakened' }))).toBeNull()
  })
  it('proved asks what proves it', () => {
    expect(held(cause('dust_in', { proof: 'proved' }))).toContain('say what proves it')
    expect(held(cause('dust_in', { proof: 'proved', provedBy: 'grit on the ring' }))).toBeNull()
    expect(held(cause('dust_in'))).toBeNull()
  })
  it('building is not done while something is owed, nor proving while it must not be run', () => {
    const stage = (name: string): Entry => entry('stage', { stage: name, state: 'done', reason: null } as never, done)
    const loose = entry(
      'fasteners',
      {
        cover: 'Head',
        what: 'M8',
        tool: null,
        out: 8,
        back: null,
        stuck: [],
        minutes: null,
        broke: null,
      } as never,
      { how: 'by_eye' },
    )
    expect(held(stage('build'), [loose])).toContain('Not done yet: Head: 8 fasteners out')
    expect(held(stage('open_up'), [loose])).toBeNull()
    const knocks = entry(
      'check',
      { check: 'listen', found: ['knock_load'], absent: [], skipped: null, note: null },
      { how: 'by_eye' },
    )
    expect(held(stage('prove'), [knocks])).toContain("Don't run it")
    expect(held(stage('prove'))).toBeNull()
  })
  it('what was shown keeps its rate: an agreement to it stands when the shop charges more since', () => {
    const way = mend(30)
    const shown = assess(file([terms(640, 60), way])).decision.options[0]
    const { name, lines } = way.body as BodyOf['option']
    const agreed = (more: object = {}): Entry =>
      entry(
        'approval',
        {
          optionEntryId: way.id,
          agreedBy: 'H',
          how: 'written',
          conditions: null,
          frozen: {
            name,
            way: 'repair',
            lines,
            currency: 'EUR',
            labourRateMinor: 5000,
            taxPct: 0,
            mean: shown?.mean,
            p10: shown?.p10,
            p50: shown?.p50,
            p90: shown?.p90,
            reasons: [],
            ...more,
          },
        } as never,
        done,
      )
    const now = file([terms(640, 60), way], { policy: { labourRateMinor: 9000, taxPct: 0 } })
    expect(refusal(agreed({ taxPct: now.policy.taxPct }), now)).toBeNull()
    expect(refusal(agreed({ mean: 12 }), now)?.message).toContain('The figures changed')
  })
})
