import { renameSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import migrations from '#migrations'
import { holdFolder } from '../../../server/db/folderLock'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import type { Disk } from '../../../server/db/storage'
import { DISK, damaged, lookAtStorage, openedIn } from '../../../server/db/storage'
import { newFolder } from '../../server'

const opened = () => {
  const folder = newFolder()
  const letGo = holdFolder(folder)
  closeDatabase(openDatabase(folder, migrations))
  letGo()
  return openedIn(folder)
}

describe('the folder of the data under a running server', () => {
  it.each<[string, Partial<Disk>, string | null, boolean, string]>([
    ['is sound', { free: () => 1e12 }, null, false, ''],
    ['is nearly full', { free: () => 200e6 }, 'nearly_full', false, '190 MB are free'],
    ['is full', { free: () => 1e6 }, 'full', true, 'is full (0 MB free)'],
    ['is gone', { ino: () => null }, 'gone', true, 'are gone from'],
    ['is another one', { ino: () => ({ ino: 1, dev: 1 }) }, 'swapped', true, 'Another database lies in'],
    [
      'is mounted read-only',
      {
        touch() {
          throw Object.assign(new Error('ro'), { code: 'EROFS' })
        },
      },
      'read_only',
      true,
      'it is read-only',
    ],
  ])('%s', (_what, disk, trouble, refuses, words) => {
    const state = lookAtStorage(opened(), { ...DISK, free: () => 1e12, ...disk })
    expect([state.trouble, state.refuses]).toEqual([trouble, refuses])
    expect(state.words ?? '').toContain(words)
    if (refuses) expect(state.words).toContain('Nothing more is taken in')
  })
  it('is looked at as it really is: a folder that was moved away, and put back', () => {
    const at = opened()
    renameSync(join(at.folder, 'remedium.db'), join(at.folder, 'away.db'))
    expect(lookAtStorage(at).trouble).toBe('gone')
    closeDatabase(openDatabase(at.folder, migrations))
    expect(lookAtStorage(at).trouble).toBe('swapped')
    renameSync(join(at.folder, 'away.db'), join(at.folder, 'remedium.db'))
    expect(['gone', 'swapped']).not.toContain(lookAtStorage(at).trouble)
    expect(damaged('page 7').words).toContain('page 7')
  })
  it('is held by one process, which is named; let go it can be held again', () => {
    const folder = newFolder()
    const letGo = holdFolder(folder)
    expect(() => holdFolder(folder, 50)).toThrow(`process ${process.pid}`)
    letGo()
    holdFolder(folder, 50)()
  })
})
