// Only Node's own modules: this runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import {
  accessSync,
  constants,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { createServer } from 'node:net'
import { createInterface } from 'node:readline'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { nodeBundle } from './nodeBundle.mjs'

export const root = dirname(dirname(fileURLToPath(import.meta.url)))

const env = { ...process.env, NUXT_TELEMETRY_DISABLED: '1' }
// native modules are built against the headers that came with this Node, where they did: no download
const prefix = dirname(dirname(process.execPath))
if (existsSync(join(prefix, 'include/node/node.h'))) env.npm_package_config_node_gyp_nodedir ??= prefix

export const say = line => process.stderr.write(`${line}\n`)

/** Runs a command with its output on this one's; `quiet` keeps standard output for our own answer. */
export function run(cmd, args, { extra = {}, quiet = false } = {}) {
  const started = Date.now()
  say(`$ ${relative(root, cmd) || cmd} ${args.join(' ')}`)
  const r = spawnSync(cmd, args, {
    stdio: ['ignore', quiet ? 2 : 'inherit', 'inherit'],
    env: { ...env, ...extra },
    cwd: root,
  })
  say(`  ${((Date.now() - started) / 1000).toFixed(1)} s, exit ${r.status}`)
  return r.status ?? 1
}
/** Runs commands one after the other, without holding up what runs beside them; their exit codes. */
export async function runBeside(commands, extra = {}) {
  const codes = []
  for (const [cmd, args] of commands) {
    const started = Date.now()
    const code = await new Promise(done => {
      const child = spawn(cmd, args, {
        stdio: ['ignore', 'inherit', 'inherit'],
        env: { ...env, ...extra },
        cwd: root,
      })
      child.once('error', () => done(1))
      child.once('exit', c => done(c ?? 1))
    })
    say(`$ ${relative(root, cmd)} ${args.join(' ')}: ${((Date.now() - started) / 1000).toFixed(1)} s, exit ${code}`)
    codes.push(code)
  }
  return codes
}
export function must(cmd, args, options) {
  const code = run(cmd, args, options)
  if (code !== 0) process.exit(code)
}
export const bin = name => join(root, 'node_modules/.bin', name)

function hash(paths) {
  const h = createHash('sha256')
  const walk = path => {
    if (!existsSync(path)) return
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort()) walk(join(path, name))
      return
    }
    h.update(relative(root, path)).update('\0').update(readFileSync(path)).update('\0')
  }
  for (const path of paths) walk(join(root, path))
  return h.digest('hex')
}
const fresh = (stamp, wanted) => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted

const INSTALLED = join(root, 'node_modules/.stamp')
const installedOf = () => hash(['package.json', 'package-lock.json', '.npmrc']) + process.version

export function ensureInstalled(options) {
  const wanted = installedOf()
  if (fresh(INSTALLED, wanted)) return
  must('npm', ['ci', '--no-audit', '--no-fund'], options)
  writeFileSync(INSTALLED, wanted)
}

/**
 * The same in two steps: the packages now, and what has to be compiled of them beside something else.
 * @returns compiles what is not compiled yet
 */
export function installPlain() {
  const wanted = installedOf()
  if (fresh(INSTALLED, wanted)) return async () => undefined
  must('npm', ['ci', '--no-audit', '--no-fund', '--ignore-scripts'])
  return async () => {
    const [code] = await runBeside([['npm', ['rebuild', 'better-sqlite3']]])
    if (code !== 0) process.exit(code)
    writeFileSync(INSTALLED, wanted)
  }
}

/** The program's own build lies beside what the editor and the checks read, and neither waits for the other. */
const BUILD = { REMEDIUM_BUILD_DIR: '.nuxt-build' }
const SOURCES = ['app', 'core', 'server', 'shared', 'public']
const builtOf = () =>
  hash([...SOURCES, 'nuxt.config.ts', 'scripts/nodeBundle.mjs', 'package-lock.json']) + process.version
const BUILT = join(root, '.output/.stamp')

