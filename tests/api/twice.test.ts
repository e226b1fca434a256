import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Running } from '../server'
import { call, startBuilt, browse } from '../server'
import { newEntry, newJob, newShelf, oilBody, openShop } from './shop'

let server: Running
let shop: Awaited<ReturnType<typeof openShop>>
beforeAll(async () => {
  server = await startBuilt()
  shop = await openShop(server.url)
})
afterAll(() => server.stop())
const post = (path: string, body: unknown) => call(`${server.url}/api/${path}`, 'POST', body)
const put = (path: string, body: unknown) => call(`${server.url}/api/${path}`, 'PUT', body)
const get = async (path: string) => (await call(`${server.url}/api/${path}`)).body

describe('what is sent twice after a lost answer', () => {
  const cases: [string, string, () => Record<string, unknown>, string, unknown][] = [
    ['a person', 'shop/people', () => ({ id: ulid(), name: 'Bo Finch', initials: 'BF', active: true }), 'name', 'Bo'],
    ['a part for the shelf', 'shelf', () => newShelf(shop.by), 'place', 'Shelf 9'],
    [
      'a sheet',
      'specs',
      () => ({ id: ulid(), name: 'Heron 4', engineClass: 'S4', values: [], fill: null, by: shop.by }),
      'name',
      'Heron 5',
    ],
    ['a booking', 'jobs', () => newJob(shop.by), 'customer', { name: 'Ned Brack', contact: null }],
  ]
  it.each(cases)(
    '%s is one, and another under its id is refused with what differs',
    async (_what, path, make, field, other) => {
      const sent = make()
      const [first, again] = [await post(path, sent), await post(path, sent)]
      expect([first.status, again.status]).toEqual([201, 200])
      expect(again.body).toEqual(first.body)
      const refused = await post(path, { ...sent, [field]: other })
      expect(refused.status).toBe(409)
      expect(refused.body.fields.map((f: { field: string }) => f.field.split('.')[0])).toContain(field)
      expect(refused.body.fields[0].message).toMatch(/First sent as ‘.*now as ‘/)
    },
  )
  it('a booking whose words were changed since says as what it was booked in', async () => {
    const job = newJob(shop.by)
    const { number } = (await post('jobs', job)).body
    const [complaint] = job.entries
    const changed = { ...job, entries: [{ ...complaint, body: { words: 'Smokes blue', since: null } }] }
    const refused = await post('jobs', changed)
    expect(refused.body).toMatchObject({ status: 409, booked: { id: job.id, number } })
    expect((await get(`jobs/${job.id}/entries`))[0].body.words).toBe('Smokes')
    // the page puts what was changed on the log, as a correction
    const correction = { ...changed.entries[0], id: ulid(), supersedes: complaint?.id }
    expect((await post(`jobs/${job.id}/entries`, correction)).status).toBe(201)
  })
  it('a job from a file is one job, a question one question, and its link is told once', async () => {
    const text = await (await browse(`${server.url}/api/jobs/${shop.jobId}/job.json`)).text()
    const sent = { id: ulid(), text, by: shop.by }
    const [first, again] = [await post('jobs/import', sent), await post('jobs/import', sent)]
    expect([first.status, again.status, again.body.number]).toEqual([201, 200, first.body.number])
    const question = { id: ulid(), by: shop.by, stage: 'look', words: null, feeMinor: 3000, days: 7, photoIds: [] }
    const asked = await post(`jobs/${shop.jobId}/quotes`, question)
    expect(asked.body.link).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/q\/[\w-]{43}$/)
    expect(asked.body.text).toContain(asked.body.link)
    const lost = await post(`jobs/${shop.jobId}/quotes`, question)
    expect([lost.status, lost.body.link, lost.body.text]).toEqual([200, null, null])
    expect(await get(`jobs/${shop.jobId}/quotes`)).toHaveLength(1)
    expect(JSON.stringify(await get('outbox'))).not.toContain(asked.body.link.slice(-43))
    const taken = await put(`jobs/${shop.jobId}/quotes/${question.id}`, { withdrawn: true, by: shop.by })
    expect(taken.body.withdrawnBy).toBe(shop.by)
    const token = asked.body.link.slice(-43)
    expect((await get(`q/${token}`)).detail).toContain('has taken this question back')
  })
  it("a link begins with the shop's own address, whatever the request calls the computer", async () => {
    const view = await get('shop')
    const question = { id: ulid(), by: shop.by, stage: 'look', words: null, feeMinor: 3000, days: 7, photoIds: [] }
    const foreign = await browse(`${server.url}/api/jobs/${shop.jobId}/quotes`, {
      method: 'POST',
      headers: {
        'content-type': 'application/json',
        'x-forwarded-host': 'elsewhere.example',
        'x-forwarded-proto': 'https',
      },
      body: JSON.stringify(question),
    })
    expect(((await foreign.json()) as { link: string }).link).not.toContain('elsewhere')
    const wrong = await put('shop/policy', { ...view.policy, version: view.version, shopUrl: 'javascript:alert(1)' })
    expect(wrong.body.fields[0].field).toBe('shopUrl')
    await put('shop/policy', { ...view.policy, version: view.version, shopUrl: 'https://bench.example/' })
    const asked = await post(`jobs/${shop.jobId}/quotes`, { ...question, id: ulid() })
    expect(asked.body.link).toMatch(/^https:\/\/bench\.example\/q\//)
  })
})

