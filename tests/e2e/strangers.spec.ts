import { createServer } from 'node:http'
import type { Server } from 'node:http'
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

test('a script that is written into any field is shown as it was written, and never runs', async ({
  page,
  request,
}) => {
  await atTheBench(page, request)
  const by = await me(request)
  const id = await freshJob(page, `Smokes ${SCRIPT}`)
  const view = (await (await request.get(`/api/jobs/${id}`)).json()) as { machine: { id: string } }
  const machine = (await (await request.get(`/api/machines/${view.machine.id}`)).json()) as Record<string, any>
  const { id: _, customerId: __, ...fields } = machine.machine
  const put = await request.put(`/api/machines/${view.machine.id}`, {
    data: {
      machine: { ...fields, name: `Thistledown ${SCRIPT}`.slice(0, 120), serial: SCRIPT.slice(0, 60) },
      facts: machine.facts,
      spec: machine.spec,
      customer: { name: `Greta ${SCRIPT}`.slice(0, 120), contact: SCRIPT, mayPhoto: null, mayMessage: null },
      by,
      version: machine.version,
    },
  })
  expect(put.ok(), await put.text()).toBe(true)
  const list = `number;name;price\nX1;"${SCRIPT.replaceAll('"', '""')}";80,00`
  const read = await request.post('/api/prices/import', {
    data: {
      text: list,
      supplier: SCRIPT.slice(0, 60),
      kind: 'retail',
      pricedOn: '2026-05-04',
      apply: true,
      version: null,
      by,
    },
  })
  expect(read.ok(), await read.text()).toBe(true)
  await openJob(page, `/jobs/${id}`)
  await page
    .getByLabel('Words under the photo')
    .first()
    .waitFor({ state: 'attached', timeout: 2000 })
    .catch(() => undefined)
  const quote = (await (
    await request.post(`/api/jobs/${id}/quotes`, {
      data: {
        id: '01K00000000000000000EV11XX',
        by,
        stage: 'look',
        words: SCRIPT,
        feeMinor: 3000,
        days: 7,
        photoIds: [],
      },
    })
  ).json()) as { link: string }
  const care = (await (
    await request.post(`/api/jobs/${id}/links`, { data: { id: '01K00000000000000000EV12XX', by } })
  ).json()) as { link: string }
  const pages = ['/', `/jobs/${id}`, `/machines/${view.machine.id}`, '/machines', '/parts?find=X1', '/shop']
  for (const path of [...pages, new URL(quote.link).pathname, new URL(care.link).pathname]) {
    await page.goto(path)
    await page.waitForLoadState('networkidle')
    expect([path, await page.evaluate('window.taken')]).toEqual([path, undefined])
  }
  await page.goto(`/machines/${view.machine.id}`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('onerror')
  // even where a script got into the page itself, it would not be run
  const ran = await page.evaluate(() => {
    const s = document.createElement('script')
    s.textContent = 'window.taken = 2'
    document.head.append(s)
    return (window as { taken?: number }).taken
  })
  expect(ran).toBeUndefined()
})
