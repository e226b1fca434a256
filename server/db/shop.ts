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
const PEOPLE = 'SELECT id, name, initials, active FROM people ORDER BY name'
const SINCE = `
  SELECT MIN(since) AS since
  FROM   (SELECT MIN(created_at) AS since FROM people UNION ALL SELECT * FROM (SELECT created_at FROM jobs ORDER BY number LIMIT 1))`
const PERSON = 'SELECT id, name, initials, active FROM people WHERE id = ?'
const ADD_PERSON = 'INSERT INTO people (id, name, initials, active, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?)'
const SAVE_PERSON = 'UPDATE people SET name = ?, initials = ?, active = ?, updated_at = ? WHERE id = ?'

type PersonRow = Omit<Person, 'active' | 'version'> & { active: number }
const person = ({ id, ...r }: PersonRow): Person => {
  const fields = { ...r, active: r.active === 1 }
  return { id, ...fields, version: versionOf(fields) }
}
export type PersonFields = Omit<Person, 'id' | 'version'>

export function policyOf(db: Database): ShopPolicy {
  const saved = row<{ body: string }>(db, POLICY)
  return { ...DEFAULT_POLICY, ...(saved && (JSON.parse(saved.body) as Partial<ShopPolicy>)) }
}

/** Changes whenever the policy does. */
export const policyStamp = (db: Database): string => row<{ updated_at: string }>(db, POLICY)?.updated_at ?? ''

export function savePolicy(db: Database, policy: ShopPolicy): void {
  db.transaction(() => {
    keepChange(db, 'shop_policy', '1', null, policyOf(db), policy)
    run(db, SAVE_POLICY, JSON.stringify(policy), new Date().toISOString())
  }).immediate()
}

export const peopleOf = (db: Database): Person[] => rows<PersonRow>(db, PEOPLE).map(person)

/** When its first person was entered, or its first job booked in. */
export const shopSince = (db: Database): string | null => row<{ since: string | null }>(db, SINCE)?.since ?? null

export function personOf(db: Database, id: string): Person | undefined {
  const found = row<PersonRow>(db, PERSON, id)
  return found && person(found)
}

/** Somebody of this shop, here now or gone since. */
export function knownPerson(db: Database, id: string): Person {
  const found = personOf(db, id)
  if (!found)
    throw new Refusal(422, 'Say who is at the bench.', [{ field: 'by', message: "Choose one of the shop's people." }])
  return found
}

/** Somebody of this shop who is not away stands at the bench. */
export function checkPerson(db: Database, id: string, field = 'by'): void {
  const { active, name } = knownPerson(db, id)
  if (!active)
    throw new Refusal(422, `${name} is away: say who is at the bench.`, [
      { field, message: `${name} is away. Choose somebody who is here, or bring ${name} back under Shop.` },
    ])
}

export function addPerson(db: Database, { name, initials, active }: PersonFields, id = ulid()): Person {
  const now = new Date().toISOString()
  run(db, ADD_PERSON, id, name, initials, active ? 1 : 0, now, now)
  return { id, name, initials, active, version: versionOf({ name, initials, active }) }
}

export function savePerson(db: Database, id: string, next: PersonFields): Person {
  return db
    .transaction(() => {
      const before = personOf(db, id)
      if (!before) throw new Refusal(404, 'There is no such person in this shop.')
      const { version: _, ...was } = before
      keepChange(db, 'people', id, null, was, { id, ...next })
      run(db, SAVE_PERSON, next.name, next.initials, next.active ? 1 : 0, new Date().toISOString(), id)
      return { id, ...next, version: versionOf(next) }
    })
    .immediate()
}
