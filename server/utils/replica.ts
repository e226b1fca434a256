import { PhotoCopies } from '../backup/replica'

let copies: PhotoCopies | undefined
let failed: string | null = null

const EVERY_MS = 2000
const AGAIN_MS = 3_600_000

/** Pictures follow the streamed database; what is still on its way is told under Shop. */
export function followReplica(): () => void {
  const to = useRuntimeConfig().replicaDir
  if (!to) return () => undefined
  copies = new PhotoCopies(useDb(), dataDir(), to)
  let busy = false
  const look = async (): Promise<void> => {
    if (busy) return
    busy = true
    try {
      await copies?.copy()
      failed = null
    } catch (error) {
      failed = (error as Error).message
    }
    busy = false
  }
  const timer = setInterval(() => void look(), EVERY_MS)
  const again = setInterval(() => copies?.again(), AGAIN_MS)
  timer.unref()
  again.unref()
  return () => {
    clearInterval(timer)
    clearInterval(again)
  }
}

/** How far the replica's pictures are; null where there is none. */
export function replicaNow() {
  const to = useRuntimeConfig().replicaDir
  return to ? { to, waiting: copies?.waiting() ?? [], failed } : null
}
