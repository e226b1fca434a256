import { describe, expect, it } from 'vitest'
import { describe as describeEntry } from '#core/entries/say'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { keptOf } from '#core/entries/kept'
import type { Entry } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import { assess } from '#core/assess'
import { currentStage, stageOf, stageStates, waitingNow } from '#core/condition/stages'
import { datedWrong } from '#core/log/dated'
import { LOCK_STEPS } from '#core/words/looks'
import { FACTS, compression, entry, file, line, oil, option, terms } from './file'

const text = (e: Entry) => {
  const { title, text: words } = describeEntry(e, DEFAULT_POLICY)
  return `${title}: ${words}`
}

describe('the log in words', () => {
  it.each<[Entry, string]>([
    [entry('complaint', { words: 'Smokes', since: 'Saturday' }), 'Complaint: ‘Smokes’, since Saturday'],
    [entry('claim', { text: 'Oil was done', howKnown: 'thinks so' }), 'Owner says: Oil was done (thinks so)'],
    [terms(1250, null, 950), 'Terms: private; running €1,250.00, as it is not said, cap €950.00'],
    [
      entry('terms', {
        useClass: 'race',
        runningValueMinor: null,
        asIsValueMinor: null,
        capMinor: null,
        deadline: '2026-08-01',
      }),
      'Terms: race; running not said, as it is not said, cap none, wanted by 2026-08-01',
    ],
    [
      oil({ by: 'dry' }, { colour: 'silvery', smell: 'burnt', glitter: 'flakes', note: 'Bolts loose.' }),
      'Oil: dry, nothing shows, silvery, smells burnt, glitter: flakes. Bolts loose.',
    ],
    [
      oil({ by: 'marks', pct: -30 }, { smell: 'not_smelt', colour: null }),
      'Oil: 30 % of the mark gap below low, not smelt',
    ],
    [
      oil({ by: 'volume', amount: { value: 12, unit: 'US_floz' } }, { thickness: 'thick', smell: null }),
      'Oil: 12.0 US fl oz (355 mL) drained, honey, treacle',
    ],
    [
      entry('mix', {
        fuel: { value: 5, unit: 'L' },
        oil: { value: 60, unit: 'mL' },
        makerRatio: 50,
        fuelType: 'e10',
        fuelDays: 40,
        stabilised: false,
        note: null,
      }),
      'Mix: 60 mL of oil in 5.00 L of fuel, maker asks 50 : 1; petrol with up to 10 % ethanol, 40 days old',
    ],
    [
      entry('fluid', { action: 'drained', amount: { value: 690, unit: 'mL' }, what: 'oil with fuel in it' }),
      'Drained: 690 mL, oil with fuel in it',
    ],
    [entry('cure', { path: 'needle', text: 'new needle' }), 'Fuel path cured: needle, seat or float: new needle'],
    [
      entry('stand_test', {
        startedAt: '2026-05-04T18:20:00.000Z',
        endedAt: '2026-05-05T07:05:00.000Z',
        seen: 'none',
        minimumHours: 12,
      }),
      'Stand test: passed after 12 h 45, at least 12 h asked, paper dry',
    ],
    [
      entry('made_safe', { done: ['plug_lead', 'battery'] }),
      'Made safe: plug lead off and earthed; battery earth off, or none; on only to crank',
    ],
    [
      entry('claim_check', { claimId: '01ARZ3NDEKTSV4RRFFQ69G5FAV', state: 'contradicted' }),
      'Claim checked: contradicted',
    ],
    [oil({ by: 'dry' }, { whereGone: 'leaked' }), 'Oil: dry, nothing shows, honey, smells plain, went: leaked'],
    [entry('plug', { state: 'oil_wet', note: null }), 'Plug: wet with oil'],
    [
      entry('air_filter', { filter: 'soaked', breather: 'oily', note: 'foam' }),
      'Air filter: soaked; breather oily. foam',
    ],
    [
      entry('leak_down', {
        regulator: { value: 7, unit: 'bar' },
        cylinder: { value: 5.6, unit: 'bar' },
        orificeMm: 1,
        heard: ['exhaust', 'oil_filler'],
        note: null,
      }),
      'Leak-down: 5.60 bar of 7.00 bar, 1 mm orifice; heard at exhaust, oil filler',
    ],
    [
      entry('crankcase', {
        start: { value: -40, unit: 'kPa' },
        end: { value: -30, unit: 'kPa' },
        seconds: 60,
        note: 'flywheel side wet',
      }),
      'Crankcase: -40 kPa to -30 kPa in 60 s. flywheel side wet',
    ],
    [
      entry('turn_over', { feel: 'free', method: 'rope', plugIn: false, note: null }),
      'Turns over: spins free, by rope, plug out',
    ],
    [compression(6.2, 7.9), 'Compression: dry 6.20 bar, wet 7.90 bar; throttle open, 6 pulls, warm, no release'],
    [compression(null, null, 'bar', { feel: 'weak' }), 'Compression: by feel weak'],
    [
      entry('debris', { place: 'jet', items: [], hoursSinceOil: 12, hoursSinceRebuild: null, note: null }),
      'Debris: Jet or passage: nothing found; 12 h on the oil',
    ],
    [
      entry('debris', {
        place: 'sump',
        items: [
          { material: 'emulsion', amount: 'some', largestUm: null },
          { material: 'grit', amount: 'trace', largestUm: 1500 },
        ],
        hoursSinceOil: null,
        hoursSinceRebuild: null,
        note: null,
      }),
      'Debris: Sump: milky emulsion, a thin film; grit, a few specks, largest 1.5 mm; hours on the oil not known',
    ],
    [option('Save the crank', 'rebuild', [line('part', 100)]), 'Rebuild: Save the crank, 1 line'],
    [
      option('Donor', 'rebuild', [], { ruledOut: 'never measured' }),
      'Rebuild: Donor, 0 lines; ruled out: never measured',
    ],
    [entry('waiting', { for: 'parts', what: 'piston' }), 'Waiting: For parts: piston'],
    [entry('waiting', { for: 'nobody', what: null }), 'Waiting: No longer waiting'],
    [entry('stage', { stage: 'measure', state: 'skipped', reason: 'holed' }), 'Measure: skipped: holed'],
    [entry('stage', { stage: 'measure', state: 'open', reason: null }), 'Measure: opened again'],
    [entry('note', { stage: 'build', text: 'Lash 0.10' }), 'Build: Lash 0.10'],
    [entry('hand_back', { to: 'Ottilie', words: 'Look again in May.' }), 'Handed back: To Ottilie. Look again in May.'],
    [entry('void', { reason: 'Wrong machine' }), 'Undone: Wrong machine'],
  ])('%#', (e, words) => {
    expect(text(e)).toBe(words)
  })

  it('says what was agreed with the figures that were shown, in the money of that day', () => {
    const frozen = {
      name: 'Repair',
      way: 'repair' as const,
      lines: [],
      currency: 'GBP',
      labourRateMinor: DEFAULT_POLICY.labourRateMinor,
      taxPct: DEFAULT_POLICY.taxPct,
      mean: 123.4,
      p10: 100,
      p50: 120,
      p90: 160.4,
      reasons: [],
    }
    expect(
      text(
        entry('approval', { optionEntryId: 'X', frozen, agreedBy: 'Nell', how: 'phone', conditions: 'call at 150' }),
      ),
    ).toBe('Agreed: Nell agreed by telephone to ‘Repair’, likely £123, £100 to £160; call at 150')
    const dearer = { ...frozen, labourRateMinor: 9900 }
    expect(
      text(entry('approval', { optionEntryId: 'X', frozen: dearer, agreedBy: 'Nell', how: 'phone', conditions: null })),
    ).toContain("at £99.00 an hour as shown, the shop's rate is")
  })
})

