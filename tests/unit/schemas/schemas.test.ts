import { ulid } from 'ulid'
import { describe, expect, it } from 'vitest'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entrySchema } from '#core/entries/entrySchema'
import { machineSchema, newJobSchema } from '#shared/schemas/machines'
import { newPersonSchema, policySchema } from '#shared/schemas/shop'
import { specListSchema } from '#shared/schemas/specs'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { newEntry, newJob, oilBody } from '../../api/shop'

const problems = (
  schema: {
    safeParse(v: unknown): { success: boolean; error?: { issues: { path: PropertyKey[]; message: string }[] } }
  },
  v: unknown,
): Record<string, string> =>
  Object.fromEntries((schema.safeParse(v).error?.issues ?? []).map(i => [i.path.join('.'), i.message]))

describe('entries', () => {
  it('come in and go out the same', () => {
    const e = newEntry(ulid(), 'oil', oilBody())
    expect(entrySchema.parse(e)).toEqual(e)
    expect(entrySchema.parse(JSON.parse(JSON.stringify(entrySchema.parse(e))))).toEqual(e)
  })

  it('what was left out, empty or blank is kept as nothing; words are trimmed', () => {
    const { colour: _, ...body } = oilBody()
    expect(BODY_SCHEMAS.oil.parse({ ...body, note: '   ' })).toMatchObject({ colour: null, note: null })
    expect(BODY_SCHEMAS.complaint.parse({ words: '  Smokes  ', since: '' })).toEqual({
      words: 'Smokes',
      since: null,
      about: null,
    })
  })

  it('names who, how, what and when in words', () => {
    expect(problems(entrySchema, { ...newEntry('', 'oil', oilBody()), at: 'yesterday', how: 'guessed' })).toEqual({
      by: 'Say who is at the bench.',
      at: 'When: give a date and time.',
      how: expect.stringContaining('measured, by feel, by eye'),
    })
    expect(problems(entrySchema, newEntry(ulid(), 'void', { reason: 'x' }, { how: null }))).toEqual({
      supersedes: 'Say which entry is undone.',
    })
  })

  it('the stick ends where the stick ends', () => {
    const at = (pct: unknown) =>
      problems(BODY_SCHEMAS.oil, { ...oilBody(), reading: { by: 'marks', pct } })['reading.pct']
    expect(at(-80)).toBeUndefined()
    expect(at(-81)).toContain('log it as dry')
    expect(at(301)).toContain('drain it')
    expect(at('half')).toContain('type a figure')
  })

  it('a line that is needed with a chance is still a line; one without words is not', () => {
    const line = {
      id: ulid(),
      type: 'part',
      text: 'Crank',
      why: null,
      low: 1,
      likely: 2,
      high: 3,
      chance: 0.4,
      priceKind: 'retail',
    }
    const option = {
      name: 'R',
      way: 'rebuild',
      lines: [line],
      valueAfterMinor: null,
      successChance: 1,
      comebackMinor: 0,
      hoursOk: 1,
      hoursFail: 0,
      ruledOut: null,
    }
    expect(problems(BODY_SCHEMAS.option, option)).toEqual({})
    expect(
      problems(BODY_SCHEMAS.option, { ...option, lines: [{ ...line, text: ' ', chance: -0.1, likely: 4 }] }),
    ).toEqual({
      'lines.0.text': 'Line is missing.',
      'lines.0.chance': "Chance can't be less than 0 %.",
      'lines.0.high': 'High must not be less than likely.',
    })
  })

  it('debris has a size, but water has none', () => {
    const sample = (item: object) =>
      problems(BODY_SCHEMAS.debris, {
        place: 'sump',
        items: [item],
        hoursSinceOil: null,
        hoursSinceRebuild: null,
        note: null,
      })
    expect(sample({ material: 'emulsion', amount: 'some', largestUm: null })).toEqual({})
    expect(sample({ material: 'grit', amount: 'some', largestUm: null })['items.0.largestUm']).toContain(
      'how large the largest piece is',
    )
  })
})

describe('records', () => {
  const machine = {
    kind: 'tiller',
    name: 'Mattock 6',
    serial: null,
    meterReading: 12.5,
    meterUnit: 'h',
    meterSource: 'measured',
  }
  it('a machine has a kind, a name and a meter that can be unknown', () => {
    expect(problems(machineSchema, { ...machine, meterReading: null })).toEqual({})
    expect(problems(machineSchema, { ...machine, kind: '', name: '', meterReading: 'x' })).toEqual({
      kind: 'Kind of machine: choose one of the answers.',
      name: 'Machine is missing.',
      meterReading: 'Meter: type a figure.',
    })
  })

  it('marks of a sheet must not contradict each other, whatever unit each is in', () => {
    const sheet = (low: number, full: number) =>
      problems(specListSchema, [
        { item: 'oil_low_mark', value: low, unit: 'mL', source: 'maker' },
        { item: 'oil_full_mark', value: full, unit: 'L', source: 'maker' },
        { item: 'oil_capacity', value: 600, unit: 'mL', source: 'maker' },
      ])
    expect(sheet(450, 0.6)).toEqual({})
    expect(sheet(450, 0.4)['0.value']).toContain('less than the full mark')
    expect(sheet(450, 1)['1.value']).toContain('one and a half times')
  })

  it('books in something known by its id, something new by its facts', () => {
    const by = ulid()
    expect(newJobSchema.safeParse(newJob(by)).success).toBe(true)
    expect(
      newJobSchema.safeParse(newJob(by, { machine: { id: ulid() }, customer: { id: ulid() }, facts: null, spec: [] }))
        .success,
    ).toBe(true)
    expect(problems(newJobSchema, newJob(by, { machine: { id: 'x' } }))).toEqual({
      'machine.id': 'Machine has an id that is not a ULID.',
    })
    expect(problems(newJobSchema, newJob(by, { customer: { name: 'A', phone: '1' } }))).toEqual({
      customer: 'phone is not a field here.',
    })
    expect(problems(newJobSchema, newJob(by, { customer: null }))).toEqual({
      customer: 'Owner is missing or not of the right kind.',
    })
  })

  it('a policy is whole and within reason', () => {
    expect(problems(policySchema, { ...DEFAULT_POLICY, version: 'v' })).toEqual({})
    expect(
      problems(policySchema, {
        ...DEFAULT_POLICY,
        version: 'v',
        timeZone: 'Mars/Olympus',
        backupAt: '25:00',
        shopUrl: 'ftp://x',
        currency: 'XQX',
        taxPct: -1,
        standHours: 0,
        sharePct: { ...DEFAULT_POLICY.sharePct, race: 500 },
      }),
    ).toEqual({
      currency: expect.stringContaining('not known'),
      taxPct: "Tax can't be negative.",
      standHours: 'A stand test takes at least 1 hour.',
      'sharePct.race': 'Share for race can be at most 200 %.',
      timeZone: expect.stringContaining('Europe/Lisbon'),
      backupAt: expect.stringContaining('02:00'),
      shopUrl: expect.stringContaining('http://'),
    })
    expect(problems(newPersonSchema, { name: 'Åsa 🛠️', initials: 'ÅS', active: true })).toEqual({})
    expect(problems(newPersonSchema, { name: 'x'.repeat(61), initials: 'TOOLONG', active: true })).toEqual({
      name: 'Name can hold 60 characters; this has 61. Shorten it, or split it in two.',
      initials: expect.stringContaining('can hold 4'),
    })
  })
})
