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

/** What takes longer than this is stopped, and said: others wait behind it. Somebody waits for what is `asked`; the house is kept beside. */
const TASKS = {
  asked: { paper: 30_000, assessment: 20_000, diagnosis: 20_000, alike: 20_000, warm: 20_000 },
  house: { backup: 3_600_000, quickCheck: 600_000, tidy: 600_000, heads: 60_000 },
}
type Pool = keyof typeof TASKS
type Task = keyof (typeof TASKS)['asked'] | keyof (typeof TASKS)['house']
const LIMIT_MS: Record<Task, number> = { ...TASKS.asked, ...TASKS.house }
const poolOf = (task: Task): Pool => (task in TASKS.asked ? 'asked' : 'house')

const pools = new Map<Pool, Piscina>()

/** One thread each is kept for as long as the server runs: a first diagnosis on a cold one takes most of a second. */
function started(name: Pool): Piscina {
  const known = pools.get(name)
  if (known) return known
  const pool = new Piscina({
    filename: workerFile(),
    minThreads: 1,
    maxThreads: 2,
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
