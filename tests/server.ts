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

/** A folder of its own; a whole run of the tests clears its folders away at the end. */
export const newFolder = (): string => mkdtempSync(join(process.env.REMEDIUM_TESTS_AT ?? tmpdir(), 'remedium-'))

export async function freePort(): Promise<number> {
  return await new Promise(done => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0))
    })
  })
}

/** What a browser keeps of a shop: its cookie, and the first link while nobody keeps the shop. By folder: it holds after a new start. */
interface Browser {
  cookie: string
  first: string
}
const browsers = new Map<string, Browser>()
const folders = new Map<string, string>()
export function browserAt(url: string): Browser {
  const { origin } = new URL(url)
  const folder = folders.get(origin) ?? origin
  const known = browsers.get(folder) ?? { cookie: '', first: '' }
  browsers.set(folder, known)
  return known
}

/** A server that was started by another hand, as the browser of this test knows it. */
export const knownAs = (url: string, data: string): unknown => folders.set(new URL(url).origin, data)

/** A request as this application's page sends it. */
export async function browse(url: string, init: RequestInit = {}): Promise<Response> {
  const browser = browserAt(url)
  const response = await fetch(url, {
    ...init,
    headers: {
      origin: new URL(url).origin,
      ...(browser.cookie && { cookie: browser.cookie }),
      ...(init.headers as Record<string, string> | undefined),
    },
  })
  const [cookie] = response.headers.getSetCookie()
  if (cookie && !(init.headers as Record<string, string> | undefined)?.cookie)
    browser.cookie = cookie.split(';')[0] ?? ''
  return response
}

/** The cookie of another browser, let in by a code. */
export async function deviceCookie(url: string, code: string, deviceName = 'Another one'): Promise<string> {
  const response = await fetch(`${url}/api/session/let-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: new URL(url).origin },
    body: JSON.stringify({ code, deviceName }),
  })
  return response.headers.getSetCookie()[0]?.split(';')[0] ?? ''
}

export const TEST_PIN = '2580'

/** Lets this test's browser into a shop that nobody keeps yet, as its first person; answers who that is. */
export async function firstPerson(url: string, name: string, initials: string): Promise<string> {
  const browser = browserAt(url)
  const { body } = await call(`${url}/api/session/first`, 'POST', {
    ...{ code: browser.first, deviceName: 'Test', shopName: '', pin: TEST_PIN },
    person: { name, initials },
  })
  browser.first = ''
  return body.person.id
}

/** Somebody else comes to the bench. */
export const comes = (url: string, personId: string, pin = TEST_PIN): ReturnType<typeof call> =>
  call(`${url}/api/session/person`, 'POST', { personId, pin })

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
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  const url = `http://127.0.0.1:${port}`
  folders.set(url, data)
  child.stdout?.on('data', (part: Buffer) => {
    const [, code] = /let-in#(\w+)/.exec(String(part)) ?? []
    if (code) browserAt(url).first = code
  })
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
  const response = await browse(url, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  })
  return { status: response.status, body: await response.json().catch(() => null) }
}
