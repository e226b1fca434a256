import { describe, expect, it } from 'vitest'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { signsOf } from '#core/entries/signs'
import type { Entry } from '#core/entries/types'
import { ARCHETYPES } from '#core/practice/archetypes'
import { entriesOf } from '#core/practice/bridge'
import { newEngine } from '#core/practice/engine'
import { canHave, FAULTS } from '#core/practice/faults'
import type { Observation } from '#core/practice/observe'
import { checksOf, observe } from '#core/practice/observe'
import { bitsAlone, fixedOrder, isDangerous, isStopped, ownNext, work } from '#core/practice/work'
import { file } from '../job/file'

const KINDS = [...ARCHETYPES.values()]
const named = (a: (typeof KINDS)[number], i: number): string => {
  const ids = Object.keys(FAULTS).filter(id => canHave(a, id))
  return ids[(i * 29) % ids.length] as string
}

describe('what was seen, as entries of the log', () => {
  it('every check of every engine is an entry that its room accepts', () => {
    const refused: string[] = []
    for (const a of KINDS)
      for (let i = 0; i < 6; i++) {
        const engine = newEngine(a.id, { [named(a, i)]: 0.8 }, 40 + i)
        const before: Observation[] = []
        for (const check of checksOf(a)) {
          const o = observe(engine, check)
          for (const { kind, body } of entriesOf(o, a, before).entries) {
            const read = BODY_SCHEMAS[kind].safeParse(body)
            if (!read.success) refused.push(`${a.id} ${check}: ${read.error.issues[0]?.message}`)
          }
          before.push(o)
        }
      }
    expect([...new Set(refused)]).toEqual([])
  })
  it('what a check of its own room shows is heard by the diagnosis as it was seen', () => {
    const engine = newEngine('ohv_mower', { head_gasket: 0.9 }, 12)
    const heard = (check: string, before: Observation[] = []): string[] => {
      const { entries } = entriesOf(observe(engine, check), engine.a, before)
      return entries
        .flatMap(draft =>
          signsOf(
            { ...draft, id: 'x', at: '2026-01-05T08:00:00Z', by: 'p', supersedes: null } as Entry,
            file([], { spec: [] }),
            [],
          ),
        )
        .flatMap(([sign, there]) => (there ? [sign] : []))
        .sort()
    }
    for (const check of ['leakdown', 'head_off', 'breather', 'spark', 'leaks'])
      expect([check, heard(check)]).toEqual([check, observe(engine, check).signs])
  })
  it('everything that an owner tells has a question of its own at the counter', () => {
    const engine = newEngine('twin_garden_tractor', { crank_bent: 1 }, 3)
    const told = observe(engine, 'story')
    const { entries, lost } = entriesOf({ ...told, signs: [...told.signs, 'vibrates', 'surges'] }, engine.a)
    expect(lost).toEqual([])
    expect(entries.some(e => e.kind === 'claim' && e.body.answer === 'shakes more than it did')).toBe(true)
  })
  it('what did not turn or run is no finding', () => {
    const locked = newEngine('ohv_mower', { rod_seized: 0.9 }, 3)
    expect(observe(locked, 'compression').status).toBe('does_not_turn')
    expect(entriesOf(observe(locked, 'compression'), locked.a)).toEqual({ entries: [], lost: [] })
  })
})

describe('worked from the counter', () => {
  it.each([ownNext, bitsAlone, fixedOrder].map(pick => [pick.name, pick] as const))(
    'by %s: ends with a name, in minutes that add up, the same each time',
    (_name, pick) => {
      const engine = newEngine('ohv_mower', { wrong_fuel: 0.8 }, 8)
      const one = work(engine, pick)
      expect(one.named).not.toBeNull()
      expect(one.minutes).toBe(one.observed.reduce((sum, o) => sum + o.minutes, 0))
      const again = work(engine, pick)
      expect([again.named, again.said, again.minutes]).toEqual([one.named, one.said, one.minutes])
    },
    60_000,
  )
  it('a danger that the log has seen is a stop', () => {
    const locked = newEngine('ohv_mower', { lock_fuel: 0.9 }, 4)
    expect(isDangerous(locked)).toBe(true)
    expect(isStopped(work(locked, ownNext).file)).toBe(true)
    expect(isDangerous(newEngine('ohv_mower', {}, 4))).toBe(false)
  })
})
