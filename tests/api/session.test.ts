import { request } from 'node:http'
import { createHash } from 'node:crypto'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import routes from '#routes'
import type { Role } from '#core/people/roles'
import { may, ROLES } from '#core/people/roles'
import { DOORS } from '../../server/doors'
import type { Running } from '../server'
import { browse, browserAt, call, comes, deviceCookie, newFolder, startBuilt, TEST_PIN } from '../server'
import { addPerson, newEntry, newJob, oilBody, openShop } from './shop'

let server: Running
let shop: Awaited<ReturnType<typeof openShop>>
beforeAll(async () => {
  server = await startBuilt()
  shop = await openShop(server.url)
})
afterAll(() => server.stop())

/** A request from another browser, with the cookie that it has. */
const as = async (cookie: string, method: string, path: string, body?: unknown, more: Record<string, string> = {}) => {
  const response = await fetch(server.url + path, {
    method,
    headers: { 'content-type': 'application/json', origin: server.url, ...(cookie && { cookie }), ...more },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  })
  return {
    status: response.status,
    headers: response.headers,
    body: (await response.json().catch(() => null)) as any,
  }
}
const newDevice = async (): Promise<string> => {
  const { code } = (await call(`${server.url}/api/shop/devices`, 'POST', {})).body
  return deviceCookie(server.url, code)
}
const personAt = async (cookie: string, name: string, role: Role): Promise<string> => {
  const id = await addPerson(server.url, name, role)
  const came = await as(cookie, 'POST', '/api/session/person', { personId: id, pin: TEST_PIN })
  expect(came.body.person).toMatchObject({ id, role })
  return id
}
const database = () => new Database(join(server.data, 'remedium.db'))

describe('doors', () => {
  it('every route has a row, and every row a route', () => {
    expect(Object.keys(DOORS).sort()).toEqual(routes.map(r => `${r.method} ${r.path}`).sort())
  })
  it('without a session every other route answers 401, and shows nothing', async () => {
    for (const [key, door] of Object.entries(DOORS)) {
      const [method = '', path = ''] = key.split(' ')
      const answer = await as('', method, path.replace(/\[[^\]]+\]/g, shop.jobId), method === 'GET' ? undefined : {})
      if (door === 'anyone') expect([key, answer.status]).not.toEqual([key, 401])
      else expect([key, answer.status, answer.body.who]).toEqual([key, 401, 'device'])
    }
  })
  it('a device without anybody at it may only ask who is there', async () => {
    const cookie = await newDevice()
    for (const [key, door] of Object.entries(DOORS)) {
      if (door === 'anyone' || door === 'device') continue
      const [method = '', path = ''] = key.split(' ')
      const answer = await as(
        cookie,
        method,
        path.replace(/\[[^\]]+\]/g, shop.jobId),
        method === 'GET' ? undefined : {},
      )
      expect([key, answer.status, answer.body.who]).toEqual([key, 401, 'person'])
    }
    const { body } = await as(cookie, 'GET', '/api/session')
    expect(body).toMatchObject({ person: null, device: { name: 'Another one' } })
    expect(body.people.map((p: { name: string }) => p.name)).toContain('Ada Quill')
  })
  for (const role of Object.keys(ROLES).filter((r): r is Role => r !== 'keeper'))
    it(`what the ${role} may not do is refused at every route, and what it may do is not`, async () => {
      const cookie = await newDevice()
      await personAt(cookie, `Somebody of the ${role}`, role)
      for (const [key, door] of Object.entries(DOORS)) {
        if (door === 'anyone' || door === 'device') continue
        const [method = '', path = ''] = key.split(' ')
        const to = path.replace('[name]', 'none').replace(/\[[^\]]+\]/g, 'none')
        const answer = await as(cookie, method, to, method === 'GET' ? undefined : {})
        expect([key, answer.status === 403], JSON.stringify(answer.body)).toEqual([key, !may(role, door)])
      }
    })
})

