import type { Database } from 'better-sqlite3'
import { LRUCache } from 'lru-cache'
import { assess } from '#core/assess'
import { signsOf } from '#core/diagnosis/alike'
import { isOut } from '#core/handover/out'
import { entriesInForce } from '#core/log/entry'
import { keptOf } from '#core/entries/kept'
import { OUTCOME_WORDS } from '#core/verdict/verdict'
import type { JobLine } from '#shared/types/records'
import { logStamp } from './entries'
import { fileOf, jobOf, jobView } from './jobs'
import { customerOf, engineStamp, machineOf } from './machines'
import { policyOf, policyStamp } from './shop'
import { row, rows, run } from './statements'

const HEAD = `
  SELECT h.job_id AS jobId, h.number, h.machine_id AS machineId, h.closed, h.is_out AS isOut, h.stamp, h.line, j.created_at AS createdAt
  FROM   heads h
  JOIN   jobs j ON j.id = h.job_id
  WHERE  `
const OF_JOB = `${HEAD} h.job_id = ?`
const OPEN = `${HEAD} h.closed = 0 ORDER BY h.number DESC LIMIT 500`
const NEWEST_OPEN = `${HEAD} h.closed = 0 ORDER BY h.number DESC LIMIT 1`
const CLOSED = `${HEAD} h.closed = 1 AND h.number < ? ORDER BY h.number DESC LIMIT ?`
/** Handed back not to be run, and not come back since. */
const OUT = `
  ${HEAD} h.is_out = 1 AND h.number < ? AND NOT EXISTS (SELECT 1 FROM heads later WHERE later.machine_id = h.machine_id AND later.number > h.number)
  ORDER BY h.number DESC
  LIMIT    ?`
/** So many of them stand on Today; older ones are asked for. */
const OUT_SHOWN = 25
/** Just handed back, and not judged since: by its own index, or those of ten years are looked through for none. */
const MOVED = `${HEAD.replace('heads h', 'heads h INDEXED BY heads_moved')} h.closed = 1 AND h.is_out IS NULL AND h.line IS NOT NULL ORDER BY h.number DESC LIMIT 20`
const UNJUDGED = `${HEAD} h.line IS NULL ORDER BY h.number DESC LIMIT 20`
const NEWEST = Number.MAX_SAFE_INTEGER
const KEEP = 'UPDATE heads SET stamp = ?, line = ?, is_out = ?, signs = ? WHERE job_id = ?'

interface Head {
  jobId: string
  number: number
  machineId: string
  createdAt: string
  closed: number
  /** null: not judged since it was handed back */
  isOut: number | null
  stamp: string
  line: string | null
}

/** Lines as they were read last, so that a row is parsed once for each time that it changes. */
const parsed = new LRUCache<string, JobLine>({ max: 3000 })
const asLine = ({ jobId, stamp, line }: Head): JobLine => {
  const key = `${jobId} ${stamp}`
  const known = parsed.get(key) ?? (JSON.parse(line ?? 'null') as JobLine)
  parsed.set(key, known)
  return known
}

/** Which program judged: after an upgrade everything is judged anew, in the background. */
let program = 'source'
export const judgedBy = (build: string): void => {
  program = build
}

/** What a line rests on: the logs of the machine's visits, its engine and sheet, the shop's rules, and the program. */
const stampOf = (db: Database, { machineId }: Head, policy = policyStamp(db)): string =>
  `${logStamp(db, machineId)} ${policy} ${engineStamp(db, machineId)} ${program}`

/** The line of one job, as things are now. */
export function jobLine(db: Database, id: string): JobLine {
  const head = row<Head>(db, OF_JOB, id)
  return head ? now(db, head, true) : now(db, { ...bare(jobOf(db, id)), closed: 0 }, true)
}

const bare = (job: { id: string; number: number; machineId: string; createdAt: string }): Head => ({
  ...{ jobId: job.id, number: job.number, machineId: job.machineId, createdAt: job.createdAt },
  ...{ closed: 0, isOut: null, stamp: '', line: null },
})

/** The open job that was booked in last. */
export const newestOpen = (db: Database): string | undefined => row<Head>(db, NEWEST_OPEN)?.jobId

/** What stands on Today: every open job, those that went out not to be run, and the newest that were handed back. Nothing older is read. */
const onToday = (db: Database): Head[] => [
  ...new Map(
    [
      ...rows<Head>(db, MOVED),
      ...rows<Head>(db, OPEN),
      ...rows<Head>(db, OUT, NEWEST, OUT_SHOWN),
      ...rows<Head>(db, CLOSED, NEWEST, 6),
    ].map(h => [h.jobId, h]),
  ).values(),
]

