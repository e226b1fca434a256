import { spawnSync } from 'node:child_process'
import { bundle, ensureInstalled, serverOptions } from './lib.mjs'

// Nobody can come in any more: every device is gone, or the keeper's PIN is forgotten. Whoever has the folder may let himself in.
const { data, port, host } = serverOptions('data/shop')
ensureInstalled({ quiet: true })
const program = await bundle('scripts/letIn.ts', ['server', 'core', 'shared'])
const { status } = spawnSync(process.execPath, [program, data, `http://${host}:${port}`], {
  stdio: ['ignore', 'inherit', 'inherit'],
})
process.exit(status ?? 1)
