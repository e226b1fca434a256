import type { Database } from 'better-sqlite3'
import { atOnce } from '../db/statements'

interface Waiting {
  work(): unknown
  done(result: unknown): void
  fail(error: unknown): void
}
const waiting = new WeakMap<Database, Waiting[]>()

/**
 * Writes what comes in at one moment in one transaction, so that the disk is waited for once. Each is done or refused for itself (a
 * transaction of its own inside is a savepoint); none is acknowledged before all of it is on disk, and where that fails none was done.
 * @param work synchronous, and a transaction of its own
 */
export function together<T>(db: Database, work: () => T): Promise<T> {
  return new Promise<T>((done, fail) => {
    const mine: Waiting = { work, done: done as Waiting['done'], fail }
    const known = waiting.get(db)
    if (known) {
      known.push(mine)
      return
    }
    waiting.set(db, [mine])
    setImmediate(() => writeAll(db))
  })
}

function writeAll(db: Database): void {
  const all = waiting.get(db) ?? []
  waiting.delete(db)
  const answers: (() => void)[] = []
  try {
    atOnce(db, () => {
      for (const { work, done, fail } of all)
        try {
          const result = work()
          answers.push(() => done(result))
        } catch (error) {
          answers.push(() => fail(error))
          // a full disk rolls the whole back, not only this one
          if (!db.inTransaction) throw error
        }
    })
  } catch (error) {
    for (const { fail } of all) fail(error)
    return
  }
  for (const answer of answers) answer()
}