/**
 * Today as JSON: a line that still fits goes out as it lies there. Those that were handed back are judged again behind the page.
 * @param budgetMs how long lines that changed may be judged here; what is left is shown as it stood, marked, and judged in the background
 */
export function todayJson(db: Database, budgetMs = 12): string {
  const until = performance.now() + budgetMs
  const policy = policyStamp(db)
  const lines = onToday(db).map(h => {
    const fits = h.line !== null && ((h.closed === 1 && h.isOut !== null) || h.stamp === stampOf(db, h, policy))
    const json = fits ? (h.line as string) : JSON.stringify(now(db, h, performance.now() < until))
    return { number: h.number, json }
  })
  return `[${lines
    .sort((a, b) => b.number - a.number)
    .map(l => l.json)
    .join(',')}]`
}

/** Those that went out not to be run, from before a number on. */
export const outLines = (db: Database, before: number, limit = OUT_SHOWN): JobLine[] =>
  rows<Head>(db, OUT, before, limit).map(asLine)

/** Jobs that were handed back, the newest first, from before a number on. */
export const closedLines = (db: Database, before: number, limit = 30): JobLine[] =>
  rows<Head>(db, CLOSED, before, limit).map(h => (h.line === null ? now(db, h, false) : asLine(h)))

/**
 * Judges what is not judged any more, open jobs first; the lines are written together at the end, so that an entry hardly waits behind them.
 * @returns whether some is left
 */
export function refreshHeads(db: Database, budgetMs: number): boolean {
  const until = performance.now() + budgetMs
  const policy = policyStamp(db)
  const judged: Judged[] = []
  const all = [
    ...rows<Head>(db, MOVED),
    ...rows<Head>(db, OPEN),
    ...rows<Head>(db, OUT, NEWEST, 200),
    ...rows<Head>(db, UNJUDGED),
  ]
  const left = [...new Map(all.map(h => [h.jobId, h])).values()].some(h => {
    if (h.line !== null && h.stamp === stampOf(db, h, policy)) return false
    if (performance.now() >= until) return true
    judged.push(judge(db, h))
    return false
  })
  if (judged.length) keepAll(db, judged)
  return left || row(db, UNJUDGED) !== undefined
}

/** Rows written so far by this connection: nothing has to be looked at again before it moves. */
const written = (db: Database): number => row<{ n: number }>(db, 'SELECT total_changes() AS n')?.n ?? 0

const LOOK_MS = 700
/** So many rows between two looks are a burst, an import or many benches at once: they go before, for so long at most. */
const BURST = { rows: 60, ms: 5000 }

/**
 * Keeps the lines up to date while nobody asks; ends when it is told to.
 * @param refresh judges for a while, away from what others wait for, and says whether some is left
 */
export function keepHeads(db: Database, refresh: () => Promise<boolean>): () => void {
  let seen = -1
  let looked = written(db)
  let heldBack = 0
  let failed = 0
  let ended = false
  let timer: NodeJS.Timeout
  const again = (ms: number): void => {
    if (ended) return
    timer = setTimeout(() => void step(), ms)
    timer.unref()
  }
  async function step(): Promise<void> {
    let left = false
    try {
      const n = written(db)
      const burst = n - looked > BURST.rows && heldBack < BURST.ms
      looked = n
      heldBack = burst ? heldBack + LOOK_MS : 0
      if (n !== seen && !burst) {
        left = await refresh()
        if (!left) seen = n
      }
      failed = 0
    } catch (error) {
      // a full disk does not get emptier by trying: said once, and tried ever more seldom
      if (failed === 0 && !ended) console.error("Lines of Today can't be kept up:", error)
      failed = Math.min(failed + 1, 8)
    }
    again(failed ? LOOK_MS * 2 ** failed : left ? 15 : LOOK_MS)
  }
  again(300)
  return () => {
    ended = true
    clearTimeout(timer)
  }
}

