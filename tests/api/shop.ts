import { ulid } from 'ulid'
import { browserAt, call, firstPerson, TEST_PIN } from '../server'

export const FACTS = {
  engineClass: 'S4',
  cycle: 'four',
  displacementCc: 148,
  cylinders: 1,
  oiling: 'splash',
  oilShows: 'stick_screwed',
  release: 'automatic',
  bore: 'bare',
  fuelFeed: 'float',
  cooling: 'air',
}
export const SPEC = [{ item: 'oil_capacity', value: 550, unit: 'mL', source: 'maker', note: null }]

/** Somebody more of the shop, with a PIN. */
export async function addPerson(url: string, name: string, role = 'keeper'): Promise<string> {
  const person = { name, initials: 'AQ', active: true, role, senior: role === 'keeper', pin: TEST_PIN }
  return (await call(`${url}/api/shop/people`, 'POST', person)).body.id
}

export function newEntry(by: string, kind: string, body: unknown, more: Record<string, unknown> = {}) {
  return { id: ulid(), kind, at: '2026-05-04T09:00:00.000Z', by, how: 'measured', body, supersedes: null, ...more }
}
export const oilBody = (value = 880, unit = 'mL') => ({
  reading: { by: 'volume', amount: { value, unit } },
  colour: 'honey',
  thickness: 'normal',
  smell: 'plain',
  glitter: 'none',
  whereGone: null as string | null,
  note: null,
})

export function newJob(by: string, more: Record<string, unknown> = {}) {
  return {
    id: ulid(),
    customer: { name: 'Nell Brack', contact: null },
    machine: {
      kind: 'walk_behind_mower',
      name: 'Thistledown 46',
      serial: null,
      meterReading: null,
      meterUnit: 'h',
      meterSource: 'claimed',
    },
    facts: FACTS,
    spec: SPEC,
    entries: [newEntry(by, 'complaint', { words: 'Smokes', since: null }, { how: 'claimed' })],
    ...more,
  }
}

/** A part for the shelf as the page sends it. */
export const newShelf = (by: string, more: Record<string, unknown> = {}) => ({
  ...{ id: ulid(), part: 'crank', name: 'Crank', engineClass: 'S4', fromJobId: null, grade: 'used' },
  ...{ tested: null, measured: null, place: 'Shelf 1', priceMinor: 100, quarantine: null, by },
  ...more,
})

/** Who is at the bench here; in a shop that nobody keeps, its first person. */
export async function atTheBench(url: string): Promise<string> {
  return browserAt(url).first ? firstPerson(url, 'Ada Quill', 'AQ') : (await call(`${url}/api/session`)).body.person.id
}

/** A fresh shop with one person and one job. */
export async function openShop(
  url: string,
): Promise<{ by: string; jobId: string; log(entry: unknown): ReturnType<typeof call> }> {
  const by = await atTheBench(url)
  const job = newJob(by)
  await call(`${url}/api/jobs`, 'POST', job)
  return { by, jobId: job.id, log: entry => call(`${url}/api/jobs/${job.id}/entries`, 'POST', entry) }
}
