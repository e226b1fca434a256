import { spawn } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads'
import { gzipSync } from 'node:zlib'
import Database from 'better-sqlite3'
import { ulid } from 'ulid'
import migrations from '#migrations'
import { assess } from '#core/assess'
import { foldCondition } from '#core/condition/fold'
import { keptOf } from '#core/entries/kept'
import type { JobFile } from '#core/entries/file'
import type { TermsBody } from '#core/entries/terms/schema'
import { entriesInForce } from '#core/log/entry'
import { termsNow } from '#core/verdict/spend'
import { judgeDecision } from '#core/verdict/verdict'
import type { SimOption, SimResult } from '#core/estimate/simulate'
import { simulate } from '#core/estimate/simulate'
import type { Entry, EntryOf } from '#core/entries/types'
import type { EstimateLine } from '#core/estimate/estimateLine'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { diagnose } from '#core/diagnosis/diagnose'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { jobFile, jobsOf } from '../server/db/jobs'
import { closeDatabase, openDatabase } from '../server/db/open'
import { seedDemo } from '../demo/seed'
import { CASES, heldBack } from '../tests/vignettes/cases'
import { ENGINES } from '../tests/vignettes/engines'
import { score } from '../tests/vignettes/score'
import { SEALED } from '../tests/vignettes/sealed'
import { scoreNext, scoreSealed } from '../tests/vignettes/told'
import { WHAT_NEXT } from '../tests/vignettes/whatNext'
import { practice, practiceThread } from './practice'
import { years } from './years'

/** Figures, printed and never asserted. Each stands beside a measure of the same run, so that a slow machine shows itself. */
export async function main(): Promise<void> {
  // minutes of growing: asked for by name, with the number of jobs after it
  if (process.argv.includes('years')) {
    await years(line)
    return
  }
  // a thousand engines that are not there stand at the end; by name alone, or as many as are named after it
  if (process.argv.includes('practice')) {
    await practice(line, Number(process.argv.at(-1)) || 1000, new URL(import.meta.url))
    return
  }
  const data = mkdtempSync(join(tmpdir(), 'remedium-bench-'))
  const db = openDatabase(data, migrations)
  seedDemo(db, new Date())
  const { id, number, entries } = jobsOf(db)
    .map(j => ({ ...j, entries: jobFile(db, j.id).entries.length }))
    .sort((a, b) => b.entries - a.entries)[0] ?? { id: '', number: 0, entries: 0 }
  const file = jobFile(db, id)
  const withOptions =
    jobsOf(db)
      .map(j => jobFile(db, j.id))
      .sort((a, b) => weight(b) - weight(a))[0] ?? file
  closeDatabase(db)

  line(
    'assess(), job with most entries',
    `T ${number}, ${entries} entries`,
    perSecond(() => assess(file)),
  )
  line(
    'assess(), job with most estimate lines',
    `${weight(withOptions)} lines`,
    perSecond(() => assess(withOptions)),
  )

  const long = { ...file, entries: lengthened(file.entries, 200) }
  line(
    'assess(), a log of 200 entries',
    `${long.entries.length} entries, T ${number}'s findings again and again`,
    perSecond(() => assess(long)),
  )

  keystrokes(file, long)
  line(
    'diagnoseJob(), job with most entries',
    `T ${number}`,
    perSecond(() => diagnoseJob(file)),
  )
  fullUpdate()
  await draws()
  quality()
  master()

  const port = 4331
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1', NUXT_DATA_DIR: data, NODE_ENV: 'production' },
    stdio: 'ignore',
  })
  const ended = new Promise(done => server.once('exit', done))
  const url = `http://127.0.0.1:${port}`
  while (
    !(await fetch(`${url}/api/ping`).then(
      r => r.ok,
      () => false,
    ))
  )
    await new Promise(done => setTimeout(done, 50))
  try {
    await reads(url, id)
    await firstLoad(url, id)
    await writes(url, id)
  } finally {
    server.kill('SIGTERM')
    await ended
  }
  // a quarter of an hour on two cores
  await practice(line, 1000, new URL(import.meta.url))
}

/** One key: the condition folded anew, and the ways weighed with one figure of one of them changed. Milliseconds, warm. */
function keystrokes(file: JobFile, long: JobFile): void {
  const inForce = entriesInForce(file.entries)
  const many = entriesInForce(long.entries)
  const ways = keptOf(inForce).option
  const five = Array.from({ length: 5 }, (_, i) => made(i, 15))
  line(
    'one key: condition, job with most entries',
    `${inForce.length} entries`,
    inMs(() => foldCondition(file, inForce)),
  )
  line('one key: money, job with most entries', `${ways.length} ways`, inMs(typed(ways, file)))
  line(
    'one key: condition, 200 findings',
    `${many.length} entries`,
    inMs(() => foldCondition(long, many)),
  )
  line('one key: money, five ways of 15 lines', 'each line uncertain', inMs(typed(five, file)))
  const wide = Array.from({ length: 4 }, (_, i) => made(i, 200))
  let n = 0
  line(
    '200 uncertain lines in each of four ways',
    'every figure new',
    inMs(() => {
      n += 1
      weigh(
        wide.map(w => scaled(w, 1 + n / 1e5)),
        file,
      )
    }, 5),
  )
}

