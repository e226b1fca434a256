import { spawnSync } from 'node:child_process'
import { bundle, checkPlace, ensureBuilt, ensureInstalled, serverOptions, serveUntilStopped } from './lib.mjs'

const options = { ...serverOptions('data/demo'), demo: true }
ensureInstalled()
ensureBuilt()
await checkPlace(options)
const seed = await bundle('demo/main.ts', ['demo', 'core', 'shared', 'server'])
const seeded = spawnSync(process.execPath, [seed, options.data], { stdio: ['ignore', 'inherit', 'inherit'] })
if (seeded.status !== 0) process.exit(seeded.status ?? 1)
await serveUntilStopped(options)
