import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { connect } from '../db/connect'
import { DATABASE_NAME } from '../db/name'
import type { Contents } from './contents'
import { contentsOf, soundness } from './contents'

/** Why a restore is not done, in words for whoever types it. */
export class RestoreError extends Error {}

/** Nothing is ever restored over what lies somewhere. */
function checkEmpty(folder: string): void {
  if (existsSync(folder) && readdirSync(folder).length)
    throw new RestoreError(
      `${folder} is not empty: nothing is ever restored over what lies somewhere. Name an empty folder.`,
    )
}

/**
 * Puts a shop together beside a folder that is empty, and gives it its place only once everything is right.
 * @param write false: all but the last step, and nothing is left behind
 * @param fill puts everything into the folder that it is given, and throws where something is wrong
 */
export async function intoEmpty<T>(
  folder: string,
  write: boolean,
  fill: (beside: string) => T | Promise<T>,
): Promise<T> {
  checkEmpty(folder)
  const target = resolve(folder)
  const beside = `${target}.restoring`
  rmSync(beside, { recursive: true, force: true })
  mkdirSync(beside, { recursive: true, mode: 0o700 })
  try {
    const filled = await fill(beside)
    if (write) {
      if (existsSync(target)) rmSync(target, { recursive: true })
      renameSync(beside, target)
    }
    return filled
  } finally {
    rmSync(beside, { recursive: true, force: true })
  }
}

/** What the database of a folder holds, checked whole. */
export function soundContents(folder: string): Contents {
  const db = connect(join(folder, DATABASE_NAME), { readonly: true })
  try {
    const fault = soundness(db, 'integrity_check')
    if (fault) throw new RestoreError(`The database is not sound: ${fault}.`)
    return contentsOf(db)
  } finally {
    db.close()
  }
}