describe('the first link', () => {
  it('holds once, makes a keeper, and lets the browser in; what is kept of it is a hash', async () => {
    const other = await startBuilt()
    try {
      const { first } = browserAt(other.url)
      browserAt(other.url).first = ''
      expect(first).toMatch(/^[2-9A-Z]{24}$/)
      const body = {
        ...{ code: first, deviceName: 'Counter', shopName: 'Quill & Daughter', pin: '7402' },
        person: { name: 'Ada Quill', initials: 'AQ' },
      }
      const weak = await call(`${other.url}/api/session/first`, 'POST', { ...body, pin: '1234' })
      expect([weak.status, weak.body.fields[0].field]).toEqual([422, 'pin'])
      const opened = await call(`${other.url}/api/session/first`, 'POST', body)
      expect(opened.body).toMatchObject({ shopName: 'Quill & Daughter', person: { role: 'keeper', senior: true } })
      expect((await call(`${other.url}/api/session/first`, 'POST', body)).status).toBe(403)
      const db = new Database(join(other.data, 'remedium.db'), { readonly: true })
      const all = JSON.stringify([
        db.prepare('SELECT * FROM people').all(),
        db.prepare('SELECT * FROM device_codes').all(),
        db.prepare('SELECT * FROM devices').all(),
        db.prepare('SELECT * FROM deliveries').all(),
      ])
      db.close()
      expect(all).not.toContain('7402')
      expect(all).not.toContain(first)
      expect(all).toContain('scrypt$32768$8$1$')
      // the cookie is the browser's alone: no script reads it, no other site sends it
      const cookie = (
        await fetch(`${other.url}/api/session/let-in`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', origin: other.url },
          body: JSON.stringify({
            code: (await call(`${other.url}/api/shop/devices`, 'POST', {})).body.code,
            deviceName: 'Tablet',
          }),
        })
      ).headers.get('set-cookie')
      expect(cookie).toMatch(/^remedium=Fe26\.2/)
      expect(cookie).toContain('HttpOnly')
      expect(cookie).toContain('SameSite=Strict')
      expect(cookie).not.toContain('Secure')
      // behind a proxy with https it is never sent without it
      const { code } = (await call(`${other.url}/api/shop/devices`, 'POST', {})).body
      const secure = await fetch(`${other.url}/api/session/let-in`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: other.url, 'x-forwarded-proto': 'https' },
        body: JSON.stringify({ code, deviceName: 'Tablet' }),
      })
      expect(secure.headers.get('set-cookie')).toContain('Secure')
    } finally {
      await other.stop()
    }
    // somebody keeps it: a new start prints no link, and the cookie still holds
    const again = await startBuilt(other.data)
    expect(browserAt(again.url).first).toBe('')
    expect((await call(`${again.url}/api/session`)).body.person.name).toBe('Ada Quill')
    await again.stop()
  })
})

describe('a PIN', () => {
  it('that is wrong five times waits a minute, twenty times locks the device until a keeper lets it in again', async () => {
    const cookie = await newDevice()
    const id = await addPerson(server.url, 'Bo Finch', 'bench')
    const tried = (pin: string) => as(cookie, 'POST', '/api/session/person', { personId: id, pin })
    for (let n = 0; n < 4; n++) expect((await tried('9999')).status).toBe(403)
    const fifth = await tried('9999')
    expect([fifth.status, fifth.body.fields[0].field]).toEqual([429, 'pin'])
    // the right one is not looked at either
    expect((await tried(TEST_PIN)).body.detail).toMatch(/wait \d+ s/)
    const db = database()
    const noWait = db.prepare('UPDATE devices SET wait_until = NULL WHERE wrong > 0 AND locked_at IS NULL')
    for (let n = 5; n < 19; n++) {
      noWait.run()
      expect([403, 429]).toContain((await tried('9999')).status)
    }
    noWait.run()
    expect((await tried('9999')).status).toBe(423)
    expect((await tried(TEST_PIN)).status).toBe(423)
    const locked = (await call(`${server.url}/api/shop/devices`)).body.find(
      (d: { lockedAt: string | null }) => d.lockedAt,
    )
    expect((await call(`${server.url}/api/shop/devices/${locked.id}`, 'PUT', { to: 'renewed' })).status).toBe(200)
    expect((await tried(TEST_PIN)).body.person.id).toBe(id)
    db.close()
  }, 60_000)
  it('is changed by whoever knows it, and given anew by a keeper', async () => {
    const cookie = await newDevice()
    const id = await personAt(cookie, 'Cato Reed', 'bench')
    expect((await as(cookie, 'PUT', '/api/session/pin', { pin: '9999', next: '8046' })).status).toBe(403)
    expect((await as(cookie, 'PUT', '/api/session/pin', { pin: TEST_PIN, next: '8046' })).status).toBe(200)
    const come = (pin: string) => as(cookie, 'POST', '/api/session/person', { personId: id, pin })
    expect((await come(TEST_PIN)).status).toBe(403)
    expect((await come('8046')).status).toBe(200)
    const { name, initials, role, senior, version } = (await call(`${server.url}/api/shop`)).body.people.find(
      (p: { id: string }) => p.id === id,
    )
    const kept = { name, initials, role, senior, active: true, version }
    await call(`${server.url}/api/shop/people/${id}`, 'PUT', { ...kept, pin: '6193' })
    expect((await come('6193')).status).toBe(200)
  })
})