type Option = EntryOf<'option'>
const TERMS = { runningValueMinor: 200_000, asIsValueMinor: 10_000, capMinor: 90_000 }
const weigh = (ways: readonly Option[], file: JobFile): unknown =>
  judgeDecision(ways, { ...TERMS, ...termsNow(file.entries) } as TermsBody, file.policy, { facts: file.facts })

/** the first line of the first way a little dearer with each key */
function typed(ways: readonly Option[], file: JobFile): () => unknown {
  let n = 0
  return () => {
    n += 1
    const [first, ...rest] = ways
    return first ? weigh([dearer(first, 1 + n / 1e5), ...rest], file) : null
  }
}

/** its first line only, as somebody types it */
const dearer = (way: Option, by: number): Option => ({
  ...way,
  body: {
    ...way.body,
    lines: way.body.lines.map((l, i) =>
      i ? l : { ...l, likely: l.likely * by, high: Math.max(l.high, l.likely * by) },
    ),
  },
})

const scaled = (way: Option, by: number): Option => ({
  ...way,
  body: { ...way.body, lines: way.body.lines.map(l => ({ ...l, likely: l.likely * by, high: l.high * by })) },
})

/** a way of so many uncertain lines */
function made(w: number, lines: number): Option {
  const body = {
    name: `Way ${w}`,
    way: 'repair',
    successChance: 0.9,
    comebackMinor: 4000,
    hoursOk: 300,
    hoursFail: 20,
    daysDown: 2,
    valueAfterMinor: null,
    ruledOut: null,
    note: null,
    lines: Array.from({ length: lines }, (_, i): EstimateLine => {
      const labour = i % 4 === 0
      const likely = ((labour ? 0.5 : 2500) * (1 + ((i * 7 + w) % 11) / 6) * 30) / lines
      return {
        id: `${w}-${i}`,
        type: labour ? 'labour' : 'part',
        text: `line ${i}`,
        why: null,
        low: likely * 0.7,
        likely,
        high: likely * (1.9 + ((i * 13 + w) % 17) / 100),
        chance: i % 5 === 3 ? 0.3 + ((i * 3) % 7) / 20 : 1,
        priceKind: null,
        cures: false,
        source: null,
        pricedOn: null,
        lookMin: null,
      }
    }),
  }
  return {
    id: `w${w}`,
    kind: 'option',
    at: '2026-01-01T00:00:00Z',
    by: 'x',
    how: null,
    supersedes: null,
    body,
  } as unknown as Option
}

function inMs(run: () => unknown, times = 30): string {
  for (let i = 0; i < Math.min(10, times); i++) run()
  const started = performance.now()
  for (let i = 0; i < times; i++) run()
  return `${((performance.now() - started) / times).toFixed(1)} ms`
}

/** Five ways of forty lines, ten thousand draws: in a worker, and in one plain loop. */
async function draws(): Promise<void> {
  const options = fortyLines()
  simulate(options, DEFAULT_POLICY, 200)
  const plain = performance.now()
  const here = simulate(options, DEFAULT_POLICY)
  const took = performance.now() - plain
  const worker = new Worker(new URL(import.meta.url), { workerData: 'draws' })
  const answer = (): Promise<SimResult[]> => new Promise(done => worker.once('message', done))
  const asked = async (): Promise<{ there: SimResult[]; took: number }> => {
    const started = performance.now()
    const next = answer()
    worker.postMessage(options)
    const there = await next
    return { there, took: performance.now() - started }
  }
  // as a technician types: the worker has drawn before
  for (let i = 0; i < 5; i++) await asked()
  const { there } = await asked()
  const took15: number[] = []
  for (let i = 0; i < 15; i++) took15.push((await asked()).took)
  const median = took15.sort((a, b) => a - b)[7] ?? 0
  line(
    '10,000 draws, five ways of 40 lines',
    'in a worker, asked and answered, median of fifteen',
    `${Math.round(median)} ms`,
  )
  line(
    '  the same in one plain loop',
    JSON.stringify(here) === JSON.stringify(there) ? 'the same figures to the last digit' : 'other figures: look at it',
    `${Math.round(took)} ms`,
  )
  await worker.terminate()
}

