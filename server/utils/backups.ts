import { nightlyDue, tooOld } from '../backup/due'
import { backupsIn, failureIn, newestIn, noteFailure } from '../backup/list'
import type { BackupLine } from '../backup/manifest'
import type { BackupReason } from '#shared/backups'
import type { BackupsView, ShopState } from '#shared/types/records'
import { policyOf } from '../db/shop'
import { Refusal } from '../db/refusal'

let making: Promise<BackupLine> | null = null
let tried = 0

/** How the newest backup stands: asked for by every page, every few seconds. */
export function backupState(): ShopState['backup'] {
  const lastAt = newestIn(backupDir())?.madeAt ?? null
  return { lastAt, old: tooOld(lastAt, new Date()), failed: failureIn(backupDir()) }
}

/** All of them, with the copy that follows. */
export function backupsNow(): BackupsView {
  const { old, failed } = backupState()
  return {
    ...{ folder: backupDir(), making: making !== null, lines: backupsIn(backupDir()) },
    ...{ failed, replica: replicaNow(), old },
  }
}

/** A backup in its own thread; asked for twice at once it is one. */
export function backUp(reason: BackupReason): Promise<BackupLine> {
  making ??= (async () => {
    const folder = backupDir()
    try {
      const line = await runAside<BackupLine>('backup', { folder, reason, keep: policyOf(useDb()).backupsKept })
      noteFailure(folder, null)
      return line
    } catch (error) {
      const words = error instanceof Refusal ? error.message : `It could not be made (${(error as Error).message}).`
      noteFailure(folder, { at: new Date().toISOString(), why: words })
      console.error(`Backup: ${words}`)
      throw error instanceof Refusal ? error : new Refusal(507, words)
    } finally {
      making = null
    }
  })()
  return making
}

const HOUR_MS = 3_600_000
const EVERY_MS = 60_000

/** Each night by the shop's clock, and after a night in which the computer was off; a failed one is tried again an hour later. */
export function backUpNightly(): () => void {
  const look = (): void => {
    const { backupAt, timeZone, backupsKept } = policyOf(useDb())
    const now = new Date()
    if (backupsKept === 0 || now.getTime() - tried < HOUR_MS) return
    const last = newestIn(backupDir(), ['asked', 'nightly'])?.madeAt ?? null
    if (!nightlyDue(last, now, backupAt, timeZone)) return
    tried = now.getTime()
    void backUp('nightly').catch(() => undefined)
  }
  // the first requests of the day come first
  const soon = setTimeout(look, 20_000)
  const timer = setInterval(look, EVERY_MS)
  soon.unref()
  timer.unref()
  return () => {
    clearTimeout(soon)
    clearInterval(timer)
  }
}
