import type { Database, Statement } from 'better-sqlite3'

const prepared = new WeakMap<Database, Map<string, Statement>>()

/** A statement prepared once for each database. */
export function statement(db: Database, sql: string): Statement {
  const known = prepared.get(db) ?? new Map<string, Statement>()
  prepared.set(db, known)
  const found = known.get(sql) ?? db.prepare(sql)
  known.set(sql, found)
  return found
}

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