/** A line as it is kept; where it no longer fits, judged again, or shown as it stood and marked. One that can't be judged says so, and the others stand. */
function now(db: Database, head: Head, mayJudge: boolean): JobLine {
  let stamp = 'unknown'
  try {
    stamp = stampOf(db, head)
    if (head.line !== null && head.stamp === stamp) return asLine(head)
    if (!mayJudge) return { ...(head.line === null ? unjudged(db, head, null) : asLine(head)), stale: true }
  } catch (error) {
    console.error(`T ${head.number} can't be looked at:`, error)
  }
  const judged = judge(db, head, stamp)
  keepAll(db, [judged])
  parsed.set(`${head.jobId} ${judged.stamp}`, judged.line)
  return judged.line
}

interface Judged {
  head: Head
  stamp: string
  line: JobLine
  signs: string[] | null
}

/** One that can't be judged says so, and the others stand. */
function judge(db: Database, head: Head, known?: string): Judged {
  let stamp = known ?? 'unknown'
  try {
    stamp = known ?? stampOf(db, head)
    return { head, stamp, ...compute(db, head) }
  } catch (error) {
    console.error(`T ${head.number} can't be judged:`, error)
    const line = unjudged(db, head, "Can't be judged: something on its log can't be worked with. Open it and look.")
    return { head, stamp, line, signs: null }
  }
}

/** A line is only a copy of what the log says: where it can't be written, it is shown all the same. */
function keepAll(db: Database, all: Judged[]): void {
  try {
    db.transaction(() => {
      for (const { head, stamp, line, signs } of all)
        run(db, KEEP, stamp, JSON.stringify(line), Number(line.outNotToRun), signs && JSON.stringify(signs), head.jobId)
    }).immediate()
  } catch (error) {
    console.error(`The lines of ${all.map(j => `T ${j.head.number}`).join(', ')} can't be kept:`, error)
  }
}

/** What is known of a job without judging it. */
function unjudged(db: Database, head: Head, trouble: string | null): JobLine {
  const machine = machineOf(db, head.machineId)
  return {
    id: head.jobId,
    number: head.number,
    createdAt: head.createdAt,
    machineId: head.machineId,
    machineName: machine.name,
    machineKind: machine.kind,
    customerName: customerOf(db, machine.customerId).name,
    complaint: null,
    stage: 'book_in',
    stages: [],
    stops: [],
    nextTitle: null,
    waiting: null,
    closed: head.closed === 1,
    outNotToRun: false,
    lean: null,
    finding: null,
    trouble,
    lastAt: head.createdAt,
  }
}

function compute(db: Database, head: Head): { line: JobLine; signs: string[] | null } {
  const view = jobView(db, head.jobId)
  const file = fileOf(view, policyOf(db))
  const assessment = assess(file)
  const { verdict, options, fallback } = assessment.decision
  const agreed = assessment.approved?.body.frozen
  const best = options.find(o => o.entryId === verdict?.bestId)
  const worst = [...assessment.judgements].reverse().sort((a, b) => rank(b.mark) - rank(a.mark))[0]
  const inForce = entriesInForce(view.entries)
  const line: JobLine = {
    id: head.jobId,
    number: head.number,
    createdAt: head.createdAt,
    machineId: view.machine.id,
    machineName: view.machine.name,
    machineKind: view.machine.kind,
    customerName: view.customer.name,
    complaint: keptOf(inForce).complaint.at(-1)?.body.words ?? null,
    stage: assessment.stage,
    stages: assessment.stages,
    stops: assessment.stops,
    nextTitle: assessment.next[0]?.title ?? null,
    waiting: assessment.waiting,
    closed: assessment.closed,
    outNotToRun: isOut(assessment),
    lean: agreed
      ? {
          outcome: agreed.name,
          name: agreed.name,
          p10: agreed.p10,
          p90: agreed.p90,
          mends: agreed.p90 > 0,
          agreed: true,
          known: true,
        }
      : verdict && {
          outcome: OUTCOME_WORDS[verdict.outcome],
          name: verdict.bestName,
          p10: best?.mends ? best.p10 : fallback.value,
          p90: best?.mends ? best.p90 : fallback.value,
          mends: best?.mends ?? false,
          agreed: false,
          known: best !== undefined || fallback.known,
        },
    finding: worst ? { mark: worst.mark, headline: worst.headline } : null,
    trouble: view.unreadable.length
      ? `${view.unreadable.length === 1 ? 'One entry' : `${view.unreadable.length} entries`} of its log can't be read`
      : null,
    lastAt: view.entries.at(-1)?.at ?? head.createdAt,
  }
  return { line, signs: keptOf(inForce).cause_found.length ? [...signsOf(file)] : null }
}

const rank = (mark: string): number => ['good', 'open', 'near', 'past'].indexOf(mark)
