import { spawn, spawnSync } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { ulid } from 'ulid'
import migrations from '#migrations'
import type { Entry } from '#core/entries/types'
import { seedDemo } from '../demo/seed'
import { refreshHeads } from '../server/db/jobLines'
import { jobsOf, jobView } from '../server/db/jobs'
import { closeDatabase, openDatabase } from '../server/db/open'
import { LEAN } from '../scripts/lib.mjs'
import { freePort } from '../tests/server'

const ENTRIES_EACH = 50
const OPEN = 40
/** each is asked so often */
/** How long both are asked in each turn, and how often. */
const SECONDS = 2
const TURNS = 5
const TIMES = 300

/**
 * A shop's jobs of one season and of ten years side by side: what a technician waits for, and what the server takes.
 * @param jobs of the larger shop; growing and judging twenty thousand takes several minutes
 */
export async function years(
  line: (what: string, about: string, figure: string) => void,
  jobs = Number(process.argv.at(-1)) || 20_000,
): Promise<void> {
  const few = await measured(200)
  const many = await measured(jobs)
  for (const [what, first] of few) line(what, `200 jobs | ${jobs} jobs`, `${first} | ${many.get(what) ?? ''}`)
}

async function measured(jobs: number): Promise<Map<string, string>> {
  const data = mkdtempSync(join(tmpdir(), `remedium-years-${jobs}-`))
  const jobId = grown(data, jobs)
  const figures = new Map<string, string>()
  let server = await start(data)
  figures.set('ready after the start', ms(server.readyMs))
  // a shop that stood overnight is measured: its open jobs are judged by the program that runs, and its backup is made
  const keeper = await cameIn(server.url)
  const kept = performance.now()
  const made = await fetch(`${server.url}/api/shop/backups`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: server.url, cookie: keeper },
    body: '{}',
  })
  if (!made.ok) throw new Error(`The backup was refused with ${made.status}.`)
  figures.set('a backup', `${((performance.now() - kept) / 1000).toFixed(1)} s, memory ${rss(server.child)} MB`)
  await new Promise(done => setTimeout(done, 4000))
  server.child.kill('SIGTERM')
  await new Promise(done => server.child.once('exit', done))
  // what was grown and copied is on the disk before anything is measured: nothing else writes then
  spawnSync('sync')
  server = await start(data)
  const { url, child } = server
  const cookie = await cameIn(url)
  const get = async (path: string): Promise<number> => {
    const started = performance.now()
    const answer = await fetch(url + path, { headers: { cookie } })
    await answer.arrayBuffer()
    if (!answer.ok) throw new Error(`${path} answered ${answer.status}.`)
    return performance.now() - started
  }
  figures.set('ready, started again', ms(server.readyMs))
  figures.set('first Today after it', ms(await get('/api/jobs')))
  figures.set('memory at rest', `${rss(child)} MB`)
  await loop(child)
  for (const [what, path] of [
    ['Today', '/api/jobs'],
    ['one job', `/api/jobs/${jobId}`],
    ['diagnosis', `/api/jobs/${jobId}/diagnosis`],
    ['cases alike', `/api/jobs/${jobId}/alike`],
    ['find, a common word', '/api/find?q=thistle'],
    ['find, nothing', '/api/find?q=zzyzx'],
    ['machines', '/api/machines'],
  ] as const) {
    const all: number[] = []
    for (let i = 0; i < TIMES; i++) all.push(await get(path))
    figures.set(`${what}: the first one`, ms(all[0] ?? 0))
    figures.set(`${what}: p50, p99`, `${ms(at(all, 0.5))}, ${ms(at(all, 0.99))}`)
    figures.set(`${what}: loop held at most`, ms((await loop(child)).max))
  }
  const { person } = (await (await fetch(`${url}/api/session`, { headers: { cookie } })).json()) as {
    person: { id: string }
  }
  const written: number[] = []
  for (let i = 0; i < 100; i++) {
    const started = performance.now()
    const answer = await fetch(`${url}/api/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: url, cookie },
      body: JSON.stringify({
        ...{ id: ulid(), kind: 'note', at: new Date().toISOString(), by: person.id, how: null, supersedes: null },
        body: { stage: 'build', text: 'A word more' },
      }),
    })
    if (answer.status !== 201) throw new Error(`An entry was refused with ${answer.status}.`)
    written.push(performance.now() - started)
  }
  figures.set('one entry written: p50, p99', `${ms(at(written, 0.5))}, ${ms(at(written, 0.99))}`)
  figures.set('one entry written: loop held at most', ms((await loop(child)).max))
  await besideBare(figures, { url, data, jobId, by: person.id, cookie, child })
  figures.set('memory after all this', `${rss(child)} MB`)
  child.kill('SIGTERM')
  await new Promise(done => child.once('exit', done))
  return figures
}

type Cannon = (options: Record<string, unknown>) => Promise<{ requests: { average: number } }>
interface Shop {
  cookie: string
  child: ChildProcess
  url: string
  data: string
  jobId: string
  by: string
}

/** One job read and one entry written, beside a server of the same make that reads the same rows, sends the same JSON, and knows nothing. */
async function besideBare(figures: Map<string, string>, { url, data, jobId, by, cookie, child }: Shop): Promise<void> {
  const autocannon = createRequire(import.meta.url)('autocannon') as Cannon
  const copy = join(data, 'bare.db')
  const db = new Database(join(data, 'remedium.db'), { readonly: true })
  await db.backup(copy)
  db.close()
  const answer = await fetch(`${url}/api/jobs/${jobId}`, { headers: { cookie } })
  const headers = Object.fromEntries(answer.headers)
  const port = await freePort()
  const bare = spawn(process.execPath, ['bench/bare.mjs'], {
    env: { ...process.env, PORT: String(port), BARE_DB: copy, BARE_HEADERS: JSON.stringify(headers) },
    stdio: ['pipe', 'ignore', 'inherit'],
  })
  bare.stdin?.end(await answer.text())
  const there = `http://127.0.0.1:${port}`
  for (let i = 0; i < 200; i++) {
    const up = await fetch(`${there}/jobs/${jobId}`).then(
      r => r.ok,
      () => false,
    )
    if (up) break
    await new Promise(done => setTimeout(done, 20))
  }
  const open = (
    (await (await fetch(`${url}/api/jobs`, { headers: { cookie } })).json()) as { id: string; closed: boolean }[]
  ).filter(j => !j.closed)
  let n = 0
  /** a note on one open job after the other: no log grows past what logs are */
  const next = (): string => open[n++ % open.length]?.id ?? jobId
  const note = (): string =>
    JSON.stringify({
      ...{ id: ulid(), kind: 'note', at: new Date().toISOString(), by, how: null, supersedes: null },
      body: { stage: 'build', text: 'A word more' },
    })
  for (const connections of [1, 50]) {
    const read = async (path: string): Promise<number> =>
      (await autocannon({ url: path, connections, duration: SECONDS, headers: { cookie } })).requests.average
    const write = async (base: string, path: (id: string) => string): Promise<number> =>
      (
        await autocannon({
          url: base,
          connections,
          duration: 5,
          requests: [
            {
              method: 'POST',
              headers: { 'content-type': 'application/json', origin: base, cookie },
              setupRequest: (r: object) => ({ ...r, path: path(next()), body: note() }),
            },
          ],
        })
      ).requests.average
    const who = `${connections} client${connections === 1 ? '' : 's'}`
    const reads = await inTurn(
      () => read(`${url}/api/jobs/${jobId}`),
      () => read(`${there}/jobs/${jobId}`),
    )
    figures.set(`one job, ${who}: of a bare server`, reads)
    const writes = await inTurn(
      () => write(url, id => `/api/jobs/${id}/entries`),
      () => write(there, id => `/jobs/${id}`),
    )
    figures.set(`one entry written, ${who}: of a bare server`, writes)
    figures.set(`memory after ${who}`, `${rss(child)} MB`)
  }
  bare.kill('SIGTERM')
}
/** Both in turn a few times, the middle of the shares: a disk is not equally fast from one second to the next. */
async function inTurn(ours: () => Promise<number>, bare: () => Promise<number>): Promise<string> {
  const pairs: [number, number][] = []
  for (let i = 0; i < TURNS; i++) pairs.push([await ours(), await bare()])
  pairs.sort(([a, b], [c, d]) => a / b - c / d)
  const [mine, its] = pairs[Math.floor(TURNS / 2)] as [number, number]
  return `${Math.round((100 * mine) / its)} % (${Math.round(mine)} of ${Math.round(its)} a second)`
}

/** The demo lets whoever asks in, as its keeper. */
const cameIn = async (url: string): Promise<string> =>
  (await fetch(`${url}/api/session`)).headers.getSetCookie()[0]?.split(';')[0] ?? ''

const ms = (x: number): string => `${x < 10 ? x.toFixed(1) : x.toFixed(0)} ms`
const at = (all: number[], share: number): number =>
  [...all].sort((a, b) => a - b)[Math.ceil(share * all.length) - 1] ?? 0
const rss = ({ pid }: ChildProcess): string =>
  (Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024).toFixed(0)

async function loop(child: ChildProcess): Promise<{ max: number; p99: number }> {
  const said = new Promise<string>(done => {
    const hear = (chunk: Buffer): void => {
      if (!String(chunk).includes('loop ')) return
      child.stdout?.off('data', hear)
      done(String(chunk))
    }
    child.stdout?.on('data', hear)
  })
  child.kill('SIGUSR2')
  const [, max = '0', p99 = '0'] = /loop (\d+) (\d+)/.exec(await said) ?? []
  return { max: Number(max), p99: Number(p99) }
}

async function start(data: string): Promise<{ url: string; child: ChildProcess; readyMs: number }> {
  const port = await freePort()
  const started = performance.now()
  const child = spawn(process.execPath, [...LEAN, '--import', './bench/eventLoop.mjs', '.output/server/index.mjs'], {
    env: {
      ...process.env,
      ...{
        PORT: String(port),
        NUXT_DATA_DIR: data,
        NODE_ENV: 'production',
        NUXT_DEMO: 'true',
        MALLOC_ARENA_MAX: '2',
      },
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const url = `http://127.0.0.1:${port}`
  for (let i = 0; i < 3000; i++) {
    const up = await fetch(`${url}/api/ping`).then(
      r => r.ok,
      () => false,
    )
    if (up) return { url, child, readyMs: performance.now() - started }
    await new Promise(done => setTimeout(done, 20))
  }
  throw new Error('The server did not get ready.')
}

/** A shop with so many jobs, all but a few handed back, grown from the demo's; one open job's id. */
function grown(data: string, jobs: number): string {
  const db = openDatabase(data, migrations)
  seedDemo(db, new Date())
  const models = jobsOf(db)
    .map(j => jobView(db, j.id))
    .filter(v => v.entries.some(e => e.kind === 'complaint') && !v.entries.some(e => e.kind === 'photo'))
    .map(v => lengthened(v.entries))
  const sources = jobsOf(db).map(j => j.machineId)
  const add = grower(db)
  let last = ''
  db.transaction(() => {
    for (let n = 0; n < jobs; n++)
      last = add(300 + n, sources[n % sources.length] ?? '', models[n % models.length] ?? [], n < jobs - OPEN)
  })()
  db.exec(`
    UPDATE found_jobs
    SET    words = words || ' ' || COALESCE((SELECT group_concat(w.words, ' ') FROM entry_words w JOIN jobs j ON j.id = w.job_id WHERE j.number = found_jobs.rowid), '')
    WHERE  rowid >= 300`)
  db.exec('UPDATE found_upto SET seq = (SELECT MAX(seq) FROM entries)')
  // closed jobs of one model are judged alike: the first few are judged, the others get their line
  db.exec(`
    UPDATE heads AS h
    SET    line = (SELECT json_set(m.line, '$.id', h.job_id, '$.number', h.number, '$.closed', json('true')) FROM heads m WHERE m.number = 200 + h.number % 18 + 1), is_out = 0, stamp = 'grown'
    WHERE  h.closed = 1 AND h.number BETWEEN 340 AND ${300 + jobs - OPEN - 200}`)
  while (refreshHeads(db, 10_000));
  closeDatabase(db)
  return last
}

/** A log of the length that jobs have here: its own entries, and notes. */
function lengthened(entries: Entry[]): Entry[] {
  const open = entries.filter(e => !['hand_back', 'quote_sent', 'owner_word', 'approval'].includes(e.kind))
  const known = new Set(open.map(e => e.id))
  const own = open.filter(e => e.supersedes === null || known.has(e.supersedes)).slice(0, ENTRIES_EACH - 1)
  const notes = Array.from({ length: ENTRIES_EACH - 1 - own.length }, (_, i): Entry => ({
    ...(own[0] as Entry),
    ...({ id: ulid(), kind: 'note', how: null, supersedes: null } as const),
    body: { stage: 'build', text: `Step ${i}: cleaned, looked at, put back` } as never,
  }))
  return [...own, ...notes]
}

function grower(db: Database.Database): (number: number, source: string, model: Entry[], closed: boolean) => string {
  const machine = db.prepare(
    'INSERT INTO machines SELECT ?, customer_id, kind, name, serial, meter_reading, meter_unit, meter_source, created_at, updated_at FROM machines WHERE id = ?',
  )
  const engine = db.prepare(
    'INSERT INTO engines SELECT ?, ?, facts, spec_sheet_id, created_at, updated_at FROM engines WHERE machine_id = ?',
  )
  const job = db.prepare('INSERT INTO jobs (id, number, machine_id, created_at) VALUES (?, ?, ?, ?)')
  const entry = db.prepare(
    'INSERT INTO entries (id, job_id, kind, at, by, how, body, supersedes, recorded_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
  )
  let mine = ''
  return (number, source, model, closed) => {
    // a machine comes about four times
    if (number % 4 === 0 || !mine) {
      mine = ulid()
      machine.run(mine, source)
      engine.run(ulid(), mine, source)
    }
    const id = ulid()
    job.run(id, number, mine, new Date(Date.now() - 1000 * (30_000 - number)).toISOString())
    const ids = new Map(model.map(e => [e.id, ulid()]))
    const put = (e: Entry): unknown =>
      entry.run(
        ...[ids.get(e.id) ?? ulid(), id, e.kind, e.at, e.by, e.how, JSON.stringify(e.body)],
        ...[e.supersedes && (ids.get(e.supersedes) ?? null), e.at],
      )
    for (const e of model) put(e)
    const by = model[0]?.by ?? ''
    const done = { id: '', at: new Date().toISOString(), by, how: null, supersedes: null }
    if (closed)
      put({
        ...done,
        kind: 'hand_back',
        body: { to: 'The owner', words: null, way: 'mended', told: null, disabled: null, owed: [] },
      } as never)
    return id
  }
}
