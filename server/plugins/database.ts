import { judgedBy, keepHeads } from '../db/jobLines'
import { DataFolderError } from '../db/open'

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
  judgedBy(useRuntimeConfig().app.buildId)
  const stop = keepHeads(useDb())
  nitro.hooks.hook('close', () => {
    stop()
    closeDb()
  })
})
