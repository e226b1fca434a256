import { setPriority } from 'node:os'
import { join } from 'node:path'
import { isMainThread } from 'node:worker_threads'
import type { Database } from 'better-sqlite3'
import { assess } from '#core/assess'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import { soundness } from '../backup/contents'
import type { BackupAsked } from '../backup/make'
import { BackupError, makeBackup } from '../backup/make'
import type { BackupLine } from '../backup/manifest'
import { alikeCases } from '../db/cases'
import { connect } from '../db/connect'
import { forgetOld } from '../db/deliveries'
import { putWords } from '../db/find'
import { judgedBy, newestOpen, refreshHeads } from '../db/jobLines'
import { jobFile } from '../db/jobs'
import { DATABASE_NAME } from '../db/name'
import { tidyPhotos } from '../db/photos'
import { Refusal } from '../db/refusal'
import type { PaperName } from '../documents/papers'
import { PAPERS } from '../documents/papers'

/** What comes back from here: a refusal does not cross threads as what it is. */
export type Outcome<T> =
  { done: T } | { refused: { status: Refusal['status']; message: string; fields: Refusal['fields'] } }

const kept = new Map<string, Database>()

/** This thread's own connections: one that only reads, one for the lines of Today. */
function mine(dataDir: string, readonly: boolean): Database {
  const key = `${readonly} ${dataDir}`
  const known = kept.get(key)
  if (known) return known
  const db = connect(join(dataDir, DATABASE_NAME), { readonly })
  kept.set(key, db)
  return db
}
const reader = (dataDir: string): Database => mine(dataDir, true)

async function outcome<T>(work: () => T | Promise<T>): Promise<Outcome<T>> {
  try {
    return { done: await work() }
  } catch (error) {
    if (error instanceof Refusal)
      return { refused: { status: error.status, message: error.message, fields: error.fields } }
    if (error instanceof BackupError) return { refused: { status: 507, message: error.message, fields: [] } }
    throw error
  }
}

export const paper = ({ dataDir, name, args }: { dataDir: string; name: PaperName; args: never }) =>
  outcome(() => PAPERS[name](reader(dataDir), dataDir, args))

export interface JobAsked {
  dataDir: string
  jobId: string
}
export const assessment = ({ dataDir, jobId }: JobAsked) => outcome(() => assess(jobFile(reader(dataDir), jobId)))
export const diagnosis = ({ dataDir, jobId }: JobAsked) => outcome(() => diagnoseJob(jobFile(reader(dataDir), jobId)))
export const alike = ({ dataDir, jobId }: JobAsked) => outcome(() => alikeCases(reader(dataDir), jobId))

/** Diagnoses an open job that nobody asked for: the next one finds its tables made. */
export const warm = ({ dataDir }: { dataDir: string }) =>
  outcome(() => {
    const db = reader(dataDir)
    const jobId = newestOpen(db)
    if (jobId) diagnoseJob(jobFile(db, jobId))
  })

export const quickCheck = ({ dataDir }: { dataDir: string }) => outcome(() => quickly(dataDir))

/** Pages of the file as SQLite checks them in a hurry; null when they are sound. */
function quickly(dataDir: string): string | null {
  standBack()
  const db = connect(join(dataDir, DATABASE_NAME), { readonly: true })
  try {
    return soundness(db, 'quick_check')
  } catch (error) {
    // a page so spoilt that the check itself stumbles over it
    if ((error as { code?: string }).code?.startsWith('SQLITE_CORRUPT')) return (error as Error).message
    throw error
  } finally {
    db.close()
  }
}

export const backup = (asked: BackupAsked): Promise<Outcome<BackupLine>> =>
  outcome(() => {
    standBack()
    return makeBackup(asked)
  })

const still = new Int32Array(new SharedArrayBuffer(4))
/** An entry that waits for the file gets it: who writes again at once is always faster. */
const breathe = (): unknown => Atomics.wait(still, 0, 0, 4)

let back = false
/** Lets those go first who wait at a page: on Linux a priority is a thread's own, elsewhere the whole server's and left alone. */
function standBack(): void {
  if (!back && !isMainThread && process.platform === 'linux') setPriority(0, 5)
  back = true
}

/** Puts the newest words where they are found, and judges lines of Today again for a while. */
export const heads = ({ dataDir, build, budgetMs }: { dataDir: string; build: string; budgetMs: number }) =>
  outcome(() => {
    standBack()
    judgedBy(build)
    putWords(mine(dataDir, false), 1000, breathe)
    return refreshHeads(mine(dataDir, false), budgetMs)
  })

/** Once a day: pictures from before get the name of their hash, what nothing on record names is swept, what was sent long ago is forgotten. */
export const tidy = ({ dataDir }: { dataDir: string }) =>
  outcome(() => {
    const db = connect(join(dataDir, DATABASE_NAME))
    try {
      forgetOld(db)
      return tidyPhotos(db, dataDir)
    } finally {
      db.close()
    }
  })

// before a change of the database, when nothing else may go on: node worker.mjs <what is asked, as JSON>
if (isMainThread && process.argv[2])
  void backup(JSON.parse(process.argv[2]) as BackupAsked).then(
    result => {
      if ('done' in result) return
      console.error(result.refused.message)
      process.exitCode = 1
    },
    error => {
      console.error((error as Error).message)
      process.exitCode = 1
    },
  )
