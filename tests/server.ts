import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export interface Running {
  url: string
  data: string
  child: ChildProcess
  stop(signal?: NodeJS.Signals): Promise<number | null>
}

export const newFolder = (): string => mkdtempSync(join(tmpdir(), 'remedium-'))

export async function freePort(): Promise<number> {
  return await new Promise(done => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0))
    })
  })
}

/** Starts the built server on a free port of its own. */
export async function startBuilt(data = newFolder(), extra: Record<string, string> = {}): Promise<Running> {
  const port = await freePort()
  const child = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: {
      ...process.env,
      PORT: String(port),
      NUXT_DATA_DIR: data,
      NITRO_SHUTDOWN_TIMEOUT: '3000',
      NODE_ENV: 'production',
      ...extra,
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  const url = `http://127.0.0.1:${port}`
  let said = ''
  child.stderr?.on('data', (part: Buffer) => {
    said = `${said}${part.toString('utf8')}`.slice(-4000)
  })
  const ended = new Promise<number | null>(done => child.once('exit', done))
  for (let tries = 0; tries < 200; tries++) {
    if (child.exitCode !== null) throw new Error(`The server ended with ${child.exitCode}: ${said}`)
    const answered = await fetch(`${url}/api/ping`)
      .then(r => r.ok)
      .catch(() => false)
    if (answered) break
    await new Promise(done => setTimeout(done, 50))
  }
  return {
    url,
    data,
    child,
    async stop(signal = 'SIGTERM') {
      child.kill(signal)
      return await ended
    },
  }
}

/** One request with a JSON body; status and answer. */
export async function call(url: string, method = 'GET', body?: unknown): Promise<{ status: number; body: any }> {
  const response = await fetch(url, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  })
  return { status: response.status, body: await response.json().catch(() => null) }
}
