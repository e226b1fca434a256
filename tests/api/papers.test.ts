import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { pdfText } from '../pdf'
import type { Running } from '../server'
import { call, startBuilt, browse } from '../server'
import { newEntry, newShelf, openShop } from './shop'

let server: Running
let shop: Awaited<ReturnType<typeof openShop>>
beforeAll(async () => {
  server = await startBuilt()
  shop = await openShop(server.url)
})
afterAll(async () => {
  await server.stop()
})

const log = (kind: string, body: object) => shop.log(newEntry(shop.by, kind, body, { how: null }))
const paper = async (path: string): Promise<string> =>
  pdfText(await (await browse(`${server.url}${path}`)).arrayBuffer())
const option = {
  name: 'New pump',
  way: 'repair',
  lines: [
    {
      id: ulid(),
      type: 'part',
      text: 'Oil pump',
      why: 'tip past its limit',
      low: 8000,
      likely: 8000,
      high: 8000,
      chance: 1,
      priceKind: 'retail',
    },
  ],
  valueAfterMinor: 60000,
  successChance: 0.9,
  comebackMinor: 0,
  hoursOk: 200,
  hoursFail: 10,
  ruledOut: null,
}

describe('papers, opened and read', () => {
  it('quote, invoice, care card, record and tag say what the log says', async () => {
    await log('spend', {
      what: 'Pulley soaked and pulled',
      startedAt: null,
      endedAt: null,
      minutes: 90,
      costMinor: null,
    })
    await log('refused', { what: 'New belt', risk: 'It slips in the wet', by: null })
    await log('option', option)
    const {
      body: { id, link },
    } = await call(`${server.url}/api/jobs/${shop.jobId}/quotes`, 'POST', {
      id: ulid(),
      by: shop.by,
      stage: 'decide',
      feeMinor: null,
      words: 'The pump has worn its body.',
      days: 7,
      photoIds: [],
    })
    const quote = await paper(`/api/jobs/${shop.jobId}/quote.pdf?quote=${id}`)
    for (const said of [
      'Nell Brack',
      'The pump has worn its body.',
      'New pump',
      '€80',
      'Oil pump',
      'tip past its limit',
      'New belt: It slips in the wet',
      'I agree to',
    ])
      expect(quote).toContain(said)
    const invoice = await paper(`/api/jobs/${shop.jobId}/invoice.pdf`)
    for (const said of ['Invoice T', 'Pulley soaked and pulled', '90 min', '€90.00', 'To pay'])
      expect(invoice).toContain(said)
    expect(await paper(`/api/jobs/${shop.jobId}/care.pdf`)).toContain('Fill in small portions and read again')
    expect(await paper(`/api/jobs/${shop.jobId}/record.pdf`)).toContain('Pulley soaked and pulled, 90 min')
    expect(await paper(`/api/jobs/${shop.jobId}/tag.pdf`)).toContain('Nell Brack')
    expect(link).toMatch(/\/q\/[\w-]{43}$/)
  })
  it("the owner's page through HTTP: shown, altered, answered once, from its own site only", async () => {
    const {
      body: { link },
    } = await call(`${server.url}/api/jobs/${shop.jobId}/quotes`, 'POST', {
      id: ulid(),
      by: shop.by,
      stage: 'strip',
      feeMinor: 5500,
      words: null,
      days: 7,
      photoIds: [],
    })
    const token = String(link).split('/q/')[1] ?? ''
    const shown = await browse(`${server.url}/api/q/${token}`)
    expect([shown.status, shown.headers.get('cache-control')]).toEqual([200, 'no-store'])
    expect((await call(`${server.url}/api/q/${token.slice(1)}x`)).status).toBe(404)
    const foreign = await browse(`${server.url}/api/q/${token}/answer`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: 'http://elsewhere.example' },
      body: JSON.stringify({ choice: 'agree', optionId: null, words: null, name: 'Nell' }),
    })
    expect(foreign.status).toBe(403)
    expect(
      (
        await call(`${server.url}/api/q/${token}/answer`, 'POST', {
          choice: 'ask',
          optionId: null,
          words: null,
          name: 'Nell',
        })
      ).body.fields[0].field,
    ).toBe('words')
    expect(
      (
        await call(`${server.url}/api/q/${token}/answer`, 'POST', {
          choice: 'agree',
          optionId: null,
          words: null,
          name: 'Nell',
        })
      ).status,
    ).toBe(200)
    expect(
      (
        await call(`${server.url}/api/q/${token}/answer`, 'POST', {
          choice: 'none',
          optionId: null,
          words: null,
          name: 'Nell',
        })
      ).status,
    ).toBe(409)
    const bad = await call(`${server.url}/api/jobs/${shop.jobId}/quotes`, 'POST', {
      id: ulid(),
      by: shop.by,
      stage: 'look',
      feeMinor: null,
      words: null,
      days: 90,
      photoIds: [],
    })
    expect([bad.status, bad.body.fields.map((f: { field: string }) => f.field)]).toEqual([
      422,
      expect.arrayContaining(['days']),
    ])
  })
  it('a job as JSON goes out and comes in, by its published schema; lines as CSV', async () => {
    const text = await (await browse(`${server.url}/api/jobs/${shop.jobId}/job.json`)).text()
    const { body: schema } = await call(`${server.url}/api/schemas/job`)
    expect(schema.required.every((key: string) => key in JSON.parse(text))).toBe(true)
    const come = await call(`${server.url}/api/jobs/import`, 'POST', { id: ulid(), text, by: shop.by })
    expect([come.status, come.body.left]).toEqual([201, 3])
    expect((await call(`${server.url}/api/jobs/${come.body.id}/assessment`)).body.decision.options[0].name).toBe(
      'New pump',
    )
    expect((await call(`${server.url}/api/jobs/import`, 'POST', { id: ulid(), text: '{}', by: shop.by })).status).toBe(
      422,
    )
    expect(await (await browse(`${server.url}/api/jobs/${shop.jobId}/lines.csv`)).text()).toContain(
      'New pump,repair,part,Oil pump,tip past its limit,80,80,80,EUR,1,retail',
    )
  })
  it('shelf and prices through HTTP', async () => {
    const id = ulid()
    const put = newShelf(shop.by, { id, place: '', priceMinor: null })
    expect((await call(`${server.url}/api/shelf`, 'POST', put)).body.fields[0].field).toBe('place')
    expect((await call(`${server.url}/api/shelf`, 'POST', { ...put, place: 'Shelf 1' })).status).toBe(201)
    expect(await paper(`/api/shelf/${id}/label.pdf`)).toContain('UNMEASURED')
    expect(
      (await call(`${server.url}/api/shelf/${id}/move`, 'POST', { to: 'used', jobId: shop.jobId, by: shop.by })).body
        .detail,
    ).toContain('never measured')
    const list = {
      text: 'number;name;price\nA1;Oil pump;80,00',
      supplier: 'Tollbrook',
      kind: 'retail',
      pricedOn: '2026-05-01',
      apply: true,
      by: shop.by,
    }
    expect((await call(`${server.url}/api/prices/import`, 'POST', list)).body).toMatchObject({
      applied: true,
      added: ['A1 Oil pump, €80.00'],
    })
    expect((await call(`${server.url}/api/prices?find=pump`)).body.prices[0].priceMinor).toBe(8000)
  })

  it('tell the time by the clock of the shop, wherever the computer thinks it is', async () => {
    const view = (await call(`${server.url}/api/shop`)).body
    const set = (timeZone: string, version: string) =>
      call(`${server.url}/api/shop/policy`, 'PUT', { ...view.policy, timeZone, version })
    const there = await set('Asia/Tokyo', view.version)
    expect(await paper(`/api/jobs/${shop.jobId}/record.pdf`)).toContain('18:00')
    await set('America/Halifax', there.body.version)
    expect(await paper(`/api/jobs/${shop.jobId}/record.pdf`)).toContain('06:00')
  })
})