export function ensureBuilt() {
  const wanted = builtOf()
  if (fresh(BUILT, wanted)) return
  must(bin('nuxt'), ['build'], { extra: BUILD })
  writeFileSync(BUILT, wanted)
}

/** The same, without holding up what runs beside it. */
export async function buildBeside() {
  const wanted = builtOf()
  if (fresh(BUILT, wanted)) return
  const [code] = await runBeside([[bin('nuxt'), ['build']]], BUILD)
  if (code !== 0) process.exit(code)
  writeFileSync(BUILT, wanted)
}

/** One TypeScript program as one file that Node can run; built again only when its sources change. */
export async function bundle(entry, sources) {
  const folder = join(root, 'node_modules/.cache/remedium')
  const out = join(folder, `${entry.replace(/[^a-z]/gi, '-')}.mjs`)
  const wanted = hash([entry, ...sources, 'scripts/nodeBundle.mjs', 'package-lock.json'])
  if (fresh(`${out}.stamp`, wanted)) return out
  mkdirSync(folder, { recursive: true })
  await nodeBundle(entry, out)
  writeFileSync(`${out}.stamp`, wanted)
  return out
}

export function ensureChromium() {
  if (process.env.CHROMIUM || existsSync('/usr/bin/chromium')) return
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    say('Chromium is not installed: install it, or set CHROMIUM=/path/to/it')
    process.exit(1)
  }
  must('apt-get', ['update', '-q'])
  must('apt-get', ['install', '-yq', '--no-install-recommends', 'chromium'], {
    extra: { DEBIAN_FRONTEND: 'noninteractive' },
  })
}

/** --port 4310, --host 127.0.0.1, --data folder, --replica folder or s3://…; or REMEDIUM_PORT, REMEDIUM_HOST, REMEDIUM_DATA, REMEDIUM_REPLICA. */
export function serverOptions(defaultData, argv = process.argv.slice(2)) {
  const known = ['port', 'host', 'data', 'replica']
  const given = {}
  for (let i = 0; i < argv.length; i++) {
    const [, name, value] = /^--([a-z]+)(?:=(.*))?$/.exec(argv[i]) ?? []
    if (!known.includes(name)) stop(`I don't know ${argv[i]}. Use --port, --host, --data or --replica.`)
    given[name] = value ?? argv[++i]
    if (given[name] === undefined) stop(`--${name} needs a value.`)
  }
  const asked = given.port ?? (process.env.REMEDIUM_PORT || process.env.PORT || '4310')
  const port = Number(asked)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    stop(`The port must be a whole number from 1 to 65535, not ${asked}.`)
  return {
    port,
    host: given.host ?? (process.env.REMEDIUM_HOST || process.env.HOST || '127.0.0.1'),
    data: resolve(given.data ?? (process.env.REMEDIUM_DATA || join(root, defaultData))),
    replica: replicaOption(given.replica ?? process.env.REMEDIUM_REPLICA ?? ''),
  }
}

const replicaOption = asked => (asked && !asked.includes('://') ? resolve(asked) : asked)

/** Litestream: what streams the database elsewhere all the time. On the PATH, or from its optional package. */
export function findLitestream() {
  const names = [
    ...(process.env.PATH ?? '').split(':').map(at => join(at, 'litestream')),
    join(root, `node_modules/@flydotio/litestream-${process.platform}-${process.arch}/litestream`),
  ]
  return (
    names.find(name => existsSync(name)) ??
    stop(
      '--replica needs Litestream, and it is neither on the PATH nor among the packages. Install it from its own releases, or, on Linux with an x64 processor, let npm install optional packages (npm ci --include=optional).',
    )
  )
}

/** What is new and soon forgotten gets little room, and what is kept grows in small steps, in the server and in each of its threads: a bench computer has other work. */
export const LEAN = ['--max-semi-space-size=4', '--heap-growing-percent=40']

