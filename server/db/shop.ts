import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import type { ShopPolicy } from '#core/engine/policy'
import { DEFAULT_POLICY } from '#core/engine/policy'
import type { Person } from '#shared/types/records'
import { keepChange } from './changes'
import { Refusal } from './refusal'
import { row, rows, run } from './statements'

const POLICY = 'SELECT body, updated_at FROM shop_policy WHERE id = 1'
const SAVE_POLICY = `
  INSERT INTO shop_policy (id, body, updated_at) VALUES (1, ?, ?)
  ON CONFLICT (id) DO UPDATE SET body = excluded.body, updated_at = excluded.updated_at`
const PEOPLE = 'SELECT id, name, initials, active FROM people ORDER BY name'
const PERSON = 'SELECT id, name, initials, active FROM people WHERE id = ?'
const ADD_PERSON = 'INSERT INTO people (id, name, initials, active, created_at, updated_at) VALUES (?, ?, ?, ?, ?, ?)'
const SAVE_PERSON = 'UPDATE people SET name = ?, initials = ?, active = ?, updated_at = ? WHERE id = ?'

type PersonRow = Omit<Person, 'active'> & { active: number }
const person = (r: PersonRow): Person => ({ ...r, active: r.active === 1 })

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

export function personOf(db: Database, id: string): Person | undefined {
  const found = row<PersonRow>(db, PERSON, id)
  return found && person(found)
}

/** Somebody of this shop stands at the bench. */
export function checkPerson(db: Database, id: string): void {
  if (!personOf(db, id))
    throw new Refusal(422, 'Say who is at the bench.', [{ field: 'by', message: "Choose one of the shop's people." }])
}

export function addPerson(db: Database, { name, initials, active }: Omit<Person, 'id'>, id = ulid()): Person {
  const now = new Date().toISOString()
  run(db, ADD_PERSON, id, name, initials, active ? 1 : 0, now, now)
  return { id, name, initials, active }
}

export function savePerson(db: Database, id: string, next: Omit<Person, 'id'>): Person {
  return db
    .transaction(() => {
      const before = personOf(db, id)
      if (!before) throw new Refusal(404, 'There is no such person in this shop.')
      keepChange(db, 'people', id, null, before, { id, ...next })
      run(db, SAVE_PERSON, next.name, next.initials, next.active ? 1 : 0, new Date().toISOString(), id)
      return { id, ...next }
    })
    .immediate()
}
