import type { Database } from 'better-sqlite3'
import { DataFolderError } from './folderError'

export interface Migration {
  name: string
  sql: string
}

/** Names of the migrations that the file has not had. */
export function pending(db: Database, migrations: Migration[]): string[] {
  db.exec('CREATE TABLE IF NOT EXISTS schema_migrations (name TEXT PRIMARY KEY, applied_at TEXT NOT NULL) STRICT')
  const done = new Set(db.prepare('SELECT name FROM schema_migrations').pluck().all() as string[])
  const known = new Set(migrations.map(m => m.name))
  const unknown = [...done].filter(name => !known.has(name))
  if (unknown.length)
    throw new DataFolderError(
      `This database was last used by a newer Remedium (${unknown.join(', ')}). Start that version, or restore an older backup; nothing was changed.`,
    )
  return migrations.map(m => m.name).filter(name => !done.has(name))
}

/**
 * Applies, in one transaction each, every migration that the file has not had.
 * @returns the names applied now
 * @throws  DataFolderError when the file has had migrations that this program does not know
 */
export function migrate(db: Database, migrations: Migration[]): string[] {
  const names = new Set(pending(db, migrations))
  const mark = db.prepare('INSERT INTO schema_migrations VALUES (?, ?)')
  const applied: string[] = []
  for (const m of migrations) {
    if (!names.has(m.name)) continue
    db.transaction(() => {
      db.exec(m.sql)
      mark.run(m.name, new Date().toISOString())
    }).immediate()
    applied.push(m.name)
  }
  return applied
}
