import type { Database, Statement, Transaction } from 'better-sqlite3'

const known = new WeakMap<Database, Map<string, Statement>>()

/** A statement prepared once for each database. */
export function statement(db: Database, sql: string): Statement {
  const mine = known.get(db) ?? new Map<string, Statement>()
  known.set(db, mine)
  const found = mine.get(sql) ?? db.prepare(sql)
  mine.set(sql, found)
  return found
}

const wrapped = new WeakMap<Database, Transaction<(work: () => unknown) => unknown>>()

/** All of it or nothing, writing from the start; inside another it is a savepoint of that. Its wrapper is made once for each database. */
export function atOnce<T>(db: Database, work: () => T): T {
  const mine = wrapped.get(db) ?? db.transaction((all: () => unknown) => all())
  wrapped.set(db, mine)
  return mine.immediate(work) as T
}

/** What was prepared so far, as it was written. */
export const prepared = (db: Database): string[] => [...(known.get(db)?.keys() ?? [])]

/** Words to be found anywhere in a text by LIKE with ESCAPE '\\'; % and _ stand for themselves. */
export const anywhere = (words: string): string => `%${words.replace(/[\\%_]/g, '\\$&')}%`

/** Rows of a query, with the type that its columns have. */
export const rows = <T>(db: Database, sql: string, ...params: unknown[]): T[] =>
  statement(db, sql).all(...params) as T[]
export const row = <T>(db: Database, sql: string, ...params: unknown[]): T | undefined =>
  statement(db, sql).get(...params) as T | undefined
export const run = (db: Database, sql: string, ...params: unknown[]): void => {
  statement(db, sql).run(...params)
}
