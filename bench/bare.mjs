// A server of the same make that knows nothing of the trade: what reading the same rows and sending the same JSON costs at the least.
import { createServer } from 'node:http'
import Database from 'better-sqlite3'
import {
  createApp,
  createRouter,
  defineEventHandler,
  getRouterParam,
  readRawBody,
  setHeader,
  setResponseStatus,
  toNodeListener,
} from 'h3'

const json = await new Promise(done => {
  let text = ''
  process.stdin.on('data', part => (text += part)).on('end', () => done(text))
})
const db = new Database(process.env.BARE_DB)
db.pragma('journal_mode = WAL')
db.pragma('synchronous = FULL')
const rows = db.prepare('SELECT id, kind, at, by, how, body, supersedes FROM entries WHERE job_id = ? ORDER BY seq')
const add = db.prepare(
  'INSERT INTO entries (id, job_id, kind, at, by, how, body, supersedes, recorded_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
)
for (const { name } of db.prepare("SELECT name FROM sqlite_master WHERE type = 'trigger'").all())
  db.exec(`DROP TRIGGER ${name}`)
const headers = Object.entries(JSON.parse(process.env.BARE_HEADERS)).filter(
  ([k]) => !/^(date|content-length|connection|keep-alive|transfer-encoding)$/.test(k),
)

const router = createRouter()
router.get(
  '/jobs/:id',
  defineEventHandler(event => {
    rows.all(getRouterParam(event, 'id'))
    for (const [k, v] of headers) setHeader(event, k, v)
    return json
  }),
)
router.post(
  '/jobs/:id',
  defineEventHandler(async event => {
    const e = JSON.parse(await readRawBody(event))
    db.transaction(() =>
      add.run(
        e.id,
        getRouterParam(event, 'id'),
        e.kind,
        e.at,
        e.by,
        e.how,
        JSON.stringify(e.body),
        e.supersedes,
        new Date().toISOString(),
      ),
    ).immediate()
    for (const [k, v] of headers) setHeader(event, k, v)
    setResponseStatus(event, 201)
    return e
  }),
)
const app = createApp()
app.use(router)
createServer(toNodeListener(app)).listen(Number(process.env.PORT), '127.0.0.1')
