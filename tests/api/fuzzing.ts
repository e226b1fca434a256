import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { ulid } from 'ulid'
import routes from '#routes'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { CALCULATORS } from '#core/calculators'
import { browse } from '../server'
import { newEntry, newJob, newShelf, oilBody } from './shop'

/** One request as it is thrown at the server. */
export interface Thrown {
  method: string
  path: string
  body: string | null
  type: string
}

/** What is known of the shop that is thrown at. */
export interface Target {
  by: string
  jobId: string
  machineId: string
  sheetId: string
  shelfId: string
  /** the cookie of a device of its own: who throws PINs at it must not lock out who throws the rest */
  stranger: string
}

const STORED = JSON.parse(readFileSync('tests/fixtures/stored-entries.json', 'utf8')) as {
  jobs: { entries: { kind: string; how: string | null; body: unknown }[] }[]
}
/** One body of each kind that ever lay on disk. */
const BODIES = [...new Map(STORED.jobs.flatMap(j => j.entries).map(e => [e.kind, e])).values()]

/** A sound body for every route that takes one; a route without a row here gets arbitrary JSON. */
const sound = (t: Target): Record<string, () => unknown> => ({
  'POST /api/jobs': () => newJob(t.by),
  'POST /api/jobs/[id]/entries': () => newEntry(t.by, 'oil', oilBody()),
  'POST /api/jobs/[id]/quotes': () => ({
    id: ulid(),
    by: t.by,
    stage: 'look',
    words: null,
    feeMinor: 3000,
    days: 7,
    photoIds: [],
  }),
  'PUT /api/jobs/[id]/quotes/[quote]': () => ({ withdrawn: true, by: t.by }),
  'POST /api/jobs/import': () => ({ id: ulid(), text: '{}', by: t.by }),
  'PUT /api/machines/[id]': () => {
    const { machine, facts, spec, customer } = newJob(t.by)
    return { machine, facts, spec, customer, by: t.by, version: 'x' }
  },
  'PUT /api/machines/[id]/sheet': () => ({ sheetId: t.sheetId, by: t.by }),
  'POST /api/prices/import': () => ({
    text: 'number;name;price\nA1;Oil pump;80,00',
    supplier: 'Tollbrook',
    kind: 'retail',
    pricedOn: '2026-05-04',
    apply: true,
    version: null,
    by: t.by,
  }),
  'POST /api/q/[token]/answer': () => ({ choice: 'none', optionId: null, words: null, name: 'Nell' }),
  'POST /api/shelf': () => newShelf(t.by, { fromJobId: t.jobId }),
  'PUT /api/shelf/[id]': () => {
    const { id: _, part: __, engineClass: ___, fromJobId: ____, ...fields } = newShelf(t.by)
    return { ...fields, version: 'x' }
  },
  'POST /api/shelf/[id]/move': () => ({ to: 'reserved', jobId: t.jobId, by: t.by }),
  'POST /api/shop/people': () => ({ id: ulid(), name: 'Bo Finch', initials: 'BF', active: true, role: 'bench' }),
  'PUT /api/shop/people/[id]': () => ({
    ...{ name: 'Bo Finch', initials: 'BF', active: true, role: 'counter', senior: false, version: 'x' },
  }),
  'POST /api/shop/devices': () => ({ name: 'Tablet' }),
  'PUT /api/shop/devices/[id]': () => ({ to: 'renewed' }),
  'POST /api/shop/links': () => ({ id: ulid(), by: t.by }),
  'PUT /api/shop/links/[id]': () => ({ withdrawn: true, by: t.by }),
  'POST /api/jobs/[id]/links': () => ({ id: ulid(), by: t.by }),
  'POST /api/jobs/[id]/bills': () => ({
    ...{ id: ulid(), by: t.by },
    bill: {
      to: { name: 'Nell', contact: null, taxNumber: null },
      lines: [{ text: 'Labour', detail: null, minor: 1000, taxPct: 20, discountPct: 5 }],
      ...{ discountMinor: 10, tax: 'charged', taxWhy: null, payDays: 14, words: null },
    },
  }),
  'POST /api/jobs/[id]/bills/[bill]/credit': () => ({ id: ulid(), by: t.by, why: 'wrong' }),
  'POST /api/jobs/[id]/payments': () => ({ id: ulid(), by: t.by, minor: 500, paidBy: 'cash', note: null }),
  'POST /api/session/code': () => ({ code: 'ABCD' }),
  'POST /api/session/let-in': () => ({ code: 'ABCD', deviceName: 'Tablet' }),
  'POST /api/session/person': () => ({ personId: t.by, pin: '9301' }),
  'PUT /api/session/pin': () => ({ pin: '9301', next: '8320' }),
  'PUT /api/shop/policy': () => ({ ...DEFAULT_POLICY, version: 'x' }),
  'POST /api/specs': () => ({ id: ulid(), name: 'Heron', engineClass: 'S4', values: [], fill: null, by: t.by }),
  'PUT /api/specs/[id]': () => ({ name: 'Heron', engineClass: 'S4', values: [], fill: null, by: t.by, version: 'x' }),
  'POST /api/specs/import': () => ({
    as: 'csv',
    text: 'item,value,unit,source\nbore,65,mm,maker',
    sheetId: null,
    name: 'Heron',
    engineClass: 'S4',
    apply: true,
    by: t.by,
  }),
})

