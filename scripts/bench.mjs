import { bundle, ensureBuilt, ensureChromium, ensureInstalled } from './lib.mjs'

ensureInstalled()
ensureChromium()
ensureBuilt()
const { main } = await import(
  await bundle('bench/main.ts', ['bench', 'demo', 'core', 'shared', 'server', 'tests/vignettes', 'tests/server.ts'])
)
await main()
