import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  utimesSync,
  writeSync,
} from 'node:fs'
import { dirname, join, relative } from 'node:path'
import pLimit from 'p-limit'
import sharp from 'sharp'
import { hashOf } from './hash'
import { DISK_FULL, Refusal } from './refusal'

/** Longest side of a kept picture and of its small copy, pixels. */
const SIDE = { full: 1600, small: 320 } as const
export type PhotoSize = keyof typeof SIDE
export const LARGEST_PHOTO = 30 * 1024 * 1024

/** Pixels that memory bears, by how a picture is read: a JPEG comes in strips, the others whole. */
const MOST_PIXELS = { jpeg: 120e6, png: 40e6, webp: 40e6, heif: 40e6 } as const
type Format = keyof typeof MOST_PIXELS

/** Where a picture lies: under the hash of what it is, or under its id from before. */
export interface Kept {
  id: string
  sha256: string | null
}

export const photosFolder = (dataDir: string): string => join(dataDir, 'photos')
const nameOf = (base: string, size: PhotoSize): string => `${base}${size === 'small' ? '-small' : ''}.jpg`

/** The picture's file, as it is named under the folder of the pictures. */
export const photoName = ({ id, sha256 }: Kept, size: PhotoSize): string =>
  sha256 ? join(sha256.slice(0, 2), nameOf(sha256, size)) : nameOf(id, size)
const photoFile = (dataDir: string, kept: Kept, size: PhotoSize): string =>
  join(photosFolder(dataDir), photoName(kept, size))

/** Pictures take memory while they are made smaller: two at a time, the others wait. */
const twoAtATime = pLimit(2)

const NO_PICTURE = 'This is not a picture that can be read. Send a JPEG, PNG or WebP.'
const no = (message: string): Refusal => new Refusal(422, message, [{ field: 'photo', message }])

/**
 * Turns a picture upright, makes it small enough to keep, takes out everything but the picture (place and camera with it),
 * and puts it on disk under its own hash: the same picture sent twice is one file.
 * @throws Refusal 422 for what is not a picture or has more pixels than memory bears, 507 when the disk does not hold it whole
 */
export const keepPhoto = (
  dataDir: string,
  bytes: Buffer,
): Promise<{ width: number; height: number; bytes: number; sha256: string }> =>
  twoAtATime(async () => {
    try {
      const read = { limitInputPixels: MOST_PIXELS.jpeg, failOn: 'error', sequentialRead: true } as const
      const { format, width = 0, height = 0 } = await sharp(bytes, read).metadata()
      const most = MOST_PIXELS[format as Format]
      // a drawing may hold anything, and grows to any size
      if (!most) throw no(NO_PICTURE)
      if (width * height > most)
        throw no(
          `This picture has ${Math.round((width * height) / 1e6)} million pixels, ${Math.round(most / 1e6)} is the most. Send it smaller.`,
        )
      // rotate() first: the turn that a telephone notes down is part of what is taken out
      const full = await sharp(bytes, read)
        .rotate()
        .resize(SIDE.full, SIDE.full, { fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: 82 })
        .toBuffer({ resolveWithObject: true })
      const small = await sharp(full.data)
        .resize(SIDE.small, SIDE.small, { fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: 76 })
        .toBuffer()
      const sha256 = hashOf(full.data)
      const kept = { id: '', sha256 }
      keepOnce(photoFile(dataDir, kept, 'small'), small)
      keepOnce(photoFile(dataDir, kept, 'full'), full.data)
      return { width: full.info.width, height: full.info.height, bytes: full.data.length, sha256 }
    } catch (error) {
      if (error instanceof Refusal || (error as { code?: string }).code?.startsWith('E')) throw error
      throw no(NO_PICTURE)
    }
  })

/** One that lies there whole already is not written again; it is as new as if it had been. */
function keepOnce(file: string, data: Buffer): void {
  if (!existsSync(file) || !readFileSync(file).equals(data)) return writeWhole(file, data)
  const now = new Date()
  utimesSync(file, now, now)
}

/** What a nearly full disk leaves unsaid: `write` may put down less than it was given, and say so only by its count. */
type Write = (fd: number, data: Buffer, offset: number) => number

/**
 * On disk as a whole, read back and compared, or not at all.
 * @throws Refusal 507 when the disk holds less than was given
 */
export function writeWhole(file: string, data: Buffer, write: Write = writeSync): void {
  mkdirSync(dirname(file), { recursive: true })
  const part = `${file}.part`
  try {
    const fd = openSync(part, 'w', 0o600)
    try {
      for (let at = 0; at < data.length;) {
        const written = write(fd, data, at)
        if (written <= 0) throw new Refusal(507, DISK_FULL)
        at += written
      }
      fsyncSync(fd)
    } finally {
      closeSync(fd)
    }
    if (!readFileSync(part).equals(data))
      throw new Refusal(
        507,
        'The picture did not reach the disk as it was sent, and was not kept. Look at the disk, then send it again.',
      )
    renameSync(part, file)
    syncFolder(dirname(file))
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  }
}

/** The name of a file is on disk once its folder is; some systems know no such thing. */
export function syncFolder(folder: string): void {
  try {
    const fd = openSync(folder, 'r')
    try {
      fsyncSync(fd)
    } finally {
      closeSync(fd)
    }
  } catch (error) {
    if (process.platform !== 'win32') throw error
  }
}

/** Null where the file is gone from the photos folder, or holds nothing. */
export function findPhoto(dataDir: string, kept: Kept, size: PhotoSize): Buffer | null {
  const file = photoFile(dataDir, kept, size)
  if (!existsSync(file)) return null
  const data = readFileSync(file)
  return data.length ? data : null
}

export function readPhoto(dataDir: string, kept: Kept, size: PhotoSize): Buffer {
  const found = findPhoto(dataDir, kept, size)
  if (!found) throw new Refusal(404, 'The picture is on record, but its file is gone from the photos folder.')
  return found
}

/** Every file below the folder of the pictures, as it is named there. */
export function photoNames(dataDir: string): string[] {
  const top = photosFolder(dataDir)
  return existsSync(top)
    ? readdirSync(top, { recursive: true, withFileTypes: true }).flatMap(f =>
        f.isFile() ? [relative(top, join(f.parentPath, f.name))] : [],
      )
    : []
}

/** Gives a picture from before the name of its hash; both its files, the full one last. */
export function moveToHash(dataDir: string, id: string): string | null {
  const old = { id, sha256: null }
  const full = findPhoto(dataDir, old, 'full')
  if (!full) return null
  const kept = { id, sha256: hashOf(full) }
  const small = findPhoto(dataDir, old, 'small')
  if (small) keepOnce(photoFile(dataDir, kept, 'small'), small)
  keepOnce(photoFile(dataDir, kept, 'full'), full)
  return kept.sha256
}

/** Files that no picture on record has, older than a day: an upload that was cut off, a name from before. */
export function sweep(dataDir: string, wanted: ReadonlySet<string>, now: number): string[] {
  return photoNames(dataDir).filter(name => {
    const file = join(photosFolder(dataDir), name)
    if (wanted.has(name) || now - statSync(file).mtimeMs < 86_400_000) return false
    rmSync(file, { force: true })
    return true
  })
}
