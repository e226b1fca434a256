import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads'
import { CAUSE_BY_ID, LINK_WORDS, SIGNS } from '#core/catalogue'
import type { LinkWord } from '#core/catalogue'
import { act } from '#core/practice/act'
import type { Archetype } from '#core/practice/archetypes'
import { ARCHETYPES } from '#core/practice/archetypes'
import { newEngine } from '#core/practice/engine'
import { canHave, FAULTS } from '#core/practice/faults'
import { checksOf, observe } from '#core/practice/observe'
import { uni } from '#core/practice/seeded'
import type { Picking } from '#core/practice/work'
import { bitsAlone, fixedOrder, isDangerous, isStopped, nameable, ownNext, work } from '#core/practice/work'

const WAYS: Record<string, Picking> = {
  'own next check': ownNext,
  'bits a minute': bitsAlone,
  'fixed order': fixedOrder,
}
/** The seed that all engines of the bench come from. */
const SEED = 20261201

/** One engine of the bench, and how it went. */
interface Result {
  way: string
  archetype: string
  faults: string[]
  sealed: boolean
  nameable: boolean
  named: string | null
  said: number
  ranked: string[]
  inAll: string[]
  putRight: boolean
  mended: number
  checks: number
  minutes: number
  sureAt: number
  /** of the repairs by the order of its causes until the right one, plain units and minutes */
  money: number
  harm: number
  danger: boolean
  stopped: boolean
  lost: string[]
}

/** The n-th engine: seven of ten with one fault, two with two, one sound. Every third stays sealed: nobody tunes on it. */
function engineOf(n: number): { a: Archetype; faults: Record<string, number>; seed: number; sealed: boolean } {
  const u = (name: string): number => uni(SEED, n, name)
  const kinds = [...ARCHETYPES.values()]
  const a = kinds[Math.floor(u('kind') * kinds.length)] as Archetype
  const ids = Object.keys(FAULTS).filter(id => canHave(a, id))
  const pick = (name: string): string => ids[Math.floor(u(name) * ids.length)] as string
  const count = u('count') < 0.1 ? 0 : u('count') < 0.8 ? 1 : 2
  const chosen = [...new Set([pick('first'), pick('second')])].slice(0, count)
  const faults = Object.fromEntries(chosen.map((id, i) => [id, 0.35 + 0.65 * u(`bad${i}`)]))
  return { a, faults, seed: Math.floor(u('seed') * 2 ** 32), sealed: n % 3 === 2 }
}

function worked(n: number, way: string): Result {
  const { a, faults, seed, sealed } = engineOf(n)
  const engine = newEngine(a.id, faults, seed)
  const w = work(engine, WAYS[way] as Picking)
  const ids = Object.keys(faults)
  let money = 0
  for (const cause of ids.length ? w.ranked.slice(0, 3) : w.ranked.slice(0, 1)) {
    if (!(cause in FAULTS)) continue
    money += act(w.engine, 'repair', { cause }).money
    if (ids.includes(cause)) break
  }
  return {
    ...{ way, archetype: a.id, faults: ids, sealed, named: w.named, said: w.said, ranked: w.ranked.slice(0, 4) },
    ...{ inAll: w.inAll.slice(0, 4), putRight: w.putRight, mended: w.mended },
    ...{ checks: w.checks, minutes: w.minutes, sureAt: w.sureAt, money, harm: w.harm, lost: [...new Set(w.lost)] },
    nameable: ids.every(id => nameable(a, id)),
    danger: isDangerous(engine),
    stopped: isStopped(w.file),
  }
}

type Line = (what: string, detail: string, figure: string) => void
const pct = (part: number, all: number): string => (all ? `${Math.round((100 * part) / all)} %` : 'none')
const mean = (list: number[]): string =>
  list.length ? (list.reduce((s, v) => s + v, 0) / list.length).toFixed(1) : 'none'

/** Figures of one way of choosing. */
function told(line: Line, all: Result[], about: string): void {
  const single = all.filter(r => r.faults.length === 1 && r.nameable)
  const first = single.filter(r => r.named === r.faults[0])
  const three = single.filter(r => r.ranked.slice(0, 3).includes(r.faults[0] ?? ''))
  line('right first', `${about}, ${single.length} single faults`, pct(first.length, single.length))
  line('right among three', about, pct(three.length, single.length))
  const pairs = all.filter(r => r.faults.length === 2 && r.nameable)
  const both = pairs.filter(r => r.faults.every(f => r.ranked.includes(f)))
  line('both of two among four', `${about}, ${pairs.length} pairs`, pct(both.length, pairs.length))
  const inTurn = pairs.filter(r => r.faults.every(f => r.inAll.includes(f)))
  line('the same, mended one after the other', about, pct(inTurn.length, pairs.length))
  const faulty = all.filter(r => r.faults.length && r.nameable)
  const right = faulty.filter(r => r.putRight)
  line(
    'put right: what it came for is gone',
    `${about}, ${mean(right.map(r => r.mended))} causes mended`,
    pct(right.length, faulty.length),
  )
  const sound = all.filter(r => !r.faults.length)
  line(
    'named a cause on a sound engine',
    `${about}, ${sound.length}`,
    pct(sound.filter(r => r.said >= 0.9).length, sound.length),
  )
  line('minutes until it stopped looking', about, mean(single.map(r => r.minutes)))
  line('minutes until named, checks', about, `${mean(single.map(r => r.sureAt))}, ${mean(single.map(r => r.checks))}`)
  line(
    'spent on repairs, harm on the way',
    `${about}, plain units`,
    `${mean(single.map(r => r.money))}, ${mean(all.map(r => r.harm))}`,
  )
  const danger = all.filter(r => r.danger)
  const stopped = all.filter(r => r.stopped)
  line(
    'stops set where running harms',
    `${about}, ${danger.length}`,
    pct(danger.filter(r => r.stopped).length, danger.length),
  )
  line(
    'stops where running harms nothing',
    `${about}, of ${stopped.length} set`,
    pct(stopped.filter(r => !r.danger).length, stopped.length),
  )
  for (const [from, to] of [
    [0.3, 0.6],
    [0.6, 0.9],
    [0.9, 0.97],
    [0.97, 1.01],
  ] as const) {
    const said = single.filter(r => r.said >= from && r.said < to)
    if (said.length)
      line(
        `said ${mean(said.map(r => 100 * r.said))} %, was`,
        `${about}, ${said.length}`,
        pct(said.filter(r => r.named === r.faults[0]).length, said.length),
      )
  }
}

