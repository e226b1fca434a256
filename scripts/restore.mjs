import { spawnSync } from 'node:child_process'
import { join, resolve } from 'node:path'
import { bundle, ensureInstalled, root, stop } from './lib.mjs'

const args = process.argv.slice(2)
const given = { write: false, data: join(root, 'data/shop'), archive: '' }
for (let i = 0; i < args.length; i++) {
  if (args[i] === '--write') given.write = true
  else if (args[i] === '--data') given.data = args[++i] ?? stop('--data needs a folder.')
  else if (args[i].startsWith('--data=')) given.data = args[i].slice(7)
  else if (args[i].startsWith('--')) stop(`I don't know ${args[i]}. Use --data and --write.`)
  else given.archive = resolve(args[i])
}
ensureInstalled({ quiet: true })
const program = await bundle('scripts/restore.ts', ['server', 'core', 'shared'])
const { status } = spawnSync(
  process.execPath,
  [program, given.archive, resolve(given.data), ...(given.write ? ['--write'] : [])],
  { stdio: ['ignore', 'inherit', 'inherit'] },
)
process.exit(status ?? 1)
