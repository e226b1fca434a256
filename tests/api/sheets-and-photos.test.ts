import sharp from 'sharp'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { photoNames } from '../../server/db/photoFiles'
import type { Running } from '../server'
import { call, startBuilt, browse } from '../server'
import { newEntry, newJob, openShop } from './shop'

const ALL_SAFE = ['plug_lead', 'battery', 'fuel', 'free', 'stable']

let server: Running
let shop: Awaited<ReturnType<typeof openShop>>
beforeAll(async () => {
  server = await startBuilt()
  shop = await openShop(server.url)
})
afterAll(async () => {
  await server.stop()
})

const figure = (item: string, value: number, unit: string, source = 'maker', more: object = {}) => ({
  item,
  value,
  unit,
  source,
  note: null,
  year: null,
  checkedBy: null,
  chosen: false,
  ...more,
})
const sheetOf = async (jobId = shop.jobId) =>
  (await call(`${server.url}/api/jobs/${jobId}`)).body.sheet as { id: string; name: string }
const put = async (id: string, more: object) =>
  call(`${server.url}/api/specs/${id}`, 'PUT', {
    name: 'Thistledown 46',
    engineClass: 'S4',
    values: [],
    fill: null,
    by: shop.by,
    version: (await call(`${server.url}/api/specs/${id}`)).body.version,
    ...more,
  })
const importing = (more: object) =>
  call(`${server.url}/api/specs/import`, 'POST', {
    as: 'csv',
    text: '',
    sheetId: null,
    name: null,
    engineClass: null,
    apply: false,
    by: shop.by,
    ...more,
  })

