import { copyFile, mkdir, open, rename, rm, stat } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import type { Database } from 'better-sqlite3'
import { photoName, photosFolder } from '../db/photoFiles'
import { rows } from '../db/statements'

const NEXT = 'SELECT rowid AS n, id, sha256 FROM photos WHERE rowid > ? ORDER BY rowid LIMIT 100'

/** Where the pictures of a replica lie, beside what is streamed of the database. */
export const replicaPhotos = (replica: string): string => join(replica, 'photos')
export const replicaDatabase = (replica: string): string => join(replica, 'database')

/** Pictures copied beside the stream of the database, by their hash: each once, whole or not at all. */
export class PhotoCopies {
  private last = 0
  private readonly late = new Map<string, string>()

  constructor(
    private readonly db: Database,
    private readonly dataDir: string,
    private readonly replica: string,
  ) {}

  /** Names of the pictures that are still on their way, with why. */
  waiting(): { name: string; why: string }[] {
    return [...this.late].map(([name, why]) => ({ name, why }))
  }

  /** Looks at everything again from the first picture on. */
  again(): void {
    this.last = 0
  }

  /** Copies what came since, and what could not be copied before. */
  async copy(): Promise<void> {
    for (let next = this.take(); next.length; next = this.take())
      for (const name of next) this.late.set(name, 'not copied yet')
    for (const name of [...this.late.keys()]) {
      try {
        await copyWhole(join(photosFolder(this.dataDir), name), join(replicaPhotos(this.replica), name))
        this.late.delete(name)
      } catch (error) {
        this.late.set(name, (error as Error).message)
      }
    }
  }

  private take(): string[] {
    const next = rows<{ n: number; id: string; sha256: string | null }>(this.db, NEXT, this.last)
    this.last = next.at(-1)?.n ?? this.last
    return next.flatMap(kept => [photoName(kept, 'full'), photoName(kept, 'small')])
  }
}

async function copyWhole(from: string, to: string): Promise<void> {
  const { size } = await stat(from)
  const there = await stat(to).catch(() => null)
  if (there?.size === size) return
  await mkdir(dirname(to), { recursive: true })
  const part = `${to}.part`
  try {
    await copyFile(from, part)
    const file = await open(part, 'r+')
    await file.sync()
    await file.close()
    await rename(part, to)
  } catch (error) {
    await rm(part, { force: true })
    throw error
  }
}