describe('who is at the bench', () => {
  it('writes under no other name, logs what the role allows, and signs a stop only as a senior', async () => {
    const cookie = await newDevice()
    const by = await personAt(cookie, 'Dara Holt', 'counter')
    const log = (entry: unknown) => as(cookie, 'POST', `/api/jobs/${shop.jobId}/entries`, entry)
    expect(
      (await log(newEntry(shop.by, 'complaint', { words: 'Knocks', since: null }, { how: 'claimed' }))).status,
    ).toBe(403)
    const oil = await log(newEntry(by, 'oil', oilBody()))
    expect([oil.status, oil.body.detail]).toEqual([403, expect.stringContaining('the bench or a keeper')])
    const heard = newEntry(by, 'complaint', { words: 'Knocks', since: null }, { how: 'claimed' })
    expect((await log(heard)).status).toBe(201)
    // an undoing counts as what it undoes
    const measured = newEntry(shop.by, 'oil', oilBody())
    expect((await shop.log(measured)).status).toBe(201)
    const undo = (id: string) => log(newEntry(by, 'void', { reason: 'wrong job' }, { how: null, supersedes: id }))
    expect((await undo(measured.id)).status).toBe(403)
    expect((await undo(heard.id)).status).toBe(201)
    expect((await as(cookie, 'POST', '/api/jobs', newJob(by))).status).toBe(201)

    const bench = await newDevice()
    const tech = await personAt(bench, 'Eli Marsh', 'bench')
    const signed = newEntry(tech, 'sign_off', { stopId: 'none', reason: 'looked at' }, { how: null })
    const refused = await as(bench, 'POST', `/api/jobs/${shop.jobId}/entries`, signed)
    expect([refused.status, refused.body.detail]).toEqual([403, expect.stringContaining('senior')])
    expect((await as(bench, 'POST', '/api/jobs', newJob(tech))).status).toBe(403)
    const { policy, version } = (await call(`${server.url}/api/shop`)).body
    await call(`${server.url}/api/shop/policy`, 'PUT', { ...policy, signers: 'anyone', version })
    expect((await as(bench, 'POST', `/api/jobs/${shop.jobId}/entries`, signed)).body.detail).not.toContain('senior')
  })
  it("changes an engine's facts at the bench, and what stands of the owner at the counter", async () => {
    const bench = await newDevice()
    const by = await personAt(bench, 'Fay Lund', 'bench')
    const { machine } = (await call(`${server.url}/api/jobs/${shop.jobId}`)).body
    const view = (await call(`${server.url}/api/machines/${machine.id}`)).body
    const { id: _, customerId: __, ...fields } = view.machine
    const { id: ___, ...customer } = view.customer
    const put = (change: object, version = view.version) =>
      as(bench, 'PUT', `/api/machines/${machine.id}`, {
        ...{ machine: fields, facts: view.facts, spec: view.spec, customer, by, version },
        ...change,
      })
    const moved = await put({ customer: { ...customer, contact: 'elsewhere' } })
    expect([moved.status, moved.body.fields[0].field]).toEqual([403, 'customer'])
    expect((await put({ facts: { ...view.facts, cylinders: 2 } })).status).toBe(200)
  })
  it('is nobody any more once switched off, away for as long as the shop says, or somebody else came', async () => {
    const cookie = await newDevice()
    const id = await personAt(cookie, 'Gus Arden', 'bench')
    const look = () => as(cookie, 'GET', '/api/jobs')
    expect((await look()).status).toBe(200)
    const other = await addPerson(server.url, 'Hope Sund', 'counter')
    expect((await as(cookie, 'POST', '/api/session/person', { personId: other, pin: TEST_PIN })).body.person.id).toBe(
      other,
    )
    await as(cookie, 'POST', '/api/session/person', { personId: id, pin: TEST_PIN })
    const { name, initials, role, senior, version } = (await call(`${server.url}/api/shop`)).body.people.find(
      (p: { id: string }) => p.id === id,
    )
    await call(`${server.url}/api/shop/people/${id}`, 'PUT', { name, initials, role, senior, version, active: false })
    expect((await look()).status).toBe(401)
    expect((await as(cookie, 'POST', '/api/session/person', { personId: id, pin: TEST_PIN })).status).toBe(403)
    expect((await as(cookie, 'POST', '/api/session/leave', {})).body.person).toBeNull()
    // the only keeper stays one
    const ada = (await call(`${server.url}/api/shop`)).body.people.find((p: { id: string }) => p.id === shop.by)
    for (const p of (await call(`${server.url}/api/shop`)).body.people.filter(
      (q: { role: string }) => q.role === 'keeper',
    ))
      if (p.id !== ada.id)
        await call(`${server.url}/api/shop/people/${p.id}`, 'PUT', {
          ...fieldsOf(p),
          active: false,
          version: p.version,
        })
    const demoted = await call(`${server.url}/api/shop/people/${ada.id}`, 'PUT', {
      ...{ ...fieldsOf(ada), role: 'bench', version: ada.version },
    })
    expect([demoted.status, demoted.body.fields[0].field]).toEqual([409, 'role'])
  })
  it('is asked again after the time that the shop sets; looking on by itself is no touch', async () => {
    const own = await startBuilt()
    await openShop(own.url)
    await own.stop()
    const db = new Database(join(own.data, 'remedium.db'))
    const ago = (minutes: number): string => new Date(Date.now() - minutes * 60_000).toISOString()
    db.prepare('UPDATE devices SET touched_at = ?').run(ago(14))
    db.close()
    const again = await startBuilt(own.data)
    expect((await call(`${again.url}/api/session`)).body.person?.name).toBe('Ada Quill')
    await again.stop()
    const later = new Database(join(own.data, 'remedium.db'))
    later.prepare('UPDATE devices SET touched_at = ?').run(ago(16))
    later.close()
    const third = await startBuilt(own.data)
    expect((await call(`${third.url}/api/shop/state`)).status).toBe(200)
    expect((await call(`${third.url}/api/jobs`)).body.who).toBe('person')
    const { people } = (await call(`${third.url}/api/session`)).body
    expect((await comes(third.url, people[0].id)).body.person.name).toBe('Ada Quill')
    await third.stop()
  })
})
const fieldsOf = (p: Record<string, unknown>) => ({
  ...{ name: p.name, initials: p.initials, role: p.role, senior: p.senior, active: p.active },
})

