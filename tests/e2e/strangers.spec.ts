import { readFileSync } from 'node:fs'
import { createServer } from 'node:http'
import type { Server } from 'node:http'
import { ulid } from 'ulid'
import { newShelf } from '../api/shop'
import { expect, test } from './shop'
import { freePort } from '../server'
import { atTheBench, freshJob, me, openJob } from './bench'

/** A page of somebody else, open in the same browser as the shop's. */
async function hostile(html: string): Promise<{ url: string; end(): void }> {
  const port = await freePort()
  const server: Server = createServer((_, answer) => answer.setHeader('content-type', 'text/html').end(html))
  await new Promise<void>(done => server.listen(port, '127.0.0.1', done))
  return { url: `http://127.0.0.1:${port}`, end: () => void server.close() }
}

test.describe('a page of somebody else', () => {
  // the browser says itself where a request comes from
  test.use({ extraHTTPHeaders: {} })

  test('books nothing by a form or a script, reads nothing, and frames nothing', async ({ page, shop, context }) => {
    const before = (await (await context.request.get(`${shop.url}/api/jobs`)).json()) as unknown[]
    const evil = await hostile(`<!doctype html><title>evil</title>
      <form id="f" method="post" action="${shop.url}/api/shop/people" enctype="text/plain"><input name='{"name":"E","initials":"E","active":true,"x":"' value='"}'></form>
      <iframe id="frame" src="${shop.url}/"></iframe>
      <iframe name="sink"></iframe>
      <script>
        document.getElementById('f').target = 'sink'
        document.getElementById('f').submit()
        window.results = Promise.all([
          fetch('${shop.url}/api/jobs', { credentials: 'include' }).then(r => r.text(), () => 'blocked'),
          fetch('${shop.url}/api/jobs', { method: 'POST', mode: 'no-cors', credentials: 'include', body: '{}' }).then(r => r.type, () => 'blocked'),
          fetch('${shop.url}/api/jobs', { method: 'POST', credentials: 'include', headers: { 'content-type': 'application/json' }, body: '{}' }).then(r => r.text(), () => 'blocked'),
        ])
      </script>`)
    try {
      const answers: { url: string; status: number }[] = []
      page.on('response', r => answers.push({ url: r.url(), status: r.status() }))
      await page.goto(evil.url)
      const [read, blind, sent] = (await page.evaluate('window.results')) as string[]
      expect(read).toBe('blocked')
      expect(sent).toBe('blocked')
      expect(['opaque', 'blocked']).toContain(blind)
      await page.waitForTimeout(500)
      for (const { status } of answers.filter(a => a.url.startsWith(`${shop.url}/api`)))
        expect(status).toBeGreaterThan(400)
      expect(await page.frameLocator('#frame').getByText('at the bench').count()).toBe(0)
      const after = (await (await context.request.get(`${shop.url}/api/jobs`)).json()) as unknown[]
      expect(after.length).toBe(before.length)
      const { people } = (await (await context.request.get(`${shop.url}/api/session`)).json()) as {
        people: { name: string }[]
      }
      expect(people.map(p => p.name)).not.toContain('E')
    } finally {
      evil.end()
    }
  })
})

const SCRIPT = '<img src=x onerror="window.taken=1"><script>window.taken=1</script>"\'><svg onload="window.taken=1">'

/** Every place of a text in a body, with a copy of the body that holds another one there. */
function texts(body: unknown): object[] {
  const all: object[] = []
  const walk = (value: unknown, put: (next: unknown) => unknown): void => {
    if (typeof value === 'string') all.push(put(SCRIPT) as object)
    else if (value === null) all.push(put(SCRIPT) as object)
    else if (typeof value === 'object')
      for (const [key, inner] of Object.entries(value))
        walk(inner, next =>
          put(
            Array.isArray(value)
              ? value.map((v, n) => (n === Number(key) ? next : (v as unknown)))
              : { ...value, [key]: next },
          ),
        )
  }
  walk(body, next => next)
  return all
}

