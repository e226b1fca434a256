import type { Database } from 'better-sqlite3'
import { run } from './statements'

const ADD_CHANGE = `
  INSERT INTO changes (record, row_id, at, by, before, after)
  VALUES (?, ?, ?, ?, ?, ?)`

/** Keeps what a record said before it was changed; nothing is kept when nothing changed. */
export function keepChange(
  db: Database,
  record: string,
  rowId: string,
  by: string | null,
  before: unknown,
  after: unknown,
): void {
  const [was, is] = [JSON.stringify(before), JSON.stringify(after)]
  if (was !== is) run(db, ADD_CHANGE, record, rowId, new Date().toISOString(), by, was, is)
}