function fortyLines(): SimOption[] {
  return Array.from({ length: 5 }, (_, o) => ({
    id: `way ${o}`,
    mends: { valueAfter: 2500, salvage: 200, comeback: 80, success: 0.9, downtime: 0 },
    lines: Array.from({ length: 40 }, (_, i): EstimateLine => {
      const labour = i % 4 === 0
      const likely = labour ? 0.2 + 0.05 * i : 500 + 130 * i + 40 * o
      return {
        id: `${o} ${i}`,
        type: labour ? 'labour' : 'part',
        text: `${o} ${i}`,
        why: null,
        low: 0.7 * likely,
        likely,
        high: 1.8 * likely,
        chance: i % 5 === 3 ? 0.4 : 1,
        priceKind: null,
        cures: false,
        source: null,
        pricedOn: null,
        lookMin: null,
      }
    }),
  }))
}

practiceThread()
if (!isMainThread && workerData === 'draws')
  parentPort?.on('message', (options: SimOption[]) => parentPort?.postMessage(simulate(options, DEFAULT_POLICY)))

/** The same findings repeated until there are so many, each with an id of its own. */
function lengthened(entries: Entry[], most: number): Entry[] {
  const findings = entries.filter(e => e.supersedes === null && e.kind !== 'void' && e.kind !== 'approval')
  return Array.from({ length: Math.max(1, most) }, (_, i) => ({
    ...(findings[i % findings.length] as Entry),
    id: ulid(),
  }))
}

/** A worst case: fifteen findings that are there, posteriors, what made them, and the next check. */
function fullUpdate(): void {
  const signs =
    'says_smoke was_topped oil_high smoke_white filter_oily breather_oily plug_oily wet_bottom_seal wet_cover says_leak oil_thin surges fuel_stale stood_long plug_loose'.split(
      ' ',
    )
  const reports = signs.map(sign => ({ sign, there: true, claimed: false, entryId: sign }))
  const mower = ENGINES.mower
  if (mower)
    line(
      'diagnosis, full update, 15 positive findings',
      'exact, with for and against and the next check',
      perSecond(() => diagnose(mower, reports), 3),
    )
}

/** How good the suggestions are, on the half of the cases that was set aside and on the other. */
function quality(): void {
  for (const [name, cases] of [
    ['held back', CASES.filter(heldBack)],
    ['the other half', CASES.filter(c => !heldBack(c))],
  ] as const) {
    const s = score(cases)
    line(
      `cases ${name}: right cause leads, among three`,
      `${s.cases} cases, all their signs seen`,
      `${(100 * s.top1).toFixed(0)} %, ${(100 * s.top3).toFixed(0)} %`,
    )
    line(
      '  minutes of checks until it leads',
      `in a fixed order ${s.fixedMinutes.toFixed(0)} min; found within 240 min: ${(100 * s.found).toFixed(0)} %`,
      `${s.minutes.toFixed(1)} min`,
    )
    for (const r of s.reliability)
      line(
        '  reliability',
        `said ${(100 * r.said).toFixed(0)} % on average, was the cause in ${(100 * r.was).toFixed(0)} %`,
        `from ${100 * r.from} %: ${r.n}`,
      )
  }
}

/** What comes next against what a master takes, and cases that nothing was fitted to. */
function master(): void {
  const pct = (share: number): string => `${(100 * share).toFixed(0)} %`
  const next = scoreNext(WHAT_NEXT)
  line("next look is a master's: first, among three", `${next.cases} cases`, `${pct(next.first)}, ${pct(next.three)}`)
  const s = scoreSealed(SEALED)
  line(
    'sealed cases: right cause leads, among three',
    `${s.singles} single faults; Brier ${s.brier.toFixed(3)}`,
    `${pct(s.first / s.singles)}, ${pct(s.three / s.singles)}`,
  )
  line('  both of two among four', `${s.pairs} pairs`, pct(s.both / s.pairs))
  line(
    '  stops hit, false of those set',
    `${s.stops.wanted} wanted, ${s.stops.set} set`,
    `${pct(s.stops.hit / s.stops.wanted)}, ${pct(s.stops.wrong / s.stops.set)}`,
  )
}

type File = ReturnType<typeof jobFile>
const weight = (f: File): number => f.entries.reduce((n, e) => n + (e.kind === 'option' ? e.body.lines.length : 0), 0)
const line = (what: string, detail: string, figure: string): void =>
  console.log(`${what.padEnd(44)} ${figure.padStart(22)}   ${detail}`)

function perSecond(work: () => void, warm = 20): string {
  for (let i = 0; i < warm; i++) work()
  const started = performance.now()
  let n = 0
  while (performance.now() - started < 1500) {
    work()
    n++
  }
  const each = (performance.now() - started) / n
  return `${(1000 / each).toFixed(0)} /s, ${each.toFixed(2)} ms`
}