/** The server as it is started: by itself, or as the child of what streams its database. */
function command({ data, replica }) {
  const server = join(root, '.output/server/index.mjs')
  if (!replica) return { cmd: process.execPath, args: [...LEAN, server], extra: {} }
  const s3 = replica.includes('://')
  if (!s3) mkdirSync(join(replica, 'database'), { recursive: true })
  return {
    cmd: findLitestream(),
    args: [
      'replicate',
      '-exec',
      `'${process.execPath}' ${LEAN.join(' ')} '${server}'`,
      join(data, 'remedium.db'),
      s3 ? replica : `file://${join(replica, 'database')}`,
    ],
    extra: { REMEDIUM_STREAMED: '1', ...(s3 ? {} : { NUXT_REPLICA_DIR: replica }) },
  }
}

export function stop(message) {
  say(`Remedium can't start: ${message}`)
  process.exit(1)
}

/** Says in words what would otherwise fail later: a folder that can't be written, a port that is taken. */
export async function checkPlace({ port, host, data }) {
  try {
    mkdirSync(data, { recursive: true })
    accessSync(data, constants.W_OK)
    // root may pass every access check on a folder that is mounted read-only
    writeFileSync(join(data, '.write-test'), '')
    const { unlinkSync } = await import('node:fs')
    unlinkSync(join(data, '.write-test'))
  } catch {
    stop(
      `can't write to the data folder ${data}. Give this user the right to write there, or choose another folder with --data.`,
    )
  }
  await new Promise(done => {
    const probe = createServer()
    probe.once('error', error =>
      stop(
        error.code === 'EADDRINUSE'
          ? `port ${port} on ${host} is in use, perhaps by another Remedium. Stop that one, or choose another with --port.`
          : `can't listen on ${host}:${port} (${error.code}). Choose another address with --host or --port.`,
      ),
    )
    probe.listen(port, host, () => probe.close(done))
  })
}

/** Starts the built server and waits until it answers; resolves with the child and its address. */
export async function startServer({ port, host, data, replica, demo = false }, { quiet = false } = {}) {
  const { cmd, args, extra } = command({ data, replica })
  const child = spawn(cmd, args, {
    stdio: ['ignore', 'pipe', replica ? 'pipe' : 'inherit'],
    // what streams it and the server are one group, and end together
    detached: Boolean(replica),
    env: {
      ...env,
      HOST: host,
      PORT: String(port),
      NITRO_HOST: host,
      NITRO_PORT: String(port),
      NUXT_DATA_DIR: data,
      NITRO_SHUTDOWN_TIMEOUT: '3000',
      NODE_ENV: 'production',
      MALLOC_ARENA_MAX: '2',
      ...(demo && { NUXT_DEMO: 'true' }),
      ...extra,
    },
  })
  // of all that it prints, only the link that lets the first person in is for whoever started it
  let firstLink = ''
  createInterface({ input: child.stdout }).on('line', line => {
    if (!line.includes('/let-in#')) return
    firstLink = line
    if (!quiet) console.log(firstLink)
  })
  // what streams it tells of every second; only what goes wrong is for whoever started it
  if (child.stderr)
    createInterface({ input: child.stderr }).on('line', line => {
      if (!/\b(INFO|DEBUG)\b/.test(line)) console.error(line)
    })
  const ended = new Promise(done =>
    child.once('exit', code => {
      if (replica)
        try {
          process.kill(-child.pid, 'SIGTERM')
        } catch {
          // it is gone already
        }
      done(code ?? 1)
    }),
  )
  const url = `http://${host.includes(':') ? `[${host}]` : host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`
  for (let tries = 0; tries < 300; tries++) {
    if (child.exitCode !== null) process.exit(child.exitCode)
    try {
      if ((await fetch(`${url}/api/ping`)).ok) break
    } catch {
      await new Promise(done => setTimeout(done, 60))
    }
  }
  if (!quiet) say(`Data in ${data}${replica ? `, followed in ${replica}` : ''}`)
  return { child, url, ended, firstCode: () => firstLink.split('#')[1] ?? '' }
}

/** Serves until told to stop, passing the signal on so that the database is closed cleanly. */
export async function serveUntilStopped(options) {
  const { child, url, ended } = await startServer(options)
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
  console.log(`Remedium is ready: ${url}`)
  process.exit(await ended)
}
