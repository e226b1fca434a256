import { chmodSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, statfsSync } from 'node:fs'
import { dirname, join, normalize, resolve } from 'node:path'
import Database from 'better-sqlite3'
import { extract, list } from 'tar'
import { z } from 'zod'
import { DATABASE_NAME } from '../db/name'
import { hashOfFile } from './make'
import type { Manifest } from './manifest'
import { REASONS } from './manifest'

/** Why a restore is not done, in words for whoever types it. */
export class RestoreError extends Error {}

const fileSchema = z.object({
  name: z
    .string()
    .refine(n => normalize(n) === n && !n.startsWith('/') && !n.startsWith('..'), 'outside of the archive'),
  bytes: z.number().int().min(0),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
})
const manifestSchema: z.ZodType<Manifest> = z.object({
  format: z.literal('remedium-backup'),
  version: z.literal(1),
  madeAt: z.string(),
  reason: z.enum(REASONS),
  migrations: z.array(z.string()),
  shopName: z.string(),
  jobs: z.number(),
  entries: z.number(),
  photos: z.number(),
  lastEntryAt: z.string().nullable(),
  files: z.array(fileSchema).min(1),
  missing: z.array(z.string()),
})

/**
 * Reads what an archive says of itself.
 * @throws RestoreError when it is no backup of this program, or newer than it
 */
export async function manifestIn(archive: string): Promise<Manifest> {
  if (!existsSync(archive)) throw new RestoreError(`There is no file ${archive}.`)
  let text = ''
  try {
    await list({
      file: archive,
      strict: true,
      filter: path => path === 'manifest.json',
      onReadEntry: entry => {
        entry.on('data', (part: Buffer) => {
          text += part.toString('utf8')
        })
      },
    })
  } catch (error) {
    throw new RestoreError(`${archive} can't be read as an archive: ${(error as Error).message}. Take another backup.`)
  }
  if (!text) throw new RestoreError(`${archive} is not a backup of Remedium: it has no manifest.json.`)
  try {
    return manifestSchema.parse(JSON.parse(text))
  } catch {
    throw new RestoreError(
      `${archive} has a manifest that this version does not know. It may be of a newer Remedium: restore it with that one.`,
    )
  }
}

/** Nothing is ever restored over what lies somewhere. */
export function checkEmpty(folder: string): void {
  if (existsSync(folder) && readdirSync(folder).length)
    throw new RestoreError(
      `${folder} is not empty: nothing is ever restored over what lies somewhere. Name an empty folder.`,
    )
}

/** Checks that an archive goes into a folder: nothing may lie there, and there is room. */
export function checkTarget(folder: string, manifest: Manifest): void {
  checkEmpty(folder)
  let above = resolve(folder)
  while (!existsSync(above)) above = dirname(above)
  const { bavail, bsize } = statfsSync(above)
  const needed = manifest.files.reduce((sum, f) => sum + f.bytes, 0)
  if (bavail * bsize < needed * 1.1)
    throw new RestoreError(`There is no room in ${above}: ${Math.ceil(needed / 1e6)} MB are needed.`)
}

/**
 * Unpacks a backup beside the folder, compares every file with what the manifest says, checks the database whole, and only then gives it
 * its place.
 * @param write false: everything is done but the last step, and nothing is left behind
 * @throws RestoreError what differs
 */
export async function restore(archive: string, folder: string, write: boolean): Promise<Manifest> {
  const manifest = await manifestIn(archive)
  checkTarget(folder, manifest)
  const target = resolve(folder)
  const beside = `${target}.restoring`
  rmSync(beside, { recursive: true, force: true })
  mkdirSync(beside, { recursive: true, mode: 0o700 })
  try {
    await extract({ file: archive, cwd: beside, strict: true, preservePaths: false })
    for (const { name, bytes, sha256 } of manifest.files) {
      const path = join(beside, name)
      if (!existsSync(path)) throw new RestoreError(`The archive lacks ${name}.`)
      if (statSync(path).size !== bytes || (await hashOfFile(path)) !== sha256)
        throw new RestoreError(`${name} is not as it was when the backup was made. Take another backup.`)
      chmodSync(path, 0o600)
    }
    const found = countIn(join(beside, DATABASE_NAME))
    if (found.jobs !== manifest.jobs || found.entries !== manifest.entries)
      throw new RestoreError(
        `The database holds ${found.jobs} jobs and ${found.entries} entries, the manifest says otherwise.`,
      )
    if (!write) return manifest
    rmSync(join(beside, 'manifest.json'), { force: true })
    if (existsSync(target)) rmSync(target, { recursive: true })
    renameSync(beside, target)
    return manifest
  } finally {
    rmSync(beside, { recursive: true, force: true })
  }
}

/** Checks a database whole and counts what it holds. */
export function countIn(file: string): { jobs: number; entries: number } {
  const db = new Database(file, { readonly: true })
  try {
    const [first] = db.pragma('integrity_check(1)') as { integrity_check: string }[]
    if (first?.integrity_check !== 'ok') throw new RestoreError(`The database is not sound: ${first?.integrity_check}.`)
    const count = (table: string): number => db.prepare(`SELECT COUNT(*) FROM ${table}`).pluck().get() as number
    return { jobs: count('jobs'), entries: count('entries') }
  } finally {
    db.close()
  }
}

/** What an archive holds, a line each. */
export const holdsWords = (m: Manifest): string[] => [
  `Backup of ${m.shopName || 'a shop without a name'}, made ${m.madeAt.slice(0, 16).replace('T', ' ')} UTC (${{ asked: 'asked for', nightly: 'nightly', migration: 'before a change of the database' }[m.reason]})`,
  `  ${m.jobs} jobs, ${m.entries} entries, ${m.photos} photos, ${Math.ceil(m.files.reduce((sum, f) => sum + f.bytes, 0) / 1e6)} MB`,
  `  newest entry: ${m.lastEntryAt ? `${m.lastEntryAt.slice(0, 16).replace('T', ' ')} UTC` : 'none'}`,
  ...(m.missing.length
    ? [`  ${m.missing.length} pictures were gone or spoilt already: ${m.missing.slice(0, 3).join(', ')}`]
    : []),
]
