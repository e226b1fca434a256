import Database from 'better-sqlite3'
import { beforeEach, describe, expect, it } from 'vitest'
import { atOnce } from '../../../server/db/statements'
import { together } from '../../../server/utils/together'

let db: Database.Database
beforeEach(() => {
  db = new Database(':memory:')
  db.exec('CREATE TABLE t (n INTEGER PRIMARY KEY)')
})
const add = (n: number): number => db.transaction(() => (db.prepare('INSERT INTO t VALUES (?)').run(n), n)).immediate()
const stored = () => db.prepare('SELECT n FROM t ORDER BY n').pluck().all()

describe('what is written together', () => {
  it('is one transaction: each is answered for itself, and what one of them refused is undone alone', async () => {
    const commits: number[] = []
    const all = [1, 2, 2, 3].map(n =>
      together(db, () => {
        commits.push(db.inTransaction ? 1 : 0)
        if (n === 3) {
          db.transaction(() => {
            db.prepare('INSERT INTO t VALUES (30)').run()
            throw new Error('refused')
          })()
        }
        return add(n)
      }),
    )
    expect(stored()).toEqual([])
    const said = await Promise.allSettled(all)
    expect(said.map(s => (s.status === 'fulfilled' ? s.value : (s.reason as Error).message))).toEqual([
      1,
      2,
      'UNIQUE constraint failed: t.n',
      'refused',
    ])
    expect(commits).toEqual([1, 1, 1, 1])
    expect(stored()).toEqual([1, 2])
    expect(await together(db, () => add(4))).toBe(4)
  })
  it('is all of it or nothing, alone and inside another', () => {
    const failing = (n: number) => () => {
      add(n)
      throw new Error('no')
    }
    expect(() => atOnce(db, failing(1))).toThrow('no')
    atOnce(db, () => {
      expect(() => atOnce(db, failing(2))).toThrow('no')
      return atOnce(db, () => add(3))
    })
    expect(stored()).toEqual([3])
  })
  it('is acknowledged by none when it can not be put on disk', async () => {
    db.exec('CREATE TABLE big (x TEXT)')
    db.pragma('max_page_count = 4')
    const all = [
      together(db, () => add(1)),
      together(db, () => db.prepare('INSERT INTO big VALUES (?)').run('x'.repeat(200_000))),
      together(db, () => add(2)),
    ]
    const said = await Promise.allSettled(all)
    expect(said[1]?.status).toBe('rejected')
    // whatever was acknowledged is there
    expect(stored()).toEqual(
      said.flatMap(s => (s.status === 'fulfilled' && typeof s.value === 'number' ? [s.value] : [])),
    )
  })
})
