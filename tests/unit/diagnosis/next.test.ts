import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { CAUSE_BY_ID, CHECK_BY_ID, CHECKS } from '#core/catalogue'
import { isApart } from '#core/diagnosis/apart'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { heldBack } from '#core/next/allowed'
import { checksOf, lineOf } from '#core/next/line'
import { fileOf } from '../../vignettes/asLog'
import { ENGINES } from '../../vignettes/engines'
import { SEALED } from '../../vignettes/sealed'
import { movesOf, scoreNext, scoreSealed } from '../../vignettes/told'
import { WHAT_NEXT } from '../../vignettes/whatNext'

const line = (engine: string, known: string) => movesOf(fileOf(engine, known))
const ids = (engine: string, known: string): string[] => line(engine, known).map(m => m.id)

describe('what comes next', () => {
  it('is what a master takes in more than half of seventy positions, and among three in four of five', () => {
    const { first, three, cases, missed } = scoreNext(WHAT_NEXT)
    expect(cases).toBe(70)
    expect(first, missed.join('\n')).toBeGreaterThanOrEqual(0.5)
    expect(three).toBeGreaterThanOrEqual(0.8)
  })
  it('is what danger asks before anything else', () => {
    expect(ids('mower', 'says_wont_turn turns_locked oil_dry')[0]).toBe('plug_out')
    expect(ids('rider', 'says_wont_turn turns_locked ok:plug_out_turn')[0]).toBe('lock')
    expect(line('mower', 'says_wont_turn turns_locked liquid_fuel')[0]?.title).toContain('until it is dry')
    expect(ids('mower', 'says_oil_rises oil_high oil_petrol')[0]).toBe('fuel')
  })
  it('asks for the smell before a high level is called an overfill, and only then for filter and breather', () => {
    const smelt = (known: string) => ids('mower', `says_smoke oil_high ${known}`)
    expect(smelt('').indexOf('smell')).toBe(0)
    expect(smelt('')).not.toContain('follow:breather')
    expect(smelt('ok:oil_smell')[0]).toBe('follow:breather')
  })
  it('goes on while nothing stands out: what is rare is looked for once what is common was not found', () => {
    const known = [
      'ok:spark',
      'ok:compression',
      'ok:plug',
      'ok:lash',
      'ok:fuel_arrives',
      'ok:filter',
      'ok:bowl',
      'ok:leakdown',
    ]
    const asked = (more: string[]) => diagnoseJob(fileOf('rider', ['says_wont_start', ...more].join(' '))).next
    let done = known
    for (let n = 0; n < 12; n++) {
      const next = asked(done).find(s => !s.waits)
      expect(next, `nothing after ${done.length}`).toBeDefined()
      done = [...done, `ok:${next?.check.id}`]
    }
    expect(new Set(done).size).toBe(done.length)
  })
  it('nothing is in it that a standing danger forbids', () => {
    for (const [engine, , signs] of SEALED) {
      const file = fileOf(engine, signs)
      const { stops } = assess(file)
      for (const move of movesOf(file))
        if (move.check) expect([signs, move.id, heldBack(move.check, stops)]).toEqual([signs, move.id, null])
    }
  })
  it('nothing is in it that this machine lacks', () => {
    const { next } = diagnoseJob(fileOf('saw', 'says_wont_start'))
    for (const id of ['starter', 'lash', 'oil_level', 'wet', 'fuel_floods'])
      expect(next.map(s => s.check.id)).not.toContain(id)
  })
  it('a mower that is pulled over has no starter, until somebody has found a battery on it', () => {
    const asked = (known: string) => diagnoseJob(fileOf('mower', known))
    expect(asked('says_wont_turn').likely.map(l => l.cause.id)).not.toContain('battery')
    expect(asked('says_wont_turn').next.map(s => s.check.id)).not.toContain('starter')
    expect(asked('says_wont_turn battery_low').likely[0]?.cause.id).toBe('battery')
    expect(diagnoseJob(fileOf('rider', 'says_wont_turn')).likely.map(l => l.cause.id)).toContain('battery')
  })
  it('a cylinder full of liquid is said only of what was found locked', () => {
    const named = (known: string) => diagnoseJob(fileOf('mower', known)).likely.map(l => l.cause.id)
    expect(named('says_oil_rises oil_high oil_petrol carb_overflows')).not.toContain('lock_fuel')
    expect(named('says_wont_turn turns_locked oil_petrol carb_overflows')).toContain('lock_fuel')
  })
  it('what running would make worse is looked for standing still first', () => {
    const waits = (known: string) => diagnoseJob(fileOf('plant', known)).next.find(s => s.check.id === 'listen')?.waits
    expect(waits('says_noise ok:oil_level ok:oil_smell ok:drive_tight')).toBe('Rock the flywheel first')
    expect(waits('says_noise vibrates was_hit ok:rock')).toMatch(/first: running may ruin what is left$/)
    expect(waits('says_noise ok:oil_level ok:oil_smell ok:drive_tight ok:rock ok:oil_look ok:turn') ?? null).toBeNull()
  })
  it('nearly sure, the look that proves it comes before the routine; proved, it is named before money is spent', () => {
    const known = 'says_wont_start was_hit kicks_back ok:drive_tight ok:runout'
    const moves = line('mower', known)
    expect(moves[0]?.look?.check ?? moves[0]?.check?.id).toBe('key')
    const sure = 'says_clutch slips no_free_play'
    const { proved, likely } = diagnoseJob(fileOf('moto', sure))
    expect(likely[0]?.cause.id).toBe('clutch_cable')
    expect(proved?.id).toBe('clutch_cable')
    const file = fileOf('moto', sure)
    const asks = { looks: assess(file).next, stops: [], fact: null, currency: 'EUR', named: false }
    expect(lineOf(asks, diagnoseJob(file))[0]?.id).toBe('cause')
    expect(lineOf({ ...asks, named: true }, diagnoseJob(file)).map(m => m.id)).not.toContain('cause')
  })
  it('a check whose every answer leaves the same cause leading is left out', () => {
    for (const [engine, known] of WHAT_NEXT) {
      const d = diagnoseJob(fileOf(engine, known))
      if ((d.likely[0]?.p ?? 0) < 0.75 || d.unexplained.length || d.likely[0]?.state) continue
      for (const s of d.next.filter(n => !n.proves))
        expect([known, s.check.id, s.outcomes.some(o => o.lead.id !== d.likely[0]?.cause.id)]).toEqual([
          known,
          s.check.id,
          true,
        ])
    }
  })
  it('says in one sentence what the two answers would do', () => {
    const spark = line('mower', 'says_wont_start ok:oil_level ok:oil_smell ok:turn').find(m => m.check?.id === 'spark')
    expect(spark?.thought).toMatch(
      /^No spark: then (it is .+ \(\d+ %\)|.+ \(\d+ %\) leads)\. If not, it is still open\.$/,
    )
  })
  it('every move asks checks that there are', () => {
    for (const [engine, known] of WHAT_NEXT)
      for (const move of line(engine, known)) for (const id of checksOf(move)) expect(CHECK_BY_ID.has(id)).toBe(true)
  })
  it('what is left out here is not asked: no tool for it', () => {
    const file = fileOf('mower', 'says_wont_start ok:oil_level ok:oil_smell ok:turn')
    const lacking = CHECKS.map(c => c.id).filter(id => id !== 'spark')
    expect(diagnoseJob(file, lacking).next.map(s => s.check.id)).toEqual(['spark'])
  })
})

