import type { Database } from 'better-sqlite3'
import type { Manifest } from './manifest'

/** What SQLite finds wrong with a file; null where it is sound. `quick_check` leaves out whether indexes and tables agree. */
export function soundness(db: Database, how: 'integrity_check' | 'quick_check'): string | null {
  const said = db.pragma(`${how}(1)`, { simple: true }) as string | undefined
  return said === 'ok' ? null : (said ?? 'no answer')
}

export interface Contents extends Pick<
  Manifest,
  'migrations' | 'shopName' | 'jobs' | 'entries' | 'photos' | 'lastEntryAt'
> {
  pictures: { id: string; sha256: string | null }[]
}

/** What a shop's database holds, also one that has not had every migration. */
export function contentsOf(db: Database): Contents {
  const has = (table: string, column: string): boolean =>
    (db.pragma(`table_info(${table})`) as { name: string }[]).some(c => c.name === column)
  const one = <T>(sql: string): T | null => (db.prepare(sql).pluck().get() as T | undefined) ?? null
  const count = (table: string): number => (has(table, 'id') ? (one<number>(`SELECT COUNT(*) FROM ${table}`) ?? 0) : 0)
  const sha256 = has('photos', 'sha256') ? 'sha256' : 'NULL AS sha256'
  return {
    migrations: db.prepare('SELECT name FROM schema_migrations ORDER BY name').pluck().all() as string[],
    shopName: one<string>("SELECT json_extract(body, '$.shopName') FROM shop_policy WHERE id = 1") ?? '',
    jobs: count('jobs'),
    entries: count('entries'),
    photos: count('photos'),
    lastEntryAt: one<string>('SELECT MAX(recorded_at) FROM entries'),
    pictures: has('photos', 'id') ? (db.prepare(`SELECT id, ${sha256} FROM photos`).all() as Contents['pictures']) : [],
  }
}
