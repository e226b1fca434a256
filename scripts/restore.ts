import { restoreReplica } from '../server/backup/restoreReplica'
import { RestoreError } from '../server/backup/intoEmpty'
import { holdsWords, restore } from '../server/backup/restore'

/** node restore.mjs <archive> <folder> [--write]: what a backup holds, whether it is whole, and, with --write, put in its place. */
const [archive, folder, ...more] = process.argv.slice(2)
const write = more.includes('--write')
const after = (name: string): string | undefined => (more.includes(name) ? more[more.indexOf(name) + 1] : undefined)
const litestream = after('--litestream')
try {
  if (!archive || !folder)
    throw new RestoreError(
      'Say which backup, and into which empty folder: npm run restore -- <archive> --data <folder> [--write]',
    )
  if (litestream) {
    const found = await restoreReplica(litestream, archive, folder, write, after('--photos'))
    console.log(`A replica of ${found.jobs} jobs, ${found.entries} entries and ${found.photos} photos`)
    console.log(`  newest entry: ${found.lastEntryAt ?? 'none'}`)
    if (found.missing.length)
      console.log(`  ${found.missing.length} pictures never reached it: ${found.missing.slice(0, 5).join(', ')}`)
  } else for (const line of holdsWords(await restore(archive, folder, write))) console.log(line)
  console.log(
    write
      ? `Restored into ${folder}. Start it: npm start -- --data ${folder}`
      : `Every file is whole, and the database is sound. Nothing was written. To restore it into ${folder}, add --write.`,
  )
} catch (error) {
  if (!(error instanceof RestoreError)) throw error
  console.error(error.message)
  process.exit(1)
}
