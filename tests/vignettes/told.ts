import { assess } from '#core/assess'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import type { JobFile } from '#core/entries/file'
import type { Stop } from '#core/judgement'
import type { Move } from '#core/next/line'
import { checksOf, lineOf } from '#core/next/line'
import { fileOf } from './asLog'
import type { Sealed } from './sealed'
import type { Next } from './whatNext'

/** What the rail of a job shows as next, in its order. */
export function movesOf(file: JobFile): Move[] {
  const a = assess(file)
  const asks = { looks: a.next, stops: a.stops, fact: null, currency: file.policy.currency, named: false }
  return lineOf(asks, diagnoseJob(file))
}

/** What a move is called in a case: the checks that it asks, or what it is. */
const calledOf = (move: Move): readonly string[] => {
  if (move.look?.id === 'fuel') return ['drain', 'fuel_floods']
  return [...checksOf(move), ...(move.look ? [move.look.id, ...(move.look.form === 'measure' ? ['measure'] : [])] : [])]
}

export interface NextScore {
  first: number
  three: number
  cases: number
  missed: string[]
}
/** How often what comes first, and one of the first three, is what a master would take. */
export function scoreNext(cases: readonly Next[]): NextScore {
  const missed: string[] = []
  let [first, three] = [0, 0]
  for (const [engine, known, taken] of cases) {
    const wanted = new Set(taken.split(' '))
    const moves = movesOf(fileOf(engine, known)).slice(0, 3)
    const right = moves.map(move => calledOf(move).some(c => wanted.has(c)))
    if (right[0]) first++
    if (right.some(Boolean)) three++
    if (!right[0]) missed.push(`${engine} ${known}: ${moves.map(m => m.id).join(', ')} (${taken})`)
  }
  return { first: first / cases.length, three: three / cases.length, cases: cases.length, missed }
}

/** Stops against turning, cranking or running it; who may not work it yet is not asked here. */
const keptStill = (stops: Stop[]): Stop[] =>
  stops.filter(s => s.forbids?.some(act => act === 'turn' || act === 'crank' || act === 'run'))

export interface SealedScore {
  singles: number
  first: number
  three: number
  pairs: number
  both: number
  brier: number
  stops: { wanted: number; hit: number; set: number; wrong: number }
  missed: string[]
}
/** Causes and stops of cases that nothing was fitted to. */
export function scoreSealed(cases: readonly Sealed[]): SealedScore {
  const s: SealedScore = {
    ...{ singles: 0, first: 0, three: 0, pairs: 0, both: 0, brier: 0, missed: [] },
    stops: { wanted: 0, hit: 0, set: 0, wrong: 0 },
  }
  let said = 0
  for (const [engine, causes, signs, wanted] of cases) {
    const file = fileOf(engine, signs)
    const { likely } = diagnoseJob(file)
    const ids = causes.split(' ')
    const ranks = ids.map(id => likely.findIndex(l => l.cause.id === id)).map(r => (r < 0 ? 99 : r))
    if (ids.length === 1) {
      s.singles++
      if (ranks[0] === 0) s.first++
      if ((ranks[0] ?? 99) < 3) s.three++
    } else {
      s.pairs++
      if (ranks.every(r => r < 4)) s.both++
    }
    for (const l of likely) {
      said++
      s.brier += (l.p - Number(ids.includes(l.cause.id))) ** 2
    }
    const stops = wanted.split(' ').filter(Boolean)
    const set = [...new Set(keptStill(assess(file).stops).map(stop => stop.id.split(/[:@]/)[0] ?? ''))]
    s.stops.wanted += stops.length
    s.stops.hit += stops.filter(id => set.includes(id)).length
    s.stops.set += set.length
    s.stops.wrong += set.filter(id => !stops.includes(id)).length
    const bad = [
      ...(ids.length === 1 ? (ranks[0] === 0 ? [] : ['cause']) : ranks.every(r => r < 4) ? [] : ['causes']),
      ...stops.filter(id => !set.includes(id)).map(id => `no ${id}`),
      ...set.filter(id => !stops.includes(id)).map(id => `also ${id}`),
    ]
    if (bad.length)
      s.missed.push(
        `${engine} ${causes}: ${bad.join(', ')} | ${likely
          .slice(0, 4)
          .map(l => `${l.cause.id} ${l.p.toFixed(2)}`)
          .join(', ')}`,
      )
  }
  s.brier /= said || 1
  return s
}