describe('a device', () => {
  it('comes in once by a code, and is emptied at its next contact when it was taken back', async () => {
    const { code, link, square } = (await call(`${server.url}/api/shop/devices`, 'POST', { name: 'Tablet' })).body
    expect([link.endsWith(`/let-in#${code}`), square]).toEqual([true, expect.stringContaining('<svg')])
    const cookie = await deviceCookie(server.url, code, 'Tablet at bench 2')
    expect(await deviceCookie(server.url, code)).toBe('')
    const list = async () =>
      (await call(`${server.url}/api/shop/devices`)).body as { id: string; name: string; emptiedAt: string | null }[]
    const mine = (await list()).find(d => d.name === 'Tablet at bench 2')
    await call(`${server.url}/api/shop/devices/${mine?.id}`, 'PUT', { to: 'withdrawn' })
    const answer = await as(cookie, 'GET', '/api/jobs')
    expect([answer.status, answer.body.who]).toEqual([401, 'withdrawn'])
    expect(answer.headers.get('clear-site-data')).toContain('"storage"')
    expect((await as(cookie, 'GET', '/api/session')).body).toMatchObject({ withdrawn: true, device: null })
    await expect.poll(async () => (await list()).find(d => d.id === mine?.id)?.emptiedAt).not.toBeNull()
    expect((await call(`${server.url}/api/shop/devices/${mine?.id}`, 'PUT', { to: 'renewed' })).status).toBe(409)
  })
  it('whose thirty days are over, or whose cookie was made elsewhere, is none', async () => {
    const cookie = await newDevice()
    const db = database()
    const { id } = db.prepare('SELECT id FROM devices ORDER BY let_in_at DESC, id DESC LIMIT 1').get() as { id: string }
    const day = (n: number): string => new Date(Date.now() + n * 86_400_000).toISOString()
    expect(
      (db.prepare('SELECT expires_at AS at FROM devices WHERE id = ?').get(id) as { at: string }).at.slice(0, 10),
    ).toBe(day(30).slice(0, 10))
    db.prepare('UPDATE devices SET expires_at = ? WHERE id = ?').run(day(-1), id)
    db.close()
    expect((await as(cookie, 'GET', '/api/session')).body.device).toBeNull()
    const forged = `${cookie.slice(0, -6)}AAAAAA`
    expect((await as(forged, 'GET', '/api/jobs')).body.who).toBe('device')
  })
  it('codes are not tried in a row', async () => {
    const own = await startBuilt(newFolder())
    const tried = () => call(`${own.url}/api/session/code`, 'POST', { code: 'AAAABBBB' })
    for (let n = 0; n < 10; n++) expect((await tried()).status).toBe(403)
    expect((await tried()).status).toBe(429)
    await own.stop()
  })
})

