import { isMainThread } from 'node:worker_threads'
import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import type { ShopPolicy } from '#core/engine/policy'
import { DEFAULT_POLICY } from '#core/engine/policy'
import type { Person } from '#shared/types/records'
import { keepChange } from './changes'
import { versionOf } from './differences'
import { Refusal } from './refusal'
import { row, rows, run } from './statements'

const POLICY = 'SELECT body, updated_at FROM shop_policy WHERE id = 1'
const SAVE_POLICY = `
  INSERT INTO shop_policy (id, body, updated_at) VALUES (1, ?, ?)
  ON CONFLICT (id) DO UPDATE SET body = excluded.body, updated_at = excluded.updated_at`
const PERSON_ROW = 'SELECT id, name, initials, active, role, senior, pin IS NOT NULL AS hasPin FROM people'
const PEOPLE = `${PERSON_ROW} ORDER BY name`
const SINCE = `
  SELECT MIN(since) AS since
  FROM   (SELECT MIN(created_at) AS since FROM people UNION ALL SELECT * FROM (SELECT created_at FROM jobs ORDER BY number LIMIT 1))`
const PERSON = `${PERSON_ROW} WHERE id = ?`
const ADD_PERSON =
  'INSERT INTO people (id, name, initials, active, role, senior, pin, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)'
const SAVE_PERSON =
  'UPDATE people SET name = ?, initials = ?, active = ?, role = ?, senior = ?, updated_at = ? WHERE id = ?'
const PIN = 'SELECT pin FROM people WHERE id = ?'
const SAVE_PIN = 'UPDATE people SET pin = ?, updated_at = ? WHERE id = ?'
const KEEPERS = "SELECT COUNT(*) AS n FROM people WHERE role = 'keeper' AND active = 1 AND id <> ?"

type PersonRow = Omit<Person, 'active' | 'senior' | 'hasPin' | 'version'> &
  Record<'active' | 'senior' | 'hasPin', number>
const person = ({ id, hasPin, ...r }: PersonRow): Person => {
  const fields = { ...r, active: r.active === 1, senior: r.senior === 1 }
  return { id, ...fields, hasPin: hasPin === 1, version: versionOf(fields) }
}
export type PersonFields = Omit<Person, 'id' | 'version' | 'hasPin'>
/** Somebody new works at the bench unless it is said otherwise. */
export type NewPerson = Omit<PersonFields, 'role' | 'senior'> & Partial<Pick<PersonFields, 'role' | 'senior'>>

/** The rules as they were read last: every request asks for some of them, several times. `fresh` until what is at hand was done. */
const readLast = new WeakMap<Database, { body: string; policy: ShopPolicy; fresh: boolean }>()

export function policyOf(db: Database): ShopPolicy {
  const last = readLast.get(db)
  return { ...(last?.fresh ? last.policy : readPolicy(db)) }
}

/** Whoever else has the file open may write them as well: a reading holds for one turn of the loop, and no longer. A thread that waits for its next task never turns: there it holds for nothing. */
function readPolicy(db: Database): ShopPolicy {
  const body = row<{ body: string }>(db, POLICY)?.body ?? '{}'
  const known = readLast.get(db)
  const policy =
    known?.body === body ? known.policy : { ...DEFAULT_POLICY, ...(JSON.parse(body) as Partial<ShopPolicy>) }
  const read = { body, policy, fresh: isMainThread }
  readLast.set(db, read)
  if (isMainThread) setImmediate(() => (read.fresh = false))
  return policy
}

/** Changes whenever the policy does. */
export const policyStamp = (db: Database): string => row<{ updated_at: string }>(db, POLICY)?.updated_at ?? ''

export function savePolicy(db: Database, policy: ShopPolicy): void {
  db.transaction(() => {
    keepChange(db, 'shop_policy', '1', null, policyOf(db), policy)
    run(db, SAVE_POLICY, JSON.stringify(policy), new Date().toISOString())
    readLast.delete(db)
  }).immediate()
}

export const peopleOf = (db: Database): Person[] => rows<PersonRow>(db, PEOPLE).map(person)

/** When its first person was entered, or its first job booked in. */
export const shopSince = (db: Database): string | null => row<{ since: string | null }>(db, SINCE)?.since ?? null

export function personOf(db: Database, id: string): Person | undefined {
  const found = row<PersonRow>(db, PERSON, id)
  return found && person(found)
}

/** Somebody as each request asks: without a version, which only who changes it needs. */
export type Somebody = Omit<Person, 'version' | 'hasPin'>
export function somebody(db: Database, id: string): Somebody | undefined {
  const found = row<PersonRow>(db, PERSON, id)
  return found && { ...found, active: found.active === 1, senior: found.senior === 1 }
}

/** Somebody of this shop, here now or gone since. */
export function knownPerson(db: Database, id: string): Somebody {
  const found = somebody(db, id)
  if (!found)
    throw new Refusal(422, 'Say who is at the bench.', [{ field: 'by', message: "Choose one of the shop's people." }])
  return found
}

/** @param pin hashed; null: none was given yet */
export function addPerson(db: Database, fields: NewPerson, id = ulid(), pin: string | null = null): Person {
  const { name, initials, active, role = 'bench', senior = false } = fields
  const now = new Date().toISOString()
  run(db, ADD_PERSON, id, name, initials, Number(active), role, Number(senior), pin, now, now)
  return person({
    id,
    name,
    initials,
    active: Number(active),
    role,
    senior: Number(senior),
    hasPin: Number(pin !== null),
  })
}

export function savePerson(db: Database, id: string, next: PersonFields, pin: string | null = null): Person {
  return db
    .transaction(() => {
      const before = personOf(db, id)
      if (!before) throw new Refusal(404, 'There is no such person in this shop.')
      const { version: _, hasPin: __, ...was } = before
      checkKept(db, before, next)
      keepChange(db, 'people', id, null, was, { id, ...next })
      const { name, initials, active, role, senior } = next
      run(db, SAVE_PERSON, name, initials, Number(active), role, Number(senior), new Date().toISOString(), id)
      if (pin !== null) savePin(db, id, pin)
      return personOf(db, id) as Person
    })
    .immediate()
}

/** A shop that nobody keeps can't let anybody in any more. */
function checkKept(db: Database, before: Person, next: PersonFields): void {
  const keeps = ({ role, active }: PersonFields): boolean => role === 'keeper' && active
  if (!keeps(before) || keeps(next) || row<{ n: number }>(db, KEEPERS, before.id)?.n) return
  const field = next.active ? 'role' : 'active'
  throw new Refusal(409, `${before.name} is the only keeper here. Make somebody else a keeper first.`, [
    { field, message: 'A shop needs one keeper who is here.' },
  ])
}

export const pinOf = (db: Database, id: string): string | null => row<{ pin: string | null }>(db, PIN, id)?.pin ?? null
/** @param pin hashed */
export const savePin = (db: Database, id: string, pin: string): void =>
  run(db, SAVE_PIN, pin, new Date().toISOString(), id)
