import { describe, expect, it } from 'vitest'
import { historyOf, jointsOf, NO_HISTORY, rustGrade, STUCK_SEED, stuckAllowance } from '#core/verdict/stuckAllowance'
import type { BodyOf } from '#core/entries/types'
import { entry } from '../job/file'

const joint = (stuck: BodyOf['fasteners']['stuck'], minutes: number | null) =>
  entry('fasteners', { cover: 'Head', what: 'M6', tool: null, out: 6, back: 6, stuck, minutes, broke: null })
const clues = (outside: BodyOf['clues']['outside'], ageYears: number | null = null) =>
  entry('clues', { outside, hands: [], ageYears, note: null }, { how: 'by_eye' })

describe('the allowance for stuck fasteners', () => {
  it('is the rule of thumb before anything was counted, by rust and age', () => {
    expect(stuckAllowance(NO_HISTORY, 'clean')).toMatchObject({
      chance: 0.1,
      low: STUCK_SEED.clean.hours[0],
      learntHours: false,
      why: expect.stringContaining('none counted here yet'),
    })
    expect(stuckAllowance(NO_HISTORY, 'rusty').chance).toBe(0.35)
    expect([
      rustGrade([]),
      rustGrade([clues(['rust'])]),
      rustGrade([clues([], 14)]),
      rustGrade([clues([], 15)]),
    ]).toEqual(['clean', 'rusty', 'clean', 'rusty'])
  })
  it("learns chance and hours from the shop's own log, grade by grade", () => {
    const rusty = [
      clues(['rust']),
      ...Array.from({ length: 20 }, (_, i) => joint(i < 15 ? ['soak', 'heat'] : [], i < 15 ? 10 + 5 * i : null)),
    ]
    const history = historyOf([...jointsOf(rusty), ...jointsOf([joint([], null)])])
    const learnt = stuckAllowance(history, 'rusty')
    // (15 + 10 · 0.35) / (20 + 10)
    expect(learnt.chance).toBe(0.62)
    // minutes 10, 15 … 80: second, eighth and fourteenth of fifteen
    expect([learnt.low, learnt.likely, learnt.high]).toEqual([0.25, 0.75, 1.25])
    expect(learnt.why).toBe('15 of 20 joints on rusty or old machines here were stuck, their minutes counted')
    expect(stuckAllowance(history, 'clean')).toMatchObject({ joints: 1, stuck: 0, chance: 0.09 })
  })
  it("keeps the rule of thumb's hours while few minutes are written down", () => {
    const history = historyOf(jointsOf([joint(['soak'], 90), joint(['soak'], null)]))
    expect(stuckAllowance(history, 'clean')).toMatchObject({ learntHours: false, likely: 0.6, stuck: 2 })
  })
})
