import { chmodSync, existsSync, rmSync, statSync } from 'node:fs'
import { join, normalize } from 'node:path'
import { extract, list } from 'tar'
import { z } from 'zod'
import type { BackupReason } from '#shared/backups'
import { BACKUP_REASONS } from '#shared/backups'
import { DISK } from '../db/storage'
import { intoEmpty, RestoreError, soundContents } from './intoEmpty'
import { hashOfFile } from './make'
import type { Manifest } from './manifest'

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
  reason: z.enum(Object.keys(BACKUP_REASONS) as [BackupReason, ...BackupReason[]]),
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

/** Checks that there is room for what an archive holds. */
function checkRoom(folder: string, manifest: Manifest): void {
  const needed = manifest.files.reduce((sum, f) => sum + f.bytes, 0)
  if (DISK.free(folder) < needed * 1.1)
    throw new RestoreError(`There is no room in ${folder}: ${Math.ceil(needed / 1e6)} MB are needed.`)
}

/**
 * Unpacks a backup beside the folder, compares every file with what the manifest says, checks the database whole, and only then gives it
 * its place.
 * @param write false: everything is done but the last step, and nothing is left behind
 * @throws RestoreError what differs
 */
export async function restore(archive: string, folder: string, write: boolean): Promise<Manifest> {
  const manifest = await manifestIn(archive)
  return intoEmpty(folder, write, async beside => {
    checkRoom(beside, manifest)
    await extract({ file: archive, cwd: beside, strict: true, preservePaths: false })
    for (const { name, bytes, sha256 } of manifest.files) {
      const path = join(beside, name)
      if (!existsSync(path)) throw new RestoreError(`The archive lacks ${name}.`)
      if (statSync(path).size !== bytes || (await hashOfFile(path)) !== sha256)
        throw new RestoreError(`${name} is not as it was when the backup was made. Take another backup.`)
      chmodSync(path, 0o600)
    }
    const { jobs, entries } = soundContents(beside)
    if (jobs !== manifest.jobs || entries !== manifest.entries)
      throw new RestoreError(`The database holds ${jobs} jobs and ${entries} entries, the manifest says otherwise.`)
    rmSync(join(beside, 'manifest.json'), { force: true })
    return manifest
  })
}

/** What an archive holds, a line each. */
export const holdsWords = (m: Manifest): string[] => [
  `Backup of ${m.shopName || 'a shop without a name'}, made ${m.madeAt.slice(0, 16).replace('T', ' ')} UTC (${BACKUP_REASONS[m.reason]})`,
  `  ${m.jobs} jobs, ${m.entries} entries, ${m.photos} photos, ${Math.ceil(m.files.reduce((sum, f) => sum + f.bytes, 0) / 1e6)} MB`,
  `  newest entry: ${m.lastEntryAt ? `${m.lastEntryAt.slice(0, 16).replace('T', ' ')} UTC` : 'none'}`,
  ...(m.missing.length
    ? [`  ${m.missing.length} pictures were gone or spoilt already: ${m.missing.slice(0, 3).join(', ')}`]
    : []),
]
