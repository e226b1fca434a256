import { existsSync, readFileSync, readdirSync, writeSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { writeWhole } from '../../../server/db/photoFiles'
import { diskTrouble, Refusal } from '../../../server/db/refusal'
import { newFolder } from '../../server'

const data = Buffer.from(Array.from({ length: 5000 }, (_, i) => i % 251))

describe('a picture on a nearly full disk', () => {
  it('is whole although the disk takes it in bites', () => {
    const file = join(newFolder(), 'photos', 'a.jpg')
    writeWhole(file, data, (fd, bytes, at) => writeSync(fd, bytes, at, Math.min(700, bytes.length - at)))
    expect(readFileSync(file).equals(data)).toBe(true)
  })
  it('is refused in words, and leaves nothing behind, where the disk takes no more, says it is full, or keeps something else', () => {
    const folder = newFolder()
    const file = join(folder, 'a.jpg')
    const writers: ((fd: number, bytes: Buffer, at: number) => number)[] = [
      (fd, bytes, at) => (at > 2000 ? 0 : writeSync(fd, bytes, at, 1000)),
      () => {
        throw Object.assign(new Error('no space'), { code: 'ENOSPC' })
      },
      (fd, bytes, at) => writeSync(fd, Buffer.alloc(bytes.length - at)),
    ]
    for (const write of writers) {
      expect(() => writeWhole(file, data, write)).toThrow()
      expect(existsSync(file)).toBe(false)
      expect(readdirSync(folder)).toEqual([])
    }
    expect(() => writeWhole(file, data, writers[0])).toThrow('The disk of the bench computer is full')
  })
})

describe('what went wrong below', () => {
  it('is said so that somebody can act on it; what nobody foresaw is left to be logged', () => {
    const words = (code: string) => diskTrouble(Object.assign(new Error('x'), { code }))
    for (const code of ['ENOSPC', 'SQLITE_FULL']) expect(words(code)?.message).toContain('is full')
    for (const code of ['EROFS', 'SQLITE_READONLY_DBMOVED'])
      expect(words(code)?.message).toContain("can't be written to")
    expect(words('SQLITE_IOERR_WRITE')).toBeInstanceOf(Refusal)
    expect(words('SQLITE_BUSY')).toMatchObject({ status: 503 })
    expect(words('SQLITE_MISUSE')).toBeNull()
    expect(diskTrouble(null)).toBeNull()
  })
})
