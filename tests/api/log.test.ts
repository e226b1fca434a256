import Database from 'better-sqlite3'
import { join } from 'node:path'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Running } from '../server'
import { call, startBuilt, browse } from '../server'
import { atTheBench, newEntry, newJob, oilBody, openShop } from './shop'

let server: Running
let shop: Awaited<ReturnType<typeof openShop>>
beforeAll(async () => {
  server = await startBuilt()
  shop = await openShop(server.url)
})
afterAll(async () => {
  await server.stop()
})

const faults = (answer: { body: { fields: { field: string; message: string }[] } }) =>
  answer.body.fields.map(f => f.field)

describe('booking in', () => {
  it('takes owner, machine and first words together, and once', async () => {
    const job = newJob(shop.by)
    expect(await call(`${server.url}/api/jobs`, 'POST', job)).toEqual({
      status: 201,
      body: { id: job.id, number: 202 },
    })
    expect((await call(`${server.url}/api/jobs`, 'POST', job)).status).toBe(200)
    const lines = (await call(`${server.url}/api/jobs`)).body
    expect(lines.filter((l: { id: string }) => l.id === job.id)).toHaveLength(1)
    expect(lines[0]).toMatchObject({
      number: 202,
      customerName: 'Nell Brack',
      complaint: 'Smokes',
      stage: 'first_look',
    })
  })

  it('names every field that is wrong, and keeps nothing', async () => {
    const before = (await call(`${server.url}/api/machines`)).body.length
    const answer = await call(
      `${server.url}/api/jobs`,
      'POST',
      newJob(shop.by, {
        customer: { name: ' ', contact: null },
        machine: {
          kind: 'spaceship',
          name: '',
          serial: null,
          meterReading: -4,
          meterUnit: 'h',
          meterSource: 'claimed',
        },
        spec: [{ item: 'oil_capacity', value: 550, unit: 'psi', source: 'maker', note: null }],
      }),
    )
    expect(answer.status).toBe(422)
    expect(faults(answer)).toEqual(
      expect.arrayContaining(['customer.name', 'machine.kind', 'machine.name', 'machine.meterReading', 'spec.0.unit']),
    )
    for (const fault of answer.body.fields) expect(fault.message).not.toMatch(/invalid|expected|undefined/i)
    expect((await call(`${server.url}/api/machines`)).body).toHaveLength(before)
  })

  it('finds a machine again that was here before', async () => {
    const [machine] = (await call(`${server.url}/api/machines`)).body
    const job = newJob(shop.by, { machine: { id: machine.id }, facts: null, spec: [] })
    expect((await call(`${server.url}/api/jobs`, 'POST', job)).status).toBe(201)
    expect((await call(`${server.url}/api/jobs/${job.id}`)).body.history).toHaveLength(1)
    expect((await call(`${server.url}/api/find?q=${encodeURIComponent('nell')}`)).body.length).toBeGreaterThan(1)
    expect((await call(`${server.url}/api/find?q=%25`)).body).toEqual([])
  })
})

