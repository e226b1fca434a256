import { canBeKept, newCode } from '../db/devices'
import { DataFolderError } from '../db/folderError'
import { readAhead } from '../db/entries'
import { judgedBy, keepHeads } from '../db/jobLines'

/** Opens and migrates before the first request can arrive: Nitro does not wait for a plugin that is asynchronous. */
export default defineNitroPlugin(nitro => {
  // Nitro would listen on every address; a shop's bench must be asked for that on purpose
  process.env.HOST ||= '127.0.0.1'
  try {
    useDb()
  } catch (error) {
    if (!(error instanceof DataFolderError)) throw error
    console.error(`Remedium can't start: ${error.message}`)
    process.exit(1)
  }
  const build = useRuntimeConfig().app.buildId
  judgedBy(build)
  keepShopClock()
  sayFirstLink()
  const { warm, stop } = warmUp()
  // one thread starts after the other: two at once would keep from the first requests what they run on
  const refresh = (): Promise<boolean> => warm.then(() => runAside<boolean>('heads', { build, budgetMs: 250 }))
  const stops = [keepHeads(useDb(), refresh), backUpNightly(), watchStorage(), stop, followReplica(), tidyDaily()]
  nitro.hooks.hook('close', async () => {
    for (const stop of stops) stop()
    await endPool()
    closeDb()
  })
})

/** Where nobody can come in as a keeper, whoever started it may: by a link that holds once, printed here and nowhere else. */
function sayFirstLink(): void {
  if (useRuntimeConfig().demo || (canBeKept(useDb()) && knowsItsDevices())) return
  try {
    const { code } = newCode(useDb(), { first: true })
    console.log(
      `Nobody keeps this shop yet. Open this once to name it and its first person: ${useRuntimeConfig().shopUrl.replace(/\/$/, '') || ownAddress()}/let-in#${code}`,
    )
  } catch (error) {
    console.error('The first link can not be made:', error)
  }
}

/** Once it answers, the logs of open jobs are read a few entries at a time: nobody waits longer than a slice. Beside it, one diagnosis is made for nobody, and `warm` says when. */
function warmUp(): { warm: Promise<void>; stop(): void } {
  const MOST = 4000
  const SLICE_MS = 6
  const PAUSE_MS = 10
  let ahead: Generator<void> | undefined
  let timer: NodeJS.Timeout
  const slice = (): void => {
    const until = performance.now() + SLICE_MS
    try {
      ahead ??= readAhead(useDb(), MOST)
      while (performance.now() < until) if (ahead.next().done) return
    } catch (error) {
      console.error('The logs of open jobs can not be read ahead:', error)
      return
    }
    timer = setTimeout(slice, PAUSE_MS).unref()
  }
  timer = setTimeout(slice, 400).unref()
  let thread: NodeJS.Timeout
  const warm = new Promise<void>(done => {
    thread = setTimeout(() => {
      void runAside('warm', {})
        .catch(error => console.error('The thread that judges can not be warmed:', error))
        .then(() => done())
    }, 200).unref()
  })
  return {
    warm,
    stop() {
      clearTimeout(timer)
      clearTimeout(thread)
    },
  }
}

/** Every page of the file is looked at once, aside, after the shop is open; the folder every few seconds. */
function watchStorage(): () => void {
  const check = setTimeout(() => {
    void runAside<string | null>('quickCheck', {})
      .then(fault => fault && foundDamaged(fault))
      .catch(() => undefined)
  }, 6000)
  const timer = setInterval(storageNow, 5000)
  check.unref()
  timer.unref()
  return () => {
    clearTimeout(check)
    clearInterval(timer)
  }
}

/** Ten minutes after the start, and each day from then on. */
function tidyDaily(): () => void {
  const tidy = (): void => {
    if (storageNow().refuses) return
    void runAside<string[]>('tidy', {}).catch(error => console.error("The folder can't be tidied:", error))
  }
  const first = setTimeout(tidy, 600_000)
  const timer = setInterval(tidy, 86_400_000)
  first.unref()
  timer.unref()
  return () => {
    clearTimeout(first)
    clearInterval(timer)
  }
}