describe('secret addresses', () => {
  it("show the owner's care page and the shop's calendar without a session, until they are taken back", async () => {
    const care = await call(`${server.url}/api/jobs/${shop.jobId}/links`, 'POST', { id: ulid(), by: shop.by })
    const token = care.body.link.split('/c/')[1] as string
    const page = await as('', 'GET', `/api/c/${token}`)
    expect(page.body).toMatchObject({ machineName: 'Thistledown 46', sections: [{ title: 'Oil and fuel' }] })
    expect(JSON.stringify(page.body)).not.toContain('Nell Brack')
    expect((await fetch(`${server.url}/api/c/${token}/care.pdf`)).headers.get('content-type')).toBe('application/pdf')
    await shop.log(
      newEntry(
        shop.by,
        'order',
        {
          ...{ what: 'Oil pump', number: null, supplier: 'Tollbrook', priceMinor: 8000, state: 'ordered' },
          ...{ orderedOn: '2026-05-04', dueOn: '2026-05-11', note: null },
        },
        { how: null },
      ),
    )
    const id = ulid()
    const feed = await call(`${server.url}/api/shop/links`, 'POST', { id, by: shop.by })
    const path = new URL(feed.body.link).pathname
    const calendar = await (await fetch(server.url + path)).text()
    expect(calendar).toContain('BEGIN:VCALENDAR')
    expect(calendar).toContain('DTSTART;VALUE=DATE:20260511')
    expect(calendar.replace(/\r\n /g, '')).toContain('Thistledown 46: Due: Oil pump from Tollbrook')
    expect(calendar).not.toContain('Brack')
    // asked again after a lost answer, it is the same one, and not told a second time
    expect((await call(`${server.url}/api/shop/links`, 'POST', { id, by: shop.by })).body).toMatchObject({
      id,
      link: null,
    })
    const db = database()
    expect(
      JSON.stringify([db.prepare('SELECT * FROM secret_links').all(), db.prepare('SELECT * FROM deliveries').all()]),
    ).not.toContain(token)
    db.close()
    for (const link of [care.body, feed.body])
      await call(`${server.url}/api/shop/links/${link.id}`, 'PUT', { withdrawn: true, by: shop.by })
    expect((await as('', 'GET', `/api/c/${token}`)).status).toBe(404)
    expect((await fetch(server.url + path)).status).toBe(404)
  })
})

describe('what an owner agreed to', () => {
  it('holds: no pictures, no messages', async () => {
    const job = newJob(shop.by, {
      customer: { name: 'Ivo Renn', contact: null, mayPhoto: false, mayMessage: false },
    })
    await call(`${server.url}/api/jobs`, 'POST', job)
    const photo = await browse(`${server.url}/api/jobs/${job.id}/photos?id=${ulid()}`, {
      method: 'POST',
      headers: { 'content-type': 'image/jpeg' },
      body: 'x',
    })
    expect([photo.status, ((await photo.json()) as { detail: string }).detail]).toEqual([
      409,
      expect.stringContaining('no pictures'),
    ])
    const asked = await call(`${server.url}/api/jobs/${job.id}/quotes`, 'POST', {
      ...{ id: ulid(), by: shop.by, stage: 'look', words: null, feeMinor: 3000, days: 7, photoIds: [] },
    })
    expect([asked.status, asked.body.detail]).toEqual([409, expect.stringContaining('no messages')])
  })
})

