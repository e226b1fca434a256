import { describe, expect, it } from 'vitest'
import type { Entry } from '#core/entries/types'
import { isSafe } from '#core/entries/made_safe/safe'
import { safeRefusal } from '#core/entries/safe'
import { SAFE_STEPS } from '#core/words/looks'
import { entry } from './file'

const ALL = Object.keys(SAFE_STEPS) as (keyof typeof SAFE_STEPS)[]
const safe = (at: string, done = ALL): Entry => ({ ...entry('made_safe', { done }), at })
const turn = (more: Partial<Entry> = {}): Entry =>
  ({
    ...entry('turn_over', { feel: 'normal', method: 'rope', plugIn: true, note: null }),
    at: '2026-05-04T10:00:00Z',
    ...more,
  }) as Entry

describe('made safe before a hand goes near', () => {
  it('holds for a working day, and not before it was ticked', () => {
    const log = [safe('2026-05-04T08:00:00Z')]
    expect(isSafe(log, '2026-05-04T08:00:01Z')).toBe(true)
    expect(isSafe(log, '2026-05-04T20:00:00Z')).toBe(true)
    expect(isSafe(log, '2026-05-04T20:00:01Z')).toBe(false)
    expect(isSafe(log, '2026-05-04T07:00:00Z')).toBe(false)
    expect(isSafe([], '2026-05-04T08:00:00Z')).toBe(false)
  })

  it('ends when something is connected again', () => {
    expect(isSafe([safe('2026-05-04T08:00:00Z'), safe('2026-05-04T09:00:00Z', [])], '2026-05-04T10:00:00Z')).toBe(false)
  })

  it('holds back what turns or opens it, not what is looked at, and never a correction', () => {
    expect(safeRefusal(turn(), () => [])).toContain('Make it safe first')
    expect(safeRefusal(turn(), () => [safe('2026-05-04T09:30:00Z')])).toBeNull()
    expect(safeRefusal(turn({ supersedes: 'earlier' }), () => [])).toBeNull()
    expect(
      safeRefusal(entry('fluid', { action: 'drained', amount: { value: 1, unit: 'L' }, what: null }), () => []),
    ).toContain('Make it safe first')
    expect(
      safeRefusal(entry('fluid', { action: 'filled', amount: { value: 1, unit: 'L' }, what: null }), () => []),
    ).toBeNull()
    for (const hands of [
      entry('fasteners', {
        cover: 'Head',
        what: 'six M6',
        tool: null,
        out: 6,
        back: null,
        stuck: [],
        minutes: null,
        broke: null,
        note: null,
      }),
      entry('work', { did: 'renewed', parts: ['piston'], answers: [], how: null, note: null }),
      entry('check', { check: 'rock', found: [], absent: [], skipped: null, note: null }),
    ] as Entry[])
      expect(
        safeRefusal(hands, () => []),
        hands.kind,
      ).toContain('Make it safe first')
    expect(
      safeRefusal(
        entry('check', { check: 'oil_level', found: [], absent: [], skipped: null, note: null }) as Entry,
        () => [],
      ),
    ).toBeNull()
    expect(safeRefusal(entry('plug', { state: 'tan', note: null }), () => [])).toBeNull()
  })
})