/** Where the catalogue's words and the model's signs contradict each other, cause by cause. */
function words(line: Line): void {
  const seeds = 24
  const stranger = new Map<string, number>()
  const shown = new Map<string, Map<string, number>>()
  const of = new Map<string, number>()
  for (const a of ARCHETYPES.values()) {
    const checks = checksOf(a)
    const look = (faults: Record<string, number>, seed: number): Set<string> => {
      const engine = newEngine(a.id, faults, seed)
      return new Set(checks.flatMap(check => observe(engine, check).signs))
    }
    for (const id of Object.keys(FAULTS).filter(f => canHave(a, f) && nameable(a, f))) {
      const signs = shown.get(id) ?? new Map<string, number>()
      shown.set(id, signs)
      for (let s = 0; s < seeds / 6; s++) {
        of.set(id, (of.get(id) ?? 0) + 1)
        for (const sign of look({ [id]: 0.8 }, 500 + s)) signs.set(sign, (signs.get(sign) ?? 0) + 1)
      }
    }
    for (let s = 0; s < seeds; s++)
      for (const sign of look({}, 900 + s))
        stranger.set(sign, (stranger.get(sign) ?? 0) + 1 / (seeds * ARCHETYPES.size))
  }
  for (const [id, signs] of shown) {
    const cause = CAUSE_BY_ID.get(id)
    const said = Object.entries(cause?.shows ?? {}) as [LinkWord, readonly string[]][]
    const share = (sign: string): number => (signs.get(sign) ?? 0) / (of.get(id) ?? 1)
    const missing = said.flatMap(([word, list]) =>
      LINK_WORDS[word] < 0.6
        ? []
        : list
            .filter(s => SIGNS.has(s) && share(s) < 0.2)
            .map(s => `${s} ${word}: shown ${Math.round(100 * share(s))} %`),
    )
    const known = new Set(said.flatMap(([, list]) => list))
    const silent = [...signs.keys()]
      .filter(s => !known.has(s) && share(s) > 0.5 && share(s) > 3 * (stranger.get(s) ?? 0))
      .map(s => `${s} not said: shown ${Math.round(100 * share(s))} %`)
    if (missing.length + silent.length) line(id, [...missing, ...silent].join('; '), '')
  }
}

/**
 * A thousand engines that are not there, worked by the diagnosis's own next check, by bits a minute alone and in a fixed order.
 * Every third seed is sealed: its figures are printed apart and nothing is fitted to them.
 */
export async function practice(line: Line, many: number, script: URL): Promise<void> {
  const started = performance.now()
  const jobs = Array.from({ length: many }, (_, n) => n)
  const ways = Object.keys(WAYS)
  // the other two ways on every fifth: they are there to be compared with
  const tasks = ways.flatMap((way, i) => jobs.filter(n => i === 0 || n % 5 === 0).map(n => ({ n, way })))
  const results = (
    await Promise.all(
      [0, 1].map(
        half =>
          new Promise<Result[]>((done, fail) => {
            const worker = new Worker(script, { workerData: { practice: tasks.filter((_, i) => i % 2 === half) } })
            worker.once('message', done)
            worker.once('error', fail)
          }),
      ),
    )
  ).flat()
  for (const way of ways) {
    const all = results.filter(r => r.way === way)
    const odd = all.filter(r => !r.nameable).length
    line(
      `engines by ${way}`,
      odd ? `${odd} have a fault that the catalogue can't name on them: counted apart` : '',
      String(all.length),
    )
    told(
      line,
      all.filter(r => !r.sealed),
      way,
    )
    if (way === 'own next check')
      told(
        line,
        all.filter(r => r.sealed),
        'sealed third',
      )
  }
  const lost = new Map<string, number>()
  for (const r of results) for (const sign of r.lost) lost.set(sign, (lost.get(sign) ?? 0) + 1)
  line(
    'no place in any room',
    [...lost]
      .sort((p, q) => q[1] - p[1])
      .map(([s, n]) => `${s} ${n}`)
      .join(', '),
    String(lost.size),
  )
  words(line)
  line('practice engines worked', `${results.length}`, `${Math.round((performance.now() - started) / 1000)} s`)
}

/** Half of the engines, in a thread of its own. */
export function practiceThread(): boolean {
  const data = workerData as { practice?: { n: number; way: string }[] } | null
  if (isMainThread || !data?.practice) return false
  parentPort?.postMessage(data.practice.map(({ n, way }) => worked(n, way)))
  return true
}
