import { accessSync, constants, statSync, statfsSync, utimesSync } from 'node:fs'
import { join } from 'node:path'
import { LOCK_NAME } from './folderLock'
import { DATABASE_NAME } from './name'

export type Trouble = 'gone' | 'swapped' | 'read_only' | 'nearly_full' | 'full' | 'damaged'

/** What is wrong with the place where the shop's data lie, and what somebody has to do about it. */
export interface StorageState {
  trouble: Trouble | null
  /** nothing is taken in until it is put right */
  refuses: boolean
  words: string | null
}

const SOUND: StorageState = { trouble: null, refuses: false, words: null }
const MB = 1024 * 1024
/** Under this nothing more is taken in: what is under way still ends well. */
const LEAST_FREE = 16 * MB
const WARN_FREE = 500 * MB

const state = (trouble: Trouble, refuses: boolean, words: string): StorageState => ({ trouble, refuses, words })

/** The file that a server opened: its number on the disk stays the same as long as it is the same file. */
export interface Opened {
  folder: string
  ino: number
  dev: number
}
export function openedIn(folder: string): Opened {
  const { ino, dev } = statSync(join(folder, DATABASE_NAME))
  return { folder, ino, dev }
}

/** What can be asked of the file system; a test gives its own. */
export interface Disk {
  ino(file: string): { ino: number; dev: number } | null
  free(folder: string): number
  /** throws where nothing can be written */
  touch(file: string): void
}
export const DISK: Disk = {
  ino(file) {
    try {
      const { ino, dev } = statSync(file)
      return { ino, dev }
    } catch {
      return null
    }
  },
  free(folder) {
    const { bavail, bsize } = statfsSync(folder)
    return bavail * bsize
  },
  touch(file) {
    accessSync(file, constants.W_OK)
    // root may pass every access check on what is mounted read-only
    const now = new Date()
    utimesSync(file, now, statSync(file).mtime)
  },
}

/** Whether the file that was opened lies there still. */
export function stillThere({ folder, ino, dev }: Opened, disk: Disk = DISK): boolean {
  const now = disk.ino(join(folder, DATABASE_NAME))
  return now !== null && now.ino === ino && now.dev === dev
}

/** Looks at the folder under a running server: is it the one that was opened, can it be written, is there room? */
export function lookAtStorage({ folder, ino, dev }: Opened, disk: Disk = DISK): StorageState {
  const now = disk.ino(join(folder, DATABASE_NAME))
  if (!now)
    return state(
      'gone',
      true,
      `The shop's data are gone from ${folder}: somebody moved or deleted the folder while Remedium was running. Nothing more is taken in. Put the folder back, or restore the last backup, then start Remedium again.`,
    )
  if (now.ino !== ino || now.dev !== dev)
    return state(
      'swapped',
      true,
      `Another database lies in ${folder} than the one that Remedium opened. Nothing more is taken in. Stop Remedium, see that the right folder lies there, and start it again.`,
    )
  try {
    disk.touch(join(folder, LOCK_NAME))
  } catch {
    return state(
      'read_only',
      true,
      `Nothing can be written in ${folder}: it is read-only. Nothing more is taken in. Give Remedium the right to write there; it goes on by itself.`,
    )
  }
  const free = disk.free(folder)
  if (free < LEAST_FREE)
    return state(
      'full',
      true,
      `The disk of the bench computer is full (${Math.floor(free / MB)} MB free). Nothing more is taken in. Make room there; it goes on by itself.`,
    )
  return free < WARN_FREE
    ? state(
        'nearly_full',
        false,
        `The disk of the bench computer is nearly full: ${Math.floor(free / MB)} MB are free. Make room soon.`,
      )
    : SOUND
}

export const damaged = (what: string): StorageState =>
  state(
    'damaged',
    true,
    `The database is damaged (${what}). Nothing more is taken in, so that nothing is lost in it. Keep a copy of the folder, restore the last good backup into an empty one, and start Remedium on that.`,
  )
