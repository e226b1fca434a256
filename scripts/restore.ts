import { holdsWords, restore, RestoreError } from '../server/backup/restore'

/** node restore.mjs <archive> <folder> [--write]: what a backup holds, whether it is whole, and, with --write, put in its place. */
const [archive, folder, ...more] = process.argv.slice(2)
const write = more.includes('--write')
try {
  if (!archive || !folder)
    throw new RestoreError(
      'Say which backup, and into which empty folder: npm run restore -- <archive> --data <folder> [--write]',
    )
  const manifest = await restore(archive, folder, write)
  for (const line of holdsWords(manifest)) console.log(line)
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
