import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs'
import { dirname, join } from 'node:path'
import sharp from 'sharp'
import { DISK_FULL, Refusal } from './refusal'

/** Longest side of a kept picture and of its small copy, pixels. */
const SIDE = { full: 1600, small: 320 } as const
export type PhotoSize = keyof typeof SIDE
export const LARGEST_PHOTO = 30 * 1024 * 1024

/** Photos lie in their own folder beside the database. */
const photoFile = (dataDir: string, id: string, size: PhotoSize): string =>
  join(dataDir, 'photos', `${id}${size === 'small' ? '-small' : ''}.jpg`)

/**
 * Turns a picture upright, makes it small enough to keep, takes out everything but the picture (place and camera with it),
 * and puts it on disk.
 * @throws Refusal 422 for what is not a picture
 */
export async function keepPhoto(
  dataDir: string,
  id: string,
  bytes: Buffer,
): Promise<{ width: number; height: number; bytes: number }> {
  try {
    // rotate() first: the turn that a telephone notes down is part of what is taken out
    const upright = sharp(bytes, { limitInputPixels: 120e6, failOn: 'error' }).rotate()
    const full = await upright
      .clone()
      .resize(SIDE.full, SIDE.full, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 82 })
      .toBuffer({ resolveWithObject: true })
    const small = await upright
      .clone()
      .resize(SIDE.small, SIDE.small, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 76 })
      .toBuffer()
    writeWhole(photoFile(dataDir, id, 'small'), small)
    writeWhole(photoFile(dataDir, id, 'full'), full.data)
    return { width: full.info.width, height: full.info.height, bytes: full.data.length }
  } catch (error) {
    if (error instanceof Refusal || (error as { code?: string }).code?.startsWith('E')) throw error
    throw new Refusal(422, 'This is not a picture that can be read. Send a JPEG, PNG or WebP.', [
      { field: 'photo', message: 'Choose a JPEG, PNG or WebP picture.' },
    ])
  }
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
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  }
}

/** Null where the file is gone from the photos folder. */
export function findPhoto(dataDir: string, id: string, size: PhotoSize): Buffer | null {
  const file = photoFile(dataDir, id, size)
  return existsSync(file) ? readFileSync(file) : null
}

export function readPhoto(dataDir: string, id: string, size: PhotoSize): Buffer {
  const found = findPhoto(dataDir, id, size)
  if (!found) throw new Refusal(404, 'The picture is on record, but its file is gone from the photos folder.')
  return found
}
