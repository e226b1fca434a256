import { closeSync, existsSync, fsyncSync, mkdirSync, openSync, readFileSync, renameSync, writeSync } from 'node:fs'
import { dirname, join } from 'node:path'
import sharp from 'sharp'
import { Refusal } from './refusal'

/** Longest side of a kept picture and of its small copy, pixels. */
const SIDE = { full: 1600, small: 320 } as const
export type PhotoSize = keyof typeof SIDE
export const LARGEST_PHOTO = 30 * 1024 * 1024

/** Photos lie in their own folder beside the database. */
const photoFile = (dataDir: string, id: string, size: PhotoSize): string => join(dataDir, 'photos', `${id}${size === 'small' ? '-small' : ''}.jpg`)

/**
 * Turns a picture upright, makes it small enough to keep, takes out everything but the picture (place and camera with it),
 * and puts it on disk.
 * @throws Refusal 422 for what is not a picture
 */
export async function keepPhoto(dataDir: string, id: string, bytes: Buffer): Promise<{ width: number, height: number, bytes: number }> {
  try {
    // rotate() first: the turn that a telephone notes down is part of what is taken out
    const upright = sharp(bytes, { limitInputPixels: 120e6, failOn: 'error' }).rotate()
    const full = await upright.clone().resize(SIDE.full, SIDE.full, { fit: 'inside', withoutEnlargement: true }).jpeg({ quality: 82 }).toBuffer({ resolveWithObject: true })
    const small = await upright.clone().resize(SIDE.small, SIDE.small, { fit: 'inside', withoutEnlargement: true }).jpeg({ quality: 76 }).toBuffer()
    writeWhole(photoFile(dataDir, id, 'small'), small)
    writeWhole(photoFile(dataDir, id, 'full'), full.data)
    return { width: full.info.width, height: full.info.height, bytes: full.data.length }
  }
  catch (error) {
    if ((error as { code?: string }).code?.startsWith('E')) throw error
    throw new Refusal(422, 'This is not a picture that can be read. Send a JPEG, PNG or WebP.', [{ field: 'photo', message: 'Choose a JPEG, PNG or WebP picture.' }])
  }
}

/** On disk as a whole or not at all. */
function writeWhole(file: string, data: Buffer): void {
  mkdirSync(dirname(file), { recursive: true })
  const fd = openSync(`${file}.part`, 'w')
  try {
    writeSync(fd, data)
    fsyncSync(fd)
  }
  finally {
    closeSync(fd)
  }
  renameSync(`${file}.part`, file)
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