describe('an engine that lies open', () => {
  it('is asked nothing that needs it whole, until it was seen whole again', () => {
    const asked = (known: string) => diagnoseJob(fileOf('mower', known)).next.map(s => s.check.id)
    const whole = ['compression', 'leakdown', 'spray_test', 'smoke', 'turn']
    expect(asked('says_no_power slow_loss').some(id => whole.includes(id))).toBe(true)
    const file = fileOf('mower', 'says_no_power slow_loss valve_burnt_seen')
    expect(
      diagnoseJob(file)
        .next.map(s => s.check.id)
        .filter(id => whole.includes(id)),
    ).toEqual([])
    const again = fileOf('mower', 'says_no_power slow_loss')
    file.entries.push(...fileOf('mower', 'ok:turn').entries.map(e => ({ ...e, id: '01KZZZZZZZZZZZZZZZZZZZZZZZ' })))
    expect(isApart(file.entries)).toBe(false)
    expect(isApart(again.entries)).toBe(false)
  })
})

describe('cases that nothing was fitted to', () => {
  const s = scoreSealed(SEALED)
  it('lead to the cause, to both of two, and to the stops that ought to stand', () => {
    expect(s.first / s.singles, s.missed.join('\n')).toBeGreaterThanOrEqual(0.85)
    expect(s.three / s.singles).toBeGreaterThanOrEqual(0.97)
    expect(s.both / s.pairs).toBeGreaterThanOrEqual(0.8)
    expect(s.stops.hit / s.stops.wanted).toBeGreaterThanOrEqual(0.9)
  })
  it('name causes of the catalogue on engines that there are', () => {
    for (const [engine, causes, signs] of SEALED) {
      expect(ENGINES[engine]).toBeDefined()
      for (const id of causes.split(' ')) expect(CAUSE_BY_ID.has(id)).toBe(true)
      expect(signs.split(' ').length).toBeGreaterThan(1)
    }
  })
})

describe('two faults at once', () => {
  it('what no likely cause explains is said, and looked for', () => {
    const d = diagnoseJob(fileOf('mower', 'says_wont_start says_leak kicks_back key_sheared wet_cover'))
    expect(d.likely.map(l => l.cause.id).slice(0, 2)).toContain('key_sheared')
    const lone = diagnoseJob(fileOf('mower', 'says_wont_start kicks_back key_sheared valve_still'))
    expect(
      lone.unexplained.length +
        lone.likely.filter(l => l.cause.id === 'push_rod' || l.cause.id === 'valve_stuck').length,
    ).toBeGreaterThan(0)
  })
})