describe('the log', () => {
  it('stores a repeated delivery once and refuses the same id with other words', async () => {
    const entry = newEntry(shop.by, 'oil', oilBody())
    expect((await shop.log(entry)).status).toBe(201)
    expect((await shop.log(entry)).status).toBe(200)
    expect((await shop.log({ ...entry, body: oilBody(881) })).status).toBe(409)
    const log = (await call(`${server.url}/api/jobs/${shop.jobId}/entries`)).body
    expect(log.filter((e: { id: string }) => e.id === entry.id)).toHaveLength(1)
  })

  it('the same click twice at the same moment is one entry', async () => {
    const entry = newEntry(shop.by, 'note', { stage: 'build', text: 'Twice 🔧' }, { how: null })
    const answers = await Promise.all([shop.log(entry), shop.log(entry), shop.log(entry)])
    expect(answers.map(a => a.status).sort()).toEqual([200, 200, 201])
  })

  it('corrects by a new entry, once; voids with a reason; the old ones stay', async () => {
    const first = newEntry(shop.by, 'oil', oilBody(500))
    await shop.log(first)
    const second = newEntry(shop.by, 'oil', oilBody(510), { supersedes: first.id })
    expect((await shop.log(second)).status).toBe(201)
    const late = await shop.log(newEntry(shop.by, 'oil', oilBody(520), { supersedes: first.id }))
    expect(late).toMatchObject({
      status: 409,
      body: { detail: expect.stringContaining('Somebody corrected that entry') },
    })
    expect(
      (await shop.log(newEntry(shop.by, 'void', { reason: '' }, { how: null, supersedes: second.id }))).status,
    ).toBe(422)
    expect(
      (await shop.log(newEntry(shop.by, 'void', { reason: 'wrong machine' }, { how: null, supersedes: second.id })))
        .status,
    ).toBe(201)
    expect(
      (
        await shop.log(
          newEntry(
            shop.by,
            'compression',
            {
              feel: 'none',
              dry: null,
              wet: null,
              throttleOpen: true,
              pulls: null,
              temperature: 'cold',
              release: 'none',
              note: null,
            },
            { supersedes: late.body.id ?? first.id },
          ),
        )
      ).status,
    ).toBe(422)
    const ids = (await call(`${server.url}/api/jobs/${shop.jobId}/entries`)).body.map((e: { id: string }) => e.id)
    expect(ids).toEqual(expect.arrayContaining([first.id, second.id]))
    expect((await call(`${server.url}/api/jobs/${shop.jobId}/assessment`)).body.inForce).not.toContain(second.id)
  })

  it('the file itself refuses to be edited', async () => {
    const db = new Database(join(server.data, 'remedium.db'))
    expect(() => db.prepare("UPDATE entries SET body = '{}'").run()).toThrow('append-only')
    expect(() => db.prepare('DELETE FROM entries').run()).toThrow('append-only')
    db.close()
  })

  it.each([
    ['a negative reading', oilBody(-5), 'body.reading.amount.value'],
    ['an absurd reading', oilBody(1e308), 'body.reading.amount.value'],
    ['litres typed for millilitres', oilBody(880, 'L'), 'body.reading.amount.value'],
    ['a pressure for a volume', oilBody(5, 'psi'), 'body.reading.amount.unit'],
    [
      'letters',
      { ...oilBody(), reading: { by: 'volume', amount: { value: 'lots', unit: 'mL' } } },
      'body.reading.amount.value',
    ],
    ['no reading', { ...oilBody(), reading: null }, 'body.reading'],
    ['an unknown colour', { ...oilBody(), colour: 'blue' }, 'body.colour'],
    ['a five-megabyte note', { ...oilBody(), note: 'x'.repeat(5 * 1024 * 1024) }, 'body.note'],
    ['a field that is not there', { ...oilBody(), viscosity: 3 }, 'body'],
  ])('answers %s with the field and what would be right', async (_, body, field) => {
    const answer = await shop.log(newEntry(shop.by, 'oil', body))
    expect(answer.status).toBe(422)
    expect(faults(answer)).toContain(field)
    expect(answer.body.fields[0].message.length).toBeGreaterThan(12)
    expect(answer.body.fields[0].message).not.toMatch(/invalid|received/i)
  })

  it.each([
    [
      'a cylinder above its regulator',
      'leak_down',
      {
        regulator: { value: 7, unit: 'bar' },
        cylinder: { value: 8, unit: 'bar' },
        orificeMm: 1,
        heard: [],
        note: null,
      },
      'body.cylinder.value',
    ],
    [
      'a regulator in the wrong unit',
      'leak_down',
      {
        regulator: { value: 7, unit: 'psi' },
        cylinder: { value: 5, unit: 'psi' },
        orificeMm: 1,
        heard: [],
        note: null,
      },
      'body.regulator.value',
    ],
    [
      'a place that is not there',
      'leak_down',
      {
        regulator: { value: 7, unit: 'bar' },
        cylinder: { value: 5, unit: 'bar' },
        orificeMm: 1,
        heard: ['tail lamp'],
        note: null,
      },
      'body.heard.0',
    ],
    [
      'a crankcase pumped too hard',
      'crankcase',
      { start: { value: 1, unit: 'bar' }, end: { value: 0.9, unit: 'bar' }, seconds: 60, note: null },
      'body.start.value',
    ],
    [
      'a crankcase that rises',
      'crankcase',
      { start: { value: 40, unit: 'kPa' }, end: { value: 50, unit: 'kPa' }, seconds: 60, note: null },
      'body.end.value',
    ],
    [
      'a stand test that ends before it starts',
      'stand_test',
      { startedAt: '2026-05-04T18:20:00Z', endedAt: '2026-05-04T18:10:00Z', seen: 'none', minimumHours: 12 },
      'body.endedAt',
    ],
    [
      'a ratio the wrong way round',
      'mix',
      {
        fuel: { value: 5, unit: 'L' },
        oil: { value: 100, unit: 'mL' },
        makerRatio: 0.02,
        fuelType: null,
        fuelDays: null,
        stabilised: false,
        note: null,
      },
      'body.makerRatio',
    ],
    ['half a make-safe', 'made_safe', { done: ['plug_lead'] }, 'body.done'],
    [
      'wet without dry',
      'compression',
      {
        feel: 'weak',
        dry: null,
        wet: { value: 5, unit: 'bar' },
        throttleOpen: true,
        pulls: 5,
        temperature: 'cold',
        release: 'none',
        note: null,
      },
      'body.dry',
    ],
    [
      'low above likely',
      'option',
      {
        name: 'R',
        way: 'repair',
        lines: [
          { id: ulid(), type: 'part', text: 'P', why: null, low: 9, likely: 5, high: 9, chance: 1, priceKind: null },
        ],
        valueAfterMinor: null,
        successChance: 1,
        comebackMinor: 0,
        hoursOk: 1,
        hoursFail: 0,
        ruledOut: null,
      },
      'body.lines.0.low',
    ],
    [
      'a chance of 120 %',
      'option',
      {
        name: 'R',
        way: 'repair',
        lines: [],
        valueAfterMinor: null,
        successChance: 1.2,
        comebackMinor: 0,
        hoursOk: 1,
        hoursFail: 0,
        ruledOut: null,
      },
      'body.successChance',
    ],
    ['a stage skipped without a word', 'stage', { stage: 'measure', state: 'skipped', reason: null }, 'body.reason'],
  ])('refuses %s beside its field', async (_, kind, body, field) => {
    const answer = await shop.log(newEntry(shop.by, kind, body))
    expect(answer.status).toBe(422)
    expect(faults(answer)).toContain(field)
  })

  it('asks how a finding was got, who found it, and for a known kind', async () => {
    expect(faults(await shop.log(newEntry(shop.by, 'oil', oilBody(), { how: null })))).toEqual(['how'])
    expect(faults(await shop.log(newEntry(ulid(), 'oil', oilBody())))).toEqual(['by'])
    expect(faults(await shop.log(newEntry(shop.by, 'wish', {})))).toContain('kind')
    expect(faults(await shop.log({ ...newEntry(shop.by, 'oil', oilBody()), id: '12' }))).toEqual(['id'])
    expect((await call(`${server.url}/api/jobs/${shop.jobId}/entries`, 'POST', '{"half":')).status).toBe(422)
    expect(
      (await call(`${server.url}/api/jobs/${shop.jobId}/entries`, 'POST', `"${'x'.repeat(9 * 1024 * 1024)}"`)).status,
    ).toBe(413)
  })

  it('counts what arrives, whatever the header says', async () => {
    const sent = new ReadableStream<Uint8Array>({
      pull(controller) {
        controller.enqueue(new Uint8Array(1024 * 1024).fill(32))
        this.sent = (this.sent ?? 0) + 1
        if (this.sent > 40) controller.close()
      },
    } as UnderlyingDefaultSource<Uint8Array> & { sent?: number })
    // in pieces, without a length: cut off at the limit, and the server goes on
    const answer = await browse(`${server.url}/api/jobs/${shop.jobId}/entries`, {
      ...{ method: 'POST', headers: { 'content-type': 'application/json' }, body: sent, duplex: 'half' },
    } as RequestInit).then(
      r => r.status,
      () => 'cut off',
    )
    expect([413, 'cut off']).toContain(answer)
    expect((await call(`${server.url}/api/ping`)).status).toBe(200)
  })

  it('does not know jobs, machines, people and calculators that are not there', async () => {
    const entry = newEntry(shop.by, 'oil', oilBody())
    for (const [path, method, body] of [
      [`jobs/${ulid()}`, 'GET'],
      [`jobs/${ulid()}/entries`, 'POST', entry],
      [`jobs/${ulid()}/entries`, 'POST', {}],
      [`jobs/${ulid()}/record.pdf`, 'GET'],
      [`machines/${ulid()}`, 'GET'],
      [`shop/people/${ulid()}`, 'PUT', { name: 'A', initials: 'A', active: true }],
      ['calc/nothing', 'POST', {}],
    ] as const) {
      expect((await call(`${server.url}/api/${path}`, method, body)).status, path).toBe(404)
    }
  })
})