describe("somebody else's change is never saved over unseen", () => {
  const conflict = async (
    path: string,
    read: () => Promise<{ version: string; fields: Record<string, unknown> }>,
    field: string,
    mine: unknown,
    theirs: unknown,
  ) => {
    const { version, fields } = await read()
    const body = (value: unknown, seen = version) => ({ ...fields, [field]: value, version: seen })
    expect((await put(path, body(theirs))).status).toBe(200)
    const refused = await put(path, body(mine))
    expect(refused.status).toBe(409)
    expect(refused.body.detail).toContain('changed this while it was open here')
    expect(refused.body.fields.map((f: { field: string }) => f.field.split('.')[0])).toEqual([field])
    // both were seen: now it is meant
    expect((await put(path, body(mine, refused.body.version))).status).toBe(200)
    // the very same typed twice is nobody's change
    expect((await put(path, body(mine))).status).toBe(200)
    const { version: _, ...without } = body(mine)
    expect((await put(path, without)).body.fields.map((f: { field: string }) => f.field)).toEqual(['version'])
  }
  it('a machine with its owner', async () => {
    const { id } = (await get(`jobs/${shop.jobId}`)).machine
    const read = async () => {
      const { machine, facts, spec, customer, version } = await get(`machines/${id}`)
      const { id: _, customerId: __, ...fields } = machine
      const { id: ___, ...owner } = customer
      return { version, fields: { machine: fields, facts, spec, customer: owner, by: shop.by } }
    }
    await conflict(
      `machines/${id}`,
      read,
      'customer',
      { name: 'Nell', contact: 'mine' },
      { name: 'Nell', contact: 'theirs' },
    )
    // a running time that was logged meanwhile counts as well
    const { version, fields } = await read()
    await shop.log(newEntry(shop.by, 'meter', { reading: 77, unit: 'h', source: 'measured', pattern: null }))
    expect((await put(`machines/${id}`, { ...fields, version })).status).toBe(409)
  })
  it('a sheet, a part on the shelf, a person, the rules of the shop', async () => {
    const sheetId = (await get(`jobs/${shop.jobId}`)).sheet.id
    await conflict(
      `specs/${sheetId}`,
      async () => {
        const { name, engineClass, values, fill, version } = await get(`specs/${sheetId}`)
        return { version, fields: { name, engineClass, values, fill, by: shop.by } }
      },
      'name',
      'Mine',
      'Theirs',
    )
    const [part] = await get('shelf')
    const { name, grade, tested, measured, place, priceMinor, quarantine, version } = part
    await conflict(
      `shelf/${part.id}`,
      async () => ({ version, fields: { name, grade, tested, measured, place, priceMinor, quarantine, by: shop.by } }),
      'place',
      'Mine',
      'Theirs',
    )
    const bo = (await get('shop')).people.find((p: { name: string }) => p.name === 'Bo Finch')
    await conflict(
      `shop/people/${bo.id}`,
      async () => ({
        version: bo.version,
        fields: { name: bo.name, initials: bo.initials, active: true, role: bo.role, senior: bo.senior },
      }),
      'initials',
      'BX',
      'BY',
    )
    const view = await get('shop')
    await conflict('shop/policy', async () => ({ version: view.version, fields: view.policy }), 'taxPct', 7, 19)
  })
  it('an import that was compared with what has changed since is not put in', async () => {
    const list = {
      text: 'number;name;price\nA1;Oil pump;80,00',
      supplier: 'Tollbrook',
      kind: 'retail',
      pricedOn: '2026-05-04',
      by: shop.by,
    }
    const dry = (await post('prices/import', { ...list, apply: false })).body
    await post('prices/import', { ...list, text: 'number;name;price\nA1;Oil pump;90,00', apply: true })
    const late = await post('prices/import', { ...list, apply: true, version: dry.version })
    expect([late.status, late.body.detail]).toEqual([409, expect.stringContaining('look at it once more')])
  })
  it('nothing is written under the name of another', async () => {
    const { id } = (await get('shop')).people.find((p: { id: string }) => p.id !== shop.by)
    const refused = await shop.log(newEntry(id, 'oil', oilBody()))
    expect([refused.status, refused.body.fields[0].field]).toEqual([403, 'by'])
    expect(refused.body.detail).toContain('nothing is written under another name')
    expect((await post('jobs', newJob(id))).status).toBe(403)
  })
})
