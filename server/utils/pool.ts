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

let pool: Piscina | undefined

const started = (): Piscina =>
  (pool ??= new Piscina({ filename: workerFile(), minThreads: 1, maxThreads: 2, idleTimeout: 30_000, maxQueue: 200 }))

/** What takes longer than this is stopped, and said: others wait behind it. */
const LIMIT_MS = {
  paper: 30_000,
  assessment: 20_000,
  diagnosis: 20_000,
  alike: 20_000,
  backup: 3_600_000,
  quickCheck: 600_000,
  tidy: 600_000,
  heads: 60_000,
}
type Task = keyof typeof LIMIT_MS

/**
 * Runs something that takes its time on a thread of its own.
 * @throws Refusal its own refusal, or 503 when it took too long or too much waits before it
 */
export async function runAside<T>(task: Task, args: Record<string, unknown>, limitMs = LIMIT_MS[task]): Promise<T> {
  const timer = new AbortController()
  const clock = setTimeout(() => timer.abort(), limitMs)
  try {
    const result = (await started().run(
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

export const endPool = async (): Promise<void> => {
  await pool?.destroy()
  pool = undefined
}

/** New threads from now on; what runs on the old ones is let end. */
export function renewPool(): void {
  const old = pool
  pool = undefined
  void old?.close()
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
