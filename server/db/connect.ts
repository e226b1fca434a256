import { isMainThread } from 'node:worker_threads'
import Database from 'better-sqlite3'

/** What a connection of a thread keeps in memory of the file, kB. */
const THREAD_PAGES_KB = 4000
/** How long the log of the file may get before who answers the pages moves it into the file himself, pages: the thread of the lines does it at a thousand. */
const LOG_PAGES = 16_000

/**
 * A connection to a shop's file, set as every one of them is: what is acknowledged is on disk.
 * @param file it is there already: a connection never makes one, or a folder that was swapped would get an empty shop
 */
export function connect(file: string, { readonly = false } = {}): Database.Database {
  const db = new Database(file, { readonly, fileMustExist: true, timeout: 5000 })
  try {
    // pages that a thread keeps by itself: the system keeps them too, for all of them
    if (!isMainThread) db.pragma(`cache_size = -${THREAD_PAGES_KB}`)
    if (readonly) return db
    db.pragma('journal_mode = WAL')
    db.pragma('synchronous = FULL')
    db.pragma('foreign_keys = ON')
    // what streams the file elsewhere decides itself when its log is moved into it
    if (process.env.REMEDIUM_STREAMED) db.pragma('wal_autocheckpoint = 0')
    // moving it waits for the disk twice, and everybody would wait with it
    else if (isMainThread) db.pragma(`wal_autocheckpoint = ${LOG_PAGES}`)
    return db
  } catch (error) {
    db.close()
    throw error
  }
}