/** Backups take their time and room: they have tests of their own. */
const LEFT_OUT = new Set(['POST /api/shop/backups'])
export const ROUTES = routes.filter(r => !LEFT_OUT.has(`${r.method} ${r.path}`))

const nasty = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    ' ',
    0,
    -1,
    1e308,
    -1e-308,
    Number.MAX_SAFE_INTEGER,
    '__proto__',
    'constructor',
    '\u0000',
    '../../etc',
    "'; DROP TABLE jobs; --",
    '%s%n',
    '\ud800',
    '𝒳'.repeat(300),
    'a'.repeat(30_000),
    [],
    {},
    [[[[[[]]]]]],
    '2026-02-30',
    '9999-12-31T23:59:59.999Z',
    '01ARZ3NDEKTSV4RRFFQ69G5FAV',
  ),
  fc.jsonValue({ maxDepth: 3 }),
  fc.double({ noNaN: true, noDefaultInfinity: true }),
  fc.string({ unit: 'binary', maxLength: 60 }),
)

/** Every place of a value, as a path. */
function places(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [at]
  return [at, ...Object.entries(value).flatMap(([k, v]) => places(v, [...at, Array.isArray(value) ? Number(k) : k]))]
}
function put(value: unknown, [key, ...rest]: (string | number)[], next: unknown): unknown {
  if (key === undefined) return next
  if (Array.isArray(value)) return value.map((v, i) => (i === key ? put(v, rest, next) : (v as unknown)))
  const { [key]: was, ...others } = value as Record<string, unknown>
  return next === undefined && !rest.length ? others : { ...others, [key]: put(was, rest, next) }
}

/** A sound body with one to three of its places put wrong, a field too many or one too few. */
const spoilt = (body: unknown): fc.Arbitrary<unknown> =>
  fc
    .array(
      fc.tuple(fc.nat(), fc.oneof({ weight: 5, arbitrary: nasty }, { weight: 1, arbitrary: fc.constant(undefined) })),
      {
        minLength: 0,
        maxLength: 3,
      },
    )
    .map(changes =>
      changes.reduce<unknown>((now, [n, next]) => {
        const all = places(now)
        return put(now, all[n % all.length] ?? [], next)
      }, body),
    )

/** An object may have a `toString` of its own that is none. */
const asText = (value: unknown): string => (typeof value === 'string' ? value : (JSON.stringify(value) ?? ''))

const segment = fc.oneof(
  { weight: 1, arbitrary: nasty.map(v => asText(v).slice(0, 200)) },
  { weight: 1, arbitrary: fc.constantFrom(ulid(), 'pert', 'oil_adjust', '%', '..') },
)