describe('spec sheets', () => {
  const TABLE = {
    kind: 'level',
    unit: 'mm',
    points: [
      [8, 380],
      [15, 450],
      [27, 600],
    ],
    lowAt: 15,
    fullAt: 27,
  }

  it('keep two sources side by side, judge every job on the engine by them, and remember what they said before', async () => {
    const { id } = await sheetOf()
    expect(
      (
        await put(id, {
          values: [
            figure('compression_limit', 95, 'psi'),
            figure('compression_limit', 110, 'psi', 'book', { year: 1998 }),
          ],
          fill: TABLE,
        })
      ).status,
    ).toBe(200)
    const sheet = (await call(`${server.url}/api/specs/${id}`)).body
    expect(sheet.values).toHaveLength(2)
    expect(sheet.changes).toHaveLength(1)
    expect((await call(`${server.url}/api/specs`)).body.find((s: { id: string }) => s.id === id)).toMatchObject({
      figures: 2,
      conflicts: 1,
      unchecked: 2,
      fillTable: true,
      machines: 1,
    })
    await shop.log(
      newEntry(
        shop.by,
        'oil',
        {
          reading: { by: 'scale', mm: 21 },
          colour: null,
          thickness: null,
          smell: 'plain',
          glitter: null,
          whereGone: null,
          note: null,
        },
        { how: 'by_eye' },
      ),
    )
    const { newest } = (await call(`${server.url}/api/jobs/${shop.jobId}/assessment`)).body
    expect(newest.oil.volumeMl).toBe(525)
  })

  it('refuse a table that goes back on itself, and name the field', async () => {
    const { id } = await sheetOf()
    const answer = await put(id, {
      fill: {
        ...TABLE,
        points: [
          [8, 380],
          [15, 350],
        ],
      },
    })
    expect([answer.status, answer.body.fields[0].field]).toEqual([422, 'fill.points'])
  })

  it('an engine like a known one shares its sheet, at the counter or later', async () => {
    const { id } = await sheetOf()
    const like = newJob(shop.by, { spec: [], sheetId: id })
    expect((await call(`${server.url}/api/jobs`, 'POST', like)).status).toBe(201)
    expect((await sheetOf(like.id)).id).toBe(id)
    const other = newJob(shop.by)
    await call(`${server.url}/api/jobs`, 'POST', other)
    const machineId = (await call(`${server.url}/api/jobs/${other.id}`)).body.machine.id
    expect(
      (await call(`${server.url}/api/machines/${machineId}/sheet`, 'PUT', { sheetId: id, by: shop.by })).status,
    ).toBe(200)
    expect((await sheetOf(other.id)).id).toBe(id)
    expect(
      (await call(`${server.url}/api/machines/${machineId}/sheet`, 'PUT', { sheetId: ulid(), by: shop.by })).status,
    ).toBe(404)
  })

  it('go out as CSV and JSON and come back the same, changing nothing the second time', async () => {
    const { id } = await sheetOf()
    await put(id, {
      values: [
        figure('oil_capacity', 550, 'mL', 'maker', {
          note: 'owner\'s book, "page 12"',
          year: 2019,
          checkedBy: 'Ada Quill',
        }),
        figure('bore', 65, 'mm', 'measured', { chosen: true }),
      ],
      fill: TABLE,
    })
    const { values } = (await call(`${server.url}/api/specs/${id}`)).body
    for (const as of ['csv', 'json'] as const) {
      const text = await (await browse(`${server.url}/api/specs/${id}/export?as=${as}`)).text()
      const onto = await importing({ as, text, sheetId: id })
      expect(onto.body, as).toMatchObject({ lines: [], added: [], same: 2, applied: false })
      const fresh = await importing({ as, text, name: `Copy ${as}`, engineClass: 'S4', apply: true })
      const copy = (await call(`${server.url}/api/specs/${fresh.body.sheetId}`)).body
      expect(copy.values, as).toEqual(values)
      expect(copy.fill, as).toEqual(as === 'json' ? TABLE : null)
    }
    expect(
      (await call(`${server.url}/api/schemas/spec-sheet`)).body.properties.values.items.properties.item.enum,
    ).toContain('oil_capacity')
  })

  it('a dry run tells everything and changes nothing; a wrong line stops all of it', async () => {
    const { id } = await sheetOf()
    const before = (await call(`${server.url}/api/specs/${id}`)).body.values
    const text =
      'item;value;unit;source;year\noil_capacity;600;mL;book;1998\nlash_inlet_min;4;mm;maker;\noil_capacity;lots;mL;maker;\nwheels;4;mm;maker;\nbore;65;bar;maker;'
    const dry = (await importing({ text, sheetId: id })).body
    expect(dry.lines.map((l: { line: number }) => l.line)).toEqual([4, 5, 6])
    expect(dry.conflicts).toEqual(['Whole oil fill'])
    expect(dry.doubts[0]).toContain('Did you mean 4 thou?')
    expect((await importing({ text, sheetId: id, apply: true })).body.applied).toBe(false)
    expect((await call(`${server.url}/api/specs/${id}`)).body.values).toEqual(before)
    expect((await importing({ text: 'a,b\n1,2', sheetId: id })).body.detail).toContain(
      'item, value, unit, source are missing',
    )
    expect((await importing({ as: 'json', text: '{"format":"other"}' })).status).toBe(422)
    expect((await importing({ text: 'item,value,unit,source\nbore,65,mm,maker' })).body.lines[0].message).toContain(
      'needs a name',
    )
  })
})

