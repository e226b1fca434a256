import { CHECKS, fits, SIGNS } from '#core/catalogue'
import type { Check } from '#core/catalogue'
import { diagnose } from '#core/diagnosis/diagnose'
import type { Report } from '#core/diagnosis/reports'
import type { Case } from './cases'
import { ENGINES } from './engines'

const STORY = new Set(CHECKS[0]?.shows.map(s => s.id))
const report = (sign: string, there: boolean): Report => ({ sign, there, claimed: STORY.has(sign), entryId: sign })

/** What the bench knows when everything that shows has been seen, and the check that showed it showed nothing else. */
export function seenAll([, , signs]: Case): Report[] {
  const there = signs.split(' ')
  const checks = new Set(there.map(id => SIGNS.get(id)?.check))
  const absent = CHECKS.filter(c => c.id !== 'story' && checks.has(c.id))
    .flatMap(c => c.shows)
    .filter(s => !there.includes(s.id))
  return [...there.map(s => report(s, true)), ...absent.map(s => report(s.id, false))]
}

export interface Score {
  cases: number
  top1: number
  top3: number
  minutes: number
  fixedMinutes: number
  found: number
  missed: string[]
  reliability: { from: number; said: number; was: number; n: number }[]
}

const MOST_MINUTES = 240

/** Minutes of checks until the right cause leads, the story known; null when it never does. */
export function walk(given: Case, pick: (left: Check[], reports: Report[]) => Check | undefined): number | null {
  const [engine, cause, signs] = given
  const facts = ENGINES[engine]!
  const there = new Set(signs.split(' '))
  const reports = [...there].filter(s => STORY.has(s)).map(s => report(s, true))
  const done = new Set<string>(['story'])
  let minutes = 0
  for (;;) {
    if (diagnose(facts, reports).likely[0]?.cause.id === cause) return minutes
    const next = pick(
      CHECKS.filter(c => !done.has(c.id) && fits(c.needs, facts)),
      reports,
    )
    if (!next || minutes + next.minutes > MOST_MINUTES) return null
    done.add(next.id)
    minutes += next.minutes
    reports.push(...next.shows.map(s => report(s.id, there.has(s.id))))
  }
}

export function score(cases: readonly Case[], { walks = true } = {}): Score {
  let [top1, top3, minutes, fixedMinutes, found] = [0, 0, 0, 0, 0]
  const missed: string[] = []
  const said: { p: number; right: boolean }[] = []
  for (const given of cases) {
    const [engine, cause] = given
    const facts = ENGINES[engine]!
    const { likely } = diagnose(facts, seenAll(given))
    const rank = likely.findIndex(l => l.cause.id === cause)
    if (rank === 0) top1++
    if (rank >= 0 && rank < 3) top3++
    if (rank !== 0)
      missed.push(
        `${engine} ${cause}: ${likely
          .slice(0, 3)
          .map(l => `${l.cause.id} ${l.p.toFixed(2)}`)
          .join(', ')}${rank < 0 ? ' (not shown)' : ''}`,
      )
    said.push(...likely.map(l => ({ p: l.p, right: l.cause.id === cause })))
    if (!walks) continue
    const suggested = walk(given, (left, reports) =>
      diagnose(facts, reports)
        .next.map(n => n.check)
        .find(c => left.includes(c)),
    )
    const fixed = walk(given, left => left[0])
    if (suggested !== null) found++
    minutes += suggested ?? MOST_MINUTES
    fixedMinutes += fixed ?? MOST_MINUTES
  }
  const reliability = [0, 0.1, 0.3, 0.5, 0.7, 0.9].map((from, i, all) => {
    const inside = said.filter(s => s.p >= from && s.p < (all[i + 1] ?? 1.01))
    const mean = (values: number[]): number => (values.length ? values.reduce((a, b) => a + b, 0) / values.length : 0)
    return { from, said: mean(inside.map(s => s.p)), was: mean(inside.map(s => Number(s.right))), n: inside.length }
  })
  return {
    cases: cases.length,
    top1: top1 / cases.length,
    top3: top3 / cases.length,
    minutes: minutes / cases.length,
    fixedMinutes: fixedMinutes / cases.length,
    found: found / cases.length,
    missed,
    reliability,
  }
}
