import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import Piscina from 'piscina'
import type { PaperArgs, PaperName, Paper } from '../documents/papers'
import type { Outcome } from '../worker/main'
import type { FieldFault } from '../db/refusal'
import { Refusal } from '../db/refusal'

/** The worker lies beside the server that was built; a developer's is built beside Nuxt's own. */
export const workerFile = (): string =>
  import.meta.dev
    ? join(process.cwd(), '.nuxt/worker.mjs')
    : join(dirname(process.argv[1] ?? fileURLToPath(import.meta.url)), 'worker.mjs')

/** What takes longer than this is stopped, and said: others wait behind it. Somebody waits for what is `asked`; the lines of Today follow; the house is kept beside. */
const TASKS = {
  asked: { paper: 30_000, assessment: 20_000, diagnosis: 20_000, alike: 20_000, warm: 20_000 },
  lines: { heads: 60_000 },
  house: { backup: 3_600_000, quickCheck: 600_000, tidy: 600_000 },
}
type Pool = keyof typeof TASKS
type Task = { [P in Pool]: keyof (typeof TASKS)[P] }[Pool]
const LIMIT_MS: Record<Task, number> = { ...TASKS.asked, ...TASKS.lines, ...TASKS.house }
const poolOf = (task: Task): Pool => (Object.keys(TASKS) as Pool[]).find(name => task in TASKS[name]) as Pool

/**
 * Threads of each: who judges stays warm (a first diagnosis on a cold one takes most of a second), and no more judge at a time than leave the
 * server a processor and its memory.
 */
const THREADS: Record<Pool, { minThreads: number; maxThreads: number }> = {
  asked: { minThreads: 1, maxThreads: 2 },
  lines: { minThreads: 1, maxThreads: 1 },
  house: { minThreads: 0, maxThreads: 1 },
}

const pools = new Map<Pool, Piscina>()

function started(name: Pool): Piscina {
  const known = pools.get(name)
  if (known) return known
  const pool = new Piscina({
    filename: workerFile(),
    ...THREADS[name],
    idleTimeout: 30_000,
    maxQueue: 200,
    resourceLimits: { maxYoungGenerationSizeMb: 8 },
  })
  pools.set(name, pool)
  return pool
}

/**
 * Runs something that takes its time on a thread of its own.
 * @throws Refusal its own refusal, or 503 when it took too long or too much waits before it
 */
export async function runAside<T>(task: Task, args: Record<string, unknown>, limitMs = LIMIT_MS[task]): Promise<T> {
  const timer = new AbortController()
  const clock = setTimeout(() => timer.abort(), limitMs)
  try {
    const result = (await started(poolOf(task)).run(
      { dataDir: dataDir(), ...args },
      { name: task, signal: timer.signal },
    )) as Outcome<T>
    if ('refused' in result) {
      const { status, message, fields } = result.refused
      throw new Refusal(status, message, fields as FieldFault[])
    }
    return result.done
  } catch (error) {
    if (timer.signal.aborted)
      throw new Refusal(
        503,
        `This took longer than ${Math.round(limitMs / 1000)} s and was stopped, so that nobody else waits. Nothing was changed; try once more, and note the job if it happens again.`,
      )
    if ((error as Error).message?.includes('queue'))
      throw new Refusal(503, 'Too much waits to be worked out just now. Press again in a moment.')
    throw error
  } finally {
    clearTimeout(clock)
  }
}

export async function endPool(): Promise<void> {
  const all = [...pools.values()]
  pools.clear()
  await Promise.all(all.map(pool => pool.destroy()))
}

/** New threads from now on; what runs on the old ones is let end. */
export function renewPool(): void {
  const old = [...pools.values()]
  pools.clear()
  for (const pool of old) void pool.close()
}

/** A paper, made aside and sent to be looked at. */
export async function sendPaper<N extends PaperName>(
  event: Parameters<typeof showPdf>[0],
  name: N,
  args: PaperArgs<N>,
): Promise<Buffer> {
  const made = await runAside<Paper>('paper', { name, args })
  return showPdf(event, made.name, Buffer.from(made.pdf))
}
