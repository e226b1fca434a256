import { checkPlace, ensureBuilt, ensureInstalled, serverOptions, serveUntilStopped } from './lib.mjs'

const options = serverOptions('data/shop')
ensureInstalled()
ensureBuilt()
await checkPlace(options)
await serveUntilStopped(options)