describe('entries in force', () => {
  it('follow a chain of corrections to its end, and forget what was undone', () => {
    const a = oil({ by: 'marks', pct: 10 })
    const b = { ...oil({ by: 'marks', pct: 20 }), supersedes: a.id }
    const c = { ...oil({ by: 'marks', pct: 30 }), supersedes: b.id }
    expect(entriesInForce([a, b, c]).map(e => e.id)).toEqual([c.id])
    expect(keptOf(entriesInForce([a, b, c])).oil.at(-1)?.body.reading).toEqual({ by: 'marks', pct: 30 })
    const undone = entry('void', { reason: 'x' }, { supersedes: c.id })
    expect(entriesInForce([a, b, c, undone])).toEqual([])
    expect(keptOf([a, undone]).void).toHaveLength(1)
  })
})

describe('stages', () => {
  it('first look needs both oil and turning, but no oil where it is in the fuel', () => {
    const turn = entry('turn_over', { feel: 'normal', method: 'rope', plugIn: true, note: null })
    const state = (entries: Entry[], facts = FACTS) =>
      stageStates(entries, facts).find(s => s.stage === 'first_look')?.state
    expect(state([turn])).toBe('open')
    expect(state([turn, oil({ by: 'dry' })])).toBe('done')
    expect(state([turn], { ...FACTS, cycle: 'two', oiling: 'premix' })).toBe('done')
  })

  it('count their entries, and the first open one is in hand', () => {
    const note = entry('note', { stage: 'prove', text: 'ran' })
    const states = stageStates([entry('complaint', { words: 'x', since: null }), note], FACTS)
    expect(stageOf(note)).toBe('prove')
    expect(states.map(s => s.logged)).toEqual([1, 0, 0, 0, 0, 0, 0, 1, 0])
    expect(currentStage(states)).toBe('first_look')
  })

  it('what somebody said last of a stage counts, and handing back closes the rest', () => {
    const done = entry('stage', { stage: 'build', state: 'done', reason: null })
    const reopened = entry('stage', { stage: 'build', state: 'open', reason: null })
    expect(stageStates([done, reopened], FACTS).find(s => s.stage === 'build')?.state).toBe('open')
    const closed = stageStates([entry('hand_back', { to: 'x', words: null })], FACTS)
    expect(closed.every(s => s.state !== 'open')).toBe(true)
    expect(currentStage(closed)).toBe('hand_back')
  })

  it('waits for somebody until it waits for nobody', () => {
    const owner = entry('waiting', { for: 'owner', what: 'asked' })
    expect(waitingNow([owner])).toEqual({ for: 'owner', what: 'asked', since: owner.at })
    expect(waitingNow([owner, entry('waiting', { for: 'nobody', what: null })])).toBeNull()
  })
})