describe('agreement', () => {
  const option = (by: string) =>
    newEntry(
      by,
      'option',
      {
        name: 'Repair',
        way: 'repair',
        lines: [
          {
            id: ulid(),
            type: 'part',
            text: 'Pump',
            why: null,
            low: 4000,
            likely: 5000,
            high: 9000,
            chance: 0.5,
            priceKind: 'retail',
          },
        ],
        valueAfterMinor: 30000,
        successChance: 0.9,
        comebackMinor: 0,
        hoursOk: 100,
        hoursFail: 0,
        ruledOut: null,
      },
      { how: null },
    )
  it('freezes only what the figures say, and keeps it when prices change later', async () => {
    const offered = option(shop.by)
    await shop.log(offered)
    const judged = (await call(`${server.url}/api/jobs/${shop.jobId}/assessment`)).body.decision.options[0]
    const frozen = {
      name: 'Repair',
      way: 'repair',
      lines: offered.body.lines,
      currency: 'EUR',
      labourRateMinor: 6000,
      taxPct: 0,
      mean: judged.mean,
      p10: judged.p10,
      p50: judged.p50,
      p90: judged.p90,
      reasons: [],
    }
    const approval = (f: unknown) =>
      newEntry(
        shop.by,
        'approval',
        { optionEntryId: offered.id, frozen: f, agreedBy: 'Nell Brack', how: 'phone', conditions: null },
        { how: null },
      )
    expect((await shop.log(approval({ ...frozen, mean: 12 }))).status).toBe(409)
    expect((await shop.log(approval(frozen))).status).toBe(201)
    const dearer = { ...option(shop.by), supersedes: offered.id }
    dearer.body.lines[0]!.likely = 8000
    await shop.log(dearer)
    const after = (await call(`${server.url}/api/jobs/${shop.jobId}/assessment`)).body
    expect(after.approved.body.frozen.mean).toBe(judged.mean)
    expect(after.decision.options[0].mean).toBeGreaterThan(judged.mean)
  })

  it("judges by the shop's rules as they are now, in whichever thread", async () => {
    await shop.log(option(shop.by))
    const mean = async (): Promise<number> =>
      (await call(`${server.url}/api/jobs/${shop.jobId}/assessment`)).body.decision.options[0].mean
    const before = await mean()
    for (const taxPct of [20, 0, 10, 0]) {
      const { policy, version } = (await call(`${server.url}/api/shop`)).body
      const put = await call(`${server.url}/api/shop/policy`, 'PUT', { ...policy, version, taxPct })
      expect(put.status).toBe(200)
      if (taxPct === 0) expect(await mean()).toBe(before)
      else expect(await mean()).toBeGreaterThan(before)
    }
  })

  it('past the cap no clock is started before the owner answered; what was spent is always written down', async () => {
    const { by, log, jobId } = await openShop(server.url)
    const spend = (body: object, more: object = {}) =>
      log(
        newEntry(
          by,
          'spend',
          { what: 'Pulley', startedAt: null, endedAt: null, minutes: null, costMinor: null, ...body } as never,
          { how: null, ...more },
        ),
      )
    await log(
      newEntry(
        by,
        'terms',
        {
          useClass: 'private',
          runningValueMinor: 50000,
          asIsValueMinor: 0,
          capMinor: 5000,
          deadline: null,
          dayLossMinor: null,
          boughtMinor: null,
          ownTimeFree: false,
        },
        { how: null },
      ),
    )
    const startedAt = new Date().toISOString()
    expect((await spend({ startedAt })).status).toBe(201)
    expect((await spend({ startedAt })).body.detail).toContain('A clock runs already')
    expect((await spend({ minutes: 600 })).status).toBe(201)
    await log(newEntry(by, 'owner_call', { result: 'no_answer', answer: null, capMinor: null }, { how: null }))
    expect((await spend({ minutes: 10 })).status).toBe(201)
    // the clock is stopped by a correction; after that nothing starts before an answer
    const first = (await call(`${server.url}/api/jobs/${jobId}`)).body.entries.find(
      (e: { kind: string }) => e.kind === 'spend',
    )
    expect((await spend({ startedAt, endedAt: new Date().toISOString() }, { supersedes: first.id })).status).toBe(201)
    expect((await spend({ startedAt })).body.detail).toContain('Call the owner first')
    await log(newEntry(by, 'owner_call', { result: 'answered', answer: 'go on', capMinor: 500000 }, { how: null }))
    expect((await spend({ startedAt })).status).toBe(201)
  })

  it('a rebuild of what was condemned waits for its cause, or for a name; and so does fresh oil', async () => {
    const { by, log, jobId } = await openShop(server.url)
    const way = (cures: boolean) =>
      newEntry(
        by,
        'option',
        {
          name: 'Rebuild',
          way: 'rebuild',
          lines: [
            {
              id: ulid(),
              type: 'part',
              text: 'Cam',
              why: null,
              low: 4000,
              likely: 4000,
              high: 4000,
              chance: 1,
              priceKind: 'retail',
              cures,
            },
          ],
          valueAfterMinor: 30000,
          successChance: 0.9,
          comebackMinor: 0,
          hoursOk: 100,
          hoursFail: 0,
          ruledOut: null,
        },
        { how: null },
      )
    const agree = async (option: ReturnType<typeof way>) => {
      const judged = (await call(`${server.url}/api/jobs/${jobId}/assessment`)).body.decision.options.find(
        (o: { entryId: string }) => o.entryId === option.id,
      )
      return log(
        newEntry(
          by,
          'approval',
          {
            optionEntryId: option.id,
            frozen: {
              name: 'Rebuild',
              way: 'rebuild',
              lines: option.body.lines,
              currency: 'EUR',
              labourRateMinor: 6000,
              taxPct: 0,
              mean: judged.mean,
              p10: judged.p10,
              p50: judged.p50,
              p90: judged.p90,
              reasons: [],
            },
            agreedBy: 'Nell Brack',
            how: 'phone',
            conditions: null,
          },
          { how: null },
        ),
      )
    }
    const part = newEntry(
      by,
      'part',
      {
        part: 'cam',
        disposition: 'replace',
        seen: ['scored'],
        oil: 'hurt',
        role: 'consequence',
        reason: null,
        orientation: null,
        owed: null,
        place: null,
      },
      { how: 'by_eye' },
    )
    expect((await log(part)).body.detail).toContain('Make it safe first')
    await log(newEntry(by, 'made_safe', { done: ['plug_lead', 'battery', 'fuel', 'free', 'stable'] }, { how: null }))
    expect((await log(part)).status).toBe(201)
    const [plain, curing] = [way(false), way(true)]
    await log(plain)
    expect((await agree(plain)).body.detail).toContain("Don't build it yet")
    expect(
      (
        await log(
          newEntry(by, 'fluid', { action: 'filled', amount: { value: 500, unit: 'mL' }, what: null }, { how: null }),
        )
      ).body.detail,
    ).toContain('No refill yet')
    await log(curing)
    await log(
      newEntry(
        by,
        'cause_found',
        { causeId: null, text: 'jet blocked', proof: 'suspected', missing: 'flow not measured' },
        { how: null },
      ),
    )
    // another way that cures nothing is still refused; the one that does is agreed
    expect((await agree(plain)).body.detail).toContain('No line of this way cures')
    expect((await agree(curing)).status).toBe(201)
  })

  it('a bad batch is quarantined, others that carry it are listed, their owners written to once', async () => {
    const [bad, other] = [await openShop(server.url), await openShop(server.url)]
    const fit = (shopOf: typeof bad, batch: string) =>
      shopOf.log(
        newEntry(
          shopOf.by,
          'fitted',
          { what: 'Oil filter', batch, from: 'the wholesaler', origin: 'other' },
          { how: null },
        ),
      )
    expect((await fit(other, 'LX 204')).status).toBe(201)
    expect((await fit(bad, 'lx204')).status).toBe(201)
    const quarantine = newEntry(
      bad.by,
      'bad_batch',
      { what: 'Oil filter', batch: 'LX-204', proof: 'Pleats come loose in the can.' },
      { how: null },
    )
    expect((await bad.log(quarantine)).status).toBe(201)
    expect(
      (
        await bad.log({
          ...newEntry(
            bad.by,
            'bad_batch',
            { ...(quarantine.body as object), proof: 'Pleats come loose, seen on two.' },
            { how: null, supersedes: quarantine.id },
          ),
        })
      ).status,
    ).toBe(201)
    const carriers = (await call(`${server.url}/api/jobs/${bad.jobId}/carriers`)).body
    expect(carriers.map((c: { jobId: string }) => c.jobId)).toEqual([other.jobId])
    const letters = (await call(`${server.url}/api/outbox`)).body.filter(
      (o: { jobId: string }) => o.jobId === other.jobId,
    )
    expect(letters).toEqual([
      expect.objectContaining({
        customerName: 'Nell Brack',
        text: expect.stringContaining('batch LX-204 to your Thistledown 46'.replace('204 to', '204, to')),
      }),
    ])
    const again = await fit(other, 'LX204')
    expect([again.status, again.body.fields[0].field]).toEqual([409, 'body.batch'])
  })

  it('prints the record as a PDF that can be opened', async () => {
    const response = await browse(`${server.url}/api/jobs/${shop.jobId}/record.pdf`)
    expect(response.headers.get('content-type')).toBe('application/pdf')
    const bytes = Buffer.from(await response.arrayBuffer())
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
    expect(bytes.length).toBeGreaterThan(8000)
  })
})

