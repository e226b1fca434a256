import { mkdirSync } from 'node:fs'
import { holdFolder } from '../server/db/folderLock'
import { openDatabase, closeDatabase } from '../server/db/open'
import migrations from '#migrations'
import { drawPhotos } from './photos'
import { isEmpty, seedDemo } from './seed'

/** node seed.mjs <data folder>: puts the demo shop into an empty database and says what it did. */
const folder = process.argv[2]
if (!folder) throw new Error('Give the data folder.')
try {
  mkdirSync(folder, { recursive: true })
  const letGo = holdFolder(folder)
  const db = openDatabase(folder, migrations)
  const { jobs, entries } = seedDemo(db, new Date(), isEmpty(db) ? await drawPhotos(folder) : {})
  closeDatabase(db)
  letGo()
  if (jobs) console.log(`Seeded the demo shop: ${jobs} jobs, ${entries} entries.`)
} catch (error) {
  console.error(`Remedium can't start: ${(error as Error).message}`)
  process.exit(1)
}