/** One request to any route there is: mostly right, somewhere wrong. */
export function thrown(t: Target): fc.Arbitrary<Thrown> {
  const bodies = sound(t)
  const ids: Record<string, string[]> = {
    '/api/jobs': [t.jobId],
    '/api/machines': [t.machineId],
    '/api/specs': [t.sheetId],
    '/api/shelf': [t.shelfId],
    '/api/shop/people': [t.by],
    '/api/calc': [...CALCULATORS.keys()],
  }
  return fc.constantFrom(...ROUTES).chain(({ method, path }) => {
    const known = Object.entries(ids).find(([of]) => path.startsWith(`${of}/[`))?.[1] ?? []
    const entries = path === '/api/jobs/[id]/entries' && method === 'POST'
    const body: fc.Arbitrary<string | null> =
      method === 'GET'
        ? fc.constant(null)
        : fc.oneof(
            { weight: 1, arbitrary: fc.string({ unit: 'binary', maxLength: 200 }) },
            { weight: 1, arbitrary: nasty.map(v => JSON.stringify(v)) },
            {
              weight: 8,
              arbitrary: (entries
                ? fc.constantFrom(...BODIES).chain(e => spoilt({ ...newEntry(t.by, e.kind, e.body), how: e.how }))
                : spoilt(bodies[`${method} ${path}`]?.() ?? {})
              ).map(v => JSON.stringify(v) ?? 'null'),
            },
          )
    return fc.record({
      method: fc.oneof(
        { weight: 30, arbitrary: fc.constant(method) },
        { weight: 1, arbitrary: fc.constantFrom('DELETE', 'PATCH', 'PUT', 'POST', 'GET', 'OPTIONS') },
      ),
      path: fc
        .tuple(
          fc.array(
            known.length
              ? fc.oneof({ weight: 6, arbitrary: fc.constantFrom(...known) }, { weight: 1, arbitrary: segment })
              : segment,
            {
              minLength: 3,
              maxLength: 3,
            },
          ),
          fc.option(
            fc.dictionary(
              fc.constantFrom(
                'find',
                'q',
                'before',
                'id',
                'as',
                'size',
                'about',
                'engineClass',
                'except',
                'quote',
                'ratio',
                'totalMl',
                'made',
                'words',
              ),
              nasty.map(v => asText(v).slice(0, 400)),
              { maxKeys: 4 },
            ),
          ),
        )
        .map(([parts, query]) => {
          let i = 0
          const filled = path.replace(/\[[^\]]+\]/g, () => encodeURIComponent(wellFormed(parts[i++] ?? 'x') || 'x'))
          const asked = query
            ? `?${Object.entries(query)
                .map(([k, v]) => `${k}=${encodeURIComponent(wellFormed(v))}`)
                .join('&')}`
            : ''
          return filled + asked
        }),
      body,
      type: fc.oneof(
        { weight: 12, arbitrary: fc.constant('application/json') },
        { weight: 1, arbitrary: fc.constantFrom('text/plain', 'image/jpeg', '') },
      ),
    })
  })
}
/** Halves of a sign can't be sent in an address. */
const wellFormed = (text: string): string => text.replace(/[\ud800-\udfff]/g, '')

const MOST_MS = 15_000

/** Throws one request and says what is wrong with the answer; null when it is as it should be. */
export async function wrongWith(
  url: string,
  { method, path, body, type }: Thrown,
  tally: Map<number, number>,
  stranger: string,
): Promise<string | null> {
  const started = Date.now()
  let response: Response
  try {
    response = await browse(url + path, {
      method,
      headers: {
        ...(type && { 'content-type': type }),
        ...(path.startsWith('/api/session') && { cookie: stranger }),
      },
      ...(body !== null && !['GET', 'HEAD'].includes(method) && { body }),
      signal: AbortSignal.timeout(MOST_MS),
    })
  } catch (error) {
    return `no answer after ${Date.now() - started} ms: ${(error as Error).message}`
  }
  const text = await response.text()
  tally.set(response.status, (tally.get(response.status) ?? 0) + 1)
  if (response.status >= 500) return `${response.status}: ${text.slice(0, 400)}`
  if (response.status < 400) return null
  const isCalc = path.startsWith('/api/calc/') && response.status === 422
  let answer: {
    type?: unknown
    status?: unknown
    detail?: unknown
    fields?: { field: unknown; message: unknown }[]
    field?: unknown
  }
  try {
    answer = JSON.parse(text) as typeof answer
  } catch {
    return `${response.status} is not JSON: ${text.slice(0, 200)}`
  }
  // a calculator's refusal is its own, on every door of it
  if (isCalc && answer.field !== undefined) return null
  if (answer.type !== 'about:blank' || answer.status !== response.status || typeof answer.detail !== 'string')
    return `${response.status} has not the shape of a fault: ${text.slice(0, 300)}`
  if (response.status === 422 && !answer.fields?.every(f => f.field && typeof f.message === 'string' && f.message))
    return `422 without a field that it is about: ${text.slice(0, 300)}`
  if (response.status === 422 && !answer.fields?.length) return `422 names no field: ${text.slice(0, 300)}`
  return null
}
