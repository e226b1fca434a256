import type { Opened, StorageState } from '../db/storage'
import { damaged, lookAtStorage, openedIn, stillThere } from '../db/storage'
import { Refusal } from '../db/refusal'

let opened: Opened | undefined
let damage: string | null = null
let said = ''

export function keepOpened(folder: string): void {
  opened = openedIn(folder)
  damage = null
}

/** How the folder of the shop's data stands now; a change of it is written to the log in the same words. */
export function storageNow(): StorageState {
  const now = damage ? damaged(damage) : opened ? lookAtStorage(opened) : { trouble: null, refuses: false, words: null }
  if ((now.words ?? '') !== said) {
    said = now.words ?? ''
    console.error(now.words ?? 'The folder of the data is in order again.')
  }
  return now
}

/**
 * Whether it is still the same file is asked before every write: what goes into another one is lost. Room and right to write are looked at now
 * and then; the disk itself says no in between.
 */
const LOOK_EVERY_MS = 250
let looked = 0
let last: StorageState = { trouble: null, refuses: false, words: null }

/** @throws Refusal 507 in words while nothing can be kept */
export function refuseWhileTrouble(): void {
  const now = performance.now()
  if (now - looked > LOOK_EVERY_MS || last.refuses || (opened && !stillThere(opened))) {
    last = storageNow()
    looked = now
  }
  const { refuses, words } = last
  if (refuses && words) throw new Refusal(507, `${words} What you typed is still here.`)
}

export const foundDamaged = (what: string): void => {
  damage = what
}
