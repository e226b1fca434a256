import { spawnSync } from 'node:child_process'
import { join, resolve } from 'node:path'
import { bundle, ensureInstalled, findLitestream, root, stop } from './lib.mjs'

const args = process.argv.slice(2)
const given = { write: false, data: join(root, 'data/shop'), archive: '', replica: '', photos: '' }
for (let i = 0; i < args.length; i++) {
  if (args[i] === '--write') given.write = true
  else if (args[i] === '--data') given.data = args[++i] ?? stop('--data needs a folder.')
  else if (args[i] === '--replica') given.replica = args[++i] ?? stop('--replica needs a folder or s3://…')
  else if (args[i] === '--photos') given.photos = args[++i] ?? stop('--photos needs a folder.')
  else if (args[i].startsWith('--')) stop(`I don't know ${args[i]}. Use --data, --replica, --photos and --write.`)
  else given.archive = resolve(args[i])
}
ensureInstalled({ quiet: true })
const program = await bundle('scripts/restore.ts', ['server', 'core', 'shared'])
const { status } = spawnSync(
  process.execPath,
  [
    program,
    given.replica ? given.replica : given.archive,
    resolve(given.data),
    ...(given.write ? ['--write'] : []),
    ...(given.replica ? ['--litestream', findLitestream()] : []),
    ...(given.photos ? ['--photos', resolve(given.photos)] : []),
  ],
  { stdio: ['ignore', 'inherit', 'inherit'] },
)
process.exit(status ?? 1)