describe('what to look at next', () => {
  const ids = (entries: Entry[], facts = FACTS) => assess(file(entries, { facts })).next.map(l => l.id)
  const turn = (feel: 'normal' | 'locked', plugIn = true) =>
    entry('turn_over', { feel, method: 'rope', plugIn, note: null })
  it('begins with the quickest, then asks for the value and the ways to go', () => {
    expect(ids([])).toEqual(['turn_over', 'oil', 'compression', 'value', 'option'])
    expect(ids([], { ...FACTS, cycle: 'two', oiling: 'premix' })).toEqual([
      'turn_over',
      'mix',
      'compression',
      'value',
      'option',
    ])
  })
  it('asks for the plug out before anything else on a locked engine, and not for compression', () => {
    expect(ids([turn('locked'), terms(1, 1)])).toEqual(['plug_out', 'oil', 'option'])
    expect(ids([turn('locked', false), terms(1, 1)])).toEqual(['lock', 'oil', 'option'])
  })
  it('asks to smell what was not smelt, for the wet test after a dry one, for a sample of glitter', () => {
    const log = [
      turn('normal'),
      oil({ by: 'marks', pct: 50 }, { smell: 'not_smelt', glitter: 'flakes' }),
      compression(4, null),
      terms(1, 1),
    ]
    expect(ids(log)).toEqual(['smell', 'compression', 'debris', 'option'])
  })
  it('tries one way of freeing after the other, none in an oil with metal, none once it came free', () => {
    const step = (of: keyof typeof LOCK_STEPS, result: 'no_change' | 'freed' | 'cant') =>
      entry('lock_step', { step: of, result, liquid: null, note: null })
    const log = [turn('locked', false), terms(1, 1), oil({ by: 'marks', pct: 50 })]
    const lock = (entries: Entry[]) => assess(file(entries)).next.find(l => l.id === 'lock')?.title
    const first = lock(log)
    expect(first).toBe(LOCK_STEPS.driven_off.label)
    expect(lock([...log, step('driven_off', 'no_change')])).toBe(LOCK_STEPS.brake_off.label)
    expect(lock([...log, step('driven_off', 'freed')])).toBeUndefined()
    // freed, and locked again since: it goes on where it was left
    expect(lock([...log, step('driven_off', 'freed'), turn('locked', false)])).toBe(LOCK_STEPS.brake_off.label)
    expect(lock([...log, oil({ by: 'marks', pct: 50 }, { colour: 'silvery' })])).toBeUndefined()
    // a plug that can't be got out is tried, and the rest goes on
    expect(ids([turn('locked'), step('plug_out', 'cant'), terms(1, 1)])).toContain('lock')
  })
  it('reads the compression again once a valve was set after it, and what is not explained stays', () => {
    const set = entry('work', { did: 'set', parts: ['exhaust_valve'], answers: [], note: null })
    const log = [turn('normal'), oil({ by: 'marks', pct: 50 }), compression(4, 4), terms(1, 1)]
    expect(ids(log)).toEqual(['lash', 'option'])
    expect(ids([...log, set])).toContain('retest')
    expect(ids([...log, set, compression(9, 9)])).not.toContain('retest')
    const splinter = { what: 'a splinter', where: 'sump', missing: false, explained: null }
    const found = entry('evidence', splinter)
    expect(ids([...log, found])).toContain('evidence')
    expect(
      ids([...log, found, entry('evidence', { ...splinter, explained: 'of the strainer' }, { supersedes: found.id })]),
    ).not.toContain('evidence')
  })
  it('asks for nothing once it was agreed or handed back', () => {
    expect(ids([entry('hand_back', { to: 'x', words: null })])).toEqual([])
  })
})

describe('a date that can not be right', () => {
  it('lies ahead of the clock or before the shop; ten minutes and a day are let go', () => {
    const now = '2026-05-04T09:00:00.000Z'
    expect(datedWrong('2026-05-04T09:09:00.000Z', now, null)).toBeNull()
    expect(datedWrong('2026-05-04T09:11:00.000Z', now, null)).toBe('ahead')
    expect(datedWrong('2020-01-01T00:00:00.000Z', now, '2026-05-01T00:00:00.000Z')).toBe('before_the_shop')
    expect(datedWrong('2026-04-30T12:00:00.000Z', now, '2026-05-01T00:00:00.000Z')).toBeNull()
  })
})
