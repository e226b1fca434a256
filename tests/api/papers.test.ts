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
    for (const said of ['What it came to, T', 'no invoice', 'Pulley soaked and pulled', '90 min', '€90.00', 'To pay'])
      expect(invoice).toContain(said)
    expect(await paper(`/api/jobs/${shop.jobId}/care.pdf`)).toContain('Fill in small portions and read again')
    expect(await paper(`/api/jobs/${shop.jobId}/record.pdf`)).toContain('Pulley soaked and pulled, 90 min')
    expect(await paper(`/api/jobs/${shop.jobId}/tag.pdf`)).toContain('Nell Brack')
    expect(link).toMatch(/\/q\/[\w-]{43}$/)
  })
  it('a bill is given once, numbered without a gap, answered by a credit note and paid in parts', async () => {
    const url = `${server.url}/api/jobs/${shop.jobId}`
    const { body: before } = await call(`${url}/bills`)
    expect(before.bills).toEqual([])
    expect(before.proposed.worked.map((l: { text: string }) => l.text)).toContain('Pulley soaked and pulled')
    const bill = {
      ...{ to: before.to, lines: before.proposed.worked, discountMinor: 0, tax: 'charged', taxWhy: null },
      ...{ payDays: 14, words: null },
    }
    const sent = { id: ulid(), by: shop.by, bill }
    const given = await call(`${url}/bills`, 'POST', sent)
    expect([given.status, given.body.number, given.body.kind]).toEqual([201, 1, 'invoice'])
    const again = await call(`${url}/bills`, 'POST', sent)
    expect([again.status, again.body.number]).toEqual([200, 1])
    const other = await call(`${url}/bills`, 'POST', { ...sent, bill: { ...bill, discountMinor: 1 } })
    expect(other.status).toBe(409)
    const wrong = await call(`${url}/bills`, 'POST', { ...sent, id: ulid(), bill: { ...bill, lines: [] } })
    expect([wrong.status, wrong.body.fields[0].field]).toEqual([422, 'bill.lines'])
    const printed = await paper(`/api/jobs/${shop.jobId}/bills/${given.body.id}/bill.pdf`)
    for (const said of ['Invoice 1', 'Pulley soaked and pulled', 'To be paid by', 'Nell Brack'])
      expect(printed).toContain(said)
    expect(printed).not.toContain('Tax 0')
    const pay = (minor: number) =>
      call(`${url}/payments`, 'POST', { id: ulid(), by: shop.by, minor, paidBy: 'card', note: null })
    expect((await pay(4000)).status).toBe(201)
    expect((await pay(0)).body.fields[0].field).toBe('minor')
    expect((await call(`${url}/bills`)).body.dueMinor).toBe(given.body.totalMinor - 4000)
    const credit = await call(`${url}/bills/${given.body.id}/credit`, 'POST', {
      ...{ id: ulid(), by: shop.by, why: 'billed to the wrong house' },
    })
    expect([credit.status, credit.body.number, credit.body.totalMinor]).toEqual([201, 2, -given.body.totalMinor])
    expect(await paper(`/api/jobs/${shop.jobId}/bills/${credit.body.id}/bill.pdf`)).toContain('Takes back invoice 1')
    const day = await call(`${server.url}/api/takings`)
    expect(day.body).toMatchObject({ totalMinor: 4000, sums: [{ paidBy: 'card', minor: 4000 }] })
    expect(await (await browse(`${server.url}/api/takings.csv`)).text()).toContain('Card,40,')
    expect((await call(`${server.url}/api/takings?day=2026-02-30`)).status).toBe(422)
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

  it("are written in the owner's language once the shop has written it; a wording that loses a figure is refused", async () => {
    const { policy, version } = (await call(`${server.url}/api/shop`)).body
    const french = (net: string) => [
      { name: 'Français', locale: 'fr-FR', words: { care: 'Carnet : {machine}', open_until: net } },
    ]
    const put = (net: string) =>
      call(`${server.url}/api/shop/policy`, 'PUT', { ...policy, languages: french(net), version })
    const refused = await put('jusqu’au {until}')
    expect(refused.status).toBe(422)
    expect(refused.body.fields).toEqual([
      { field: 'languages.0.words.open_until', message: expect.stringContaining('{day} is missing') },
    ])
    expect((await put('{day}, jusqu’au {until}')).body.languages[0].words.care).toBe('Carnet : {machine}')
    const { machine } = (await call(`${server.url}/api/jobs/${shop.jobId}`)).body
    const of = (await call(`${server.url}/api/machines/${machine.id}`)).body
    const { id: _, customerId: __, ...bare } = of.machine
    const kept = await call(`${server.url}/api/machines/${machine.id}`, 'PUT', {
      ...{ machine: bare, facts: of.facts, spec: of.spec, version: of.version, by: shop.by },
      customer: { name: of.customer.name, contact: null, mayPhoto: null, mayMessage: null, language: 'Français' },
    })
    expect(kept.status, JSON.stringify(kept.body)).toBe(200)
    expect(await paper(`/api/jobs/${shop.jobId}/care.pdf`)).toContain('Carnet :')
  })

  it('a label is as large as what it is printed on, and a roll as long as what stands on it', async () => {
    const box = async (labelSize: string): Promise<number[]> => {
      const { policy, version } = (await call(`${server.url}/api/shop`)).body
      const set = await call(`${server.url}/api/shop/policy`, 'PUT', { ...policy, labelSize, version })
      expect(set.status).toBe(200)
      const bytes = Buffer.from(await (await browse(`${server.url}/api/jobs/${shop.jobId}/tag.pdf`)).arrayBuffer())
      const [, width, height] = /MediaBox \[0 0 ([\d.]+) ([\d.]+)/.exec(bytes.toString('latin1')) ?? []
      return [width, height].map(points => Math.round((Number(points) * 25.4) / 72))
    }
    expect(await box('w57h32')).toEqual([57, 32])
    expect(await box('roll58')).toEqual([58, expect.any(Number)])
    expect(await box('w100h62')).toEqual([100, 62])
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