test('a script that is written into any field is shown as it was written, and never runs', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000)
  await atTheBench(page, request)
  const by = await me(request)
  const id = await freshJob(page, `Smokes ${SCRIPT}`)
  const ok = async (method: 'post' | 'put', path: string, data: object): Promise<any> => {
    const answer = await request[method](path, { data })
    expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true)
    return answer.json()
  }
  // into every text of every kind of entry that takes it
  const { jobs } = JSON.parse(readFileSync('tests/fixtures/stored-entries.json', 'utf8')) as {
    jobs: { entries: { kind: string; how: string | null; body: unknown }[] }[]
  }
  const kinds = new Map(jobs.flatMap(j => j.entries).map(e => [e.kind, e]))
  let taken = 0
  for (const { kind, how, body } of kinds.values())
    for (const spoilt of texts(body)) {
      const entry = { id: ulid(), kind, at: new Date().toISOString(), by, how, body: spoilt, supersedes: null }
      if ((await request.post(`/api/jobs/${id}/entries`, { data: entry })).status() === 201) taken++
    }
  expect(taken).toBeGreaterThan(40)
  // into every record
  const { machine } = (await (await request.get(`/api/jobs/${id}`)).json()) as { machine: { id: string } }
  const record = (await (await request.get(`/api/machines/${machine.id}`)).json()) as Record<string, any>
  const { id: _, customerId: __, ...fields } = record.machine
  await ok('put', `/api/machines/${machine.id}`, {
    machine: { ...fields, name: `Thistledown ${SCRIPT}`.slice(0, 120), serial: SCRIPT.slice(0, 60) },
    facts: record.facts,
    spec: [{ item: 'oil_capacity', value: 550, unit: 'mL', source: 'maker', note: SCRIPT }],
    customer: { name: `Greta ${SCRIPT}`.slice(0, 120), contact: SCRIPT, mayPhoto: null, mayMessage: null },
    by,
    version: record.version,
  })
  await ok('post', '/api/prices/import', {
    ...{ text: `number;name;price\nX1;"${SCRIPT.replaceAll('"', '""')}";80,00`, supplier: SCRIPT.slice(0, 60) },
    ...{ kind: 'retail', pricedOn: '2026-05-04', apply: true, version: null, by },
  })
  await ok(
    'post',
    '/api/shelf',
    newShelf(by, { name: SCRIPT, place: SCRIPT.slice(0, 60), tested: SCRIPT, measured: SCRIPT }),
  )
  await ok('post', '/api/specs', {
    id: ulid(),
    name: SCRIPT.slice(0, 100),
    engineClass: 'S4',
    values: [],
    fill: null,
    by,
  })
  await ok('post', '/api/shop/people', { id: ulid(), name: SCRIPT.slice(0, 60), initials: '<b>', active: false })
  const text = await (await request.get(`/api/jobs/${id}/job.json`)).text()
  const { id: again } = await ok('post', '/api/jobs/import', { id: ulid(), text, by })
  const quote = await ok('post', `/api/jobs/${id}/quotes`, {
    ...{ id: ulid(), by, stage: 'look', words: SCRIPT, feeMinor: 3000, days: 7, photoIds: [] },
  })
  const care = await ok('post', `/api/jobs/${id}/links`, { id: ulid(), by })
  await ok('post', `/api/q/${new URL(quote.link).pathname.split('/').at(-1)}/answer`, {
    ...{ choice: 'ask', optionId: null, words: SCRIPT, name: SCRIPT.slice(0, 100) },
  })
  const untouched = async (where: string): Promise<void> =>
    expect([where, await page.evaluate('window.taken')]).toEqual([where, undefined])
  await openJob(page, `/jobs/${id}`)
  for (const stage of [1, 2, 3, 4, 5, 6, 7, 8, 9]) {
    await page.keyboard.press(`Alt+${stage}`)
    await page.waitForTimeout(250)
    await untouched(`stage ${stage}`)
  }
  const lists = ['/', `/jobs/${again}`, `/machines/${machine.id}`, '/machines', '/parts', '/shelf', '/specs', '/shop']
  for (const path of [...lists, new URL(quote.link).pathname, new URL(care.link).pathname]) {
    await page.goto(path)
    await page.waitForLoadState('networkidle')
    await untouched(path)
  }
  await page.goto(`/machines/${machine.id}`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('onerror')
  // even where a script got into the page itself, it would not be run
  await page.evaluate(() => {
    const s = document.createElement('script')
    s.textContent = 'window.taken = 2'
    document.head.append(s)
    document.body.insertAdjacentHTML('beforeend', '<img src="x" onerror="window.taken = 3">')
  })
  await page.waitForTimeout(300)
  await untouched('a script in the page')
})