describe('photos', () => {
  const send = async (body: BodyInit, id = ulid()) => {
    const response = await browse(`${server.url}/api/jobs/${shop.jobId}/photos?id=${id}`, {
      method: 'POST',
      headers: { 'content-type': 'image/jpeg' },
      body,
    })
    return { id, status: response.status, body: await response.json() }
  }
  const picture = async (width: number, height: number) =>
    new Uint8Array(
      await sharp({ create: { width, height, channels: 3, background: '#886644' } })
        .jpeg()
        .withExif({ IFD0: { Copyright: 'nobody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
        .withMetadata({ orientation: 6 })
        .toBuffer(),
    )

  it('are turned upright, made small, freed of place and camera, and lie beside the database', async () => {
    const sent = await send(await picture(3000, 1200))
    expect(sent).toMatchObject({ status: 201, body: { width: 640, height: 1600 } })
    const kept = sharp(Buffer.from(await (await browse(`${server.url}/api/photos/${sent.id}`)).arrayBuffer()))
    expect((await kept.metadata()).exif).toBeUndefined()
    const small = await sharp(
      Buffer.from(await (await browse(`${server.url}/api/photos/${sent.id}?size=small`)).arrayBuffer()),
    ).metadata()
    expect([small.width, small.height]).toEqual([128, 320])
    expect(photoNames(server.data)).toHaveLength(2)
    expect(
      await shop.log(
        newEntry(
          shop.by,
          'photo',
          { photoId: sent.id, caption: 'Oil on the stick', width: 640, height: 1600 },
          { how: null },
        ),
      ),
    ).toMatchObject({ status: 201 })
  })

  it('an entry shows only a picture that is on disk, of its own job', async () => {
    const body = { photoId: ulid(), caption: null, width: 10, height: 10 }
    expect((await shop.log(newEntry(shop.by, 'photo', body, { how: null }))).status).toBe(422)
  })

  it('what is no picture is refused in words, and a repeated delivery kept once', async () => {
    expect((await send('not a picture')).body.detail).toContain('not a picture that can be read')
    const bytes = await picture(40, 30)
    const { id } = await send(bytes)
    expect((await send(bytes, id)).status).toBe(200)
    const other = await send(await picture(50, 30), id)
    expect([other.status, other.body.detail]).toEqual([409, expect.stringContaining('Another picture')])
    // twice at once, under one id: kept once, and both are told so
    const twice = ulid()
    const [a, b] = await Promise.all([send(bytes, twice), send(bytes, twice)])
    expect([a.status, b.status].sort()).toEqual([200, 201])
    expect((await browse(`${server.url}/api/photos/${ulid()}`)).status).toBe(404)
  })
})

describe('what travels with a machine', () => {
  it('the running time logged last stands on the machine, also when it was worked out', async () => {
    const pattern = { hoursPerDay: 2, daysPerWeek: 3, months: 6 }
    expect(
      (
        await shop.log(
          newEntry(shop.by, 'meter', { reading: 156, unit: 'h', source: 'estimated', pattern }, { how: 'estimated' }),
        )
      ).status,
    ).toBe(201)
    expect((await call(`${server.url}/api/jobs/${shop.jobId}`)).body.machine).toMatchObject({
      meterReading: 156,
      meterUnit: 'h',
      meterSource: 'estimated',
    })
  })

  it('the next visit is told what was refused and what still hangs on it', async () => {
    await shop.log(newEntry(shop.by, 'refused', { what: 'New blade', risk: 'It shakes', by: 'Nell' }, { how: null }))
    await shop.log(
      newEntry(
        shop.by,
        'modification',
        { what: 'low_oil_switch', text: null, why: null, state: 'in_place' },
        { how: null },
      ),
    )
    const machineId = (await call(`${server.url}/api/jobs/${shop.jobId}`)).body.machine.id
    const back = newJob(shop.by, { machine: { id: machineId }, facts: null, spec: [] })
    await call(`${server.url}/api/jobs`, 'POST', back)
    const { history } = (await call(`${server.url}/api/jobs/${back.id}`)).body
    expect(history).toHaveLength(1)
    expect(history[0].entries.map((e: { kind: string }) => e.kind)).toEqual(
      expect.arrayContaining(['refused', 'modification']),
    )
    const { care, tilt, visits } = (await call(`${server.url}/api/machines/${machineId}`)).body
    expect([visits.length, care.length > 3, tilt.best]).toEqual([2, true, 'Tail down, handles to the floor, front up.'])
  })

  it('a tag is printed with its number', async () => {
    const pdf = Buffer.from(await (await browse(`${server.url}/api/jobs/${shop.jobId}/tag.pdf`)).arrayBuffer())
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
    expect((await browse(`${server.url}/api/jobs/${ulid()}/tag.pdf`)).status).toBe(404)
  })
})

describe('what a person may take on, and what stays as it was found', () => {
  const log = (kind: string, body: object, more: object = {}) => shop.log(newEntry(shop.by, kind, body, more))
  it('a stop is signed off only while it is there and where that can be answered for', async () => {
    expect((await log('sign_off', { stopId: 'oil_low', reason: 'x' }, { how: null })).status).toBe(409)
    await log(
      'oil',
      {
        reading: { by: 'dry' },
        colour: null,
        thickness: null,
        smell: 'plain',
        glitter: null,
        whereGone: null,
        note: null,
      },
      { how: 'by_eye' },
    )
    expect((await log('sign_off', { stopId: 'oil_low', reason: 'pushed only' }, { how: null })).status).toBe(201)
    await log('oil', {
      reading: { by: 'volume', amount: { value: 900, unit: 'mL' } },
      colour: null,
      thickness: null,
      smell: 'petrol',
      glitter: null,
      whereGone: null,
      note: null,
    })
    const { stops } = (await call(`${server.url}/api/jobs/${shop.jobId}/assessment`)).body
    const fuel = stops.find((s: { canSign: boolean }) => !s.canSign)
    const refused = await log('sign_off', { stopId: fuel.id, reason: 'in a hurry' }, { how: null })
    expect([refused.status, refused.body.detail]).toEqual([409, expect.stringContaining("can't be signed off")])
  })

  it('lash is set only after it was read as found, and as found stays locked from then on', async () => {
    const lash = (state: string, exhaust: number) => ({
      state,
      inlet: null,
      exhaust: { value: exhaust, unit: 'mm' },
      rockers: 'free',
      note: null,
    })
    expect((await log('lash', lash('as_found', 0))).body.detail).toContain('Make it safe first')
    expect((await log('made_safe', { done: ALL_SAFE }, { how: null })).status).toBe(201)
    const early = await log('lash', lash('set', 0.1))
    expect([early.status, early.body.fields[0].field]).toEqual([409, 'body.state'])
    const found = newEntry(shop.by, 'lash', lash('as_found', 0))
    expect((await shop.log(found)).status).toBe(201)
    expect((await log('lash', lash('set', 0.1))).status).toBe(201)
    expect((await log('lash', lash('as_found', 0.2), { supersedes: found.id })).status).toBe(409)
    // something was connected again: no hand goes near before the ticks are set anew
    expect((await log('made_safe', { done: [] }, { how: null })).status).toBe(201)
    expect((await log('turn_over', { feel: 'normal', method: 'rope', plugIn: true, note: null })).status).toBe(409)
  })

  it('a valve is tested as found before it is tested after work', async () => {
    const leak = (when: string) =>
      log(
        'valve_leak',
        { valve: 'exhaust', when, look: 'drops', dropsPerMin: 8, place: null, note: null },
        { how: 'by_eye' },
      )
    await log('made_safe', { done: ALL_SAFE }, { how: null })
    const early = await leak('after')
    expect([early.status, early.body.fields[0].field]).toEqual([409, 'body.when'])
    expect([(await leak('as_found')).status, (await leak('after')).status]).toEqual([201, 201])
  })

  it('a closed job says what it was, and moves the next one of its class', async () => {
    await log('complaint', { words: 'Leaks', since: null, about: 'leak' }, { how: 'claimed' })
    expect(
      (await log('cause_found', { causeId: 'nonsense', text: null, proof: 'proved', missing: null }, { how: null }))
        .status,
    ).toBe(422)
    const bolts = { causeId: 'sump_bolts', text: null, proof: 'proved', missing: null }
    // proved asks what proves it
    expect((await log('cause_found', bolts, { how: null })).status).toBe(409)
    await log('cause_found', { ...bolts, provedBy: 'five of eight turned by hand' }, { how: null })
    const other = newJob(shop.by)
    await call(`${server.url}/api/jobs`, 'POST', other)
    expect((await call(`${server.url}/api/jobs/${other.id}`)).body.counts).toEqual({
      total: 1,
      hits: { sump_bolts: 1 },
    })
    expect((await call(`${server.url}/api/jobs/${shop.jobId}`)).body.counts.total).toBe(0)
    expect((await call(`${server.url}/api/cases?about=leak&engineClass=S4&except=${other.id}`)).body).toMatchObject([
      { cause: 'Sump bolts loose', proof: 'proved' },
    ])
    const { likely, next } = (await call(`${server.url}/api/jobs/${other.id}/diagnosis`)).body
    expect([likely.length > 0, next.length > 0]).toEqual([true, true])
  })
})