describe('strangers', () => {
  const raw = (headers: Record<string, string>, path = '/api/session', method = 'GET', body = '') =>
    new Promise<{ status: number; body: string }>((done, fail) => {
      const { port } = new URL(server.url)
      const sent = request({ host: '127.0.0.1', port, path, method, headers }, answer => {
        let text = ''
        answer.on('data', part => (text += part)).on('end', () => done({ status: answer.statusCode ?? 0, body: text }))
      })
      sent.on('error', fail)
      sent.end(body)
    })
  it('under another name get no answer: a name that was turned to this address, too', async () => {
    const port = new URL(server.url).port
    for (const host of [
      'evil.example',
      `evil.example:${port}`,
      `127.0.0.1.evil.example:${port}`,
      `localhost.evil:${port}`,
      '0x7f.1',
    ])
      expect([host, (await raw({ host })).status]).toEqual([host, 421])
    for (const host of [`localhost:${port}`, `127.0.0.1:${port}`, `[::1]:${port}`])
      expect([host, (await raw({ host })).status]).toEqual([host, 200])
    expect((await raw({ host: 'evil.example' }, '/')).status).toBe(421)
  })
  it('write nothing: not by a form, not by a script, not with a cookie that the browser sends along', async () => {
    const { cookie } = browserAt(server.url)
    const host = new URL(server.url).host
    const job = JSON.stringify(newJob(shop.by))
    const type = { 'content-type': 'application/json' }
    for (const headers of [
      { ...type, origin: 'http://evil.example' },
      { ...type, origin: 'null' },
      { ...type, origin: `https://${host}.evil.example` },
      { ...type, origin: `http://127.0.0.1:1` },
      type,
    ])
      expect((await raw({ host, cookie, ...headers } as Record<string, string>, '/api/jobs', 'POST', job)).status).toBe(
        403,
      )
    for (const plain of ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'])
      expect(
        (await raw({ host, cookie, origin: server.url, 'content-type': plain }, '/api/jobs', 'POST', job)).status,
      ).toBe(415)
    const jobs = (await call(`${server.url}/api/jobs`)).body as unknown[]
    expect((await raw({ host, cookie, origin: server.url, ...type }, '/api/jobs', 'POST', job)).status).toBe(201)
    expect(((await call(`${server.url}/api/jobs`)).body as unknown[]).length).toBe(jobs.length + 1)
  })
  it('get a page that runs its own scripts only, stands in no frame, and does not say what it is made of', async () => {
    const page = await fetch(`${server.url}/`)
    const html = await page.text()
    const csp = page.headers.get('content-security-policy') ?? ''
    const scripts = /script-src ([^;]+)/.exec(csp)?.[1] ?? ''
    expect(scripts).not.toContain('unsafe')
    const inline = [...html.matchAll(/<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(m => m[1] ?? '')
    expect(inline.length).toBeGreaterThan(0)
    for (const script of inline)
      expect(scripts).toContain(`'sha256-${createHash('sha256').update(script).digest('base64')}'`)
    expect(csp).toContain("frame-ancestors 'none'")
    expect(csp).toContain("object-src 'none'")
    expect(page.headers.get('x-content-type-options')).toBe('nosniff')
    expect(page.headers.get('permissions-policy')).toContain('geolocation=()')
    expect(page.headers.get('x-powered-by')).toBeNull()
    expect(page.headers.get('strict-transport-security')).toBeNull()
  })
  it('behind https it stays behind https, and its own name is answered', async () => {
    const own = await startBuilt(newFolder(), { NUXT_SHOP_URL: 'https://bench.example' })
    const { port } = new URL(own.url)
    const asked = await new Promise<number>(done =>
      request({ host: '127.0.0.1', port, path: '/api/ping', headers: { host: 'bench.example' } }, a =>
        done(a.statusCode ?? 0),
      ).end(),
    )
    expect(asked).toBe(200)
    expect((await fetch(`${own.url}/`)).headers.get('strict-transport-security')).toContain('max-age=')
    await own.stop()
  })
})