describe('labels', () => {
  it("prints a can's label, and says what it needs", async () => {
    const response = await browse(`${server.url}/api/labels/mix.pdf?ratio=40&totalMl=3690&made=2026-05-04&by=MV`)
    expect(
      Buffer.from(await response.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
    const wrong = await call(`${server.url}/api/labels/mix.pdf?ratio=4&made=yesterday`)
    expect([wrong.status, faults(wrong)]).toEqual([422, expect.arrayContaining(['ratio', 'totalMl', 'made'])])
  })
})

describe('shop and machines', () => {
  it('keeps policy and what it said before', async () => {
    const { policy, version } = (await call(`${server.url}/api/shop`)).body
    expect(
      (
        await call(`${server.url}/api/shop/policy`, 'PUT', {
          ...policy,
          version,
          currency: 'EURO',
          taxPct: 150,
          labourRateMinor: 'x',
        })
      ).body.fields.map((f: { field: string }) => f.field),
    ).toEqual(expect.arrayContaining(['currency', 'taxPct', 'labourRateMinor']))
    expect(
      (await call(`${server.url}/api/shop/policy`, 'PUT', { ...policy, version, altitudeM: 900 })).body.altitudeM,
    ).toBe(900)
    const db = new Database(join(server.data, 'remedium.db'), { readonly: true })
    const { before, after } = db
      .prepare("SELECT before, after FROM changes WHERE record = 'shop_policy' ORDER BY rowid DESC LIMIT 1")
      .get() as {
      before: string
      after: string
    }
    expect([JSON.parse(before).altitudeM, JSON.parse(after).altitudeM]).toEqual([0, 900])
    db.close()
  })

  it("a better figure on the sheet judges yesterday's log again", async () => {
    const person = await atTheBench(server.url)
    const job = newJob(person, { entries: [newEntry(person, 'oil', oilBody(520))] })
    await call(`${server.url}/api/jobs`, 'POST', job)
    const view = (await call(`${server.url}/api/jobs/${job.id}`)).body
    expect((await call(`${server.url}/api/jobs/${job.id}/assessment`)).body.newest.oil.state).toBe('ok')
    const { id, customerId, ...machine } = view.machine
    expect(customerId).toBeTruthy()
    const answer = await call(`${server.url}/api/machines/${id}`, 'PUT', {
      machine,
      facts: view.facts,
      spec: [{ item: 'oil_capacity', value: 0.4, unit: 'L', source: 'maker', note: null }],
      customer: { name: 'Nell Brack', contact: 'moved' },
      by: person,
      version: (await call(`${server.url}/api/machines/${id}`)).body.version,
    })
    expect(answer.status).toBe(200)
    expect((await call(`${server.url}/api/jobs/${job.id}/assessment`)).body.newest.oil.state).toBe('dangerously_over')
    const line = (await call(`${server.url}/api/jobs`)).body.find((l: { id: string }) => l.id === job.id)
    expect(line.stops[0].id).toBe('oil_over')
  })
})

describe('calculators over HTTP', () => {
  it('lists them with their schema, answers, and says what is wrong', async () => {
    const list = (await call(`${server.url}/api/calc`)).body
    expect(list.find((c: { name: string }) => c.name === 'pert').input.required).toEqual(['a', 'm', 'b'])
    expect(await call(`${server.url}/api/calc/oil_adjust`, 'POST', { volume_now_ml: 880, target_ml: 550 })).toEqual({
      status: 200,
      body: { action: 'drain', amount_ml: 330 },
    })
    expect(
      await call(`${server.url}/api/calc/oil_adjust`, 'POST', { volume_now_ml: '880', target_ml: 550 }),
    ).toMatchObject({ status: 422, body: { error: 'not_a_number', field: 'volume_now_ml' } })
  })

  it('writes from another site are refused', async () => {
    const response = await browse(`${server.url}/api/shop/people`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: 'http://elsewhere.example' },
      body: '{"name":"X","initials":"X","active":true}',
    })
    expect(response.status).toBe(403)
  })
})