async function writes(url: string, jobId: string): Promise<void> {
  const { people } = (await (await fetch(`${url}/api/shop`)).json()) as { people: { id: string }[] }
  const body = { stage: 'build', text: 'Bench entry' }
  const entry = () => ({
    id: ulid(),
    kind: 'note',
    at: new Date().toISOString(),
    by: people[0]?.id,
    how: null,
    body,
    supersedes: null,
  })
  const N = 400
  let started = performance.now()
  for (let i = 0; i < N; i++) {
    const answer = await fetch(`${url}/api/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(entry()),
    })
    if (answer.status !== 201) throw new Error(`An entry was refused with ${answer.status}.`)
    await answer.arrayBuffer()
  }
  line(
    'entries through the API, one after another',
    'each on disk when answered',
    `${((N / (performance.now() - started)) * 1000).toFixed(0)} /s`,
  )

  const raw = new Database(join(mkdtempSync(join(tmpdir(), 'remedium-raw-')), 'raw.db'))
  raw.pragma('journal_mode = WAL')
  raw.pragma('synchronous = FULL')
  raw.exec(
    'CREATE TABLE entries (seq INTEGER PRIMARY KEY, id TEXT UNIQUE, job_id TEXT, kind TEXT, at TEXT, by TEXT, body TEXT)',
  )
  const insert = raw.prepare('INSERT INTO entries (id, job_id, kind, at, by, body) VALUES (?, ?, ?, ?, ?, ?)')
  started = performance.now()
  for (let i = 0; i < N; i++) {
    const e = entry()
    insert.run(e.id, jobId, e.kind, e.at, e.by, JSON.stringify(e.body))
  }
  line(
    'the same rows by raw better-sqlite3',
    'synchronous FULL, one transaction each',
    `${((N / (performance.now() - started)) * 1000).toFixed(0)} /s`,
  )
  raw.close()
}

interface Shot {
  requests: { average: number }
  latency: { p50: number; p99: number }
}

async function reads(url: string, jobId: string): Promise<void> {
  const autocannon = createRequire(import.meta.url)('autocannon') as (options: Record<string, unknown>) => Promise<Shot>
  for (const [what, path] of [
    ['GET an empty route', '/api/ping'],
    ['GET one job', `/api/jobs/${jobId}`],
    ['GET all jobs, judged (Today)', '/api/jobs'],
  ] as const) {
    await autocannon({ url: url + path, connections: 4, duration: 1 })
    const { requests, latency } = await autocannon({ url: url + path, connections: 4, duration: 4 })
    line(what, '4 connections', `p50 ${latency.p50} ms, p99 ${latency.p99} ms, ${requests.average.toFixed(0)} /s`)
  }
}

async function firstLoad(url: string, jobId: string): Promise<void> {
  const folder = '.output/public/_nuxt'
  const all = readdirSync(folder)
    .filter(f => f.endsWith('.js'))
    .reduce((n, f) => n + gzipSync(readFileSync(join(folder, f))).length, 0)
  const { chromium } = createRequire(import.meta.url)('@playwright/test') as typeof import('@playwright/test')
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM || '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })
  /** until it can be used, in fresh browsers; and which scripts that took, without those that only wait for the next page */
  const opened = async (path: string, usable: string): Promise<{ times: number[]; kB: number; files: number }> => {
    const times: number[] = []
    const scripts = new Set<string>()
    for (let i = 0; i < 5; i++) {
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
      const page = await context.newPage()
      await page.route(
        route => route.pathname === path,
        async route => {
          const answer = await route.fetch()
          await route.fulfill({
            response: answer,
            body: (await answer.text()).replace(/<link rel="prefetch"[^>]*>/g, ''),
          })
        },
      )
      page.on('request', r => {
        if (new URL(r.url()).pathname.endsWith('.js')) scripts.add(new URL(r.url()).pathname)
      })
      const started = performance.now()
      await page.goto(url + path)
      await page.locator(usable).first().waitFor()
      times.push(performance.now() - started)
      page.removeAllListeners('request')
      await context.close()
    }
    const bytes = [...scripts].reduce(
      (n, script) => n + gzipSync(readFileSync(join('.output/public', script))).length,
      0,
    )
    return { times: times.sort((a, b) => a - b), kB: bytes / 1000, files: scripts.size }
  }
  const today = await opened('/', '.today h2')
  const sheet = await opened(`/jobs/${jobId}`, '.sheet[data-ready="true"]')
  await browser.close()
  for (const [what, { times, kB, files }] of [
    ['Today', today],
    ['a job sheet', sheet],
  ] as const) {
    line(
      `script until ${what} can be used, gzip`,
      `${files} files; the whole application has ${(all / 1000).toFixed(0)} kB`,
      `${kB.toFixed(0)} kB`,
    )
    line(
      `until ${what} can be used`,
      '5 fresh browsers, median and slowest',
      `${times[2]?.toFixed(0)} ms, ${times.at(-1)?.toFixed(0)} ms`,
    )
  }
}
